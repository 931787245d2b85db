<script lang="ts">
  import type { Vec2 } from '$lib/core/geometry'
  import { isLetBe, type Finding } from '$lib/core/review'
  import { sayFinding } from '$lib/core/text'
  import { GRAVITY_SHAPES } from '../parts/gravity-shapes'
  import type { Bench, NumberedFinding } from './bench.svelte'
  import type { Felt } from './felt'
  import { toScreen, type ViewFrame } from '../drawing/layout'

  interface Props {
    bench: Bench
    frames: readonly ViewFrame[]
  }
  let { bench, frames }: Props = $props()

  const plan = $derived(frames.find(({ id }) => id === 'plan')!)
  const SPREAD_PX = 17

  const CORNER_MM = 110

  /** Where a finding is marked: its place, or the corner of its fitting where that place is under the fitting’s name. */
  function placeInPlan({ fittings, place }: Finding): Vec2 {
    const bounds = bench.scene.placed.find(({ id }) => id === fittings[0])?.bounds
    if (bounds === undefined) return [place[0], place[1]]
    const near =
      Math.abs(place[0] - (bounds.x.min + bounds.x.max) / 2) < 150 &&
      Math.abs(place[1] - (bounds.y.min + bounds.y.max) / 2) < 100
    return near ? [bounds.x.min + CORNER_MM, bounds.y.max - CORNER_MM] : [place[0], place[1]]
  }

  /** Half the room that the length of what is in hand takes over it, and how far over its edge it is written. */
  const FIGURE_PX = { x: 28, y: 16, over: 13 }
  const figureAt = $derived.by((): Vec2 | undefined => {
    const held = bench.also.length === 0 ? bench.selected?.bounds : undefined
    if (held === undefined) return undefined
    const [x, y] = toScreen(plan, [(held.x.min + held.x.max) / 2, held.y.max])
    return [x, y - FIGURE_PX.over]
  })
  const hidesFigure = (x: number, y: number): boolean =>
    figureAt !== undefined && Math.abs(figureAt[0] - x) < FIGURE_PX.x && Math.abs(figureAt[1] - y) < FIGURE_PX.y

  /** While something is carried only what that changes is marked; the rest waits in the column. */
  const shown = $derived.by(() => {
    if (!bench.carrying) return bench.findings.map((numbered) => ({ numbered, change: undefined }))
    const numbers = new Map(bench.findings.map(({ number, finding }) => [finding.key, number]))
    return bench.felt.map(({ finding, change }) => ({
      numbered: { number: numbers.get(finding.key) ?? 0, finding },
      change,
    }))
  })

  /** Marks that would lie on one another, or on the figure of what is in hand, stand beside. */
  const marks = $derived.by(() => {
    const placed: { numbered: NumberedFinding; change: Felt['change'] | undefined; at: Vec2 }[] = []
    for (const { numbered, change } of shown) {
      if (numbered.finding.fittings.length === 0 || isLetBe(numbered.finding)) continue
      let [x, y] = toScreen(plan, placeInPlan(numbered.finding))
      while (hidesFigure(x, y) || placed.some(({ at }) => Math.hypot(at[0] - x, at[1] - y) < SPREAD_PX - 1))
        x += SPREAD_PX
      placed.push({ numbered, change, at: [x, y] })
    }
    return placed
  })
  const open = $derived(bench.findings.find(({ finding }) => finding.key === bench.openFinding)?.finding)
  const way = $derived(
    open !== undefined && (open.code === 'way-narrow' || open.code === 'way-shut') ? open.facts.path : [],
  )
  const words = (finding: Finding) => sayFinding(finding, bench.names, bench.liveJob.units)
</script>

{#if way.length > 0}
  <path
    d="M{way
      .map((point) =>
        toScreen(plan, point)
          .map((value) => value.toFixed(1))
          .join(' '),
      )
      .join('L')}"
    class="way"
  />
{/if}
{#each marks as { numbered: { number, finding }, change, at } (finding.key)}
  <g
    data-mark={finding.code}
    data-testid="mark-{finding.code}"
    transform="translate({at[0]} {at[1]})"
    class={['mark', change]}
    role="button"
    tabindex="0"
    aria-label="{number}: {words(finding).designer}"
    onclick={(event) => {
      event.stopPropagation()
      bench.show(finding)
    }}
    onkeydown={(event) => {
      if (event.key === 'Enter' || event.key === ' ') {
        event.preventDefault()
        event.stopPropagation()
        bench.show(finding)
      }
    }}
  >
    <title>{words(finding).designer}</title>
    <path d={GRAVITY_SHAPES[finding.gravity].d} fill={GRAVITY_SHAPES[finding.gravity].fill} />
    <text y={GRAVITY_SHAPES[finding.gravity].numberY} text-anchor="middle"
      >{change === undefined ? number : change === 'worse' ? '+' : change === 'better' ? '−' : '✓'}</text
    >
  </g>
{/each}

<style>
  .mark {
    cursor: pointer;
    pointer-events: auto;
    outline: none;
  }
  .mark path {
    stroke: var(--sheet);
    stroke-width: 1.5;
    paint-order: stroke;
  }
  .mark.better path,
  .mark.cured path {
    fill: var(--good);
  }
  .mark:focus-visible path {
    stroke: var(--pencil);
    stroke-width: 4;
  }
  .mark text {
    font-size: 9.5px;
    font-weight: 700;
    fill: var(--sheet);
    pointer-events: none;
  }
  .way {
    fill: none;
    stroke: var(--caution);
    stroke-width: 1.3;
    stroke-dasharray: 5 4;
    pointer-events: none;
  }
</style>
