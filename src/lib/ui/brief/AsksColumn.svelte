<script lang="ts">
  import { allDemands, type ResolvedDemand } from '$lib/core/brief'
  import { type Contradiction } from '$lib/core/suit'
  import { planInterior, variantsOf } from '$lib/core/job'
  import {
    sayBasis,
    sayBecause,
    sayContradiction,
    sayContradictionBasis,
    sayDemand,
    sayDemandFigure,
  } from '$lib/core/text'
  import { sayLength } from '$lib/core/units'
  import type { BriefClient } from '$lib/workers/brief-client'
  import { getSession } from '../job/context'
  import GravityMark from '../parts/GravityMark.svelte'
  import { reasonOf } from '../parts/reason'
  import Why from '../parts/Why.svelte'
  import VariantsBroken from './VariantsBroken.svelte'

  interface Props {
    client: BriefClient
    /** Counts how often it was asked to begin again. */
    again: number
    /** Called with nothing when an answer came, else with why none did. */
    onanswer: (stopped: string | undefined) => void
  }
  let { client, again, onanswer }: Props = $props()
  const session = getSession()
  const brief = $derived(session.job.brief)
  const unit = $derived(session.job.units)
  const demands = $derived(allDemands(brief))
  const interior = $derived(planInterior(session.job.shell, variantsOf(session.job)[0]![1].plan))

  /** What the worker last said; an answer that a newer question has overtaken is dropped. */
  let against: readonly Contradiction[] = $state.raw([])
  let asked = 0
  $effect(() => {
    const { lining, changes } = interior
    void again
    const mine = (asked += 1)
    void client
      .contradictions(session.job, lining, changes)
      .then((found) => {
        if (mine === asked) against = found
        onanswer(undefined)
      })
      .catch((cause: unknown) => onanswer(reasonOf(cause)))
  })

  const WIDE_PX = 250
  const long = $derived(interior.xSpan.max - interior.xSpan.min)
  const scale = $derived(WIDE_PX / Math.max(long, ...demands.map(({ leadingMm }) => leadingMm)))
  const wide = $derived(2 * Math.max(...interior.sections.flatMap(({ polygon }) => polygon.map(([y]) => Math.abs(y)))))
  /** What has a footprint that is worth showing against the floor. */
  const figure = ({ sizeMm, unit: counted }: ResolvedDemand) =>
    counted === 'litres' ? undefined : { long: sizeMm[0]! * scale, high: (sizeMm[1] ?? 100) * scale }
</script>

<div class="mb-1 flex items-baseline justify-between">
  <h2 class="caps">What the brief asks for</h2>
  <span class="text-sm text-ink-2">biggest first</span>
</div>
<figure class="mb-3">
  <svg
    width={long * scale + 2}
    height={wide * scale + 2}
    class="block"
    role="img"
    aria-label="The floor of this vehicle, to the scale of the pieces below"
  >
    <rect x="1" y="1" width={long * scale} height={wide * scale} class="floor" />
  </svg>
  <figcaption class="text-xs text-ink-2">
    {session.job.shell.name}: {sayLength(Math.round(long), unit)} of floor, to the scale of the pieces below
  </figcaption>
</figure>

{#if against.length > 0}
  <section aria-label="What will not work here" class="mb-3 border-y border-line py-2" data-testid="contradictions">
    <h2 class="caps">Will not work here</h2>
    <ul class="text-[0.9286rem]">
      {#each against as one, index (index)}
        <li class="flex gap-1.5 py-0.5 {one.gravity === 'stop' ? 'text-stop' : 'text-caution'}">
          <GravityMark gravity={one.gravity} size={13} /><span
            >{sayContradiction(one, unit)}
            <Why about="this will not work here" lines={[sayContradictionBasis(one, unit)]} /></span
          >
        </li>
      {/each}
    </ul>
  </section>
{/if}

<VariantsBroken {client} {again} {onanswer} />
<ol data-testid="asks">
  {#each demands as demand (demand.id)}
    {@const shape = figure(demand)}
    <li class="border-b border-line py-1.5 {demand.waived === undefined ? '' : 'opacity-60'}" data-demand={demand.id}>
      {#if shape !== undefined}
        <svg width={shape.long + 2} height={shape.high + 2} class="mb-0.5 block" aria-hidden="true">
          <rect x="1" y="1" width={shape.long} height={shape.high} class={demand.must ? 'must' : 'wish'} />
        </svg>
      {/if}
      <div class="flex items-baseline justify-between gap-2">
        <span class="min-w-0 font-semibold {demand.waived === undefined ? '' : 'line-through'}"
          >{sayDemand(demand)}</span
        >
        <span class="whitespace-nowrap"
          ><Why
            about="{sayDemand(demand)} is asked for"
            lines={[
              ...sayBecause(demand, unit),
              sayBasis(demand.basis, unit),
              ...(demand.waived === undefined ? [] : [`Waived: ${demand.waived}.`]),
            ]}>{sayDemandFigure(demand, unit)}</Why
          ></span
        >
      </div>
      <p class="text-sm text-ink-2">
        {demand.waived !== undefined ? 'waived' : demand.must ? 'must' : `wish, ${demand.weight} of 5`}{demand.need ===
        'berth'
          ? `, for ${demand.quantity}`
          : ''}
      </p>
    </li>
  {:else}
    <li class="text-sm text-ink-2">Nothing yet: start with the people.</li>
  {/each}
</ol>

<style>
  .floor {
    fill: var(--sheet);
    stroke: var(--ink);
    stroke-width: 1.5;
  }
  .must {
    fill: var(--wood);
    stroke: var(--ink);
  }
  .wish {
    fill: none;
    stroke: var(--ink-2);
    stroke-dasharray: 4 3;
  }
</style>
