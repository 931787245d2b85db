<script lang="ts">
  import type { PersonStrip } from '$lib/core/suit'
  import { sayLength, type LengthUnit } from '$lib/core/units'
  import type { Span } from '$lib/core/geometry'

  interface Props {
    strips: readonly PersonStrip[]
    /** Of the load space, and of a cab that is open to it. */
    xSpan: Span
    unit: LengthUnit
    top: number
    toX: (mm: number) => number
  }
  let { strips, xSpan, unit, top, toX }: Props = $props()

  const ROW_PX = 13
  const rowsOf = (strip: PersonStrip) =>
    [
      { words: 'stands', part: strip.stand },
      { words: 'lies across', part: strip.across },
      { words: 'sits up', part: strip.sitUp },
    ] as const
  const where = (spans: readonly Span[]): string =>
    spans.length === 0
      ? 'nowhere'
      : spans.map(({ min, max }) => `from ${sayLength(min, unit)} to ${sayLength(max, unit)}`).join(' and ')
</script>

<g data-testid="strips">
  {#each strips as strip, index (index)}
    {@const y0 = top + index * (3 * ROW_PX + 20)}
    <text x={toX(xSpan.min)} y={y0} class="who">{strip.label}, {sayLength(strip.statureMm, unit)}</text>
    {#each rowsOf(strip) as { words, part }, row (words)}
      {@const y = y0 + 11 + row * ROW_PX}
      <g
        role="img"
        aria-label="{strip.label} {words} {where(part.where)}; needs {sayLength(Math.round(part.needMm), unit)}"
      >
        <title>{words} {where(part.where)}; needs {sayLength(Math.round(part.needMm), unit)}</title>
        <path d="M{toX(xSpan.min)} {y}H{toX(xSpan.max)}" class="rail" />
        {#each part.where as { min, max } (min)}
          <path d="M{toX(Math.max(min, xSpan.min))} {y}H{toX(Math.min(max, xSpan.max))}" class="can" />
        {/each}
        <text x={toX(xSpan.max) + 8} y={y + 4} class={part.where.length === 0 ? 'not' : 'word'}
          >{words}{part.where.length === 0 ? ' nowhere' : ''}</text
        >
      </g>
    {/each}
  {/each}
</g>

<style>
  .who {
    font-size: 11px;
    font-weight: 600;
    fill: var(--ink-2);
  }
  .word,
  .not {
    font-size: 11px;
    font-stretch: 84%;
    fill: var(--ink);
  }
  .not {
    fill: var(--stop);
  }
  .rail {
    stroke: var(--line);
    stroke-width: 1;
  }
  .can {
    stroke: var(--ink);
    stroke-width: 5;
  }
</style>
