<script lang="ts">
  import { drawnSet, FOUND_STEPS, MOST_FOUND, mostSunWatts, takingOf, type Found } from '$lib/core/budgets'
  import { ROOF_ROOM_WHY, sayFirst, saySizes, SCHOOL_WORDS, whySet } from '$lib/core/text'
  import { formatNumber, sayArea, sayMass } from '$lib/core/units'
  import Why from '../parts/Why.svelte'
  import GravityMark from '../parts/GravityMark.svelte'
  import type { Power } from './power.svelte'

  let { power }: { power: Power } = $props()
  const report = $derived(power.report)
  const most = $derived(report === undefined ? MOST_FOUND.sunWatts : mostSunWatts(report))
  const volts = $derived(report?.plant.volts ?? 12)
  const signed = (value: number, say: (of: number) => string): string =>
    `${value < -0.5 ? '−' : '+'}${say(Math.abs(Math.round(value)))}`
  /** One set may be the best of several sorts. */
  const rows = $derived.by(() => {
    const found = power.sizes !== undefined && 'found' in power.sizes ? power.sizes.found : []
    const key = ({ set }: Found): string => JSON.stringify(set)
    return found
      .filter((one, at) => found.findIndex((other) => key(other) === key(one)) === at)
      .map((one) => ({
        found: one,
        names: found
          .filter((other) => key(other) === key(one))
          .map(({ school }) => SCHOOL_WORDS[school])
          .join(', '),
      }))
  })
  const taken = (found: Found) => takingOf(power.session.job, power.variantId, found.set)
</script>

<section aria-label="Sizes that would do" class="mt-5">
  <table class="w-full text-[0.9286rem]" data-testid="sets">
    <thead>
      <tr class="border-b border-ink">
        <th class="pb-0.5 text-left caps" colspan="4" scope="colgroup"
          >Sizes that would do: at most {formatNumber(report?.assumed.darkDays ?? 0)} dark days</th
        >
        <th class="pb-0.5 text-right font-normal text-ink-2" colspan="5" scope="colgroup"
          >run through the year; a smaller battery did not hold</th
        >
      </tr>
      <tr class="border-b border-line text-ink-2">
        <th></th>
        {#each ['battery', 'sun', 'driving charger', 'weight', 'roof', 'price', 'dark days'] as head (head)}
          <th class="py-0.5 pr-3 text-left font-normal whitespace-nowrap" scope="col">{head}</th>
        {/each}
        <th></th>
      </tr>
    </thead>
    <tbody>
      {#if report !== undefined}
        <tr class="border-b border-line">
          <th class="py-1 pr-3 text-left font-semibold" scope="row">as drawn</th>
          {#each saySizes(drawnSet(report.plant), volts) as size, at (at)}<td class="pr-3 whitespace-nowrap">{size}</td
            >{/each}
          <td class="pr-3 whitespace-nowrap">–</td>
          <td class="pr-3 whitespace-nowrap"
            >{report.plant.roofM2 === 0 ? '–' : sayArea(report.plant.roofM2, power.session.job.units)}</td
          >
          <td class="pr-3 whitespace-nowrap">–</td>
          <td
            >{#if report.darkDays.length > report.assumed.darkDays}<GravityMark gravity="stop" size={12} />
              <span class="font-semibold text-stop">{report.darkDays.length}</span>{:else}{report.darkDays
                .length}{/if}</td
          >
          <td class="pr-3 whitespace-nowrap"></td>
        </tr>
      {/if}
      {#if power.sizes !== undefined && 'found' in power.sizes}
        {#each rows as { found, names } (found.school)}
          {@const [battery, sun, engine] = saySizes(found.set, volts)}
          {@const commands = taken(found)}
          <tr class="border-b border-line">
            <th class="py-1 pr-3 text-left font-semibold" scope="row">{names}</th>
            <td class="pr-3 whitespace-nowrap">{battery}</td>
            <td class="pr-3 whitespace-nowrap">{sun}</td>
            <td class="pr-3 whitespace-nowrap">{engine}</td>
            <td class="pr-3 whitespace-nowrap">{signed(found.kg, (kg) => sayMass(kg))}</td>
            <td class="pr-3 whitespace-nowrap"
              >{found.roofM2 === 0 ? '–' : sayArea(found.roofM2, power.session.job.units)}</td
            >
            <td class="pr-3 whitespace-nowrap"
              >{#if report !== undefined}<Why
                  about="{names}: {signed(found.price, (price) => formatNumber(price))}"
                  lines={() => whySet(found, drawnSet(report.plant), report.assumed, volts)}
                  >{signed(found.price, (price) => formatNumber(price))}</Why
                >{/if}</td
            >
            <td class="pr-3 whitespace-nowrap">{found.darkDays}</td>
            <td class="text-right">
              {#if commands.ok}
                {#if commands.commands.length > 0}<button
                    class="act"
                    aria-label="Take the set {names}"
                    onclick={() =>
                      power.session.do({ type: 'batch', what: 'remedy', commands: [...commands.commands] })}
                    >Take it</button
                  >{:else}<span class="text-ink-2">is drawn</span>{/if}
              {:else}<span class="text-sm text-ink-2">{sayFirst(commands)}</span>{/if}
            </td>
          </tr>
        {:else}
          <tr
            ><td colspan="9" class="py-1 text-ink-2"
              >None of up to {formatNumber(MOST_FOUND.ampHours)} Ah, {formatNumber(most)} W of sun and {FOUND_STEPS.engineAmps.at(
                -1,
              )} A from the drive holds that: allow more dark days, or draw less.</td
            ></tr
          >
        {/each}
      {:else if power.sizes !== undefined && 'stopped' in power.sizes}
        <tr><td colspan="9" class="py-1 text-stop">The search has stopped: {power.sizes.stopped}.</td></tr>
      {:else}
        <tr
          ><td colspan="9" class="py-1 text-ink-2"
            ><span role="status"
              >Running sizes through the year… {formatNumber(Math.round(100 * (power.sizes?.share ?? 0)))}%</span
            ></td
          ></tr
        >
      {/if}
    </tbody>
  </table>
  {#if report !== undefined && most < MOST_FOUND.sunWatts}
    <p class="mt-1 text-[0.9286rem] text-ink-2">
      The roof has {sayArea(report.roofRoomM2, power.session.job.units)} for panels: no more than {formatNumber(most)} W are
      tried.
      <Why about="room on the roof" lines={ROOF_ROOM_WHY}>why</Why>
    </p>
  {/if}
</section>
