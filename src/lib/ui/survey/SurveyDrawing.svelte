<script lang="ts">
  import type { Bounds } from '$lib/core/draw'
  import type { Interior } from '$lib/core/shell'
  import type { TapeLine } from '$lib/core/survey'
  import { frameHeight, toScreen, type ViewFrame } from '../drawing/layout'
  import Marks from '../drawing/Marks.svelte'
  import { fullShellViews } from '../drawing/shell-drawing'

  interface Props {
    /** The body as measured so far, bare. */
    body: Interior
    tape: TapeLine | undefined
    /** What lies under the tape, as written beside it. */
    figure: string
    /** Where the section is cut while no tape says otherwise. */
    sectionMm: number
  }
  let { body, tape, figure, sectionMm }: Props = $props()

  let width = $state(600)
  const cutMm = $derived(tape?.view === 'section' ? tape.xMm : sectionMm)
  const views = $derived(fullShellViews(body, Math.min(Math.max(cutMm, body.xSpan.min), body.xSpan.max)))
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
    return [
      above,
      below,
      { id: 'section', scale: room, left: 20, top: below.top + frameHeight(below) + 36, bounds: views.section.bounds },
    ]
  })
  const height = $derived(frames[2]!.top + frameHeight(frames[2]!) + 20)
  const frameOf = (view: TapeLine['view']): ViewFrame => frames[view === 'plan' ? 0 : view === 'side' ? 1 : 2]!
  const line = $derived(
    tape === undefined
      ? undefined
      : { from: toScreen(frameOf(tape.view), tape.from), to: toScreen(frameOf(tape.view), tape.to) },
  )
  const tick = ([x, y]: readonly [number, number]): string => `M${x - 4} ${y + 4}l8 -8`
  const TITLES = ['From above', 'Right wall, seen through', 'Section, seen from behind']
  const parts = $derived([views.plan.items, views.side.items, views.section.items])
</script>

<div bind:clientWidth={width}>
  <svg
    {width}
    {height}
    class="block"
    role="img"
    aria-label="The body as measured so far{figure === '' ? '' : `; the tape reads ${figure}`}"
  >
    {#each frames as frame, index (frame.id)}
      <text x={frame.left} y={frame.top - 8} class="view-title">{TITLES[index]}</text>
      <Marks items={parts[index]!} {frame} />
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
  .figure {
    fill: var(--pencil);
    font-size: 14px;
    font-weight: 650;
    paint-order: stroke;
    stroke: var(--sheet);
    stroke-width: 4px;
  }
</style>
