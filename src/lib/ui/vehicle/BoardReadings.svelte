<script lang="ts">
  import type { Interior } from '$lib/core/shell'
  import type { LengthUnit } from '$lib/core/units'
  import LengthField from '../parts/LengthField.svelte'
  import Why from '../parts/Why.svelte'
  import { boardReadings } from './probe'

  let { interior, unit }: { interior: Interior; unit: LengthUnit } = $props()

  /** The search takes a tenth of a second: it is made only while it is looked at. */
  let open = $state(false)
  let wideMm = $state(300)
  let thickMm = $state(20)
  const readings = $derived(open ? boardReadings(interior, wideMm, thickMm, unit) : [])
</script>

<details class="mt-2 border-t border-line pt-1 text-[0.9286rem]" bind:open data-testid="board">
  <summary class="cursor-pointer font-semibold hover:text-pencil">Longest board that fits</summary>
  <div class="mt-1 grid grid-cols-2 gap-x-4">
    <LengthField label="wide" mm={wideMm} {unit} min={1} max={2500} width="4rem" onset={(mm) => (wideMm = mm)} />
    <LengthField label="thick" mm={thickMm} {unit} min={1} max={2500} width="4rem" onset={(mm) => (thickMm = mm)} />
  </div>
  <dl>
    {#each readings as { words, figure, why } (words)}
      <div class="flex items-baseline justify-between border-t border-line py-[3px]">
        <dt>{words}</dt>
        <dd class="font-semibold"><Why about="{words} {figure}" lines={why}>{figure}</Why></dd>
      </div>
    {/each}
  </dl>
</details>
