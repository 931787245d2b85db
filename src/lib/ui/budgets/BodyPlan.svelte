<script lang="ts">
  import type { Snippet } from 'svelte'
  import { drawView, wholeOf } from '$lib/core/draw'
  import type { Vec2 } from '$lib/core/geometry'
  import { modesOf, planInterior, type Plan } from '$lib/core/job'
  import { buildScene } from '$lib/core/scene'
  import type { Shell } from '$lib/core/shell'
  import { fitView, toScreen } from '../drawing/layout'
  import Marks from '../drawing/Marks.svelte'

  interface Props {
    shell: Shell
    plan: Plan
    /** The first mode that is for this; the first of all where none is. */
    purpose?: 'driving' | 'living' | 'sleeping'
    highPx: number
    label: string
    /** What is drawn over the plan, by where a place of it is on screen. */
    over: Snippet<[(at: Vec2) => Vec2]>
  }
  let { shell, plan, purpose, highPx, label, over }: Props = $props()
  let width = $state(400)
  const EDGE_PX = 10
  const view = $derived.by(() => {
    const modes = modesOf(plan)
    const mode = modes.find(([, one]) => one.purpose === purpose) ?? modes[0]
    return mode === undefined
      ? undefined
      : wholeOf(drawView(buildScene(planInterior(shell, plan), plan, mode[0]), 'plan'))
  })
  const frame = $derived(view === undefined ? undefined : fitView('plan', width, highPx, view.bounds, EDGE_PX))
  /** Names would lie under what is drawn over it. */
  const body = $derived(view?.groups.flatMap(({ items }) => items.filter(({ kind }) => kind !== 'text')) ?? [])
</script>

<div class="mt-2" bind:clientWidth={width}>
  {#if frame !== undefined}
    <svg {width} height={highPx} viewBox="0 0 {width} {highPx}" role="img" aria-label={label}>
      <Marks items={body} {frame} />
      {@render over((at) => toScreen(frame, at))}
    </svg>
  {/if}
</div>
