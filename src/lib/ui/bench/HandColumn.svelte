<script lang="ts">
  import {
    CHOICE_WORDS,
    fittingName,
    KIND_WORDS,
    MATERIAL_WORDS,
    parameterWord,
    partWord,
    stanceWord,
    TAPE_WORDS,
    small,
  } from '$lib/core/text'
  import { massOf, limitsOf, massOfPart, ridesAt, stanceAt, type Limit } from '$lib/core/fittings'
  import { materialOf } from '$lib/core/materials'
  import { tapeLimits, usableDepth, type Placed } from '$lib/core/scene'
  import { formatLength, sayMass } from '$lib/core/units'
  import NumberField from '../parts/NumberField.svelte'
  import LengthField from '../parts/LengthField.svelte'
  import Why from '../parts/Why.svelte'
  import type { Bench } from './bench.svelte'
  import CabSeats from './CabSeats.svelte'
  import FiguresPanel from './FiguresPanel.svelte'
  import type ArrangePanel from './ArrangePanel.svelte'
  import FindingList from './FindingList.svelte'
  import type HandMore from './HandMore.svelte'
  import type OutPanel from './OutPanel.svelte'
  import SectionView from './SectionView.svelte'

  interface Props {
    bench: Bench
    onlibrary: () => void
  }
  let { bench, onlibrary }: Props = $props()
  const WIDE_FROM = 13
  const unit = $derived(bench.liveJob.units)
  /** Inches with their sixteenths are longer. */
  const fieldWidth = $derived(unit === 'in' ? '4.3rem' : '3.4rem')
  const placed = $derived(bench.selected)
  const kind = $derived(placed?.kind)
  /** Where what rides up and down stops in this mode. */
  const rides = $derived(placed === undefined ? undefined : ridesAt(placed.fitting, placed.stance))
  /** Those of its kind, and the height it has of its own. */
  const stances = $derived(placed === undefined ? [] : [...new Set([...placed.kind.stances, placed.stance])])
  const limits = $derived(kind === undefined ? [] : limitsOf(kind))
  const depths = $derived.by(() => {
    if (placed === undefined || placed.scribedTo === undefined) return []
    const { min, max } = placed.bounds.z
    return [
      ['at the top', max - 5],
      ['in the middle', (min + max) / 2],
      ['at the bottom', min + 5],
    ].map(([where, z]) => ({ where: where as string, mm: usableDepth(bench.scene, placed, z as number) }))
  })
  /** What it weighs, board by board. */
  const massLines = ({ kind: of, fitting }: Placed): string[] => [
    ...of
      .parts(fitting.parameters)
      .filter(({ count }) => count > 0)
      .map((part) =>
        'kg' in part
          ? `${part.count === 1 ? '' : `${part.count} × `}${partWord(part.name)}: ${sayMass(massOfPart(part))}, typical`
          : `${part.count} × ${partWord(part.name)} ${part.sizeMm.map((side) => formatLength(side, unit)).join(' × ')}, ${MATERIAL_WORDS[part.material]} ${materialOf(part.material).densityKgM3} kg/m³: ${sayMass(massOfPart(part))}`,
      ),
    'Densities are handbook values; the rest is trade practice with no published source. An estimate until it is weighed.',
  ]
  /** A choice whose words need the whole column. */
  const isWide = (kindId: string, limit: Limit): boolean =>
    limit.kind === 'choice' &&
    parameterWord(kindId, limit.key).length +
      Math.max(...limit.choices.map((choice) => (CHOICE_WORDS[choice] ?? choice).length)) >
      WIDE_FROM
  const shown = $derived(
    placed === undefined
      ? bench.findings
      : bench.findings.filter(({ finding }) => finding.fittings.includes(placed.id)),
  )
  /** At which height the tape is held to the walls, where it is one for both. */
  const wallsAt = $derived.by(() => {
    const heights = bench.tape.flatMap(({ atMm }) => atMm ?? [])
    return heights.length > 0 && Math.max(...heights) - Math.min(...heights) < 1 ? heights[0] : undefined
  })
  /** Why the last change to a figure of what is in hand was refused, at that figure. */
  const refusedAt = (key: string): string | undefined => {
    const refusal = bench.session.refusal
    const command = refusal?.command
    return command?.type === 'fitting.parameters' && command.id === placed?.id && key in command.parameters
      ? refusal?.message
      : undefined
  }
  const seatRefused = $derived.by(() => {
    const refusal = bench.session.refusal
    const command = refusal?.command
    const here =
      (command?.type === 'fitting.seat' && command.id === placed?.id) ||
      (command?.type === 'mode.seat' && command.fitting === placed?.id)
    return here ? refusal?.message : undefined
  })
  /** Not part of opening a plan: they come when something is first in hand. */
  let More: typeof HandMore | undefined = $state.raw(undefined)
  let Arrange: typeof ArrangePanel | undefined = $state.raw(undefined)
  let Out: typeof OutPanel | undefined = $state.raw(undefined)
  const hasOne = $derived(placed !== undefined)
  const hasMore = $derived(bench.also.length > 0)
  $effect(() => {
    if (hasOne) void import('./HandMore.svelte').then((module) => (More = module.default))
    else void import('./OutPanel.svelte').then((module) => (Out = module.default))
  })
  $effect(() => {
    if (hasMore) void import('./ArrangePanel.svelte').then((module) => (Arrange = module.default))
  })
