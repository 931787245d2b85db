<script lang="ts">
  import type { ModeChange } from '$lib/core/scene'
  import { count, sayChange, sayMinutes } from '$lib/core/text'
  import Note from '../parts/Note.svelte'
  import type { Bench } from './bench.svelte'

  interface Props {
    bench: Bench
    /** What it takes to get here from the mode before. */
    change: ModeChange | undefined
    to: string
  }
  let { bench, change, to }: Props = $props()
  let open = $state(false)
  const words = $derived(change === undefined ? undefined : sayChange(change, bench.session.job, bench.names))
  const moves = $derived(count(change?.moves.length ?? 0, { one: 'move', many: 'moves' }))
  const label = $derived(`${moves} from ${bench.names.mode(change?.from ?? '')} to ${to}`)

  function play(): void {
    open = false
    if (change !== undefined) void bench.play(change, matchMedia('(prefers-reduced-motion: reduce)').matches)
  }
</script>

<div class="mx-3 w-[5.4286rem] flex-none text-center text-sm text-ink-2" data-testid="mode-change">
  <div class="mt-2 mb-0.5 border-t border-ink-2"></div>
  {#if change === undefined}
    …
  {:else if change.moves.length === 0}
    no moves
  {:else if words !== undefined}
    <Note
      bind:open
      label="{label}: in which order?"
      look="block w-full cursor-help underline decoration-line decoration-dotted underline-offset-4 hover:decoration-pencil"
      side="top"
      wide
      testid="moves"
    >
      {#if change.stuck.length > 0}<span class="text-stop">stuck</span>{:else}{moves}{/if}
      <span class="block">{sayMinutes(change.minutes)}</span>
      {#snippet body()}
        <p class="caps">{bench.names.mode(change.from)} to {to}</p>
        <ol class="mt-1 list-decimal pl-5">
          {#each words.moves as line, index (index)}<li class="mt-0.5">{line}</li>{/each}
        </ol>
        {#each words.stuck as line, index (index)}<p class="mt-1 text-stop">{line}</p>{/each}
        <p class="mt-2 font-semibold">{words.total}</p>
        {#each words.resting as line, index (index)}<p class="mt-0.5 text-ink-2">{line}</p>{/each}
        <p class="mt-2 text-xs text-ink-2">
          An order in which nothing is moved through what stands there. Minutes: trade practice, no published source.
        </p>
        <button class="mt-2 act" onclick={play}>Play it in the drawing</button>
      {/snippet}
    </Note>
  {/if}
</div>
