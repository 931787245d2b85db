<script lang="ts">
  import type { ChartConfiguration } from 'chart.js'
  import type { PowerReport, PowerWeek } from '$lib/core/budgets'
  import { sayDay } from '$lib/core/text'
  import type { Ink } from './axes'
  import Plot from './Plot.svelte'

  let { week, report }: { week: PowerWeek; report: PowerReport } = $props()
  const PERCENT = 100
  const HOURS = 24
  const kept = $derived(PERCENT * report.keptAt)
  const label = $derived(
    `Charge by the hour for a week from ${sayDay(week.fromDay)}: from ${Math.round(PERCENT * Math.min(...week.charge))} to ${Math.round(PERCENT * Math.max(...week.charge))} %.`,
  )
  const config = (ink: Ink): ChartConfiguration<'line'> => {
    const events = new Set(week.shed.map(({ at }) => at))
    return {
      type: 'line',
      data: {
        labels: week.charge.map((_, hour) => hour),
        datasets: [
          {
            data: week.charge.map((one) => one * PERCENT),
            borderColor: ink('ink'),
            borderWidth: 1.4,
            pointRadius: week.charge.map((_, hour) => (events.has(hour) ? 3 : 0)),
            pointBackgroundColor: ink('stop'),
            pointBorderColor: ink('stop'),
          },
          {
            data: week.charge.map(() => kept),
            borderColor: ink('stop'),
            borderDash: [4, 3],
            borderWidth: 1,
            pointRadius: 0,
          },
        ],
      },
      options: {
        plugins: { legend: { display: false }, tooltip: { enabled: false } },
        scales: {
          x: {
            grid: { color: ink('line'), drawTicks: false },
            // one for each midnight; its day is written to the right of it
            afterBuildTicks: (axis) => {
              axis.ticks = Array.from({ length: week.charge.length / HOURS }, (_, day) => ({ value: day * HOURS }))
            },
            border: { color: ink('ink-2') },
            ticks: {
              color: ink('ink-2'),
              autoSkip: false,
              maxRotation: 0,
              align: 'start',
              padding: 4,
              callback: (value) => sayDay(week.fromDay + Number(value) / HOURS).replace(/^(\d+ \p{L}{3}).*$/u, '$1'),
            },
          },
          y: {
            min: 0,
            max: 102,
            grid: { display: false },
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

<Plot {label} highPx={140} {config} />
