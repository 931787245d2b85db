<script lang="ts">
  import { Dialog } from 'bits-ui'
  import {
    fittingGroup,
    paintOrder,
    planBounds,
    shellPlan,
    shellSide,
    sideBounds,
    VIEW_TITLES,
    wholeOf,
  } from '$lib/core/draw'
  import { modesOf, planInterior } from '$lib/core/job'
  import { tally } from '$lib/core/review'
  import { buildScene, differencesBetween, type Placed, type Scene } from '$lib/core/scene'
  import { sayDifference, sayTally } from '$lib/core/text'
  import { massOf } from '$lib/core/fittings'
  import { sayMass } from '$lib/core/units'
  import { ReviewClient } from '$lib/workers/review-client'
  import HatchDefs from '../drawing/HatchDefs.svelte'
  import Labels from '../drawing/Labels.svelte'
  import { fitView, toScreen, type ViewFrame } from '../drawing/layout'
  import Marks from '../drawing/Marks.svelte'
  import type { Bench } from './bench.svelte'
  import type { Along } from './kept-groups'

  let { bench, open = $bindable(false) }: { bench: Bench; open: boolean } = $props()

  const unit = $derived(bench.session.job.units)
  const job = $derived(bench.session.job)
  let otherId: string | undefined = $state(undefined)
  const others = $derived(bench.variants.filter(([id]) => id !== bench.variantId))
  const other = $derived(others.find(([id]) => id === otherId) ?? others[0])
  let view: Along = $state('plan')
  let isOver = $state(false)
  const VIEWS: readonly Along[] = ['plan', 'left', 'right']

  /** A variant in the mode of the name that is shown, or in its first. */
  function sceneOf(variantId: string): Scene {
    const { plan } = job.variants[variantId]!
    const shown = job.variants[bench.variantId]!.plan.modes[bench.modeId]
    const modes = modesOf(plan)
    const [mode] = modes.find(([id, { purpose }]) => id === bench.modeId || purpose === shown?.purpose) ?? modes[0]!
    return buildScene(planInterior(job.shell, plan), plan, mode)
  }
  const scenes = $derived(other === undefined ? [] : [sceneOf(bench.variantId), sceneOf(other[0])])
  const names = $derived([
    job.variants[bench.variantId]?.name ?? '',
    other === undefined ? '' : (job.variants[other[0]]?.name ?? ''),
  ] as const)
  const differences = $derived(
    scenes[0] === undefined || scenes[1] === undefined ? [] : differencesBetween(scenes[0], scenes[1]),
  )
  const groupsOf = (scene: Scene) =>
    paintOrder(scene, view).flatMap((placed) => fittingGroup(placed, view, scene.interior) ?? [])
  const shellOf = ({ interior }: Scene) => (view === 'plan' ? shellPlan(interior) : shellSide(interior, view))

  const WIDE = 560
  const HIGH = 300
  /** With all that sticks out of the body; one over the other, of both. */
  function boundsOf(scene: Scene) {
    const of = isOver ? scenes : [scene]
    const bounds = view === 'plan' ? planBounds(scene.interior) : sideBounds(scene.interior)
    return wholeOf({ id: view, title: '', bounds, groups: of.flatMap((one) => [shellOf(one), ...groupsOf(one)]) })
      .bounds
  }
  /** Both to one scale: that of the larger. */
  const frames = $derived.by((): readonly ViewFrame[] => {
    const bounds = scenes.map(boundsOf)
    const alone = bounds.map((one) => fitView(view, isOver ? 2 * WIDE : WIDE, isOver ? HIGH * 1.3 : HIGH, one))
    const scale = Math.min(...alone.map((frame) => frame.scale))
    return alone.map((frame, index) => {
      const { min, max } = bounds[index]!
      const wide = isOver ? 2 * WIDE : WIDE
      return {
        ...frame,
        scale,
        left: (wide - (max[0] - min[0]) * scale) / 2,
        top: ((isOver ? HIGH * 1.3 : HIGH) - (max[1] - min[1]) * scale) / 2,
      }
    })
  })
  function boxOf(frame: ViewFrame, { bounds: { x, y, z } }: Placed) {
    const v = view === 'plan' ? y : z
    const [x0, y0] = toScreen(frame, [x.min, v.max])
    const [x1, y1] = toScreen(frame, [x.max, v.min])
    return { x: x0, y: y0, width: x1 - x0, height: y1 - y0 }
  }
  const isDrawn = (placed: Placed, scene: Scene) => fittingGroup(placed, view, scene.interior) !== undefined

  const reviewer = new ReviewClient()
  let tallies: readonly string[] = $state.raw([])
  $effect(() => {
    const ids = [bench.variantId, ...(other === undefined ? [] : [other[0]])]
    let current = true
    tallies = []
    void Promise.all(ids.map((id) => reviewer.review(job, id)))
      .then((reviews) => {
        if (current) tallies = reviews.map((review) => sayTally(tally(review)))
      })
      .catch(() => undefined)
    return () => (current = false)
  })
  $effect(() => () => reviewer.close())
  const massIn = (scene: Scene) => sayMass(scene.placed.reduce((sum, { fitting }) => sum + massOf(fitting), 0))
