<script lang="ts">
  import { capital } from '$lib/core/text'
  import type { Bench } from './bench.svelte'

  let { bench }: { bench: Bench } = $props()
  const seats = $derived(bench.interior.shell.cabSeats.filter(({ swivel }) => swivel !== undefined))
</script>

{#if seats.length > 0}
  <fieldset class="mt-2 text-[0.9286rem]">
    <legend class="caps">Cab seats in {bench.names.mode(bench.modeId)}</legend>
    {#each seats as seat (seat.id)}
      <label class="flex items-baseline justify-between"
        ><span class="text-ink-2">{capital(seat.label)}</span>
        <select
          class="ruled"
          value={bench.scene.turned.includes(seat.id) ? 'turned' : 'forward'}
          onchange={(event) => bench.editing.turnSeat(seat.id, event.currentTarget.value === 'turned')}
        >
          <option value="forward">forward</option>
          <option value="turned">turned round</option>
        </select></label
      >
    {/each}
  </fieldset>
{/if}
