<script lang="ts">
  import { usualLeg } from '$lib/core/budgets'
  import type { Leg } from '$lib/core/job'
  import { CLIMATE_IDS } from '$lib/core/sky'
  import { CLIMATE_WORDS, monthName, sayLatitude } from '$lib/core/text'
  import { newId } from '../job/new-id'
  import NumberField from '../parts/NumberField.svelte'
  import type { Power } from './power.svelte'
  import WeatherFile from './WeatherFile.svelte'

  let { power }: { power: Power } = $props()
  const session = $derived(power.session)
  const legs = $derived(Object.entries(session.job.power?.legs ?? {}).sort(([, a], [, b]) => a.from - b.from))
  const usual = $derived(usualLeg(session.job.brief))
  const MONTHS = Array.from({ length: 12 }, (_, at) => at + 1)
  const put = (id: string, leg: Leg): boolean => session.do({ type: 'power.leg', id, leg })
  const change = (id: string, leg: Leg, more: Partial<Leg>): void => void put(id, { ...leg, ...more })
  const times = (leg: Leg): string =>
    leg.from === 1 && leg.to === 12 ? 'All year' : `${monthName(leg.from - 1)} to ${monthName(leg.to - 1)}`
  const hookUp = (leg: Leg): string =>
    leg.hookUpEvery === 0
      ? 'no hook-up'
      : leg.hookUpEvery === 1
        ? 'a hook-up every night'
        : `a hook-up every ${leg.hookUpEvery} nights`
</script>

<section aria-label="Where it is" class="mt-5 text-[0.9286rem]" data-testid="where">
  <h2 class="caps">Where it is</h2>
  {#if legs.length === 0}
    <p class="mt-1">
      {times(usual)}: {sayLatitude(usual.latitudeDeg)}, {CLIMATE_WORDS[usual.climate]}; {usual.nights} nights a month, {usual.drivingHours}
      h driving a day, {hookUp(usual)}.
      <span class="text-ink-2">As the brief has it.</span>
    </p>
  {/if}
  {#each legs as [id, leg] (id)}
    <fieldset class="mt-1 border-b border-dotted border-line pb-1">
      <legend class="sr-only">{times(leg)}</legend>
      <div class="flex flex-wrap items-baseline gap-x-1">
        {#each ['from', 'to'] as const as end (end)}
          {#if end === 'to'}<span class="text-ink-2">to</span>{/if}
          <select
            class="ruled font-semibold"
            aria-label={end === 'from' ? 'First month' : 'Last month'}
            value={leg[end]}
            onchange={(event) => change(id, leg, { [end]: Number(event.currentTarget.value) })}
          >
            {#each MONTHS as month (month)}<option value={month}>{monthName(month - 1).slice(0, 3)}</option>{/each}
          </select>
        {/each}
        <span class="flex-1"></span>
        <button
          class="act text-sm"
          aria-label="Take out {times(leg)}"
          onclick={() => session.do({ type: 'power.leg', id, leg: null })}>take out</button
        >
      </div>
      <div class="flex items-baseline justify-between gap-2">
        <NumberField
          label="latitude"
          value={leg.latitudeDeg}
          suffix="°"
          width="2.6rem"
          min={-80}
          max={80}
          onset={(latitudeDeg) => change(id, leg, { latitudeDeg })}
        />
        <select
          class="ruled"
          aria-label="Climate"
          value={leg.climate}
          onchange={(event) => change(id, leg, { climate: event.currentTarget.value as Leg['climate'] })}
        >
          {#each CLIMATE_IDS as climate (climate)}<option value={climate}>{CLIMATE_WORDS[climate]}</option>{/each}
        </select>
      </div>
      <NumberField
        label="nights a month"
        value={leg.nights}
        whole
        width="2.6rem"
        min={0}
        max={31}
        onset={(nights) => change(id, leg, { nights })}
      />
      <NumberField
        label="driving, h a day"
        value={leg.drivingHours}
        width="2.6rem"
        min={0}
        max={16}
        onset={(drivingHours) => change(id, leg, { drivingHours })}
      />
      <NumberField
        label="a hook-up every … nights"
        value={leg.hookUpEvery}
        whole
        width="2.6rem"
        min={0}
        max={31}
        onset={(hookUpEvery) => change(id, leg, { hookUpEvery })}
      />
    </fieldset>
  {/each}
  <p class="no-print mt-1">
    <button
      class="act"
      onclick={() => {
        const last = legs.at(-1)?.[1]
        const from = last === undefined ? 1 : (last.to % 12) + 1
        put(newId('leg'), {
          ...usual,
          from,
          to: last === undefined ? 12 : legs[0]![1].from === 1 ? 12 : legs[0]![1].from - 1,
        })
      }}>{legs.length === 0 ? 'Say where it is through the year' : 'Add a part of the year'}</button
    >
  </p>
  <WeatherFile {power} />
</section>
