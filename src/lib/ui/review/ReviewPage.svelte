<script lang="ts">
  import { MediaQuery } from 'svelte/reactivity'
  import { sayTally } from '$lib/core/text'
  import { getSession } from '../job/context'
  import JobBar from '../job/JobBar.svelte'
  import { Desk } from './desk.svelte'
  import FaultDetail from './FaultDetail.svelte'
  import FaultList from './FaultList.svelte'
  import PlaceDrawing from './PlaceDrawing.svelte'
  import TallyTable from './TallyTable.svelte'

  const session = getSession()
  const desk = new Desk(session)

  $effect(() => () => {
    desk.keep()
    desk.close()
  })
  $effect(() => {
    void session.job
    void desk.look()
  })

  /** The ways out are tried anew when another fault is chosen, or the same one after a change. */
  const offered = $derived(desk.chosen)
  $effect(() => {
    if (offered !== undefined) void desk.offer(offered)
  })

  const reviewState = $derived(desk.stopped === undefined ? sayTally(desk.tally) : 'stopped')

  let main: HTMLElement | undefined = $state(undefined)
  /** One under the other, a finding that is chosen comes into sight. */
  const isNarrow = new MediaQuery('(max-width: 68.7rem)')
  let before: string | undefined
  $effect(() => {
    const key = desk.chosen?.finding.key
    if (isNarrow.current && before !== undefined && key !== undefined && key !== before) main?.scrollIntoView()
    before = key
  })

  function onkeydown(event: KeyboardEvent): void {
    const target = event.target as HTMLElement
    if (/^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName) || event.ctrlKey || event.metaKey || event.altKey) return
    if (event.key === 'ArrowDown' || event.key === 'j') desk.step(1)
    else if (event.key === 'ArrowUp' || event.key === 'k') desk.step(-1)
    else if (event.key === 'Escape' && desk.preview !== undefined) desk.preview = undefined
    else return
    event.preventDefault()
  }
</script>

<svelte:window {onkeydown} onpagehide={() => desk.keep()} />
<svelte:head><title>{session.job.name} · review · Zimmerman</title></svelte:head>

<div class="review grid overflow-hidden" data-testid="review">
  <div class="bar min-w-0">
    <h1 class="sr-only">Review</h1>
    <JobBar current="review" {reviewState} shown={{ variant: desk.variantId }}>
      <span
        ><span class="text-ink-2">variant</span>
        <b class="font-semibold">{session.job.variants[desk.variantId]?.name ?? ''}</b></span
      >
    </JobBar>
  </div>
  <aside class="flex min-h-0 min-w-0 flex-col border-r border-line py-3 pl-4" aria-label="Findings">
    <div class="pr-4"><TallyTable {desk} /></div>
    <FaultList {desk} />
    <p class="flex gap-5 border-t border-line pt-2 text-sm">
      <a class="act" href="/jobs/{session.id}/paper?what=client&variant={desk.variantId}">Sheet for the client</a>
      <a class="act" href="/jobs/{session.id}/rules">Rules of this job</a>
    </p>
  </aside>
  <main bind:this={main} class="grid min-h-0 min-w-0">
    <PlaceDrawing {desk} />
    <div class="min-h-0 border-t border-line">
      {#if desk.chosen !== undefined}<FaultDetail {desk} fault={desk.chosen} />{:else if desk.review !== undefined}
        <p class="p-4 text-ink-2">
          Choose a finding on the left. The rules behind them are in the <a class="act" href="/rules">book of rules</a>.
        </p>{/if}
    </div>
    <nav
      class="no-print thumb fixed inset-x-0 bottom-0 z-10 justify-between border-t border-ink bg-sheet px-4"
      aria-label="From finding to finding"
    >
      <button class="min-h-11 px-3 act" onclick={() => window.scrollTo({ top: 0 })}>List</button>
      <button class="min-h-11 px-3 act" onclick={() => desk.step(-1)}>Previous</button>
      <button class="min-h-11 px-3 act" onclick={() => desk.step(1)}>Next</button>
    </nav>
  </main>
</div>

<style>
  .review {
    height: 100dvh;
    grid-template-columns: 24.9rem minmax(0, 1fr);
    grid-template-rows: auto minmax(0, 1fr);
  }
  .bar {
    grid-column: 1 / -1;
  }
  main {
    grid-template-rows: minmax(0, 1fr) 20.9rem;
  }
  .thumb {
    display: none;
  }
  /* Read one under the other: the list, the drawing, the finding; what a thumb needs stays at the foot. */
  @media (max-width: 68.7rem) {
    .review {
      height: auto;
      min-height: 100dvh;
      overflow: visible;
      grid-template-columns: minmax(0, 1fr);
      grid-template-rows: auto;
    }
    aside {
      border-right: 0;
      padding-right: 1rem;
    }
    main {
      grid-template-rows: 24rem auto;
      scroll-margin-top: 0;
      padding-bottom: 4rem;
    }
    .thumb {
      display: flex;
    }
  }
</style>
