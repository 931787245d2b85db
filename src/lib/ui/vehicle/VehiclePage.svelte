<script lang="ts">
  import { count } from '$lib/core/text'
  import { liningCost, statureStrips } from '$lib/core/suit'
  import { bodyViews, itemsOf, type Bounds } from '$lib/core/draw'
  import { clamp, type Vec2 } from '$lib/core/geometry'
  import { modesOf, planInterior, variantsOf } from '$lib/core/job'
  import { cabSpace, clearWidth, type BodyChange } from '$lib/core/shell'
  import { spaceTable } from '$lib/core/space'
  import { formatLength } from '$lib/core/units'
  import { fitView, frameHeight, toScreen, toView, type ViewFrame } from '../drawing/layout'
  import Marks from '../drawing/Marks.svelte'
  import { getSession } from '../job/context'
  import JobBar from '../job/JobBar.svelte'
  import { newId } from '../job/new-id'
  import LengthField from '../parts/LengthField.svelte'
  import Why from '../parts/Why.svelte'
  import BoardReadings from './BoardReadings.svelte'
  import BodyPanel from './BodyPanel.svelte'
  import ChangesPanel from './ChangesPanel.svelte'
  import LiningPanel from './LiningPanel.svelte'
  import { BERTH, readingsAt, sayLiningCost, type Probe } from './probe'
  import SpaceTable from './SpaceTable.svelte'
  import StripRows from './StripRows.svelte'

  const session = getSession()
  const job = $derived(session.job)
  const unit = $derived(job.units)
  const variants = $derived(variantsOf(job))
  let chosen: string | undefined = $state(undefined)
  const variantId = $derived(chosen !== undefined && job.variants[chosen] !== undefined ? chosen : variants[0]![0])
  const plan = $derived(job.variants[variantId]!.plan)
  const lining = $derived(plan.lining)
  const shell = $derived(job.shell)
  const interior = $derived(planInterior(shell, plan))
  const people = $derived(Object.values(job.brief.people))

  /** Where it is measured: what was last set, or what the pointer is over now. */
  let set: Probe = $state.raw({ xMm: 2100, yMm: 400, zMm: 700 })
  let over: Probe | undefined = $state.raw(undefined)
  const within = (x: number, end: number): number => Math.round(clamp(x, interior.xSpan.min, end) / 10) * 10
  /** Where the space ends that one can step into: the load space’s, or an open cab’s. */
  const reachMm = $derived(cabSpace(interior)?.x.max ?? interior.xSpan.max)
  const inBody = (x: number): number => within(x, reachMm)
  const at = $derived({ ...(over ?? set), xMm: inBody((over ?? set).xMm) })
  const stationMm = $derived(within(set.xMm, interior.xSpan.max))

  const rows = $derived(spaceTable(shell, lining, stationMm, plan.changes))
  const readings = $derived(readingsAt(interior, at, unit))
  const arches = $derived(shell.keepOuts.filter(({ what, label }) => what === 'wheel-arch' || label.includes('arch')))
  const between = $derived(
    arches.length === 0
      ? undefined
      : clearWidth(
          interior,
          { min: arches[0]!.from[0] + 50, max: arches[0]!.to[0] - 50 },
          { min: lining.floorMm + 5, max: arches[0]!.to[2] - 5 },
        ),
  )
  let platformMm = $state(700)
  const strips = $derived(
    statureStrips(interior, people, { topMm: platformMm, mattressMm: BERTH.thickMm, wideMm: BERTH.longMm }),
  )
  const costs = $derived(sayLiningCost(liningCost(shell, lining, plan.changes, people, stationMm), lining.roofMm, unit))

  const TABS = [
    ['body', 'Body'],
    ['lining', 'Lining'],
    ['changes', 'Bodywork'],
  ] as const
  let tab: (typeof TABS)[number][0] = $state('body')

  let width = $state(600)
  let height = $state(740)
  const views = $derived(bodyViews(interior, stationMm))
  const STRIP_PX = 59
  const TITLES_PX = 26 + 28 + 24 + 8
  const frames: readonly [ViewFrame, ViewFrame] = $derived.by(() => {
    const size = ({ min, max }: Bounds) => ({ long: max[0] - min[0], high: max[1] - min[1] })
    const [plan, side] = [size(views.plan.bounds), size(views.side.bounds)]
    const room = Math.max(260, height - 40 - TITLES_PX - strips.length * STRIP_PX)
    const scale = Math.min((width - 90) / plan.long, room / (plan.high + side.high))
    const left = Math.max(0, (width - 60 - plan.long * scale) / 2)
    const above: ViewFrame = { id: 'plan', scale, left, top: 26, bounds: views.plan.bounds }
    return [above, { ...above, id: 'right', bounds: views.side.bounds, top: 26 + frameHeight(above) + 28 }]
  })
  const stripsTop = $derived(frames[1].top + frameHeight(frames[1]) + 24)
  const drawingHeight = $derived(stripsTop + strips.length * STRIP_PX)
  const sectionFrame = $derived(fitView('section', 300, 250, views.section.bounds, 10))

  /** The point under the pointer, in the view that it is over. */
  function pointUnder(event: PointerEvent): Probe | undefined {
    const box = (event.currentTarget as Element).getBoundingClientRect()
    const [px, py] = [event.clientX - box.left, event.clientY - box.top]
    const frame = frames.find((one) => py >= one.top - 8 && py <= one.top + frameHeight(one) + 8)
    if (frame === undefined) return undefined
    const [x, v] = toView(frame, [px, py])
    if (x < interior.xSpan.min - 100 || x > reachMm + 100) return undefined
    return frame.id === 'plan'
      ? { ...set, xMm: inBody(x), yMm: Math.round(v / 10) * 10 }
      : { ...set, xMm: inBody(x), zMm: Math.round(v / 10) * 10 }
  }
  function pointInSection(event: PointerEvent): Probe {
    const box = (event.currentTarget as Element).getBoundingClientRect()
    const [u, z] = toView(sectionFrame, [event.clientX - box.left, event.clientY - box.top])
    return { ...set, yMm: -Math.round(u / 10) * 10, zMm: Math.round(z / 10) * 10 }
  }
  const cross = ([x, y]: Vec2): string => `M${x - 6} ${y}h12M${x} ${y - 6}v12`
  let dragging = $state(false)

  function put(id: string | undefined, change: BodyChange): void {
    session.do({ type: 'change.put', variant: variantId, id: id ?? newId('change'), change })
  }
