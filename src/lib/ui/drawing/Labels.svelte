<script lang="ts">
  import { layLabels, lettersWidth, type Item, type LabelBox } from '$lib/core/draw'
  import { toScreen, type ViewFrame } from './layout'

  interface Props {
    items: readonly Item[]
    frame: ViewFrame
    /** What is written there already, in pixels. */
    kept?: readonly LabelBox[]
    /** What stands for a name that has no room. */
    numbers?: ReadonlyMap<string, number>
  }
  let { items, frame, kept = [], numbers }: Props = $props()

  const SIZES_PX = { label: 12, small: 10.5, title: 12 } as const

  const labels = $derived(
    layLabels(
      items,
      { at: (point) => toScreen(frame, point), scale: frame.scale, sizes: SIZES_PX, wide: lettersWidth, margin: 4 },
      numbers === undefined ? { kept } : { kept, numbers },
    ),
  )
</script>

<g class="labels" aria-hidden="true">
  {#each labels as { text, at, fontSize, size, anchor, upright }, index (index)}
    <text
      x={at[0]}
      y={at[1]}
      dy="0.35em"
      font-size={fontSize}
      text-anchor={anchor}
      class={size}
      transform={upright ? `rotate(-90 ${at[0]} ${at[1]})` : undefined}>{text}</text
    >
  {/each}
</g>

<style>
  .labels {
    pointer-events: none;
  }
  text {
    fill: var(--ink);
    font-weight: 600;
    font-stretch: 84%;
    paint-order: stroke;
    stroke: var(--sheet);
    stroke-width: 2.5px;
    stroke-linejoin: round;
  }
  .small {
    font-weight: 450;
    fill: var(--ink-2);
  }
</style>
