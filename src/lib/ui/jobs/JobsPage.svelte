<script lang="ts">
  import { untrack } from 'svelte'
  import { goto, invalidate } from '$app/navigation'
  import { format, formatDistanceToNow } from 'date-fns'
  import { SvelteMap } from 'svelte/reactivity'
  import { tell } from '../parts/toast'
  import type { Fault, JobSummary } from '$lib/core/job'
  import { count, GRAVITY_WORDS } from '$lib/core/text'
  import { newId } from '../job/new-id'
  import GravityMark from '../parts/GravityMark.svelte'
  import Menu from '../parts/Menu.svelte'
  import NameField from '../parts/NameField.svelte'
  import { printEdge } from '../parts/print-edge.svelte'
  import NewJobDialog from './NewJobDialog.svelte'
  import DeletedJobs from './DeletedJobs.svelte'
  import {
    bringIn,
    countStops,
    deleteJob,
    duplicateJob,
    putBackJob,
    renameJob,
    type DeletedPage,
    type Outcome,
  } from './job-requests'

  interface Props {
    jobs: readonly JobSummary[]
    deleted: DeletedPage
    /** Who is signed in, where that is asked for; empty otherwise. */
    who: string
  }
  let { jobs, deleted, who }: Props = $props()

  printEdge(() => 'Jobs')
  let creating = $state(false)
  let renaming: string | undefined = $state(undefined)
  let refused: { name: string; message: string; faults: readonly Fault[]; rest?: string } | undefined =
    $state.raw(undefined)
  let picker: HTMLInputElement | undefined = $state(undefined)
  const MAX_BYTES = 5_000_000

  const refresh = () => invalidate('zimmerman:jobs')
  async function settle(outcome: Promise<Outcome>): Promise<boolean> {
    const result = await outcome
    if (!result.ok) tell(result.message)
    await refresh()
    return result.ok
  }

  async function importFile(file: File | undefined): Promise<void> {
    if (file === undefined) return
    refused = undefined
    if (file.size > MAX_BYTES) {
      refused = { name: file.name, message: 'This file is over 5 MB, the largest that Zimmerman reads.', faults: [] }
      return
    }
    await take(file.name, await file.text())
  }

  async function take(name: string, text: string, rest = false): Promise<void> {
    const outcome = await bringIn(text, rest)
    if (outcome.ok) await goto(`/jobs/${outcome.id}/plan`)
    else
      refused = {
        name,
        message: outcome.message,
        faults: outcome.faults,
        ...(outcome.restCanBeRead === true ? { rest: text } : {}),
      }
  }

  async function remove(job: JobSummary): Promise<void> {
    if (await settle(deleteJob(job.id)))
      tell(`Deleted “${job.name}”.`, { label: 'Undo', onClick: () => void settle(putBackJob(job.id)) })
  }

  async function rename(job: JobSummary, name: string | undefined): Promise<void> {
    renaming = undefined
    if (name !== undefined) await settle(renameJob(job, name, newId('cmd') + Date.now().toString(36)))
  }

  /** Jobs changed since their stops were counted are counted one after the other, once the list is there. */
  let counted: Readonly<Record<string, JobSummary>> = $state.raw({})
  $effect(() => {
    let gone = false
    const waiting = jobs.filter(({ variants }) => variants.some(({ stops }) => stops === null)).map(({ id }) => id)
    void (async () => {
      for (const id of waiting) {
        const summary = await countStops(id)
        if (gone) return
        if (summary !== undefined) counted = { ...counted, [id]: summary }
      }
    })()
    return () => (gone = true)
  })
  const variantsOf = (job: JobSummary) => (counted[job.id]?.revision === job.revision ? counted[job.id]! : job).variants
  /** Why a job cannot be read, once that was found out. */
  const unreadableOf = (job: JobSummary): string | undefined => counted[job.id]?.unreadable
  /** Open stops of all variants; undefined while they are being counted. */
  const stopsOf = (job: JobSummary): number | undefined =>
    variantsOf(job).reduce<number | undefined>(
      (sum, { stops }) => (sum === undefined || stops === null ? undefined : sum + stops),
      0,
    )
  /** How wide and high each plan is drawn at 1 : 25, in pixels. */
  const drawnPx = new SvelteMap<string, readonly [number, number]>()
  const HIGHEST_PX = 176
  const longestPx = $derived(Math.max(...[...drawnPx.values()].map(([wide]) => wide)))
  const broadestPx = $derived(Math.max(...[...drawnPx.values()].map(([, high]) => high)))
  /** On the page all that were come to are at one scale: the longest no wider than its column, the broadest no higher than its row. */
  const widthOf = (id: string): string => {
    const own = drawnPx.get(id)
    return own === undefined ? '0' : `min(${(100 * own[0]) / longestPx}%, ${(HIGHEST_PX * own[0]) / broadestPx}px)`
  }
</script>

<svelte:head><title>Jobs · Zimmerman</title></svelte:head>

