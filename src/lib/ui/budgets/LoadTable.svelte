<script lang="ts">
  import type { LoadRow } from '$lib/core/budgets'
  import { sayLoad, whyLoad } from '$lib/core/text'
  import { formatNumber } from '$lib/core/units'
  import { newId } from '../job/new-id'
  import NumberField from '../parts/NumberField.svelte'
  import Why from '../parts/Why.svelte'
  import ExtraForm from './ExtraForm.svelte'
  import type { Power } from './power.svelte'

  let { power }: { power: Power } = $props()
  const session = $derived(power.session)
  const SHOWN = 9
  let all = $state(false)
  let adding = $state(false)
  const rows = $derived(power.report?.rows ?? [])
  const shown = $derived(all ? rows : rows.slice(0, SHOWN))
  const most = $derived(Math.max(1, ...rows.map(({ whADay }) => whADay)))
  const kilo = (wh: number): string => formatNumber(wh / 1000, 2)
  const nameOf = ({ load }: LoadRow): string => sayLoad(load, session.job, power.names)

  const set = ({ load }: LoadRow, hours: number): boolean => {
    if (load.source.kind !== 'extra') return session.do({ type: 'power.load', id: load.id, hours })
    const extra = session.job.power?.extras?.[load.source.id]
    return extra !== undefined && session.do({ type: 'power.extra', id: load.source.id, extra: { ...extra, hours } })
  }
</script>

<section aria-label="What draws">
  <table class="w-full text-[0.9286rem]" data-testid="loads">
    <thead>
      <tr class="border-b border-ink">
        <th class="pb-0.5 text-left caps" scope="col">What draws, a mean day</th>
        <th class="w-16 pb-0.5 text-right font-normal text-ink-2" scope="col">h a day</th>
        <th class="w-14 pb-0.5 text-right font-normal text-ink-2" scope="col">kWh</th>
        <th class="w-28 pb-0.5"><span class="sr-only">as a bar, and where it runs</span></th>
      </tr>
    </thead>
    <tbody>
      {#each shown as row (row.load.id)}
        {@const name = nameOf(row)}
        <tr class="border-b border-line">
          <td class="pt-0.5 pb-1.5"
            >{name}{#if row.load.isSet}
              <button
                class="ml-1 act text-sm"
                aria-label="Hours of {name} as suggested"
                onclick={() => session.do({ type: 'power.load', id: row.load.id, hours: null })}>as suggested</button
              >{:else if row.load.source.kind === 'extra'}
              <button
                class="ml-1 act text-sm"
                aria-label="Take out {name}"
                onclick={() => session.do({ type: 'power.extra', id: row.load.source.id, extra: null })}
                >take out</button
              >{/if}</td
          >
          <td class="text-right">
            <NumberField
              label="Hours a day of {name}"
              hideLabel
              value={row.load.isSet || row.load.source.kind === 'extra' ? row.load.hours : row.hoursADay}
              digits={2}
              width="2.6rem"
              min={0}
              max={24}
              onset={(hours) => void set(row, hours)}
            />
          </td>
          <td class="text-right font-semibold"
            ><Why about="{kilo(row.whADay)} kWh for {name}" lines={() => whyLoad(row)}>{kilo(row.whADay)}</Why></td
          >
          <td class="pl-3">
            {#if row.load.onlyHookUp || row.hasNoInverter}
              {#if row.hasNoInverter}<span class="text-sm text-ink-2">at a hook-up</span>{:else}<button
                  class="act text-sm"
                  aria-label="{name}: at a hook-up only; let it run on the battery"
                  onclick={() => session.do({ type: 'power.load', id: row.load.id, onlyHookUp: false })}
                  >at a hook-up</button
                >{/if}
            {:else}
              <span class="block h-1.5 bg-ink" style:width="{Math.max(1, (100 * row.whADay) / most)}%"></span>
            {/if}
          </td>
        </tr>
      {/each}
    </tbody>
  </table>
  <p class="mt-1 flex flex-wrap items-baseline justify-between gap-x-4 text-[0.9286rem]">
    <b class="font-semibold">{kilo(power.report?.perDay.wants ?? 0)} kWh a day</b>
  </p>
  <p class="no-print mt-1 flex flex-wrap gap-x-4 text-[0.9286rem]">
    {#if rows.length > SHOWN}<button class="act" onclick={() => (all = !all)}
        >{all ? 'Show only the largest' : `${rows.length - SHOWN} more that draw`}</button
      >{/if}
    {#if !adding}<button class="act" onclick={() => (adding = true)}>Add what else draws…</button>{/if}
  </p>
  {#if adding}
    <ExtraForm
      onadd={(extra) => {
        if (session.do({ type: 'power.extra', id: newId('load'), extra })) adding = false
      }}
      oncancel={() => (adding = false)}
    />
  {/if}
</section>
