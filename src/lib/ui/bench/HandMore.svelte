<script lang="ts">
  import { isCut, massOf, mayBeCut } from '$lib/core/fittings'
  import { FIXING_WAYS, type FixingWay } from '$lib/core/job'
  import { spanLength } from '$lib/core/geometry'
  import { bodyMm } from '$lib/core/people'
  import { peopleOf } from '$lib/core/brief'
  import { doorsBefore, notchesOf, roomLeft, tablePositions, worktopRuns, type Placed } from '$lib/core/scene'
  import {
    capital,
    CAUTION_WORDS,
    fittingName,
    FIXING_WORDS,
    HOLLOW_WORDS,
    list,
    partWord,
    pieceName,
    stanceWord,
  } from '$lib/core/text'
  import { formatLength, formatNumber, sayLength, sayMass } from '$lib/core/units'
  import NumberField from '../parts/NumberField.svelte'
  import Why from '../parts/Why.svelte'
  import type { Bench } from './bench.svelte'
  import InsideAsk from './InsideAsk.svelte'

  let { bench, placed }: { bench: Bench; placed: Placed } = $props()
  const unit = $derived(bench.liveJob.units)
  const id = $derived(placed.id)
  const mode = $derived(bench.plan.modes[bench.modeId])
  const elsewhere = $derived(mode?.seats?.[id] !== undefined)
  const fixing = $derived(placed.fitting.fixing)
  const cautions = $derived(placed.kind.cautions(placed.fitting.parameters))
  /** Length, depth and height that are left inside. */
  const hollows = $derived(
    placed.hollows.map((hollow) => ({
      id: hollow.id,
      by: hollow.by,
      left: roomLeft(bench.standing, { host: placed, hollow })
        .map((mm) => formatLength(mm, unit))
        .join(' × '),
    })),
  )
  const loose = $derived(placed.kind.loose(placed.fitting.parameters, placed.stance))
  const run = $derived(worktopRuns(bench.standing).find(({ fittings }) => fittings.includes(id)))
  const isTable = $derived(placed.services.some(({ type }) => type === 'table-place'))
  const isFoldedTable = $derived(placed.kind.meets.includes('table-seat'))
  /** As it stood when the hand took it: nothing is measured anew while it is carried. */
  const stood = $derived(bench.standing.placed.find((one) => one.id === id) ?? placed)
  /** The doors on which it might hang. */
  const doors = $derived(stood.within === undefined ? doorsBefore(bench.standing, stood) : [])
  const notches = $derived(notchesOf(bench.standing, stood))
  const positions = $derived(isTable || isFoldedTable ? tablePositions(bench.standing, stood) : [])
  /** The client’s gear that would go in here if something else went elsewhere. */
  const homeless = $derived.by(() => {
    const all = bench.checked.review?.modes.flatMap(({ findings }) => findings) ?? []
    const byKey = new Map(
      all.flatMap(({ key, ...finding }) =>
        finding.code === 'gear-no-room' && finding.facts.freed?.fitting === id
          ? [[key, { key, piece: finding.facts.piece, freed: finding.facts.freed }] as const]
          : [],
      ),
    )
    return [...byKey.values()]
  })
  /** Whose shoulders go through a gap. */
  const passers = (gapMm: number): readonly string[] =>
    peopleOf(bench.liveJob.brief)
      .filter(([, person]) => bodyMm(person.statureMm, 'shoulderBreadth') <= gapMm)
      .map(([, { label }]) => label)
  const template = (end: 'rear' | 'front', format: 'svg' | 'dxf'): string =>
    `/api/jobs/${bench.session.id}/template?variant=${bench.variantId}&mode=${bench.modeId}&fitting=${id}&end=${end}&format=${format}`

  function fix(how: string, points: number): void {
    bench.session.do({
      type: 'fitting.fixing',
      variant: bench.variantId,
      id,
      ...(how === '' ? {} : { fixing: { how: how as FixingWay, points } }),
    })
  }
</script>

