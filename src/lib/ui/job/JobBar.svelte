<script lang="ts">
  import { goto } from '$app/navigation'
  import { page } from '$app/state'
  import type { Snippet } from 'svelte'
  import { BODY_CLASS_WORDS } from '$lib/core/text'
  import { LENGTH_UNITS } from '$lib/core/units'
  import Menu from '../parts/Menu.svelte'
  import NameField from '../parts/NameField.svelte'
  import RuleSteps from '../parts/RuleSteps.svelte'
  import { search } from '../parts/search'
  import type { Step } from '../parts/steps'
  import { getSession } from './context'
  import type History from './HistoryPanel.svelte'
  import type Conflict from './ConflictDialog.svelte'

  interface Props {
    current: 'brief' | 'vehicle' | 'plan' | 'review' | 'budgets'
    /** What the review says, where this page knows it. */
    reviewState?: string
    /** What the budgets say, where this page knows it. */
    budgetState?: string
    historyOpen?: boolean
    /** The variant and mode that the page shows: they go along to paper. */
    shown?: { readonly variant?: string; readonly mode?: string }
    children?: Snippet
  }
  let {
    current,
    reviewState = 'not checked yet',
    budgetState = 'not added up yet',
    historyOpen = $bindable(false),
    shown = {},
    children,
  }: Props = $props()

  const session = getSession()
  const job = $derived(session.job)
  const people = $derived(Object.keys(job.brief.people).length)
  const planState = $derived.by(() => {
    const variants = Object.values(job.variants)
    const most = Math.max(...variants.map(({ plan }) => Object.keys(plan.fittings).length))
    return most === 0
      ? 'nothing in it yet'
      : variants.length > 1
        ? `${variants.length} variants`
        : most === 1
          ? '1 fitting'
          : `${most} fittings`
  })
  const steps: readonly Step[] = $derived([
    {
      id: 'brief',
      name: 'Brief',
      href: `/jobs/${page.params.id}/brief`,
      state: people === 0 ? 'who is it for?' : people === 1 ? 'for 1 person' : `for ${people} people`,
    },
    {
      id: 'vehicle',
      name: 'Vehicle',
      href: `/jobs/${page.params.id}/vehicle`,
      state: BODY_CLASS_WORDS[job.shell.bodyClass].one,
    },
    { id: 'plan', name: 'Plan', href: `/jobs/${page.params.id}/plan`, state: planState },
    { id: 'review', name: 'Review', href: `/jobs/${page.params.id}/review`, state: reviewState },
    { id: 'budgets', name: 'Budgets', href: `/jobs/${page.params.id}/budgets`, state: budgetState },
  ])

  const UNIT_WORDS = { mm: 'millimetres', cm: 'centimetres', in: 'inches', ft: 'feet and inches' } as const
  const SAVE_WORDS = { saved: 'Saved', saving: 'Saving', waiting: 'Not saved yet' } as const
  let renaming = $state(false)

  /** What of this page goes on paper. */
  const PAPERS = { brief: 'brief', vehicle: 'vehicle', plan: 'set', review: 'review', budgets: 'weight' } as const
  const OTHERS = [
    ['/survey', 'survey'],
    ['/as-bought', 'bought'],
    ['/rules', 'rules'],
    ['/power', 'power'],
  ] as const
  const OF_THE_BRIEF = ['demands', 'vehicles'] as const
  const isPaper = $derived(page.url.pathname.endsWith('/paper'))
  const what = $derived(
    OTHERS.find(([path]) => page.url.pathname.endsWith(path))?.[1] ??
      OF_THE_BRIEF.find((one) => one === page.url.searchParams.get('page')) ??
      PAPERS[current],
  )
  const paper = $derived(`/jobs/${page.params.id}/paper?${search({ what, variant: shown.variant, mode: shown.mode })}`)

  function onkeydown(event: KeyboardEvent): void {
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'p' && !isPaper) {
      event.preventDefault()
      return void goto(paper)
    }
    const typing = event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement
    if (!(event.ctrlKey || event.metaKey) || typing) return
    const key = event.key.toLowerCase()
    if (key !== 'z' && key !== 'y') return
    event.preventDefault()
    if (key === 'y' || event.shiftKey) session.redo()
    else session.undo()
  }

  /** Comes with the first conflict. */
  let ConflictDialog: typeof Conflict | undefined = $state.raw(undefined)
  $effect(() => {
    if (session.conflict !== undefined && ConflictDialog === undefined)
      void import('./ConflictDialog.svelte').then((module) => (ConflictDialog = module.default))
  })

  /** Comes when the history is first asked for. */
  let HistoryPanel: typeof History | undefined = $state.raw(undefined)
  $effect(() => {
    if (historyOpen && HistoryPanel === undefined)
      void import('./HistoryPanel.svelte').then((module) => (HistoryPanel = module.default))
  })
