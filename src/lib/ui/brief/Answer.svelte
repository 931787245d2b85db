<script lang="ts">
  import type { Snippet } from 'svelte'

  interface Props {
    /** Nothing was answered: what is shown is what is usual. */
    usual: boolean
    onusual: () => void
    children: Snippet
  }
  let { usual, onusual, children }: Props = $props()
</script>

<div class="grid grid-cols-[minmax(0,1fr)_4.5rem] items-start gap-2 py-0.5 {usual ? 'usual' : ''}">
  {@render children()}
  {#if usual}<span class="pt-0.5 text-xs text-ink-2 italic">assumed</span>
  {:else}<button class="pt-0.5 act text-left text-xs" onclick={onusual}>use assumed</button>{/if}
</div>

<style>
  .usual :global(input) {
    font-style: italic;
    color: var(--ink-2);
  }
</style>
