<script lang="ts">
  import { Dialog } from 'bits-ui'
  import { format, isToday } from 'date-fns'
  import type { Told } from '$lib/core/job'
  import { sayTold } from '$lib/core/text'
  import { ask } from '../parts/ask'
  import { getSession } from './context'

  let { open = $bindable(false) }: { open: boolean } = $props()
  const session = getSession()

  interface Entry {
    revision: number
    words: string
    told?: Told
    at: string
    /** Who did it, where people sign in. */
    who: string
  }
  let entries: Entry[] = $state.raw([])
  let fault = $state('')

  $effect(() => {
    if (open) void load()
  })

  async function load(): Promise<void> {
    await session.flush()
    await read('', [])
  }

  /** The next page of it, put behind those that are there. */
  async function read(query: string, there: readonly Entry[]): Promise<void> {
    const answer = await ask<Entry[]>(`/api/jobs/${session.id}/history${query}`)
    if (answer.ok) entries = [...there, ...answer.value]
    fault = answer.ok ? '' : answer.message
  }

  async function goTo(revision: number): Promise<void> {
    const response = await fetch(`/api/jobs/${session.id}/history/${revision}`)
    if (!response.ok) {
      fault = 'That version could not be read.'
      return
    }
    session.do({ type: 'job.restore', revision, document: (await response.json()) as Record<string, unknown> })
    open = false
  }

  const said = ({ told, words }: Entry) => (told === undefined ? words : sayTold(told, session.job.units))
  const when = (at: string) => format(new Date(at), isToday(new Date(at)) ? 'HH:mm:ss' : 'd MMM, HH:mm')
</script>

<Dialog.Root bind:open>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-[color-mix(in_srgb,var(--ink)_25%,transparent)]" />
    <Dialog.Content class="fixed inset-y-0 right-0 z-50 flex w-96 flex-col border-l border-ink bg-sheet p-4">
      <Dialog.Title class="text-lg font-semibold">History</Dialog.Title>
      <Dialog.Description class="mb-3 text-sm text-ink-2"
        >What was done, newest first. Going back is a change like any other: it can be undone.</Dialog.Description
      >
      {#if fault !== ''}<p role="alert" class="text-sm text-stop">{fault}</p>{/if}
      <ol class="flex-1 overflow-y-auto text-sm">
        {#each entries as entry, index (entry.revision)}
          <li class="flex items-baseline gap-3 border-b border-line py-1.5">
            <span class="w-24 shrink-0 text-xs text-ink-2">{when(entry.at)}</span>
            <span class="min-w-0 flex-1 break-words"
              >{said(entry)}{#if entry.who !== ''}<span class="text-ink-2"> · {entry.who}</span>{/if}</span
            >
            {#if index > 0}<button
                class="act text-xs"
                onclick={() => goTo(entry.revision)}
                aria-label="Go back to after: {said(entry)}">Go back</button
              >{:else}<span class="text-xs text-ink-2">now</span>{/if}
          </li>
        {:else}
          <li class="text-ink-2">Nothing has been changed yet.</li>
        {/each}
        {#if (entries.at(-1)?.revision ?? 0) > 1}
          <li class="py-1.5">
            <button class="act text-xs" onclick={() => read(`?before=${entries.at(-1)!.revision}`, entries)}
              >Show earlier changes</button
            >
          </li>
        {/if}
        {#if entries.length > 0}
          <li class="flex items-baseline gap-3 py-1.5">
            <span class="w-24 shrink-0"></span><span class="flex-1">As it started</span><button
              class="act text-xs"
              onclick={() => goTo(0)}>Go back</button
            >
          </li>
        {/if}
      </ol>
      <p class="mt-3 flex justify-between">
        <Dialog.Close class="act">Close</Dialog.Close>
        <a class="act" href="/jobs/{session.id}/paper?what=history">On paper</a>
      </p>
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
