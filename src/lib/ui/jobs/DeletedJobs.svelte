<script lang="ts">
  import { format } from 'date-fns'
  import { deletedJobs, type DeletedPage } from './job-requests'

  interface Props {
    /** The first page of them. */
    first: DeletedPage
    onputback: (id: string) => void
  }
  let { first, onputback }: Props = $props()

  /** What was asked for beyond the first page. */
  let further = $state.raw<DeletedPage | undefined>(undefined)
  let fault = $state('')
  $effect(() => {
    void first
    further = undefined
  })
  const jobs = $derived([...first.jobs, ...(further?.jobs ?? [])])
  const more = $derived((further ?? first).more)

  async function showMore(): Promise<void> {
    const next = await deletedJobs(jobs.length)
    fault = next.ok ? '' : next.message
    if (next.ok) further = { jobs: [...(further?.jobs ?? []), ...next.value.jobs], more: next.value.more }
  }
</script>

<section class="mt-12 border-t border-line pt-3 text-sm" aria-label="Deleted jobs">
  <h2 class="mb-1 caps">Deleted</h2>
  {#each jobs as job (job.id)}
    <p class="flex items-baseline gap-3">
      <span class="min-w-0 truncate">{job.name}</span>
      <span class="text-ink-2">kept until {format(new Date(job.goneAt), 'd MMMM yyyy')}</span>
      <button class="act" aria-label="Put back {job.name}" onclick={() => onputback(job.id)}>Put back</button>
    </p>
  {/each}
  {#if more}<button class="mt-1 act" onclick={showMore}>Show more</button>{/if}
  {#if fault !== ''}<p role="alert" class="text-stop">{fault}</p>{/if}
</section>
