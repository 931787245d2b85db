<script lang="ts">
  import type { ChartConfiguration } from 'chart.js'
  import type { Ink } from './axes'

  interface Props {
    /** What the chart says, for those who do not see it. */
    label: string
    highPx: number
    config: (ink: Ink) => ChartConfiguration<'line'>
  }
  let { label, highPx, config }: Props = $props()
  let canvas: HTMLCanvasElement | undefined = $state(undefined)
  /** Colours are read again where day turns to dark, and for paper. */
  let look = $state(0)

  $effect(() => {
    const dark = matchMedia('(prefers-color-scheme: dark)')
    const change = () => (look += 1)
    dark.addEventListener('change', change)
    return () => dark.removeEventListener('change', change)
  })
  $effect(() => {
    void look
    const on = canvas
    if (on === undefined) return
    const style = getComputedStyle(document.documentElement)
    const made = config((token) => style.getPropertyValue(`--${token}`).trim())
    let [gone, remove] = [false, () => {}]
    // the charts come when the first is seen
    void import('./charts').then(({ draw }) => {
      if (!gone) remove = draw(on, made)
    })
    return () => {
      gone = true
      remove()
    }
  })
</script>

<div class="relative" style:height="{highPx}px" role="img" aria-label={label}>
  <canvas bind:this={canvas}></canvas>
</div>
