<script lang="ts">
  import { MediaQuery } from 'svelte/reactivity'
  import { bodyViews, itemsOf, type Bounds } from '$lib/core/draw'
  import type { Interior } from '$lib/core/shell'
  import type { TapeLine } from '$lib/core/survey'
  import { frameHeight, frameWidth, toScreen, toView, type ViewFrame } from '../drawing/layout'
  import Marks from '../drawing/Marks.svelte'
  import type { Found } from '$lib/core/condition'
  import { placedBy, viewedIn, type SurveyView } from './found-marks'

  interface Props {
    /** The body as measured so far, bare. */
    body: Interior
    tape: TapeLine | undefined
    /** What lies under the tape, as written beside it. */
    figure: string
    /** Where the section is cut while no tape says otherwise. */
    sectionMm: number
    /** What was found, numbered in this order; what has no place is not drawn. */
    found?: readonly (readonly [string, Found])[]
    activeId?: string | undefined
    /** Takes a place that was pointed at, in the vehicle’s frame; left out where nothing can be placed. */
    onplace?: ((place: { readonly x?: number; readonly y?: number; readonly z?: number }) => void) | undefined
  }
  let { body, tape, figure, sectionMm, found = [], activeId, onplace }: Props = $props()

  const VIEWS: readonly SurveyView[] = ['plan', 'side', 'section']
  let width = $state(600)
  /** Where there is little room only the view in which the tape lies is drawn, so that the list keeps some. */
  const isNarrow = new MediaQuery('screen and (max-width: 68.7rem)')
  const LOW_PX = 230
  const alone = $derived(isNarrow.current ? VIEWS.indexOf(tape?.view ?? 'plan') : undefined)
  const cutMm = $derived(tape?.view === 'section' ? tape.xMm : sectionMm)
  const views = $derived(bodyViews(body, Math.min(Math.max(cutMm, body.xSpan.min), body.xSpan.max)))
  const frames = $derived.by((): readonly ViewFrame[] => {
    const size = ({ min, max }: Bounds) => ({ long: max[0] - min[0], high: max[1] - min[1] })
    const [plan, side, section] = [size(views.plan.bounds), size(views.side.bounds), size(views.section.bounds)]
    const scale = Math.min((width - 40) / plan.long, 400 / (plan.high + side.high))
    const above: ViewFrame = { id: 'plan', scale, left: 20, top: 26, bounds: views.plan.bounds }
    const below: ViewFrame = {
      id: 'right',
      scale,
      left: 20,
      top: 26 + frameHeight(above) + 30,
      bounds: views.side.bounds,
    }
    const room = Math.min(300 / section.long, 230 / section.high)
    if (alone !== undefined)
      return (['plan', 'right', 'section'] as const).map((id, index): ViewFrame => {
        const { bounds } = [views.plan, views.side, views.section][index]!
        const { long, high } = size(bounds)
        return { id, scale: Math.min((width - 40) / long, LOW_PX / high), left: 20, top: 26, bounds }
      })
    return [
      above,
      below,
      { id: 'section', scale: room, left: 20, top: below.top + frameHeight(below) + 36, bounds: views.section.bounds },
    ]
  })
  const last = $derived(frames[alone ?? 2]!)
  const height = $derived(last.top + frameHeight(last) + 20)
  const frameOf = (view: TapeLine['view']): ViewFrame => frames[view === 'plan' ? 0 : view === 'side' ? 1 : 2]!
  const line = $derived(
    tape === undefined
      ? undefined
      : { from: toScreen(frameOf(tape.view), tape.from), to: toScreen(frameOf(tape.view), tape.to) },
  )
  const tick = ([x, y]: readonly [number, number]): string => `M${x - 4} ${y + 4}l8 -8`
  const TITLES = ['From above', 'Right wall, seen through', 'Section, seen from behind']
  const parts = $derived([itemsOf(views.plan), itemsOf(views.side), itemsOf(views.section)])
  /** No mark is smaller than a finger finds. */
  const LEAST_PX = 12
  const marks = $derived(
    found.flatMap(([id, one], index) =>
      frames.flatMap((frame, view) => {
        const rectangle = viewedIn(VIEWS[view]!, one)
        if ((alone !== undefined && view !== alone) || rectangle === undefined || (view === 2 && !isCut(one))) return []
        const [a, b] = [toScreen(frame, rectangle[0]), toScreen(frame, rectangle[1])]
        const [wide, high] = [Math.max(LEAST_PX, Math.abs(a[0] - b[0])), Math.max(LEAST_PX, Math.abs(a[1] - b[1]))]
        const [x, y] = [(a[0] + b[0] - wide) / 2, (a[1] + b[1] - high) / 2]
        return [{ id, key: `${id} ${view}`, number: index + 1, x, y, wide, high, done: one.done === true }]
      }),
    ),
  )
  /** Whether the section that is drawn goes through it. */
  const isCut = ({ at, sizeMm }: Found): boolean => at !== undefined && Math.abs(at[0] - cutMm) <= sizeMm[0] / 2

  /** By hand only: places are typed too. */
  function pointing(drawing: SVGSVGElement): () => void {
    drawing.addEventListener('click', point)
    return () => drawing.removeEventListener('click', point)
  }
  function point(event: MouseEvent): void {
    const box = (event.currentTarget as SVGSVGElement).getBoundingClientRect()
    const [px, py] = [event.clientX - box.left, event.clientY - box.top]
    const view = frames.findIndex(
      (frame, index) =>
        (alone === undefined || index === alone) &&
        px >= frame.left &&
        px <= frame.left + frameWidth(frame) &&
        py >= frame.top &&
        py <= frame.top + frameHeight(frame),
    )
    if (view >= 0) onplace?.(placedBy(VIEWS[view]!, toView(frames[view]!, [px, py])))
  }
