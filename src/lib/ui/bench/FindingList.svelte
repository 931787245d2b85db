<script lang="ts">
  import { untrack } from 'svelte'
  import type { Job } from '$lib/core/job'
  import { isLetBe, type Finding, type ProvenRemedy } from '$lib/core/review'
  import { capital, GRAVITY_WORDS, sayBasis, sayFinding, sayRemedy, small } from '$lib/core/text'
  import { sayDay } from '../parts/days'
  import Follows from '../parts/Follows.svelte'
  import GravityMark from '../parts/GravityMark.svelte'
  import { GRAVITY_SHAPES } from '../parts/gravity-shapes'
  import LetBeForm from '../parts/LetBeForm.svelte'
  import Stopped from '../parts/Stopped.svelte'
  import Why from '../parts/Why.svelte'
  import type { Bench } from './bench.svelte'
  import type { NumberedFinding } from './checked.svelte'

  interface Props {
    bench: Bench
    shown: readonly NumberedFinding[]
    /** Of what is in hand only one stands open, so that its fields are in sight as well. */
    isForOne?: boolean
  }
  let { bench, shown: all, isForOne = false }: Props = $props()

  /** The one in question: opened, else the gravest that was not left as it is. */
  const foremost = $derived(
    all.find(({ finding }) => finding.key === bench.openFinding) ??
      all.find(({ finding }) => !isLetBe(finding)) ??
      all[0],
  )
  const shown = $derived(isForOne ? all.filter((one) => one === foremost) : all)
  const others = $derived(isForOne ? all.filter((one) => one !== foremost) : [])

  const unit = $derived(bench.liveJob.units)
  const openKey = $derived(
    shown.some(({ finding }) => finding.key === bench.openFinding)
      ? bench.openFinding
      : shown.length === 1
        ? shown[0]!.finding.key
        : undefined,
  )
  /** Ways out are looked for once the plan rests, for the gravest of what is shown and for what is open. */
  const REST_MS = 250
  const LOOKED_FOR = 6
  /** So many stand beside a finding that is not open. */
  const BESIDE = 2
  const asked = $derived(
    shown
      .map(({ finding }) => finding)
      .filter((finding, index) => !isLetBe(finding) && (index < LOOKED_FOR || finding.key === openKey)),
  )

  interface Offer {
    readonly finding: Finding
    readonly remedies: readonly ProvenRemedy[]
  }
  let offers: readonly Offer[] = $state.raw([])
  /** The plan that the ways out were tried on: on another they may do something else. */
  let triedOn: Job | undefined

  $effect(() => {
    const { job } = bench.session
    if (bench.carrying) return
    const known = triedOn === job ? untrack(() => offers) : []
    const those = asked.filter((one) => !known.some(({ finding }) => finding === one))
    const first = those.filter(({ key }) => key === openKey)
    let current = true
    const timer = setTimeout(
      async () => {
        for (const finding of [...first, ...those.filter((one) => !first.includes(one))]) {
          // a plan on which they cannot be tried has none to offer
          const remedies = await bench.checked.remedies(finding).catch(() => [])
          if (!current) return
          const kept = triedOn === job ? offers.filter((one) => asked.includes(one.finding)) : []
          triedOn = job
          offers = [...kept, { finding, remedies }]
        }
      },
      first.length > 0 ? 0 : REST_MS,
    )
    return () => {
      current = false
      clearTimeout(timer)
    }
  })

  /** Of one that stands open without being asked about two ways out are in sight; the others come with it. */
  let isWide = $state(false)
  $effect(() => {
    if (openKey !== undefined) isWide = false
  })

  let list: HTMLUListElement | undefined = $state(undefined)

  $effect(() => {
    if (bench.openFinding !== undefined && bench.openFinding === openKey)
      list?.querySelector('[data-open]')?.scrollIntoView({ block: 'nearest' })
  })

  function letBe(finding: Finding, reason: string): boolean {
    const taken = bench.checked.letBe(finding, reason)
    if (taken) bench.openFinding = undefined
    return taken
  }
</script>

