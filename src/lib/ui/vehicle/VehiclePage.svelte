<script lang="ts">
  import { fullShellViews } from './shell-drawing'
  import { modesOf, variantsOf } from '$lib/core/job'
  import { clearWidth, GENERIC_SHELLS, interiorOf, spaceTable, type Lining, type SpaceRow } from '$lib/core/shell'
  import { SPACE_ROW_WORDS } from '$lib/core/text'
  import { formatLength, sayLength, sayMass } from '$lib/core/units'
  import HatchDefs from '../bench/HatchDefs.svelte'
  import { fitView, frameHeight, toScreen, toView, type ViewFrame } from '../bench/layout'
  import Marks from '../bench/Marks.svelte'
  import { getSession } from '../job/context'
  import JobBar from '../job/JobBar.svelte'
  import LengthField from '../parts/LengthField.svelte'
  import Why from '../parts/Why.svelte'

  const session = getSession()
  const job = $derived(session.job)
  const unit = $derived(job.units)
  const variants = $derived(variantsOf(job))
  let chosen: string | undefined = $state(undefined)
  const variantId = $derived(chosen !== undefined && job.variants[chosen] !== undefined ? chosen : variants[0]![0])
  const plan = $derived(job.variants[variantId]!.plan)
  const lining = $derived(plan.lining)
  const shell = $derived(job.shell)
  const interior = $derived(interiorOf(shell, lining))
  let stationMm = $state(2100)
  const rows = $derived(spaceTable(shell, lining, Math.min(stationMm, interior.xSpan.max)))
  const arches = $derived(shell.keepOuts.filter(({ label }) => label.includes('arch')))
  const between = $derived(
    arches.length === 0
      ? undefined
      : clearWidth(
          interior,
          { min: arches[0]!.from[0] + 50, max: arches[0]!.to[0] - 50 },
          { min: lining.floorMm + 5, max: arches[0]!.to[2] - 5 },
        ),
  )

  const FACES: readonly (readonly [keyof Lining & ('floorMm' | 'wallMm' | 'roofMm'), string, string])[] = [
    ['floorMm', 'Floor', 'battens, board and covering'],
    ['wallMm', 'Walls', 'ribs, insulation and panel'],
    ['roofMm', 'Roof', 'insulation and headlining'],
  ]

  let width = $state(600)
  const views = $derived(fullShellViews(interior, stationMm))
  const frames: readonly ViewFrame[] = $derived.by(() => {
    const plan = fitView('plan', width, 200, views.plan.bounds, 8)
    return [
      { ...plan, top: 12 },
      {
        ...plan,
        id: 'right',
        bounds: views.side.bounds,
        top: 24 + frameHeight({ ...plan, bounds: views.plan.bounds }),
      },
    ]
  })
  const sectionFrame = $derived(fitView('section', 300, 320, views.section.bounds, 18))
  let dragging = $state(false)
  function moveTo(event: PointerEvent): void {
    const box = (event.currentTarget as Element).getBoundingClientRect()
    const x = toView(frames[0]!, [event.clientX - box.left, 0])[0]
    stationMm = Math.round(Math.min(interior.xSpan.max, Math.max(interior.xSpan.min, x)) / 10) * 10
  }

  const why = (row: SpaceRow): string[] => {
    const [low, high] = row.tookMm
    const ends =
      row.id === 'length'
        ? ['the rear doors', 'the bulkhead']
        : row.id === 'height'
          ? ['the floor', 'the roof']
          : ['the right wall', 'the left wall']
    return [
      `${sayLength(row.bareMm, unit)} bare − ${sayLength(low, unit)} at ${ends[0]} − ${sayLength(high, unit)} at ${ends[1]} = ${sayLength(row.linedMm, unit)}.`,
      row.id.startsWith('width')
        ? `Measured level, ${sayLength(row.at.xMm, unit)} from the rear sill; a wall that leans loses more than its lining is thick.`
        : row.id === 'length'
          ? 'The rear doors are not lined here; a closed bulkhead is lined as the walls.'
          : `Measured ${sayLength(row.at.xMm, unit)} from the rear sill.`,
      'Geometry: each face moved inwards along its own normal.',
    ]
  }

  function chooseShell(id: string): void {
    const next = GENERIC_SHELLS.find((one) => one.id === id)
    if (next !== undefined && next.id !== shell.id) session.do({ type: 'shell.put', shell: next })
  }
</script>

<svelte:head><title>{job.name} · vehicle · Zimmerman</title></svelte:head>

