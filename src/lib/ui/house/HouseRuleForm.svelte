<script lang="ts">
  import { PURPOSES, type Purpose } from '$lib/core/brief'
  import { SERVICES, type ServiceType } from '$lib/core/fittings'
  import { houseRuleSchema, type Gravity, type HouseMeasure, type HouseRule } from '$lib/core/job'
  import { capital, GRAVITY_WORDS, houseUnit, PURPOSE_WORDS, sayMeasured, SERVICE_WORDS } from '$lib/core/text'
  import type { LengthUnit } from '$lib/core/units'
  import LengthField from '../parts/LengthField.svelte'
  import NumberField from '../parts/NumberField.svelte'

  interface Props {
    rule: HouseRule | undefined
    unit: LengthUnit
    onkeep: (rule: HouseRule) => boolean
    oncancel: () => void
  }
  let { rule, unit, onkeep, oncancel }: Props = $props()

  const WHATS: readonly (readonly [HouseMeasure['what'], string])[] = [
    ['quantity', 'how much there is in all'],
    ['distance', 'distance to the nearest'],
    ['height', 'height above the floor'],
    ['way', 'narrowest place on the way'],
    ['belted-seats', 'belted seats in all'],
    ['bed-length', 'length of the longest bed'],
    ['gross-mass', 'gross weight in the papers'],
    ['minutes', 'minutes to change over from the mode before'],
  ]

  // svelte-ignore state_referenced_locally
  const start = rule
  let title = $state(start?.title ?? '')
  let reason = $state(start?.reason ?? '')
  let gravity: Gravity = $state(start?.gravity ?? 'caution')
  let what: HouseMeasure['what'] = $state(start?.measure.what ?? 'distance')
  let service: ServiceType = $state(start !== undefined && 'service' in start.measure ? start.measure.service : 'hob')
  let to: ServiceType = $state(start?.measure.what === 'distance' ? start.measure.to : 'berth')
  let bound: 'least' | 'most' = $state(start?.bound ?? 'least')
  let value = $state(start?.value ?? 600)
  let modes: Purpose[] = $state([...(start?.modes ?? [])])
  let asks = $state(start?.asks === true)
  let fault = $state('')

  const measure: HouseMeasure = $derived(
    what === 'distance'
      ? { what, service, to }
      : what === 'quantity' || what === 'height' || what === 'way'
        ? { what, service }
        : { what },
  )
  const suffix = $derived(
    { litres: 'L', count: '', min: 'min', Wh: 'Wh', kg: 'kg' }[houseUnit(measure) as string] ?? '',
  )

  function keep(event: SubmitEvent): void {
    event.preventDefault()
    if (title.trim() === '') fault = 'Give the rule a name.'
    else if (reason.trim() === '') fault = 'Say why the workshop asks for it: the finding says it too.'
    else {
      const made = {
        title: title.trim(),
        reason: reason.trim(),
        gravity,
        modes,
        measure,
        bound,
        value,
        ...(asks ? { asks } : {}),
      }
      const checked = houseRuleSchema.safeParse(made)
      fault = checked.success ? '' : 'This cannot be a rule yet: check its figure.'
      if (checked.success && onkeep(checked.data)) oncancel()
    }
  }
  const services = [...SERVICES].sort((a, b) => SERVICE_WORDS[a].localeCompare(SERVICE_WORDS[b]))
</script>

<form class="flex flex-col gap-2 border-y border-ink bg-sheet p-3" onsubmit={keep} data-testid="house-form" novalidate>
  <label class="text-sm"
    ><span class="text-ink-2">Name</span><input
      class="block w-full ruled"
      maxlength="80"
      bind:value={title}
      placeholder="Nobody sleeps by the hob"
    /></label
  >
  <div class="grid grid-cols-2 gap-3 text-sm">
    <label class="col-span-2"
      ><span class="text-ink-2">What is measured</span><select class="block w-full ruled" bind:value={what}>
        {#each WHATS as [id, words] (id)}<option value={id}>{words}</option>{/each}
      </select></label
    >
    {#if 'service' in measure}
      <label
        ><span class="text-ink-2">{what === 'distance' ? 'From' : 'Of'}</span><select
          class="block w-full ruled"
          bind:value={service}
        >
          {#each services as one (one)}<option value={one}>{SERVICE_WORDS[one]}</option>{/each}
        </select></label
      >
    {/if}
    {#if what === 'distance'}
      <label
        ><span class="text-ink-2">To the nearest</span><select class="block w-full ruled" bind:value={to}>
          {#each services as one (one)}<option value={one}>{SERVICE_WORDS[one]}</option>{/each}
        </select></label
      >
    {/if}
    <label class="col-start-1"
      ><span class="text-ink-2">It is</span><select class="block w-full ruled" bind:value={bound}>
        <option value="least">at least</option><option value="most">at most</option>
      </select></label
    >
    <div class="self-end">
      {#if houseUnit(measure) === 'mm'}
        <LengthField label="figure" mm={value} {unit} min={0} max={20_000} onset={(mm) => (value = mm)} />
      {:else}
        <NumberField label="figure" {value} {suffix} min={0} max={100_000} onset={(next) => (value = next)} />
      {/if}
    </div>
  </div>
  <fieldset class="text-sm">
    <legend class="text-ink-2">Asked in</legend>
    <span class="flex flex-wrap gap-x-4">
      {#each PURPOSES as purpose (purpose)}
        <label class="flex items-baseline gap-1"
          ><input type="checkbox" value={purpose} bind:group={modes} />{PURPOSE_WORDS[purpose]}</label
        >
      {/each}
      <span class="text-ink-2">{modes.length === 0 ? 'none ticked: in every mode' : ''}</span>
    </span>
  </fieldset>
  <label class="text-sm"
    ><span class="text-ink-2">Why</span><input
      class="block w-full ruled"
      maxlength="300"
      bind:value={reason}
      placeholder="fat spits that far"
    /></label
  >
  <label class="flex items-baseline gap-2 text-sm"
    ><span class="text-ink-2">Counts as</span><select class="ruled" bind:value={gravity}>
      {#each ['stop', 'caution', 'note'] as const as one (one)}<option value={one}
          >{capital(GRAVITY_WORDS[one].one)}</option
        >{/each}
    </select></label
  >
  <label class="flex items-baseline gap-2 text-sm"
    ><input type="checkbox" class="accent-pencil" bind:checked={asks} />a question to ask, not a rule</label
  >
  <p class="text-sm text-ink-2">
    {capital(sayMeasured(measure))}: {bound === 'least' ? 'at least' : 'at most'} the figure.
  </p>
  {#if fault !== ''}<p role="alert" class="text-sm text-stop">{fault}</p>{/if}
  <p class="flex gap-4">
    <button class="border border-pencil bg-pencil px-3 py-0.5 text-on-pencil" type="submit">Save the rule</button>
    <button class="act" type="button" onclick={oncancel}>Cancel</button>
  </p>
</form>
