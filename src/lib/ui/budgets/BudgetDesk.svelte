<script lang="ts" generics="W extends BudgetWhat">
  import { untrack, type Snippet } from 'svelte'
  import { page } from '$app/state'
  import JobBar from '../job/JobBar.svelte'
  import Stopped from '../parts/Stopped.svelte'
  import type { Budget, BudgetWhat, Reports } from './budget.svelte'
  import BudgetsNav from './BudgetsNav.svelte'
  import VariantTable from './VariantTable.svelte'

  interface Props {
    budget: Budget<W>
    current: 'water' | 'gas' | 'warmth' | 'air'
    /** The step of the job in a word or two. */
    state: string
    /** The answer in a sentence. */
    answer: (report: Reports[W]) => string
    /** Of every variant, side by side. */
    rows: readonly { readonly label: string; readonly figure: (report: Reports[W]) => string }[]
    sheet: Snippet<[Reports[W]]>
    beside?: Snippet<[Reports[W]]>
    /** What decides, and who does the work. */
    caution: string
  }
  let { budget, current, state, answer, rows, sheet, beside, caution }: Props = $props()
  const session = $derived(budget.session)
  untrack(() => budget.showVariant(page.url.searchParams.get('variant') ?? ''))
  $effect(() => () => budget.close())
  $effect(() => {
    void session.job
    void budget.variantId
    void untrack(() => budget.look())
  })
  const report = $derived(budget.report)
</script>

<svelte:head><title>{session.job.name} · {current} · Zimmerman</title></svelte:head>

<div class="desk" data-testid={current}>
  <JobBar
    current="budgets"
    budgetState={report === undefined ? 'adding up…' : state}
    shown={{ variant: budget.variantId }}
  />
  <div class="desk-columns" style:--columns="10.7rem minmax(0, 1fr) 18.6rem">
    <BudgetsNav id={session.id} {current} variant={budget.variantId} figures={budget.figures} />
    <main class="bg-sheet px-7 py-4 max-[68.7rem]:px-4">
      <Stopped what="Adding up" why={budget.stopped} onagain={() => void budget.look()} />
      {#if report === undefined}
        {#if budget.stopped === undefined}<p class="text-ink-2" role="status">Adding it up…</p>{/if}
      {:else}
        <h1 class="max-w-[46rem] text-xl font-semibold text-balance" data-testid="answer">{answer(report)}</h1>
        {@render sheet(report)}
      {/if}
    </main>
    <aside class="flex flex-col px-4 py-3" aria-label="What is assumed">
      <VariantTable
        variants={budget.variants}
        shown={budget.variantId}
        onshow={(id) => budget.showVariant(id)}
        rows={rows.map(({ label, figure }) => ({
          label,
          figure: (id) => {
            const one = budget.reports[id]
            return one === undefined ? '–' : figure(one)
          },
        }))}
      />
      {#if report !== undefined}{@render beside?.(report)}{/if}
      <p class="mt-auto pt-5 text-[0.9286rem] text-ink-2">{caution}</p>
    </aside>
  </div>
</div>
