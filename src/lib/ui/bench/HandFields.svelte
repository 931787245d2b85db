<script lang="ts">
  import { handlesOf, limitsOf, ridesAt, stanceAt, type Limit } from '$lib/core/fittings'
  import { CHOICE_WORDS, parameterWord, tapeWords } from '$lib/core/text'
  import { tapeLimits, usableDepth, type Placed } from '$lib/core/scene'
  import { formatLength } from '$lib/core/units'
  import LengthField from '../parts/LengthField.svelte'
  import NumberField from '../parts/NumberField.svelte'
  import type { Bench } from './bench.svelte'

  let { bench, placed }: { bench: Bench; placed: Placed } = $props()
  const unit = $derived(bench.liveJob.units)
  /** Inches with their sixteenths are longer. */
  const fieldWidth = $derived(unit === 'mm' ? '3.4rem' : unit === 'ft' ? '5.4rem' : '4.5rem')
  /** Feet with their inches need the whole column each. */
  const columns = $derived(unit === 'ft' ? 'grid-cols-1' : 'grid-cols-2')
  const wide = $derived(unit === 'ft' ? '' : 'col-span-2')
  const WIDE_FROM = 13
  /** A word of more letters takes the whole column. */
  const LONG_WORD = 11

  /** Where what rides up and down stops in this mode. */
  const rides = $derived(ridesAt(placed.fitting, placed.stance))
  /** What it can be taken hold of by stands first; what is set once and left is folded. */
  const inReach = $derived(
    new Set(
      handlesOf(placed.fitting).flatMap(({ key, names, limit }) => (names.length > 0 && 'min' in limit ? [key] : [])),
    ),
  )
  const kind = $derived(placed.kind)
  const limits = $derived(limitsOf(kind))
  const first = $derived(limits.filter(({ key }) => inReach.has(key)))
  const rare = $derived(limits.filter(({ key }) => !inReach.has(key)))
  const depths = $derived.by(() => {
    if (placed.scribedTo === undefined) return []
    const { min, max } = placed.bounds.z
    return [
      ['at the top', max - 5],
      ['in the middle', (min + max) / 2],
      ['at the bottom', min + 5],
    ].map(([where, z]) => ({ where: where as string, mm: usableDepth(bench.scene, placed, z as number) }))
  })
  const word = ({ key }: Limit): string => parameterWord(placed.kind.id, key)
  /** The first of what is folded, so that one knows what is there. */
  const NAMED = 3
  const folded = $derived(
    [...rare.map(word), ...(depths.length > 0 ? ['usable depth'] : [])].slice(0, NAMED).join(', ') +
      (rare.length + (depths.length > 0 ? 1 : 0) > NAMED ? '…' : ''),
  )
  const isWide = (limit: Limit): boolean =>
    limit.kind === 'choice'
      ? word(limit).length + Math.max(...limit.choices.map((choice) => (CHOICE_WORDS[choice] ?? choice).length)) >
        WIDE_FROM
      : word(limit).length > LONG_WORD
  /** At which height the tape is held to the walls, where it is one for both. */
  const wallsAt = $derived.by(() => {
    const heights = bench.tape.flatMap(({ atMm }) => atMm ?? [])
    return heights.length > 0 && Math.max(...heights) - Math.min(...heights) < 1 ? heights[0] : undefined
  })
  /** Why the last change to a figure of what is in hand was refused, at that figure. */
  const refusedAt = (key: string): string | undefined => {
    const refusal = bench.session.refusal
    const command = refusal?.command
    return command?.type === 'fitting.parameters' && command.id === placed.id && key in command.parameters
      ? refusal?.message
      : undefined
  }
  const seatRefused = $derived.by(() => {
    const refusal = bench.session.refusal
    const command = refusal?.command
    const here =
      (command?.type === 'fitting.seat' && command.id === placed.id) ||
      (command?.type === 'mode.seat' && command.fitting === placed.id)
    return here ? refusal?.message : undefined
  })
</script>

