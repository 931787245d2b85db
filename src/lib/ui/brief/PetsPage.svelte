<script lang="ts">
  import { petMass, type Pet } from '$lib/core/brief'
  import { sayMass } from '$lib/core/units'
  import { getSession } from '../job/context'
  import { newId } from '../job/new-id'
  import LengthField from '../parts/LengthField.svelte'
  import NumberField from '../parts/NumberField.svelte'
  import { CHOICES } from '$lib/core/text'
  import { withField } from './answers'
  import Choice from './Choice.svelte'

  const session = getSession()
  const unit = $derived(session.job.units)
  const pets = $derived(Object.entries(session.job.brief.pets))
  const put = (id: string, pet: Pet) => session.do({ type: 'pet.put', id, pet })
</script>

<div class="flex items-baseline gap-4">
  <h1 class="text-xl">Does an animal come along?</h1>
  <button class="act" onclick={() => put(newId('pet'), { label: 'Dog', lengthMm: 800, heightMm: 500 })}
    >Add a pet</button
  >
</div>
<p class="mt-1 text-ink-2">It rides secured, and sleeps where nobody steps on it.</p>
{#each pets as [id, pet] (id)}
  <div class="mt-3 grid grid-cols-[12rem_1fr_1fr_auto] items-start gap-x-8 border-t border-line py-2">
    <input
      class="ruled"
      aria-label="Pet"
      maxlength="60"
      value={pet.label}
      onchange={(event) =>
        event.currentTarget.value.trim() !== '' && put(id, { ...pet, label: event.currentTarget.value.trim() })}
    />
    <div>
      <LengthField
        label="nose to rump"
        mm={pet.lengthMm}
        {unit}
        min={100}
        max={2000}
        onset={(lengthMm) => put(id, { ...pet, lengthMm })}
      />
      <LengthField
        label="shoulder height"
        mm={pet.heightMm}
        {unit}
        min={50}
        max={1200}
        onset={(heightMm) => put(id, { ...pet, heightMm })}
      />
      <NumberField
        of="mass"
        label="weight ({sayMass(Math.round(petMass(pet).kg))} assumed)"
        value={pet.massKg ?? NaN}
        width="4rem"
        suffix="kg"
        min={0.2}
        max={150}
        onset={(massKg) => put(id, { ...pet, massKg })}
      />
      <LengthField
        label="highest step it can manage"
        mm={pet.stepMm ?? 400}
        {unit}
        min={0}
        max={1200}
        onset={(stepMm) => put(id, { ...pet, stepMm })}
      />
    </div>
    <div>
      <Choice
        label="rides"
        words={CHOICES.rides}
        value={pet.rides}
        usual="crate"
        onset={(value) => put(id, withField(pet, 'rides', value))}
      />
      <Choice
        label="sleeps"
        words={CHOICES.sleeps}
        value={pet.sleeps}
        usual="crate"
        onset={(value) => put(id, withField(pet, 'sleeps', value))}
      />
    </div>
    <button
      class="text-ink-2 hover:text-stop"
      aria-label="Remove {pet.label}"
      onclick={() => session.do({ type: 'pet.remove', id })}>Remove</button
    >
  </div>
{:else}
  <p class="mt-4 text-ink-2">None.</p>
{/each}
