<script lang="ts">
  import type { D3ZoomEvent, ZoomBehavior } from 'd3-zoom'
  import { handDimensions, viewExtent, planBounds, sideBounds, type LabelBox, type ViewId } from '$lib/core/draw'
  import type { Vec2 } from '$lib/core/geometry'
  import { sayMove } from '$lib/core/text'
  import type { Bench } from './bench.svelte'
  import FigureHandles from './FigureHandles.svelte'
  import type Marked from './FindingMarks.svelte'
  import Grips from './Grips.svelte'
  import HandFigures from './HandFigures.svelte'
  import HatchDefs from '../drawing/HatchDefs.svelte'
  import { groupOf, type Along } from './kept-groups'
  import { toScreen, unfold, type ViewFrame } from '../drawing/layout'
  import type Paper from './PaperLayer.svelte'
  import LiveView from './LiveView.svelte'
  import { boxOfMark, placeMarks } from './marks'
  import { NO_MARKS, paperMarks } from './paper-marks'
  import { keptIn, MARGIN_PX, MOST_ZOOM, WHOLE, type Zoom } from './place'
  import { Pointing } from './pointing.svelte'
  import StandingView from './StandingView.svelte'
  import StationLine from './StationLine.svelte'
  import { titleOf } from './titles'
  import { boxRound, writeFigures } from './written'

  interface Props {
    bench: Bench
    onmenu: (at: Vec2, here: readonly string[]) => void
  }
  let { bench, onmenu }: Props = $props()

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

  const pointing = new Pointing({
    bench: () => bench,
    element: () => canvas,
    frames: () => frames,
    zoom: { now: () => bench.zoom, size: () => [width, height], to: magnify },
    onmenu: (at, here) => onmenu(at, here),
  })
  $effect(() => {
    if (width > 0 && height > 0) pointing.measure()
  })

  /** Where a fitting lies in the window. */
  export function middleOf(id: string | undefined): Vec2 | undefined {
    const bounds = bench.scene.placed.find((one) => one.id === id)?.bounds
    const box = canvas?.getBoundingClientRect()
    if (bounds === undefined || box === undefined) return undefined
    const [x, y] = toScreen(frameOf('plan'), [(bounds.x.min + bounds.x.max) / 2, (bounds.y.min + bounds.y.max) / 2])
    return [box.left + x, box.top + y]
  }
  export const planScale = (): number => frameOf('plan').scale
  export const cancel = (): boolean => pointing.escape()
  export const viewAt = (event: { clientX: number; clientY: number }) => pointing.viewAt(event)

  let zoomer: ZoomBehavior<HTMLDivElement, unknown> | undefined = $state.raw(undefined)
  let zoomTo: ((zoom: Zoom) => void) | undefined
  function magnify(zoom: Zoom): void {
    if (zoomTo === undefined) bench.zoom = zoom
    else zoomTo(zoom)
  }
  export const fit = (): void => magnify(WHOLE)
  const ZOOM_STEP = 1.25
  /** Magnifies about what is in hand, else about the middle. */
  export function zoomBy(steps: 1 | -1): void {
    const plan = frameOf('plan')
    const held = bench.selected?.bounds
    const [cx, cy] =
      held === undefined
        ? [width / 2, height / 2]
        : toScreen(plan, [(held.x.min + held.x.max) / 2, (held.y.min + held.y.max) / 2])
    const { k, x, y } = bench.zoom
    const to = Math.min(MOST_ZOOM, Math.max(1, k * ZOOM_STEP ** steps))
    magnify(keptIn({ k: to, x: cx - ((cx - x) / k) * to, y: cy - ((cy - y) / k) * to }, width, height))
  }

  /** Zooming is no part of opening a plan: its tools come when a hand first reaches the drawing. */
  let reached = false
  async function reach(): Promise<void> {
    if (reached || canvas === undefined) return
    reached = true
    const own = canvas
    const [{ select }, { zoom, zoomIdentity }] = await Promise.all([import('d3-selection'), import('d3-zoom')])
    const made = zoom<HTMLDivElement, unknown>()
      .scaleExtent([1, MOST_ZOOM])
      // a press on the drawing is a hand’s: the wheel, the middle button and the space bar move it, and two fingers by themselves
      .filter(
        (event: Event) =>
          event.type === 'wheel' ||
          (event.type === 'mousedown' && ((event as MouseEvent).button === 1 || bench.isPanning)),
      )
      .on('zoom', (event: D3ZoomEvent<HTMLDivElement, unknown>) => (bench.zoom = event.transform))
    select(own).call(made).on('dblclick.zoom', null)
    zoomTo = ({ k, x, y }) => void select(own).call(made.transform, zoomIdentity.translate(x, y).scale(k))
    // the drawing may have been magnified already, by the address
    zoomTo(bench.zoom)
    zoomer = made
  }

  $effect(() => {
    zoomer?.translateExtent([
      [-MARGIN_PX, -MARGIN_PX],
      [width + MARGIN_PX, height + MARGIN_PX],
    ])
  })

  /** Focus that comes by the keys selects on its own. */
  function onfocused(id: string): void {
    if (pointing.drag.name === 'idle' && !bench.inHand.includes(id)) bench.select(id)
  }

  /** Where the lengths of what is in hand are written: where one looks, or on the plan where it is not seen there. */
  const writtenIn = $derived.by((): Along | undefined => {
    if (bench.selected === undefined || bench.also.length > 0) return undefined
    const looked = bench.viewId
    if (looked === 'section') return undefined
    return groupOf(bench.selected, looked, bench.interior) === null ? 'plan' : looked
  })
  const unit = $derived(bench.session.job.units)
  /** So far round the middle of a thing a figure is not to be in the way of picking it, pixels. */
  const PICKED_PX = 22
  const picked = $derived(
    writtenIn === undefined
      ? []
      : bench.standing.placed.flatMap(({ id, bounds }) => {
          if (id === bench.selectedId) return []
          const [u, v] = viewExtent(writtenIn, bounds)
          const at = toScreen(frameOf(writtenIn), [(u.min + u.max) / 2, (v.min + v.max) / 2])
          return [boxRound(at, PICKED_PX, PICKED_PX)]
        }),
  )
  const figures = $derived(
    writtenIn === undefined || bench.playing !== undefined
      ? []
      : writeFigures(
          // a distance that is kept is written already
          handDimensions(bench.scene, writtenIn, bench.selected!, bench.tape).filter(
            ({ row }) => row === undefined || bench.paper.pinOf(bench.selected!.id, row) === undefined,
          ),
          frameOf(writtenIn),
          unit,
          width,
          height,
          frames.map((frame) => titleOf(frame, bench.stationMm).box),
          picked,
        ),
  )
  const onPaper = $derived(
    bench.paper.drawn.length === 0 && bench.paper.tape === undefined ? NO_MARKS : paperMarks(bench, frames, unit),
  )
  const marks = $derived.by(() => {
    // while something is carried only what that changes is marked; the rest waits in the column
    const numbers = new Map(bench.checked.findings.map(({ number, finding }) => [finding.key, number]))
    const those = bench.carrying
      ? bench.checked.felt.map(({ finding, change }) => ({
          numbered: { number: numbers.get(finding.key) ?? 0, finding },
          change,
        }))
      : bench.checked.findings.map((numbered) => ({ numbered, change: undefined }))
    return placeMarks(those, bench.scene.placed, frameOf('plan'), [...figures.map(({ box }) => box), ...onPaper.boxes])
  })
  /** What names must keep clear of. It stays as it was while something is carried: names do not jump about under a hand. */
  let atRest: readonly LabelBox[] = []
  const kept = $derived.by((): readonly LabelBox[] =>
    bench.carrying
      ? atRest
      : (atRest = [
          ...figures.map(({ box }) => box),
          ...marks.map(({ at }) => boxOfMark(at)),
          ...onPaper.boxes,
          { x0: width - SCALE_PX.wide, y0: height - SCALE_PX.high, x1: width, y1: height },
        ]),
  )
  /** The corner in which the scale stands. */
  const SCALE_PX = { wide: 190, high: 32 }

  const band = $derived.by(() => {
    const { drag } = pointing
    if (drag.name !== 'band') return undefined
    const frame = frameOf(drag.view)
    const [a, b] = [toScreen(frame, drag.at), toScreen(frame, drag.to)]
    return {
      x: Math.min(a[0], b[0]),
      y: Math.min(a[1], b[1]),
      width: Math.abs(a[0] - b[0]),
      height: Math.abs(a[1] - b[1]),
    }
  })
  /** 96 pixels are an inch of the screen, as browsers count them. */
  const MM_PER_PX = 25.4 / 96
  const scale = $derived(Math.round(1 / (frameOf('plan').scale * MM_PER_PX)))
  /** Not part of opening a plan on whose paper nothing is drawn. */
  let PaperLayer: typeof Paper | undefined = $state.raw(undefined)
  const isOnPaper = $derived(bench.paper.drawn.length > 0 || bench.paper.tool !== undefined)
  $effect(() => {
    if (isOnPaper) void import('./PaperLayer.svelte').then((module) => (PaperLayer = module.default))
  })
  /** Nor is what the review says: it comes with the first marks. */
  let FindingMarks: typeof Marked | undefined = $state.raw(undefined)
  const hasMarks = $derived(marks.length > 0)
  $effect(() => {
    if (hasMarks) void import('./FindingMarks.svelte').then((module) => (FindingMarks = module.default))
  })
  const isBusy = $derived(['dragging', 'pulling'].includes(pointing.drag.name))
