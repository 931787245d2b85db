<script lang="ts">
  import type { LineWhat, WaterReport } from '$lib/core/budgets'
  import type { Vec2 } from '$lib/core/geometry'
  import { count, LINE_WORDS, sayDrains, sayWaterRun } from '$lib/core/text'
  import { formatNumber } from '$lib/core/units'
  import BodyPlan from './BodyPlan.svelte'
  import type { Budget } from './budget.svelte'

  interface Props {
    budget: Budget<'water'>
    report: WaterReport
  }
  let { budget, report }: Props = $props()
  let all = $state(false)
  const HIGH_PX = 150
  const SHOWN = 5
  type Points = readonly (readonly [number, number, number])[]
  const lineOf = (points: Points, onScreen: (at: Vec2) => Vec2): string =>
    points.map(([x, y]) => onScreen([x, y]).join(',')).join(' ')
  const DASHES: Readonly<Record<LineWhat, string | undefined>> = {
    fill: '1 3',
    vent: '1 6',
    joins: undefined,
    cold: undefined,
    hot: '7 3',
    drain: '3 3',
  }
  const { runs, toBuy, tees, drains } = $derived(report.lines)
</script>

<section aria-label="Lines" data-testid="lines">
  <h2 class="border-b border-ink pb-0.5 caps">Lines</h2>
  {#if runs.length === 0}
    <p class="mt-1 text-[0.9286rem] text-ink-2">Lines are drawn once there is a tank and a tap.</p>
  {:else}
    <BodyPlan
      shell={budget.session.job.shell}
      plan={budget.plan}
      highPx={HIGH_PX}
      label="Plan with {runs.length} lines of water on their ways"
    >
      {#snippet over(onScreen)}
        {#each runs as { what, points, from, to } (`${what} ${from} ${to}`)}
          <polyline
            points={lineOf(points, onScreen)}
            fill="none"
            stroke="var(--pencil)"
            stroke-width={what === 'drain' ? 2.2 : 1.4}
            stroke-dasharray={DASHES[what]}
          />
        {/each}
        {#each drains as { id, at } (id)}
          {@const [x, y] = onScreen([at[0], at[1]])}
          <path d="M{x - 4},{y - 3.5} h8 l-4,7 z" fill="var(--sheet)" stroke="var(--ink)" stroke-width="1.2">
            <title>Drain cock of {budget.names.the(id)}</title>
          </path>
        {/each}
      {/snippet}
    </BodyPlan>
    <ul class="text-[0.9286rem]">
      {#each all ? runs : runs.slice(0, SHOWN) as run (`${run.what} ${run.from} ${run.to}`)}
        <li class={run.fallPerM !== undefined && run.fallPerM < report.fallMm ? 'text-caution' : ''}>
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
        .join(', ')}{tees > 0 ? `, ${count(tees, { one: 'tee', many: 'tees' })}` : ''}, {count(drains.length, {
        one: 'drain cock',
        many: 'drain cocks',
      })}. Lines run along the wall and cross under the floor.
    </p>
    <p class="mt-1 text-sm text-ink-2" data-testid="drains">▽ {sayDrains(drains, budget.names)}</p>
  {/if}
</section>
