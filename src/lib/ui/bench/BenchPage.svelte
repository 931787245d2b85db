<script lang="ts">
  import { onDestroy } from 'svelte'
  import { replaceState } from '$app/navigation'
  import { page } from '$app/state'
  import type { ResolvedDemand } from '$lib/core/brief'
  import type { Made } from '$lib/core/fittings'
  import type { Vec2 } from '$lib/core/geometry'
  import { fittingFor } from '$lib/core/needs'
  import { runOf } from '$lib/core/scene'
  import { sayTally, sayWeightState } from '$lib/core/text'
  import { getSession } from '../job/context'
  import JobBar from '../job/JobBar.svelte'
  import { Bench } from './bench.svelte'
  import DemandsColumn from './DemandsColumn.svelte'
  import Drawing from './Drawing.svelte'
  import HandColumn from './HandColumn.svelte'
  import { meaningOf, type ActionId } from './keys'
  import ModeStrip from './ModeStrip.svelte'
  import { addressOf, keepPlace, lastPlace, placeIn } from './place'
  import type Keys from './KeysDialog.svelte'
  import type Compare from './CompareDialog.svelte'
  import type Choices from './DemandChoices.svelte'
  import type Here from './HereMenu.svelte'
  import type Modules from './ModulesDialog.svelte'
  import type Sheet from './SheetDialog.svelte'
  import type Search from './SearchDialog.svelte'
  import VariantMenu from './VariantMenu.svelte'

  const session = getSession()
  const bench = new Bench(session)
  onDestroy(() => bench.close())

  // the address first; one who comes by the steps is taken back to where they were in this tab
  if (page.url.search === '') bench.goTo(lastPlace(session.id), false)
  else bench.goTo(placeIn(page.url.searchParams))
  /** The address follows at rest: what is dragged or zoomed writes it once. */
  const REST_MS = 250
  $effect(() => {
    const place = bench.here
    const timer = setTimeout(() => {
      keepPlace(session.id, place)
      replaceState(addressOf(place), page.state)
    }, REST_MS)
    return () => clearTimeout(timer)
  })

  let drawing: Drawing | undefined = $state(undefined)
  let searching = $state(false)
  /** Not part of opening a plan: it comes when it is first asked for, and keys wait for it. */
  let SearchDialog: typeof Search | undefined = $state.raw(undefined)
  /** What is typed into the search, also before its field is there to take it. */
  let sought = $state('')
  /** Enter was pressed before the field was there. */
  let isChosen = $state(false)
  function search(): void {
    sought = ''
    isChosen = false
    searching = true
    void import('./SearchDialog.svelte').then((module) => (SearchDialog = module.default))
  }
  let libraryOpen = $state(false)
  let ModulesDialog: typeof Modules | undefined = $state.raw(undefined)
  function library(): void {
    libraryOpen = true
    void import('./ModulesDialog.svelte').then((module) => (ModulesDialog = module.default))
  }
  let sheetOpen = $state(false)
  let SheetDialog: typeof Sheet | undefined = $state.raw(undefined)
  function sheet(): void {
    sheetOpen = true
    void import('./SheetDialog.svelte').then((module) => (SheetDialog = module.default))
  }
  let compareOpen = $state(false)
  let CompareDialog: typeof Compare | undefined = $state.raw(undefined)
  function compare(): void {
    if (bench.variants.length < 2)
      return session.tell('There is one variant only: make a second from the menu of variants.')
    compareOpen = true
    void import('./CompareDialog.svelte').then((module) => (CompareDialog = module.default))
  }
  let keysOpen = $state(false)
  let KeysDialog: typeof Keys | undefined = $state.raw(undefined)
  function keys(): void {
    keysOpen = true
    void import('./KeysDialog.svelte').then((module) => (KeysDialog = module.default))
  }
  let barPx = $state(48)
  /** Where there is little room the columns are sheets from the edges: which one is out. */
  let sheetSide: 'left' | 'right' | undefined = $state(undefined)
  const SHEETS = [
    ['left', 'Demands', 'demands-sheet'],
    ['right', 'Selection', 'hand-sheet'],
  ] as const
  // what is asked about is in sight
  $effect(() => {
    void bench.asked
    if (bench.openFinding !== undefined) sheetSide = 'right'
  })
  let historyOpen = $state(false)
  let HereMenu: typeof Here | undefined = $state.raw(undefined)
  let asked: { readonly at: Vec2; readonly here: readonly string[] } = $state.raw({ at: [0, 0], here: [] })
  let askedOpen = $state(false)
  function ask(at: Vec2, here: readonly string[]): void {
    const [first] = here
    if (first !== undefined && !here.some((id) => bench.inHand.includes(id))) bench.select(first)
    asked = { at, here }
    void import('./HereMenu.svelte').then((module) => {
      HereMenu = module.default
      askedOpen = true
    })
  }
  /** What is dragged in from the side, and the demand that it was taken by. */
  let brought:
    { made: Made; from: readonly [number, number]; over: boolean; demand?: ResolvedDemand | undefined } | undefined =
    $state.raw(undefined)
  /** Not part of opening a plan either. */
  let DemandChoices: typeof Choices | undefined = $state.raw(undefined)
  const isChoosing = $derived(bench.placing.choosing !== undefined)
  $effect(() => {
    if (isChoosing) void import('./DemandChoices.svelte').then((module) => (DemandChoices = module.default))
  })

  // what is dragged in needs the drawing
  $effect(() => {
    if (brought?.over === true || bench.placing.choosing !== undefined || bench.placing.waiting !== undefined)
      sheetSide = undefined
  })
  $effect(() => bench.checked.request())
  /** A plan without a battery, or with nothing that charges it, has not come to power yet. */
  const hasPower = $derived.by(() => {
    const facts = bench.scene.placed.map((placed) => placed.facts)
    return (
      facts.some(({ holds }) => holds.some(({ what }) => what === 'charge')) &&
      facts.some(
        ({ gives, inlet }) => inlet === 'mains' || gives.some(({ what }) => what === 'sun' || what === 'charger'),
      )
    )
  })
  $effect(() => bench.power.look(session.job, bench.variantId, hasPower))

  const reviewState = $derived(bench.checked.stopped === undefined ? sayTally(bench.checked.tally) : 'stopped')

  function act(id: ActionId): void {
    switch (id) {
      case 'next':
        return bench.pick(1)
      case 'previous':
        return bench.pick(-1)
      case 'turn':
        return bench.editing.turn()
      case 'mirror':
        return bench.editing.mirror()
      case 'duplicate':
        return bench.editing.duplicate()
      case 'remove':
        return bench.editing.remove()
      case 'undo':
        return session.undo()
      case 'redo':
        return session.redo()
      case 'search':
        return search()
      case 'type-distance':
        document.querySelector<HTMLElement>('[data-testid="tape"] input')?.focus()
        return
      case 'group':
        return bench.editing.toggleGroup()
      case 'lock':
        return bench.editing.toggleLock()
      case 'mirror-plan':
        return bench.editing.mirrorPlan()
      case 'run':
        return bench.arrange('run', runOf(bench.scene, bench.inHand))
      case 'keys':
        return keys()
      case 'whole':
        return drawing?.fit()
      case 'zoom-in':
        return drawing?.zoomBy(1)
      case 'zoom-out':
        return drawing?.zoomBy(-1)
      case 'tape':
        return bench.paper.take({ kind: 'tape' })
      case 'note':
        return bench.paper.take({ kind: 'note' })
      case 'sheet':
        return sheet()
      case 'compare':
        return compare()
      case 'menu': {
        const place = drawing?.middleOf(bench.selectedId)
        if (place !== undefined) ask(place, bench.inHand.slice(0, 1))
        return
      }
      case 'look-into':
        return bench.lookInto()
      case 'modules':
        return library()
      case 'people':
        bench.people = !bench.people
        return
      case 'history':
        historyOpen = true
        return
      case 'let-go':
        if (bench.editing.asksInside) {
          bench.editing.asksInside = false
          return
        }
        if (bench.paper.escape()) return
        if (bench.playing !== undefined) return bench.stopPlaying()
        if (bench.placing.waiting !== undefined) return bench.placing.endWaiting(false)
        if (drawing?.cancel() !== true) {
          bench.takesSeveral = false
          bench.hand.putBack()
          brought = undefined
          bench.select(undefined)
        }
        return
      default: {
        const mode = bench.modes[Number(id.slice(-1)) - 1]
        if (mode !== undefined) bench.showMode(mode[0])
      }
    }
  }

  function onkeydown(event: KeyboardEvent): void {
    const target = event.target as HTMLElement
    if (searching && !/^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName)) {
      // the field is on its way: nothing that is typed for it is lost, or does anything to the drawing
      if (event.ctrlKey || event.metaKey || event.altKey) return
      if (event.key === 'Escape') searching = false
      else if (isChosen) return
      else if (event.key === 'Enter') isChosen = true
      else if (event.key === 'Backspace') sought = sought.slice(0, -1)
      else if ([...event.key].length === 1) sought += event.key
      else return
      return event.preventDefault()
    }
    if (
      searching ||
      libraryOpen ||
      keysOpen ||
      sheetOpen ||
      compareOpen ||
      historyOpen ||
      askedOpen ||
      event.defaultPrevented ||
      /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName) ||
      target.closest('[role="dialog"], [role="menu"]') !== null
    )
      return
    if (event.key === ' ' && !/^(BUTTON|A|SUMMARY)$/.test(target.tagName)) {
      event.preventDefault()
      bench.isPanning = true
      return
    }
    if (bench.placing.waiting !== undefined && event.key === 'Enter') {
      event.preventDefault()
      return bench.placing.endWaiting(true)
    }
    const meaning = meaningOf(event)
    if (meaning === undefined || (meaning.kind === 'action' && (meaning.id === 'undo' || meaning.id === 'redo'))) return
    if (meaning.kind === 'nudge' && bench.selected === undefined) return
    if (bench.placing.waiting !== undefined && !(meaning.kind === 'action' && meaning.id === 'let-go')) return
    event.preventDefault()
    if (meaning.kind === 'nudge') bench.editing.nudge(meaning.axis, meaning.mm)
    else act(meaning.id)
  }

  function onpick(demand: ResolvedDemand, event: PointerEvent): void {
    const made = fittingFor(demand)
    if (event.button !== 0) return
    if (made === undefined) return bench.placing.placeDemand(demand)
    drag(made, event, demand)
  }

  function drag(made: Made, event: PointerEvent, demand?: ResolvedDemand): void {
    brought = { made, from: [event.clientX, event.clientY], over: false, demand }
    ;(event.currentTarget as Element).releasePointerCapture?.(event.pointerId)
  }
  /** A hand that moves no more has clicked. */
  const CLICK_PX = 5
  const isClick = (from: readonly [number, number], event: PointerEvent): boolean =>
    Math.hypot(event.clientX - from[0], event.clientY - from[1]) < CLICK_PX

  function onpointermove(event: PointerEvent): void {
    if (bench.placing.waiting === undefined && brought === undefined) return
    const place = drawing?.viewAt(event)
    if (bench.placing.waiting !== undefined && place !== undefined)
      return bench.placing.bring(bench.placing.waiting, place.view, place.at, place.scale)
    if (brought === undefined) return
    if (place === undefined) {
      if (brought.over) bench.hand.putBack()
      brought = { ...brought, over: false }
      return
    }
    if (!brought.over && isClick(brought.from, event)) return
    bench.placing.choosing = undefined
    brought = { ...brought, over: true }
    bench.placing.bring(brought.made, place.view, place.at, place.scale)
  }

  function onpointerup(event: PointerEvent): void {
    if (bench.placing.waiting !== undefined && drawing?.viewAt(event) !== undefined)
      return bench.placing.endWaiting(true)
    if (brought === undefined) return
    const { over, demand, from } = brought
    brought = undefined
    if (over) bench.hand.putDown()
    else if (demand !== undefined && isClick(from, event)) bench.placing.placeDemand(demand)
  }
