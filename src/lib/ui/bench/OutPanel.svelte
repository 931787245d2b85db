<script lang="ts">
  import { undoList } from '$lib/core/job'
  import { contentsOf } from '$lib/core/scene'
  import { fittingName, FIXING_WORDS, sayMinutes } from '$lib/core/text'
  import { sayMass } from '$lib/core/units'
  import Why from '../parts/Why.svelte'
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
  const undone = $derived(plan.transferable === true ? undoList(plan) : [])
  const minutes = $derived(undone.reduce((sum, one) => sum + one.minutes, 0))
</script>

{#if away.length > 0}
  <div class="mt-2 text-[13px]" data-testid="away">
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
  <div class="mt-2 text-[13px]" data-testid="what-in-what">
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
<div class="mt-2 text-[13px]" data-testid="fit-out">
  <h3 class="caps">Fit-out</h3>
  <label class="flex items-baseline justify-between gap-2">
    <span class="text-ink-2">moves on to another vehicle, no holes</span>
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
  {#if undone.length > 0}
    <p class="flex justify-between">
      <span class="text-ink-2">taken out in about</span>
      <Why
        about="it is taken out in about {sayMinutes(minutes)}"
        lines={[
          ...undone.map(
            ({ id, fixing, minutes: own, massKg }) =>
              `${fittingName(plan.fittings[id]!)}, ${sayMass(massKg)}: ${fixing === undefined ? 'fixing not said' : fixing.how === 'standing' ? FIXING_WORDS.standing : `${fixing.points} × ${FIXING_WORDS[fixing.how]}`}, ${sayMinutes(own)}`,
          ),
          'In this order: what stands on others first. Minutes: common practice, no source.',
        ]}>{sayMinutes(minutes)}</Why
      >
    </p>
  {/if}
  <button class="act" title="Shift M" onclick={() => bench.mirrorPlan()}>Mirror the whole plan</button>
</div>
