<script lang="ts">
  import { Popover } from 'bits-ui'
  import type { Snippet } from 'svelte'

  interface Props {
    /** What is asked about, for those who hear the page. */
    about: string
    /** The answer; a function where it takes some making. */
    lines: readonly string[] | (() => readonly string[])
    children?: Snippet
  }
  let { about, lines, children }: Props = $props()

  /** A screen has dozens of figures that can be asked; the answer’s machinery comes with the first question. */
  let asked = $state(false)
  let open = $state(false)
  const look =
    'cursor-help text-left underline decoration-line decoration-dotted underline-offset-4 hover:decoration-pencil'
</script>

{#snippet figure()}
  {#if children}{@render children()}{:else}Why?{/if}
{/snippet}

{#if asked}
  <Popover.Root bind:open>
    <Popover.Trigger class={look} aria-label="Why {about}?">{@render figure()}</Popover.Trigger>
    <Popover.Portal>
      <Popover.Content
        sideOffset={6}
        collisionPadding={12}
        class="z-50 max-w-80 border border-ink bg-sheet p-3 text-sm"
      >
        <p class="mb-1 caps">Why {about}</p>
        {#each typeof lines === 'function' ? lines() : lines as line, index (index)}
          <p class="mt-1">{line}</p>
        {/each}
      </Popover.Content>
    </Popover.Portal>
  </Popover.Root>
{:else}
  <button
    class={look}
    aria-label="Why {about}?"
    aria-haspopup="dialog"
    onclick={() => {
      asked = true
      open = true
    }}>{@render figure()}</button
  >
{/if}
