<script lang="ts">
  import { kindOfMade, type LocalSolid, type Made } from '$lib/core/fittings'
  import { prismBounds, unionOf, type Vec2 } from '$lib/core/geometry'

  interface Props {
    made: Made
    /** Room that it has, in pixels. */
    wide?: number
    high?: number
    /** Pixels for a millimetre; left out: as large as its room allows. */
    scale?: number
  }
  let { made, wide: WIDE = 44, high: HIGH = 26, scale: asked }: Props = $props()
  const kind = $derived(kindOfMade(made))

  const planArea = (solids: readonly LocalSolid[]): number => {
    if (solids.length === 0) return 0
    const { x, y } = unionOf(solids.map(({ prism }) => prismBounds(prism)))
    return (x.max - x.min) * (y.max - y.min)
  }

  /** A kind from above, small, in the stance that shows most of it. */
  const drawn = $derived.by(() => {
    const { parameters } = made
    const areas = kind.stances.map((stance) => planArea(kind.solids(parameters, stance)))
    const stance = kind.stances[areas.indexOf(Math.max(...areas))]!
    const solids = kind.solids(parameters, stance).map(({ prism }) => prism)
    const { x, y } = unionOf(solids.map(prismBounds))
    const most = Math.min((WIDE - 4) / (x.max - x.min), (HIGH - 4) / (y.max - y.min))
    const scale = Math.min(most, asked ?? most)
    const at = ([u, v]: Vec2): string =>
      `${(WIDE / 2 + (u - (x.min + x.max) / 2) * scale).toFixed(1)} ${(HIGH / 2 - (v - (y.min + y.max) / 2) * scale).toFixed(1)}`
    const outline = (points: readonly Vec2[]) => `M${points.map(at).join('L')}Z`
    return {
      scale,
      at,
      solids: solids.map((prism) => {
        const bounds = prismBounds(prism)
        return outline(
          prism.axis === 'z'
            ? prism.profile
            : [
                [bounds.x.min, bounds.y.min],
                [bounds.x.max, bounds.y.min],
                [bounds.x.max, bounds.y.max],
                [bounds.x.min, bounds.y.max],
              ],
        )
      }),
      features: kind.features(parameters, stance).flatMap(({ view, shape }) => (view === 'top' ? [shape] : [])),
    }
  })
</script>

<svg width={WIDE} height={HIGH} aria-hidden="true" class="flex-none">
  {#each drawn.solids as d, index (index)}<path {d} class="solid" />{/each}
  {#each drawn.features as shape, index (index)}
    {#if shape.kind === 'circle'}
      {@const [cx, cy] = drawn.at(shape.centre).split(' ')}
      <circle {cx} {cy} r={Math.max(0.8, shape.radius * drawn.scale)} class="mark" />
    {:else if shape.kind === 'line'}
      <path d="M{drawn.at(shape.from)}L{drawn.at(shape.to)}" class="mark" />
    {:else}
      <path d="M{shape.points.map(drawn.at).join('L')}Z" class="mark" />
    {/if}
  {/each}
</svg>

<style>
  .solid {
    fill: var(--wood);
    stroke: var(--ink);
    stroke-width: 0.9;
  }
  .mark {
    fill: none;
    stroke: var(--ink);
    stroke-width: 0.6;
  }
</style>
