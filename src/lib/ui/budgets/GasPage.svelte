<script lang="ts">
  import {
    monthName,
    sayBurner,
    sayFuel,
    sayFuelShort,
    sayFuelUnsaid,
    sayGasNights,
    sayGasRun,
    sayGasVent,
    sayLeakTest,
    whyBurner,
  } from '$lib/core/text'
  import { formatNumber } from '$lib/core/units'
  import { getSession } from '../job/context'
  import NumberField from '../parts/NumberField.svelte'
  import Why from '../parts/Why.svelte'
  import BodyPlan from './BodyPlan.svelte'
  import { Budget } from './budget.svelte'
  import BudgetDesk from './BudgetDesk.svelte'

  const session = getSession()
  const budget = new Budget(session, 'fuel')
  const report = $derived(budget.report)
  const MONTHS = Array.from({ length: 12 }, (_, month) => month)
  const hasGas = $derived(report?.burners.some(({ fuel }) => fuel === 'gas') === true)
  const hasDiesel = $derived(report?.burners.some(({ fuel }) => fuel === 'diesel') === true)
</script>

<BudgetDesk
  {budget}
  current="gas"
  state={report === undefined ? '' : `gas ${sayFuelShort(report)}`}
  answer={sayFuel}
  rows={[
    { label: 'gas, kg', figure: (one) => formatNumber(one.gasKg, 1) },
    { label: 'gas a year, kg', figure: (one) => formatNumber(one.gasKgAYear, 0) },
    { label: 'diesel a year, L', figure: (one) => formatNumber(one.dieselAYear, 0) },
  ]}
  caution="Gas by a licensed fitter, pressure-tested, to the local code; a carbon monoxide alarm at pillow height. Figures are for planning."
