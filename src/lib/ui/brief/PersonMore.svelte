<script lang="ts">
  import { ageOf, BODY_MEASURES, measureOf, personMass, yearsOf, type Person } from '$lib/core/brief'
  import { ACCESS, BODY_SOURCE, type BodyMeasure } from '$lib/core/people'
  import { sayMass } from '$lib/core/units'
  import { getSession } from '../job/context'
  import LengthField from '../parts/LengthField.svelte'
  import NumberField from '../parts/NumberField.svelte'
  import Why from '../parts/Why.svelte'
  import Answer from './Answer.svelte'
  import { CHOICES } from '$lib/core/text'
  import { withField } from './answers'
  import Choice from './Choice.svelte'

  interface Props {
    id: string
    person: Person
    onput: (person: Person) => void
  }
  let { id, person, onput }: Props = $props()
  const session = getSession()
  const brief = $derived(session.job.brief)
  const unit = $derived(session.job.units)
  const others = $derived(Object.entries(brief.people).filter(([other, { sleeps }]) => other !== id && sleeps))
  const set = <K extends keyof Person>(key: K, value: Person[K] | undefined) => onput(withField(person, key, value))
  const flag = (key: 'sleepsByDay' | 'helper' | 'bedside' | 'leftHanded', on: boolean) => set(key, on || undefined)
  const FLAGS = [
    ['sleepsByDay', 'sleeps by day'],
    ['helper', 'needs a helper’s hands'],
    ['bedside', 'has a machine at the bedside'],
    ['leftHanded', 'left-handed'],
  ] as const
  const MEASURES: Record<BodyMeasure, string> = {
    eye: 'eyes',
    chin: 'chin',
    shoulder: 'shoulders',
    elbow: 'elbows',
    hip: 'hips',
    knee: 'knees',
    sittingHeight: 'sitting, seat to top of head',
    shoulderBreadth: 'shoulders, across',
    hipBreadth: 'hips, across',
    upperArm: 'upper arm',
    forearm: 'forearm',
    hand: 'hand',
    footLength: 'foot, long',
    footBreadth: 'foot, across',
  }
  const chair = $derived(
    person.wheelchair ?? {
      lengthMm: ACCESS.clearFloorMm[0],
      widthMm: ACCESS.clearFloorMm[1],
      turningMm: ACCESS.turningMm,
    },
  )
  const work = $derived(person.work ?? { hours: 0, screens: 0 })
</script>

<div class="grid grid-cols-3 gap-x-8 border-l-2 border-pencil pl-4 text-[0.9286rem]">
  <div>
    <NumberField
      of="mass"
      label="weight ({sayMass(Math.round(personMass(brief, person).kg))} assumed)"
      value={person.massKg ?? NaN}
      width="4rem"
      suffix="kg"
      min={2}
      max={300}
      onset={(massKg) => set('massKg', massKg)}
    />
    {#if ageOf(person) !== 'adult'}
      <NumberField
        label="age in years"
        value={yearsOf(person)}
        min={0}
        max={19}
        width="3rem"
        onset={(years) => set('years', years)}
      />
      <Choice
        label="grows"
        words={CHOICES.growsAs}
        value={person.growsAs}
        usual="either"
        onset={(value) => set('growsAs', value)}
      />
    {/if}
    <Choice
      label="build"
      words={CHOICES.build}
      value={person.build}
      usual="usual"
      onset={(value) => set('build', value)}
    />
    <label class="flex items-baseline justify-between gap-3 py-1"
      ><span class="text-ink-2">shares a bed with</span>
      <select
        class="max-w-40 ruled"
        value={person.sleepsWith ?? ''}
        onchange={(event) =>
          set('sleepsWith', event.currentTarget.value === '' ? undefined : event.currentTarget.value)}
      >
        <option value="">nobody</option>
        {#each others as [other, { label }] (other)}<option value={other}>{label}</option>{/each}
      </select></label
    >
    {#each FLAGS as [key, words] (key)}
      <label class="flex items-baseline justify-between gap-3 py-1"
        ><span class="text-ink-2">{words}</span><input
          type="checkbox"
          class="accent-pencil"
          checked={person[key] === true}
          onchange={(event) => flag(key, event.currentTarget.checked)}
        /></label
      >
    {/each}
  </div>
  <div>
    <Choice
      label="moves"
      words={CHOICES.mobility}
      value={person.mobility}
      usual="free"
      onset={(value) => set('mobility', value)}
    />
    {#if person.mobility === 'wheelchair'}
      <LengthField
        label="chair, length"
        mm={chair.lengthMm}
        {unit}
        min={500}
        max={1600}
        onset={(lengthMm) => set('wheelchair', { ...chair, lengthMm })}
      />
      <LengthField
        label="chair, width"
        mm={chair.widthMm}
        {unit}
        min={400}
        max={1000}
        onset={(widthMm) => set('wheelchair', { ...chair, widthMm })}
      />
      <LengthField
        label="turns in a circle of"
        mm={chair.turningMm}
        {unit}
        min={900}
        max={2400}
        onset={(turningMm) => set('wheelchair', { ...chair, turningMm })}
      />
    {/if}
    <NumberField
      whole
      label="hours at a desk a day"
      value={work.hours}
      min={0}
      max={16}
      width="3rem"
      onset={(hours) => set('work', hours === 0 ? undefined : { ...work, hours })}
    />
    {#if work.hours > 0}
      <NumberField
        whole
        label="screens"
        value={work.screens}
        min={0}
        max={4}
        width="3rem"
        onset={(screens) => set('work', { ...work, screens })}
      />
    {/if}
    <label class="mt-1 block"
      ><span class="text-ink-2">fears and dislikes</span>
      <textarea
        class="mt-1 block h-14 w-full border border-line bg-paper p-1.5"
        maxlength="400"
        value={person.notes ?? ''}
        onchange={(event) => set('notes', event.currentTarget.value.trim() || undefined)}></textarea></label
    >
  </div>
  <div>
    <p class="flex justify-between">
      <span class="caps">Body measurements, by shares of height</span><Why
        about="how the body is measured"
        lines={[
          'The planned height times a share for each measurement; type over it what the tape says.',
          `Source: ${BODY_SOURCE} (figures not yet checked against it).`,
        ]}
      />
    </p>
    {#each BODY_MEASURES as measure (measure)}
      <Answer
        usual={person.measured?.[measure] === undefined}
        onusual={() => set('measured', withField(person.measured ?? {}, measure, undefined))}
      >
        <LengthField
          label={MEASURES[measure]}
          mm={Math.round(measureOf(brief, person, measure))}
          {unit}
          min={20}
          max={2300}
          onset={(mm) => set('measured', { ...person.measured, [measure]: mm })}
        />
      </Answer>
    {/each}
  </div>
</div>
