import type { ChartOptions } from 'chart.js'

/** A colour of the page by its token, as it is by day or in the dark. */
export type Ink = (token: 'ink' | 'ink-2' | 'line' | 'stop' | 'wood' | 'pencil') => string

type Scales = NonNullable<ChartOptions<'line'>['scales']>

/** Paper and ink for a chart of lines: no legend, thin rules across, figures in the second ink. */
export const inkedOptions = (
  ink: Ink,
  { x = {}, y = {} }: { readonly x?: object; readonly y?: object },
): ChartOptions<'line'> => ({
  plugins: { legend: { display: false }, tooltip: { enabled: false } },
  scales: {
    x: {
      grid: { display: false },
      border: { color: ink('ink-2') },
      ticks: { color: ink('ink-2'), maxRotation: 0, ...x },
    },
    y: {
      grid: { color: ink('line'), drawTicks: false },
      border: { display: false },
      ...y,
      ticks: { color: ink('ink-2'), padding: 6, maxTicksLimit: 5, ...('ticks' in y ? (y.ticks as object) : {}) },
    },
  } satisfies Scales,
})
