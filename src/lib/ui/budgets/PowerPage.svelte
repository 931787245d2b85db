<script lang="ts">
  import { untrack } from 'svelte'
  import { page } from '$app/state'
  import { count, sayDark, sayDay, sayLoad, sayPower, whyYear } from '$lib/core/text'
  import { formatNumber } from '$lib/core/units'
  import { getSession } from '../job/context'
  import JobBar from '../job/JobBar.svelte'
  import Stopped from '../parts/Stopped.svelte'
  import Why from '../parts/Why.svelte'
  import BudgetsNav from './BudgetsNav.svelte'
  import DayStrip from './DayStrip.svelte'
  import LoadTable from './LoadTable.svelte'
  import PowerTaken from './PowerTaken.svelte'
  import { Power } from './power.svelte'
  import SetTable from './SetTable.svelte'
  import VariantTable from './VariantTable.svelte'
  import WeekChart from './WeekChart.svelte'
  import WireTable from './WireTable.svelte'
  import WherePanel from './WherePanel.svelte'
  import YearChart from './YearChart.svelte'

  const session = getSession()
  const power = new Power(session)
  power.showVariant(page.url.searchParams.get('variant') ?? '')
  $effect(() => () => power.close())
  $effect(() => {
    void session.job
    void power.variantId
    void untrack(() => power.look())
  })
  $effect(() => {
    void power.report
    void power.weekFrom
    void untrack(() => power.lookAtWeek())
  })
  const report = $derived(power.report)
  const state = $derived(
    report === undefined
      ? 'running a year…'
      : report.plant.capacityWh === 0
        ? 'no battery'
        : report.darkDays.length === 0
          ? 'power holds'
          : count(report.darkDays.length, { one: 'dark day', many: 'dark days' }),
  )
  const WEEK = 7
  const DAYS = 365
  const shed = $derived(
    (power.week?.shed ?? []).map(({ at, loadId }) => {
      const load = report?.rows.find((row) => row.load.id === loadId)?.load
      return `${sayDay((power.week?.fromDay ?? 0) + Math.floor(at / 24))}, ${String(at % 24).padStart(2, '0')}:00: ${load === undefined ? 'something' : sayLoad(load, session.job, power.names)} goes`
    }),
  )
</script>

<svelte:head><title>{session.job.name} · power · Zimmerman</title></svelte:head>

<div class="desk" data-testid="power">
  <JobBar current="budgets" budgetState={state} shown={{ variant: power.variantId }} />
  <div class="desk-columns" style:--columns="10.7rem minmax(0, 1fr) 18.6rem">
    <BudgetsNav id={session.id} current="power" variant={power.variantId} figures={power.figures} />
    <main class="bg-sheet px-7 py-4 max-[68.7rem]:px-4">
      <Stopped what="The running of the year" why={power.stopped} onagain={() => void power.look()} />
      {#if report === undefined}
        {#if power.stopped === undefined}<p class="text-ink-2" role="status">Running a year by the hour…</p>{/if}
      {:else}
        <h1 class="max-w-[46rem] text-xl font-semibold text-balance" data-testid="answer">
          {sayPower(report, power.cures ?? [], session.job, power.names)}
        </h1>
        <p class="mt-1 text-[0.9286rem] text-ink-2">
          {sayDark(report, session.job, power.names)}
          <Why about="how the year was run" lines={() => whyYear(report)}>why</Why>
        </p>
        <section class="mt-3" aria-label="Charge over the year">
          <div class="flex items-baseline justify-between">
            <h2 class="caps">Charge over the year, by the hour</h2>
            <span class="text-sm text-ink-2"
              >per cent, least to most of a day · red: a dark day, and what is kept back</span
            >
          </div>
          <YearChart {report} onday={(day) => power.showWeek(Math.max(0, Math.min(DAYS - WEEK, day - 3)))} />
        </section>
        <div class="mt-3 grid gap-x-7 gap-y-4 min-[1180px]:grid-cols-[minmax(0,386px)_minmax(0,1fr)]">
          <section aria-label="A week by the hour" data-testid="week">
            <div class="flex items-baseline justify-between gap-2">
              <h2 class="caps">
                {power.isWorstWeek ? 'The worst week' : 'A week'} from {sayDay(power.weekFrom)}
              </h2>
              <span class="no-print flex gap-3 text-sm">
                <button
                  class="act"
                  disabled={power.weekFrom <= 0}
                  onclick={() => power.showWeek(Math.max(0, power.weekFrom - WEEK))}>before</button
                >
                <button
                  class="act"
                  disabled={power.weekFrom >= DAYS - WEEK}
                  onclick={() => power.showWeek(Math.min(DAYS - WEEK, power.weekFrom + WEEK))}>after</button
                >
                {#if !power.isWorstWeek}<button class="act" onclick={() => power.showWeek(undefined)}>worst</button
                  >{/if}
              </span>
            </div>
            {#if power.week !== undefined}
              <WeekChart week={power.week} {report} />
              <ul class="text-sm text-ink-2">
                {#each shed.slice(0, 3) as words, index (index)}<li>{words}</li>{/each}
                {#if shed.length > 3}<li>and {formatNumber(shed.length - 3)} times more</li>{/if}
                {#if shed.length === 0}<li>Nothing is shed in it.</li>{/if}
              </ul>
            {/if}
          </section>
          <LoadTable {power} />
        </div>
        <DayStrip {report} job={session.job} names={power.names} />
        <SetTable {power} />
        <WireTable {power} />
      {/if}
    </main>
    <aside class="flex flex-col px-4 py-3" aria-label="Where it is and what is there">
      <VariantTable
        variants={power.variants}
        shown={power.variantId}
        onshow={(id) => power.showVariant(id)}
        rows={[
          { label: 'dark days', figure: (id) => String(power.reports[id]?.darkDays.length ?? '–') },
          {
            label: 'kWh a day',
            figure: (id) => {
              const wants = power.reports[id]?.perDay.wants
              return wants === undefined ? '–' : formatNumber(wants / 1000, 1)
            },
          },
        ]}
      />
      <WherePanel {power} />
      <PowerTaken {power} />
      <p class="mt-auto pt-5 text-[0.9286rem] text-ink-2">
        Fuse at the battery, lithium with its own protection. Mains by a licensed electrician, to the local code.
        Figures are for planning.
      </p>
    </aside>
  </div>
</div>
