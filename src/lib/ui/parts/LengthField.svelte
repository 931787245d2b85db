<script lang="ts">
  import type { Snippet } from 'svelte'
  import { formatLength, parseLength, type LengthUnit } from '$lib/core/units'
  import Field from './Field.svelte'

  interface Props {
    label: string
    mm: number
    unit: LengthUnit
    onset: (mm: number) => void
    min?: number
    max?: number
    id?: string
    width?: string
    hideLabel?: boolean
    refused?: string | undefined
    /** What stands before its figure. */
    children?: Snippet
  }
  let { label, mm, unit, onset, ...rest }: Props = $props()
</script>

<Field
  {label}
  value={mm}
  parse={(text) => parseLength(text, unit)}
  format={(value) => formatLength(value, unit)}
  {onset}
  pad={unit}
  {...rest}
/>
