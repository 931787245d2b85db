<script lang="ts">
  import { untrack } from 'svelte'
  import { page } from '$app/state'
  import { marginOf, WATER_DAYS, type LimitState, type WeightReport } from '$lib/core/budgets'
  import { LIMIT_WORDS, sayLimitFigure, sayRemedy, sayWeight } from '$lib/core/text'
  import { formatNumber, sayMass } from '$lib/core/units'
  import { getSession } from '../job/context'
  import JobBar from '../job/JobBar.svelte'
  import Stopped from '../parts/Stopped.svelte'
  import BudgetsNav from './BudgetsNav.svelte'
  import { Budgets } from './budgets.svelte'
  import HeavyTable from './HeavyTable.svelte'
  import LimitList from './LimitList.svelte'
  import { LOADINGS, type LoadingName } from './loadings'
  import TakenPanel from './TakenPanel.svelte'
  import VariantTable from './VariantTable.svelte'
  import WeighPanel from './WeighPanel.svelte'
  import WeightDrawing from './WeightDrawing.svelte'

  const session = getSession()
  const budgets = new Budgets(session)
  budgets.showVariant(page.url.searchParams.get('variant') ?? '')
  const ofEvening = Number(page.url.searchParams.get('evening') ?? NaN)
  if (Number.isInteger(ofEvening) && ofEvening >= 1 && ofEvening <= WATER_DAYS) {
    budgets.loadingName = 'evening'
    budgets.evening = ofEvening - 1
  }
  $effect(() => () => budgets.close())
  $effect(() => {
    void session.job
    void budgets.loadingName
    void budgets.evening
    void budgets.modeId
    void budgets.look()
  })
  const report = $derived(budgets.report)
  /** What would help is looked for once the sums are there: of what was chosen, else of the axle that is fullest. */
  $effect(() => {
    const limit = chosen
    if (limit === undefined || !isHelpedByMoves || budgets.loadingName !== 'out') return
    const wait = setTimeout(() => void untrack(() => budgets.help(limit.id)), HELP_AFTER_MS)
    return () => clearTimeout(wait)
  })
  const HELP_AFTER_MS = 700
  const of = (state: LimitState | undefined): number | undefined =>
    state === undefined ? undefined : marginOf(state, state.worstDry.value)
  const limitIn = (one: WeightReport | undefined, id: LimitState['id']): LimitState | undefined =>
    one?.limits.find((limit) => limit.id === id)
  const spare = $derived(of(limitIn(report, 'total')))
  const state = $derived(
    spare === undefined
      ? 'weighing…'
      : spare >= 0
        ? `${sayMass(Math.floor(spare))} to spare`
        : `${sayMass(Math.ceil(-spare))} over`,
  )
  const chosen = $derived(budgets.limit)
  const isHelpedByMoves = $derived(chosen !== undefined && chosen.id !== 'total' && chosen.id !== 'roof')
  const helps = $derived(budgets.helps?.limit === chosen?.id ? budgets.helps : undefined)
  const LOADING_NAMES = Object.keys(LOADINGS) as LoadingName[]
  const share = (one: WeightReport | undefined, id: LimitState['id']): string => {
    const limit = limitIn(one, id)
    return limit?.limit === undefined ? '–' : `${formatNumber((limit.worstDry.value / limit.limit) * 100, 0)}%`
  }
  const sparedOf = (one: WeightReport | undefined): string => {
    const left = of(limitIn(one, 'total'))
    return left === undefined ? '–' : formatNumber(Math.floor(left))
  }
  const sideOf = (one: WeightReport | undefined): string => {
    const side = limitIn(one, 'side')?.now
    return side === undefined ? '–' : formatNumber(Math.round(side))
  }
</script>

<svelte:head><title>{session.job.name} · budgets · Zimmerman</title></svelte:head>

