<script lang="ts">
  import type { Finding, ProvenRemedy } from '$lib/core/review'
  import { sayFinding, sayRemedy } from '$lib/core/text'
  import GravityMark from '../parts/GravityMark.svelte'
  import type { Desk } from './desk.svelte'

  interface Props {
    desk: Desk
    remedy: ProvenRemedy
  }
  let { desk, remedy }: Props = $props()

  const unit = $derived(desk.session.job.units)
  const said = $derived(sayRemedy(remedy, desk.names, unit))
  const open = $derived(desk.preview === remedy)
  const once = (findings: readonly Finding[]) => [...new Map(findings.map((one) => [one.key, one])).values()]
  /** What it would cause and make worse, the same fault in several modes once. */
  const suffers = $derived([
    ...once(remedy.causes).map((finding) => ({ finding, isWorse: false })),
    ...once(remedy.worse).map((finding) => ({ finding, isWorse: true })),
  ])
</script>

<li class="border-b border-line py-1" data-testid="way-out">
  <button
    class="flex w-full items-baseline justify-between gap-3 text-left hover:text-pencil"
    aria-expanded={open}
    onclick={() => (desk.preview = open ? undefined : remedy)}
  >
    <span class={open ? 'font-semibold' : ''}>{said.does}</span>
    <span class="shrink-0 text-xs text-ink-2">{said.costs}</span>
  </button>
  {#if open}
    <div class="pt-1 text-sm" data-testid="preview">
      {#each suffers as { finding, isWorse } (finding.key)}
        <p class="flex gap-1.5">
          <GravityMark gravity={finding.gravity} size={13} /><span
            >{isWorse ? 'Worse than now: ' : ''}{sayFinding(finding, desk.names, unit).designer}</span
          >
        </p>
      {:else}
        <p class="text-ink-2">
          {remedy.cures > 1 ? 'Puts more than this one right, with no new findings.' : 'No new findings.'}
        </p>
      {/each}
      <button class="mt-1 border border-pencil bg-pencil px-3 py-0.5 text-on-pencil" onclick={() => desk.take(remedy)}
        >Apply</button
      >
    </div>
  {/if}
</li>