</script>

<svelte:window
  {onkeydown}
  onkeyup={(event) => event.key === ' ' && (bench.isPanning = false)}
  onblur={() => (bench.isPanning = false)}
  {onpointermove}
  {onpointerup}
/>

<svelte:head><title>{session.job.name} · plan · Zimmerman</title></svelte:head>

<div
  class="bench grid h-dvh overflow-hidden {brought === undefined && bench.placing.waiting === undefined
    ? ''
    : 'cursor-grabbing select-none'}"
  data-testid="bench"
  style:--bar="{barPx}px"
>
  <h1 class="sr-only">Plan</h1>
  <div class="col-span-3 min-w-0" bind:clientHeight={barPx}>
    <JobBar
      current="plan"
      {reviewState}
      shown={{ variant: bench.variantId, mode: bench.modeId }}
      budgetState={sayWeightState(bench.checked.margins)}
      bind:historyOpen><VariantMenu {bench} oncompare={compare} /></JobBar
    >
  </div>
  <aside class="sheet left min-h-0 border-r border-line bg-paper" class:open={sheetSide === 'left'} id="demands-sheet">
    <DemandsColumn {bench} {onpick} onsearch={search} />
  </aside>
  <main class="relative min-h-0 min-w-0 bg-sheet">
    <Drawing bind:this={drawing} {bench} onmenu={ask} />
    {#if bench.placing.choosing !== undefined && DemandChoices !== undefined}
      {#key bench.placing.choosing.demand}
        <DemandChoices
          {bench}
          scale={drawing?.planScale() ?? 0.1}
          ondrag={(choice, event) => drag(choice.made, event)}
        />
      {/key}
    {/if}
  </main>
  <aside class="sheet right min-h-0 border-l border-line bg-paper" class:open={sheetSide === 'right'} id="hand-sheet">
    <HandColumn {bench} onlibrary={library} onmenu={ask} />
  </aside>
  <div class="tabs">
    {#each SHEETS as [side, label, controls] (side)}
      <button
        class="tab {side}"
        aria-expanded={sheetSide === side}
        aria-controls={controls}
        onclick={() => (sheetSide = sheetSide === side ? undefined : side)}>{label}</button
      >
    {/each}
  </div>
  <div class="col-span-3 min-w-0"><ModeStrip {bench} /></div>
</div>
{#if SearchDialog !== undefined}<SearchDialog
    {bench}
    bind:open={searching}
    bind:text={sought}
    bind:isChosen
    onaction={act}
  />{/if}
{#if HereMenu !== undefined}<HereMenu {bench} bind:open={askedOpen} {...asked} onaction={act} />{/if}
{#if KeysDialog !== undefined}<KeysDialog bind:open={keysOpen} />{/if}
{#if CompareDialog !== undefined}<CompareDialog {bench} bind:open={compareOpen} />{/if}
{#if SheetDialog !== undefined}<SheetDialog {bench} bind:open={sheetOpen} />{/if}
{#if ModulesDialog !== undefined}<ModulesDialog {bench} bind:open={libraryOpen} />{/if}

<style>
  .bench {
    grid-template-columns: 15.6rem minmax(0, 1fr) 18.75rem;
    grid-template-rows: auto minmax(0, 1fr) auto;
  }
  .tabs {
    display: none;
  }
  /* On a tablet, and where letters are large, the columns are sheets that come in from the edges: the drawing has all the room. */
  @media (max-width: 68.7rem) {
    .bench {
      grid-template-columns: minmax(0, 1fr);
    }
    .bench > :global(.col-span-3) {
      grid-column: 1;
    }
    .sheet {
      position: fixed;
      top: var(--bar, 3.5rem);
      bottom: 4.5rem;
      z-index: 30;
      width: min(22rem, 88%);
      visibility: hidden;
    }
    .left {
      left: 0;
      translate: -100% 0;
    }
    .right {
      right: 0;
      translate: 100% 0;
    }
    .open {
      translate: 0 0;
      visibility: visible;
      border-block: 1px solid var(--ink);
    }
    @media (prefers-reduced-motion: no-preference) {
      .sheet {
        transition:
          translate 0.15s,
          visibility 0.15s;
      }
    }
    .tabs {
      display: block;
    }
    .tab {
      position: fixed;
      top: 50%;
      z-index: 31;
      min-width: 40px;
      padding: 0.9rem 0.5rem;
      border: 1px solid var(--ink);
      background: var(--sheet);
      font-weight: 600;
      writing-mode: vertical-rl;
      translate: 0 -50%;
    }
    .tab.left {
      left: 0;
      border-left: 0;
      rotate: 180deg;
      translate: 0 -50%;
    }
    .tab.right {
      right: 0;
      border-right: 0;
      translate: 0 -50%;
    }
    .tab[aria-expanded='true'].left {
      left: min(22rem, 88%);
    }
    .tab[aria-expanded='true'].right {
      right: min(22rem, 88%);
    }
  }
</style>