<div class="desk" data-testid="budgets">
  <JobBar current="budgets" budgetState={state} shown={{ variant: budgets.variantId }} />
  <div class="desk-columns" style:--columns="10.7rem minmax(0, 1fr) 18.6rem">
    <BudgetsNav id={session.id} current="weight" variant={budgets.variantId} figures={budgets.figures} />
    <main class="bg-sheet px-7 py-4 max-[68.7rem]:px-4">
      <Stopped what="Adding up" why={budgets.stopped} onagain={() => void budgets.look()} />
      {#if report === undefined}
        {#if budgets.stopped === undefined}<p class="text-ink-2" role="status">Adding it up…</p>{/if}
      {:else}
        <h1 class="max-w-[46rem] text-xl font-semibold text-balance" data-testid="answer">{sayWeight(report)}</h1>
        <div class="mt-1 flex flex-wrap items-baseline gap-x-4 text-[0.9286rem] text-ink-2">
          <label
            >Loading shown:
            <select class="ruled font-semibold text-ink" bind:value={budgets.loadingName}>
              {#each LOADING_NAMES as name (name)}<option value={name}>{LOADINGS[name]}</option>{/each}
            </select></label
          >
          {#if budgets.loadingName === 'evening'}
            <label
              >of <a class="act" href="/jobs/{session.id}/budgets/water?variant={budgets.variantId}">day</a>
              <select class="ruled font-semibold text-ink" aria-label="Evening of day" bind:value={budgets.evening}>
                {#each { length: WATER_DAYS } as _, at (at)}<option value={at}>{at + 1}</option>{/each}
              </select></label
            >
          {/if}
          <label
            >in
            <select
              class="ruled font-semibold text-ink"
              aria-label="Mode"
              value={budgets.modeId}
              onchange={(event) => budgets.showMode(event.currentTarget.value)}
            >
              {#each budgets.modes as [id, mode] (id)}<option value={id}>{mode.name}</option>{/each}
            </select></label
          >
        </div>
        <div class="mt-4 grid gap-x-7 gap-y-4 min-[1180px]:grid-cols-[minmax(0,386px)_minmax(0,1fr)]">
          <div>
            <LimitList {budgets} />
            {#if chosen !== undefined}
              <div class="no-print mt-2 text-[0.9286rem]" data-testid="helps">
                <p>
                  <b class="font-semibold">{LIMIT_WORDS[chosen.id].replace(/, .*/, '')}:</b>
                  {#if !isHelpedByMoves}<span class="text-ink-2"
                      >no move helps: something has to be built lighter or stay at home.</span
                    >
                  {:else if helps === undefined}
                    <button class="act" onclick={() => void budgets.help(chosen.id)}>What would help?</button>
                  {:else if helps.found === 'searching'}<span role="status" class="text-ink-2"
                      >trying moves of what weighs most…</span
                    >
                  {:else if helps.found.length === 0}<span class="text-ink-2"
                      >moving one thing does not help without adding a stop.</span
                    >{/if}
                </p>
                {#if helps !== undefined && helps.found !== 'searching'}
                  <ul>
                    {#each helps.found as help (JSON.stringify(help.remedy.commands))}
                      {@const words = sayRemedy(help.remedy, budgets.names, session.job.units)}
                      <li class="flex items-baseline justify-between gap-3 border-b border-line py-0.5">
                        <button class="act text-left" onclick={() => budgets.take(help)}>{words.does}</button>
                        <span class="text-right whitespace-nowrap text-ink-2"
                          >leaves {sayLimitFigure(chosen.unit, help.gains)} more{words.costs === ''
                            ? ''
                            : `; ${words.costs}`}</span
                        >
                      </li>
                    {/each}
                  </ul>
                {/if}
              </div>
            {/if}
          </div>
          <WeightDrawing {budgets} />
        </div>
        <HeavyTable {budgets} />
      {/if}
    </main>
    <aside class="flex flex-col px-4 py-3" aria-label="What is assumed">
      <VariantTable
        variants={budgets.variants}
        shown={budgets.variantId}
        onshow={(id) => budgets.showVariant(id)}
        rows={[
          { label: 'to spare, kg', figure: (id) => sparedOf(budgets.reports[id]) },
          { label: 'front axle', figure: (id) => share(budgets.reports[id], 'front') },
          { label: 'rear axle', figure: (id) => share(budgets.reports[id], 'rear') },
          { label: 'left − right', figure: (id) => sideOf(budgets.reports[id]) },
        ]}
      />
      <TakenPanel {budgets} />
      <WeighPanel {budgets} />
      <p class="mt-auto pt-5 text-[0.9286rem] text-ink-2">
        What counts is the plate on the vehicle and the local code. Helper springs raise no limit. Weigh it laden before
        you hand it over.
      </p>
    </aside>
  </div>
</div>
