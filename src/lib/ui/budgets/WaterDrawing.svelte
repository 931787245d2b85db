<script lang="ts">
  import type { LineWhat, WaterReport } from '$lib/core/budgets'
  import { drawView } from '$lib/core/draw'
  import type { Vec2 } from '$lib/core/geometry'
  import { modesOf, planInterior } from '$lib/core/job'
  import { buildScene } from '$lib/core/scene'
  import { count, LINE_WORDS, sayWaterRun } from '$lib/core/text'
  import { formatNumber } from '$lib/core/units'
  import { fitView, toScreen } from '../drawing/layout'
  import Marks from '../drawing/Marks.svelte'
  import type { Budget } from './budget.svelte'

  interface Props {
    budget: Budget<'water'>
    report: WaterReport
  }
  let { budget, report }: Props = $props()
  const session = $derived(budget.session)
  let width = $state(400)
  let all = $state(false)
  const HIGH_PX = 150
  const SHOWN = 5
  const view = $derived.by(() => {
    const [first] = modesOf(budget.plan)
    return first === undefined
      ? undefined
      : drawView(buildScene(planInterior(session.job.shell, budget.plan), budget.plan, first[0]), 'plan')
  })
  const frame = $derived(view === undefined ? undefined : fitView('plan', width, HIGH_PX, view.bounds, 8))
  /** Names would lie under the lines. */
  const body = $derived(view?.groups.flatMap(({ items }) => items.filter(({ kind }) => kind !== 'text')) ?? [])
  const lineOf = (points: readonly (readonly [number, number, number])[]): string =>
    frame === undefined ? '' : points.map(([x, y]) => toScreen(frame, [x, y] as Vec2).join(',')).join(' ')
  const DASHES: Readonly<Record<LineWhat, string | undefined>> = {
    fill: '1 3',
    cold: undefined,
    hot: '7 3',
    drain: '3 3',
  }
  const { runs, toBuy, tees } = $derived(report.lines)
</script>

<section aria-label="Lines" data-testid="lines">
  <h2 class="border-b border-ink pb-0.5 caps">Lines</h2>
  {#if runs.length === 0}
    <p class="mt-1 text-[0.9286rem] text-ink-2">Lines are drawn once there is a tank and a tap.</p>
  {:else}
    <div class="mt-1" bind:clientWidth={width}>
      {#if frame !== undefined}
        <svg
          {width}
          height={HIGH_PX}
          viewBox="0 0 {width} {HIGH_PX}"
          role="img"
          aria-label="Plan with {runs.length} lines of water on their ways"
        >
          <Marks items={body} {frame} />
          {#each runs as { what, points, from, to } (`${what} ${from} ${to}`)}
            <polyline
              points={lineOf(points)}
              fill="none"
              stroke="var(--pencil)"
              stroke-width={what === 'drain' ? 2.2 : 1.4}
              stroke-dasharray={DASHES[what]}
            />
          {/each}
        </svg>
      {/if}
    </div>
    <ul class="text-[0.9286rem]">
      {#each all ? runs : runs.slice(0, SHOWN) as run (`${run.what} ${run.from} ${run.to}`)}
        <li class={run.fallPerM !== undefined && run.fallPerM < 20 ? 'text-caution' : ''}>
          {sayWaterRun(run, budget.names)}
        </li>
      {/each}
    </ul>
    {#if runs.length > SHOWN}<button class="no-print act text-[0.9286rem]" onclick={() => (all = !all)}
        >{all ? 'Show fewer' : `${runs.length - SHOWN} more`}</button
      >{/if}
    <p class="mt-1 text-sm text-ink-2">
      To buy, a tenth over: {toBuy
        .map(({ what, metres }) => `${LINE_WORDS[what]} ${formatNumber(metres)} m`)
        .join(', ')}{tees > 0 ? `, ${count(tees, { one: 'tee', many: 'tees' })}` : ''}. Lines run along the wall and
      cross under the floor.
    </p>
  {/if}
</section>
