<script lang="ts">
  import type { HandDimension } from '$lib/core/draw'
  import { tapeWords } from '$lib/core/text'
  import { formatLength, parseLength, sayLength } from '$lib/core/units'
  import { padded } from '../parts/pad-fields'
  import type { Bench } from './bench.svelte'
  import type { WrittenFigure } from './written'

  interface Props {
    bench: Bench
    figures: readonly WrittenFigure[]
    width: number
    height: number
  }
  let { bench, figures, width, height }: Props = $props()
  const unit = $derived(bench.session.job.units)

  const SIZE_WORDS = { x: 'size along the vehicle', y: 'size across', z: 'size upright' } as const
  function word({ key, row }: HandDimension): string {
    if (row === undefined) return SIZE_WORDS[key.slice(-1) as 'x' | 'y' | 'z']
    return tapeWords(row, bench.names)
  }

  let fault: { readonly key: string; readonly text: string } | undefined = $state.raw(undefined)

  /** Something was typed since the figure was taken: one that is only looked at is shown rounded, and changes nothing. */
  let isTyped = false

  function set({ key, grip, row, mm: was }: HandDimension, input: HTMLInputElement): boolean {
    if (!isTyped) return true
    const read = parseLength(input.value, unit)
    fault = undefined
    if (!read.ok) {
      fault = { key, text: read.fault }
      return false
    }
    isTyped = false
    if (row !== undefined) bench.editing.setTape(row, read.value)
    else if (grip !== undefined) {
      const comesTo = bench.editing.setSize(grip, read.value)
      if (Math.abs(comesTo - read.value) >= 1)
        bench.session.tell(
          `It goes no ${read.value > comesTo ? 'further' : 'smaller'} than ${sayLength(comesTo, unit)}.`,
        )
    }
    input.value = formatLength(figures.find(({ dimension }) => dimension.key === key)?.dimension.mm ?? was, unit)
    return true
  }
</script>

<svg {width} {height} class="pointer-events-none absolute inset-0" aria-hidden="true">
  {#each figures as { dimension, from, to } (dimension.key)}
    <path
      d="M{from[0]} {from[1]}L{to[0]} {to[1]}{[from, to].map(([x, y]) => `M${x - 3} ${y + 3}l6 -6`).join('')}"
      class={dimension.own === undefined ? 'chain' : 'own'}
    />
  {/each}
</svg>
{#each figures as { dimension, text, box } (dimension.key)}
  {@const { key, grip, row } = dimension}
  {#if grip === undefined && row === undefined}
    <span class="figure" style:left="{box.x0}px" style:top="{box.y0}px" style:width="{box.x1 - box.x0}px">{text}</span>
  {:else}
    <input
      class="figure"
      class:own={row === undefined}
      style:left="{box.x0}px"
      style:top="{box.y0}px"
      style:min-width="{box.x1 - box.x0}px"
      aria-label="In the drawing, {word(dimension)}"
      title={fault?.key === key ? fault.text : `${word(dimension)}: click and type`}
      aria-invalid={fault?.key === key}
      data-testid="figure-in-drawing {key}"
      tabindex="-1"
      {...padded(unit)}
      autocomplete="off"
      spellcheck="false"
      maxlength="60"
      value={text}
      onfocus={(event) => {
        isTyped = false
        event.currentTarget.select()
      }}
      oninput={(event) => {
        isTyped = true
        event.currentTarget.style.width = `${Math.max(4, event.currentTarget.value.length + 1)}ch`
      }}
      onblur={(event) => {
        const input = event.currentTarget
        input.style.width = ''
        if (!set(dimension, input)) {
          // what cannot be read is told, and the figure is as it was
          bench.session.tell(fault?.text ?? '')
          input.value = text
          fault = undefined
        }
      }}
      onkeydown={(event) => {
        event.stopPropagation()
        const input = event.currentTarget
        if (event.key === 'Escape') {
          isTyped = false
          input.value = text
          fault = undefined
          input.blur()
        }
        if (event.key === 'Enter' && set(dimension, input)) input.blur()
      }}
    />
  {/if}
{/each}

<style>
  .figure {
    position: absolute;
    box-sizing: border-box;
    height: 17px;
    padding: 0 3px;
    border: 0;
    background: var(--sheet);
    color: var(--pencil);
    font-size: 12.5px;
    font-weight: 600;
    line-height: 17px;
    text-align: center;
    width: min-content;
    field-sizing: content;
    outline: none;
  }
  input.figure {
    cursor: text;
    border-bottom: 1px dotted var(--pencil);
  }
  input.figure:focus {
    border: 2px solid var(--pencil);
    line-height: 13px;
    z-index: 1;
  }
  input.figure[aria-invalid='true'] {
    border-color: var(--stop);
    color: var(--stop);
  }
  .own,
  .chain {
    stroke: var(--pencil);
    stroke-width: 1;
    fill: none;
  }
  .chain {
    stroke-width: 0.8;
    opacity: 0.85;
  }
</style>
