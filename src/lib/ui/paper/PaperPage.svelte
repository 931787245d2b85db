<script lang="ts">
  import { goto } from '$app/navigation'
  import { page } from '$app/state'
  import { PAPER_IDS, PAPER_KINDS, PAPER_WORDS } from '$lib/core/paper'
  import { count } from '$lib/core/text'
  import { getSession } from '../job/context'
  import JobBar from '../job/JobBar.svelte'
  import { fieldsOf, search } from '../parts/search'
  import Stopped from '../parts/Stopped.svelte'
  import { Papers, type Wish } from './papers.svelte'
  import { Saving } from './saving.svelte'
  import Sheet from './Sheet.svelte'
  import ShopPaperForm from './ShopPaperForm.svelte'

  const session = getSession()
  const papers = new Papers(session, () => fieldsOf(page.url.search) as Partial<Wish>)
  const saving = new Saving()
  const STEP_OF = {
    vehicle: 'vehicle',
    survey: 'vehicle',
    bought: 'vehicle',
    questions: 'brief',
    brief: 'brief',
    demands: 'brief',
    vehicles: 'brief',
    review: 'review',
    client: 'review',
    weight: 'budgets',
    power: 'budgets',
    wiring: 'budgets',
    rules: 'review',
  } as const
  const current = $derived(papers.kind in STEP_OF ? STEP_OF[papers.kind as keyof typeof STEP_OF] : 'plan')

  $effect(() => () => papers.close())
  $effect(() => void papers.draw())

  function wish(field: keyof Wish, value: string): void {
    const { mode, ...rest } = fieldsOf(page.url.search)
    // of another variant it may be none
    const kept = field === 'variant' ? rest : { mode, ...rest }
    void goto(`?${search({ ...kept, [field]: value })}`, { replaceState: true, noScroll: true, keepFocus: true })
  }

  const sheetsSaid = $derived(count(papers.of ?? papers.sheets.length, { one: 'sheet', many: 'sheets' }))
  /** Paper is so large on the printer as the sheets are: nothing is scaled there. */
  const paperRule = $derived.by(() => {
    const [first] = papers.sheets
    return first === undefined ? '' : `@page { size: ${first.widthMm}mm ${first.heightMm}mm; margin: 0 }`
  })
  $effect(() => {
    const style = document.createElement('style')
    style.textContent = paperRule
    document.head.append(style)
    return () => style.remove()
  })
</script>

<svelte:head><title>{session.job.name} · {PAPER_WORDS[papers.kind].toLowerCase()} · Zimmerman</title></svelte:head>

