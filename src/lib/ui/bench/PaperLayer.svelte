<script lang="ts">
  import type { Vec2 } from '$lib/core/geometry'
  import { formatLength, parseLength, sayLength } from '$lib/core/units'
  import Photos from '../parts/Photos.svelte'
  import { toScreen, type ViewFrame } from '../drawing/layout'
  import type { Bench } from './bench.svelte'
  import { lengthOf } from './on-paper.svelte'
  import type { PaperMarks } from './paper-marks'

  interface Props {
    bench: Bench
    frames: readonly ViewFrame[]
    marks: PaperMarks
    width: number
    height: number
  }
  let { bench, frames, marks, width, height }: Props = $props()

  const { paper } = $derived(bench)
  const unit = $derived(bench.session.job.units)
  const { lines, notes } = $derived(marks)
  const open = $derived(notes.find(({ id }) => id === paper.openId))
  const openLine = $derived(lines.find(({ id }) => id === paper.openId))
  const newLine = $derived(lines.find(({ isNew }) => isNew))
  const isScaling = $derived(paper.tool?.kind === 'sheet-scale')
  const writingAt = $derived.by((): Vec2 | undefined => {
    const place = paper.writing === undefined ? undefined : paper.placeOf(paper.writing.note)
    const frame = frames.find(({ id }) => id === paper.writing?.note.view)
    return frame === undefined || place === undefined ? undefined : toScreen(frame, place)
  })
  /** A small window beside a point, kept on the sheet. */
  const beside = ([x, y]: Vec2, wide: number, high: number): string =>
    `left:${Math.max(4, Math.min(width - wide - 4, x + 14))}px;top:${Math.max(26, Math.min(height - high - 4, y + 10))}px;width:${wide}px`

  let text = $state('')
  let field: HTMLTextAreaElement | undefined = $state(undefined)
  $effect(() => {
    if (paper.writing !== undefined) text = paper.writing.note.text
  })
  $effect(() => field?.focus())
  function save(): void {
    const { writing } = paper
    const words = text.trim()
    if (writing === undefined) return
    if (words !== '' && !paper.put(writing.id, { ...writing.note, text: words })) return
    paper.writing = undefined
  }
  let truth = $state('')
  let truthFault = $state('')
  function scale(): void {
    const read = parseLength(truth, unit)
    if (!read.ok || !(read.value > 0)) {
      truthFault = read.ok ? 'It is longer than that.' : read.fault
      return
    }
    if (paper.tool?.kind === 'sheet-scale') paper.setScale(paper.tool.id, read.value)
    truth = ''
    truthFault = ''
  }
  const tools: Readonly<Record<string, string>> = {
    tape: 'Drag from one point to another, or click both. Esc ends.',
    note: 'Click where the note belongs. Esc ends.',
    'sheet-move': 'Drag the sheet to its place. Esc ends.',
    'sheet-scale': 'Drag along something on the sheet of which you know the length. Esc ends.',
  }
</script>

