<script lang="ts">
  import type { D3ZoomEvent, ZoomBehavior } from 'd3-zoom'
  import { nextBelow, planBounds, sideBounds, thingsAt, type ViewId } from '$lib/core/draw'
  import type { Vec2 } from '$lib/core/geometry'
  import { sayMove } from '$lib/core/text'
  import type { Bench } from './bench.svelte'
  import { step, type DragEvent, type DragState } from './drag'
  import FigureHandles from './FigureHandles.svelte'
  import FindingMarks from './FindingMarks.svelte'
  import HatchDefs from '../drawing/HatchDefs.svelte'
  import { groupOf, type Along } from './kept-groups'
  import { frameHeight, toView, unfold, type ViewFrame } from '../drawing/layout'
  import LiveView from './LiveView.svelte'
  import StandingView from './StandingView.svelte'
  import StationLine from './StationLine.svelte'

  let { bench }: { bench: Bench } = $props()

  let width = $state(800)
  let height = $state(680)
  let canvas: HTMLDivElement | undefined = $state(undefined)
  const transform = $derived(bench.zoom)

  const frames = $derived(
    unfold(width, height, planBounds(bench.interior), sideBounds(bench.interior)).map((frame): ViewFrame => ({
      ...frame,
      scale: frame.scale * transform.k,
      left: frame.left * transform.k + transform.x,
      top: frame.top * transform.k + transform.y,
    })),
  )
  const frameOf = (id: ViewId): ViewFrame => frames.find((frame) => frame.id === id)!

  let drag: DragState = $state.raw({ name: 'idle' })
  let active: Along = 'plan'
  let pressedThing = false

  function send(event: DragEvent): void {
    const result = step(drag, event)
    drag = result.state
    for (const effect of result.effects) bench.effect(effect, frameOf(active).scale)
  }

  /** Where the drawing lies: asking at each step of a drag would lay the page out anew each time. */
  let box: Readonly<{ left: number; top: number }> = { left: 0, top: 0 }
  $effect(() => {
    if (canvas !== undefined && width > 0 && height > 0) box = canvas.getBoundingClientRect()
  })
  const local = (event: { clientX: number; clientY: number }): Vec2 => [
    event.clientX - box.left,
    event.clientY - box.top,
  ]

  function onpointerdown(event: PointerEvent): void {
    // what waits in hand is put down where the pointer is let go
    if (bench.waiting !== undefined) return
    if (event.button !== 0 || canvas === undefined) return
    const target = event.target as Element
    pressedThing = target.closest('[data-fitting], [data-station], [data-mark], button') !== null
    if (target.closest('[data-station]') !== null) {
      active = 'plan'
      canvas.setPointerCapture(event.pointerId)
      return send({ name: 'press-station' })
    }
    const group = target.closest<SVGGElement>('[data-fitting]')
    if (group === null) return
    active = group.dataset.view as Along
    canvas.setPointerCapture(event.pointerId)
    const screen = local(event)
    const id = group.dataset.fitting!
    send({
      name: 'press',
      id,
      view: active,
      at: toView(frameOf(active), screen),
      screen,
      add: event.shiftKey,
      held: bench.also.length > 0 && bench.inHand.includes(id),
      below: bench.also.length === 0 && bench.selectedId === id ? below(id, screen) : undefined,
    })
    group.focus({ preventScroll: true })
    event.preventDefault()
  }

  /** What lies under a thing at a point of the screen, the next larger: what another covers, is inside it, under the floor or on the roof. */
  function below(id: string, screen: Vec2): string | undefined {
    const frame = frameOf(active)
    const drawn = new Set(
      bench.scene.placed.flatMap((placed) => (groupOf(placed, active, bench.interior) === null ? [] : [placed.id])),
    )
    const under = thingsAt(bench.scene, active, toView(frame, screen), NEAR_PX / frame.scale)
    return nextBelow(
      under.filter((one) => drawn.has(one)),
      id,
    )
  }
  const NEAR_PX = 2

  function onpointermove(event: PointerEvent): void {
    if (drag.name === 'idle') return
    const screen = local(event)
    send({ name: 'move', at: toView(frameOf(active), screen), screen, free: event.ctrlKey || event.metaKey })
  }

  function onpointerup(): void {
    if (drag.name !== 'idle') send({ name: 'release' })
  }

  export function cancel(): boolean {
    if (drag.name !== 'dragging') return false
    send({ name: 'escape' })
    return true
  }

  /** The view under a point of the window, and where in it. */
  export function viewAt(event: {
    clientX: number
    clientY: number
  }): { view: ViewId; at: Vec2; scale: number } | undefined {
    if (canvas === undefined) return undefined
    const [px, py] = local(event)
    if (px < 0 || py < 0 || px > width || py > height) return undefined
    const frame = frames.find((one) => py >= one.top - 10 && py <= one.top + frameHeight(one) + 10)
    return frame === undefined ? undefined : { view: frame.id, at: toView(frame, [px, py]), scale: frame.scale }
  }

  let zoomer: ZoomBehavior<HTMLDivElement, unknown> | undefined = $state.raw(undefined)
  let whole: (() => void) | undefined
  export const fit = (): void => whole?.()

  /** Zooming is no part of opening a plan: its tools come when a hand first reaches the drawing. */
  let reached = false
  async function reach(): Promise<void> {
    if (reached || canvas === undefined) return
    reached = true
    const own = canvas
    const [{ select }, { zoom, zoomIdentity }] = await Promise.all([import('d3-selection'), import('d3-zoom')])
    const made = zoom<HTMLDivElement, unknown>()
      .scaleExtent([1, 8])
      .filter((event: Event) => {
        if (event.type === 'wheel') return true
        const target = event.target as Element
        const onThing = target.closest('[data-fitting], [data-station], [data-mark], button') !== null
        return !onThing && (event as MouseEvent).button === 0
      })
      .on('zoom', (event: D3ZoomEvent<HTMLDivElement, unknown>) => (bench.zoom = event.transform))
    select(own).call(made)
    // the drawing may have been magnified already, by the address
    const { k, x, y } = bench.zoom
    select(own).call(made.transform, zoomIdentity.translate(x, y).scale(k))
    whole = () => void select(own).call(made.transform, zoomIdentity)
    zoomer = made
  }

  $effect(() => {
    zoomer?.translateExtent([
      [-40, -40],
      [width + 40, height + 40],
    ])
  })

  /** With the pointer captured, a click is the drawing’s own wherever it was pressed: what counts is where that was. */
  function onclick(event: MouseEvent): void {
    if (!event.defaultPrevented && !pressedThing) send({ name: 'press-nothing' })
  }

  /** Focus that comes by a press selects on its own. */
  function onfocused(id: string): void {
    if (drag.name === 'idle' && !bench.inHand.includes(id)) bench.select(id)
  }
