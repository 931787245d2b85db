<script lang="ts">
  import { SECTIONS_MM2 } from '$lib/core/job'
  import { CONDUCTORS } from '$lib/core/wiring'
  import { formatFigure } from '$lib/core/units'
  import NumberField from '../parts/NumberField.svelte'
  import AssumedField from './AssumedField.svelte'
  import type { Power } from './power.svelte'

  let { power }: { power: Power } = $props()
  const session = $derived(power.session)
  const own = $derived(session.job.power?.carries ?? {})
  const inBook = (mm2: number): number => CONDUCTORS.find((one) => one.mm2 === mm2)?.carriesA ?? NaN
</script>

<details class="no-print mt-2 text-[0.9286rem]" data-testid="carries">
  <summary class="w-fit cursor-pointer act">What a wire carries, and may lose</summary>
  <p class="mt-1 text-ink-2">
    Amperes for long by section: ISO 10133, annex A, for one wire with insulation for 70 °C outside an engine room, as
    remembered. Type the shop’s own table over it.
  </p>
  <div class="mt-1 grid max-w-[46rem] grid-cols-[repeat(auto-fill,minmax(10rem,1fr))] gap-x-6">
    {#each SECTIONS_MM2 as mm2 (mm2)}
      <div class="flex items-baseline gap-1 border-b border-dotted border-line">
        <div class="min-w-0 flex-1">
          <NumberField
            label="{formatFigure(mm2, 1)} mm²"
            value={own[String(mm2)] ?? inBook(mm2)}
            suffix="A"
            width="3rem"
            min={1}
            max={600}
            onset={(amps) => void session.do({ type: 'power.carries', mm2, amps: amps === inBook(mm2) ? null : amps })}
          />
        </div>
        {#if own[String(mm2)] !== undefined}<button
            class="act text-sm"
            aria-label="{formatFigure(mm2, 1)} mm² as in the book"
            onclick={() => session.do({ type: 'power.carries', mm2, amps: null })}>as in the book</button
          >{/if}
      </div>
    {/each}
  </div>
  <div class="mt-2 max-w-[22rem]">
    <AssumedField {power} key="dropPercent" />
    <AssumedField {power} key="lightDropPercent" />
  </div>
</details>
