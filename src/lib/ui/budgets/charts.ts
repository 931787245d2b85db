import {
  CategoryScale,
  Chart,
  Filler,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  type ChartConfiguration,
} from 'chart.js'

Chart.register(CategoryScale, Filler, LinearScale, LineController, LineElement, PointElement)
Chart.defaults.font.family = "'Instrument Sans Variable', sans-serif"
Chart.defaults.font.size = 12
Chart.defaults.animation = false
Chart.defaults.responsive = true
Chart.defaults.maintainAspectRatio = false

/** Draws a chart on a canvas; gives back how to take it away. */
export function draw(canvas: HTMLCanvasElement, config: ChartConfiguration<'line'>): () => void {
  const chart = new Chart(canvas, config)
  return () => chart.destroy()
}
