<script lang="ts">
  import {
    cabSeatItems,
    coveredGroups,
    gearItems,
    type Item,
    type LabelBox,
    paintOrder,
    seenFigures,
    shellPlan,
    shellSide,
    VIEW_TITLES,
  } from '$lib/core/draw'
  import type { Placed } from '$lib/core/scene'
  import { fittingName } from '$lib/core/text'
  import { formatLength } from '$lib/core/units'
  import type { Bench } from './bench.svelte'
  import { groupOf, shownAs, type Along } from './kept-groups'
  import Labels from '../drawing/Labels.svelte'
  import { toScreen, type ViewFrame } from '../drawing/layout'
  import Marks from '../drawing/Marks.svelte'
  import { titleOf } from './titles'

  interface Props {
    bench: Bench
    view: Along
    frame: ViewFrame
    /** What names keep clear of, in pixels. */
    kept: readonly LabelBox[]
    onfocused: (id: string) => void
  }
  let { bench, view, frame, kept, onfocused }: Props = $props()

  const unit = $derived(bench.session.job.units)
  const scene = $derived(bench.standing)
  const shell = $derived(view === 'plan' ? shellPlan(scene.interior) : shellSide(scene.interior, view))
  const seats = $derived(cabSeatItems(scene.interior.shell, view, scene.turned))
  const painted = $derived(paintOrder(scene, view).filter((placed) => groupOf(placed, view, bench.interior) !== null))
  const covered = $derived(view === 'plan' ? coveredGroups(scene) : [])
  const figures = $derived(bench.carrying ? [] : seenFigures(scene, bench.session.job.brief, view, bench.people))
  const groupFor = (placed: Placed) => groupOf(placed, view, bench.interior, shownAs(placed, bench.openIds))
  /** What is painted with its marks. Made anew only where something is: what a hand does each frame touches none of it. */
  const rows = $derived(
    painted.map((placed) => ({
      placed,
      items: groupFor(placed)!.items,
      isLifted: bench.lifted.includes(placed.id),
      under: figures.flatMap((figure) => (figure.under === placed.id ? figure.items : [])),
    })),
  )
  const onTop = $derived(figures.flatMap(({ under, items }) => (painted.some(({ id }) => id === under) ? [] : items)))
  const NO_ITEMS: readonly Item[] = []
  const isSeen = $derived(bench.selected !== undefined && groupOf(bench.selected, view, bench.interior) !== null)
  /** The client’s gear in what is in hand, by its name; names do not follow each step of a hand. */
  const gear = $derived(isSeen && bench.checked.gear.length > 0 ? gearItems(bench.checked.gear, view) : NO_ITEMS)
  const names = $derived([
    ...rows.flatMap(({ items, isLifted }) => (isLifted ? [] : items)),
    ...covered.flatMap(({ items }) => items),
    ...gear,
  ])

  const title = $derived(titleOf(frame, bench.stationMm))
  const clearOf = $derived([...kept, title.box])
  const sheets = $derived(
    bench.paper.drawn.flatMap(([id, one]) => (one.kind === 'sheet' && one.view === view ? [[id, one] as const] : [])),
  )

  const describe = (placed: Placed): string => {
    const { x, y } = placed.bounds
    return `${fittingName(placed.fitting)}, ${formatLength(x.max - x.min, unit)} by ${formatLength(y.max - y.min, unit)} ${unit}, ${formatLength(x.min, unit)} from the rear sill`
  }
</script>

<g data-view={view} data-testid="view-{view}">
  <text x={title.x} y={title.y} class="view-title">{VIEW_TITLES[view]}</text>
  <Marks items={shell.items} {frame} />
  <Marks items={seats} {frame} />
  {#each sheets as [id, sheet] (id)}
    {@const moved =
      bench.paper.tool?.kind === 'sheet-move' && bench.paper.tool.id === id ? bench.paper.moved : undefined}
    {@const [x, y] = toScreen(frame, [sheet.at[0] + (moved?.[0] ?? 0), sheet.at[1] + sheet.highMm + (moved?.[1] ?? 0)])}
    <image
      href="/api/jobs/{bench.session.id}/photos/{sheet.photo}"
      {x}
      {y}
      width={sheet.wideMm * frame.scale}
      height={sheet.highMm * frame.scale}
      preserveAspectRatio="none"
      class="sheet"
      data-testid="sheet"
    />
  {/each}
  {#each rows as { placed, items, isLifted, under } (placed.id)}
    {#if under.length > 0}<g class="pointer-events-none"><Marks items={under} {frame} /></g>{/if}
    <g
      data-fitting={placed.id}
      data-view={view}
      data-testid="{view}-{placed.id}"
      role="button"
      tabindex={view === 'plan' ? 0 : -1}
      aria-label={describe(placed)}
      aria-pressed={placed.id === bench.selectedId}
      class={['fitting', isLifted && 'lifted']}
      onfocus={() => onfocused(placed.id)}
    >
      <title>{fittingName(placed.fitting)}</title>
      <Marks {items} {frame} />
    </g>
  {/each}
  <g class="pointer-events-none">
    {#each covered as group (group.key)}<Marks items={group.items} {frame} />{/each}
    <Marks items={onTop} {frame} />
    <Labels items={names} {frame} kept={clearOf} numbers={bench.numbers} />
  </g>
</g>

<style>
  .view-title {
    font-size: 11px;
    font-weight: 600;
    letter-spacing: 0.04em;
    fill: var(--ink-2);
    text-transform: uppercase;
  }
  .sheet {
    opacity: 0.45;
    pointer-events: none;
  }
  .fitting {
    cursor: grab;
    outline: none;
  }
  /* A finger leaves no hover behind. */
  @media (hover: hover) {
    .fitting:hover :global(path),
    .fitting:hover :global(circle) {
      stroke: var(--pencil);
    }
  }
  .fitting:focus-visible :global(path) {
    stroke: var(--pencil);
    stroke-width: 1.6;
  }
  /* Where it was taken from stays faintly there while it is carried. */
  .lifted {
    opacity: 0.25;
  }
</style>
