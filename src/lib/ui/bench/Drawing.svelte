<script lang="ts">
  import { select } from 'd3-selection'
  import { zoom, zoomIdentity, type D3ZoomEvent, type ZoomTransform } from 'd3-zoom'
  import {
    coveredGroups,
    clearanceItems,
    fittingGroup,
    paintOrder,
    peopleGroup,
    planBounds,
    shellPlan,
    shellSide,
    sideBounds,
    VIEW_TITLES,
    type ItemGroup,
    type ViewId,
  } from '$lib/core/draw'
  import type { Vec2 } from '$lib/core/geometry'
  import type { Placed } from '$lib/core/scene'
  import { formatLength } from '$lib/core/units'
  import { fittingName, SNAP_WORDS } from '$lib/core/text'
  import type { Bench } from './bench.svelte'
  import { step, type DragEvent, type DragState } from './drag'
  import FindingMarks from './FindingMarks.svelte'
  import HatchDefs from './HatchDefs.svelte'
  import { frameHeight, toScreen, toView, unfold, type ViewFrame } from './layout'
  import Marks from './Marks.svelte'

  let { bench }: { bench: Bench } = $props()

  type Along = Exclude<ViewId, 'section'>
  let width = $state(800)
  let height = $state(680)
  let svg: SVGSVGElement | undefined = $state(undefined)
  let transform: ZoomTransform = $state.raw(zoomIdentity)

  const unit = $derived(bench.liveJob.units)
  const frames = $derived(
    unfold(width, height, planBounds(bench.interior), sideBounds(bench.interior)).map((frame): ViewFrame => ({
      ...frame,
      scale: frame.scale * transform.k,
      left: transform.applyX(frame.left),
      top: transform.applyY(frame.top),
    })),
  )
  const frameOf = (id: ViewId): ViewFrame => frames.find((frame) => frame.id === id)!

  /** A fitting's marks change only with the fitting: kept by it, so that a drag redraws only what moves. */
  const kept = new WeakMap<Placed, Partial<Record<Along, ItemGroup | null>>>()
  function groupOf(placed: Placed, view: Along): ItemGroup | null {
    let groups = kept.get(placed)
    if (groups === undefined) kept.set(placed, (groups = {}))
    const known = groups[view]
    if (known !== undefined) return known
    return (groups[view] = fittingGroup(placed, view) ?? null)
  }

  const shells = $derived({
    left: shellSide(bench.interior, 'left'),
    plan: shellPlan(bench.interior),
    right: shellSide(bench.interior, 'right'),
  })
  const painted = (view: Along) => paintOrder(bench.scene, view).filter((placed) => groupOf(placed, view) !== null)
  const hidden = $derived(coveredGroups(bench.scene))

  let drag: DragState = $state.raw({ name: 'idle' })
  let active: Along = 'plan'
  let pressedThing = false

  function send(event: DragEvent): void {
    const result = step(drag, event)
    drag = result.state
    for (const effect of result.effects) bench.effect(effect, frameOf(active).scale)
  }

  const local = (event: { clientX: number; clientY: number }): Vec2 => {
    const box = svg!.getBoundingClientRect()
    return [event.clientX - box.left, event.clientY - box.top]
  }

  function onpointerdown(event: PointerEvent): void {
    if (event.button !== 0 || svg === undefined) return
    const target = event.target as Element
    pressedThing = target.closest('[data-fitting], [data-station], [data-mark]') !== null
    if (target.closest('[data-station]') !== null) {
      active = 'plan'
      svg.setPointerCapture(event.pointerId)
      return send({ name: 'press-station' })
    }
    const group = target.closest<SVGGElement>('[data-fitting]')
    if (group === null) return
    active = group.dataset.view as Along
    svg.setPointerCapture(event.pointerId)
    const screen = local(event)
    send({ name: 'press', id: group.dataset.fitting!, view: active, at: toView(frameOf(active), screen), screen })
    group.focus({ preventScroll: true })
    event.preventDefault()
  }

  function onpointermove(event: PointerEvent): void {
    if (drag.name === 'idle') return
    const screen = local(event)
    send({ name: 'move', at: toView(frameOf(active), screen), screen, free: event.ctrlKey || event.metaKey })
  }

  function onpointerup(): void {
    if (drag.name !== 'idle') send({ name: 'release' })
  }

  export function cancel(): boolean {
    if (drag.name !== 'dragging') return false
    send({ name: 'escape' })
    return true
  }

  /** The view under a point of the window, and where in it. */
  export function viewAt(event: {
    clientX: number
    clientY: number
  }): { view: ViewId; at: Vec2; scale: number } | undefined {
    if (svg === undefined) return undefined
    const [px, py] = local(event)
    if (px < 0 || py < 0 || px > width || py > height) return undefined
    const frame = frames.find((one) => py >= one.top - 10 && py <= one.top + frameHeight(one) + 10)
    return frame === undefined ? undefined : { view: frame.id, at: toView(frame, [px, py]), scale: frame.scale }
  }

  export function fit(): void {
    if (svg !== undefined) select(svg).call(zoomer.transform, zoomIdentity)
  }

  const zoomer = zoom<SVGSVGElement, unknown>()
    .scaleExtent([1, 8])
    .filter((event: Event) => {
      if (event.type === 'wheel') return true
      const target = event.target as Element
      const onThing = target.closest('[data-fitting], [data-station], [data-mark]') !== null
      return !onThing && (event as MouseEvent).button === 0
    })
    .on('zoom', (event: D3ZoomEvent<SVGSVGElement, unknown>) => (transform = event.transform))

  $effect(() => {
    if (svg === undefined) return
    zoomer.translateExtent([
      [-40, -40],
      [width + 40, height + 40],
    ])
    select(svg).call(zoomer)
  })

  /** With the pointer captured, a click is the drawing’s own wherever it was pressed: what counts is where that was. */
  function oncanvasclick(event: MouseEvent): void {
    if (!event.defaultPrevented && !pressedThing) send({ name: 'press-nothing' })
  }

  const metres = $derived(
    Array.from(
      { length: Math.floor(bench.interior.shell.outline.plan.at(-1)![0] / 100) + 1 },
      (_, index) => index * 100,
    ),
  )
  const stationX = $derived(toScreen(frameOf('plan'), [bench.stationMm, 0])[0])
  const outline = (placed: Placed, frame: ViewFrame): { x: number; y: number; w: number; h: number } => {
    const { x, y, z } = placed.bounds
    const v = frame.id === 'plan' ? y : z
    const [x0, y0] = toScreen(frame, [x.min, v.max])
    const [x1, y1] = toScreen(frame, [x.max, v.min])
    return { x: x0, y: y0, w: x1 - x0, h: y1 - y0 }
  }
  const describe = (placed: Placed): string => {
    const { x, y } = placed.bounds
    return `${fittingName(placed.fitting)}, ${formatLength(x.max - x.min, unit)} by ${formatLength(y.max - y.min, unit)} ${unit}, ${formatLength(x.min, unit)} from the rear sill`
  }
  const snapWords = (to: (typeof bench.snaps)[number]['to']): string =>
    to.kind === 'neighbour'
      ? bench.names.fitting(to.id)
      : to.kind === 'arch'
        ? bench.names.part(to.id)
        : SNAP_WORDS[to.kind]
