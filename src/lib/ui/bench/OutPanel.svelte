<script lang="ts">
  import { goingBack } from '$lib/core/job'
  import { contentsOf } from '$lib/core/scene'
  import { fittingName, sayGoingBack, sayMinutes } from '$lib/core/text'
  import CabSeats from './CabSeats.svelte'
  import FiguresPanel from './FiguresPanel.svelte'
  import type { Bench } from './bench.svelte'

  let { bench }: { bench: Bench } = $props()
  const plan = $derived(bench.plan)
  const away = $derived((plan.modes[bench.modeId]?.away ?? []).filter((id) => plan.fittings[id] !== undefined))
  /** What has something inside, and lies in nothing itself. */
  const hosts = $derived(
    bench.scene.placed.filter(
      ({ id, within }) => within === undefined && bench.scene.placed.some((one) => one.within?.hostId === id),
    ),
  )
  /** A number in the drawing stands for a name that had no room: here it is told. */
  const fittings = $derived([...bench.standing.placed].sort((a, b) => a.bounds.x.min - b.bounds.x.min))
  const LISTED = 24
  let isBackShown = $state(false)
  const back = $derived(isBackShown ? goingBack(bench.session.job.shell, plan) : [])
  const minutes = $derived(back.reduce((sum, one) => sum + (one.minutes ?? 0), 0))
  const stays = $derived(back.filter(({ forGood }) => forGood).length)
</script>

<CabSeats {bench} /><FiguresPanel {bench} />
{#if away.length > 0}
  <div class="mt-2 text-[0.9286rem]" data-testid="away">
    <h3 class="caps">Out of the vehicle in {bench.names.mode(bench.modeId)}</h3>
    {#each away as id (id)}
      <div class="flex items-baseline justify-between gap-2">
        <span class="truncate">{fittingName(plan.fittings[id]!)}</span>
        <button
          class="act"
          onclick={() =>
            bench.session.do({
              type: 'mode.away',
              variant: bench.variantId,
              mode: bench.modeId,
              fitting: id,
              away: false,
            })}>bring back</button
        >
      </div>
    {/each}
  </div>
{/if}
{#if hosts.length > 0}
  <div class="mt-2 text-[0.9286rem]" data-testid="what-in-what">
    <h3 class="caps">What is in what</h3>
    <ul>
      {#each hosts as host (host.id)}
        <li>
          <button class="act" onclick={() => bench.select(host.id)}>{fittingName(host.fitting)}</button>
          {#each contentsOf(bench.scene, host.id) as { placed, depth } (placed.id)}
            <p style:padding-left="{depth * 14}px">
              <button class="act" onclick={() => bench.select(placed.id)}>{fittingName(placed.fitting)}</button>
            </p>
          {/each}
        </li>
      {/each}
    </ul>
  </div>
{/if}
<div class="mt-2 text-[0.9286rem]" data-testid="fit-out">
  <h3 class="caps">Fit-out</h3>
  <label class="flex items-baseline justify-between gap-2">
    <span class="text-ink-2">will move to another vehicle: no holes</span>
    <input
      type="checkbox"
      class="accent-pencil"
      checked={plan.transferable === true}
      onchange={(event) =>
        bench.session.do({
          type: 'plan.transferable',
          variant: bench.variantId,
          transferable: event.currentTarget.checked,
        })}
    />
  </label>
  <button class="act" aria-expanded={isBackShown} onclick={() => (isBackShown = !isBackShown)}>Stripping out</button>
  {#if isBackShown}
    <div data-testid="going-back">
      <p class="flex justify-between gap-2">
        <span class="text-ink-2">time to strip out</span>
        <span class="tabular-nums">{sayMinutes(minutes)}</span>
      </p>
      <ul>
        {#each back as one (one.what === 'lining' ? one.face : one.id)}
          {@const words = sayGoingBack(one, bench.names, bench.session.job.units)}
          <li class="mt-1 border-t border-line pt-1">
            <p class="flex justify-between gap-2">
              <span class="truncate">{words.what}</span>
              <span class="shrink-0 tabular-nums"
                >{one.minutes === undefined ? 'for good' : sayMinutes(one.minutes)}</span
              >
            </p>
            <p class="text-xs {one.forGood ? 'text-caution' : 'text-ink-2'}">{words.how}</p>
          </li>
        {:else}
          <li class="text-ink-2">Nothing is changed yet.</li>
        {/each}
      </ul>
      {#if stays > 0}<p class="mt-1 text-xs text-ink-2">
          Something of {stays === 1 ? 'one of these' : `${stays} of these`} stays.
        </p>{/if}
      <p class="mt-1 text-xs text-ink-2">
        What stands on others comes out first. Minutes: trade practice, no published source; a licensed body shop
        decides what can be closed.
      </p>
    </div>
  {/if}
  <p><button class="act" title="Shift M" onclick={() => bench.editing.mirrorPlan()}>Mirror the whole plan</button></p>
</div>
{#if fittings.length > 0}
  <details class="mt-2 text-[0.9286rem]" data-testid="fittings" open={fittings.length <= LISTED}>
    <summary class="cursor-pointer caps">Fittings, from the rear</summary>
    <ol>
      {#each fittings as { id, fitting } (id)}
        <li class="flex gap-2">
          <span class="w-5 text-right text-ink-2 tabular-nums">{bench.numbers.get(fittingName(fitting))}</span>
          <button class="min-w-0 truncate text-left hover:text-pencil" onclick={() => bench.select(id)}
            >{fittingName(fitting)}</button
          >
        </li>
      {/each}
    </ol>
  </details>
{/if}
