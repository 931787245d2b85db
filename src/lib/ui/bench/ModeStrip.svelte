<script lang="ts">
  import { nightsOfWater, waterNights, waterUse } from '$lib/core/brief'
  import { isLetBe } from '$lib/core/review'
  import { freshLitres } from '$lib/core/budgets'
  import { count, GRAVITY_WORDS, LIMIT_WORDS, sayWaterSum, WATER_BASIS } from '$lib/core/text'
  import { formatNumber, sayMass } from '$lib/core/units'
  import Why from '../parts/Why.svelte'
  import type { Bench } from './bench.svelte'
  import ModeChange from './ModeChange.svelte'
  import ModeMenu from './ModeMenu.svelte'

  let { bench }: { bench: Bench } = $props()

  const tallyOf = (id: string): string => {
    const mode = bench.checked.review?.modes.find(({ modeId }) => modeId === id)
    if (mode === undefined) return '…'
    const of = (gravity: 'stop' | 'caution') =>
      mode.findings.filter((finding) => finding.gravity === gravity && !isLetBe(finding)).length
    const parts = (['stop', 'caution'] as const).flatMap((gravity) =>
      of(gravity) > 0 ? [count(of(gravity), GRAVITY_WORDS[gravity])] : [],
    )
    return parts.length === 0 ? 'all clear' : parts.join(' · ')
  }
  const MOST_MARGINS = 3
  const power = $derived(bench.power.shown)
  const isDark = $derived(power !== undefined && power.darkDays > power.allowed)
  /** The weights that are worse than the power: it stands after them, if it is among the worst three. */
  const worse = $derived.by(() => {
    const { margins } = bench.checked
    if (power === undefined) return margins.length
    const at = margins.findIndex(
      ({ left, limit, isGuide }) => (isGuide && left >= 0) || left / limit > (isDark ? 0 : power.left),
    )
    return at < 0 ? margins.length : at
  })
  const showsPower = $derived(power !== undefined && worse < MOST_MARGINS)
  const margins = $derived(bench.checked.margins.slice(0, MOST_MARGINS - Number(showsPower)))
  const fresh = $derived(freshLitres(bench.scene.placed))
  const litres = $derived(fresh.litres)
  const use = $derived(waterUse(bench.liveJob.brief))
  const nights = $derived(nightsOfWater(use, fresh))
  const asked = $derived(waterNights(bench.liveJob.brief))
</script>

<footer class="flex h-[4.4286rem] items-start gap-6 border-t border-ink bg-sheet px-4 pt-2.5">
  <div role="group" aria-label="Modes" class="flex min-w-0 items-start overflow-x-auto">
    {#each bench.modes as [id, mode], index (id)}
      {#if index > 0}<ModeChange {bench} change={bench.checked.changes[index - 1]} to={mode.name} />{/if}
      <button
        aria-pressed={id === bench.modeId}
        title="{mode.name} ({index + 1})"
        data-testid="mode-button"
        class="group text-left"
        onclick={() => bench.showMode(id)}
      >
        <span
          class="block border-b-2 text-base font-semibold {id === bench.modeId
            ? 'border-pencil text-pencil'
            : 'border-transparent group-hover:text-pencil'} w-fit">{mode.name}</span
        >
        <span class="block text-sm whitespace-nowrap text-ink-2 narrow">{tallyOf(id)}</span>
      </button>
    {/each}
    <ModeMenu {bench} />
  </div>
  <div class="flex-1"></div>
  <a
    href="/jobs/{bench.session.id}/budgets"
    class="block flex-none text-sm hover:text-pencil"
    title="The tightest: weights of the worst loading on the road, waste empty, and power through the year"
    data-testid="margins"
  >
    {#each margins as margin, at (margin.id)}
      {#if showsPower && at === worse}{@render powerLine()}{/if}
      <span class="flex items-baseline gap-2 leading-[1.0714rem]" data-margin={margin.id}>
        <span class="w-32 truncate narrow {margin.left < 0 ? 'font-semibold' : 'text-ink-2'}"
          >{LIMIT_WORDS[margin.id]}</span
        >
        <b
          class="w-24 text-right font-semibold whitespace-nowrap {margin.left < 0
            ? margin.isGuide
              ? 'text-caution'
              : 'text-stop'
            : ''}"
          >{margin.unit === 'share'
            ? `${formatNumber(margin.value * 100, 0)}%`
            : margin.left < 0
              ? `${sayMass(Math.ceil(-margin.left))} over`
              : `${sayMass(Math.floor(margin.left))} left`}</b
        >
      </span>
      {#if showsPower && at === margins.length - 1 && worse > at}{@render powerLine()}{/if}
    {:else}<span class="text-ink-2">{bench.checked.stopped === undefined ? 'weighing…' : 'not weighed'}</span>{/each}
  </a>
  <div class="w-28 flex-none text-sm">
    <p class="text-[0.9286rem] font-semibold">
      <Why about="the water lasts {nights.toFixed(1)} nights" lines={[sayWaterSum(use, fresh, nights), WATER_BASIS]}
        >{nights.toFixed(1)} nights</Why
      >
    </p>
    <p class="text-ink-2 narrow">of water, {formatNumber(litres)} L</p>
    <div class="mt-1 h-[3px] bg-line">
      <div class="h-full bg-ink" style:width="{asked === 0 ? 100 : Math.min(100, (nights / asked) * 100)}%"></div>
    </div>
  </div>
</footer>

{#snippet powerLine()}
  {#if power !== undefined}
    <span class="flex items-baseline gap-2 leading-[1.0714rem]" data-margin="power">
      <span class="w-32 truncate narrow {isDark ? 'font-semibold' : 'text-ink-2'}">Power</span>
      <b class="w-24 text-right font-semibold whitespace-nowrap {isDark ? 'text-caution' : ''}"
        >{power.darkDays > 0
          ? count(power.darkDays, { one: 'dark day', many: 'dark days' })
          : `${formatNumber(Math.max(0, power.left) * 100, 0)}% left`}</b
      >
    </span>
  {/if}
{/snippet}
