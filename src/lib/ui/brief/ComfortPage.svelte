<script lang="ts">
  import { answer, isAnswered } from '$lib/core/brief'
  import { getSession } from '../job/context'
  import NumberField from '../parts/NumberField.svelte'
  import Answer from './Answer.svelte'
  import { CHOICES } from '$lib/core/text'
  import { setAnswer } from './answers'
  import Choice from './Choice.svelte'

  const session = getSession()
  const brief = $derived(session.job.brief)
  const set = setAnswer(session)
  const given = $derived(brief.use ?? {})
</script>

<h1 class="text-xl">Cooking, washing, warmth: how do they live?</h1>
<p class="mt-1 text-ink-2">There is more than one right way; the client chooses.</p>
<div class="mt-3 grid max-w-3xl grid-cols-2 gap-x-12">
  <div>
    <Choice
      label="How often they cook"
      words={CHOICES.cooking}
      value={given.cooking}
      usual="sometimes"
      onset={(value) => set('cooking', value)}
    />
    <Choice
      label="Cooking on"
      words={CHOICES.cookingOn}
      value={given.cookingOn}
      usual="hob"
      onset={(value) => set('cookingOn', value)}
    />
    <label class="flex items-baseline justify-between gap-3 py-1"
      ><span class="text-ink-2">Who cooks</span>
      <select
        class="max-w-56 ruled"
        value={given.cook ?? ''}
        onchange={(event) => set('cook', event.currentTarget.value || undefined)}
      >
        <option value="">they take turns</option>
        {#each Object.entries(brief.people) as [id, { label }] (id)}<option value={id}>{label}</option>{/each}
      </select></label
    >
    <label class="flex items-baseline justify-between gap-3 py-1"
      ><span class="text-ink-2">The fridge can be reached from outside too</span><input
        type="checkbox"
        class="accent-pencil"
        checked={given.coldOutside === true}
        onchange={(event) => set('coldOutside', event.currentTarget.checked || undefined)}
      /></label
    >
    <Choice
      label="Washing"
      words={CHOICES.washing}
      value={given.washing}
      usual="none"
      onset={(value) => set('washing', value)}
    />
    <Choice
      label="Toilet"
      words={CHOICES.toilet}
      value={given.toilet}
      usual="portable"
      onset={(value) => set('toilet', value)}
    />
    <Answer usual={!isAnswered(brief, 'guests')} onusual={() => set('guests', undefined)}>
      <NumberField
        whole
        label="Guests at the table"
        value={answer(brief, 'guests')}
        min={0}
        max={8}
        onset={(value) => set('guests', value)}
      />
    </Answer>
    <label class="flex items-baseline justify-between gap-3 py-1"
      ><span class="text-ink-2">The edge of a bed counts as a seat by day</span><input
        type="checkbox"
        class="accent-pencil"
        checked={given.bedEdgeSeats === true}
        onchange={(event) => set('bedEdgeSeats', event.currentTarget.checked || undefined)}
      /></label
    >
  </div>
  <div>
    <Choice
      label="Heating"
      words={CHOICES.heating}
      value={given.heating}
      usual="none"
      onset={(value) => set('heating', value)}
    />
    <Choice
      label="Power from"
      words={CHOICES.energy}
      value={given.energy}
      usual="mixed"
      onset={(value) => set('energy', value)}
    />
    <p class="mt-3 text-sm text-ink-2">
      Gas, mains and large batteries are governed by local codes and fitted or inspected by licensed trades. What burns
      gas is in one zone, its locker sealed to the inside and vented low to the outside.
    </p>
  </div>
</div>
