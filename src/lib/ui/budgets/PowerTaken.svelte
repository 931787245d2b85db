<script lang="ts">
  import { POWER_ASSUMED_LIMITS, type PowerAssumedKey } from '$lib/core/job'
  import { sayAmpHours, sayChemistry, SUN_WHY } from '$lib/core/text'
  import { formatNumber } from '$lib/core/units'
  import Why from '../parts/Why.svelte'
  import AssumedField from './AssumedField.svelte'
  import type { Power } from './power.svelte'

  let { power }: { power: Power } = $props()
  const plant = $derived(power.report?.plant)
  const assumed = $derived(power.report?.assumed)
  const shaded = $derived(power.report?.shaded ?? 0)
  const tiltDeg = $derived(power.report?.tiltDeg ?? 0)
  /** Less than half a per cent, or half a degree, is not told. */
  const [SEEN_SHADE, SEEN_DEG] = [0.005, 0.5]
  const isLess = $derived(shaded >= SEEN_SHADE || tiltDeg >= SEEN_DEG)
  const KEYS = Object.keys(POWER_ASSUMED_LIMITS) as PowerAssumedKey[]
  /** These stand beside the wires. */
  const isOfWires = (key: PowerAssumedKey): boolean => key === 'dropPercent' || key === 'lightDropPercent'
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
            [
              watts(plant.sunWatts),
              ...(shaded < SEEN_SHADE ? [] : [`${formatNumber(Math.round(100 * shaded))}% in shade`]),
              ...(tiltDeg < SEEN_DEG ? [] : [`${formatNumber(Math.round(tiltDeg))}° from level`]),
            ].join(', '),
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
    <p class="flex items-baseline justify-between border-b border-dotted border-line py-0.5">
      <span class="text-ink-2">{name}</span>
      <span
        >{figure}
        {#if name === 'sun' && isLess}<Why about="what the panels get" lines={SUN_WHY}>why</Why>{/if}</span
      >
    </p>
  {/each}
</section>
{#if assumed !== undefined}
  <section aria-label="Assumed" class="mt-5 text-[0.9286rem]" data-testid="assumed">
    <h2 class="caps">Assumed</h2>
    {#each KEYS.filter((key) => !isPrice(key) && !isOfWires(key)) as key (key)}<AssumedField {power} {key} />{/each}
    <details class="mt-1">
      <summary class="w-fit cursor-pointer act">Prices, typical of 2026</summary>
      {#each KEYS.filter(isPrice) as key (key)}<AssumedField {power} {key} />{/each}
    </details>
  </section>
{/if}
