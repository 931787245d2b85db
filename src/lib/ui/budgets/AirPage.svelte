<script lang="ts">
  import type { AirState } from '$lib/core/budgets'
  import type { WarmthAssumedKey } from '$lib/core/job'
  import {
    AIR_STATE_WORDS,
    AIR_WHY,
    capital,
    changesOf,
    MORNING_WHY,
    NOISE_WHY,
    sayAir,
    sayAirRange,
    sayAirShort,
    sayFans,
    sayCutOff,
    sayFlow,
    sayParked,
    saySpeeds,
    spaceName,
    sayMorning,
    sayPpm,
    sayNoise,
    sayThrough,
    saySummer,
    STALE_PPM,
    summerWhy,
  } from '$lib/core/text'
  import { formatNumber } from '$lib/core/units'
  import { getSession } from '../job/context'
  import Why from '../parts/Why.svelte'
  import AirDrawing from './AirDrawing.svelte'
  import { Budget } from './budget.svelte'
  import BudgetDesk from './BudgetDesk.svelte'
  import SummerChart from './SummerChart.svelte'
  import WarmthAssumed from './WarmthAssumed.svelte'

  const session = getSession()
  const budget = new Budget(session, 'air')
  const report = $derived(budget.report)
  const KEYS: readonly WarmthAssumedKey[] = ['windMs', 'windDeg', 'parkedDeg', 'coveredPercent']
  const keys = $derived(report?.hasCab === true ? [...KEYS, 'cabAirCm2' as const] : KEYS)
  const STATES: readonly AirState[] = ['full', 'lowest', 'open', 'shut']
</script>

<BudgetDesk
  {budget}
  current="air"
  state={report === undefined ? '' : `air ${sayAirShort(report)}`}
  answer={sayAir}
  rows={[
    { label: 'changes an hour', figure: (one) => sayAirShort(one).replace(' /h', '') },
    { label: 'ppm by the morning', figure: (one) => sayPpm(one.co2.lowest) },
    { label: 'cooling, W', figure: (one) => formatNumber(Math.round(one.summer.coolingW)) },
  ]}
  caution="Air that burners take comes on top of this. Never an unflued burner while asleep. Figures are for planning."