</script>

<svelte:head><title>{job.name} · vehicle · Zimmerman</title></svelte:head>

<div class="desk">
  <JobBar current="vehicle" shown={{ variant: variantId }} />
  <h1 class="sr-only">Vehicle</h1>
  <div class="desk-columns" style:--columns="21.4rem minmax(0, 1fr)">
    <aside class="flex flex-col" aria-label="Body and lining">
      <div class="flex items-baseline justify-between border-b border-line px-5 pt-4">
        <div role="tablist" aria-label="Of the vehicle" class="flex gap-4">
          {#each TABS as [id, words] (id)}
            <button
              role="tab"
              aria-selected={tab === id}
              aria-controls="vehicle-{id}"
              class="border-b-2 pb-1 font-semibold {tab === id
                ? 'border-pencil text-pencil'
                : 'border-transparent hover:text-pencil'}"
              onclick={() => (tab = id)}
              >{words}{id === 'changes' && Object.keys(plan.changes).length > 0
                ? ` ${Object.keys(plan.changes).length}`
                : ''}</button
            >
          {/each}
        </div>
      </div>
      <div id="vehicle-{tab}" role="tabpanel" aria-label={tab} class="min-h-0 flex-1 overflow-y-auto px-5 py-4">
        {#if tab !== 'body' && variants.length > 1}<label class="mb-3 flex items-baseline justify-between text-sm"
            ><span class="text-ink-2">Variant</span><select
              class="ruled"
              aria-label="Variant"
              value={variantId}
              onchange={(event) => (chosen = event.currentTarget.value)}
              >{#each variants as [id, { name }] (id)}<option value={id}>{name}</option>{/each}</select
            ></label
          >{/if}
        {#if tab === 'body'}
          <BodyPanel
            {shell}
            {unit}
            surveyHref="/jobs/{job.id}/survey"
            onmirror={() => {
              if (session.do({ type: 'vehicle.mirror' }))
                session.tell('Doors, arches and seats, and every variant’s plan, are on their other side.')
            }}
            onshell={(next) => session.do({ type: 'shell.put', shell: next })}
          />
        {:else if tab === 'lining'}
          <LiningPanel
            {lining}
            {unit}
            {costs}
            template={(face, format) =>
              `/api/jobs/${job.id}/template?variant=${variantId}&face=${face}&format=${format}`}
            onset={(next) => session.do({ type: 'lining.set', variant: variantId, lining: next })}
          />
        {:else}
          <ChangesPanel
            {shell}
            changes={plan.changes}
            {unit}
            onput={put}
            onremove={(id) => session.do({ type: 'change.remove', variant: variantId, id })}
          />
        {/if}
      </div>
    </aside>

    <main class="bg-sheet px-6 py-4" bind:clientHeight={height}>
      <div class="grid gap-5 min-[46rem]:grid-cols-[minmax(0,1fr)_21.4rem]">
        <div bind:clientWidth={width}>
          <svg
            {width}
            height={drawingHeight}
            class="block touch-none select-none"
            role="group"
            aria-label="The body from above and from the right, and where each person can stand, lie across and sit up"
            onpointerdown={(event) => {
              const point = pointUnder(event)
              if (point === undefined) return
              dragging = true
              event.currentTarget.setPointerCapture(event.pointerId)
              set = point
            }}
            onpointermove={(event) => {
              over = pointUnder(event)
              if (dragging && over !== undefined) set = over
            }}
            onpointerup={() => (dragging = false)}
            onpointerleave={() => (over = undefined)}
          >
            <text x={frames[0].left} y={frames[0].top - 9} class="view-title">From above</text>
            <Marks items={itemsOf(views.plan)} frame={frames[0]} />
            <text x={frames[1].left} y={frames[1].top - 9} class="view-title">Right wall, seen through</text>
            <Marks items={itemsOf(views.side)} frame={frames[1]} />
            <StripRows
              {strips}
              xSpan={{ min: interior.xSpan.min, max: reachMm }}
              {unit}
              top={stripsTop}
              toX={(mm) => toScreen(frames[0], [mm, 0])[0]}
            />
            <path d="M{toScreen(frames[0], [stationMm, 0])[0]} 4V{drawingHeight - 4}" class="station" />
            <path d="M{toScreen(frames[0], [stationMm, 0])[0] - 6} 0h12l-6 9z" fill="var(--pencil)" />
            {#each [toScreen( frames[0], [at.xMm, at.yMm] ), toScreen( frames[1], [at.xMm, at.zMm] )] as [x, y], index (index)}
              <path d="M{x - 6} {y}h12M{x} {y - 6}v12" class="cross" />
            {/each}
          </svg>
        </div>
        <div>
          <h2 class="caps">Section, bare and lined</h2>
          <svg
            width="300"
            height="250"
            role="img"
            aria-label="Section at {formatLength(stationMm, unit)} from the rear sill, seen from behind"
            onpointermove={(event) => (over = pointInSection(event))}
            onpointerdown={(event) => (set = pointInSection(event))}
            onpointerleave={() => (over = undefined)}
          >
            <Marks items={itemsOf(views.section)} frame={sectionFrame} />
            <path d={cross(toScreen(sectionFrame, [-at.yMm, at.zMm]))} class="cross" />
          </svg>
          <div class="grid grid-cols-1 gap-y-px text-[0.9286rem]">
            <LengthField
              label="section at, from the rear sill"
              mm={stationMm}
              {unit}
              min={interior.xSpan.min}
              max={interior.xSpan.max}
              width="4rem"
              onset={(mm) => (set = { ...set, xMm: mm })}
            />
            <LengthField
              label="above the load floor"
              mm={set.zMm}
              {unit}
              min={0}
              max={3000}
              width="4rem"
              onset={(mm) => (set = { ...set, zMm: mm })}
            />
            <LengthField
              label="left of the centreline"
              mm={set.yMm}
              {unit}
              min={-1250}
              max={1250}
              width="4rem"
              onset={(mm) => (set = { ...set, yMm: mm })}
            />
          </div>
          <dl class="mt-2 grid grid-cols-4 gap-x-3 border-t border-ink pt-1" aria-live="off" data-testid="readings">
            {#each readings as { words, figure, why } (words)}
              <div>
                <dt class="text-xs whitespace-nowrap text-ink-2 narrow">{words}</dt>
                <dd class="font-semibold"><Why about="{words} {figure}" lines={why}>{figure}</Why></dd>
              </div>
            {/each}
          </dl>
          <div class="mt-2 text-[0.9286rem]">
            <LengthField
              label="bed height for the bars below"
              mm={platformMm}
              {unit}
              min={100}
              max={2000}
              width="4rem"
              onset={(mm) => (platformMm = mm)}
            />
          </div>
          <div class="mt-3"><SpaceTable {rows} betweenMm={between} {interior} {unit} /></div>
          <BoardReadings {interior} {unit} />
          <p class="mt-2 text-sm text-ink-2">
            This plan has {count(modesOf(plan).length, { one: 'mode', many: 'modes' })} and {count(
              Object.keys(plan.fittings).length,
              { one: 'fitting', many: 'fittings' },
            )}.
            <a class="act" href="/jobs/{job.id}/plan">On to the plan</a>
          </p>
        </div>
      </div>
    </main>
  </div>
</div>

<style>
  .view-title {
    font-size: 11px;
    font-weight: 600;
    letter-spacing: 0.04em;
    fill: var(--ink-2);
    text-transform: uppercase;
  }
  .station {
    stroke: var(--pencil);
    stroke-dasharray: 12 3 2 3;
    fill: none;
    pointer-events: none;
  }
  .cross {
    stroke: var(--pencil);
    stroke-width: 1.5;
    fill: none;
    pointer-events: none;
  }
</style>
