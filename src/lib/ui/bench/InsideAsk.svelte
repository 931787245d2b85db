<script lang="ts">
  import { capital, count, list } from '$lib/core/text'
  import type { Bench } from './bench.svelte'

  let { bench }: { bench: Bench } = $props()
  const NAMED = 3
  const names = $derived(bench.editing.insideHeld.map(({ id }) => bench.names.the(id)))
  const said = $derived(names.length > NAMED ? count(names.length, { one: 'thing', many: 'things' }) : list(names))
  const focused = (button: HTMLButtonElement): void => button.focus()
</script>

{#if bench.editing.asksInside}
  <div
    role="alertdialog"
    aria-label="What becomes of what is inside"
    tabindex="-1"
    class="mt-2 border-t-2 border-pencil pt-2 text-[0.9286rem]"
    onkeydown={(event) => {
      if (event.key !== 'Escape') return
      event.stopPropagation()
      bench.editing.asksInside = false
    }}
  >
    <p>
      {capital(said)}
      {names.length === 1 ? 'is' : 'are'} inside. What becomes of {names.length === 1 ? 'it' : 'them'}?
    </p>
    <p class="mt-1 flex flex-wrap gap-x-3">
      <button class="act" onclick={() => bench.editing.removeWith('all')}>Remove all of it</button>
      <button class="act" onclick={() => bench.editing.removeWith('nothing')}>Leave what is inside where it is</button>
      <button class="act" {@attach focused} onclick={() => (bench.editing.asksInside = false)}>Cancel</button>
    </p>
  </div>
{/if}
