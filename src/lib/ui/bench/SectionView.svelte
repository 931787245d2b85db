<script lang="ts">
  import { drawSection } from '$lib/core/draw'
  import { formatLength } from '$lib/core/units'
  import type { Bench } from './bench.svelte'
  import { step, type DragEvent, type DragState } from './drag'
  import HatchDefs from '../drawing/HatchDefs.svelte'
  import Labels from '../drawing/Labels.svelte'
  import { fitView, toScreen, toView } from '../drawing/layout'
  import Marks from '../drawing/Marks.svelte'

  let { bench }: { bench: Bench } = $props()
  let width = $state(234)
  const height = 186
  let svg: SVGSVGElement | undefined = $state(undefined)

  const view = $derived(drawSection(bench.scene, bench.stationMm, bench.people ? bench.liveJob.brief : undefined))
  const frame = $derived(fitView('section', width, height, view.bounds, 6))
  const unit = $derived(bench.liveJob.units)
  let drag: DragState = $state.raw({ name: 'idle' })

  function send(event: DragEvent): void {
    const result = step(drag, event)
    drag = result.state
    for (const effect of result.effects) bench.effect(effect, frame.scale)
  }
  /** Where the drawing lies while one drags: asking again at each step would lay the page out anew. */
  let held: DOMRect | undefined
  const local = (event: PointerEvent, box: DOMRect) => [event.clientX - box.left, event.clientY - box.top] as const
  function onpointerdown(event: PointerEvent): void {
    const group = (event.target as Element).closest<SVGGElement>('[data-fitting]')
    if (event.button !== 0 || group === null) return
    svg!.setPointerCapture(event.pointerId)
    held = svg!.getBoundingClientRect()
    const screen = local(event, held)
    send({ name: 'press', id: group.dataset.fitting!, view: 'section', at: toView(frame, screen), screen })
  }
  function onpointermove(event: PointerEvent): void {
    if (drag.name === 'idle' || held === undefined) return
    const screen = local(event, held)
    send({ name: 'move', at: toView(frame, screen), screen, free: event.ctrlKey || event.metaKey })
  }
  function onpointerup(): void {
    if (drag.name !== 'idle') send({ name: 'release' })
  }

  /** The free height above or below what is in hand, if the section cuts it. */
  const chosen = $derived(
    bench.selected !== undefined &&
      bench.selected.bounds.x.min <= bench.stationMm &&
      bench.selected.bounds.x.max >= bench.stationMm
      ? bench.selected
      : undefined,
  )
  const ceiling = $derived(bench.tape.find(({ id }) => id === 'ceiling'))
</script>

<div bind:clientWidth={width}>
  <svg
    bind:this={svg}
    {width}
    {height}
    class="block touch-none select-none"
    role="img"
    aria-label="Section at {formatLength(bench.stationMm, unit)} {unit} from the rear sill, seen from behind"
    {onpointerdown}
    {onpointermove}
    {onpointerup}
    onpointercancel={onpointerup}
  >
    <HatchDefs />
    {#each view.groups as group (group.key)}
      <g data-fitting={group.fittingId} class={group.fittingId === undefined ? '' : 'cursor-grab'}
        ><Marks items={group.items} {frame} /></g
      >
    {/each}
    <Labels items={view.groups.flatMap(({ items }) => items)} {frame} />
    {#if chosen !== undefined}
      {@const low = toScreen(frame, [-chosen.bounds.y.max, chosen.bounds.z.min])}
      {@const high = toScreen(frame, [-chosen.bounds.y.min, chosen.bounds.z.max])}
      <rect
        x={low[0]}
        y={high[1]}
        width={high[0] - low[0]}
        height={low[1] - high[1]}
        fill="none"
        stroke="var(--pencil)"
        stroke-width="2"
        class="pointer-events-none"
      />
      {#if ceiling !== undefined && ceiling.mm > 150}
        {@const x = (low[0] + high[0]) / 2}
        {@const top = toScreen(frame, [0, chosen.bounds.z.max + ceiling.mm])[1]}
        <g class="pointer-events-none">
          <path
            d="M{x} {high[1]}V{top}M{x - 3} {high[1] + 3}l6 -6M{x - 3} {top + 3}l6 -6"
            stroke="var(--pencil)"
            fill="none"
          />
          <text {x} dx="5" y={(high[1] + top) / 2} class="figure">{formatLength(ceiling.mm, unit)}</text>
        </g>
      {/if}
    {/if}
  </svg>
</div>

<style>
  .figure {
    fill: var(--pencil);
    font-size: 12px;
    font-weight: 600;
    paint-order: stroke;
    stroke: var(--sheet);
    stroke-width: 3px;
  }
</style>
