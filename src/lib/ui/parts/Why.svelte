<script lang="ts">
  import type { Snippet } from 'svelte'
  import Note from './Note.svelte'

  interface Props {
    /** What is asked about, for those who hear the page. */
    about: string
    /** The answer; a function where it takes some making. */
    lines: readonly string[] | (() => readonly string[])
    children?: Snippet
  }
  let { about, lines, children }: Props = $props()
</script>

<Note
  label="Why {about}?"
  look="min-w-6 cursor-help text-left underline decoration-line decoration-dotted underline-offset-4 hover:decoration-pencil"
>
  {#if children}{@render children()}{:else}Why?{/if}
  {#snippet body()}
    <p class="mb-1 caps">Why {about}</p>
    {#each typeof lines === 'function' ? lines() : lines as line, index (index)}
      <p class="mt-1">{line}</p>
    {/each}
  {/snippet}
</Note>
