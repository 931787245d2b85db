<script lang="ts">
  import type { ChartConfiguration } from 'chart.js'
  import type { PowerReport } from '$lib/core/budgets'
  import { monthName, sayDay } from '$lib/core/text'
  import { MONTH_DAYS } from '$lib/core/sky'
  import type { Ink } from './axes'
  import Plot from './Plot.svelte'

  interface Props {
    report: PowerReport
    onday: (day: number) => void
  }
  let { report, onday }: Props = $props()
  const PERCENT = 100
  /** Below the scale there is a line for the dark days. */
  const DARK_AT = -7
  const firstDays = MONTH_DAYS.map((_, month) =>
    MONTH_DAYS.slice(0, month).reduce((sum: number, days) => sum + days, 0),
  )
  const middles = new Map(firstDays.map((day, month) => [day + Math.floor((MONTH_DAYS[month] ?? 30) / 2), month]))
  const kept = $derived(PERCENT * report.keptAt)
  const label = $derived(
    `Charge over the year: between ${Math.round(PERCENT * Math.min(...report.band.map(([low]) => low)))} and ${Math.round(PERCENT * Math.max(...report.band.map(([, high]) => high)))} %. ${report.darkDays.length === 0 ? 'No dark days.' : `Dark days: ${report.darkDays.slice(0, 12).map(sayDay).join(', ')}${report.darkDays.length > 12 ? ` and ${report.darkDays.length - 12} more` : ''}.`}`,
  )
  const config = (ink: Ink): ChartConfiguration<'line'> => {
    const dark = new Set(report.darkDays)
    const line = { borderColor: ink('ink'), borderWidth: 0.8, pointRadius: 0, tension: 0 }
    return {
      type: 'line',
      data: {
        labels: report.band.map((_, day) => day),
        datasets: [
          { ...line, data: report.band.map(([low]) => low * PERCENT) },
          {
            ...line,
            data: report.band.map(([, high]) => high * PERCENT),
            fill: '-1',
            backgroundColor: `color-mix(in srgb, ${ink('line')} 60%, transparent)`,
          },
          {
            data: report.band.map(() => kept),
            borderColor: ink('stop'),
            borderDash: [4, 3],
            borderWidth: 1,
            pointRadius: 0,
          },
          {
            data: report.band.map((_, day) => (dark.has(day) ? DARK_AT : null)),
            showLine: false,
            pointStyle: 'circle',
            pointRadius: 2.2,
            pointBackgroundColor: ink('stop'),
            pointBorderColor: ink('stop'),
          },
        ],
      },
      options: {
        interaction: { mode: 'index', intersect: false },
        onClick: (_event, elements) => {
          const [first] = elements
          if (first !== undefined) onday(first.index)
        },
        plugins: { legend: { display: false }, tooltip: { enabled: false } },
        scales: {
          x: {
            grid: { display: false },
            border: { color: ink('ink-2') },
            ticks: {
              color: ink('ink-2'),
              autoSkip: false,
              maxRotation: 0,
              callback: (_value, index) => {
                const month = middles.get(index)
                return month === undefined ? null : monthName(month).charAt(0)
              },
            },
          },
          y: {
            min: DARK_AT - 4,
            max: 102,
            grid: { color: ink('line'), drawTicks: false },
            border: { display: false },
            afterBuildTicks: (axis) => {
              axis.ticks = [0, 50, 100].map((value) => ({ value }))
            },
            ticks: { color: ink('ink-2'), padding: 6 },
          },
        },
      },
    }
  }
</script>

<Plot {label} highPx={160} {config} />
