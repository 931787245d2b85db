<script lang="ts">
  import { EXTRA_TIMES, type Extra } from '$lib/core/job'
  import NumberField from '../parts/NumberField.svelte'

  interface Props {
    onadd: (extra: Extra) => void
    oncancel: () => void
  }
  let { onadd, oncancel }: Props = $props()
  const TIME_WORDS = { day: 'by day', evening: 'in the evening', night: 'at night', always: 'day and night' } as const
  let label = $state('')
  let watts = $state(NaN)
  let hours = $state(1)
  let when: Extra['when'] = $state('day')
  let from: Extra['from'] = $state('battery')
  let isVital = $state(false)
  let fault = $state('')

  function add(event: SubmitEvent): void {
    event.preventDefault()
    fault = label.trim() === '' ? 'Say what it is.' : Number.isNaN(watts) ? 'Say how many watts it draws.' : ''
    if (fault === '') onadd({ label: label.trim(), watts, hours, when, from, ...(isVital ? { isVital } : {}) })
  }
</script>

<form class="no-print mt-2 border-l-2 border-pencil pl-3 text-[0.9286rem]" onsubmit={add} data-testid="extra">
  <div class="flex flex-wrap items-baseline gap-x-4 gap-y-1">
    <label>What <input class="w-40 ruled" maxlength="60" bind:value={label} /></label>
    <NumberField
      label="draws"
      value={watts}
      suffix="W"
      width="3.4rem"
      min={0.1}
      max={5000}
      onset={(to) => (watts = to)}
    />
    <NumberField
      label="for"
      value={hours}
      suffix="h a day"
      width="2.6rem"
      min={0}
      max={24}
      onset={(to) => (hours = to)}
    />
    <select class="ruled" aria-label="When" bind:value={when}>
      {#each EXTRA_TIMES as time (time)}<option value={time}>{TIME_WORDS[time]}</option>{/each}
    </select>
    <select class="ruled" aria-label="From" bind:value={from}>
      <option value="battery">from the battery</option>
      <option value="mains">at mains voltage</option>
    </select>
    <label class="flex items-center gap-1"
      ><input type="checkbox" class="accent-pencil" bind:checked={isVital} /> never shed</label
    >
  </div>
  {#if fault !== ''}<p role="alert" class="text-stop">{fault}</p>{/if}
  <p class="mt-1 flex gap-4">
    <button class="act" type="submit">Add</button><button class="act" type="button" onclick={oncancel}>Cancel</button>
  </p>
</form>
