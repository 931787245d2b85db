<script lang="ts">
  import type { Gravity } from '$lib/core/review'
  import { GRAVITY_SHAPES } from './gravity-shapes'

  interface Props {
    gravity: Gravity
    number?: number
    size?: number
  }
  let { gravity, number, size = 16 }: Props = $props()
  const shape = $derived(GRAVITY_SHAPES[gravity])
</script>

<svg width={size} height={size} viewBox="-8 -8 16 16" class="inline-block shrink-0 align-[-3px]" aria-hidden="true">
  <path d={shape.d} fill={shape.fill} />
  {#if number !== undefined}
    <text y={shape.numberY} text-anchor="middle" font-size="9" font-weight="700" fill="var(--sheet)">{number}</text>
  {/if}
</svg>
