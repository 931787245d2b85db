<script lang="ts">
  import { untrack } from 'svelte'
  import { page } from '$app/state'
  import { WATER_HABIT_LIMITS, type WaterHabit } from '$lib/core/brief'
  import {
    sayLever,
    sayPurpose,
    sayTank,
    sayTankName,
    sayWarm,
    sayWater,
    sayWaterSum,
    WARM_WHY,
    WATER_BASIS,
    WATER_HABIT_BASIS,
    WATER_HABIT_UNITS,
    WATER_HABIT_WORDS,
    waterHabits,
  } from '$lib/core/text'
  import { formatNumber, sayLength } from '$lib/core/units'
  import { getSession } from '../job/context'
  import JobBar from '../job/JobBar.svelte'
  import NumberField from '../parts/NumberField.svelte'
  import Stopped from '../parts/Stopped.svelte'
  import Why from '../parts/Why.svelte'
  import BudgetsNav from './BudgetsNav.svelte'
  import { Budget } from './budget.svelte'
  import VariantTable from './VariantTable.svelte'
  import WaterChart from './WaterChart.svelte'
  import WaterDrawing from './WaterDrawing.svelte'

  const session = getSession()
  const budget = new Budget(session, 'water')
  budget.showVariant(page.url.searchParams.get('variant') ?? '')
  $effect(() => () => budget.close())
  $effect(() => {
    void session.job
    void budget.variantId
    void untrack(() => budget.look())
  })
  const report = $derived(budget.report)
  const nights = (value: number | undefined): string =>
    value === undefined || !Number.isFinite(value) ? '–' : formatNumber(value, 1)
  const state = $derived(
    report === undefined ? 'adding up…' : report.freshL === 0 ? 'no water tank' : `${nights(report.nights)} nights`,
  )
  const use = $derived(session.job.brief.use ?? {})
  const set = (habit: WaterHabit, value: number): boolean =>
    session.do({ type: 'brief.use', use: { ...use, water: { ...use.water, [habit]: value } } })
  function asUsual(habit: WaterHabit): void {
    const { [habit]: _, ...water } = use.water ?? {}
    session.do({ type: 'brief.use', use: { ...use, water } })
  }
  const tanks = $derived([
    ...(report?.fresh ?? []).map((tank) => ({ tank, what: 'fresh' })),
    ...(report?.waste ?? []).map((tank) => ({ tank, what: 'waste' })),
  ])
</script>

<svelte:head><title>{session.job.name} · water · Zimmerman</title></svelte:head>

