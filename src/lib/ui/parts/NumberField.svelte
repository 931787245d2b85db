<script lang="ts">
  import { faulty, formatNumber, parsed } from '$lib/core/units'
  import Field from './Field.svelte'

  interface Props {
    label: string
    value: number
    onset: (value: number) => void
    /** Only whole numbers, none below zero. */
    whole?: boolean
    min?: number
    max?: number
    suffix?: string
    width?: string
    hideLabel?: boolean
  }
  let { label, value, onset, whole = false, ...rest }: Props = $props()

  const parse = (text: string) => {
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
  format={(figure) => formatNumber(figure, Number.isInteger(figure) ? 0 : 1)}
  {onset}
  {...rest}
/>
