<script lang="ts">
  import { ageOf, answer, isOddStature, plannedStatureMm, type Age, type Person } from '$lib/core/brief'
  import { GROWTH_SOURCE, STATURE_LIMITS_MM } from '$lib/core/people'
  import { sayLength } from '$lib/core/units'
  import { getSession } from '../job/context'
  import { newId } from '../job/new-id'
  import LengthField from '../parts/LengthField.svelte'
  import Why from '../parts/Why.svelte'
  import { CHOICES } from '$lib/core/text'
  import { withField } from './answers'
  import PersonMore from './PersonMore.svelte'

  const session = getSession()
  const brief = $derived(session.job.brief)
  const unit = $derived(session.job.units)
  const people = $derived(Object.entries(brief.people))
  const ahead = $derived(answer(brief, 'planYears'))
  let open: string | undefined = $state(undefined)

  const put = (id: string, person: Person) => session.do({ type: 'person.put', id, person })
  /** Statures that one starts from; the real one is typed over it. */
  const FIRST_MM: Record<Age, number> = { adult: 1750, teenager: 1600, child: 1250, infant: 760 }
  function add(age: Age): void {
    const count = people.length + 1
    put(newId('person'), {
      label: age === 'adult' ? `Person ${count}` : `${CHOICES.age[age]} ${count}`,
      statureMm: FIRST_MM[age],
      sleeps: true,
      travels: true,
      ...(age === 'adult' ? {} : { age }),
    })
  }
</script>

<div class="flex flex-wrap items-baseline gap-x-4">
  <h1 class="text-xl">Who lives in it?</h1>
  {#each Object.keys(CHOICES.age) as Age[] as age (age)}
    <button class="act" onclick={() => add(age)}
      >Add {age === 'adult' || age === 'infant' ? 'an' : 'a'} {CHOICES.age[age]}</button
    >
  {/each}
</div>
<p class="mt-1 text-ink-2">Start with the tallest: beds, passages and headroom follow from them.</p>

{#if people.length > 0}
  <table class="mt-3 w-full text-left">
    <thead
      ><tr class="caps"
        ><th class="py-1">Who</th><th>Age</th><th class="text-right">Height</th><th class="pl-4">Sleeps here</th><th
          >Travels here</th
        ><th><span class="sr-only">More</span></th></tr
      ></thead
    >
    <tbody>
      {#each people as [id, person] (id)}
        <tr class="border-t border-line align-top">
          <td class="py-1.5"
            ><input
              class="w-40 ruled"
              aria-label="Who"
              maxlength="60"
              value={person.label}
              onchange={(event) =>
                event.currentTarget.value.trim() !== '' &&
                put(id, { ...person, label: event.currentTarget.value.trim() })}
            /></td
          >
          <td class="py-1.5"
            ><select
              class="ruled"
              aria-label="Age of {person.label}"
              value={ageOf(person)}
              onchange={(event) => put(id, withField(person, 'age', event.currentTarget.value as Age))}
            >
              {#each Object.entries(CHOICES.age) as [age, words] (age)}<option value={age}>{words}</option>{/each}
            </select></td
          >
          <td class="py-1.5"
            ><LengthField
              label="Height of {person.label}"
              hideLabel
              mm={person.statureMm}
              {unit}
              min={STATURE_LIMITS_MM.min}
              max={STATURE_LIMITS_MM.max}
              onset={(statureMm) => put(id, { ...person, statureMm })}
            />
            {#if isOddStature(person)}<p class="text-right text-xs text-caution">Rare at this age: is it right?</p>{/if}
            {#if plannedStatureMm(brief, person) !== person.statureMm}
              <p class="text-right text-xs text-ink-2">
                <Why
                  about="{person.label} is planned for at another height"
                  lines={[
                    `In ${ahead} years: the share of the median at this age is kept.`,
                    `Source: ${GROWTH_SOURCE}.`,
                  ]}>planned for {sayLength(plannedStatureMm(brief, person), unit)}</Why
                >
              </p>
            {/if}</td
          >
          <td class="py-1.5 pl-4"
            ><input
              type="checkbox"
              class="accent-pencil"
              aria-label="{person.label} sleeps here"
              checked={person.sleeps}
              onchange={(event) => put(id, { ...person, sleeps: event.currentTarget.checked })}
            /></td
          >
          <td class="py-1.5"
            ><input
              type="checkbox"
              class="accent-pencil"
              aria-label="{person.label} travels here"
              checked={person.travels}
              onchange={(event) => put(id, { ...person, travels: event.currentTarget.checked })}
            /></td
          >
          <td class="py-1.5 text-right whitespace-nowrap"
            ><button
              class="act"
              aria-expanded={open === id}
              aria-label="More about {person.label}"
              onclick={() => (open = open === id ? undefined : id)}>{open === id ? 'less' : 'more'}</button
            >
            <button
              class="ml-3 text-ink-2 hover:text-stop"
              aria-label="Remove {person.label}"
              onclick={() => session.do({ type: 'person.remove', id })}>Remove</button
            ></td
          >
        </tr>
        {#if open === id}
          <tr><td colspan="6" class="pb-3"><PersonMore {id} {person} onput={(next) => put(id, next)} /></td></tr>
        {/if}
      {/each}
    </tbody>
  </table>
{:else}
  <p class="mt-4 text-ink-2">Nobody yet.</p>
{/if}
