<script lang="ts">
  import type { AirReport } from '$lib/core/budgets'
  import { drawView } from '$lib/core/draw'
  import { modesOf, planInterior } from '$lib/core/job'
  import { buildScene } from '$lib/core/scene'
  import { fitView, toScreen } from '../drawing/layout'
  import Marks from '../drawing/Marks.svelte'
  import type { Budget } from './budget.svelte'

  interface Props {
    budget: Budget<'air'>
    report: AirReport
  }
  let { budget, report }: Props = $props()
  let width = $state(700)
  const HIGH_PX = 190
  const view = $derived.by(() => {
    const modes = modesOf(budget.plan)
    const mode = modes.find(([, { purpose }]) => purpose === 'sleeping') ?? modes[0]
    return mode === undefined
      ? undefined
      : drawView(buildScene(planInterior(budget.session.job.shell, budget.plan), budget.plan, mode[0]), 'plan')
  })
  const frame = $derived(view === undefined ? undefined : fitView('plan', width, HIGH_PX, view.bounds, 12))
  /** Names would lie under the arrows. */
  const body = $derived(view?.groups.flatMap(({ items }) => items.filter(({ kind }) => kind !== 'text')) ?? [])
  const MOST_PX = 9
  /** From every inlet to every outlet, by what goes that way. */
  const arrows = $derived.by(() => {
    const shown = frame
    if (shown === undefined) return []
    const [ins, outs] = [
      report.places.filter(({ outM3H }) => outM3H < -1),
      report.places.filter(({ outM3H }) => outM3H > 1),
    ]
    const all = outs.reduce((sum, { outM3H }) => sum + outM3H, 0)
    const most = Math.max(1, ...ins.flatMap((a) => outs.map((b) => (-a.outM3H * b.outM3H) / Math.max(1, all))))
    return ins.flatMap((a) =>
      outs.map((b) => {
        const m3h = (-a.outM3H * b.outM3H) / Math.max(1, all)
        const [from, to] = [toScreen(shown, a.at), toScreen(shown, b.at)]
        return { key: `${a.id} ${b.id}`, from, to, wide: Math.max(1, (MOST_PX * m3h) / most) }
      }),
    )
  })
  const head = ([x0, y0]: readonly number[], [x1, y1]: readonly number[], wide: number): string => {
    const [dx, dy] = [(x1 ?? 0) - (x0 ?? 0), (y1 ?? 0) - (y0 ?? 0)]
    const long = Math.max(1, Math.hypot(dx, dy))
    const [ux, uy] = [dx / long, dy / long]
    const size = 6 + wide
    const at = (along: number, aside: number): string =>
      `${(x1 ?? 0) - ux * along - uy * aside},${(y1 ?? 0) - uy * along + ux * aside}`
    return `${at(0, 0)} ${at(size, size / 2)} ${at(size, -size / 2)}`
  }
</script>

<div class="mt-3" bind:clientWidth={width}>
  {#if frame !== undefined}
    <svg
      {width}
      height={HIGH_PX}
      viewBox="0 0 {width} {HIGH_PX}"
      role="img"
      aria-label="Plan with the ways of the air, {report.hasFan ? 'the fan at full' : 'all open'}"
    >
      <Marks items={body} {frame} />
      {#each arrows as { key, from, to, wide } (key)}
        <line
          x1={from[0]}
          y1={from[1]}
          x2={to[0]}
          y2={to[1]}
          stroke="var(--pencil)"
          stroke-width={wide}
          stroke-opacity="0.55"
        />
        <polygon points={head(from, to, wide)} fill="var(--pencil)" />
      {/each}
      {#each report.places as place (place.id)}
        {@const [x, y] = toScreen(frame, place.at)}
        <circle cx={x} cy={y} r="4" fill="var(--sheet)" stroke="var(--ink)" stroke-width="1.4" />
      {/each}
    </svg>
  {/if}
</div>
