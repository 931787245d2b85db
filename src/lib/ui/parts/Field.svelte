<script lang="ts">
  import type { Snippet } from 'svelte'
  import type { LengthUnit, Parsed } from '$lib/core/units'
  import { padded } from './pad-fields'

  interface Props {
    label: string
    value: number
    parse: (text: string) => Parsed<number>
    format: (value: number) => string
    onset: (value: number) => void
    min?: number
    max?: number
    /** Shown after the figure. */
    suffix?: string
    id?: string
    width?: string
    hideLabel?: boolean
    /** Of a length: under a finger the pad of figures comes in this unit. */
    pad?: LengthUnit
    /** Why what was typed here last was refused elsewhere. */
    refused?: string | undefined
    /** What stands before its figure. */
    children?: Snippet
  }
  let {
    label,
    value,
    parse,
    format,
    onset,
    min,
    max,
    suffix,
    id,
    width = '5.5rem',
    hideLabel = false,
    pad,
    refused,
    children,
  }: Props = $props()

  const uid = $props.id()
  const fieldId = $derived(id ?? `field-${uid}`)
  let typed: string | undefined = $state(undefined)
  let fault = $state('')
  const shown = $derived(typed ?? format(value))
  const told = $derived(fault !== '' ? fault : (refused ?? ''))

  /** A figure that cannot be read stays as typed, with the fault beside it. */
  function settle(): void {
    if (typed === undefined) return
    const result = parse(typed)
    if (!result.ok) {
      fault = result.fault
      return
    }
    if (min !== undefined && result.value < min) {
      fault = `At least ${format(min)}${suffix ? ` ${suffix}` : ''}.`
      return
    }
    if (max !== undefined && result.value > max) {
      fault = `At most ${format(max)}${suffix ? ` ${suffix}` : ''}.`
      return
    }
    fault = ''
    typed = undefined
    // a figure that nobody has said yet is none at all, and differs from every one
    if (!(Math.abs(result.value - value) <= 1e-6)) onset(result.value)
  }

  function onkeydown(event: KeyboardEvent): void {
    event.stopPropagation()
    if (event.key === 'Enter') {
      settle()
      // what was typed is done: the keys are the drawing’s again
      if (fault === '') (event.currentTarget as HTMLInputElement).blur()
    }
    if (event.key === 'Escape') {
      typed = undefined
      fault = ''
      ;(event.currentTarget as HTMLInputElement).blur()
    }
  }
</script>

<div class="flex flex-col">
  <div class="flex items-baseline justify-between gap-2">
    <label for={fieldId} class={hideLabel ? 'sr-only' : 'text-ink-2'}>{label}</label>
    <span class="relative flex items-baseline gap-1 whitespace-nowrap">
      {@render children?.()}
      <input
        id={fieldId}
        class="ruled text-right"
        style:width
        {...pad === undefined ? { inputmode: 'text' as const } : padded(pad)}
        autocomplete="off"
        spellcheck="false"
        value={shown}
        aria-invalid={told !== ''}
        aria-describedby={told === '' ? undefined : `${fieldId}-fault`}
        oninput={(event) => (typed = event.currentTarget.value)}
        onchange={settle}
        onblur={settle}
        onfocus={(event) => event.currentTarget.select()}
        {onkeydown}
      />
      {#if suffix}<span class="text-xs text-ink-2">{suffix}</span>{/if}
    </span>
  </div>
  {#if told !== ''}
    <p id="{fieldId}-fault" role="alert" class="text-xs text-stop">{told}</p>
  {/if}
</div>
