<script lang="ts">
  import GravityMark from './GravityMark.svelte'

  interface Props {
    /** What has stopped: “The review”. */
    what: string
    /** Why; nothing is shown where it has not. */
    why: string | undefined
    onagain: () => void
  }
  let { what, why, onagain }: Props = $props()
</script>

{#if why !== undefined}
  <p role="alert" class="no-print py-1.5 text-[0.9286rem] leading-[1.2857rem] text-stop" data-testid="stopped">
    <GravityMark gravity="stop" size={12} />
    <b>{what} has stopped:</b>
    {why}. Your work is safe, and nothing old is shown.
    <button class="act" onclick={onagain}>Try again</button>
  </p>
{/if}
