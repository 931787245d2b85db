<script lang="ts">
  import { formatFigure, formatLength, parseLength, parseMass, parseVolume, type LengthUnit } from '$lib/core/units'
  import Field from '../parts/Field.svelte'

  interface Props {
    label: string
    /** Undefined: nobody said it yet. */
    value: number | undefined
    kind: 'kg' | 'L' | 'mm'
    unit: LengthUnit
    min: number
    max: number
    refused?: string | undefined
    onset: (value: number) => void
  }
  let { label, value, kind, unit, min, max, refused, onset }: Props = $props()
  let isOpen = $state(false)
  const parse = $derived(
    kind === 'mm' ? (text: string) => parseLength(text, unit) : kind === 'kg' ? parseMass : parseVolume,
  )
  const format = (figure: number): string =>
    Number.isNaN(figure) ? '' : kind === 'mm' ? formatLength(figure, unit) : formatFigure(figure)
</script>

{#if value === undefined && !isOpen}
  <div class="flex items-baseline justify-between gap-2">
    <span class="text-ink-2">{label}</span>
    <button class="act" aria-label="Enter {label}" onclick={() => (isOpen = true)}>not known</button>
  </div>
{:else}
  <Field
    {label}
    value={value ?? NaN}
    {parse}
    {format}
    {...kind === 'mm' ? {} : { suffix: kind }}
    width="4.2rem"
    {min}
    {max}
    {refused}
    {onset}
  />
{/if}
