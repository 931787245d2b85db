<script lang="ts">
  import type { SpaceRow } from '$lib/core/shell'
  import { SPACE_ROW_WORDS } from '$lib/core/text'
  import { formatLength, sayLength, type LengthUnit } from '$lib/core/units'
  import Why from '../parts/Why.svelte'

  interface Props {
    rows: readonly SpaceRow[]
    /** Between the wheel arches; undefined where there are none. */
    betweenMm: number | undefined
    unit: LengthUnit
  }
  let { rows, betweenMm, unit }: Props = $props()

  const why = (row: SpaceRow): string[] => {
    const [low, high] = row.tookMm
    const ends =
      row.id === 'length'
        ? ['the rear doors', 'the bulkhead']
        : row.id === 'height'
          ? ['the floor', 'the roof']
          : ['the right wall', 'the left wall']
    return [
      `${sayLength(row.bareMm, unit)} bare − ${sayLength(low, unit)} at ${ends[0]} − ${sayLength(high, unit)} at ${ends[1]} = ${sayLength(row.linedMm, unit)}.`,
      row.id.startsWith('width')
        ? `Measured level, ${sayLength(row.at.xMm, unit)} from the rear sill, heights above the bare load floor; a wall that leans loses more than its lining is thick.`
        : row.id === 'length'
          ? 'The rear doors are not lined here; a closed bulkhead is lined as the walls.'
          : `Measured ${sayLength(row.at.xMm, unit)} from the rear sill.`,
      'Geometry: each face moved inwards along its own normal. Bare is from skin to skin; where ribs stand further in than the lining, they are what is left off.',
    ]
  }
</script>

<table class="w-full text-left text-[13px]" data-testid="space-table">
  <thead
    ><tr class="caps"
      ><th class="py-1">The load space</th><th class="text-right">bare</th><th class="text-right">lining</th><th
        class="text-right">lined</th
      ></tr
    ></thead
  >
  <tbody>
    {#each rows as row (row.id)}
      <tr class="border-t border-line">
        <td class="py-[3px]">{SPACE_ROW_WORDS[row.id]}</td>
        <td class="text-right">{formatLength(row.bareMm, unit)}</td>
        <td class="text-right text-ink-2">{formatLength(row.bareMm - row.linedMm, unit)}</td>
        <td class="text-right font-semibold" data-testid="lined-{row.id}"
          ><Why about="{SPACE_ROW_WORDS[row.id].toLowerCase()} is {sayLength(row.linedMm, unit)}" lines={why(row)}
            >{formatLength(row.linedMm, unit)}</Why
          ></td
        >
      </tr>
    {/each}
    {#if betweenMm !== undefined}
      <tr class="border-t border-line"
        ><td class="py-[3px]">Between the arches</td><td class="text-right">{formatLength(betweenMm, unit)}</td><td
          class="text-right text-ink-2">0</td
        >
        <td class="text-right font-semibold"
          ><Why
            about="the width between the arches is {sayLength(betweenMm, unit)}"
            lines={[
              'Arches are taken as measured; no lining is put on them.',
              'Geometry: from one keep-out to the other.',
            ]}>{formatLength(betweenMm, unit)}</Why
          ></td
        ></tr
      >
    {/if}
  </tbody>
</table>