>
  {#snippet sheet(report)}
    {#if sayFuelUnsaid(report) !== undefined}
      <p class="mt-1 text-[0.9286rem] text-ink-2">{sayFuelUnsaid(report)}</p>
    {/if}
    {#if report.altitudeM > report.kitAboveM && report.burners.length > 0}
      <p class="mt-1 text-[0.9286rem] text-caution">
        At {formatNumber(report.altitudeM)} m a burner needs its altitude kit, or it soots. Common practice, no source: above
        about {formatNumber(report.kitAboveM)} m.
      </p>
    {/if}
    {#if report.burners.length > 0}
      <section class="mt-4" aria-label="What burns">
        <table class="w-full text-[0.9286rem]" data-testid="burners">
          <thead>
            <tr class="border-b border-ink">
              <th class="pb-0.5 text-left caps" scope="col">What burns, a mean day aboard</th>
              {#each ['full power', 'h a day', 'kWh'] as head (head)}
                <th class="pb-0.5 pl-3 text-right font-normal text-ink-2" scope="col">{head}</th>
              {/each}
              <th></th>
            </tr>
          </thead>
          <tbody>
            {#each report.burners as burner (burner.id)}
              {@const name = sayBurner(burner, budget.names)}
              <tr class="border-b border-line">
                <th class="py-1 text-left font-semibold" scope="row">{name}</th>
                <td class="pl-3 text-right">{formatNumber(burner.watts)} W</td>
                <td class="pl-3 text-right">
                  {#if Number.isNaN(burner.hoursADay)}<span class="text-ink-2">by the water</span>{:else}
                    <NumberField
                      label="Hours a day of {name}"
                      hideLabel
                      value={burner.hoursADay}
                      digits={2}
                      width="2.6rem"
                      min={0}
                      max={24}
                      onset={(hours) => void session.do({ type: 'power.load', id: burner.id, hours })}
                    />
                  {/if}
                  {#if burner.isSet}<button
                      class="act text-sm"
                      aria-label="Hours of {name} as suggested"
                      onclick={() => session.do({ type: 'power.load', id: burner.id, hours: null })}
                      >as suggested</button
                    >{/if}
                </td>
                <td class="pl-3 text-right font-semibold"
                  ><Why about="{formatNumber(burner.kWhADay, 2)} kWh for {name}" lines={() => whyBurner(burner, report)}
                    >{formatNumber(burner.kWhADay, 2)}</Why
                  ></td
                >
                <td></td>
              </tr>
            {/each}
          </tbody>
        </table>
      </section>
      <section class="mt-5 overflow-x-auto" aria-label="By the month">
        <table class="w-full text-[0.9286rem]" data-testid="months">
          <thead>
            <tr class="border-b border-ink">
              <th class="pb-0.5 text-left caps" scope="col">By the month</th>
              {#each MONTHS as month (month)}
                <th class="pb-0.5 pl-2 text-right font-normal text-ink-2" scope="col">{monthName(month).slice(0, 3)}</th
                >
              {/each}
            </tr>
          </thead>
          <tbody>
            <tr class="border-b border-line">
              <th class="py-1 text-left font-normal" scope="row">nights aboard</th>
              {#each MONTHS as month (month)}<td class="pl-2 text-right">{report.livedByMonth[month]}</td>{/each}
            </tr>
            {#if hasGas && report.gasKg > 0}
              <tr class="border-b border-line">
                <th class="py-1 text-left font-semibold" scope="row">nights on a filling of gas</th>
                {#each MONTHS as month (month)}
                  <td class="pl-2 text-right font-semibold">{sayGasNights(report.gasNights[month] ?? NaN)}</td>
                {/each}
              </tr>
            {/if}
            {#if hasDiesel}
              <tr class="border-b border-line">
                <th class="py-1 text-left font-semibold" scope="row">diesel a night, L</th>
                {#each MONTHS as month (month)}
                  <td class="pl-2 text-right font-semibold"
                    >{(report.livedByMonth[month] ?? 0) === 0
                      ? ''
                      : formatNumber(report.dieselANight[month] ?? 0, 1)}</td
                  >
                {/each}
              </tr>
            {/if}
          </tbody>
        </table>
      </section>
    {/if}
    {#if report.lines.runs.length > 0}
      {@const { runs, vents } = report.lines}
      <section class="mt-5" aria-label="Pipes and vents" data-testid="pipes">
        <h2 class="border-b border-ink pb-0.5 caps">Pipes and vents</h2>
        <BodyPlan
          shell={session.job.shell}
          plan={budget.plan}
          highPx={150}
          label="Plan with {runs.length} pipes for gas on their ways"
        >
          {#snippet over(onScreen)}
            {#each runs as { points, to } (to)}
              <polyline
                points={points.map(([x, y]) => onScreen([x, y]).join(',')).join(' ')}
                fill="none"
                stroke="var(--pencil)"
                stroke-width="1.6"
              />
            {/each}
          {/snippet}
        </BodyPlan>
        <ul class="text-[0.9286rem]">
          {#each runs as run (run.to)}
            <li class={run.lengthMm > report.zoneMm ? 'text-caution' : ''}>{sayGasRun(run, budget.names)}</li>
          {/each}
          {#each vents as vent (vent.id)}
            <li class={vent.ventCm2 < vent.neededCm2 || !vent.isSealed ? 'text-caution' : ''}>
              {sayGasVent(vent, budget.names)}
            </li>
          {/each}
        </ul>
        <p class="mt-1 text-sm text-ink-2">{sayLeakTest(report.lines)}</p>
      </section>
    {/if}
  {/snippet}
  {#snippet beside(report)}
    <p class="mt-5 text-[0.9286rem]" data-testid="stored">
      {report.gasKg === 0
        ? 'No gas is stored in this plan.'
        : `${formatNumber(report.gasKg, 1)} kg of gas${report.bottles > 0 ? `, as ${report.bottles} of 11 kg` : ''}.`}
    </p>
    <p class="mt-2 text-[0.9286rem] text-ink-2">
      Where it is through the year and its climates stand on the page
      <a class="act" href="/jobs/{session.id}/budgets/power?variant={budget.variantId}">Power</a>; the litres of warm
      water on the page
      <a class="act" href="/jobs/{session.id}/budgets/water?variant={budget.variantId}">Water</a>; what the body loses
      on the page
      <a class="act" href="/jobs/{session.id}/budgets/warmth?variant={budget.variantId}">Warmth</a>.
    </p>
  {/snippet}
</BudgetDesk>
