<script lang="ts">
  import { faulty, parsed } from '$lib/core/units'
  import Field from './Field.svelte'

  interface Props {
    label: string
    value: number
    onset: (value: number) => void
    min?: number
    max?: number
    suffix?: string
    width?: string
    hideLabel?: boolean
  }
  let { label, value, onset, ...rest }: Props = $props()

  const parse = (text: string) => (/^\s*\d{1,4}\s*$/.test(text) ? parsed(Number(text)) : faulty('Type a whole number.'))
</script>

<Field {label} {value} {parse} format={String} {onset} {...rest} />