</script>

<div class="relative h-full w-full overflow-hidden" bind:clientWidth={width} bind:clientHeight={height}>
  <!-- svelte-ignore a11y_no_noninteractive_element_interactions, a11y_click_events_have_key_events -->
  <svg
    bind:this={svg}
    {width}
    {height}
    class="block touch-none select-none {drag.name === 'dragging' ? 'cursor-grabbing' : ''}"
    role="group"
    aria-label="The vehicle unfolded: left wall, plan, right wall"
    {onpointerdown}
    {onpointermove}
    {onpointerup}
    onpointercancel={onpointerup}
    onclick={oncanvasclick}
  >
    <HatchDefs />
    {#each frames as frame (frame.id)}
      {@const view = frame.id as Along}
      <g data-view={view} data-testid="view-{view}">
        <text x={frame.left} y={frame.top - 8} class="view-title">{VIEW_TITLES[view]}</text>
        <Marks items={shells[view].items} {frame} />
        {#each painted(view) as placed (placed.id)}
          {@const chosen = placed.id === bench.selectedId}
          <g
            data-fitting={placed.id}
            data-view={view}
            data-testid="{view}-{placed.id}"
            role="button"
            tabindex={view === 'plan' ? 0 : -1}
            aria-label={describe(placed)}
            aria-pressed={chosen}
            class="fitting {chosen ? 'chosen' : ''}"
            onfocus={() => {
              if (drag.name === 'idle') bench.select(placed.id)
            }}
          >
            <Marks items={groupOf(placed, view)!.items} {frame} />
          </g>
        {/each}
        {#if view === 'plan'}
          {#each hidden as group (group.key)}
            <g class="pointer-events-none"><Marks items={group.items} {frame} /></g>
          {/each}
        {/if}
        {#if bench.people}
          <g class="pointer-events-none"
            ><Marks items={peopleGroup(bench.scene, bench.liveJob.brief, view).items} {frame} /></g
          >
        {/if}
        {#if bench.selected !== undefined && groupOf(bench.selected, view) !== null}
          {@const box = outline(bench.selected, frame)}
          <g class="pencil pointer-events-none"><Marks items={clearanceItems(bench.selected, view)} {frame} /></g>
          <rect x={box.x} y={box.y} width={box.w} height={box.h} class="selection" />
          {#if view === 'plan'}
            <path
              d="M{box.x} {box.y - 5}H{box.x + box.w}M{box.x - 3} {box.y - 2}l6 -6M{box.x + box.w - 3} {box.y - 2}l6 -6"
              class="measure"
            />
            <text x={box.x + box.w / 2} y={box.y - 9} class="figure" text-anchor="middle"
              >{formatLength(bench.selected.bounds.x.max - bench.selected.bounds.x.min, unit)}</text
            >
          {/if}
        {/if}
        {#each bench.snaps as snap (snap.axis)}
          {#if snap.axis === 'x' && snap.to.kind !== 'round'}
            {@const at = toScreen(frame, [snap.atMm, 0])[0]}
            <path d="M{at} {frame.top}V{frame.top + frameHeight(frame)}" class="snap" />
            {#if view === 'plan'}<text x={at + 4} y={frame.top + frameHeight(frame) - 4} class="snap-word"
                >{snapWords(snap.to)}</text
              >{/if}
          {:else if (snap.axis === 'y' && view === 'plan') || (snap.axis === 'z' && view !== 'plan')}
            {#if snap.to.kind !== 'round'}
              {@const at = toScreen(frame, [0, snap.atMm])[1]}
              <path d="M{frame.left} {at}H{width - 20}" class="snap" />
              <text x={width - 22} y={at - 4} text-anchor="end" class="snap-word">{snapWords(snap.to)}</text>
            {/if}
          {/if}
        {/each}
      </g>
    {/each}

    <g class="pointer-events-none" aria-hidden="true">
      <rect x="0" y="0" {width} height="22" fill="var(--sheet)" />
      {#each metres as mm (mm)}
        {@const x = toScreen(frameOf('plan'), [mm, 0])[0]}
        {#if mm % 1000 === 0}
          <path d="M{x} 14V22" class="tick" /><text {x} y="10" text-anchor="middle" class="ruler">{mm / 1000} m</text>
        {:else}
          <path d="M{x} {mm % 500 === 0 ? 16 : 19}V22" class="tick" />
        {/if}
      {/each}
    </g>
    <rect data-station x="0" y="0" {width} height="22" fill="transparent" class="station" data-testid="station" />
    <g data-station class="station">
      <path d="M{stationX} 22V{height}" class="station-line" />
      <path
        d="M{stationX - 6} 10h12l-6 11z"
        fill="var(--pencil)"
        role="slider"
        tabindex="0"
        aria-label="Where the section is cut"
        aria-valuemin={0}
        aria-valuemax={bench.interior.xSpan.max}
        aria-valuenow={bench.stationMm}
        onkeydown={(event) => {
          const by = event.key === 'ArrowRight' ? 10 : event.key === 'ArrowLeft' ? -10 : 0
          if (by === 0) return
          event.stopPropagation()
          event.preventDefault()
          bench.effect({ do: 'station', at: [bench.stationMm + by * (event.shiftKey ? 10 : 1), 0] }, 1)
        }}
      />
    </g>
    <FindingMarks {bench} {frames} />
  </svg>
  {#if transform.k > 1.01}
    <button class="absolute right-3 bottom-2 bg-sheet px-1 act text-sm" onclick={fit}>Whole vehicle</button>
  {/if}
  {#if bench.scene.placed.length === 0}
    <p
      class="pointer-events-none absolute top-1/2 left-1/2 w-72 -translate-x-1/2 -translate-y-1/2 border border-ink bg-sheet p-3 text-center text-sm"
    >
      Nothing stands here yet. Drag the biggest demand from the left onto the drawing, or press <b>/</b> and type what you
      want.
    </p>
  {/if}
</div>

<style>
  .view-title {
    font-size: 11px;
    font-weight: 600;
    letter-spacing: 0.04em;
    fill: var(--ink-2);
    text-transform: uppercase;
  }
  .fitting {
    cursor: grab;
    outline: none;
  }
  .fitting:hover :global(path),
  .fitting:hover :global(circle) {
    stroke: var(--pencil);
  }
  .fitting:focus-visible :global(path) {
    stroke: var(--pencil);
    stroke-width: 1.6;
  }
  .selection {
    fill: none;
    stroke: var(--pencil);
    stroke-width: 2;
  }
  .pencil :global(path) {
    stroke: var(--pencil);
  }
  .measure {
    stroke: var(--pencil);
    stroke-width: 1;
    fill: none;
  }
  .figure {
    fill: var(--pencil);
    font-size: 12.5px;
    font-weight: 650;
    paint-order: stroke;
    stroke: var(--sheet);
    stroke-width: 3px;
  }
  .snap {
    stroke: var(--pencil);
    stroke-width: 1;
    stroke-dasharray: 2 2;
    fill: none;
  }
  .snap-word {
    fill: var(--pencil);
    font-size: 11px;
    font-stretch: 84%;
    paint-order: stroke;
    stroke: var(--sheet);
    stroke-width: 3px;
  }
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
