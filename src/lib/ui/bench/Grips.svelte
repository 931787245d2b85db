<script lang="ts">
  import { cornersIn } from '$lib/core/draw'
  import type { Bench } from './bench.svelte'
  import { toScreen, type ViewFrame } from '../drawing/layout'

  let { bench, frame }: { bench: Bench; frame: ViewFrame } = $props()

  const placed = $derived(bench.also.length === 0 ? bench.selected : undefined)
  const corners = $derived(placed === undefined ? [] : cornersIn(frame.id, placed))
  /** An edge shorter than this has its corners only: there is no room for its middle. */
  const ROOM_PX = 34
  const isRoomy = (u: number, v: number): boolean => {
    if (placed === undefined || (u !== 0 && v !== 0)) return true
    const { x, y, z } = placed.bounds
    const [along, up] = frame.id === 'section' ? [y, z] : [x, frame.id === 'plan' ? y : z]
    const edge = u === 0 ? along : up
    const hasCorners = corners.some((one) => one.u !== 0 && one.v !== 0 && (one.u === u || one.v === v))
    return !hasCorners || (edge.max - edge.min) * frame.scale >= ROOM_PX
  }
  /** What a hand can take it by: more outside the thing than in, so that a small one can still be taken by its middle. */
  const OUTER_PX = 14
  const INNER_PX = { least: 2, most: 10 }
  function reachOf(u: number, v: number): { x0: number; y0: number; w: number; h: number } {
    const { x, y, z } = placed!.bounds
    const [along, up] = frame.id === 'section' ? [y, z] : [x, frame.id === 'plan' ? y : z]
    const inner = ({ min, max }: { min: number; max: number }) =>
      Math.min(INNER_PX.most, Math.max(INNER_PX.least, ((max - min) * frame.scale) / 5))
    const side = (end: number, span: { min: number; max: number }): readonly [number, number] =>
      end === 0 ? [-12, 24] : end > 0 ? [-inner(span), inner(span) + OUTER_PX] : [-OUTER_PX, OUTER_PX + inner(span)]
    const [x0, w] = side(u, along)
    const [y0, h] = side(-v, up)
    return { x0, y0, w, h }
  }
  const CURSORS = { '1 0': 'ew', '-1 0': 'ew', '0 1': 'ns', '0 -1': 'ns', '1 1': 'nesw', '-1 -1': 'nesw' } as const
  const cursor = (u: number, v: number): string =>
    `${(CURSORS as Readonly<Record<string, string>>)[`${u} ${v}`] ?? 'nwse'}-resize`
</script>

{#each corners.filter(({ u, v }) => isRoomy(u, v)) as { at, u, v } (`${u} ${v}`)}
  {@const [x, y] = toScreen(frame, at)}
  {@const reach = reachOf(u, v)}
  <g data-grip="{u} {v}" data-view={frame.id} data-testid="grip-{frame.id}" style:cursor={cursor(u, v)} class="grip">
    <rect x={x + reach.x0} y={y + reach.y0} width={reach.w} height={reach.h} class="reach" />
    <rect x={x - 4} y={y - 4} width="8" height="8" class="square" />
  </g>
{/each}

<style>
  .grip {
    pointer-events: auto;
  }
  .reach {
    fill: transparent;
  }
  /* A finger needs more to hit. */
  @media (pointer: coarse) {
    .reach {
      stroke: transparent;
      stroke-width: 16;
    }
  }
  .square {
    fill: var(--sheet);
    stroke: var(--pencil);
    stroke-width: 1.5;
    pointer-events: none;
  }
</style>
