<script lang="ts">
  import { MOST_GEAR, type Gear } from '$lib/core/brief'
  import { GEAR_LIBRARY } from '$lib/core/starts'
  import { getSession } from '../job/context'
  import { newId } from '../job/new-id'
  import LengthField from '../parts/LengthField.svelte'
  import NumberField from '../parts/NumberField.svelte'
  import { CHOICES } from '$lib/core/text'
  import { withField } from './answers'
  import Choice from './Choice.svelte'

  const session = getSession()
  const brief = $derived(session.job.brief)
  const unit = $derived(session.job.units)
  const gear = $derived(Object.entries(brief.gear ?? {}))
  const put = (id: string, one: Gear) => session.do({ type: 'gear.put', id, gear: one })
  let open: string | undefined = $state(undefined)
  const SIDES = ['length', 'width', 'height'] as const
  /** Longer than this is possible and odd. */
  const ODD_MM = 3500

  function add(libraryId: string): void {
    const typical = GEAR_LIBRARY.find(({ id }) => id === libraryId)
    put(newId('gear'), typical?.gear ?? { label: 'A piece of gear', sizeMm: [1000, 400, 300], count: 1 })
  }
  const FLAGS = [
    ['soft', 'soft: it gives way'],
    ['wet', 'comes back wet or dirty'],
    ['hidden', 'of value: out of sight'],
    ['charges', 'has a battery to charge'],
  ] as const
  const sized = (size: readonly [number, number, number], axis: number, mm: number) =>
    size.map((old, index) => (index === axis ? mm : old)) as [number, number, number]
</script>

