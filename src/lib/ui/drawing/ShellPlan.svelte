<script lang="ts">
  import { planBounds, shellPlan } from '$lib/core/draw'
  import type { Interior } from '$lib/core/shell'
  import Marks from './Marks.svelte'

  interface Props {
    interior: Interior
    /** Pixels for a millimetre: those beside it are drawn at the same. */
    scale: number
  }
  let { interior, scale }: Props = $props()
  const MARGIN_PX = 2
  const bounds = $derived(planBounds(interior))
  const frame = $derived({ id: 'plan' as const, scale, left: MARGIN_PX, top: MARGIN_PX, bounds })
  const px = (mm: number) => mm * scale + 2 * MARGIN_PX
</script>

<!-- The body from above, small. -->
<svg
  width={px(bounds.max[0] - bounds.min[0])}
  height={px(bounds.max[1] - bounds.min[1])}
  aria-hidden="true"
  class="small mt-1 block max-w-none"><Marks items={shellPlan(interior).items} {frame} /></svg
>

<style>
  /* At a hundredth of its size a body has finer lines. */
  .small :global(path) {
    stroke-width: 0.7px;
  }
  .small :global(path.w-door) {
    stroke-width: 1.8px;
  }
</style>