</script>

<div bind:clientWidth={width}>
  <svg
    {width}
    {height}
    class={onplace === undefined ? 'block' : 'block cursor-crosshair'}
    role="img"
    aria-label={onplace === undefined
      ? `The body as measured so far${figure === '' ? '' : `; the tape reads ${figure}`}`
      : 'The body, with what was found on it: point to where it is'}
    {@attach pointing}
  >
    {#each frames as frame, index (frame.id)}
      {#if alone === undefined || index === alone}
        <text x={frame.left} y={frame.top - 8} class="view-title">{TITLES[index]}</text>
        <Marks items={parts[index]!} {frame} />
      {/if}
    {/each}
    {#each marks as mark (mark.key)}
      <rect
        x={mark.x}
        y={mark.y}
        width={mark.wide}
        height={mark.high}
        class="found"
        class:done={mark.done}
        class:active={mark.id === activeId}
      />
      <text x={mark.x + mark.wide / 2} y={mark.y + mark.high / 2 + 4} text-anchor="middle" class="number"
        >{mark.number}</text
      >
    {/each}
    {#if line !== undefined}
      {@const middle = [(line.from[0] + line.to[0]) / 2, (line.from[1] + line.to[1]) / 2]}
      <path d="M{line.from.join(' ')}L{line.to.join(' ')}{tick(line.from)}{tick(line.to)}" class="tape" />
      <text x={middle[0]} y={middle[1]! - 6} text-anchor="middle" class="figure">{figure}</text>
    {/if}
  </svg>
</div>

<style>
  .view-title {
    font-size: 11px;
    font-weight: 600;
    letter-spacing: 0.04em;
    fill: var(--ink-2);
    text-transform: uppercase;
  }
  .tape {
    stroke: var(--pencil);
    stroke-width: 2.5;
    fill: none;
  }
  .found {
    fill: var(--sheet);
    fill-opacity: 0.6;
    stroke: var(--caution);
    stroke-width: 1.5;
  }
  .found.done {
    stroke: var(--ink-2);
    stroke-dasharray: 3 3;
  }
  .found.active {
    stroke: var(--pencil);
    stroke-width: 2.5;
  }
  .number {
    font-size: 11px;
    font-weight: 650;
    fill: var(--ink);
    paint-order: stroke;
    stroke: var(--sheet);
    stroke-width: 3px;
  }
  .figure {
    fill: var(--pencil);
    font-size: 14px;
    font-weight: 650;
    paint-order: stroke;
    stroke: var(--sheet);
    stroke-width: 4px;
  }
</style>