</script>

<section aria-label="Selected" class="flex h-full flex-col overflow-y-auto px-3.5 py-3">
  <div class="flex items-baseline justify-between">
    <h2 class="caps">Section at</h2>
    <span class="text-sm">{formatLength(bench.stationMm, unit)} from sill</span>
  </div>
  <SectionView {bench} />

  {#if bench.also.length > 0}
    {#if Arrange !== undefined}<Arrange {bench} {onlibrary} />{/if}
  {:else if placed !== undefined}
    <div class="mt-2 flex items-baseline justify-between gap-2">
      <input
        class="min-w-0 flex-1 ruled border-transparent caps"
        aria-label="Name of the fitting"
        value={fittingName(placed.fitting)}
        maxlength="60"
        onkeydown={(event) => {
          event.stopPropagation()
          if (event.key === 'Enter') event.currentTarget.blur()
        }}
        onchange={(event) =>
          bench.session.do({
            type: 'fitting.label',
            variant: bench.variantId,
            id: placed.id,
            label: event.currentTarget.value.trim(),
          })}
      />
      {#if placed.kind.stances.length > 1}
        <select
          class="ruled text-sm"
          aria-label="Position in {bench.names.mode(bench.modeId)}"
          value={placed.stance}
          onchange={(event) => bench.setStance(event.currentTarget.value)}
        >
          {#each stances as stance (stance)}<option value={stance}>{stanceWord(stance, unit)}</option>{/each}
        </select>
      {:else if fittingName(placed.fitting) !== KIND_WORDS[placed.kind.id]}
        <span class="text-sm text-ink-2">{small(KIND_WORDS[placed.kind.id] ?? '')}</span>
      {/if}
    </div>

    <p class="mt-1 text-xs text-ink-2">
      Tape{placed.within !== undefined
        ? `, from the sides of the space in ${bench.names.the(placed.within.hostId)}`
        : wallsAt === undefined
          ? ', from and to'
          : `; walls at ${formatLength(wallsAt, unit)} above the load floor`}:
    </p>
    {#if seatRefused !== undefined}<p role="alert" class="text-xs text-stop">{seatRefused}</p>{/if}
    <div class="grid grid-cols-2 gap-x-4 gap-y-px text-[13px] narrow" data-testid="tape">
      {#each bench.tape as row (row.id)}
        <div class={row.neighbourId === undefined ? '' : 'col-span-2'}>
          <LengthField
            label="{TAPE_WORDS[row.id]}{row.neighbourId === undefined ? '' : ` ${bench.names.the(row.neighbourId)}`}"
            id="tape-{row.id}"
            mm={row.mm}
            {unit}
            width={fieldWidth}
            min={tapeLimits(row).min}
            max={tapeLimits(row).max}
            onset={(mm) => bench.setTape(row, mm)}
          />
        </div>
      {/each}
    </div>

    <div
      class="mt-2 grid grid-cols-2 gap-x-4 gap-y-px border-t border-line pt-1.5 text-[13px] narrow"
      data-testid="parameters"
    >
      {#if rides !== undefined}
        <div class="col-span-2">
          <LengthField
            label="stops, in {bench.names.mode(bench.modeId)}, at"
            mm={rides.mm}
            {unit}
            width={fieldWidth}
            min={rides.minMm}
            max={rides.maxMm}
            onset={(mm) => bench.setStance(stanceAt(mm))}
          />
        </div>
      {/if}
      {#each limits as limit (limit.key)}
        {@const value = placed.fitting.parameters[limit.key]}
        {#if limit.kind === 'length'}
          <LengthField
            label={parameterWord(placed.kind.id, limit.key)}
            mm={value as number}
            {unit}
            width={fieldWidth}
            min={limit.min}
            max={limit.max}
            refused={refusedAt(limit.key)}
            onset={(mm) => bench.setParameter(limit.key, mm)}
          />
        {:else if limit.kind === 'count' || limit.kind === 'figure'}
          <NumberField
            whole={limit.kind === 'count'}
            of={limit.of}
            digits={2}
            label={parameterWord(placed.kind.id, limit.key)}
            value={value as number}
            width="2.4rem"
            min={limit.min}
            max={limit.max}
            refused={refusedAt(limit.key)}
            onset={(count) => bench.setParameter(limit.key, count)}
          />
        {:else if limit.kind === 'choice'}
          <label class="flex items-baseline justify-between gap-2 {isWide(placed.kind.id, limit) ? 'col-span-2' : ''}"
            ><span class="whitespace-nowrap text-ink-2">{parameterWord(placed.kind.id, limit.key)}</span>
            <select
              class="ruled"
              {value}
              onchange={(event) => bench.setParameter(limit.key, event.currentTarget.value)}
            >
              {#each limit.choices as choice (choice)}<option value={choice}>{CHOICE_WORDS[choice] ?? choice}</option
                >{/each}
            </select></label
          >
        {:else}
          <label class="flex items-baseline justify-between"
            ><span class="text-ink-2">{parameterWord(placed.kind.id, limit.key)}</span>
            <input
              type="checkbox"
              class="accent-pencil"
              checked={value as boolean}
              onchange={(event) => bench.setParameter(limit.key, event.currentTarget.checked)}
            /></label
          >
        {/if}
      {/each}
      <div class="flex justify-between">
        <span class="text-ink-2">weight, empty</span>
        <Why about="weight, empty {sayMass(massOf(placed.fitting))}" lines={() => massLines(placed)}
          >{sayMass(massOf(placed.fitting))}</Why
        >
      </div>
      {#if depths.length > 0}
        <div class="col-span-2 text-ink-2">
          usable depth
          {#each depths as { where, mm } (where)}<div class="flex justify-between text-ink">
              <span class="pl-3 text-ink-2">{where}</span><span
                >{mm === undefined ? 'above the wall' : formatLength(mm, unit)}</span
              >
            </div>{/each}
        </div>
      {/if}
    </div>

    <div class="mt-2 flex flex-wrap gap-x-3 gap-y-1 border-t border-line pt-2 text-[13px]">
      <button class="act" title="R" onclick={() => bench.turn()}>Turn</button>
      <button class="act" title="M" onclick={() => bench.mirror()}>Mirror</button>
      <button class="act" title="D" onclick={() => bench.duplicate()}>Duplicate</button>
      <button class="act" title="L" onclick={() => bench.toggleLock()}
        >{placed.fitting.locked === true ? 'Unlock' : 'Lock'}</button
      >
      <button class="act" title="B" onclick={onlibrary}>Save as module…</button>
      <button class="act" title="Del" onclick={() => bench.remove()}>Remove</button>
    </div>
    {#if More !== undefined}<More {bench} {placed} />{/if}
  {/if}
  {#if placed === undefined}
    <CabSeats {bench} /><FiguresPanel {bench} />
    {#if Out !== undefined}<Out {bench} />{/if}
  {/if}
  <FindingList {bench} {shown} />
</section>
