<script lang="ts">
  import { frontShareOf, axlesOf, marginOf, type Aboard, type LimitState } from '$lib/core/budgets'
  import { LIMIT_WORDS, listedLimits, sayLimitFigure, sayShare, sayWorst } from '$lib/core/text'
  import { formatNumber } from '$lib/core/units'
  import GravityMark from '../parts/GravityMark.svelte'
  import Why from '../parts/Why.svelte'
  import type { Budgets } from './budgets.svelte'

  let { budgets }: { budgets: Budgets } = $props()
  const report = $derived(budgets.report)
  const limits = $derived(report === undefined ? [] : listedLimits(report.limits))

  /** A limit stands so far along its bar: at most, near the end; at least, in the middle. */
  const AT_MOST = 0.95
  const AT_LEAST = 0.5
  const along = ({ limit, unit }: LimitState, value: number): number =>
    limit === undefined || limit === 0
      ? 0
      : Math.min(1, Math.max(0, (value / limit) * (unit === 'share' ? AT_LEAST : AT_MOST))) * 100

  const figure = (value: number, unit: LimitState['unit']): string =>
    unit === 'share' ? formatNumber(value * 100, 0) : formatNumber(Math.round(value))
  const name = ({ id, limit, unit }: LimitState): string =>
    unit === 'share'
      ? `${LIMIT_WORDS[id]}, least ${formatNumber((limit ?? 0) * 100, 0)}%`
      : id === 'roof'
        ? `Roof, ${report !== undefined && budgets.plan.modes[report.modeId]?.purpose === 'driving' ? 'driving' : 'at rest'}`
        : LIMIT_WORDS[id]

  const MOST_LINES = 7
  /** The part of an entry that counts for a limit, where that is by its place along the vehicle. */
  const partOf = (id: LimitState['id'], entry: Aboard): number => {
    const front = frontShareOf(axlesOf(budgets.session.job.shell), entry.at)
    if (id === 'front' || id === 'front-share') return entry.kg * front
    if (id === 'rear') return entry.kg * (1 - front)
    if (id === 'roof') return entry.onRoof ? entry.kg : 0
    return entry.kg
  }
  const why = (state: LimitState): readonly string[] => {
    if (report === undefined) return []
    const { job } = budgets.session
    const rows = report.entries
      .map((entry) => ({ entry, part: partOf(state.id, entry) }))
      .filter(({ part }) => Math.abs(part) > 0.05)
      .sort((a, b) => Math.abs(b.part) - Math.abs(a.part))
    const shown = rows.slice(0, MOST_LINES)
    const rest = rows.slice(MOST_LINES).reduce((sum, { part }) => sum + part, 0)
    const isWheel = state.isGuide && state.unit === 'kg'
    return [
      ...(isWheel
        ? [
            'Each weight by its place between the axles and between the wheels: the same track on both axles, as if the body did not twist.',
          ]
        : shown.map(({ entry, part }) => sayShare(entry, part, job, budgets.names))),
      ...(isWheel || rows.length <= MOST_LINES
        ? []
        : [`${rows.length - MOST_LINES} more: ${formatNumber(rest, 1)} kg`]),
      `Together ${sayLimitFigure(state.unit, state.now)}; it may be ${sayLimitFigure(state.unit, state.low)} to ${sayLimitFigure(state.unit, state.high)}, as not every weight is known.`,
      sayWorst(state, report.entries, job, budgets.names),
      state.isGuide
        ? 'A guide, not a rating.'
        : 'The rating on the vehicle’s plate, under the local code; helper springs do not raise it.',
    ]
  }
</script>

<section aria-label="Every limit" data-testid="limits">
  <h2 class="flex items-baseline justify-between caps">
    <span>Every limit</span>
    <span class="font-normal tracking-normal normal-case"
      ><span class="mr-0.5 inline-block h-2.5 border-l-[1.5px] border-ink"></span> now ·
      <span class="mr-0.5 inline-block h-2.5 border-l-[1.5px] border-dotted border-ink"></span> worst loading</span
    >
  </h2>
  <ul>
    {#each limits as state (state.id)}
      {@const left = marginOf(state, state.worstDry.value)}
      {@const over = left !== undefined && left < 0}
      <li class="border-b border-line py-1" data-limit={state.id}>
        <div class="flex items-baseline justify-between gap-2 text-[0.9286rem]">
          <button
            class="text-left hover:text-pencil {budgets.limit?.id === state.id ? 'font-semibold text-pencil' : ''}"
            aria-pressed={budgets.limit?.id === state.id}
            title="What would help this limit"
            onclick={() => budgets.choose(state.id)}>{name(state)}</button
          >
          <span class="text-right whitespace-nowrap">
            <Why about="{name(state)} is {sayLimitFigure(state.unit, state.now)}" lines={() => why(state)}
              ><b class="font-semibold">{figure(state.now, state.unit)}</b></Why
            >
            {#if state.limit === undefined}<span class="text-ink-2">kg, limit not known</span>
            {:else}
              {#if state.unit === 'kg'}<span class="text-ink-2">of {figure(state.limit, state.unit)} kg</span
                >{:else}<span class="text-ink-2">%</span>{/if}
              <span class="text-ink-2">· worst</span>
              {figure(state.worstDry.value, state.unit)}
              {#if over}
                <b class="font-semibold {state.isGuide ? 'text-caution' : 'text-stop'}"
                  ><GravityMark gravity={state.isGuide ? 'caution' : 'stop'} size={11} />
                  {state.unit === 'share'
                    ? `${formatNumber(-left * 100, 0)} short`
                    : `${formatNumber(Math.ceil(-left))} over`}</b
                >{/if}
            {/if}
          </span>
        </div>
        {#if state.limit !== undefined}
          <div class="relative mt-0.5 h-[9px]" aria-hidden="true">
            <div class="absolute inset-x-0 top-[3px] h-[3px] bg-wood"></div>
            <div
              class="absolute top-[3px] left-0 h-[3px] {over && !state.isGuide ? 'bg-stop' : 'bg-ink'}"
              style:width="{along(state, state.now)}%"
            ></div>
            <div
              class="absolute top-0 h-[9px] border-l-[1.5px] border-ink"
              style:left="{along(state, state.limit)}%"
            ></div>
            <div
              class="absolute top-0 h-[9px] border-l-[1.5px] border-dotted border-ink"
              style:left="{along(state, state.worstDry.value)}%"
            ></div>
          </div>
        {/if}
      </li>
    {/each}
  </ul>
</section>
