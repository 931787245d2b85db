<script lang="ts">
  interface Props {
    /** Answers whether it was taken. */
    onreason: (reason: string) => boolean
  }
  let { onreason }: Props = $props()

  /** Why the finding is to be let be, as it is typed; undefined while no one asked. */
  let reason: string | undefined = $state(undefined)

  function submit(event: SubmitEvent): void {
    event.preventDefault()
    const said = reason?.trim() ?? ''
    if (said !== '' && onreason(said)) reason = undefined
  }
</script>

{#if reason === undefined}
  <button class="act" onclick={() => (reason = '')}>Leave as it is…</button>
{:else}
  <form class="mt-1 flex items-baseline gap-2" onsubmit={submit}>
    <!-- svelte-ignore a11y_autofocus -->
    <input
      class="min-w-0 flex-1 ruled"
      aria-label="Why it is left as it is"
      placeholder="why?"
      maxlength="200"
      required
      autofocus
      bind:value={reason}
      onkeydown={(event) => {
        event.stopPropagation()
        if (event.key === 'Escape') reason = undefined
      }}
    />
    <button class="act" type="submit">Leave as it is</button>
  </form>
{/if}
