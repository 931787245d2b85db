<script lang="ts">
  import { massOf, massOfAll } from '$lib/core/fittings'
  import { aligned, ALIGNMENTS, distributed, runOf, type Alignment } from '$lib/core/scene'
  import { sayMass } from '$lib/core/units'
  import Why from '../parts/Why.svelte'
  import type { Bench } from './bench.svelte'
  import InsideAsk from './InsideAsk.svelte'

  interface Props {
    bench: Bench
    onlibrary: () => void
  }
  let { bench, onlibrary }: Props = $props()
  const held = $derived(bench.scene.placed.filter(({ id }) => bench.inHand.includes(id)))
  const mass = $derived(massOfAll(held.map(({ fitting }) => fitting)))
  const groups = $derived(Object.values(bench.plan.groups ?? {}))
  const grouped = $derived(
    groups.some(
      ({ fittings }) => fittings.length === bench.inHand.length && bench.inHand.every((id) => fittings.includes(id)),
    ),
  )
  const locked = $derived(held.every(({ fitting }) => fitting.locked === true))
  const WORDS: Record<Alignment, string> = {
    rear: 'rear ends',
    front: 'front ends',
    left: 'left faces',
    right: 'right faces',
    bottom: 'bottoms',
    top: 'tops',
    middle: 'middles',
  }
</script>

<div class="mt-2 border-t border-line pt-2 text-[0.9286rem]" data-testid="arrange">
  <div class="flex items-baseline justify-between">
    <h2 class="caps">{held.length} selected</h2>
    <Why
      about="weight, empty {sayMass(mass)}"
      lines={() => [
        ...held.map(({ id, fitting }) => `${bench.names.fitting(id)}: ${sayMass(massOf(fitting))}`),
        'Empty: boards by volume and density, bought parts at typical weights. Select one of them to see its own.',
      ]}>{sayMass(mass)}</Why
    >
  </div>
  <ul class="mt-1 text-sm">
    {#each held as placed, index (placed.id)}
      <li class="flex justify-between">
        <span class="truncate">{bench.names.fitting(placed.id)}</span>
        {#if index === 0}<span class="text-ink-2">the others line up with this</span>{/if}
      </li>
    {/each}
  </ul>
  <p class="mt-2 text-ink-2">Line up with the first by</p>
  <div class="flex flex-wrap gap-x-3 gap-y-0.5">
    {#each ALIGNMENTS as by (by)}
      <button class="act" onclick={() => bench.arrange('align', aligned(bench.scene, bench.inHand, by))}
        >{WORDS[by]}</button
      >
    {/each}
  </div>
  <div class="mt-2 flex flex-wrap gap-x-3 gap-y-1 border-t border-line pt-2">
    <button
      class="act"
      disabled={held.length < 3}
      onclick={() => bench.arrange('distribute', distributed(bench.scene, bench.inHand))}>Space evenly</button
    >
    <button class="act" title="U" onclick={() => bench.arrange('run', runOf(bench.scene, bench.inHand))}
      >Make a run</button
    >
    <button class="act" title="G" onclick={() => bench.editing.toggleGroup()}>{grouped ? 'Ungroup' : 'Group'}</button>
    <button class="act" title="L" onclick={() => bench.editing.toggleLock()}>{locked ? 'Unlock' : 'Lock'}</button>
    <button class="act" title="D" onclick={() => bench.editing.duplicate()}>Duplicate</button>
    <button class="act" title="Del" onclick={() => bench.editing.remove()}>Remove</button>
    <button class="act" title="B" onclick={onlibrary}>Save as module…</button>
  </div>
  <p class="mt-2 text-xs text-ink-2">Shift-click to select more. Drag one, and all of them move.</p>
</div>
<InsideAsk {bench} />
