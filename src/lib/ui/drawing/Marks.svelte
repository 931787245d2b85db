<script lang="ts">
  import type { Item } from '$lib/core/draw'
  import { toScreen, type ViewFrame } from './layout'

  interface Props {
    items: readonly Item[]
    frame: ViewFrame
  }
  let { items, frame }: Props = $props()

  const d = (item: Extract<Item, { kind: 'path' }>): string => {
    const points = item.points.map((point) =>
      toScreen(frame, point)
        .map((value) => value.toFixed(1))
        .join(' '),
    )
    return `M${points.join('L')}${item.closed ? 'Z' : ''}`
  }
</script>

{#each items as item, index (index)}
  {#if item.kind === 'path'}
    {@const path = d(item)}
    <path d={path} class="w-{item.weight} f-{item.fill}" />
    {#if item.hatch !== undefined}<path d={path} fill="url(#hatch-{item.hatch})" class="pointer-events-none" />{/if}
  {:else if item.kind === 'circle'}
    {@const at = toScreen(frame, item.centre)}
    <circle cx={at[0]} cy={at[1]} r={item.radius * frame.scale} class="w-{item.weight} f-{item.fill}" />
  {/if}
{/each}

<style>
  path,
  circle {
    stroke: var(--ink);
    stroke-width: 1;
  }
  .w-cut {
    stroke-width: 1.6;
  }
  .w-hair {
    stroke-width: 0.7;
  }
  .w-hidden {
    stroke-width: 0.8;
    stroke-dasharray: 4 3;
  }
  .w-clearance {
    stroke-width: 0.9;
    stroke-dasharray: 1 3;
    stroke-linecap: round;
  }
  .w-centre {
    stroke-width: 0.6;
    stroke-dasharray: 12 3 2 3;
  }
  .w-door {
    stroke-width: 4;
  }
  .f-none {
    fill: none;
  }
  .f-wood {
    fill: var(--wood);
  }
  .f-sheet {
    fill: var(--sheet);
  }
  .f-body {
    fill: var(--body);
  }
  .f-glass {
    fill: var(--glass);
  }
  .f-figure {
    fill: color-mix(in srgb, var(--sheet) 35%, transparent);
    pointer-events: none;
  }
</style>
