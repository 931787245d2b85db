<script lang="ts">
  import { fittingName, KIND_WORDS, MATERIAL_WORDS, partWord, stanceWord, small } from '$lib/core/text'
  import { massOf, massOfPart } from '$lib/core/fittings'
  import type { Vec2 } from '$lib/core/geometry'
  import { materialOf } from '$lib/core/materials'
  import type { Placed } from '$lib/core/scene'
  import { formatLength, sayMass } from '$lib/core/units'
  import Why from '../parts/Why.svelte'
  import type { Bench } from './bench.svelte'
  import type ArrangePanel from './ArrangePanel.svelte'
  import type Findings from './FindingList.svelte'
  import type HandFields from './HandFields.svelte'
  import type HandMore from './HandMore.svelte'
  import type OutPanel from './OutPanel.svelte'
  import SectionView from './SectionView.svelte'

  interface Props {
    bench: Bench
    onlibrary: () => void
    onmenu: (at: Vec2, here: readonly string[]) => void
  }
  let { bench, onlibrary, onmenu }: Props = $props()
  const unit = $derived(bench.liveJob.units)
  const placed = $derived(bench.selected)
  /** Those of its kind, and the height it has of its own. */
  const stances = $derived(placed === undefined ? [] : [...new Set([...placed.kind.stances, placed.stance])])
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
  const shown = $derived(
    placed === undefined
      ? bench.checked.findings
      : bench.checked.findings.filter(({ finding }) => finding.fittings.includes(placed.id)),
  )
  /** Not part of opening a plan: they come when something is first in hand. */
  let Fields: typeof HandFields | undefined = $state.raw(undefined)
  let More: typeof HandMore | undefined = $state.raw(undefined)
  let Arrange: typeof ArrangePanel | undefined = $state.raw(undefined)
  let Out: typeof OutPanel | undefined = $state.raw(undefined)
  /** Nor this: it comes with the first review. */
  let FindingList: typeof Findings | undefined = $state.raw(undefined)
  const isReviewed = $derived(bench.checked.review !== undefined || bench.checked.stopped !== undefined)
  $effect(() => {
    if (isReviewed) void import('./FindingList.svelte').then((module) => (FindingList = module.default))
  })
  const hasOne = $derived(placed !== undefined)
  const hasMore = $derived(bench.also.length > 0)
  $effect(() => {
    if (hasOne) {
      void import('./HandFields.svelte').then((module) => (Fields = module.default))
      void import('./HandMore.svelte').then((module) => (More = module.default))
    } else void import('./OutPanel.svelte').then((module) => (Out = module.default))
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
  <SectionView {bench} {onmenu} />

  <!-- what is wrong stands right under the section; then what is in hand -->
  {#if FindingList !== undefined}<FindingList {bench} {shown} isForOne={placed !== undefined} />
  {:else}<p class="mt-1.5 border-t border-ink pt-1 text-sm text-ink-2">Checking…</p>{/if}
  {#if bench.also.length > 0}
    {#if Arrange !== undefined}<Arrange {bench} {onlibrary} />{/if}
  {:else if placed !== undefined}
    <div class="mt-2 flex items-baseline justify-between gap-2 border-t border-ink pt-1.5">
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
          onchange={(event) => bench.editing.setStance(event.currentTarget.value)}
        >
          {#each stances as stance (stance)}<option value={stance}>{stanceWord(stance, unit)}</option>{/each}
        </select>
      {:else if fittingName(placed.fitting) !== KIND_WORDS[placed.kind.id]}
        <span class="text-sm text-ink-2">{small(KIND_WORDS[placed.kind.id] ?? '')}</span>
      {/if}
      <span class="text-sm whitespace-nowrap"
        ><Why about="weight, empty {sayMass(massOf(placed.fitting))}" lines={() => massLines(placed)}
          >{sayMass(massOf(placed.fitting))}</Why
        ></span
      >
    </div>
    {#key placed.id}{#if Fields !== undefined}<Fields {bench} {placed} />{/if}{/key}
    <div class="mt-1.5 flex flex-wrap gap-x-3 gap-y-1 border-t border-line pt-1.5 text-[0.9286rem]">
      <button class="act" title="R" onclick={() => bench.editing.turn()}>Turn</button>
      <button class="act" title="M" onclick={() => bench.editing.mirror()}>Mirror</button>
      <button class="act" title="D" onclick={() => bench.editing.duplicate()}>Duplicate</button>
      <button class="act" title="L" onclick={() => bench.editing.toggleLock()}
        >{placed.fitting.locked === true ? 'Unlock' : 'Lock'}</button
      >
      <button class="act" title="B" onclick={onlibrary}>Save as module…</button>
      <button class="act" title="Del" onclick={() => bench.editing.remove()}>Remove</button>
    </div>
    {#key placed.id}{#if More !== undefined}<More {bench} {placed} />{/if}{/key}
  {/if}
  {#if placed === undefined}
    {#if Out !== undefined}<Out {bench} />{/if}
  {/if}
</section>
