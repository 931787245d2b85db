<script lang="ts">
  import { format } from 'date-fns'
  import type { JobSummary } from '$lib/core/job'
  import { count } from '$lib/core/text'
  import { jobsNow, putBack, type CopyFacts, type CopySource } from './copy-requests'

  interface Props {
    from: CopySource
    /** What it is called on the screen. */
    title: string
    facts: CopyFacts
    onclose: () => void
  }
  let { from, title, facts, onclose }: Props = $props()

  let now = $state.raw<readonly JobSummary[] | undefined>(undefined)
  let working = $state(false)
  let wrong = $state('')
  $effect(() => {
    void jobsNow().then((answer) => (now = answer.ok ? answer.value : []))
  })

  /** How a job of the copy stands to what is stored now. */
  function against(id: string, revision: number): string {
    if (now === undefined) return '…'
    const there = now.find((job) => job.id === id)
    if (there === undefined) return 'not among the jobs now'
    const ahead = there.revision - revision
    return ahead === 0
      ? 'as it is now'
      : ahead > 0
        ? `${count(ahead, { one: 'change', many: 'changes' })} older than now`
        : 'newer than now'
  }
  const lost = $derived((now ?? []).filter(({ id }) => facts.jobs.every((job) => job.id !== id)))
  const day = (at: string): string => format(new Date(at), 'd MMMM yyyy, HH:mm')

  async function restore(): Promise<void> {
    working = true
    const done = await putBack(from)
    working = false
    wrong = done.ok ? '' : `Nothing was changed. ${done.message}`
    if (done.ok) location.href = '/'
  }
</script>

<section class="mt-4 border-t-2 border-ink pt-3 pb-6" aria-label="Inside the copy">
  <div class="flex items-baseline gap-4">
    <h2 class="text-lg font-semibold">{title}</h2>
    <span class="text-ink-2"
      >{count(facts.jobs.length, { one: 'job', many: 'jobs' })}, {facts.deleted} deleted,
      {count(facts.modules, { one: 'module', many: 'modules' })}</span
    >
  </div>
  {#if facts.isCutOff}<p class="mt-1 text-stop">
      This file was copied while it was in use, without its log: what was saved last is not in it.
    </p>{/if}
  <table class="mt-2 w-full text-left text-sm">
    <tbody>
      {#each facts.jobs as { id, name, revision, changedAt } (id)}
        <tr class="border-b border-line">
          <td class="py-1 font-semibold">{name}</td>
          <td class="text-ink-2">changed {day(changedAt)}</td>
          <td class="text-right">{against(id, revision)}</td>
        </tr>
      {/each}
      {#each lost as { id, name } (id)}
        <tr class="border-b border-line">
          <td class="py-1 font-semibold text-stop">{name}</td>
          <td class="text-ink-2">now among the jobs</td>
          <td class="text-right text-stop">not in this copy</td>
        </tr>
      {/each}
    </tbody>
  </table>
  <p class="mt-3">
    Putting it back replaces all jobs, modules and house rules. What is here now is saved as a copy of its own.
  </p>
  <p class="mt-2 flex gap-5">
    <button class="act-main" disabled={working} onclick={restore}
      >{working ? 'Putting it back…' : 'Put everything back to this'}</button
    >
    <button class="act" onclick={onclose}>Cancel</button>
  </p>
  {#if wrong !== ''}<p role="alert" class="mt-2 text-stop">{wrong}</p>{/if}
</section>
