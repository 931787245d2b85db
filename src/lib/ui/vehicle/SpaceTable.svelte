<script lang="ts">
  import { type Interior } from '$lib/core/shell'
  import { ceilingAreaM2, floorAreaM2, volumeM3, type SpaceRow } from '$lib/core/space'
  import { small, SPACE_ROW_WORDS, withLengths } from '$lib/core/text'
  import { formatLength, isInInches, sayAir, sayArea, sayLength, type LengthUnit } from '$lib/core/units'
  import Why from '../parts/Why.svelte'

  interface Props {
    rows: readonly SpaceRow[]
    /** Between the wheel arches; undefined where there are none. */
    betweenMm: number | undefined
    interior: Interior
    unit: LengthUnit
  }
  let { rows, betweenMm, interior, unit }: Props = $props()

  const SHEET_M2 = 2.44 * 1.22
  const ceiling = $derived(ceilingAreaM2(interior))
  const wholes = $derived([
    {
      words: 'Floor',
      figure: sayArea(floorAreaM2(interior), unit),
      why: ['Width at the lined floor over the length, less what stands on it.', 'Geometry.'],
    },
    {
      words: 'Air',
      figure: sayAir(volumeM3(interior), unit),
      why: ['Sections over the length, less what stands proud of the body.', 'Geometry.'],
    },
    {
      words: 'Ceiling',
      figure: sayArea(ceiling, unit),
      why: [
        'Faces within 45° of level, measured round their curve.',
        `${sayArea(ceiling, unit, 2)} ÷ (${isInInches(unit) ? '8 ft × 4 ft' : '2.44 m × 1.22 m'}) = ${(ceiling / SHEET_M2).toFixed(1)} sheets, before waste.`,
      ],
    },
  ])

  const why = (row: SpaceRow): string[] => {
    if (row.linedMm === 0) return [`This body has no walls ${sayLength(row.at.zMm, unit)} above its load floor.`]
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

<table class="w-full text-left text-[0.9286rem]" data-testid="space-table">
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
        <td class="py-[3px]">{withLengths(SPACE_ROW_WORDS[row.id], unit)}</td>
        <td class="text-right">{row.bareMm === 0 ? 'none' : formatLength(row.bareMm, unit)}</td>
        <td class="text-right text-ink-2">{row.bareMm === 0 ? '' : formatLength(row.bareMm - row.linedMm, unit)}</td>
        <td class="text-right font-semibold" data-testid="lined-{row.id}"
          ><Why
            about="{small(withLengths(SPACE_ROW_WORDS[row.id], unit))} is {sayLength(row.linedMm, unit)}"
            lines={why(row)}>{row.linedMm === 0 ? 'none' : formatLength(row.linedMm, unit)}</Why
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
<dl class="mt-1 grid grid-cols-3 border-t border-line pt-1 text-[0.9286rem]" data-testid="wholes">
  {#each wholes as { words, figure, why: lines } (words)}
    <div>
      <dt class="text-xs text-ink-2 narrow">{words}</dt>
      <dd class="font-semibold"><Why about="{words.toLowerCase()} is {figure}" {lines}>{figure}</Why></dd>
    </div>
  {/each}
</dl>
