<script lang="ts">
  import { isInInches } from '$lib/core/units'
  import type { Bench } from './bench.svelte'
  import { RULER_PX, toScreen, type ViewFrame } from '../drawing/layout'

  interface Props {
    bench: Bench
    /** Of the plan. */
    frame: ViewFrame
    width: number
    height: number
  }
  let { bench, frame, width, height }: Props = $props()

  /** The ruler: a tick every so far, a longer one and a figure every so many. */
  const METRIC = { tickMm: 100, longEvery: 5, figureEvery: 10, figure: (ticks: number) => `${ticks / 10} m` }
  const FEET = { tickMm: 76.2, longEvery: 4, figureEvery: 8, figure: (ticks: number) => `${ticks / 4} ft` }
  const ruler = $derived(isInInches(bench.liveJob.units) ? FEET : METRIC)
  const ticks = $derived(
    Array.from(
      { length: Math.floor(bench.interior.shell.outline.plan.at(-1)![0] / ruler.tickMm) + 1 },
      (_, index) => index,
    ),
  )
  const x = $derived(toScreen(frame, [bench.stationMm, 0])[0])

  function onkeydown(event: KeyboardEvent): void {
    const by = event.key === 'ArrowRight' ? 10 : event.key === 'ArrowLeft' ? -10 : 0
    if (by === 0) return
    event.stopPropagation()
    event.preventDefault()
    bench.effect({ do: 'station', at: [bench.stationMm + by * (event.shiftKey ? 10 : 1), 0] }, 1)
  }
</script>

<g aria-hidden="true">
  <rect x="0" y="0" {width} height={RULER_PX} fill="var(--sheet)" />
  {#each ticks as tick (tick)}
    {@const at = toScreen(frame, [tick * ruler.tickMm, 0])[0]}
    {#if tick % ruler.figureEvery === 0}
      <path d="M{at} 14V22" class="tick" /><text x={at} y="10" text-anchor="middle" class="ruler"
        >{ruler.figure(tick)}</text
      >
    {:else}
      <path d="M{at} {tick % ruler.longEvery === 0 ? 16 : 19}V22" class="tick" />
    {/if}
  {/each}
</g>
<rect data-station x="0" y="0" {width} height={RULER_PX} fill="transparent" class="station" data-testid="station" />
<g data-station class="station">
  <path d="M{x} {RULER_PX}V{height}" class="station-line" />
  <path
    d="M{x - 6} 10h12l-6 11z"
    fill="var(--pencil)"
    role="slider"
    tabindex="0"
    aria-label="Section line"
    aria-valuemin={0}
    aria-valuemax={bench.interior.xSpan.max}
    aria-valuenow={bench.stationMm}
    {onkeydown}
  />
</g>

<style>
  .tick {
    stroke: var(--ink-2);
    stroke-width: 0.8;
    fill: none;
  }
  .ruler {
    font-size: 10px;
    fill: var(--ink-2);
  }
  .station {
    cursor: ew-resize;
    pointer-events: auto;
  }
  .station-line {
    stroke: var(--pencil);
    stroke-width: 1;
    stroke-dasharray: 12 3 2 3;
    fill: none;
    opacity: 0.8;
    pointer-events: none;
  }
</style>