>
  {#snippet sheet(report)}
    <AirDrawing {budget} {report} />
    <div class="mt-4 grid gap-x-7 gap-y-4 min-[1180px]:grid-cols-2">
      <section aria-label="How often the air changes">
        <table class="w-full text-[0.9286rem]" data-testid="states">
          <thead>
            <tr class="border-b border-ink">
              <th class="pb-0.5 text-left caps" scope="col">How often the air changes</th>
              <th class="pb-0.5 text-right font-normal text-ink-2" scope="col">fresh air</th>
              <th class="pb-0.5 pl-3 text-right font-normal text-ink-2" scope="col">an hour</th>
            </tr>
          </thead>
          <tbody>
            {#each STATES.filter((state) => report.hasFan || state === 'open' || state === 'shut') as state (state)}
              <tr class="border-b border-line">
                <th class="py-1 text-left font-normal" scope="row">{AIR_STATE_WORDS[state]}</th>
                <td class="text-right">{sayFlow(report.fresh[state])}</td>
                <td class="pl-3 text-right font-semibold"
                  ><Why about="air changes, {AIR_STATE_WORDS[state]}" lines={AIR_WHY}
                    >{formatNumber(changesOf(report, report.fresh[state]), 1)}</Why
                  ></td
                >
              </tr>
            {/each}
          </tbody>
        </table>
        <p class="mt-1 text-[0.9286rem] text-ink-2" data-testid="air-range">{sayAirRange(report)}</p>
        {#if report.hasFan}
          <p class="text-[0.9286rem] text-ink-2">
            {formatNumber(report.speed, 2)} m/s along the body with the fan at full.
          </p>
        {/if}
        {#if saySpeeds(report) !== undefined}
          <p class="text-[0.9286rem] text-ink-2" data-testid="speeds">{saySpeeds(report)}</p>
        {/if}
        {#if report.spaces.length > 1}
          <table class="mt-3 w-full text-[0.9286rem]" data-testid="spaces">
            <thead>
              <tr class="border-b border-ink">
                <th class="pb-0.5 text-left caps" scope="col">Shut off at night</th>
                <th class="pb-0.5 text-right font-normal text-ink-2" scope="col">m³</th>
                <th class="pb-0.5 pl-3 text-right font-normal text-ink-2" scope="col">comes in</th>
                <th class="pb-0.5 pl-3 text-right font-normal text-ink-2" scope="col">an hour</th>
              </tr>
            </thead>
            <tbody>
              {#each report.spaces as space (space.id)}
                {@const m3h = space.into[report.hasFan ? 'full' : 'open']}
                <tr class="border-b border-line">
                  <th class="py-1 text-left font-normal" scope="row">{capital(spaceName(space))}</th>
                  <td class="text-right">{formatNumber(space.volumeM3, 1)}</td>
                  <td class="pl-3 text-right">{sayFlow(m3h)}</td>
                  <td class="pl-3 text-right font-semibold">{formatNumber(m3h / Math.max(0.1, space.volumeM3), 1)}</td>
                </tr>
              {/each}
            </tbody>
          </table>
          {#each report.cutOff as cut (cut.id)}
            <p class="mt-1 text-[0.9286rem] text-caution" data-testid="cut-off">
              {sayCutOff(cut, (id) => budget.names.the(id))}
            </p>
          {/each}
        {/if}
        <ul class="text-[0.9286rem]" data-testid="fans">
          {#each sayFans(report) as words (words)}<li>{words}</li>{/each}
        </ul>
        <div class="mt-4 text-[0.9286rem]">
          <h2 class="border-b border-ink pb-0.5 caps">Noise at night</h2>
          {#each report.noise as noise (noise.label)}
            <p class="py-1">{sayNoise(noise, (id) => budget.names.the(id))}</p>
          {:else}<p class="py-1 text-ink-2">Nobody lies in a bed yet.</p>{/each}
          {#if report.noise.length > 0}<p><Why about="noise at the heads" lines={NOISE_WHY}>why</Why></p>{/if}
        </div>
      </section>
      <section class="text-[0.9286rem]" aria-label="Nights and summers">
        <h2 class="border-b border-ink pb-0.5 caps">By the morning</h2>
        <p class="py-1 {report.co2.lowest > STALE_PPM ? 'text-caution' : ''}" data-testid="morning">
          {sayMorning(report)}
          <Why about="the air by the morning" lines={MORNING_WHY}>why</Why>
        </p>
        <h2 class="mt-2 border-b border-ink pb-0.5 caps">In summer</h2>
        <p class="py-1" data-testid="summer">
          {saySummer(report)}
          <Why about="the heat of summer" lines={() => summerWhy(report)}>why</Why>
        </p>
        {#if sayParked(report) !== undefined}<p class="pb-1" data-testid="parked">{sayParked(report)}</p>{/if}
        <SummerChart summer={report.summer} />
      </section>
    </div>
  {/snippet}
  {#snippet beside(report)}
    <section class="mt-5 text-[0.9286rem]" aria-label="Assumed" data-testid="assumed">
      <h2 class="caps">Assumed</h2>
      <WarmthAssumed {session} {keys} assumed={report.assumed} />
    </section>
    <section class="mt-5 text-[0.9286rem]" aria-label="Openings" data-testid="openings">
      <h2 class="caps">Openings</h2>
      {#each report.places as place (place.id)}
        <p class="flex justify-between border-b border-dotted border-line py-0.5">
          <span class="text-ink-2"
            >{capital(budget.plan.fittings[place.id] === undefined ? place.what : budget.names.fitting(place.id))}</span
          ><span>{sayThrough(place)}</span>
        </p>
      {:else}<p class="text-ink-2">None.</p>{/each}
    </section>
  {/snippet}
</BudgetDesk>