<div class="desk" data-testid="water">
  <JobBar current="budgets" budgetState={state} shown={{ variant: budget.variantId }} />
  <div class="desk-columns" style:--columns="10.7rem minmax(0, 1fr) 18.6rem">
    <BudgetsNav id={session.id} current="water" variant={budget.variantId} figures={budget.figures} />
    <main class="bg-sheet px-7 py-4 max-[68.7rem]:px-4">
      <Stopped what="Adding up" why={budget.stopped} onagain={() => void budget.look()} />
      {#if report === undefined}
        {#if budget.stopped === undefined}<p class="text-ink-2" role="status">Adding it up…</p>{/if}
      {:else}
        <h1 class="max-w-[46rem] text-xl font-semibold text-balance" data-testid="answer">{sayWater(report)}</h1>
        <p class="mt-1 text-[0.9286rem] text-ink-2">
          {sayWaterSum(report.use, report.freshL, report.nights)}
          <Why about="the nights of water" lines={[sayWaterSum(report.use, report.freshL, report.nights), WATER_BASIS]}
            >why</Why
          >
        </p>
        <section class="mt-3" aria-label="Water day by day" data-testid="levels">
          <div class="flex items-baseline justify-between gap-3">
            <h2 class="caps">Two weeks, day by day</h2>
            <span class="text-sm text-ink-2"
              >litres in the evening; full on the first Monday{report.asked > 0
                ? `, filled again every ${formatNumber(report.asked)} nights`
                : ''} · red: nothing left, or over</span
            >
          </div>
          <WaterChart {report} />
        </section>
        <div class="mt-3 grid gap-x-7 gap-y-4 min-[1180px]:grid-cols-2">
          <section aria-label="What is used">
            <table class="w-full text-[0.9286rem]" data-testid="uses">
              <thead>
                <tr class="border-b border-ink">
                  <th class="pb-0.5 text-left caps" scope="col">What is used, a day</th>
                  <th class="pb-0.5 text-right font-normal text-ink-2" scope="col">L</th>
                  <th class="pb-0.5 pl-3 text-right font-normal text-ink-2" scope="col">to the waste</th>
                </tr>
              </thead>
              <tbody>
                {#each report.use.lines as { purpose, litres, wasteL } (purpose)}
                  <tr class="border-b border-line">
                    <th class="py-1 text-left font-normal" scope="row">{sayPurpose(purpose)}</th>
                    <td class="text-right font-semibold">{formatNumber(litres, 1)}</td>
                    <td class="pl-3 text-right text-ink-2">{formatNumber(wasteL, 1)}</td>
                  </tr>
                {/each}
                <tr>
                  <th class="py-1 text-left font-semibold" scope="row">in all</th>
                  <td class="text-right font-semibold">{formatNumber(report.use.nightL, 1)}</td>
                  <td class="pl-3 text-right">{formatNumber(report.wasteADayL, 1)}</td>
                </tr>
              </tbody>
            </table>
            {#if report.levers.length > 0}
              <h2 class="mt-3 caps">What would change it most</h2>
              <ul class="text-[0.9286rem]" data-testid="levers">
                {#each report.levers.slice(0, 4) as lever (lever.what)}<li>{sayLever(lever)}</li>{/each}
              </ul>
            {/if}
          </section>
          <WaterDrawing {budget} {report} />
        </div>
        <section class="mt-4 overflow-x-auto" aria-label="Tanks">
          <table class="w-full text-[0.9286rem]" data-testid="tanks">
            <thead>
              <tr class="border-b border-ink">
                <th class="pb-0.5 text-left caps" scope="col">Tanks</th>
                {#each ['for', 'litres', 'where', 'over the ground', 'nights of frost'] as head (head)}
                  <th class="pb-0.5 pl-3 text-left font-normal text-ink-2" scope="col">{head}</th>
                {/each}
                <th></th>
              </tr>
            </thead>
            <tbody>
              {#each tanks as { tank, what } (tank.id)}
                {@const name = sayTankName(tank, budget.names)}
                <tr class="border-b border-line">
                  <th class="py-1 text-left font-semibold" scope="row">{name}</th>
                  <td class="pl-3">{what}</td>
                  <td class="pl-3">{formatNumber(tank.litres)}{tank.joined > 1 ? `, ${tank.joined} joined` : ''}</td>
                  <td class="pl-3">{tank.isOutside ? (tank.isLagged ? 'outside, lagged' : 'outside') : 'inside'}</td>
                  <td
                    class="pl-3 whitespace-nowrap {tank.isOutside &&
                    tank.overGroundMm !== undefined &&
                    report.groundMm !== undefined &&
                    tank.overGroundMm < report.groundMm
                      ? 'font-semibold text-caution'
                      : ''}"
                    >{tank.isOutside && tank.overGroundMm !== undefined
                      ? sayLength(Math.round(tank.overGroundMm), session.job.units)
                      : '–'}</td
                  >
                  <td class="pl-3 {tank.frostNights > 0 ? 'font-semibold text-caution' : ''}"
                    >{tank.isOutside ? tank.frostNights : '–'}</td
                  >
                  <td class="text-right"
                    ><Why about="{name}, {what}" lines={sayTank(tank, report.groundMm, session.job.units)}>why</Why></td
                  >
                </tr>
              {:else}
                <tr><td colspan="7" class="py-1 text-ink-2">No tank stands in this plan yet.</td></tr>
              {/each}
            </tbody>
          </table>
          {#if report.fresh.length > 0 && !report.hasInlet}
            <p class="mt-1 text-[0.9286rem] text-ink-2">
              There is no filling point in the outer wall: the tank is filled through the inside.
            </p>
          {/if}
        </section>
        {#if report.warm.length > 0}
          <section class="mt-4 text-[0.9286rem]" aria-label="Warm water" data-testid="warm">
            <h2 class="border-b border-ink pb-0.5 caps">Warm water</h2>
            {#each report.warm as warm (warm.id)}
              <p class="border-b border-line py-1">
                <b class="font-semibold">{sayTankName(warm, budget.names)}</b>
                {sayWarm(warm)}
                <Why about="warm water of {sayTankName(warm, budget.names)}" lines={WARM_WHY}>why</Why>
              </p>
            {/each}
            <p class="py-1 text-ink-2">
              {formatNumber(report.warmADayL, 1)} L at 38 °C are wanted a day: {formatNumber(report.warmADayKwh, 2)} kWh.
            </p>
          </section>
        {/if}
      {/if}
    </main>
    <aside class="flex flex-col px-4 py-3" aria-label="What is assumed">
      <VariantTable
        variants={budget.variants}
        shown={budget.variantId}
        onshow={(id) => budget.showVariant(id)}
        rows={[
          { label: 'nights until dry', figure: (id) => nights(budget.reports[id]?.nights) },
          { label: 'until waste is full', figure: (id) => nights(budget.reports[id]?.wasteNights) },
          { label: 'fresh, L', figure: (id) => formatNumber(budget.reports[id]?.freshL ?? NaN) },
        ]}
      />
      <section aria-label="Assumed" class="mt-5 text-[0.9286rem]" data-testid="assumed">
        <h2 class="caps">Who uses what</h2>
        {#each waterHabits(session.job.brief) as { habit, value } (habit)}
          {@const [min, max] = WATER_HABIT_LIMITS[habit]}
          <div class="flex items-baseline gap-1 border-b border-dotted border-line">
            <div class="min-w-0 flex-1">
              <NumberField
                label={WATER_HABIT_WORDS[habit]}
                {value}
                suffix={WATER_HABIT_UNITS[habit]}
                width="3rem"
                {min}
                {max}
                onset={(to) => void set(habit, to)}
              />
            </div>
            {#if use.water?.[habit] !== undefined}<button
                class="act text-sm"
                aria-label="{WATER_HABIT_WORDS[habit]}: as usual"
                onclick={() => asUsual(habit)}>as usual</button
              >{/if}
            <Why about={WATER_HABIT_WORDS[habit]} lines={[WATER_HABIT_BASIS[habit]]}>why</Why>
          </div>
        {/each}
        <p class="mt-1 text-ink-2">
          <a class="act" href="/jobs/{session.id}/brief?page=use">Nights between fills</a>
          stand in the brief: {formatNumber(report?.asked ?? 0)}.
        </p>
      </section>
      <p class="mt-auto pt-5 text-[0.9286rem] text-ink-2">
        Drinking water stays in tanks that can be cleaned, and is filled away from waste. Figures are for planning.
      </p>
    </aside>
  </div>
</div>
