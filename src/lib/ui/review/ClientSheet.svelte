<script lang="ts">
  import { page } from '$app/state'
  import { faultsOf, isLetBe, type Fault, type Gravity } from '$lib/core/review'
  import { sayFinding } from '$lib/core/text'
  import { getSession } from '../job/context'
  import { sayDay, today } from '../parts/days'
  import GravityMark from '../parts/GravityMark.svelte'
  import { Desk } from './desk.svelte'

  const session = getSession()
  const desk = new Desk(session)
  desk.showVariant(page.url.searchParams.get('variant') ?? '')

  $effect(() => () => desk.close())
  $effect(() => {
    void session.job
    void desk.look()
  })

  const HEADS: readonly (readonly [Gravity, string, string])[] = [
    ['stop', 'Must be changed', 'Before anything is cut, each of these needs another solution.'],
    ['caution', 'To be decided together', 'This can be built, and you would notice it: tell us what matters to you.'],
    ['note', 'Good to know', 'Nothing to decide.'],
  ]
  const faults = $derived(desk.review === undefined ? [] : faultsOf(desk.review))
  const of = (gravity: Gravity): readonly Fault[] =>
    faults.filter(({ finding }) => finding.gravity === gravity && !isLetBe(finding))
  const letBe = $derived(faults.filter(({ finding }) => isLetBe(finding)))
  const client = ({ finding }: Fault): string => sayFinding(finding, desk.names, session.job.units).client
  const modes = (fault: Fault): string => fault.modes.map((id) => desk.names.mode(id)).join(', ')
  const picture = $derived(`/api/jobs/${session.id}/drawing.svg?variant=${desk.variantId}&mode=${desk.scene.modeId}`)
</script>

<svelte:head><title>{session.job.name} · sheet for the client · Zimmerman</title></svelte:head>

<div class="no-print flex h-12 items-center gap-6 border-b border-ink bg-sheet px-6">
  <a class="act" href="/jobs/{session.id}/review">Back to the review</a>
  <div class="flex-1"></div>
  {#each desk.variants as [id, variant] (id)}
    <button
      class={id === desk.variantId ? 'font-semibold' : 'text-ink-2 hover:text-pencil'}
      aria-pressed={id === desk.variantId}
      onclick={() => desk.showVariant(id)}>{variant.name}</button
    >
  {/each}
  <button class="border border-pencil bg-pencil px-3 py-0.5 text-on-pencil" onclick={() => print()}>Print</button>
</div>
<main class="mx-auto max-w-3xl px-8 py-8" data-testid="sheet">
  <h1 class="text-xl">{session.job.name}</h1>
  <p class="text-ink-2">
    Variant {session.job.variants[desk.variantId]?.name}, checked on {sayDay(today())}
  </p>
  <img
    class="mt-4 w-full border-y border-line py-2"
    src={picture}
    alt="The plan by {desk.names.mode(desk.scene.modeId)}"
  />
  {#if desk.review === undefined}
    <p class="mt-4 text-ink-2" role="status">Checking…</p>
  {:else}
    {#each HEADS as [gravity, head, words] (gravity)}
      {@const those = of(gravity)}
      {#if those.length > 0}
        <section class="mt-6 break-inside-avoid">
          <h2 class="border-b border-ink pb-1 text-lg"><GravityMark {gravity} size={16} /> {head}</h2>
          <p class="mt-1 text-sm text-ink-2">{words}</p>
          <ul>
            {#each those as fault (fault.finding.key)}
              <li class="flex break-inside-avoid justify-between gap-6 border-b border-line py-1.5">
                <span>{client(fault)}</span><span class="shrink-0 text-sm text-ink-2">{modes(fault)}</span>
              </li>
            {/each}
          </ul>
        </section>
      {/if}
    {/each}
    {#if faults.length - letBe.length === 0}
      <p class="mt-6 text-lg">Everything we check is all right in this plan.</p>
    {/if}
    {#if letBe.length > 0}
      <section class="mt-6 break-inside-avoid">
        <h2 class="border-b border-ink pb-1 text-lg">Left as it is, on purpose</h2>
        <ul>
          {#each letBe as fault (fault.finding.key)}
            <li class="border-b border-line py-1.5">
              {client(fault)}
              <span class="text-ink-2"
                >{fault.finding.waiver?.reason}, {sayDay(fault.finding.waiver?.on ?? today())}.</span
              >
            </li>
          {/each}
        </ul>
      </section>
    {/if}
    <p class="mt-8 text-xs text-ink-2">
      For planning only. Gas, mains, batteries, belts, roof loads and cuts in the body are work for licensed trades
      under local codes; this sheet certifies nothing.
    </p>
  {/if}
</main>