<div class="paper-page desk">
  <div class="no-print"><JobBar {current} /></div>
  <h1 class="sr-only">On paper</h1>
  <div class="desk-columns" style="--columns: 17.5rem minmax(0, 1fr)">
    <aside class="no-print px-4 py-3" aria-label="What is printed">
      <ul>
        {#each PAPER_KINDS as kind (kind)}
          <li>
            <button
              class="w-full border-b border-line py-0.5 text-left {kind === papers.kind
                ? 'font-semibold'
                : 'text-ink-2 hover:text-pencil'}"
              aria-pressed={kind === papers.kind}
              onclick={() => wish('what', kind)}>{PAPER_WORDS[kind]}</button
            >
          </li>
        {/each}
      </ul>
      <div class="mt-3 grid grid-cols-[4.5rem_minmax(0,1fr)] items-baseline gap-x-2 gap-y-1 text-[0.9286rem]">
        {#if papers.showsVariant && papers.variants.length > 1}
          <label class="contents"
            ><span class="text-ink-2">variant</span>
            <select
              aria-label="variant"
              class="min-w-0 ruled"
              value={papers.variantId}
              onchange={(event) => wish('variant', event.currentTarget.value)}
            >
              {#each papers.variants as [id, variant] (id)}<option value={id}>{variant.name}</option>{/each}
            </select></label
          >
        {/if}
        {#if papers.showsMode}
          <label class="contents"
            ><span class="text-ink-2">mode</span>
            <select
              aria-label="mode"
              class="min-w-0 ruled"
              value={papers.modeId}
              onchange={(event) => wish('mode', event.currentTarget.value)}
            >
              {#each papers.modes as [id, mode] (id)}<option value={id}>{mode.name}</option>{/each}
            </select></label
          >
        {/if}
        <label class="contents"
          ><span class="text-ink-2">paper</span>
          <select
            aria-label="paper"
            class="min-w-0 ruled"
            value={papers.paper}
            onchange={(event) => wish('paper', event.currentTarget.value)}
          >
            {#each PAPER_IDS as id (id)}<option value={id}>{id}</option>{/each}
          </select></label
        >
        <label class="contents"
          ><span class="text-ink-2">held</span>
          <select
            aria-label="held"
            class="min-w-0 ruled"
            value={papers.across ? '1' : '0'}
            onchange={(event) => wish('across', event.currentTarget.value)}
          >
            <option value="1">across</option><option value="0">upright</option>
          </select></label
        >
        {#if papers.hasScale}
          <label class="contents"
            ><span class="text-ink-2">scale</span>
            <select
              aria-label="scale"
              class="min-w-0 ruled"
              value={papers.scale === undefined ? '' : String(papers.scale)}
              onchange={(event) => wish('scale', event.currentTarget.value)}
            >
              <option value="">as large as fits</option>
              {#each papers.scales as scale (scale)}<option value={String(scale)}>1 : {scale}</option>{/each}
            </select></label
          >
        {/if}
      </div>
      {#if papers.takesPhotos}
        <div class="mt-2 text-[0.9286rem]">
          {#if papers.showsVariant}<label class="flex items-center gap-1"
              ><input
                type="checkbox"
                class="accent-pencil"
                checked={papers.withNotes}
                onchange={(event) => wish('notes', event.currentTarget.checked ? '1' : '')}
              /> with the notes on the drawing</label
            >{/if}
          <label class="flex items-center gap-1"
            ><input
              type="checkbox"
              class="accent-pencil"
              checked={papers.withPhotos}
              onchange={(event) => wish('photos', event.currentTarget.checked ? '1' : '')}
            /> with photos</label
          >
        </div>
      {/if}
      <div class="mt-4 flex flex-wrap items-center gap-x-4 gap-y-1">
        <button
          class="act-main"
          disabled={papers.sheets.length === 0 || papers.of !== undefined}
          onclick={() => print()}>Print</button
        >
        <button
          class="act"
          disabled={saving.what !== undefined}
          onclick={() => saving.save('PDF', papers.fileHref('pdf'))}>Save as PDF</button
        >
        {#if papers.showsVariant}
          <button
            class="act"
            disabled={saving.what !== undefined}
            onclick={() => saving.save('DXF', papers.fileHref('dxf'))}>Drawing as DXF</button
          >
        {/if}
      </div>
      <p class="mt-1 min-h-6 text-sm text-ink-2" role="status" data-testid="progress">
        {#if saving.what !== undefined}
          {saving.written.of > 0
            ? `Writing sheet ${saving.written.done} of ${saving.written.of} as ${saving.what}`
            : `Writing ${sheetsSaid} as ${saving.what}`}, {saving.seconds} s
          <button class="act" onclick={() => saving.stop()}>Stop</button>
        {:else if papers.of !== undefined}
          {papers.of === 0 ? 'Drawing the sheets…' : `Sheet ${papers.sheets.length} of ${papers.of}…`}
        {:else}
          {sheetsSaid}
        {/if}
      </p>
      {#if saving.fault !== ''}<p role="alert" class="text-sm text-stop">{saving.fault}</p>{/if}
      {#each papers.leftOut as words (words)}<p class="mt-1 text-sm text-caution" data-testid="left-out">
          {words}
        </p>{/each}
      {#if session.save.kind !== 'saved'}
        <p class="mt-1 text-sm text-ink-2">What is not saved yet is on these sheets, and not in a PDF.</p>
      {/if}
      <ShopPaperForm {papers} />
    </aside>
    <main class="sheets bg-wood/50 px-6 py-5" aria-label="Sheets">
      <Stopped what="The drawing of the sheets" why={papers.stopped} onagain={() => papers.draw()} />
      {#each papers.sheets as sheet, index (index)}
        <Sheet
          {sheet}
          number={index + 1}
          of={papers.of === undefined || papers.of === 0 ? papers.sheets.length : papers.of}
          onsave={() => saving.save('SVG', papers.fileHref('svg', index + 1))}
        />
      {/each}
    </main>
  </div>
</div>

<style>
  @media print {
    .sheets {
      padding: 0;
      background: none;
    }
  }
</style>