</script>

<svelte:window {onkeydown} />

<header
  class="flex min-h-12 flex-wrap items-center gap-x-4 border-b border-ink bg-sheet px-4 max-[68.7rem]:gap-y-1 max-[68.7rem]:pt-1.5"
>
  <a href="/" class="text-lg leading-6 font-bold tracking-tight" style="font-stretch: 110%" title="All jobs"
    >Zimmerman</a
  >
  <div class="flex min-w-0 items-baseline gap-1">
    {#if renaming}
      <NameField
        look="w-56 ruled font-semibold"
        label="Name of the job"
        name={job.name}
        most={120}
        onend={(name) => {
          renaming = false
          if (name !== undefined) session.do({ type: 'job.rename', name })
        }}
      />
    {:else}
      <button
        class="max-w-56 truncate font-semibold hover:text-pencil"
        title="Rename the job"
        onclick={() => (renaming = true)}>{job.name}</button
      >
    {/if}
    {#if children}<span class="text-ink-2">·</span>{@render children()}{/if}
  </div>
  <div class="flex-1"></div>
  <RuleSteps {steps} {current} />
  <div class="no-print flex items-center gap-3 text-[0.9286rem]">
    <button
      title={session.canUndo ? `Undo: ${session.undoWhat} (Ctrl Z)` : 'Nothing to undo'}
      class="text-ink-2 hover:text-ink"
      disabled={!session.canUndo}
      onclick={() => session.undo()}>Undo</button
    >
    <button
      title={session.canRedo ? `Redo: ${session.redoWhat} (Ctrl Shift Z)` : 'Nothing to redo'}
      class="text-ink-2 hover:text-ink"
      disabled={!session.canRedo}
      onclick={() => session.redo()}>Redo</button
    >
    <Menu
      look="font-semibold"
      title="Units of length"
      label="Units: {job.units}"
      align="end"
      entries={LENGTH_UNITS.map((units) => ({
        label: UNIT_WORDS[units],
        chosen: units === job.units,
        act: () => session.do({ type: 'job.units', units }),
      }))}>{job.units}</Menu
    >
    {#if !isPaper}
      <a
        class="text-ink-2 hover:text-ink"
        href={paper}
        title="On paper: to print, or to save as PDF, SVG and DXF (Ctrl P)">Paper</a
      >
    {/if}
    <button
      class="text-ink-2 hover:text-ink"
      title="What was done, and going back to an earlier version (H)"
      onclick={() => (historyOpen = true)}>History</button
    >
    <span
      class="w-[7rem] text-right whitespace-nowrap {session.save.kind === 'waiting'
        ? 'font-semibold text-stop'
        : 'text-ink-2'}"
      data-testid="save-state"
      role="status"
      title={session.save.kind === 'waiting' ? session.save.message : 'Every change is saved by itself'}
      >{SAVE_WORDS[session.save.kind]}</span
    >
  </div>
</header>
{#if session.save.kind === 'waiting'}
  <p role="alert" class="border-b border-stop bg-sheet px-4 py-1 text-sm text-stop">{session.save.message}</p>
{/if}
{#if HistoryPanel !== undefined}<HistoryPanel bind:open={historyOpen} />{/if}
{#if ConflictDialog !== undefined}<ConflictDialog />{/if}
