<script lang="ts">
  import type { Gravity } from '$lib/core/review'

  interface Props {
    gravity: Gravity
    number?: number
    size?: number
  }
  let { gravity, number, size = 16 }: Props = $props()
</script>

<!-- Gravity by shape and number, not by colour alone: a hexagon stops, a triangle cautions, a circle notes. -->
<svg width={size} height={size} viewBox="-8 -8 16 16" class="inline-block shrink-0 align-[-3px]" aria-hidden="true">
  {#if gravity === 'stop'}
    <path d="M-7 -4 L0 -8 L7 -4 L7 4 L0 8 L-7 4 Z" fill="var(--stop)" />
  {:else if gravity === 'caution'}
    <path d="M0 -8 L8 7 L-8 7 Z" fill="var(--caution)" />
  {:else}
    <circle r="7" fill="var(--ink-2)" />
  {/if}
  {#if number !== undefined}
    <text y={gravity === 'caution' ? 5 : 3.4} text-anchor="middle" font-size="9" font-weight="700" fill="var(--sheet)"
      >{number}</text
    >
  {/if}
</svg>