<div class="min-h-screen">
  <header class="no-print flex h-12 items-center gap-6 border-b border-ink bg-sheet px-6">
    <span class="text-lg font-bold tracking-tight" style="font-stretch: 110%">Zimmerman</span>
    <span class="text-ink-2">the planning bench for vehicle conversions</span>
    <div class="flex-1"></div>
    <a class="act" href="/copies">Copies</a>
    <a class="act" href="/rules">Book of rules</a>
    {#if who !== ''}
      <form method="post" action="/sign-out" class="flex gap-3">
        <span class="text-ink-2">{who}</span><button class="act" type="submit">Sign out</button>
      </form>
    {/if}
  </header>
  <main class="mx-auto max-w-6xl px-6 py-8">
    <div class="flex items-baseline gap-6">
      <h1 class="text-xl">Jobs</h1>
      <div class="flex-1"></div>
      <button class="no-print act" onclick={() => picker?.click()}>Import…</button>
      <input
        bind:this={picker}
        type="file"
        accept=".json,application/json"
        class="hidden"
        data-testid="import"
        onchange={(event) => {
          void importFile(event.currentTarget.files?.[0])
          event.currentTarget.value = ''
        }}
      />
      <button class="no-print act-main" onclick={() => (creating = true)}>New job</button>
    </div>

    {#if refused !== undefined}
      <div role="alert" class="mt-4 border-l-4 border-stop pl-4">
        <p class="font-semibold text-stop">“{refused.name}” was not imported. {refused.message}</p>
        <ul class="mt-1 text-sm">
          {#each refused.faults.slice(0, 8) as fault, index (index)}<li>
              <code class="text-ink-2">{fault.path || 'the file'}</code>: {fault.message}
            </li>{/each}
          {#if refused.faults.length > 8}<li class="text-ink-2">and {refused.faults.length - 8} more</li>{/if}
        </ul>
        {#if refused.rest !== undefined}
          {@const { name, rest } = refused}
          <button class="mt-1 act" onclick={() => take(name, rest, true)}>Import the rest without these</button>
        {/if}
      </div>
    {/if}

    {#if jobs.length === 0}
      <p class="mt-16 text-center text-lg">No jobs yet. Start one from a vehicle and a few words about the client.</p>
    {/if}
    <ul class="mt-5 grid gap-x-10 gap-y-8 md:grid-cols-2">
      {#each jobs as job (job.id)}
        {@const stops = stopsOf(job)}
        <li class="border-t border-ink pt-3" data-testid="job-{job.id}">
          {#if unreadableOf(job) === undefined}
            <a href="/jobs/{job.id}/plan" class="group flex h-44 items-center">
              <img
                src="/api/jobs/{job.id}/drawing.svg?rev={job.revision}"
                alt="Plan of {job.name}"
                loading="lazy"
                style:width={widthOf(job.id)}
                {@attach (image) => {
                  const measure = () => {
                    const { naturalWidth, naturalHeight } = image
                    if (naturalWidth > 0) untrack(() => drawnPx.set(job.id, [naturalWidth, naturalHeight]))
                  }
                  // it may have come before the page woke up
                  measure()
                  image.addEventListener('load', measure)
                  return () => image.removeEventListener('load', measure)
                }}
              />
            </a>
          {:else}
            <p class="flex h-44 items-center text-ink-2">No drawing: it cannot be read.</p>
          {/if}
          <div class="mt-2 flex items-baseline gap-3">
            {#if renaming === job.id}
              <NameField
                look="flex-1 ruled text-lg font-semibold"
                label="Name of the job"
                name={job.name}
                most={120}
                onend={(name) => rename(job, name)}
              />
            {:else}
              <a href="/jobs/{job.id}/plan" class="min-w-0 flex-1 truncate text-lg font-semibold hover:text-pencil"
                >{job.name}</a
              >
            {/if}
            <Menu
              look="text-ink-2 hover:text-ink"
              label="More for {job.name}"
              align="end"
              entries={[
                { label: 'Rename', opensField: true, act: () => (renaming = job.id) },
                { label: 'Duplicate', act: () => void settle(duplicateJob(job.id, newId('job'))) },
                { label: 'Export', act: () => (location.href = `/api/jobs/${job.id}?download`) },
                { label: 'Delete', grave: true, act: () => void remove(job) },
              ]}>More ▾</Menu
            >
          </div>
          <p class="text-sm text-ink-2">
            {job.shellName} · changed
            <time datetime={job.changedAt} title={format(new Date(job.changedAt), 'PPpp')}
              >{formatDistanceToNow(new Date(job.changedAt), { addSuffix: true })}</time
            >
          </p>
          <p class="mt-0.5 text-sm">
            {#if unreadableOf(job) !== undefined}<GravityMark gravity="stop" size={13} />
              <span class="text-stop">This job cannot be read: {unreadableOf(job)}.</span>
              <a class="act" href="/api/jobs/{job.id}?raw" download>Export it as it is</a>
              <button class="act" onclick={() => void remove(job)}>Set it aside</button
              >{:else if stops === undefined}<span class="text-ink-2">checking…</span>{:else}{#if stops > 0}<GravityMark
                  gravity="stop"
                  size={13}
                />
                <span class="text-stop">{count(stops, GRAVITY_WORDS.stop)}</span>{:else}<span
                  class="font-semibold text-good">✓</span
                > no stops{/if}
              <span class="text-ink-2"
                >· {variantsOf(job)
                  .map((variant) => `${variant.name}: ${variant.stops}`)
                  .join(' · ')}</span
              >{/if}
          </p>
        </li>
      {/each}
    </ul>

    {#if deleted.jobs.length > 0}
      <DeletedJobs first={deleted} onputback={(id) => void settle(putBackJob(id))} />
    {/if}
  </main>
</div>
<NewJobDialog bind:open={creating} />
