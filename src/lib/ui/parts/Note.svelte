<script lang="ts">
  import type { NoteProps } from './note'
  import type Open from './OpenNote.svelte'

  let { open = $bindable(false), children, ...props }: NoteProps = $props()

  /** A screen has dozens of figures that can be asked; the answer’s machinery comes with the first question. */
  let OpenNote: typeof Open | undefined = $state.raw(undefined)
  const fetched = () => import('./OpenNote.svelte')
  async function show(): Promise<void> {
    OpenNote = (await fetched()).default
    open = true
  }
</script>

{#if OpenNote !== undefined}
  <OpenNote {...props} bind:open>{@render children()}</OpenNote>
{:else}
  <button
    class={props.look}
    aria-label={props.label}
    aria-haspopup="dialog"
    aria-expanded="false"
    onpointerenter={() => void fetched()}
    onfocus={() => void fetched()}
    onclick={show}>{@render children()}</button
  >
{/if}
