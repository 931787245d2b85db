<script lang="ts">
  import { type Measure, type ReadingState } from '$lib/core/survey'
  import { READING_LIMITS, type Reading } from '$lib/core/readings'
  import { formatLength, formatNumber, parseLength, parseMass, type LengthUnit } from '$lib/core/units'

  import { padded } from '../parts/pad-fields'

  interface Props {
    measure: Measure
    words: string
    reading: Reading
    standing: ReadingState
    unit: LengthUnit
    active: boolean
    /** What a meter holds steady now, if one is on. */
    held: number | undefined
    onactive: () => void
    onread: (reading: Reading) => void
  }
  let { measure, words, reading, standing, unit, active, held, onactive, onread }: Props = $props()

  const STATES: Record<ReadingState, { mark: string; words: string; look: string }> = {
    'to-measure': { mark: '○', words: 'to measure', look: 'text-ink-2' },
    measured: { mark: '✓', words: 'measured', look: 'text-good' },
    doubtful: { mark: '△', words: 'doubtful', look: 'text-caution' },
  }
  const show = (value: number | undefined): string =>
    value === undefined ? '' : measure.unit === 'kg' ? formatNumber(value) : formatLength(value, unit)
  const parse = (text: string) => (measure.unit === 'mm' ? parseLength(text, unit) : parseMass(text))
  const tolerance = $derived(`${show(measure.tolerance)} ${measure.unit === 'kg' ? 'kg' : unit}`)
  let typed: { first?: string; second?: string } = $state.raw({})
  let fault = $state('')

  function settle(which: 'first' | 'second'): void {
    const text = typed[which]
    if (text === undefined) return
    if (text.trim() === '') {
      const { [which]: _gone, ...rest } = reading
      done(which, rest)
      return
    }
    const result = parse(text)
    if (!result.ok) fault = result.fault
    else if (result.value > READING_LIMITS.most) fault = `At most ${show(READING_LIMITS.most)}.`
    else if (result.value < measure.least) fault = `At least ${show(measure.least)}.`
    else done(which, { ...reading, [which]: result.value })
  }
  function done(which: 'first' | 'second', next: Reading): void {
    fault = ''
    const { [which]: _typed, ...rest } = typed
    typed = rest
    if (next[which] !== reading[which]) onread(next)
  }
  function onkeydown(event: KeyboardEvent, which: 'first' | 'second'): void {
    event.stopPropagation()
    if (event.key === 'Enter') {
      settle(which)
      if (fault === '') nextField(event.currentTarget as HTMLInputElement)
    }
    if (event.key === 'Escape') {
      typed = {}
      fault = ''
    }
  }
  /** Enter goes on to the next first reading, as the tape goes on. */
  function nextField(field: HTMLInputElement): void {
    const all = [...document.querySelectorAll<HTMLInputElement>('[data-reading="first"]')]
    const at = all.findIndex((one) => one.dataset.measure === field.dataset.measure)
    all[at + 1]?.focus()
  }
</script>

<li class="border-t border-line py-0.5 {active ? 'bg-sheet' : ''}" data-testid="measure-{measure.id}">
  <div class="grid grid-cols-[minmax(0,1fr)_3.8rem_3.8rem_1.4rem] items-baseline gap-x-2 text-[0.9286rem]">
    <span class={measure.must ? '' : 'text-ink-2'}>{words}</span>
    {#each ['first', 'second'] as const as which (which)}
      <input
        class="w-full ruled text-right narrow"
        aria-label="{words}, {which} reading"
        data-reading={which}
        data-measure={measure.id}
        title={which === 'first' ? undefined : `Agrees with the first within ${tolerance}`}
        placeholder={which === 'first' ? show(measure.nominal) : `±${show(measure.tolerance)}`}
        {...measure.unit === 'mm' ? padded(unit) : { inputmode: 'decimal' as const }}
        autocomplete="off"
        spellcheck="false"
        value={typed[which] ?? show(reading[which])}
        aria-invalid={fault !== '' && typed[which] !== undefined}
        onfocus={(event) => {
          onactive()
          event.currentTarget.select()
        }}
        oninput={(event) => (typed = { ...typed, [which]: event.currentTarget.value })}
        onchange={() => settle(which)}
        onkeydown={(event) => onkeydown(event, which)}
      />
    {/each}
    <span class={STATES[standing].look} title={STATES[standing].words}
      >{STATES[standing].mark}<span class="sr-only">{STATES[standing].words}</span></span
    >
  </div>
  {#if fault !== ''}<p role="alert" class="text-xs text-stop">{fault}</p>{/if}
  {#if active && held !== undefined && measure.unit === 'mm'}
    <button
      class="act text-xs"
      onclick={() => onread(reading.first === undefined ? { first: held } : { ...reading, second: held })}
      >Take {show(held)} from the meter as the {reading.first === undefined ? 'first' : 'second'} reading</button
    >
  {/if}
</li>

<style>
  input::placeholder {
    font-style: italic;
  }
</style>
