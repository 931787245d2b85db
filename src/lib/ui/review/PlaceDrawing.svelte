<script lang="ts">
  import { drawSection, drawView, ghostOf, placedFigures, type ItemGroup, type ViewId, wholeOf } from '$lib/core/draw'
  import type { Figure } from '$lib/core/job'
  import type { Placed, Scene } from '$lib/core/scene'
  import { formatLength } from '$lib/core/units'
  import HatchDefs from '../drawing/HatchDefs.svelte'
  import Labels from '../drawing/Labels.svelte'
  import { fitView, toScreen, type ViewFrame } from '../drawing/layout'
  import Marks from '../drawing/Marks.svelte'
  import { GRAVITY_SHAPES } from '../parts/gravity-shapes'
  import type { Desk } from './desk.svelte'
  import { frameOn, windowOf } from './place'

  let { desk }: { desk: Desk } = $props()

  let width = $state(900)
  let height = $state(400)
  const SECTION_SHARE = 0.36
  const TITLE_PX = 22
  /** The mark stands so far over its place, that the name of the thing below stays readable. */
  const PIN_PX = 24

  const finding = $derived(desk.chosen?.finding)
  const brief = $derived(desk.session.job.brief)
  const unit = $derived(desk.session.job.units)
  const scene = $derived(desk.after ?? desk.scene)
  const ghost = $derived(finding === undefined ? undefined : ghostOf(desk.scene, brief, finding))
  /** The scene with no figures but the one in trouble. */
  const haunted: Scene | undefined = $derived(ghost === undefined ? undefined : withOnly(scene, ghost))
  const stationMm = $derived(
    finding === undefined
      ? (scene.interior.xSpan.min + scene.interior.xSpan.max) / 2
      : Math.min(
          scene.interior.xSpan.max - 1,
          Math.max(scene.interior.xSpan.min + 1, ghost?.at[0] ?? finding.place[0]),
        ),
  )
  const plan = $derived(wholeOf(drawView(scene, 'plan')))
  const section = $derived(drawSection(scene, stationMm))
  const planWidth = $derived(Math.round(width * (1 - SECTION_SHARE)))
  const planFrame = $derived(
    frameOn('plan', planWidth, height - TITLE_PX, windowOf(desk.scene, finding, plan.bounds), 16),
  )
  const sectionFrame = $derived(fitView('section', width - planWidth, height - TITLE_PX, section.bounds, 16))

  function withOnly(of: Scene, figure: Figure): Scene {
    return { ...of, figures: { ghost: figure } }
  }

  /** What a way out that is looked at moves: where it stood before. */
  const moved = $derived.by((): readonly Placed[] => {
    if (desk.after === undefined) return []
    const now = new Map(desk.after.placed.map((placed) => [placed.id, JSON.stringify(placed.bounds)]))
    return desk.scene.placed.filter(({ id, bounds }) => now.get(id) !== JSON.stringify(bounds))
  })

  const outline = ({ bounds: { x, y } }: Placed, frame: ViewFrame): string => {
    const [left, top] = toScreen(frame, [x.min, y.max])
    const [right, foot] = toScreen(frame, [x.max, y.min])
    return `M${left} ${top}H${right}V${foot}H${left}Z`
  }
  const at = (frame: ViewFrame, view: ViewId): readonly [number, number] => {
    const [x, y, z] = finding!.place
    const [px, py] = toScreen(frame, view === 'plan' ? [x, y] : [-y, z])
    return [px, py]
  }
  const way = $derived(
    finding !== undefined && (finding.code === 'way-narrow' || finding.code === 'way-shut') ? finding.facts.path : [],
  )
</script>

{#snippet pane(
  view: ViewId,
  { groups }: { readonly groups: readonly ItemGroup[] },
  frame: ViewFrame,
  wide: number,
  about: string,
)}
  <svg width={wide} height={height - TITLE_PX} class="block" role="img" aria-label={about}>
    <HatchDefs />
    {#each groups as group (group.key)}
      <g class={finding !== undefined && finding.fittings.includes(group.fittingId ?? '') ? 'spoken' : ''}
        ><Marks items={group.items} {frame} /></g
      >
    {/each}
    {#if haunted !== undefined}
      {@const figures = placedFigures(haunted, brief, view, stationMm)}
      <g class="ghost" data-testid="ghost-{view}"><Marks items={figures.items} {frame} /></g>
    {/if}
    {#if view === 'plan'}
      {#if way.length > 0}
        <path class="way" d="M{way.map((point) => toScreen(frame, point).join(' ')).join('L')}" />
      {/if}
      {#each moved as placed (placed.id)}<path class="was" d={outline(placed, frame)} />{/each}
      <path class="station" d="M{toScreen(frame, [stationMm, 0])[0]} 0V{height - TITLE_PX}" />
    {/if}
    {#if finding !== undefined}
      {@const [x, y] = at(frame, view)}
      <g class="pointer-events-none" transform="translate({x} {y})">
        <path class="pin" d="M0 0V-{PIN_PX}" /><circle class="pin" r="2" />
        <path
          transform="translate(0 {-PIN_PX})"
          d={GRAVITY_SHAPES[finding.gravity].d}
          fill={GRAVITY_SHAPES[finding.gravity].fill}
          stroke="var(--sheet)"
          stroke-width="1.5"
          paint-order="stroke"
        />
      </g>
    {/if}
    <Labels items={groups.flatMap(({ items }) => items)} {frame} />
  </svg>
{/snippet}

<div
  class="relative flex h-full w-full overflow-hidden bg-sheet"
  bind:clientWidth={width}
  bind:clientHeight={height}
  data-testid="place-drawing"
>
  <figure style:width="{planWidth}px">
    <figcaption class="flex h-[1.5714rem] items-end justify-between px-4 caps">
      <span>Plan{desk.chosen === undefined ? '' : `, ${desk.names.mode(scene.modeId)}`}</span>
      {#if desk.after !== undefined}<span class="text-pencil">as it would be</span>{/if}
    </figcaption>
    {@render pane('plan', plan, planFrame, planWidth, 'The plan round the place of the finding')}
  </figure>
  <figure class="border-l border-line" style:width="{width - planWidth}px">
    <figcaption class="flex h-[1.5714rem] items-end px-4 caps">
      Section at {formatLength(stationMm, unit)}, seen from behind
    </figcaption>
    {@render pane('section', section, sectionFrame, width - planWidth, 'Section through the place of the finding')}
  </figure>
</div>

<style>
  .pin {
    fill: var(--ink);
    stroke: var(--ink);
    stroke-width: 1.2;
  }
  .spoken :global(path),
  .spoken :global(circle) {
    stroke: var(--pencil);
  }
  .ghost :global(path),
  .ghost :global(circle) {
    stroke: var(--stop);
    stroke-width: 1.2;
  }
  .was {
    fill: none;
    stroke: var(--ink-2);
    stroke-dasharray: 5 4;
  }
  .way {
    fill: none;
    stroke: var(--caution);
    stroke-width: 1.4;
    stroke-dasharray: 5 4;
  }
  .station {
    stroke: var(--pencil);
    stroke-width: 0.7;
    stroke-dasharray: 12 3 2 3;
    opacity: 0.7;
  }
</style>
