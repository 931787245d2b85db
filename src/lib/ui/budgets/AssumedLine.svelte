<script lang="ts">
  import NumberField from '../parts/NumberField.svelte'
  import Why from '../parts/Why.svelte'

  interface Props {
    label: string
    value: number
    unit?: string
    limits: readonly [min: number, max: number]
    basis: string
    onset: (value: number) => void
    /** Where somebody set it: back to what is usual. */
    onusual?: (() => void) | undefined
  }
  let { label, value, unit = '', limits, basis, onset, onusual }: Props = $props()
</script>

<div class="flex items-baseline gap-1 border-b border-dotted border-line">
  <div class="min-w-0 flex-1">
    <NumberField
      {label}
      {value}
      digits={2}
      {...unit === '' ? {} : { suffix: unit }}
      width="3rem"
      min={limits[0]}
      max={limits[1]}
      {onset}
    />
  </div>
  {#if onusual !== undefined}<button class="act text-sm" aria-label="{label}: as usual" onclick={onusual}
      >as usual</button
    >{/if}
  <Why about={label} lines={[basis]}>why</Why>
</div>