</script>

<Dialog.Root bind:open>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-[color-mix(in_srgb,var(--ink)_20%,transparent)]" />
    <Dialog.Content
      class="fixed top-[4%] left-1/2 z-50 max-h-[92vh] w-[84.2857rem] max-w-full -translate-x-1/2 overflow-auto border border-ink bg-sheet p-4"
      data-testid="compare"
    >
      <div class="flex flex-wrap items-baseline justify-between gap-4">
        <Dialog.Title class="text-lg font-semibold">Two variants, to one scale</Dialog.Title>
        <div class="flex items-baseline gap-4 text-sm">
          {#if others.length > 1}
            <label class="flex gap-2"
              ><span class="text-ink-2">beside</span>
              <select class="ruled" value={other?.[0]} onchange={(event) => (otherId = event.currentTarget.value)}
                >{#each others as [id, variant] (id)}<option value={id}>{variant.name}</option>{/each}</select
              ></label
            >
          {/if}
          <label class="flex gap-2"
            ><span class="text-ink-2">view</span>
            <select class="ruled" bind:value={view}
              >{#each VIEWS as one (one)}<option value={one}>{VIEW_TITLES[one]}</option>{/each}</select
            ></label
          >
          <label class="flex gap-2"
            ><input type="checkbox" class="accent-pencil" bind:checked={isOver} />one over the other</label
          >
          <Dialog.Close class="act">Close</Dialog.Close>
        </div>
      </div>
      <Dialog.Description class="sr-only"
        >The drawings of two variants and what differs between them.</Dialog.Description
      >
      {#if scenes[0] !== undefined && scenes[1] !== undefined}
        <div class="mt-3 grid gap-4 {isOver ? '' : 'grid-cols-2'}">
          {#each isOver ? [0] : [0, 1] as side (side)}
            {@const scene = scenes[side]!}
            {@const frame = frames[side]!}
            {@const groups = groupsOf(scene)}
            <figure>
              <figcaption class="flex items-baseline justify-between gap-3 text-sm">
                <b class="min-w-0 truncate font-semibold"
                  >{isOver ? `${names[0]}, and over it ${names[1]} in blue` : names[side]}</b
                >
                <span class="whitespace-nowrap text-ink-2"
                  >{tallies[side] ?? 'checking…'} · {massIn(scene)} fitted{isOver && scenes[1] !== undefined
                    ? `; ${tallies[1] ?? 'checking…'} · ${massIn(scenes[1])}`
                    : ''}</span
                >
              </figcaption>
              <svg
                viewBox="0 0 {isOver ? 2 * WIDE : WIDE} {isOver ? HIGH * 1.3 : HIGH}"
                class="w-full"
                role="img"
                aria-label="{VIEW_TITLES[view]} of {names[side]}"
              >
                <HatchDefs />
                <Marks items={shellOf(scene).items} {frame} />
                {#each groups as group (group.key)}<Marks items={group.items} {frame} />{/each}
                <Labels items={groups.flatMap(({ items }) => items)} {frame} />
                {#if isOver}
                  {#each scenes[1].placed.filter((placed) => isDrawn(placed, scenes[1]!)) as placed (placed.id)}
                    <rect {...boxOf(frames[0]!, placed)} class="over" />
                  {/each}
                {:else}
                  {#each differences as { id, what, first, second } (id + what)}
                    {@const placed = side === 0 ? first : second}
                    {#if placed !== undefined && isDrawn(placed, scene)}
                      <rect {...boxOf(frame, placed)} class={['differs', what]} data-testid="differs" />
                    {/if}
                  {/each}
                {/if}
              </svg>
            </figure>
          {/each}
        </div>
        <ul class="mt-2 columns-2 gap-8 border-t border-line pt-2 text-sm" data-testid="differences">
          {#each differences as difference (difference.id + difference.what)}
            {@const said = sayDifference(difference, names, unit)}
            <li class="break-inside-avoid">
              <b class="font-semibold">{said.name}</b> <span class="text-ink-2">{said.words}</span>
            </li>
          {:else}
            <li class="text-ink-2">Nothing stands differently in these two.</li>
          {/each}
        </ul>
      {/if}
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>

<style>
  .over {
    fill: none;
    stroke: var(--pencil);
    stroke-width: 1.6;
    stroke-dasharray: 5 3;
  }
  .differs {
    fill: color-mix(in srgb, var(--pencil) 10%, transparent);
    stroke: var(--pencil);
    stroke-width: 2;
  }
  .only-first,
  .only-second {
    stroke-dasharray: 6 4;
  }
</style>
