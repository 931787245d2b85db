<script lang="ts">
  import { WATER_HABIT_LIMITS, type WaterHabit } from '$lib/core/brief'
  import { mostLeaning, type WaterReport } from '$lib/core/budgets'
  import {
    sayFrost,
    sayLever,
    sayPurpose,
    sayTank,
    sayTankName,
    sayTanksLack,
    sayWarm,
    sayWater,
    sayWaterLean,
    sayWaterRange,
    sayWaterSum,
    sayWaterYear,
    tankFor,
    WARM_WHY,
    WATER_BASIS,
    WATER_HABIT_BASIS,
    WATER_HABIT_UNITS,
    WATER_HABIT_WORDS,
    waterHabits,
  } from '$lib/core/text'
  import { formatNumber, sayLength } from '$lib/core/units'
  import { getSession } from '../job/context'
  import AssumedLine from './AssumedLine.svelte'
  import Why from '../parts/Why.svelte'
  import { Budget } from './budget.svelte'
  import BudgetDesk from './BudgetDesk.svelte'
  import WaterChart from './WaterChart.svelte'
  import WaterDrawing from './WaterDrawing.svelte'

  const session = getSession()
  const budget = new Budget(session, 'water')
  const report = $derived(budget.report)
  const sumOf = ({ use, freshL, drinkingL, nights }: WaterReport): string =>
    sayWaterSum(use, { litres: freshL, drinkingL }, nights)
  const nights = (value: number): string => (Number.isFinite(value) ? formatNumber(value, 1) : '–')
  const use = $derived(session.job.brief.use ?? {})
  const set = (habit: WaterHabit, value: number): boolean =>
    session.do({ type: 'brief.use', use: { ...use, water: { ...use.water, [habit]: value } } })
  function asUsual(habit: WaterHabit): void {
    const { [habit]: _, ...water } = use.water ?? {}
    session.do({ type: 'brief.use', use: { ...use, water } })
  }
  const tanks = $derived([
    ...(report?.fresh ?? []).map((tank) => ({ tank, what: tankFor(tank) })),
    ...(report?.waste ?? []).map((tank) => ({ tank, what: 'waste' })),
  ])
</script>

<BudgetDesk
  {budget}
  current="water"
  state={report === undefined || report.freshL === 0 ? 'no water tank' : `${nights(report.nights)} nights`}
  answer={sayWater}
  rows={[
    { label: 'nights until dry', figure: (one) => nights(one.nights) },
    { label: 'until waste is full', figure: (one) => nights(one.wasteNights) },
    { label: 'fresh, L', figure: (one) => formatNumber(one.freshL) },
  ]}
  caution="Drinking water stays in tanks that can be cleaned, and is filled away from waste. Figures are for planning."
>
  {#snippet sheet(report)}
    <p class="mt-1 text-[0.9286rem] text-ink-2">
      {sumOf(report)}
      <Why about="the nights of water" lines={[sumOf(report), WATER_BASIS]}>why</Why>
    </p>
    {#each [sayWaterRange(report), sayWaterYear(report)] as words (words)}
      {#if words !== undefined}<p class="text-[0.9286rem] text-ink-2">{words}</p>{/if}
    {/each}
    <section class="mt-3" aria-label="Water day by day" data-testid="levels">
      <div class="flex items-baseline justify-between gap-3">
        <h2 class="caps">Two weeks, day by day</h2>
        <span class="text-sm text-ink-2"
          >litres in the evening; full on the first Monday{report.filledEvery > 0
            ? `, filled again every ${formatNumber(report.filledEvery)} nights`
            : ''} · red: nothing left, or over</span
        >
      </div>
      <WaterChart {report} />
      {#if sayWaterLean(report) !== undefined && report.freshL > 0}
        <p class="text-[0.9286rem] text-ink-2" data-testid="lean">
          {sayWaterLean(report)}
          <a
            class="act"
            href="/jobs/{session.id}/budgets?variant={budget.variantId}&evening={mostLeaning(report.days) + 1}"
            >The whole vehicle that evening</a
          >
        </p>
      {/if}
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
                >{tank.isOutside ? sayFrost(tank) : '–'}</td
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
      {#each sayTanksLack(report) as words (words)}
        <p class="mt-1 text-[0.9286rem] text-ink-2">{words}</p>
      {/each}
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
  {/snippet}
  {#snippet beside(report)}
    <section aria-label="Assumed" class="mt-5 text-[0.9286rem]" data-testid="assumed">
      <h2 class="caps">Who uses what</h2>
      {#each waterHabits(session.job.brief) as { habit, value } (habit)}
        <AssumedLine
          label={WATER_HABIT_WORDS[habit]}
          {value}
          unit={WATER_HABIT_UNITS[habit]}
          limits={WATER_HABIT_LIMITS[habit]}
          basis={WATER_HABIT_BASIS[habit]}
          onset={(to) => void set(habit, to)}
          onusual={use.water?.[habit] === undefined ? undefined : () => asUsual(habit)}
        />
      {/each}
      <p class="mt-1 text-ink-2">
        <a class="act" href="/jobs/{session.id}/brief?page=use">Nights between fills</a>
        stand in the brief: {formatNumber(report.asked)}.
      </p>
    </section>
  {/snippet}
</BudgetDesk>