</script>

<!-- Two sheets: what stands still below, what follows the hand above, so that a move repaints no more than it moves. -->
<!-- svelte-ignore a11y_no_noninteractive_element_interactions, a11y_click_events_have_key_events -->
<div
  bind:this={canvas}
  class="relative h-full w-full touch-none overflow-hidden select-none {drag.name === 'dragging'
    ? 'cursor-grabbing'
    : ''}"
  bind:clientWidth={width}
  bind:clientHeight={height}
  role="group"
  aria-label="The vehicle unfolded: left wall, plan, right wall"
  onpointerenter={reach}
  {onpointerdown}
  {onpointermove}
  {onpointerup}
  onpointercancel={onpointerup}
  {onclick}
>
  <svg {width} {height} class="sheet">
    <HatchDefs />
    {#each frames as frame (frame.id)}
      <StandingView {bench} view={frame.id as Along} {frame} {onfocused} />
    {/each}
  </svg>
  <svg {width} {height} class="sheet pointer-events-none">
    {#each frames as frame (frame.id)}
      <LiveView {bench} view={frame.id as Along} {frame} {width} />
    {/each}
    <FigureHandles {bench} frame={frameOf('plan')} />
    <StationLine {bench} frame={frameOf('plan')} {width} {height} />
    <FindingMarks {bench} {frames} />
  </svg>
  {#if transform.k > 1.01}
    <button class="absolute right-3 bottom-2 bg-sheet px-1 act text-sm" onclick={fit}>Whole vehicle</button>
  {/if}
  {#if bench.felt.length > 0}
    {@const worse = bench.felt.filter(({ change }) => change === 'worse').length}
    <p
      class="pointer-events-none absolute bottom-2 left-1/2 flex -translate-x-1/2 gap-4 border border-ink bg-sheet px-3 py-1 text-sm"
      data-testid="felt"
    >
      {#if worse > 0}<b class="font-semibold text-stop">{worse} worse</b>{/if}
      {#if worse < bench.felt.length}<b class="font-semibold text-good">{bench.felt.length - worse} better</b>{/if}
    </p>
  {/if}
  {#if bench.playing !== undefined}
    <p
      class="absolute bottom-2 left-1/2 flex -translate-x-1/2 gap-4 border border-ink bg-sheet px-3 py-1 text-sm"
      role="status"
      data-testid="playing"
    >
      <span class="text-ink-2">{bench.playing.number} of {bench.playing.of}</span>
      <b class="font-semibold">{sayMove(bench.playing.move, bench.session.job, bench.names)}</b>
      <button class="act" onclick={() => bench.stopPlaying()}>Stop</button>
    </p>
  {/if}
  {#if bench.scene.placed.length === 0}
    <p
      class="pointer-events-none absolute top-1/2 left-1/2 w-72 -translate-x-1/2 -translate-y-1/2 border border-ink bg-sheet p-3 text-center text-sm"
    >
      Nothing here yet. Drag the biggest demand from the left onto the drawing, or press <b>/</b> and type what you are looking
      for.
    </p>
  {/if}
</div>

<style>
  .sheet {
    position: absolute;
    inset: 0;
    will-change: transform;
  }
</style>
