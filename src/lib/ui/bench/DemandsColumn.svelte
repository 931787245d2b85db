<script lang="ts">
  import type { ResolvedDemand } from '$lib/core/brief'
  import type { DemandState } from '$lib/core/review'
  import { sayBasis, sayBecause, sayDemand, sayDemandFigure, small } from '$lib/core/text'
  import { sayLength, sayVolume } from '$lib/core/units'
  import type { sayFinding } from './finding-words'
  import Why from '../parts/Why.svelte'
  import type { Bench } from './bench.svelte'
  import type { UncheckedDemand } from './checked.svelte'

  interface Props {
    bench: Bench
    onpick: (demand: ResolvedDemand, event: PointerEvent) => void
    onsearch: () => void
  }
  let { bench, onpick, onsearch }: Props = $props()

  const unit = $derived(bench.liveJob.units)
  const longest = $derived(Math.max(1, ...bench.checked.demands.map(({ demand }) => demand.leadingMm)))

  const title = sayDemand
  /** The words for what is wrong come with the first review: opening a plan does not wait for them. */
  let say: typeof sayFinding | undefined = $state.raw(undefined)
  const isReviewed = $derived(bench.checked.review !== undefined)
  $effect(() => {
    if (isReviewed) void import('./finding-words').then((module) => (say = module.sayFinding))
  })
  const figure = (demand: ResolvedDemand): string => sayDemandFigure(demand, unit)
  const verdict = (told: DemandState | UncheckedDemand): string => {
    if (told.state === 'checking') return bench.checked.stopped === undefined ? 'checking…' : 'not checked'
    const { demand, state, needed, offered, unit: counted, cannotStand, findings } = told
    const worst = findings[0]
    if (worst !== undefined) {
      if (worst.code === 'berth-short') return `${sayLength(worst.needed - worst.measured, unit)} too short`
      if (worst.code === 'berth-narrow') return `${sayLength(worst.needed - worst.measured, unit)} too narrow`
      if (worst.code === 'service-missing' && worst.measured === 0 && state === 'missing') return 'not in the plan yet'
      return say === undefined ? 'checking…' : small(say(worst, bench.names, unit).title)
    }
    if (state === 'there-but')
      return cannotStand.length > 0 ? 'in the plan, but it cannot stand there' : 'in the plan, but too small'
    if (state === 'met')
      return counted === 'litres'
        ? `${demand.need === 'water' ? 'tanks hold' : 'holds'} ${sayVolume(offered)}`
        : demand.need === 'stowage'
          ? 'has a place'
          : demand.need === 'belt' || demand.need === 'table-seat' || demand.need === 'berth'
            ? needed === 1 || offered > needed
              ? 'in the plan'
              : `${offered} of ${needed}`
            : 'in the plan'
    if (state === 'cannot-tell') return 'no mode for it'
    if (state === 'missing') return 'not in the plan yet'
    return counted === 'litres' ? `${sayVolume(offered)} of ${sayVolume(needed)}` : `${offered} of ${needed}`
  }
</script>

<section aria-label="Demands" class="flex h-full flex-col overflow-y-auto px-3.5 py-3">
  <div class="mb-2 flex items-baseline justify-between">
    <h2 class="caps">Demands</h2>
    <span class="text-sm text-ink-2">biggest first</span>
  </div>
  <ul>
    {#each bench.checked.demands as state (state.demand.id)}
      {@const { demand } = state}
      <!-- the whole line is its handle; by touch its name is, so that a finger can scroll the list -->
      <li
        class="cursor-grab border-b border-line py-0.5"
        onpointerdown={(event) => {
          const onOther = (event.target as Element).closest('button:not([data-demand])') !== null
          if (event.pointerType !== 'touch' && !onOther) onpick(demand, event)
        }}
      >
        <div
          class="mb-0.5 h-1 {state.state === 'met' || state.state === 'checking'
            ? 'bg-line'
            : state.state === 'missing' || state.state === 'cannot-tell'
              ? 'missing'
              : demand.must
                ? 'bg-stop'
                : 'bg-caution'}"
          style:width="{Math.max(6, (demand.leadingMm / longest) * 100)}%"
        ></div>
        <div class="flex items-baseline justify-between gap-2">
          <button
            class="min-w-0 flex-1 touch-none truncate text-left text-[0.9643rem] font-semibold narrow hover:text-pencil"
            title="Click for the ways to meet it, or drag it onto the drawing"
            data-demand={demand.id}
            onpointerdown={(event) => {
              if (event.pointerType === 'touch') onpick(demand, event)
            }}
            onkeydown={(event) => {
              // what is in hand is put down first
              if (bench.placing.waiting === undefined && (event.key === 'Enter' || event.key === ' ')) {
                event.preventDefault()
                event.stopPropagation()
                bench.placing.placeDemand(demand)
              }
            }}>{title(demand)}</button
          >
          <span class="text-[0.9286rem] whitespace-nowrap narrow [&_button]:text-right">
            <Why
              about="{title(demand)} asks for {figure(demand)}"
              lines={[
                ...sayBecause(demand, unit),
                sayBasis(demand.basis, unit),
                demand.must ? 'A must.' : `A wish that counts ${demand.weight} of 5.`,
              ]}>{figure(demand)}</Why
            >
          </span>
        </div>
        <p class="text-sm {state.state === 'met' ? '' : state.findings.length > 0 ? 'text-stop' : 'text-ink-2'}">
          {#if state.state === 'met'}<span class="font-semibold text-good">✓</span>{/if}
          {verdict(state)}{#if !demand.must}<span class="text-ink-2">&nbsp;· wish</span>{/if}
        </p>
      </li>
    {:else}
      <li class="text-sm text-ink-2">No demands yet: fill in the brief first.</li>
    {/each}
  </ul>
  <button class="mt-3 flex w-full justify-between text-left text-ink-2 hover:text-pencil" onclick={onsearch}
    ><span>Add something else…</span><b class="text-ink">/</b></button
  >
</section>

<style>
  .missing {
    background: repeating-linear-gradient(to right, var(--ink-2) 0 6px, transparent 6px 9px);
  }
</style>
