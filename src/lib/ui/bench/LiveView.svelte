<script lang="ts">
  import { clearanceItems, figureItems, gearItems } from '$lib/core/draw'
  import { SNAP_WORDS } from '$lib/core/text'
  import type { Placed } from '$lib/core/scene'
  import type { Bench } from './bench.svelte'
  import { groupOf, shownAs, type Along } from './kept-groups'
  import Labels from '../drawing/Labels.svelte'
  import { frameHeight, toScreen, type ViewFrame } from '../drawing/layout'
  import Marks from '../drawing/Marks.svelte'

  interface Props {
    bench: Bench
    view: Along
    frame: ViewFrame
    /** Width of the whole drawing in pixels. */
    width: number
  }
  let { bench, view, frame, width }: Props = $props()

  const carried = $derived(
    bench.scene.placed.flatMap((placed) => {
      const group = bench.lifted.includes(placed.id)
        ? groupOf(placed, view, bench.interior, shownAs(placed, bench.openIds))
        : null
      return group === null ? [] : [group]
    }),
  )
  /** While something is carried they follow it, over all else. */
  const figures = $derived(bench.carrying ? figureItems(bench.scene, bench.liveJob.brief, view, bench.people) : [])
  const chosen = $derived(
    bench.selected !== undefined && groupOf(bench.selected, view, bench.interior) !== null ? bench.selected : undefined,
  )
  const gear = $derived(chosen === undefined ? [] : gearItems(bench.checked.gear, view))
  /** The frame round a fitting, in pixels. */
  const frameOf = ({ bounds: { x, y, z } }: Placed) => {
    const v = view === 'plan' ? y : z
    const [x0, y0] = toScreen(frame, [x.min, v.max])
    const [x1, y1] = toScreen(frame, [x.max, v.min])
    return { x: x0, y: y0, w: x1 - x0, h: y1 - y0 }
  }
  const box = $derived(chosen === undefined ? undefined : frameOf(chosen))
  /** What else is in hand. */
  const others = $derived(
    bench.scene.placed.filter(
      (placed) => bench.also.includes(placed.id) && groupOf(placed, view, bench.interior) !== null,
    ),
  )
  const snaps = $derived(
    bench.snaps.filter(({ axis, to }) => to.kind !== 'round' && (axis === 'x' || (axis === 'y') === (view === 'plan'))),
  )
  const snapWords = (to: (typeof bench.snaps)[number]['to']): string =>
    to.kind === 'neighbour' || to.kind === 'hollow'
      ? `${SNAP_WORDS[to.kind]} ${bench.names.fitting(to.id)}`.trim()
      : to.kind === 'arch'
        ? bench.names.part(to.id)
        : SNAP_WORDS[to.kind]
</script>

{#each carried as group (group.key)}<Marks items={group.items} {frame} />{/each}
<Marks items={figures} {frame} />
<Labels items={carried.flatMap(({ items }) => items)} {frame} />
{#if chosen !== undefined && box !== undefined}
  <g class="pencil"><Marks items={clearanceItems(chosen, view)} {frame} /></g>
  <g class="pencil"><Marks items={gear} {frame} /></g>
  <rect x={box.x} y={box.y} width={box.w} height={box.h} class="selection" />
{/if}
{#each others as placed (placed.id)}
  {@const { x, y, w, h } = frameOf(placed)}
  <rect {x} {y} width={w} height={h} class="also" />
{/each}
{#each snaps as snap (snap.axis)}
  {#if snap.axis === 'x'}
    {@const at = toScreen(frame, [snap.atMm, 0])[0]}
    <path d="M{at} {frame.top}V{frame.top + frameHeight(frame)}" class="snap" />
    {#if view === 'plan'}<text x={at + 4} y={frame.top + frameHeight(frame) - 4} class="snap-word"
        >{snapWords(snap.to)}</text
      >{/if}
  {:else}
    {@const at = toScreen(frame, [0, snap.atMm])[1]}
    <path d="M{frame.left} {at}H{width - 20}" class="snap" />
    <text x={width - 22} y={at - 4} text-anchor="end" class="snap-word">{snapWords(snap.to)}</text>
  {/if}
{/each}

<style>
  .selection {
    fill: none;
    stroke: var(--pencil);
    stroke-width: 2;
  }
  .also {
    fill: none;
    stroke: var(--pencil);
    stroke-width: 1.4;
    stroke-dasharray: 5 3;
  }
  .pencil :global(path) {
    stroke: var(--pencil);
  }
  .snap {
    stroke: var(--pencil);
    stroke-width: 1;
    stroke-dasharray: 2 2;
    fill: none;
  }
  .snap-word {
    fill: var(--pencil);
    font-size: 11px;
    font-stretch: 84%;
    paint-order: stroke;
    stroke: var(--sheet);
    stroke-width: 3px;
  }
</style>
