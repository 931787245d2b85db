<script lang="ts">
  import { FOUND_KINDS, FOUND_LIMITS, foundAs, WORK_STEPS, type Found, type WorkStep } from '$lib/core/condition'
  import { capital, FOUND_WORDS, foundName, STEP_WORDS } from '$lib/core/text'
  import type { LengthUnit } from '$lib/core/units'
  import LengthField from '../parts/LengthField.svelte'
  import NumberField from '../parts/NumberField.svelte'
  import Photos from '../parts/Photos.svelte'

  interface Props {
    jobId: string
    found: Found
    unit: LengthUnit
    onput: (found: Found) => void
    onremove: () => void
  }
  let { jobId, found, unit, onput, onremove }: Props = $props()

  const SIDES = ['long', 'wide', 'high'] as const
  const PLACES = [
    ['ahead of the rear sill', -2000, 16_000],
    ['left of the middle', -2000, 2000],
    ['above the load floor', -1500, 4000],
  ] as const
  type Three = [number, number, number]
  const with_ = (three: readonly number[], axis: number, mm: number) =>
    three.map((old, index) => (index === axis ? mm : old)) as Three
  /** Without a field that is not known. */
  function without(key: 'note' | 'costMinor' | 'minutes' | 'at' | 'done' | 'photos'): Found {
    const { [key]: _gone, ...rest } = found
    return rest as Found
  }
</script>

<div class="mt-1 mb-2 border-l-2 border-pencil pl-3 text-[0.9286rem]">
  <div class="grid grid-cols-2 gap-x-4 gap-y-1">
    <label class="col-span-2 flex items-baseline justify-between gap-2"
      ><span class="text-ink-2">what it is</span>
      <select
        class="min-w-0 flex-1 ruled"
        value={found.kind}
        onchange={(event) => onput(foundAs(found, event.currentTarget.value as Found['kind']))}
      >
        {#each FOUND_KINDS as kind (kind)}<option value={kind}>{FOUND_WORDS[kind]}</option>{/each}
      </select></label
    >
    <label class="col-span-2 flex items-baseline justify-between gap-2"
      ><span class="text-ink-2">done before</span>
      <select
        class="min-w-0 flex-1 ruled"
        value={found.before ?? ''}
        onchange={(event) => onput({ ...found, before: (event.currentTarget.value || null) as WorkStep | null })}
      >
        <option value="">nothing waits for it</option>
        {#each WORK_STEPS as step (step)}<option value={step}>{STEP_WORDS[step]}</option>{/each}
      </select></label
    >
    <label class="col-span-2 flex items-baseline justify-between gap-2"
      ><span class="text-ink-2">called</span>
      <input
        class="min-w-0 flex-1 ruled"
        maxlength="80"
        placeholder={FOUND_WORDS[found.kind]}
        value={found.label}
        onchange={(event) => onput({ ...found, label: event.currentTarget.value.trim() })}
      /></label
    >
    <label class="col-span-2 flex items-start justify-between gap-2"
      ><span class="text-ink-2">note</span>
      <textarea
        class="min-w-0 flex-1 ruled"
        rows="2"
        maxlength="1000"
        value={found.note ?? ''}
        onchange={(event) => {
          const note = event.currentTarget.value.trim()
          onput(note === '' ? without('note') : { ...found, note })
        }}></textarea></label
    >
    <NumberField
      label="hours of work"
      value={(found.minutes ?? 0) / 60}
      min={0}
      max={FOUND_LIMITS.minutes / 60}
      digits={2}
      width="4rem"
      onset={(hours) => onput(hours === 0 ? without('minutes') : { ...found, minutes: Math.round(hours * 60) })}
    />
    <NumberField
      label="cost"
      value={(found.costMinor ?? 0) / 100}
      min={0}
      max={FOUND_LIMITS.costMinor / 100}
      digits={2}
      width="5rem"
      onset={(cost) => onput(cost === 0 ? without('costMinor') : { ...found, costMinor: Math.round(cost * 100) })}
    />
  </div>
  <fieldset class="mt-1">
    <legend class="text-ink-2">Its middle: point to it in the drawing or type it</legend>
    {#if found.at === undefined}
      <button class="act" onclick={() => onput({ ...found, at: [0, 0, 0] })}>Type its place</button>
    {:else}
      {#each PLACES as [words, min, max], axis (words)}
        <LengthField
          label={words}
          mm={found.at[axis]!}
          {unit}
          {min}
          {max}
          onset={(mm) => onput({ ...found, at: with_(found.at!, axis, mm) })}
        />
      {/each}
      <div class="flex items-start justify-between gap-2">
        <span class="text-ink-2">how large</span>
        <span class="flex items-start gap-1">
          {#each SIDES as side, axis (side)}
            {#if axis > 0}<span class="text-ink-2">×</span>{/if}
            <LengthField
              label="how {side}"
              hideLabel
              width="3.8rem"
              mm={found.sizeMm[axis]!}
              {unit}
              min={FOUND_LIMITS.leastMm}
              max={FOUND_LIMITS.mostMm}
              onset={(mm) => onput({ ...found, sizeMm: with_(found.sizeMm, axis, mm) })}
            />
          {/each}
        </span>
      </div>
      <button class="text-ink-2 hover:text-pencil" onclick={() => onput(without('at'))}>It has no one place</button>
    {/if}
  </fieldset>
  <div class="mt-1">
    <Photos
      {jobId}
      of={foundName(found)}
      photos={found.photos ?? []}
      onset={(photos) => onput(photos.length === 0 ? without('photos') : { ...found, photos: [...photos] })}
    />
  </div>
  <button class="mt-1 text-ink-2 hover:text-pencil" onclick={onremove}
    >Take {capital(foundName(found))} out of the list</button
  >
</div>
