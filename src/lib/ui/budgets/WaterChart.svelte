<script lang="ts">
  import type { ChartConfiguration } from 'chart.js'
  import type { WaterReport } from '$lib/core/budgets'
  import { WEEKDAYS } from '$lib/core/text'
  import { inkedOptions, type Ink } from './axes'
  import Plot from './Plot.svelte'

  let { report }: { report: WaterReport } = $props()
  const freshOf = (fresh: readonly number[]): number => fresh.reduce((sum, litres) => sum + litres, 0)
  const hasWaste = $derived(report.waste.length > 0)
  const label = $derived(
    `Water by the evening: ${report.days
      .map(({ fresh, drinking, wasteL, missedL }, day) => {
        const held = `${Math.round(freshOf([...fresh, ...drinking]))} L`
        return `${WEEKDAYS[day % 7]} ${missedL > 1e-6 ? 'dry' : held}${hasWaste ? `, waste ${Math.round(wasteL)} L` : ''}`
      })
      .join('; ')}.`,
  )
  const config = (ink: Ink): ChartConfiguration<'line'> => {
    const bad = report.days.map(({ missedL, overL }) => missedL > 1e-6 || overL > 1e-6)
    return {
      type: 'line',
      data: {
        labels: report.days.map((_, day) => day),
        datasets: [
          {
            data: report.days.map(({ fresh, drinking }) => freshOf([...fresh, ...drinking])),
            borderColor: ink('ink'),
            borderWidth: 1.4,
            pointRadius: bad.map((is) => (is ? 4 : 2)),
            pointBackgroundColor: bad.map((is) => ink(is ? 'stop' : 'ink')),
            pointBorderColor: bad.map((is) => ink(is ? 'stop' : 'ink')),
            fill: 'origin',
            backgroundColor: `color-mix(in srgb, ${ink('line')} 60%, transparent)`,
          },
          ...(hasWaste
            ? [
                {
                  data: report.days.map(({ wasteL }) => wasteL),
                  borderColor: ink('pencil'),
                  borderDash: [5, 3],
                  borderWidth: 1.4,
                  pointRadius: 0,
                },
              ]
            : []),
        ],
      },
      options: inkedOptions(ink, {
        x: {
          autoSkip: false,
          callback: (value: string | number) => (WEEKDAYS[Number(value) % 7] ?? '').slice(0, 3),
        },
        y: {
          min: 0,
          suggestedMax: Math.max(1, report.freshL, Number.isFinite(report.wasteL) ? report.wasteL : 0),
          ticks: { maxTicksLimit: 4 },
        },
      }),
    }
  }
</script>

<Plot {label} highPx={150} {config} />
{#if hasWaste}<p class="text-sm text-ink-2">Solid: fresh. Dashed: waste.</p>{/if}
