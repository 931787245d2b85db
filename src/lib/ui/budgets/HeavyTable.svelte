<script lang="ts">
  import { axlesOf, frontShareOf, type Heavy } from '$lib/core/budgets'
  import { sayHeavy, sayPlace, sayShareless } from '$lib/core/text'
  import { formatFigure, formatNumber, isInInches, sayLength, sayMass } from '$lib/core/units'
  import Why from '../parts/Why.svelte'
  import type { Budgets } from './budgets.svelte'

  let { budgets }: { budgets: Budgets } = $props()
  const SHOWN = 9
  let all = $state(false)
  const rows = $derived(budgets.report?.heavy ?? [])
  const shown = $derived(all ? rows : rows.slice(0, SHOWN))
  const rest = $derived(rows.slice(shown.length))
  const unit = $derived(budgets.session.job.units)
  const axles = $derived(axlesOf(budgets.session.job.shell))
  const onFront = ({ parts }: Heavy): number =>
    parts.reduce((sum, part) => sum + part.kg * frontShareOf(axles, part.at), 0)
  /** What it is made up of, and what it does to the height of the centre of mass. */
  const why = (row: Heavy): readonly string[] => {
    const mm = row.parts.reduce((sum, { raisesMm }) => sum + raisesMm, 0)
    return [
      ...row.parts.map((part) => sayShareless(part, budgets.session.job, budgets.names)),
      `It ${mm >= 0 ? 'raises' : 'lowers'} the centre of gravity of the vehicle by ${sayLength(Math.abs(mm), unit)}.`,
    ]
  }
  const signed = (kg: number): string => `${kg > 0 ? '+' : '−'}${formatFigure(Math.abs(kg), 1)} kg`
</script>

<section aria-label="What weighs most" class="mt-5">
  <table class="w-full text-[0.9286rem]" data-testid="heavy">
    <thead>
      <tr class="border-b border-ink">
        <th class="pb-0.5 text-left caps" colspan="3" scope="col">What weighs most</th>
        <th class="w-24 pb-0.5 text-right font-normal text-ink-2" scope="col">on the front</th>
        <th class="w-20 pb-0.5 text-right font-normal text-ink-2" scope="col">on the rear</th>
        <th class="w-52 pb-0.5 text-right font-normal text-ink-2" scope="col"
          >rear, {isInInches(unit) ? '4 in' : '100 mm'} further forward</th
        >
      </tr>
    </thead>
    <tbody>
      {#each shown as row (row.key)}
        <tr class="border-b border-line">
          <td class="py-1">{sayHeavy(row, budgets.session.job, budgets.names)}</td>
          <td class="w-20 text-right font-semibold whitespace-nowrap"
            ><Why about="weight {sayMass(Math.round(row.kg))}" lines={() => why(row)}>{sayMass(Math.round(row.kg))}</Why
            ></td
          >
          <td class="pl-4 text-ink-2"
            >{row.kind === 'lining' || row.kind === 'seat-out' ? 'all round' : sayPlace(row.at, unit)}</td
          >
          <td class="text-right">{formatNumber(Math.round(onFront(row)))}</td>
          <td class="text-right">{formatNumber(Math.round(row.kg - onFront(row)))}</td>
          <td class="text-right">{row.rearPer100Kg === undefined ? '–' : signed(row.rearPer100Kg)}</td>
        </tr>
      {/each}
      {#if rest.length > 0}
        <tr class="border-b border-line">
          <td class="py-1"><button class="act" onclick={() => (all = true)}>{rest.length} more things</button></td>
          <td class="text-right font-semibold">{sayMass(Math.round(rest.reduce((sum, { kg }) => sum + kg, 0)))}</td>
          <td colspan="4"></td>
        </tr>
      {:else if all && rows.length > SHOWN}
        <tr
          ><td class="py-1" colspan="4"
            ><button class="act" onclick={() => (all = false)}>Show only the heaviest</button></td
          ></tr
        >
      {/if}
    </tbody>
  </table>
</section>
