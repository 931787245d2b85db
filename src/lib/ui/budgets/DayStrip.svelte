<script lang="ts">
  import type { PowerReport } from '$lib/core/budgets'
  import { sayLoad, type Names } from '$lib/core/text'
  import type { Job } from '$lib/core/job'
  import { formatNumber } from '$lib/core/units'

  interface Props {
    report: PowerReport
    job: Job
    names: Names
  }
  let { report, job, names }: Props = $props()
  const SHOWN = 4
  /** Of the strip, so much holds a word. */
  const LEAST_SHARE = 0.1
  const kilo = (wh: number): string => formatNumber(wh / 1000, 2)

  interface Part {
    readonly name: string
    readonly wh: number
    /** What nobody has any use of. */
    readonly isLost?: boolean
  }
  const comes: readonly Part[] = $derived(
    [
      { name: 'sun', wh: report.perDay.sun },
      { name: 'driving', wh: report.perDay.engine },
      { name: 'hook-up', wh: report.perDay.mains + report.perDay.direct },
      { name: 'wasted', wh: report.perDay.wasted, isLost: true },
    ].filter(({ wh }) => wh > 0.5),
  )
  const goes: readonly Part[] = $derived.by(() => {
    const rows = report.rows.map((row) => ({ name: sayLoad(row.load, job, names), wh: row.whADay }))
    const rest = rows.slice(SHOWN).reduce((sum, { wh }) => sum + wh, 0)
    return [...rows.slice(0, SHOWN), { name: 'all else', wh: rest }].filter(({ wh }) => wh > 0.5)
  })
  const sum = (parts: readonly Part[]): number => parts.reduce((all, { wh }) => all + wh, 0)
  const wide = $derived(Math.max(1, sum(comes), sum(goes)))
</script>

{#snippet strip(title: string, parts: readonly Part[])}
  <div class="flex items-stretch gap-2">
    <span class="w-16 flex-none text-ink-2">{title}</span>
    <div class="flex min-w-0 flex-1">
      {#if parts.length === 0}<span class="text-ink-2">nothing</span>{/if}
      {#each parts as { name, wh, isLost }, at (at)}
        <span
          class="h-5 truncate border border-ink px-1 leading-[1.1rem] not-first:border-l-0 {isLost
            ? 'border-dashed text-ink-2'
            : 'bg-line'}"
          style:width="{(100 * wh) / wide}%"
          title="{name}: {kilo(wh)} kWh">{wh / wide >= LEAST_SHARE ? `${name} ${kilo(wh)}` : ''}</span
        >
      {/each}
    </div>
  </div>
  <ul class="sr-only">
    {#each parts as { name, wh }, at (at)}<li>{title} {name}: {kilo(wh)} kWh</li>{/each}
  </ul>
{/snippet}

<section class="mt-3 text-sm" aria-label="Balance of a mean day" data-testid="comes-in">
  <h2 class="caps">A mean day aboard, kWh</h2>
  <div class="mt-1 grid gap-1">
    {@render strip('comes in', comes)}
    {@render strip('wanted', goes)}
  </div>
  {#if report.perDay.unserved > 0.5}<p class="mt-0.5 ml-18 text-stop">
      of it not given: {kilo(report.perDay.unserved)}
    </p>{/if}
</section>