<div class="flex items-baseline gap-4">
  <h1 class="text-xl">What comes along?</h1>
  <label class="act"
    >Add
    <select
      class="ruled font-normal text-ink"
      aria-label="Add gear"
      value=""
      disabled={gear.length >= MOST_GEAR}
      onchange={(event) => {
        const id = event.currentTarget.value
        event.currentTarget.value = ''
        if (id !== '') add(id)
      }}
    >
      <option value="">choose…</option>
      <option value="own">a piece of your own</option>
      <optgroup label="Common sizes">
        {#each GEAR_LIBRARY as { id, gear: typical } (id)}<option value={id}>{typical.label}</option>{/each}
      </optgroup>
    </select></label
  >
</div>
<p class="mt-1 text-ink-2">
  Biggest first: it dictates the rest. Sizes from the list are common ones; measure the real piece.
  {#if gear.length >= MOST_GEAR}<b class="text-caution"
      >A brief holds {MOST_GEAR} lines: count alike pieces as one line.</b
    >{/if}
</p>
{#if gear.length > 0}
  <table class="mt-3 w-full text-left">
    <thead
      ><tr class="caps"
        ><th class="py-1">What</th><th>Length × width × height</th><th>How many</th><th>kg each</th><th>Lives</th><th
          ><span class="sr-only">More</span></th
        ></tr
      ></thead
    >
    <tbody>
      {#each gear as [id, one] (id)}
        <tr class="border-t border-line align-top">
          <td class="py-1.5 pr-3"
            ><input
              class="w-44 ruled"
              aria-label="Gear"
              maxlength="60"
              value={one.label}
              onchange={(event) =>
                event.currentTarget.value.trim() !== '' && put(id, { ...one, label: event.currentTarget.value.trim() })}
            /></td
          >
          <td class="py-1.5 pr-3"
            ><span class="flex items-start gap-1">
              {#each SIDES as side, axis (side)}
                {#if axis > 0}<span class="text-ink-2">×</span>{/if}
                <LengthField
                  label="{side} of {one.label}"
                  hideLabel
                  width="3.8rem"
                  mm={one.sizeMm[axis]!}
                  {unit}
                  min={10}
                  max={6000}
                  onset={(mm) => put(id, { ...one, sizeMm: sized(one.sizeMm, axis, mm) })}
                />
              {/each}
            </span>
            {#if Math.max(...one.sizeMm) > ODD_MM}<span class="text-xs text-caution"
                >Longer than most load spaces: it goes on the roof, or comes apart?</span
              >{/if}</td
          >
          <td class="py-1.5"
            ><NumberField
              whole
              label="How many: {one.label}"
              hideLabel
              width="2.6rem"
              value={one.count}
              min={1}
              max={50}
              onset={(count) => put(id, { ...one, count })}
            /></td
          >
          <td class="py-1.5"
            ><NumberField
              of="mass"
              label="kg each: {one.label}"
              hideLabel
              width="3rem"
              value={one.massKg ?? NaN}
              min={0}
              max={600}
              onset={(massKg) => put(id, { ...one, massKg })}
            /></td
          >
          <td
            ><Choice
              hideLabel
              label="{one.label} lives"
              words={CHOICES.place}
              value={one.place}
              usual="inside"
              onset={(value) => put(id, withField(one, 'place', value))}
            /></td
          >
          <td class="py-1.5 text-right whitespace-nowrap"
            ><button
              class="act"
              aria-expanded={open === id}
              aria-label="More about {one.label}"
              onclick={() => (open = open === id ? undefined : id)}>{open === id ? 'less' : 'more'}</button
            >
            <button
              class="ml-3 text-ink-2 hover:text-stop"
              aria-label="Remove {one.label}"
              onclick={() => session.do({ type: 'gear.remove', id })}>Remove</button
            ></td
          >
        </tr>
        {#if open === id}
          <tr
            ><td colspan="6" class="pb-3"
              ><div class="grid grid-cols-3 gap-x-8 border-l-2 border-pencil pl-4 text-[0.9286rem]">
                <div>
                  <Choice
                    label="used"
                    words={CHOICES.use}
                    value={one.use}
                    usual="weekly"
                    onset={(value) => put(id, withField(one, 'use', value))}
                  />
                  <label class="flex items-baseline justify-between gap-3 py-1"
                    ><span class="text-ink-2">whose</span>
                    <select
                      class="max-w-40 ruled"
                      value={one.by ?? ''}
                      onchange={(event) => put(id, withField(one, 'by', event.currentTarget.value || undefined))}
                    >
                      <option value="">everyone’s</option>
                      {#each Object.entries(brief.people) as [person, { label }] (person)}<option value={person}
                          >{label}</option
                        >{/each}
                    </select></label
                  >
                  <label class="flex items-baseline justify-between gap-3 py-1"
                    ><span class="text-ink-2">may lie on its side</span><input
                      type="checkbox"
                      class="accent-pencil"
                      checked={one.mayLie !== false}
                      onchange={(event) =>
                        put(id, withField(one, 'mayLie', event.currentTarget.checked ? undefined : false))}
                    /></label
                  >
                </div>
                <div>
                  {#each FLAGS as [key, words] (key)}
                    <label class="flex items-baseline justify-between gap-3 py-1"
                      ><span class="text-ink-2">{words}</span><input
                        type="checkbox"
                        class="accent-pencil"
                        checked={one[key] === true}
                        onchange={(event) => put(id, withField(one, key, event.currentTarget.checked || undefined))}
                      /></label
                    >
                  {/each}
                </div>
                <div>
                  <label class="flex items-baseline justify-between gap-3 py-1"
                    ><span class="text-ink-2">folds or comes apart</span><input
                      type="checkbox"
                      class="accent-pencil"
                      checked={one.apartMm !== undefined}
                      onchange={(event) =>
                        put(id, withField(one, 'apartMm', event.currentTarget.checked ? [...one.sizeMm] : undefined))}
                    /></label
                  >
                  {#if one.apartMm !== undefined}
                    <p class="text-ink-2">its largest part</p>
                    <span class="flex items-start gap-1">
                      {#each SIDES as side, axis (side)}
                        {#if axis > 0}<span class="text-ink-2">×</span>{/if}
                        <LengthField
                          label="{side} of the largest part of {one.label}"
                          hideLabel
                          width="3.8rem"
                          mm={one.apartMm[axis]!}
                          {unit}
                          min={10}
                          max={6000}
                          onset={(mm) => put(id, { ...one, apartMm: sized(one.apartMm!, axis, mm) })}
                        />
                      {/each}
                    </span>
                  {/if}
                </div>
              </div></td
            ></tr
          >
        {/if}
      {/each}
    </tbody>
  </table>
{:else}
  <p class="mt-4 text-ink-2">Nothing yet: think of what is long, what is wet, and what must not be seen.</p>
{/if}
