<script lang="ts">
  import { isDoor, type Opening } from '$lib/core/shell'
  import type { OpeningAnswers } from '$lib/core/readings'
  import { capital } from '$lib/core/text'

  interface Props {
    /** As they are so far: of the body that the survey makes. */
    openings: readonly Opening[]
    onanswer: (id: string, answers: OpeningAnswers) => void
  }
  let { openings, onanswer }: Props = $props()

  /** What slides or stands open along the same wall. */
  const besides = (opening: Opening): readonly Opening[] =>
    opening.side === 'roof'
      ? []
      : openings.filter((other) => other !== opening && other.side === opening.side && isDoor(other))
</script>

{#snippet tick(id: string, key: 'outsideOnly' | 'standsUp', words: string, checked: boolean)}
  <label class="flex items-baseline gap-1"
    ><input
      type="checkbox"
      class="accent-pencil"
      {checked}
      onchange={(event) => onanswer(id, { [key]: event.currentTarget.checked })}
    /><span class="text-ink-2">{words}</span></label
  >
{/snippet}

<ul class="text-[0.9286rem]">
  {#each openings as opening (opening.id)}
    {@const doors = besides(opening)}
    {#if opening.side === 'roof' || isDoor(opening) || doors.length > 0}
      <li
        class="flex flex-wrap items-baseline justify-between gap-x-3 border-b border-line py-1"
        data-opening={opening.id}
      >
        <span>{capital(opening.label)}</span>
        {#if opening.side === 'roof'}
          {@render tick(opening.id, 'standsUp', 'you can stand up in it', opening.standsUp === true)}
        {:else if isDoor(opening)}
          {@render tick(opening.id, 'outsideOnly', 'opens from outside only', opening.outsideOnly === true)}
        {/if}
        {#if doors.length > 0}
          <label class="flex items-baseline gap-1"
            ><span class="text-ink-2">shut off behind the leaf of</span>
            <select
              class="ruled"
              value={opening.behind ?? ''}
              onchange={(event) => onanswer(opening.id, { behind: event.currentTarget.value || null })}
            >
              <option value="">none</option>
              {#each doors as door (door.id)}<option value={door.id}>{door.label}</option>{/each}
            </select></label
          >
        {/if}
      </li>
    {/if}
  {/each}
</ul>
