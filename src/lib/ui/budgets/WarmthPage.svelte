<script lang="ts">
  import type { WarmthAssumedKey } from '$lib/core/job'
  import {
    DAMP_WORDS,
    LOSS_WORDS,
    sayDamp,
    CLOSED_BED_WHY,
    sayClosedBed,
    sayWarmthUnsaid,
    sayWarmth,
    sayWarmthShort,
    sayWarmthStep,
    whyDamp,
    whyLoss,
  } from '$lib/core/text'
  import { formatNumber, sayArea } from '$lib/core/units'
  import { getSession } from '../job/context'
  import WarmthAssumed from './WarmthAssumed.svelte'
  import Why from '../parts/Why.svelte'
  import { Budget } from './budget.svelte'
  import BudgetDesk from './BudgetDesk.svelte'
  import NightChart from './NightChart.svelte'

  const session = getSession()
  const budget = new Budget(session, 'warmth')
  const report = $derived(budget.report)
  const kelvin = $derived(report === undefined ? 0 : Math.max(0, report.assumed.heatedC - report.coldestC))
  const most = $derived(Math.max(1, ...(report?.losses.losses.map(({ wk }) => wk) ?? [])))
  const KEYS: readonly WarmthAssumedKey[] = [
    'heatedC',
    'nightC',
    'bridgePercent',
    'bareRibM2',
    'airChanges',
    'cabPercent',
    'coveredPercent',
    'outsidePercent',
    'pricePerL',
  ]
</script>

<BudgetDesk
  {budget}
  current="warmth"
  state={report === undefined ? '' : `heat ${sayWarmthShort(report)}`}
  answer={sayWarmth}
  rows={[
    { label: 'W/K', figure: (one) => formatNumber(one.losses.totalWK, 0) },
    { label: 'needed, W', figure: (one) => formatNumber(Math.round(one.neededW[0])) },
    { label: 'a year, L of diesel', figure: (one) => formatNumber(Math.round(one.yearL)) },
  ]}
  caution="Never an unflued burner while asleep. Flues and gas by a licensed fitter, alarms at pillow height. Figures are for planning."
