<script lang="ts">
  import { nightsOfWater, waterUse } from '$lib/core/brief'
  import { isLetBe } from '$lib/core/review'
  import { aboard } from '$lib/core/scene'
  import { payloadOf } from '$lib/core/shell'
  import { count, GRAVITY_WORDS } from '$lib/core/text'
  import { formatNumber, sayMass } from '$lib/core/units'
  import Why from '../parts/Why.svelte'
  import type { Bench } from './bench.svelte'
  import ModeChange from './ModeChange.svelte'
  import ModeMenu from './ModeMenu.svelte'

  let { bench }: { bench: Bench } = $props()

  const tallyOf = (id: string): string => {
    const mode = bench.review?.modes.find(({ modeId }) => modeId === id)
    if (mode === undefined) return '…'
    const of = (gravity: 'stop' | 'caution') =>
      mode.findings.filter((finding) => finding.gravity === gravity && !isLetBe(finding)).length
    const parts = (['stop', 'caution'] as const).flatMap((gravity) =>
      of(gravity) > 0 ? [count(of(gravity), GRAVITY_WORDS[gravity])] : [],
    )
    return parts.length === 0 ? 'nothing against it' : parts.join(' · ')
  }
  const payload = $derived(payloadOf(bench.interior.shell))
  const load = $derived(aboard(bench.scene))
  const use = $derived(waterUse(bench.liveJob.brief))
  const nights = $derived(nightsOfWater(bench.liveJob.brief, load.waterL))
</script>

<footer class="flex h-[62px] items-start gap-6 border-t border-ink bg-sheet px-4 pt-2.5">
  <div role="group" aria-label="Modes" class="flex min-w-0 items-start overflow-x-auto">
    {#each bench.modes as [id, mode], index (id)}
      {#if index > 0}<ModeChange {bench} change={bench.changes[index - 1]} to={mode.name} />{/if}
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
  <div class="w-32 flex-none text-sm">
    <p class="text-[13px] font-semibold">
      <Why
        about="the fittings weigh {sayMass(load.totalKg)}"
        lines={[
          `Fittings ${sayMass(load.fittingsKg)} + water ${sayMass(load.waterKg)} (${formatNumber(load.waterL)} L at 1 kg) = ${sayMass(load.totalKg)}.`,
          `Payload: gross ${sayMass(bench.interior.shell.masses.grossKg)} − kerb ${sayMass(bench.interior.shell.masses.kerbKg)} = ${sayMass(payload)}, before people, gear and lining.`,
          'Estimated from boards and typical machines; weigh the vehicle.',
        ]}>{sayMass(load.totalKg)}</Why
      > fitted
    </p>
    <p class="text-ink-2 narrow">of {sayMass(payload)} payload</p>
    <div class="mt-1 h-[3px] bg-line">
      <div class="h-full bg-ink" style:width="{Math.min(100, (load.totalKg / payload) * 100)}%"></div>
    </div>
  </div>
  <div class="w-28 flex-none text-sm">
    <p class="text-[13px] font-semibold">
      <Why
        about="the water lasts {nights.toFixed(1)} nights"
        lines={[
          `${formatNumber(load.waterL)} L ÷ (${use.people} people × ${use.perNightL} L${use.pets > 0 ? ` + ${use.pets} animals × ${use.petL} L` : ''} a night) = ${nights.toFixed(1)} nights.`,
          'Common practice, no source: 10 to 21 L for each person and night.',
        ]}>{nights.toFixed(1)} nights</Why
      >
    </p>
    <p class="text-ink-2 narrow">of water, {formatNumber(load.waterL)} L</p>
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
