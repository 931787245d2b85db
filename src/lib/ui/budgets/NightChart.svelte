<script lang="ts">
  import type { ChartConfiguration } from 'chart.js'
  import type { WarmthReport } from '$lib/core/budgets'
  import { inkedOptions, type Ink } from './axes'
  import Plot from './Plot.svelte'

  let { report }: { report: WarmthReport } = $props()
  const STARTS = 18
  const hasPanes = $derived(report.hours.some(({ paneC }) => paneC !== undefined))
  const hourOf = (at: number): number => (STARTS + at) % 24
  const label = $derived(
    `From six in the evening: ${report.hours
      .filter((_, at) => at % 3 === 0)
      .map(({ insideC }, at) => `${hourOf(3 * at)}:00 ${Math.round(insideC)} °C`)
      .join(', ')}.`,
  )
  const config = (ink: Ink): ChartConfiguration<'line'> => {
    const line = { pointRadius: 0, borderWidth: 1.4 }
    return {
      type: 'line',
      data: {
        labels: report.hours.map((_, at) => hourOf(at)),
        datasets: [
          { ...line, data: report.hours.map(({ insideC }) => insideC), borderColor: ink('ink') },
          ...(hasPanes
            ? [
                {
                  ...line,
                  data: report.hours.map(({ paneC }) => paneC ?? null),
                  borderColor: ink('pencil'),
                  borderDash: [5, 3],
                },
              ]
            : []),
          { ...line, data: report.hours.map(({ dewC }) => dewC), borderColor: ink('stop'), borderDash: [2, 3] },
        ],
      },
      options: inkedOptions(ink, { x: { autoSkip: true, maxTicksLimit: 9 } }),
    }
  }
</script>

<Plot {label} highPx={150} {config} />
<p class="text-sm text-ink-2">
  Solid: inside, heated till ten and from seven. {hasPanes ? 'Dashed: on the panes. ' : ''}Dotted: where vapour wets.
</p>
