<script lang="ts">
  interface Holds {
    readonly driverKg: number
    readonly fuelPercent: number
  }
  interface Props {
    /** Undefined: nobody asked yet. */
    value: Holds | undefined
    onset: (value: Holds | undefined) => void
  }
  let { value, onset }: Props = $props()

  /** European running order counts a driver of 75 kg and nine tenths of the fuel. */
  const HOLDS = {
    driver: ['driver and 90% fuel', { driverKg: 75, fuelPercent: 90 }],
    fuel: ['90% fuel, nobody', { driverKg: 0, fuelPercent: 90 }],
    full: ['a full tank, nobody', { driverKg: 0, fuelPercent: 100 }],
    bare: ['nothing', { driverKg: 0, fuelPercent: 0 }],
  } as const
  type Named = keyof typeof HOLDS
  const named = $derived(
    (Object.keys(HOLDS) as Named[]).find(
      (id) => HOLDS[id][1].driverKg === value?.driverKg && HOLDS[id][1].fuelPercent === value.fuelPercent,
    ),
  )
</script>

<label class="flex items-baseline justify-between gap-2"
  ><span class="text-ink-2">the kerb weight includes</span>
  <select
    class="ruled"
    value={value === undefined ? 'unknown' : (named ?? 'other')}
    onchange={(event) => onset((HOLDS as Record<string, readonly [string, Holds]>)[event.currentTarget.value]?.[1])}
  >
    <option value="unknown">not known</option>
    {#each Object.entries(HOLDS) as [id, [words]] (id)}<option value={id}>{words}</option>{/each}
    {#if value !== undefined && named === undefined}<option value="other"
        >{value.driverKg} kg of driver, {value.fuelPercent}% fuel</option
      >{/if}
  </select></label
>
