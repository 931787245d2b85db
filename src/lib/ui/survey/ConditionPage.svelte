<script lang="ts">
  import {
    FOUND_KINDS,
    isPending,
    MOST_FOUND,
    newFound,
    stepStates,
    sumOf,
    type Found,
    type FoundKind,
  } from '$lib/core/condition'
  import { bareInterior } from '$lib/core/shell'
  import { capital, FOUND_WORDS, foundName, sayFoundSum, sayStep, STEP_WORDS } from '$lib/core/text'
  import { getSession } from '../job/context'
  import { newId } from '../job/new-id'
  import FoundEditor from './FoundEditor.svelte'
  import SurveyDrawing from './SurveyDrawing.svelte'
  import SurveyFrame from './SurveyFrame.svelte'

  const session = getSession()
  const job = $derived(session.job)
  const body = $derived(bareInterior(job.shell))
  const all = $derived(job.found ?? {})
  const entries = $derived(Object.entries(all))
  const steps = $derived(stepStates(all))
  const named = (id: string): string => foundName(all[id]!)

  let activeId: string | undefined = $state(undefined)
  const active = $derived(activeId === undefined ? undefined : all[activeId])

  const put = (id: string, found: Found) => session.do({ type: 'found.put', id, found })
  function add(kind: FoundKind): void {
    const id = newId('found')
    if (put(id, newFound(kind))) activeId = id
  }
  function place(pointed: { readonly x?: number; readonly y?: number; readonly z?: number }): void {
    if (activeId === undefined || active === undefined) return
    const [x, y, z] = active.at ?? [0, 0, 0]
    put(activeId, { ...active, at: [pointed.x ?? x, pointed.y ?? y, pointed.z ?? z] })
  }
  function markDone(id: string, done: boolean): void {
    const { done: _was, ...rest } = all[id]!
    put(id, done ? { ...rest, done } : rest)
  }
</script>

<svelte:head><title>{job.name} · as bought · Zimmerman</title></svelte:head>

<SurveyFrame jobId={job.id} part="as-bought" label="What was found" paperSum>
  {#snippet list()}
    <p class="mt-2 text-[0.9286rem] text-ink-2">
      What was found on the vehicle as it was bought: rust, leaks, what has to come out and what stays. Each step of the
      work waits for what has to be repaired before it.
    </p>
    <label class="no-print mt-1 block act text-sm"
      >Add
      <select
        class="ruled font-normal text-ink"
        aria-label="Add what was found"
        value=""
        disabled={entries.length >= MOST_FOUND}
        onchange={(event) => {
          const kind = event.currentTarget.value
          event.currentTarget.value = ''
          if (kind !== '') add(kind as FoundKind)
        }}
      >
        <option value="">choose…</option>
        {#each FOUND_KINDS as kind (kind)}<option value={kind}>{FOUND_WORDS[kind]}</option>{/each}
      </select></label
    >
    {#if entries.length >= MOST_FOUND}<p class="text-sm text-caution">A job holds {MOST_FOUND}.</p>{/if}
    {#if entries.length === 0}
      <p class="mt-3 text-ink-2">
        Nothing yet. Go round the vehicle with a torch: sills, arches, roof seams, seals, floor.
      </p>
    {/if}
    <ol class="mt-2">
      {#each entries as [id, found], index (id)}
        <li class="break-inside-avoid border-b border-line py-1" data-found={id}>
          <div class="flex items-baseline gap-2">
            <span class="w-5 text-right text-ink-2">{index + 1}</span>
            <button
              class="min-w-0 flex-1 text-left hover:text-pencil {found.done === true ? 'text-ink-2 line-through' : ''}"
              aria-expanded={id === activeId}
              onclick={() => (activeId = id === activeId ? undefined : id)}
              >{found.label === '' ? capital(FOUND_WORDS[found.kind]) : found.label}
              {#if found.label !== ''}<span class="text-[0.9286rem] text-ink-2">{FOUND_WORDS[found.kind]}</span
                >{/if}</button
            >
            {#if found.before !== null}
              <label class="flex items-baseline gap-1 text-[0.9286rem]"
                ><input
                  type="checkbox"
                  class="accent-pencil"
                  checked={found.done === true}
                  onchange={(event) => markDone(id, event.currentTarget.checked)}
                /><span class="text-ink-2">done</span></label
              >
            {/if}
          </div>
          {#if id === activeId}
            <FoundEditor
              jobId={job.id}
              {found}
              unit={job.units}
              onput={(next) => put(id, next)}
              onremove={() => {
                activeId = undefined
                session.do({ type: 'found.remove', id })
              }}
            />
          {/if}
        </li>
      {/each}
    </ol>
  {/snippet}
  {#snippet drawing()}
    <p class="no-print mb-1 text-[0.9286rem] text-ink-2">
      {active === undefined
        ? 'Choose one of the list, then point to where it is.'
        : `Point to ${foundName(active)}, from above and from the side.`}
    </p>
    <SurveyDrawing
      {body}
      tape={undefined}
      figure=""
      sectionMm={active?.at?.[0] ?? job.shell.axles.rearXMm}
      found={entries}
      {activeId}
      onplace={active === undefined ? undefined : place}
    />
  {/snippet}
  {#snippet sum()}
    <h2 class="caps">Still to be done</h2>
    <p class="text-base font-semibold" data-testid="pending">
      {sayFoundSum(sumOf(Object.values(all).filter(isPending)))}
    </p>
    <h2 class="mt-4 caps">All of it</h2>
    <p data-testid="all">{sayFoundSum(sumOf(Object.values(all)))}</p>
    <h2 class="mt-4 caps">The work, step by step</h2>
    <ol data-testid="steps">
      {#each steps as step (step.step)}
        <li class="border-b border-line py-1">
          <b class="font-semibold">{STEP_WORDS[step.step]}</b>
          <span class={step.isOpen ? 'text-good' : 'text-caution'}>{sayStep(step, named)}</span>
        </li>
      {/each}
    </ol>
    <p class="mt-3 text-ink-2">
      Rust in sills, chassis and belt points, brakes and steering are for a licensed workshop to judge before anything
      is built in.
    </p>
    <a class="no-print mt-2 block act" href="/jobs/{job.id}/paper?what=bought">On paper</a>
  {/snippet}
</SurveyFrame>
