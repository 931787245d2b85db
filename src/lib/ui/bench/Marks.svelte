<script lang="ts">
  import type { Item } from '$lib/core/draw'
  import { toScreen, type ViewFrame } from './layout'

  interface Props {
    items: readonly Item[]
    frame: ViewFrame
  }
  let { items, frame }: Props = $props()

  const LABEL_PX = { label: 12, small: 10.5, title: 12 } as const

  const d = (item: Extract<Item, { kind: 'path' }>): string => {
    const points = item.points.map((point) =>
      toScreen(frame, point)
        .map((value) => value.toFixed(1))
        .join(' '),
    )
    return `M${points.join('L')}${item.closed ? 'Z' : ''}`
  }

  /** A label that does not fit lies down if it fits so, and else stays away. */
  function fit(item: Extract<Item, { kind: 'text' }>): 'flat' | 'upright' | 'none' {
    if (item.room === undefined) return 'flat'
    const size = LABEL_PX[item.size]
    const long = item.text.length * size * 0.52
    const [wide, high] = [item.room[0] * frame.scale, item.room[1] * frame.scale]
    if (long <= wide - 4 && size <= high) return 'flat'
    return long <= high - 4 && size <= wide ? 'upright' : 'none'
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
  {:else if item.kind === 'text'}
    {@const how = fit(item)}
    {#if how !== 'none'}
      {@const at = toScreen(frame, item.at)}
      <text
        x={at[0]}
        y={at[1]}
        dy="0.35em"
        font-size={LABEL_PX[item.size]}
        text-anchor={item.anchor}
        class="label {item.size}"
        transform={how === 'upright' ? `rotate(-90 ${at[0]} ${at[1]})` : undefined}>{item.text}</text
      >
    {/if}
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
  .label {
    fill: var(--ink);
    font-weight: 600;
    font-stretch: 84%;
    paint-order: stroke;
    stroke: var(--sheet);
    stroke-width: 2.5px;
    stroke-linejoin: round;
    pointer-events: none;
  }
  .label.small {
    font-weight: 450;
    fill: var(--ink-2);
  }
</style>