<div class="mt-1.5 border-t border-ink pt-1" data-testid="findings">
  <Stopped what="The review" why={bench.checked.stopped} onagain={() => bench.checked.request()} />
  {#if shown.length === 0}
    <p class="text-sm text-ink-2">
      {bench.checked.stopped !== undefined
        ? ''
        : bench.checked.review === undefined
          ? 'Checking…'
          : bench.selected === undefined
            ? `All clear in ${bench.names.mode(bench.modeId)}.`
            : 'All clear.'}
    </p>
  {/if}
  {#if bench.checked.review !== undefined && bench.checked.review.failed.length > 0}
    <p role="alert" class="text-sm text-stop">
      A rule failed and could not be checked: {bench.checked.review.failed.map(({ rule }) => rule).join(', ')}.
    </p>
  {/if}
  <ul bind:this={list} class="flex flex-col">
    {#each shown as { number, finding } (finding.key)}
      {@const words = sayFinding(finding, bench.names, unit)}
      <li
        class="border-b border-line py-1.5 text-[0.9286rem] leading-[1.2857rem] last:border-b-0"
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
            >{capital(GRAVITY_WORDS[finding.gravity].one)}{isLetBe(finding) ? ', left as it is' : ''}.</b
          >
          {words.designer}
        </button>
        <Why
          about={small(words.title)}
          lines={[...words.why, sayBasis(finding.basis, unit), `For the client: ${words.client}`]}
        />
        <Follows {finding} names={bench.names} {unit} />
        {#if finding.waiver !== undefined}
          <p class="text-ink-2" data-testid="waiver">
            {finding.waiver.holds
              ? `Left as it is, ${sayDay(finding.waiver.on)}: ${finding.waiver.reason}`
              : `Left as it was on ${sayDay(finding.waiver.on)} (${finding.waiver.reason}); the figures have changed since.`}
            <button class="act" onclick={() => bench.checked.takeUp(finding)}
              >{finding.waiver.holds ? 'Bring it back' : 'Clear the note'}</button
            >
          </p>
        {/if}
        {#if !isLetBe(finding)}
          {@const isOpen = finding.key === openKey}
          {@const ways = offers.find((one) => one.finding === finding)?.remedies}
          {#if ways !== undefined}
            <ul class="mt-1" data-testid="ways-out">
              {#each isOpen && (isWide || !isForOne) ? ways : ways.slice(0, BESIDE) as remedy, index (index)}
                {@const said = sayRemedy(remedy, bench.names, unit)}
                <li class="border-t border-dotted border-line {isOpen ? 'py-1' : 'py-0.5'}">
                  <button class="w-full act" onclick={() => bench.checked.take(remedy)}
                    >{said.does}<span
                      class="{isOpen ? 'block' : 'ml-1.5 whitespace-nowrap'} text-xs font-normal text-ink-2"
                      >{said.costs}</span
                    ></button
                  >
                </li>
              {:else}
                {#if isOpen}
                  <li class="text-xs text-ink-2">No small change puts this right: move or resize things yourself.</li>
                {/if}
              {/each}
              {#if isOpen && isForOne && !isWide && ways.length > BESIDE}
                <li class="border-t border-dotted border-line py-0.5">
                  <button class="act" onclick={() => (isWide = true)}
                    >{ways.length - BESIDE} more {ways.length - BESIDE === 1 ? 'way' : 'ways'} out</button
                  >
                </li>
              {/if}
            </ul>
          {:else if isOpen}
            <p class="text-xs text-ink-2">Trying remedies…</p>
          {/if}
          {#if isOpen}
            {#key openKey}<LetBeForm onreason={(reason) => letBe(finding, reason)} />{/key}
          {/if}
        {/if}
      </li>
    {/each}
  </ul>
  {#if others.length > 0}
    <ul class="border-t border-line pt-0.5 text-[0.9286rem] leading-[1.2857rem]">
      {#each others as { number, finding } (finding.key)}
        <li data-testid="finding-{finding.code}">
          <button
            class="flex w-full items-baseline gap-1 text-left hover:text-pencil"
            aria-expanded="false"
            onclick={() => (bench.openFinding = finding.key)}
          >
            <GravityMark gravity={finding.gravity} {number} />
            <span class="truncate {isLetBe(finding) ? 'text-ink-2' : ''}"
              >{sayFinding(finding, bench.names, unit).title}{isLetBe(finding) ? ', left as it is' : ''}</span
            >
          </button>
        </li>
      {/each}
    </ul>
  {/if}
</div>
