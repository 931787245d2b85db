<script lang="ts">
  import { SECTIONS_MM2, WIRE_PARTS, type SectionMm2, type WirePart } from '$lib/core/job'
  import { capital, sayConductor, WIRE_PART_WORDS } from '$lib/core/text'
  import type { Wire } from '$lib/core/wiring'
  import { newId } from '../job/new-id'
  import NumberField from '../parts/NumberField.svelte'
  import type { Power } from './power.svelte'

  interface Props {
    power: Power
    wire: Wire
    /** Shows another wire, or none. */
    onshow: (id: string | undefined) => void
  }
  let { power, wire, onshow }: Props = $props()
  const session = $derived(power.session)
  const circuits = $derived(Object.entries(session.job.power?.circuits ?? {}))
  const note = $derived(session.job.power?.wires?.[wire.id])
  /** What hangs on the fuse board at the battery’s voltage can hang on another fuse. */
  const hangs = $derived(wire.source === 'board' ? wire.serves : [])
  const own = $derived(circuits.find(([id]) => wire.id === `own-${id}`))
  const NEW = 'new'

  const setSection = (text: string): boolean =>
    session.do({ type: 'power.wire', id: wire.id, mm2: text === '' ? null : (Number(text) as SectionMm2) })
  const setPart = (part: WirePart, is: boolean): boolean =>
    session.do({
      type: 'power.wire',
      id: wire.id,
      parts: is ? [...wire.wants, part] : wire.wants.filter((one) => one !== part),
    })

  function hang(fitting: string, on: string): void {
    if (on === '') {
      if (own === undefined) return
      const [id, { label, serves }] = own
      const left = serves.filter((one) => one !== fitting)
      session.do({ type: 'power.circuit', id, circuit: left.length === 0 ? null : { label, serves: left } })
      return
    }
    const [id, circuit] =
      on === NEW
        ? [newId('circuit'), { label: capital(power.names.fitting(fitting)), serves: [] }]
        : circuits.find(([one]) => one === on)!
    session.do({
      type: 'power.circuit',
      id,
      circuit: { label: circuit.label, serves: [...new Set([...circuit.serves, fitting])] },
    })
    onshow(`own-${id}`)
  }
  function rename(label: string): void {
    if (own === undefined || label.trim() === '' || label.trim() === own[1].label) return
    session.do({ type: 'power.circuit', id: own[0], circuit: { label: label.trim(), serves: [...own[1].serves] } })
  }
</script>

<div
  class="no-print flex flex-wrap items-baseline gap-x-5 gap-y-1.5 border-l-2 border-pencil py-1 pl-3"
  data-testid="wire-edit"
>
  {#if own !== undefined}
    <label
      >Circuit <input
        class="w-40 ruled"
        maxlength="40"
        value={own[1].label}
        onchange={(event) => rename(event.currentTarget.value)}
      /></label
    >
  {/if}
  <label
    >Wire
    <select class="ruled" value={note?.mm2 ?? ''} onchange={(event) => void setSection(event.currentTarget.value)}>
      <option value="">as worked out</option>
      {#each SECTIONS_MM2 as mm2 (mm2)}<option value={mm2}>{sayConductor(mm2)}</option>{/each}
    </select></label
  >
  <NumberField
    label="Fuse"
    value={wire.sized?.fuseA ?? NaN}
    suffix="A"
    width="3rem"
    min={1}
    max={400}
    onset={(fuseA) => void session.do({ type: 'power.wire', id: wire.id, fuseA })}
  />
  <span class="flex flex-wrap items-center gap-x-3">
    With
    {#each WIRE_PARTS as part (part)}
      <label class="flex items-center gap-1"
        ><input
          type="checkbox"
          class="accent-pencil"
          checked={wire.wants.includes(part)}
          onchange={(event) => void setPart(part, event.currentTarget.checked)}
        />
        {WIRE_PART_WORDS[part]}</label
      >
    {/each}
  </span>
  {#each hangs as fitting (fitting)}
    <label
      >{capital(power.names.fitting(fitting))} hangs on
      <select class="ruled" value={own?.[0] ?? ''} onchange={(event) => hang(fitting, event.currentTarget.value)}>
        <option value="">the circuit that was gathered</option>
        {#each circuits as [id, { label }] (id)}<option value={id}>{label}</option>{/each}
        <option value={NEW}>a new circuit of its own</option>
      </select></label
    >
  {/each}
  <span class="flex gap-4">
    {#if note !== undefined}<button
        class="act"
        onclick={() => session.do({ type: 'power.wire', id: wire.id, mm2: null, fuseA: null, parts: null })}
        >As worked out</button
      >{/if}
    {#if own !== undefined}<button
        class="act"
        onclick={() => session.do({ type: 'power.circuit', id: own[0], circuit: null })}>As gathered</button
      >{/if}
    <button class="act" onclick={() => onshow(undefined)}>Close</button>
  </span>
</div>
