<script lang="ts">
  import { figureHandle } from '$lib/core/draw'
  import { figuresOf, type FigureBody } from '$lib/core/scene'
  import type { Bench } from './bench.svelte'
  import { toScreen, type ViewFrame } from '../drawing/layout'

  let { bench, frame }: { bench: Bench; frame: ViewFrame } = $props()
  const bodies = $derived(figuresOf(bench.scene, bench.session.job.brief))

  /** Which figure a hand carries, from where, and how far it has come, in mm. */
  let carried: { id: string; from: readonly [number, number]; by: readonly [number, number] } | undefined =
    $state.raw(undefined)

  const put = ({ id, who, pose, turn, at }: FigureBody, dx: number, dy: number) =>
    bench.editing.putFigure(id, { who, pose, turn, at: [Math.round(at[0] + dx), Math.round(at[1] + dy)] })

  function onpointerdown(event: PointerEvent, id: string): void {
    if (event.button !== 0) return
    event.stopPropagation()
    ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
    carried = { id, from: [event.clientX, event.clientY], by: [0, 0] }
  }
  function onpointermove(event: PointerEvent): void {
    if (carried === undefined) return
    const [x, y] = carried.from
    carried = { ...carried, by: [(event.clientX - x) / frame.scale, -(event.clientY - y) / frame.scale] }
  }
  function onpointerup(body: FigureBody): void {
    if (carried === undefined) return
    const [dx, dy] = carried.by
    carried = undefined
    if (Math.hypot(dx, dy) > 5) put(body, dx, dy)
  }
  const STEPS: Readonly<Record<string, readonly [number, number]>> = {
    ArrowRight: [1, 0],
    ArrowLeft: [-1, 0],
    ArrowUp: [0, 1],
    ArrowDown: [0, -1],
  }
  function onkeydown(event: KeyboardEvent, body: FigureBody): void {
    const step = STEPS[event.key]
    if (event.key === 'Delete') bench.editing.removeFigure(body.id)
    else if (event.key.toLowerCase() === 'r')
      bench.editing.putFigure(body.id, {
        who: body.who,
        pose: body.pose,
        at: [...body.at],
        turn: ((body.turn + 90) % 360) as typeof body.turn,
      })
    else if (step !== undefined) {
      const mm = event.shiftKey ? 100 : event.altKey ? 1 : 10
      put(body, step[0] * mm, step[1] * mm)
    } else return
    event.preventDefault()
    event.stopPropagation()
  }
</script>

{#each bodies as body (body.id)}
  {@const { at, radiusMm } = figureHandle(body)}
  {@const by = carried?.id === body.id ? carried.by : [0, 0]}
  {@const [x, y] = toScreen(frame, [at[0] + by[0]!, at[1] + by[1]!])}
  <circle
    cx={x}
    cy={y}
    r={Math.max(10, radiusMm * frame.scale)}
    class="handle {carried?.id === body.id ? 'carried' : ''}"
    role="button"
    tabindex="0"
    aria-label="{body.label}, {body.pose}: drag, or arrows to move, R to turn, Delete to remove"
    data-mark="figure"
    data-testid="figure-{body.id}"
    onpointerdown={(event) => onpointerdown(event, body.id)}
    {onpointermove}
    onpointerup={() => onpointerup(body)}
    onkeydown={(event) => onkeydown(event, body)}
  />
{/each}

<style>
  .handle {
    fill: transparent;
    stroke: none;
    pointer-events: auto;
    cursor: grab;
  }
  .handle:hover,
  .carried {
    stroke: var(--pencil);
    stroke-width: 1.5;
    stroke-dasharray: 4 3;
  }
</style>