<div class="flex h-screen flex-col">
  <JobBar current="vehicle" />
  <div class="grid min-h-0 flex-1 grid-cols-[300px_minmax(0,1fr)]">
    <aside class="overflow-y-auto border-r border-line px-5 py-6" aria-label="Body and lining">
      <label class="block"
        ><span class="caps">Body</span>
        <select
          class="mt-1 w-full ruled font-semibold"
          aria-label="Body"
          value={shell.id}
          onchange={(event) => chooseShell(event.currentTarget.value)}
        >
          {#each GENERIC_SHELLS as one (one.id)}<option value={one.id}>{one.name}</option>{/each}
          {#if !GENERIC_SHELLS.some((one) => one.id === shell.id)}<option value={shell.id}>{shell.name}</option>{/if}
        </select></label
      >
      <p class="mt-1 text-sm text-ink-2">
        A generic body with plausible figures. Measure the real one empty before anything is cut.
      </p>
      <dl class="mt-3 text-[13px]">
        {#each [['Wheelbase', sayLength(shell.axles.wheelbaseMm, unit)], ['Rear axle', `${sayLength(shell.axles.rearXMm, unit)} from sill`], ['Kerb mass', sayMass(shell.masses.kerbKg)], ['Gross mass', sayMass(shell.masses.grossKg)]] as [name, figure] (name)}
          <div class="flex justify-between border-b border-line py-1">
            <dt class="text-ink-2">{name}</dt>
            <dd>{figure}</dd>
          </div>
        {/each}
      </dl>

      <div class="mt-6 flex items-baseline justify-between">
        <h2 class="caps">Lining</h2>
        {#if variants.length > 1}<select
            class="ruled text-sm"
            aria-label="Variant"
            value={variantId}
            onchange={(event) => (chosen = event.currentTarget.value)}
            >{#each variants as [id, { name }] (id)}<option value={id}>{name}</option>{/each}</select
          >{/if}
      </div>
      <div class="mt-1 flex flex-col gap-1">
        {#each FACES as [key, name, what] (key)}
          <LengthField
            label={name}
            mm={lining[key]}
            {unit}
            min={0}
            max={150}
            onset={(mm) => session.do({ type: 'lining.set', variant: variantId, lining: { ...lining, [key]: mm } })}
          />
          <p class="-mt-1 mb-1 text-xs text-ink-2">{what}</p>
        {/each}
      </div>

      <h2 class="mt-5 caps">Openings</h2>
      <ul class="text-[13px]">
        {#each shell.openings as opening (opening.id)}
          <li class="border-b border-line py-1">
            <b class="font-semibold">{opening.label.charAt(0).toUpperCase() + opening.label.slice(1)}</b><br /><span
              class="text-ink-2"
              >{formatLength(opening.toMm - opening.fromMm, unit)} × {formatLength(
                opening.headMm - opening.sillMm,
                unit,
              )}, {opening.need === 'stay-free' ? 'stays free' : 'may be covered'}{opening.entrance
                ? ', way in'
                : ''}</span
            >
          </li>
        {/each}
      </ul>
      <p class="mt-4 text-xs text-caution">
        Cutting the body, windows and roof openings: the vehicle maker’s body-builder guide and local codes rule, and a
        licensed body shop does the work.
      </p>
    </aside>

    <main class="overflow-y-auto bg-sheet px-6 py-5">
      <div class="grid grid-cols-[minmax(0,1fr)_300px] gap-4">
        <div bind:clientWidth={width}>
          <svg
            {width}
            height="430"
            class="block touch-none select-none"
            role="img"
            aria-label="The body from above and from the right"
            onpointerdown={(event) => {
              dragging = true
              event.currentTarget.setPointerCapture(event.pointerId)
              moveTo(event)
            }}
            onpointermove={(event) => dragging && moveTo(event)}
            onpointerup={() => (dragging = false)}
          >
            <HatchDefs />
            <Marks items={views.plan.items} frame={frames[0]!} />
            <Marks items={views.side.items} frame={frames[1]!} />
            <path
              d="M{toScreen(frames[0]!, [stationMm, 0])[0]} 4V420"
              stroke="var(--pencil)"
              stroke-dasharray="12 3 2 3"
              fill="none"
            />
            <path d="M{toScreen(frames[0]!, [stationMm, 0])[0] - 6} 0h12l-6 9z" fill="var(--pencil)" />
          </svg>
        </div>
        <div>
          <div class="flex items-baseline justify-between"><h2 class="caps">Section, bare and lined</h2></div>
          <svg
            width="300"
            height="320"
            role="img"
            aria-label="Section at {formatLength(stationMm, unit)} from the rear sill"
          >
            <Marks items={views.section.items} frame={sectionFrame} />
          </svg>
          <LengthField
            label="cut at, from rear sill"
            mm={stationMm}
            {unit}
            min={interior.xSpan.min}
            max={interior.xSpan.max}
            onset={(mm) => (stationMm = mm)}
          />
        </div>
      </div>

      <table class="mt-2 w-full text-left" data-testid="space-table">
        <thead
          ><tr class="caps"
            ><th class="py-1">The load space</th><th class="text-right">bare</th><th class="text-right">lining took</th
            ><th class="text-right">lined</th></tr
          ></thead
        >
        <tbody>
          {#each rows as row (row.id)}
            <tr class="border-t border-line">
              <td class="py-1.5">{SPACE_ROW_WORDS[row.id]}</td>
              <td class="text-right">{formatLength(row.bareMm, unit)}</td>
              <td class="text-right text-ink-2">{formatLength(row.bareMm - row.linedMm, unit)}</td>
              <td class="text-right font-semibold" data-testid="lined-{row.id}"
                ><Why about="{SPACE_ROW_WORDS[row.id].toLowerCase()} is {sayLength(row.linedMm, unit)}" lines={why(row)}
                  >{formatLength(row.linedMm, unit)}</Why
                ></td
              >
            </tr>
          {/each}
          {#if between !== undefined}
            <tr class="border-t border-line"
              ><td class="py-1.5">Width between the wheel arches</td><td class="text-right"
                >{formatLength(between, unit)}</td
              ><td class="text-right text-ink-2">0</td>
              <td class="text-right font-semibold"
                ><Why
                  about="the width between the arches is {sayLength(between, unit)}"
                  lines={[
                    'Arches are taken as measured; no lining is put on them.',
                    'Geometry: from one keep-out to the other.',
                  ]}>{formatLength(between, unit)}</Why
                ></td
              ></tr
            >
          {/if}
        </tbody>
      </table>
      <p class="mt-3 text-sm text-ink-2">
        Lengths in {unit}. {modesOf(plan).length} modes, {Object.keys(plan.fittings).length} fittings stand in this body.
        <a class="act" href="/jobs/{job.id}/plan">On to the plan</a>
      </p>
    </main>
  </div>
</div>