<svg {width} {height} class="pointer-events-none absolute inset-0">
  {#each lines as { id, a, b, text: figure, isNew } (id)}
    <g data-mark="drawn" data-testid="tape-{isNew ? 'new' : 'kept'}" class={['line', isNew && 'new']}>
      <path d="M{a[0]} {a[1]}L{b[0]} {b[1]}" class="stroke" />
      {#each [a, b] as [x, y], index (index)}<path d="M{x - 3} {y + 3}l6 -6" class="stroke" />{/each}
      <text x={(a[0] + b[0]) / 2} y={(a[1] + b[1]) / 2} dy="0.35em" text-anchor="middle">{figure}</text>
      {#if !isNew}
        <path
          d="M{a[0]} {a[1]}L{b[0]} {b[1]}"
          class="reach"
          role="button"
          tabindex="0"
          aria-label="Tape, {figure}"
          onclick={() => (paper.openId = id)}
          onkeydown={(event) => event.key === 'Enter' && (paper.openId = id)}
        />
      {/if}
    </g>
  {/each}
  {#each notes as { id, note, at } (id)}
    <g
      data-mark="drawn"
      data-testid="note"
      transform="translate({at[0]} {at[1]})"
      class="note"
      role="button"
      tabindex="0"
      aria-label="Note: {note.text}"
      onclick={() => (paper.openId = paper.openId === id ? undefined : id)}
      onkeydown={(event) => event.key === 'Enter' && (paper.openId = id)}
    >
      <title>{note.text}</title>
      <path d="M0 0V-16H12L15 -12.5L12 -9H0" class="flag" />
      <path d="M-8 -20H18V4H-8Z" class="reach-box" />
    </g>
  {/each}
</svg>
{#if paper.tool !== undefined && !(isScaling && newLine !== undefined)}
  <p
    class="pointer-events-none absolute top-7 left-1/2 -translate-x-1/2 border border-ink bg-sheet px-3 py-1 text-sm"
    role="status"
    data-testid="tool"
  >
    {tools[paper.tool.kind]}
  </p>
{/if}
{#if newLine !== undefined && paper.tape !== undefined && (paper.tool === undefined || isScaling)}
  <div
    class="absolute z-20 border border-ink bg-sheet px-3 py-1.5 text-sm"
    style={beside(newLine.b, 210, 60)}
    data-mark="drawn"
  >
    {#if isScaling}
      <label class="flex items-baseline justify-between gap-2"
        >in truth <input
          class="w-24 ruled text-right"
          aria-label="Its true length"
          bind:value={truth}
          onkeydown={(event) => {
            event.stopPropagation()
            if (event.key === 'Enter') scale()
            if (event.key === 'Escape') paper.escape()
          }}
        /></label
      >
      {#if truthFault !== ''}<p role="alert" class="text-xs text-stop">{truthFault}</p>{/if}
      <button class="act" onclick={scale}>Set the scale</button>
    {:else}
      <p class="flex justify-between gap-3">
        <span
          ><b class="font-semibold">{sayLength(lengthOf(paper.tape), unit)}</b>
          <span class="text-ink-2"
            >{formatLength(Math.abs(paper.tape.to[0] - paper.tape.from[0]), unit)} × {formatLength(
              Math.abs(paper.tape.to[1] - paper.tape.from[1]),
              unit,
            )}</span
          ></span
        >
      </p>
      <p class="flex gap-3">
        <button class="act" onclick={() => paper.keepTape()}>Keep</button>
        <button class="act" onclick={() => paper.escape()}>Clear</button>
      </p>
    {/if}
  </div>
{/if}
{#if openLine !== undefined}
  <p class="absolute z-20 flex gap-3 border border-ink bg-sheet px-3 py-1 text-sm" style={beside(openLine.b, 190, 30)}>
    <b class="font-semibold">{openLine.text}</b>
    <button class="act" onclick={() => paper.remove(openLine.id)}>Remove</button>
    <button class="act" onclick={() => (paper.openId = undefined)}>Close</button>
  </p>
{/if}
{#if open !== undefined && paper.writing === undefined}
  <div
    class="absolute z-20 border border-ink bg-sheet p-3 text-sm"
    style={beside(open.at, 250, 150)}
    data-testid="note-open"
  >
    <p class="break-words whitespace-pre-line" dir="auto">{open.note.text}</p>
    <div class="mt-1">
      <Photos
        jobId={bench.session.id}
        of="this note"
        photos={open.note.photos ?? []}
        onset={(photos) => {
          const { photos: _, ...rest } = open.note
          paper.put(open.id, photos.length === 0 ? rest : { ...rest, photos: photos.slice(0, 4) })
        }}
      />
    </div>
    <p class="mt-1 flex gap-3">
      <button class="act" onclick={() => (paper.writing = { id: open.id, note: open.note, isNew: false })}>Edit</button>
      <button class="act" onclick={() => paper.remove(open.id)}>Remove</button>
      <button class="act" onclick={() => (paper.openId = undefined)}>Close</button>
    </p>
  </div>
{/if}
{#if paper.writing !== undefined && writingAt !== undefined}
  <div class="absolute z-20 border border-ink bg-sheet p-2 text-sm" style={beside(writingAt, 250, 110)}>
    <textarea
      bind:this={field}
      bind:value={text}
      class="h-16 w-full resize-none border border-line bg-transparent p-1 outline-pencil"
      aria-label="Note"
      dir="auto"
      maxlength="400"
      placeholder="What is to be known here?"
      onkeydown={(event) => {
        event.stopPropagation()
        if (event.key === 'Enter' && !event.shiftKey) {
          event.preventDefault()
          save()
        }
        if (event.key === 'Escape') paper.writing = undefined
      }}></textarea>
    <p class="flex gap-3">
      <button class="act" onclick={save}>Save</button>
      <button class="act" onclick={() => (paper.writing = undefined)}>Cancel</button>
    </p>
  </div>
{/if}

<style>
  .stroke {
    stroke: var(--ink-2);
    stroke-width: 1;
    fill: none;
  }
  .new .stroke {
    stroke: var(--pencil);
    stroke-width: 1.4;
  }
  text {
    fill: var(--ink);
    font-size: 12px;
    font-weight: 600;
    paint-order: stroke;
    stroke: var(--sheet);
    stroke-width: 4px;
  }
  .new text {
    fill: var(--pencil);
  }
  .reach {
    stroke: transparent;
    stroke-width: 16;
    fill: none;
    pointer-events: stroke;
    cursor: pointer;
    outline: none;
  }
  .reach:focus-visible {
    stroke: color-mix(in srgb, var(--pencil) 30%, transparent);
  }
  .note {
    pointer-events: auto;
    cursor: pointer;
    outline: none;
  }
  .flag {
    fill: var(--sheet);
    stroke: var(--pencil);
    stroke-width: 1.5;
  }
  .note:focus-visible .flag {
    fill: var(--pencil);
  }
  .reach-box {
    fill: transparent;
  }
</style>
