<script lang="ts">
  import type { WeatherNotes } from '$lib/core/job'
  import { readWeather, type MeasuredDay } from '$lib/core/sky'
  import { count } from '$lib/core/text'
  import { sayWeatherFault } from '$lib/core/text'
  import type { Power } from './power.svelte'

  let { power }: { power: Power } = $props()
  const session = $derived(power.session)
  const weather = $derived(session.job.power?.weather)
  const missing = $derived(weather?.days.filter((day) => day === null).length ?? 0)
  const MAX_BYTES = 3_000_000
  let picker: HTMLInputElement | undefined = $state(undefined)
  let faults: readonly string[] = $state.raw([])

  const rounded = (value: number, by: number): number => Math.round(value * by) / by
  const daysOf = (days: readonly (MeasuredDay | undefined)[]): WeatherNotes['days'] =>
    days.map((day) =>
      day === undefined
        ? null
        : 'sunWm2' in day
          ? {
              sunWm2: day.sunWm2.map((one) => Math.round(one)),
              outsideC: day.outsideC.map((one) => rounded(one, 10)),
            }
          : [rounded(day.sunKwh, 1000), rounded(day.meanC, 1000), rounded(day.swingK, 1000)],
    )

  async function take(file: File | undefined): Promise<void> {
    if (file === undefined) return
    if (file.size > MAX_BYTES) {
      faults = ['This file is over 3 MB: a year by the hour is a tenth of that.']
      return
    }
    const { default: Papa } = await import('papaparse')
    const rows = Papa.parse<string[]>(await file.text(), { skipEmptyLines: false }).data
    const read = readWeather(rows)
    faults = read.ok ? [] : read.faults.map(sayWeatherFault)
    if (!read.ok) return
    session.do({ type: 'power.weather', weather: { name: file.name.slice(0, 80), days: daysOf(read.measured.days) } })
  }
</script>

<div class="mt-2" data-testid="weather">
  {#if weather !== undefined}
    <p>
      Weather measured: {weather.name}.
      {#if missing > 0}<span class="text-caution"
          >{count(missing, { one: 'day is', many: 'days are' })} missing: typical ones stand for them, and the dark days there
          are only as likely as those.</span
        >{/if}
      <button class="act" onclick={() => session.do({ type: 'power.weather', weather: null })}
        >Take typical weather</button
      >
    </p>
  {/if}
  <button class="no-print act" onclick={() => picker?.click()}>Bring in measured weather…</button>
  <input
    bind:this={picker}
    type="file"
    accept=".csv,text/csv"
    class="hidden"
    data-testid="weather-file"
    onchange={(event) => {
      void take(event.currentTarget.files?.[0])
      event.currentTarget.value = ''
    }}
  />
  {#if faults.length > 0}
    <div role="alert" class="mt-1 border-l-2 border-stop pl-2 text-sm text-stop">
      <p>The file was not taken.</p>
      <ul>
        {#each faults.slice(0, 5) as fault, index (index)}<li>{fault}</li>{/each}
        {#if faults.length > 5}<li>and {faults.length - 5} more</li>{/if}
      </ul>
      <p class="text-ink-2">
        By the hour: month, day, hour, sun_w_m2, outside_c. By the month: month, sun_kwh_m2_day, mean_c, swing_k.
      </p>
    </div>
  {/if}
</div>