<InsideAsk {bench} />
{#if placed.within !== undefined || bench.contents.length > 0 || hollows.length > 0}
  <div class="mt-2 border-t border-line pt-1.5 text-[0.9286rem] narrow" data-testid="inside">
    {#if placed.within !== undefined}
      <p class="flex items-baseline justify-between gap-2">
        <span class="text-ink-2"
          >inside <button class="act" onclick={() => bench.select(placed.within?.hostId)}
            >{bench.names.fitting(placed.within.hostId)}</button
          ></span
        >
        <button class="act" onclick={() => bench.editing.takeOutOf()}>Take it out</button>
      </p>
    {/if}
    {#each hollows as { id: hollow, by, left } (hollow)}
      <p class="flex justify-between gap-2">
        <span class="text-ink-2">space inside, {HOLLOW_WORDS[by]}</span><span>{left}</span>
      </p>
    {/each}
    {#each bench.contents as { placed: one, depth } (one.id)}
      <p class="flex items-baseline justify-between gap-2" style:padding-left="{(depth - 1) * 12}px">
        <button class="truncate act" onclick={() => bench.select(one.id)}>{fittingName(one.fitting)}</button>
        <span class="text-ink-2">{sayMass(massOf(one.fitting))}</span>
      </p>
    {/each}
    {#if hollows.length > 0}
      <button class="act" title="I" aria-pressed={bench.openIds.includes(id)} onclick={() => bench.lookInto()}
        >{bench.openIds.includes(id) ? 'Close it in the drawing' : 'Look into it'}</button
      >
    {/if}
  </div>
{/if}
{#if homeless.length > 0}
  <div class="mt-2 border-t border-line pt-1.5 text-[0.9286rem] narrow" data-testid="no-room">
    {#each homeless as { key, piece, freed } (key)}
      <p>{capital(pieceName(piece))} has no place: it would go in here without {list(freed.pieces.map(pieceName))}.</p>
    {/each}
  </div>
{/if}
{#if bench.checked.gearNames.length > 0}
  <div class="mt-2 border-t border-line pt-1.5 text-[0.9286rem] narrow" data-testid="gear">
    <p class="text-ink-2">the client’s gear in it, as drawn</p>
    {#each bench.checked.gearNames as [name, count] (name)}
      <p class="flex justify-between gap-2"><span class="truncate">{name}</span><span>{count}</span></p>
    {/each}
  </div>
{/if}
<div class="mt-2 border-t border-line pt-1.5 text-[0.9286rem] narrow">
  {#if run !== undefined}
    <p class="flex justify-between">
      <span class="text-ink-2">clear worktop, unbroken</span>
      <Why
        about="{sayLength(run.lengthMm, unit)} of worktop is clear"
        lines={[
          `Tops of one height side by side: ${list(run.fittings.map((one) => bench.names.fitting(one)))}, at ${sayLength(run.zMm, unit)} above the load floor.`,
          'Taken away: what stands on them or hangs less than 250 mm over them in this mode, and leaves less than 300 mm of their depth.',
        ]}>{formatLength(run.lengthMm, unit)}</Why
      >
    </p>
  {/if}
  {#if positions.length > 0}
    <table class="w-full">
      <thead class="text-left text-ink-2"
        ><tr
          ><th class="font-normal">as a table</th><th class="text-right font-normal">reaches</th><th
            class="text-right font-normal">leaves</th
          ></tr
        ></thead
      >
      <tbody>
        {#each positions as { stance, reachMm, pass } (stance)}
          {@const gap = Math.max(pass.leftMm, pass.rightMm)}
          <tr class={stance === placed.stance ? 'font-semibold' : ''}>
            <td>{stanceWord(stance, unit)}</td>
            <td class="text-right">{formatLength(reachMm, unit)}</td>
            <td class="text-right">
              <Why
                about="{sayLength(gap, unit)} are left beside it, {stanceWord(stance, unit)}"
                lines={() => [
                  `Left ${sayLength(pass.leftMm, unit)}, right ${sayLength(pass.rightMm, unit)}, to what stands there between 700 and 1100 mm up, or to the wall.`,
                  passers(gap).length === 0
                    ? 'Nobody in the brief gets by without turning sideways.'
                    : `Get by without turning: ${list(passers(gap))}. Breadth 0.259 of the height, Drillis & Contini 1966 (figure not yet checked against it).`,
                ]}>{formatLength(gap, unit)}</Why
              >
            </td>
          </tr>
        {/each}
      </tbody>
    </table>
  {/if}
  {#each notches as { keepOut, solidId, block, litres } (keepOut.id + solidId)}
    <p class="flex justify-between gap-2">
      <span class="text-ink-2">cut round {bench.names.thePart(keepOut.id)}</span>
      <Why
        about="{formatNumber(litres, 0)} L lost"
        lines={[
          `The ${partWord(solidId)} is cut ${[block.x, block.y, block.z].map((side) => sayLength(spanLength(side), unit)).join(' × ')} there; what it carries stays whole.`,
        ]}>−{formatNumber(litres, 0)} L</Why
      >
    </p>
  {/each}
  {#each loose as part (part.id)}
    <p class="flex justify-between">
      <span class="text-ink-2">{part.count} × {partWord(part.id)}</span><span>{part.used ? 'in use' : 'to stow'}</span>
    </p>
  {/each}
  {#if isCut(placed.fitting) || mayBeCut(placed.fitting)}
    <label class="flex items-baseline justify-between gap-2">
      <span class="text-ink-2">built in place, scribed to wall and roof</span>
      <input
        type="checkbox"
        class="accent-pencil"
        checked={isCut(placed.fitting)}
        onchange={(event) =>
          bench.session.do({ type: 'fitting.cut', variant: bench.variantId, id, cut: event.currentTarget.checked })}
      />
    </label>
  {/if}
  {#if doors.length > 0}
    <label class="flex items-baseline justify-between gap-2">
      <span class="text-ink-2">hangs on</span>
      <select
        class="ruled"
        aria-label="Hangs on"
        value={placed.seat.door ?? ''}
        onchange={(event) => bench.editing.hangOn(event.currentTarget.value)}
      >
        <option value="">the vehicle’s body</option>
        {#each doors as { id: door, label } (door)}<option value={door}>{label}</option>{/each}
      </select>
    </label>
  {/if}
  <label class="flex items-baseline justify-between gap-2">
    <span class="text-ink-2">somewhere else in {bench.names.mode(bench.modeId)}</span>
    <input
      type="checkbox"
      class="accent-pencil"
      checked={elsewhere}
      onchange={(event) =>
        bench.session.do({
          type: 'mode.seat',
          variant: bench.variantId,
          mode: bench.modeId,
          fitting: id,
          ...(event.currentTarget.checked ? { seat: placed.seat } : {}),
        })}
    />
  </label>
  <label class="flex items-baseline justify-between gap-2">
    <span class="text-ink-2">out of the vehicle in {bench.names.mode(bench.modeId)}</span>
    <input
      type="checkbox"
      class="accent-pencil"
      checked={false}
      onchange={() => {
        bench.session.do({ type: 'mode.away', variant: bench.variantId, mode: bench.modeId, fitting: id, away: true })
        bench.select(undefined)
      }}
    />
  </label>
  <div class="flex items-baseline justify-between gap-2">
    <select
      class="min-w-0 flex-1 ruled"
      aria-label="Fixing"
      value={fixing?.how ?? ''}
      onchange={(event) => fix(event.currentTarget.value, fixing?.points ?? 4)}
    >
      <option value="">fixing: not chosen</option>
      {#each FIXING_WAYS as how (how)}<option value={how}>{FIXING_WORDS[how]}</option>{/each}
    </select>
    {#if fixing !== undefined && fixing.how !== 'standing'}
      <NumberField
        whole
        label="points"
        value={fixing.points}
        width="2.4rem"
        min={0}
        max={60}
        onset={(points) => fix(fixing.how, points)}
      />
    {/if}
  </div>
  {#if placed.scribedTo !== undefined || placed.solids.some(({ fit, prism }) => fit === 'scribed' && prism.axis === 'x')}
    <p class="mt-1 text-ink-2">
      End panel, 1 : 1:
      {#each ['rear', 'front'] as const as end (end)}
        <span class="ml-2 whitespace-nowrap text-ink"
          >{end}
          <!-- eslint-disable svelte/no-navigation-without-resolve -->
          <a class="act" href={template(end, 'svg')} download>SVG</a>
          <a class="act" href={template(end, 'dxf')} download>DXF</a>
          <!-- eslint-enable svelte/no-navigation-without-resolve -->
        </span>
      {/each}
    </p>
  {/if}
</div>
{#each cautions as caution (caution)}<p class="mt-2 text-xs text-caution">{CAUTION_WORDS[caution]}</p>{/each}
