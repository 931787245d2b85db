<script lang="ts">
  import { sayLacking, sayWire, wiringCsv } from '$lib/core/text'
  import type { Vec2 } from '$lib/core/geometry'
  import { search } from '../parts/search'
  import Why from '../parts/Why.svelte'
  import BodyPlan from './BodyPlan.svelte'
  import OneLine from './OneLine.svelte'
  import type { Power } from './power.svelte'
  import WireEdit from './WireEdit.svelte'
  import WireFigures from './WireFigures.svelte'

  let { power }: { power: Power } = $props()
  const session = $derived(power.session)
  const wiring = $derived(power.wiring)
  const rows = $derived((wiring?.wires ?? []).map((wire) => ({ wire, words: sayWire(wire, power.names) })))
  let chosen: string | undefined = $state(undefined)
  /** The wire that is being set by hand. */
  let edited: string | undefined = $state(undefined)
  const HIGH_PX = 170
  type Points = readonly (readonly [number, number, number])[]
  const lineOf = (points: Points, onScreen: (at: Vec2) => Vec2): string =>
    points.map(([x, y]) => onScreen([x, y]).join(',')).join(' ')

  function save(): void {
    if (wiring === undefined) return
    const link = document.createElement('a')
    link.href = URL.createObjectURL(new Blob([wiringCsv(wiring, power.names)], { type: 'text/csv' }))
    link.download = 'circuits.csv'
    link.click()
    URL.revokeObjectURL(link.href)
  }
  const address = (format: string): string =>
    `/api/jobs/${session.id}/paper?${search({ what: 'wiring', variant: power.variantId, format, save: '1' })}`
</script>

{#if wiring !== undefined}
  {@const lacking = sayLacking(wiring)}
  <section aria-label="Circuits and wires" class="mt-5" data-testid="wires">
    <div class="flex flex-wrap items-baseline justify-between gap-x-4 border-b border-ink pb-0.5">
      <h2 class="caps">Circuits and wires</h2>
      {#if rows.length > 0}
        <span class="no-print flex flex-wrap items-baseline gap-x-4 text-[0.9286rem]">
          <a class="act" href="/jobs/{session.id}/paper?what=wiring&variant={power.variantId}">On paper, with labels</a>
          <button class="act" onclick={save}>Schedule as CSV</button>
          <a class="act" href={address('dxf')} download>Drawing as DXF</a>
        </span>
      {/if}
    </div>
    {#if lacking !== ''}<p class="mt-1 text-[0.9286rem] text-ink-2">{lacking}</p>{/if}
    {#if rows.length > 0}
      <BodyPlan
        shell={session.job.shell}
        plan={power.plan}
        highPx={HIGH_PX}
        label="Plan with {rows.length} wires on their ways"
      >
        {#snippet over(onScreen)}
          {#each rows as { wire } (wire.id)}
            {#if wire.route !== undefined}
              <polyline
                points={lineOf(wire.route.points, onScreen)}
                fill="none"
                stroke="var(--pencil)"
                stroke-width={wire.id === chosen ? 2.8 : 1.3}
                stroke-linejoin="round"
                opacity={chosen === undefined || wire.id === chosen ? 1 : 0.35}
              />
            {/if}
          {/each}
        {/snippet}
      </BodyPlan>
      <div class="overflow-x-auto">
        <table class="w-full text-[0.9286rem]" data-testid="circuits">
          <thead>
            <tr class="border-b border-line text-ink-2">
              {#each ['no.', 'circuit', 'serves', 'fuse', 'wire', 'out and back', 'lost'] as head (head)}
                <th class="py-0.5 pr-3 text-left font-normal" scope="col">{head}</th>
              {/each}
              <th></th>
            </tr>
          </thead>
          <tbody>
            {#each rows as { wire, words }, index (wire.id)}
              <tr
                class="border-b border-line {wire.id === chosen ? 'text-pencil' : ''}"
                onpointerenter={() => (chosen = wire.id)}
                onpointerleave={() => (chosen = undefined)}
              >
                <td class="py-1 pr-3">{index + 1}</td>
                <th class="pr-3 text-left font-semibold" scope="row">{words.circuit}</th>
                <td class="pr-3">{words.serves}</td>
                <td class="pr-3 whitespace-nowrap">{words.fuse}</td>
                <td class="pr-3 whitespace-nowrap">{words.wire}</td>
                <td class="pr-3 whitespace-nowrap">{words.length}</td>
                <td class="pr-3 whitespace-nowrap {wire.sized === undefined ? 'text-stop' : ''}">{words.drop}</td>
                <td class="text-right whitespace-nowrap"
                  ><button
                    class="no-print mr-3 act"
                    aria-label="Set circuit {index + 1}, {words.circuit}, by hand"
                    aria-expanded={edited === wire.id}
                    onclick={() => (edited = edited === wire.id ? undefined : wire.id)}
                    >{wire.isChosen ? 'set' : 'set…'}</button
                  ><Why about="{words.wire} for {words.serves}" lines={words.why}>why</Why></td
                >
              </tr>
              {#each words.faults as fault (fault)}
                <tr><td></td><td class="pb-1 text-stop" colspan="7"><span role="alert">{fault}</span></td></tr>
              {/each}
              {#if edited === wire.id}
                <tr
                  ><td></td><td class="pb-2" colspan="7"><WireEdit {power} {wire} onshow={(id) => (edited = id)} /></td
                  ></tr
                >
              {/if}
            {/each}
          </tbody>
        </table>
      </div>
      <details class="mt-3 text-[0.9286rem]">
        <summary>The same on one line: from what gives to what takes</summary>
        <OneLine {wiring} names={power.names} {chosen} onchoose={(id) => (chosen = id)} />
      </details>
      <WireFigures {power} />
    {/if}
  </section>
{/if}
