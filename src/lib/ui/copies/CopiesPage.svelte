<script lang="ts">
  import { invalidate } from '$app/navigation'
  import { format } from 'date-fns'
  import { count } from '$lib/core/text'
  import { printEdge } from '../parts/print-edge.svelte'
  import CopyInside from './CopyInside.svelte'
  import {
    lookInto,
    makeCopy,
    removeCopy,
    takeIn,
    type CopyFacts,
    type CopySource,
    type KeptCopy,
  } from './copy-requests'

  interface Props {
    copies: readonly KeptCopy[]
    /** Why the last daily copy could not be made. */
    fault: string
    folder: string
    daysKept: number
  }
  let { copies, fault, folder, daysKept }: Props = $props()

  const REASONS = { daily: 'daily', asked: 'made by hand', before: 'before another was put back' } as const
  const megabytes = (bytes: number): string => `${Math.max(0.1, bytes / 1e6).toFixed(1)} MB`

  printEdge(() => 'Copies of everything')
  let busy = $state('')
  let said = $state('')
  let wrong = $state('')
  let inside = $state.raw<{ from: CopySource; title: string; facts: CopyFacts } | undefined>(undefined)
  let picker: HTMLInputElement | undefined = $state(undefined)

  async function make(): Promise<void> {
    busy = 'Making a copy…'
    const made = await makeCopy()
    busy = ''
    wrong = made.ok ? '' : `No copy was made. ${made.message}`
    said = made.ok ? 'A copy was made, and opened once to see that it can be.' : ''
    await invalidate('zimmerman:copies')
  }

  async function look(from: CopySource, title: string): Promise<void> {
    busy = 'Looking into it…'
    const facts = await lookInto(from)
    busy = ''
    wrong = facts.ok ? '' : `“${title}” cannot be put back. ${facts.message}`
    inside = facts.ok ? { from, title, facts: facts.value } : undefined
  }

  async function lookIntoFile(file: File | undefined): Promise<void> {
    if (file === undefined) return
    said = ''
    const taken = await takeIn(file, (share) => (busy = `Reading “${file.name}”: ${Math.round(share * 100)}%`))
    busy = ''
    if (taken.ok) await look(taken.value, file.name)
    else wrong = `“${file.name}” was not read. ${taken.message}`
  }

  async function remove(name: string): Promise<void> {
    wrong = await removeCopy(name)
    await invalidate('zimmerman:copies')
  }
</script>

<svelte:head><title>Copies · Zimmerman</title></svelte:head>

<header class="no-print flex h-12 items-center gap-6 border-b border-ink bg-sheet px-6">
  <a class="text-lg font-bold tracking-tight" style="font-stretch: 110%" href="/" title="All jobs">Zimmerman</a>
  <div class="flex-1"></div>
  <a class="act" href="/">Jobs</a>
</header>
<main class="mx-auto max-w-4xl px-6 py-8">
  <div class="flex items-baseline gap-6">
    <h1 class="text-xl">Copies of everything</h1>
    <div class="flex-1"></div>
    <button class="act" disabled={busy !== ''} onclick={() => picker?.click()}>Look into a file</button>
    <input
      bind:this={picker}
      type="file"
      accept=".sqlite"
      class="hidden"
      data-testid="copy-file"
      onchange={(event) => {
        void lookIntoFile(event.currentTarget.files?.[0])
        event.currentTarget.value = ''
      }}
    />
    <button class="no-print act-main" disabled={busy !== ''} onclick={make}>Make a copy now</button>
  </div>
  <p class="mt-2 max-w-2xl text-ink-2">
    One is made every day, and the last {daysKept} are kept. They are in {folder}/copies, on the same disk: save one
    somewhere else now and then.
  </p>
  <p class="mt-3 min-h-5" role="status">{busy || said}</p>
  {#if fault !== ''}<p role="alert" class="mt-1 text-stop">Today’s copy could not be made. {fault}</p>{/if}
  {#if wrong !== ''}<p role="alert" class="mt-1 text-stop">{wrong}</p>{/if}

  {#if inside !== undefined}
    <CopyInside {...inside} onclose={() => (inside = undefined)} />
  {/if}

  {#if copies.length === 0}
    <p class="mt-12 text-lg">No copies yet. The first is made when the jobs are first opened.</p>
  {:else}
    <table class="mt-4 w-full text-left">
      <thead>
        <tr class="border-b border-ink"
          ><th class="py-1 caps">Made</th><th class="caps">How</th><th class="pr-8 text-right caps">Size</th><th
          ></th></tr
        >
      </thead>
      <tbody>
        {#each copies as { name, at, reason, bytes } (name)}
          {@const when = format(new Date(at), 'd MMMM yyyy, HH:mm')}
          <tr class="border-b border-line" data-testid="copy">
            <td class="py-2 font-semibold tabular-nums">{when}</td>
            <td class="text-ink-2">{REASONS[reason]}</td>
            <td class="pr-8 text-right tabular-nums">{megabytes(bytes)}</td>
            <td class="no-print text-right">
              <button class="act" disabled={busy !== ''} onclick={() => look({ copy: name }, when)}>Look inside</button>
              <a class="ml-5 act" href="/api/copies/{name}" download>Export</a>
              {#if reason !== 'daily'}<button class="ml-5 act" onclick={() => remove(name)}>Remove</button>{/if}
            </td>
          </tr>
        {/each}
      </tbody>
    </table>
  {/if}
  <p class="mt-6 text-sm text-ink-2">
    {count(copies.length, { one: 'copy', many: 'copies' })} here. Without the screens: npm run backup, npm run restore.
  </p>
</main>