{#snippet field(limit: Limit)}
  {@const value = placed.fitting.parameters[limit.key]}
  <div class={isWide(limit) ? wide : ''}>
    {#if limit.kind === 'length'}
      <LengthField
        label={word(limit)}
        mm={value as number}
        {unit}
        width={fieldWidth}
        min={limit.min}
        max={limit.max}
        refused={refusedAt(limit.key)}
        onset={(mm) => bench.editing.setParameter(limit.key, mm)}
      />
    {:else if limit.kind === 'count' || limit.kind === 'figure'}
      <NumberField
        whole={limit.kind === 'count'}
        of={limit.of}
        digits={2}
        label={word(limit)}
        value={value as number}
        width="2.4rem"
        min={limit.min}
        max={limit.max}
        refused={refusedAt(limit.key)}
        onset={(count) => bench.editing.setParameter(limit.key, count)}
      />
    {:else if limit.kind === 'choice'}
      <label class="flex items-baseline justify-between gap-2"
        ><span class="whitespace-nowrap text-ink-2">{word(limit)}</span>
        <select
          class="min-w-0 ruled"
          {value}
          onchange={(event) => bench.editing.setParameter(limit.key, event.currentTarget.value)}
        >
          {#each limit.choices as choice (choice)}<option value={choice}>{CHOICE_WORDS[choice] ?? choice}</option
            >{/each}
        </select></label
      >
    {:else}
      <label class="flex items-baseline justify-between"
        ><span class="text-ink-2">{word(limit)}</span>
        <input
          type="checkbox"
          class="accent-pencil"
          checked={value as boolean}
          onchange={(event) => bench.editing.setParameter(limit.key, event.currentTarget.checked)}
        /></label
      >
    {/if}
  </div>
{/snippet}

<div>
  <div class="mt-1 grid {columns} gap-x-4 gap-y-px text-[0.9286rem] narrow" data-testid="parameters">
    {#if rides !== undefined}
      <div class={wide}>
        <LengthField
          label="stops, in {bench.names.mode(bench.modeId)}, at"
          mm={rides.mm}
          {unit}
          width={fieldWidth}
          min={rides.minMm}
          max={rides.maxMm}
          onset={(mm) => bench.editing.setStance(stanceAt(mm))}
        />
      </div>
    {/if}
    {#each first as limit (limit.key)}{@render field(limit)}{/each}
  </div>
  <p class="mt-1.5 text-xs text-ink-2">
    Tape{placed.within !== undefined
      ? `, from the sides of the space in ${bench.names.the(placed.within.hostId)}`
      : wallsAt === undefined
        ? ', from and to'
        : `; walls at ${formatLength(wallsAt, unit)} above the load floor`}:
  </p>
  {#if seatRefused !== undefined}<p role="alert" class="text-xs text-stop">{seatRefused}</p>{/if}
  <div class="grid {columns} gap-x-4 gap-y-px text-[0.9286rem] narrow" data-testid="tape">
    {#each bench.tape as row (row.id)}
      <div class="group {row.neighbourId === undefined && row.partId === undefined ? '' : wide}">
        <LengthField
          label={tapeWords(row, bench.names)}
          id="tape-{row.id}"
          mm={row.mm}
          {unit}
          width={fieldWidth}
          min={tapeLimits(row).min}
          max={tapeLimits(row).max}
          onset={(mm) => bench.editing.setTape(row, mm)}
        >
          <button
            class="absolute right-full mr-1 bg-paper px-0.5 text-xs text-ink-2 opacity-0 group-focus-within:opacity-100 group-hover:opacity-100 aria-pressed:text-pencil aria-pressed:opacity-100 pointer-coarse:opacity-100"
            aria-pressed={bench.paper.pinOf(placed.id, row) !== undefined}
            aria-label="Keep this distance in the drawing: {tapeWords(row, bench.names)}"
            title="Keep this distance in the drawing"
            onclick={() => bench.paper.togglePin(placed.id, row)}>pin</button
          >
        </LengthField>
      </div>
    {/each}
  </div>
  {#if rare.length > 0 || depths.length > 0}
    <details
      class="mt-1 border-t border-line pt-1 text-[0.9286rem] narrow"
      data-testid="rare"
      open={bench.rareOpen}
      ontoggle={(event) => (bench.rareOpen = event.currentTarget.open)}
    >
      <summary class="cursor-pointer text-ink-2 hover:text-pencil"
        >{bench.rareOpen ? 'less' : `more: ${folded}`}</summary
      >
      <div class="grid {columns} gap-x-4 gap-y-px">
        {#each rare as limit (limit.key)}{@render field(limit)}{/each}
        {#if depths.length > 0}
          <div class="{wide} text-ink-2">
            usable depth
            {#each depths as { where, mm } (where)}<div class="flex justify-between text-ink">
                <span class="pl-3 text-ink-2">{where}</span><span
                  >{mm === undefined ? 'above the wall' : formatLength(mm, unit)}</span
                >
              </div>{/each}
          </div>
        {/if}
      </div>
    </details>
  {/if}
</div>
