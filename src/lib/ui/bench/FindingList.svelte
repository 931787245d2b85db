<script lang="ts">
  import { isLetBe, type Finding, type ProvenRemedy } from '$lib/core/review'
  import { capital, GRAVITY_WORDS, sayBasis, sayFinding, sayRemedy } from '$lib/core/text'
  import { sayDay } from '../parts/days'
  import GravityMark from '../parts/GravityMark.svelte'
  import { GRAVITY_SHAPES } from '../parts/gravity-shapes'
  import LetBeForm from '../parts/LetBeForm.svelte'
  import Why from '../parts/Why.svelte'
  import type { Bench, NumberedFinding } from './bench.svelte'

  interface Props {
    bench: Bench
    shown: readonly NumberedFinding[]
  }
  let { bench, shown }: Props = $props()

  const unit = $derived(bench.liveJob.units)
  const openKey = $derived(
    shown.some(({ finding }) => finding.key === bench.openFinding)
      ? bench.openFinding
      : shown.length === 1
        ? shown[0]!.finding.key
        : undefined,
  )
  const open = $derived(shown.find(({ finding }) => finding.key === openKey)?.finding)

  let offers: { for: Finding; remedies: readonly ProvenRemedy[] } | undefined = $state.raw(undefined)

  $effect(() => {
    const finding = open
    if (finding === undefined || bench.carrying) return
    let current = true
    void bench.remedies(finding).then((remedies) => {
      if (current) offers = { for: finding, remedies }
    })
    return () => (current = false)
  })

  let list: HTMLUListElement | undefined = $state(undefined)

  $effect(() => {
    if (bench.openFinding !== undefined && bench.openFinding === openKey)
      list?.querySelector('[data-open]')?.scrollIntoView({ block: 'nearest' })
  })

  function letBe(finding: Finding, reason: string): boolean {
    const taken = bench.letBe(finding, reason)
    if (taken) bench.openFinding = undefined
    return taken
  }
</script>

<div class="mt-3 border-t border-ink pt-2" data-testid="findings">
  {#if shown.length === 0}
    <p class="text-sm text-ink-2">
      {bench.review === undefined
        ? 'Looking it over…'
        : bench.selected === undefined
          ? `Nothing speaks against it in ${bench.names.mode(bench.modeId)}.`
          : 'Nothing speaks against it here.'}
    </p>
  {/if}
  {#if bench.review !== undefined && bench.review.failed.length > 0}
    <p role="alert" class="text-sm text-stop">
      A rule failed and said nothing: {bench.review.failed.map(({ rule }) => rule).join(', ')}.
    </p>
  {/if}
  <ul bind:this={list} class="flex flex-col">
    {#each shown as { number, finding } (finding.key)}
      {@const words = sayFinding(finding, bench.names, unit)}
      <li
        class="border-b border-line py-1.5 text-[13px] leading-[18px] last:border-b-0"
        data-testid="finding-{finding.code}"
        data-open={finding.key === openKey ? true : undefined}
      >
        <button
          class="inline text-left hover:text-pencil"
          aria-expanded={finding.key === openKey}
          onclick={() => (bench.openFinding = finding.key)}
        >
          <GravityMark gravity={finding.gravity} {number} />
          <b class={isLetBe(finding) ? 'text-ink-2' : GRAVITY_SHAPES[finding.gravity].words}
            >{capital(GRAVITY_WORDS[finding.gravity].one)}{isLetBe(finding) ? ', let be' : ''}.</b
          >
          {words.designer}
        </button>
        <Why
          about={words.title.toLowerCase()}
          lines={[...words.why, sayBasis(finding.basis), `For the client: ${words.client}`]}
        />
        {#if finding.waiver !== undefined}
          <p class="text-ink-2" data-testid="waiver">
            {finding.waiver.holds
              ? `Let be on ${sayDay(finding.waiver.on)}: ${finding.waiver.reason}`
              : `It was let be on ${sayDay(finding.waiver.on)} (${finding.waiver.reason}); its figures have changed since.`}
            <button class="act" onclick={() => bench.takeUp(finding)}
              >{finding.waiver.holds ? 'Take it up again' : 'Forget that'}</button
            >
          </p>
        {/if}
        {#if finding.key === openKey && !isLetBe(finding)}
          {#if offers?.for.key === finding.key}
            <ul class="mt-1">
              {#each offers.remedies as remedy, index (index)}
                {@const said = sayRemedy(remedy, bench.names, unit)}
                <li class="border-t border-dotted border-line py-1">
                  <button class="w-full act" onclick={() => bench.take(remedy)}
                    >{said.does}<span class="block text-xs font-normal text-ink-2">{said.costs}</span></button
                  >
                </li>
              {:else}
                <li class="text-xs text-ink-2">No small change alone cures this; move or resize things by hand.</li>
              {/each}
            </ul>
          {:else}
            <p class="text-xs text-ink-2">Trying ways out…</p>
          {/if}
          {#key openKey}<LetBeForm onreason={(reason) => letBe(finding, reason)} />{/key}
        {/if}
      </li>
    {/each}
  </ul>
</div>
