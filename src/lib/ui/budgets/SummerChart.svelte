<script lang="ts">
  import type { ChartConfiguration } from 'chart.js'
  import type { AirReport } from '$lib/core/budgets'
  import { inkedOptions, type Ink } from './axes'
  import Plot from './Plot.svelte'

  let { summer }: { summer: AirReport['summer'] } = $props()
  const EACH_H = 4
  const label = $derived(
    `The hottest day, inside shut and aired: ${summer.shutC
      .map((c, hour) => `${hour}:00 ${Math.round(c)} and ${Math.round(summer.airedC[hour] ?? c)} °C`)
      .filter((_, hour) => hour % EACH_H === 0)
      .join(', ')}.`,
  )
  const config = (ink: Ink): ChartConfiguration<'line'> => {
    const line = { pointRadius: 0, borderWidth: 1.4 }
    return {
      type: 'line',
      data: {
        labels: summer.shutC.map((_, hour) => hour),
        datasets: [
          { ...line, data: [...summer.shutC], borderColor: ink('ink') },
          { ...line, data: [...summer.airedC], borderColor: ink('pencil') },
          { ...line, data: [...summer.outsideC], borderColor: ink('ink-2'), borderDash: [2, 3] },
        ],
      },
      options: inkedOptions(ink, { x: { autoSkip: true, maxTicksLimit: 9 } }),
    }
  }
</script>

<Plot {label} highPx={140} {config} />
<p class="text-sm text-ink-2">Black: shut. Blue: aired. Dotted: outside. By the hour of the sun.</p>