>
  {#snippet sheet(report)}
    <p class="mt-1 text-[0.9286rem] text-ink-2">
      {sayDamp(report)}
      {formatNumber(report.losses.totalWK, 0)} W lost for each kelvin; a night at {formatNumber(report.assumed.nightC)} °C
      burns {formatNumber(report.nightKwh, 1)} kWh, {formatNumber(report.nightL, 1)} L of diesel{report.nightWh > 0
        ? `, and draws ${formatNumber(Math.round(report.nightWh))} Wh`
        : ''}; a year {formatNumber(Math.round(report.yearKwh))} kWh, {formatNumber(Math.round(report.yearL))} L.
    </p>
    {#if sayWarmthUnsaid(report) !== undefined}<p class="text-[0.9286rem] text-ink-2">{sayWarmthUnsaid(report)}</p>{/if}
    {#if sayClosedBed(report, (id) => budget.names.the(id)) !== undefined}
      <p
        class="text-[0.9286rem] {report.bed?.hasOutlet === false ? 'text-caution' : 'text-ink-2'}"
        data-testid="closed-bed"
      >
        {sayClosedBed(report, (id) => budget.names.the(id))}
        <Why about="how warm the bed gets" lines={CLOSED_BED_WHY}>why</Why>
      </p>
    {/if}
    <div class="mt-3 grid gap-x-7 gap-y-4 min-[1180px]:grid-cols-2">
      <section aria-label="Where the heat goes">
        <table class="w-full text-[0.9286rem]" data-testid="losses">
          <thead>
            <tr class="border-b border-ink">
              <th class="pb-0.5 text-left caps" scope="col">Where the heat goes</th>
              <th class="pb-0.5 text-right font-normal text-ink-2" scope="col">area</th>
              <th class="pb-0.5 pl-3 text-right font-normal text-ink-2" scope="col">W</th>
              <th class="w-24 pb-0.5"><span class="sr-only">as a bar</span></th>
            </tr>
          </thead>
          <tbody>
            {#each report.losses.losses as loss (loss.what)}
              {@const watts = formatNumber(Math.round(loss.wk * kelvin))}
              <tr class="border-b border-line">
                <th class="py-1 text-left font-normal" scope="row"
                  >{LOSS_WORDS[loss.what]}{#if loss.isAssumed}<span class="text-ink-2"> · assumed</span>{/if}</th
                >
                <td class="text-right text-ink-2">{loss.m2 === 0 ? '' : sayArea(loss.m2, session.job.units)}</td>
                <td class="pl-3 text-right font-semibold"
                  ><Why about="{watts} W by {LOSS_WORDS[loss.what]}" lines={() => whyLoss(loss, report)}>{watts}</Why
                  ></td
                >
                <td class="pl-3"
                  ><span class="block h-1.5 bg-ink" style:width="{Math.max(1, (100 * loss.wk) / most)}%"></span></td
                >
              </tr>
            {/each}
          </tbody>
        </table>
      </section>
      <section aria-label="A cold night by the hour" data-testid="night">
        <h2 class="caps">The coldest night, by the hour, °C</h2>
        <NightChart {report} />
        <h2 class="mt-3 caps">What would save most</h2>
        <ul class="text-[0.9286rem]" data-testid="steps">
          {#each report.steps.slice(0, 4) as step (step.what)}<li>{sayWarmthStep(step)}</li>{/each}
        </ul>
      </section>
    </div>
    <section class="mt-4" aria-label="Damp">
      <table class="w-full text-[0.9286rem]" data-testid="damp">
        <thead>
          <tr class="border-b border-ink">
            <th class="pb-0.5 text-left caps" scope="col">Damp, in bed in the coldest hour</th>
            {#each ['on its inner side', 'dew point', '', 'dry from', 'wet, hours a year'] as head, at (at)}
              <th class="pb-0.5 pl-3 text-left font-normal text-ink-2" scope="col">{head}</th>
            {/each}
            <th></th>
          </tr>
        </thead>
        <tbody>
          {#each report.damp as face (face.at)}
            <tr class="border-b border-line">
              <th class="py-1 text-left font-normal" scope="row">{DAMP_WORDS[face.at]}</th>
              <td class="pl-3">{formatNumber(face.c, 1)} °C</td>
              <td class="pl-3">{formatNumber(report.dewC, 1)} °C</td>
              <td class="pl-3 {face.isWet ? 'font-semibold text-caution' : 'text-ink-2'}"
                >{face.isWet ? 'wet' : 'dry'}</td
              >
              <td class="pl-3 whitespace-nowrap"
                >{report.vapourGH === 0
                  ? ''
                  : Number.isFinite(face.dryChanges)
                    ? `${formatNumber(face.dryChanges, 1)} air changes an hour`
                    : 'never'}</td
              >
              <td class="pl-3 {report.winter.wet[face.at] > 0 ? '' : 'text-ink-2'}"
                >{formatNumber(report.winter.wet[face.at])}</td
              >
              <td class="text-right"
                ><Why about="damp at {DAMP_WORDS[face.at]}" lines={() => whyDamp(face, report)}>why</Why></td
              >
            </tr>
          {/each}
        </tbody>
      </table>
      <p class="mt-1 text-[0.9286rem] text-ink-2">
        A drilled board or slats under the mattress, and air behind it, keep it from the last line.
      </p>
    </section>
  {/snippet}
  {#snippet beside(report)}
    <section aria-label="Assumed" class="mt-5 text-[0.9286rem]" data-testid="assumed">
      <h2 class="caps">Assumed</h2>
      <WarmthAssumed {session} keys={KEYS} assumed={report.assumed} />
      <p class="mt-1 text-ink-2">
        The coldest night and the height above the sea stand in the <a
          class="act"
          href="/jobs/{session.id}/brief?page=use">brief</a
        >, the lining on the page <a class="act" href="/jobs/{session.id}/vehicle">Vehicle</a>.
      </p>
    </section>
  {/snippet}
</BudgetDesk>