</script>

<!-- Two sheets: what stands still below, what follows the hand above, so that a move repaints no more than it moves. -->
<div
  bind:this={canvas}
  class="relative h-full w-full touch-none overflow-hidden select-none {isBusy
    ? 'cursor-grabbing'
    : bench.isPanning
      ? 'cursor-move'
      : bench.paper.tool !== undefined
        ? 'cursor-crosshair'
        : ''}"
  bind:clientWidth={width}
  bind:clientHeight={height}
  role="group"
  aria-label="The vehicle unfolded: left wall, plan, right wall"
  onpointerenter={reach}
  onpointerdown={pointing.down}
  onpointermove={pointing.move}
  onpointerup={pointing.up}
  onpointercancel={pointing.lost}
  ondblclick={pointing.dblclick}
  oncontextmenu={pointing.contextmenu}
>
  <svg {width} {height} class="sheet">
    <HatchDefs />
    {#each frames as frame (frame.id)}
      <StandingView {bench} view={frame.id as Along} {frame} {kept} {onfocused} />
    {/each}
  </svg>
  <svg {width} {height} class="sheet pointer-events-none">
    {#each frames as frame (frame.id)}
      <LiveView {bench} view={frame.id as Along} {frame} {width} />
    {/each}
    <FigureHandles {bench} frame={frameOf('plan')} />
    <StationLine {bench} frame={frameOf('plan')} {width} {height} />
    {#if FindingMarks !== undefined}<FindingMarks {bench} frame={frameOf('plan')} {marks} />{/if}
    {#if bench.also.length === 0 && bench.selected !== undefined && bench.playing === undefined && pointing.drag.name !== 'dragging'}
      {#each frames as frame (frame.id)}
        {#if groupOf(bench.selected, frame.id as Along, bench.interior) !== null}<Grips {bench} {frame} />{/if}
      {/each}
    {/if}
    {#if band !== undefined}<rect {...band} class="band" data-testid="band" />{/if}
  </svg>
  <HandFigures {bench} {figures} {width} {height} />
  {#if PaperLayer !== undefined}<PaperLayer {bench} {frames} marks={onPaper} {width} {height} />{/if}
  <p class="absolute right-3 bottom-2 flex gap-3 bg-sheet px-1 text-sm text-ink-2" data-testid="scale">
    {#if transform.k > 1.01}<button class="act" title="0" onclick={fit}>Whole vehicle</button>{/if}
    <span title="Of the drawing on a screen of usual size">1 : {scale}</span>
  </p>
  {#if bench.checked.felt.length > 0}
    {@const worse = bench.checked.felt.filter(({ change }) => change === 'worse').length}
    <p
      class="pointer-events-none absolute bottom-2 left-1/2 flex -translate-x-1/2 gap-4 border border-ink bg-sheet px-3 py-1 text-sm"
      data-testid="felt"
    >
      {#if worse > 0}<b class="font-semibold text-stop">{worse} worse</b>{/if}
      {#if worse < bench.checked.felt.length}<b class="font-semibold text-good"
          >{bench.checked.felt.length - worse} better</b
        >{/if}
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
  .band {
    fill: color-mix(in srgb, var(--pencil) 8%, transparent);
    stroke: var(--pencil);
    stroke-dasharray: 4 3;
  }
</style>
