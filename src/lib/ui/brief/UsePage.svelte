<script lang="ts">
  import { answer, isAnswered, waterNights, type USUAL } from '$lib/core/brief'
  import { getSession } from '../job/context'
  import LengthField from '../parts/LengthField.svelte'
  import NumberField from '../parts/NumberField.svelte'
  import Answer from './Answer.svelte'
  import { CHOICES } from '$lib/core/text'
  import { setAnswer } from './answers'
  import Choice from './Choice.svelte'

  const session = getSession()
  const brief = $derived(session.job.brief)
  const unit = $derived(session.job.units)
  const set = setAnswer(session)

  type Figure = Extract<
    keyof typeof USUAL,
    | 'nightsPerYear'
    | 'offHookUpPercent'
    | 'nightsBetweenPower'
    | 'coldestC'
    | 'hottestC'
    | 'latitudeDeg'
    | 'altitudeM'
    | 'drivingHours'
  >
  const FIGURES: readonly (readonly [key: Figure, label: string, min: number, max: number])[] = [
    ['nightsPerYear', 'nights in it a year', 0, 366],
    ['offHookUpPercent', 'of them off hook-up, %', 0, 100],
    ['nightsBetweenPower', 'nights between two charges', 0, 120],
    ['drivingHours', 'hours of driving a day', 0, 16],
    ['coldestC', 'coldest night, °C', -50, 30],
    ['hottestC', 'hottest night, °C', 0, 55],
    ['latitudeDeg', 'latitude, south below zero, °', -80, 80],
    ['altitudeM', 'highest stay, m', -400, 5500],
  ]
  const parks = $derived(brief.use ?? {})
</script>

<h1 class="text-xl">Where does it go, and for how long?</h1>
<p class="mt-1 text-ink-2">Figures in italics are assumed; type over what you know.</p>
<div class="mt-3 grid max-w-3xl grid-cols-2 gap-x-12">
  <div>
    <div class="grid grid-cols-[minmax(0,1fr)_4.5rem] gap-2 py-0.5">
      <NumberField
        whole
        label="Nights off hook-up"
        value={brief.nightsOffHookUp}
        min={0}
        max={60}
        onset={(nights) => session.do({ type: 'brief.nights', nights })}
      />
    </div>
    <Answer usual={!isAnswered(brief, 'nightsBetweenWater')} onusual={() => set('nightsBetweenWater', undefined)}>
      <NumberField
        label="nights between two fillings of water"
        value={waterNights(brief)}
        min={0}
        max={60}
        width="4rem"
        onset={(value) => set('nightsBetweenWater', value)}
      />
    </Answer>
    {#each FIGURES as [key, label, min, max] (key)}
      <Answer usual={!isAnswered(brief, key)} onusual={() => set(key, undefined)}>
        <NumberField {label} value={answer(brief, key)} {min} {max} width="4rem" onset={(value) => set(key, value)} />
      </Answer>
    {/each}
  </div>
  <div>
    <Choice
      label="used"
      words={CHOICES.shared}
      value={brief.use?.shared}
      usual="no"
      onset={(value) => set('shared', value)}
    />
    <h2 class="mt-3 caps">Where it parks</h2>
    {#each [['parkingLengthMm', 'longest', 6000, 2500, 18000], ['parkingHeightMm', 'highest', 2600, 1500, 4500]] as const as [key, label, first, min, max] (key)}
      <label class="flex items-baseline justify-between gap-3 py-1"
        ><span class="text-ink-2">there is a limit: {label}</span><input
          type="checkbox"
          class="accent-pencil"
          checked={parks[key] !== undefined}
          onchange={(event) => set(key, event.currentTarget.checked ? first : undefined)}
        /></label
      >
      {#if parks[key] !== undefined}
        <LengthField label="{label} that parks there" mm={parks[key]} {unit} {min} {max} onset={(mm) => set(key, mm)} />
      {/if}
    {/each}
    <label class="flex items-baseline justify-between gap-3 py-1"
      ><span class="text-ink-2">it must not give itself away</span><input
        type="checkbox"
        class="accent-pencil"
        checked={brief.use?.stealth === true}
        onchange={(event) => set('stealth', event.currentTarget.checked || undefined)}
      /></label
    >
    <label class="mt-3 block"
      ><span class="text-ink-2">Notes of the conversation</span>
      <textarea
        class="mt-1 block h-32 w-full border border-line bg-paper p-2"
        maxlength="4000"
        value={brief.notes}
        onchange={(event) => session.do({ type: 'brief.notes', notes: event.currentTarget.value })}></textarea></label
    >
  </div>
</div>
