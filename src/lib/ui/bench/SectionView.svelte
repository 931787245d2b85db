<script lang="ts">
  import { drawSection, handDimensions } from '$lib/core/draw'
  import type { Vec2 } from '$lib/core/geometry'
  import { formatLength } from '$lib/core/units'
  import type { Bench } from './bench.svelte'
  import Grips from './Grips.svelte'
  import HandFigures from './HandFigures.svelte'
  import HatchDefs from '../drawing/HatchDefs.svelte'
  import Labels from '../drawing/Labels.svelte'
  import { fitView, toScreen } from '../drawing/layout'
  import Marks from '../drawing/Marks.svelte'
  import { Pointing } from './pointing.svelte'
  import { writeFigures } from './written'

  interface Props {
    bench: Bench
    onmenu: (at: Vec2, here: readonly string[]) => void
  }
  let { bench, onmenu }: Props = $props()
  let width = $state(234)
  const height = 186
  let svg: SVGSVGElement | undefined = $state(undefined)

  const view = $derived(drawSection(bench.scene, bench.stationMm, bench.people ? bench.liveJob.brief : undefined))
  const frame = $derived(fitView('section', width, height, view.bounds, 6))
  const unit = $derived(bench.liveJob.units)
  const pointing = new Pointing({
    bench: () => bench,
    element: () => svg,
    frames: () => [frame],
    onmenu: (at, here) => onmenu(at, here),
  })

  /** What is in hand, if the section cuts it. */
  const chosen = $derived(
    bench.selected !== undefined &&
      bench.also.length === 0 &&
      bench.selected.bounds.x.min <= bench.stationMm &&
      bench.selected.bounds.x.max >= bench.stationMm
      ? bench.selected
      : undefined,
  )
  const figures = $derived.by(() => {
    if (chosen === undefined) return []
    const all = handDimensions(bench.scene, 'section', chosen, bench.tape)
    // there is little room: the heights first, and widths only where one looks at the section
    const those = bench.viewId === 'section' ? all : all.filter(({ key }) => key === 'tape ceiling')
    return writeFigures(those, frame, unit, width, height)
  })
</script>

<div class="relative" bind:clientWidth={width}>
  <svg
    bind:this={svg}
    {width}
    {height}
    class="block touch-none select-none"
    role="img"
    aria-label="Section at {formatLength(bench.stationMm, unit)} {unit} from the rear sill, seen from behind"
    onpointerdown={pointing.down}
    onpointermove={pointing.move}
    onpointerup={pointing.up}
    onpointercancel={pointing.lost}
    ondblclick={pointing.dblclick}
    oncontextmenu={pointing.contextmenu}
  >
    <HatchDefs />
    {#each view.groups as group (group.key)}
      <g data-fitting={group.fittingId} data-view="section" class={group.fittingId === undefined ? '' : 'cursor-grab'}
        ><Marks items={group.items} {frame} /></g
      >
    {/each}
    <Labels items={view.groups.flatMap(({ items }) => items)} {frame} kept={figures.map(({ box }) => box)} />
    {#if chosen !== undefined}
      {@const low = toScreen(frame, [-chosen.bounds.y.max, chosen.bounds.z.min])}
      {@const high = toScreen(frame, [-chosen.bounds.y.min, chosen.bounds.z.max])}
      <rect
        x={low[0]}
        y={high[1]}
        width={high[0] - low[0]}
        height={low[1] - high[1]}
        fill="none"
        stroke="var(--pencil)"
        stroke-width="2"
        class="pointer-events-none"
      />
      <Grips {bench} {frame} />
    {/if}
  </svg>
  <HandFigures {bench} {figures} {width} {height} />
</div>
