<script lang="ts">
  import { faulty, formatFigure, parsed, parseMass, parseVolume } from '$lib/core/units'
  import Field from './Field.svelte'

  interface Props {
    label: string
    /** NaN: nobody said it yet. */
    value: number
    onset: (value: number) => void
    /** Only whole numbers, none below zero. */
    whole?: boolean
    /** What it measures: with its unit, a figure in pounds or gallons is read too. */
    of?: 'mass' | 'volume'
    min?: number
    max?: number
    /** Decimals that are shown at most. */
    digits?: number
    suffix?: string
    width?: string
    hideLabel?: boolean
    refused?: string | undefined
  }
  let { label, value, onset, whole = false, of, digits = 1, ...rest }: Props = $props()

  const parse = (text: string) => {
    if (of !== undefined) return of === 'mass' ? parseMass(text) : parseVolume(text)
    const number = Number(
      text
        .trim()
        .replace(',', '.')
        .replace('−', '-')
        .replace(/[\s\u202f]/g, ''),
    )
    if (whole && !(Number.isInteger(number) && number >= 0 && text.trim() !== '')) return faulty('Type a whole number.')
    return text.trim() !== '' && Number.isFinite(number) ? parsed(number) : faulty('Type a number.')
  }
</script>

<Field
  {label}
  {value}
  {parse}
  format={(figure) => (Number.isNaN(figure) ? '' : formatFigure(figure, digits))}
  {onset}
  {...rest}
/>
