<script lang="ts">
  import { sleepersOf, WATER_PER_NIGHT_L } from '$lib/core/brief'
  import type { Mode } from '$lib/core/job'
  import { offered, stanceOf } from '$lib/core/scene'
  import { count, fittingName, GRAVITY_WORDS, STANCE_WORDS } from '$lib/core/text'
  import { formatNumber, sayMass } from '$lib/core/units'
  import Why from '../parts/Why.svelte'
  import type { Bench } from './bench.svelte'

  let { bench }: { bench: Bench } = $props()

  const tallyOf = (id: string): string => {
    const mode = bench.review?.modes.find(({ modeId }) => modeId === id)
    if (mode === undefined) return '…'
    const of = (gravity: 'stop' | 'caution') => mode.findings.filter((finding) => finding.gravity === gravity).length
    const parts = (['stop', 'caution'] as const).flatMap((gravity) =>
      of(gravity) > 0 ? [count(of(gravity), GRAVITY_WORDS[gravity])] : [],
    )
    return parts.length === 0 ? 'nothing against it' : parts.join(' · ')
  }
  /** What is moved between one mode and the next. */
  const moves = (from: Mode, to: Mode): string[] => {
    const fittings = Object.entries(bench.plan.fittings).flatMap(([id, fitting]) => {
      const [before, after] = [stanceOf(fitting, id, from), stanceOf(fitting, id, to)]
      return before === after ? [] : [`${fittingName(fitting)}: ${STANCE_WORDS[before]} → ${STANCE_WORDS[after]}`]
    })
    const seats = bench.interior.shell.cabSeats.flatMap(({ id, label }) => {
      const [before, after] = [from, to].map(({ turned = [] }) => (turned.includes(id) ? 'turned' : 'forward'))
      return before === after ? [] : [`${label}’s seat: ${before} → ${after}`]
    })
    return [...fittings, ...seats]
  }

  const payload = $derived(bench.interior.shell.masses.grossKg - bench.interior.shell.masses.kerbKg)
  const furniture = $derived(
    bench.scene.placed.reduce((sum, { kind, fitting }) => sum + kind.massKg(fitting.parameters), 0),
  )
  const litres = $derived(offered(bench.scene, 'tank'))
  const sleepers = $derived(sleepersOf(bench.liveJob.brief).length)
  const nights = $derived(sleepers === 0 ? 0 : litres / (sleepers * WATER_PER_NIGHT_L))
</script>

<footer class="flex h-[62px] items-start gap-6 border-t border-ink bg-sheet px-4 pt-2.5">
  <div role="group" aria-label="Modes" class="flex items-start">
    {#each bench.modes as [id, mode], index (id)}
      {#if index > 0}
        {@const between = moves(bench.modes[index - 1]![1], mode)}
        <div class="mx-3 w-[76px] text-center text-sm text-ink-2">
          <div class="mt-2 mb-0.5 border-t border-ink-2"></div>
          {#if between.length === 0}no moves{:else}<Why
              about="{count(between.length, { one: 'move', many: 'moves' })} from {bench.modes[index - 1]![1]
                .name} to {mode.name}"
              lines={between}>{count(between.length, { one: 'move', many: 'moves' })}</Why
            >{/if}
        </div>
      {/if}
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
  </div>
  <div class="flex-1"></div>
  <div class="w-32 text-sm">
    <p class="text-[13px] font-semibold">
      <Why
        about="the fittings weigh {sayMass(furniture + litres)}"
        lines={[
          `Fittings ${sayMass(furniture)} + water ${sayMass(litres)} (${formatNumber(litres)} L at 1 kg) = ${sayMass(furniture + litres)}.`,
          `Payload: gross ${sayMass(bench.interior.shell.masses.grossKg)} − kerb ${sayMass(bench.interior.shell.masses.kerbKg)} = ${sayMass(payload)}, before people, gear and lining.`,
          'Estimated from boards and typical machines; weigh the vehicle.',
        ]}>{sayMass(furniture + litres)}</Why
      > fitted
    </p>
    <p class="text-ink-2 narrow">of {sayMass(payload)} payload</p>
    <div class="mt-1 h-[3px] bg-line">
      <div class="h-full bg-ink" style:width="{Math.min(100, ((furniture + litres) / payload) * 100)}%"></div>
    </div>
  </div>
  <div class="w-28 text-sm">
    <p class="text-[13px] font-semibold">
      <Why
        about="the water lasts {nights.toFixed(1)} nights"
        lines={[
          `${formatNumber(litres)} L ÷ (${sleepers} sleepers × ${WATER_PER_NIGHT_L} L a night) = ${nights.toFixed(1)} nights.`,
          'Common practice, no source: 10 to 21 L for each person and night.',
        ]}>{nights.toFixed(1)} nights</Why
      >
    </p>
    <p class="text-ink-2 narrow">of water, {formatNumber(litres)} L</p>
    <div class="mt-1 h-[3px] bg-line">
      <div
        class="h-full bg-ink"
        style:width="{bench.liveJob.brief.nightsOffHookUp === 0
          ? 100
          : Math.min(100, (nights / bench.liveJob.brief.nightsOffHookUp) * 100)}%"
      ></div>
    </div>
  </div>
</footer>
