<script lang="ts">
  import { POWER_ASSUMED_LIMITS, type PowerAssumedKey } from '$lib/core/job'
  import {
    POWER_ASSUMED_BASIS,
    POWER_ASSUMED_UNITS,
    POWER_ASSUMED_WORDS,
    sayAmpHours,
    sayChemistry,
  } from '$lib/core/text'
  import { formatNumber } from '$lib/core/units'
  import NumberField from '../parts/NumberField.svelte'
  import Why from '../parts/Why.svelte'
  import type { Power } from './power.svelte'

  let { power }: { power: Power } = $props()
  const session = $derived(power.session)
  const plant = $derived(power.report?.plant)
  const assumed = $derived(power.report?.assumed)
  const shaded = $derived(power.report?.shaded ?? 0)
  const KEYS = Object.keys(POWER_ASSUMED_LIMITS) as PowerAssumedKey[]
  const isPrice = (key: PowerAssumedKey): boolean => key.startsWith('price')
  const amps = (value: number): string => (value === 0 ? 'none' : `${formatNumber(value)} A`)
  const watts = (value: number): string => (value === 0 ? 'none' : `${formatNumber(value)} W`)
  const there = $derived(
    plant === undefined
      ? []
      : ([
          [
            plant.capacityWh === 0 ? 'battery' : `battery, ${sayChemistry(plant.chemistry)}`,
            plant.capacityWh === 0 ? 'none' : `${sayAmpHours(plant.capacityWh, plant.volts)} · ${plant.volts} V`,
          ],
          [
            'sun',
            shaded < 0.005
              ? watts(plant.sunWatts)
              : `${watts(plant.sunWatts)}, ${formatNumber(Math.round(100 * shaded))}% in shade`,
          ],
          ['driving charger', amps(plant.engineAmps)],
          ['mains inlet', plant.hasInlet ? 'there' : plant.mainsAmps > 0 ? 'by the charger' : 'none: no hook-up'],
          ['mains charger', amps(plant.mainsAmps)],
          [
            'inverter',
            plant.inverterWatts === 0
              ? 'none'
              : `${formatNumber(plant.inverterWatts)} W, ${formatNumber(plant.inverterWaitingWatts)} W waiting`,
          ],
        ] as const),
  )
</script>

<section aria-label="What is there" class="mt-5 text-[0.9286rem]" data-testid="plant">
  <h2 class="caps">What is there</h2>
  {#each there as [name, figure] (name)}
    <p class="flex justify-between border-b border-dotted border-line py-0.5">
      <span class="text-ink-2">{name}</span><span>{figure}</span>
    </p>
  {/each}
</section>
{#if assumed !== undefined}
  <section aria-label="Assumed" class="mt-5 text-[0.9286rem]" data-testid="assumed">
    <h2 class="caps">Assumed</h2>
    {#each KEYS.filter((key) => !isPrice(key)) as key (key)}{@render figure(key)}{/each}
    <details class="mt-1">
      <summary class="w-fit cursor-pointer act">Prices, typical of 2026</summary>
      {#each KEYS.filter(isPrice) as key (key)}{@render figure(key)}{/each}
    </details>
  </section>
{/if}

{#snippet figure(key: PowerAssumedKey)}
  {@const [min, max] = POWER_ASSUMED_LIMITS[key]}
  <div class="flex items-baseline gap-1 border-b border-dotted border-line">
    <div class="min-w-0 flex-1">
      <NumberField
        label={POWER_ASSUMED_WORDS[key]}
        value={assumed?.[key] ?? NaN}
        digits={2}
        {...POWER_ASSUMED_UNITS[key] === '' ? {} : { suffix: POWER_ASSUMED_UNITS[key] }}
        width="3rem"
        {min}
        {max}
        onset={(value) => session.do({ type: 'power.assume', key, value })}
      />
    </div>
    <Why about={POWER_ASSUMED_WORDS[key]} lines={[POWER_ASSUMED_BASIS[key]]}>why</Why>
  </div>
{/snippet}
