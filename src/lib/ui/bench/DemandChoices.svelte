<script lang="ts">
  import { sayDemand, sayWayToMeet } from '$lib/core/text'
  import type { Choice } from '$lib/core/review'
  import GravityMark from '../parts/GravityMark.svelte'
  import type { Bench } from './bench.svelte'
  import KindMark from './KindMark.svelte'

  interface Props {
    bench: Bench
    /** Pixels for a millimetre of the plan. */
    scale: number
    ondrag: (choice: Choice, event: PointerEvent) => void
  }
  let { bench, scale, ondrag }: Props = $props()

  const choosing = $derived(bench.placing.choosing!)
  const unit = $derived(bench.session.job.units)
  const isDone = $derived(choosing.choices.length === choosing.kinds.length)
  const SHOWN = 4
  let first = $state(0)
  let at = $state(0)
  const shown = $derived(choosing.choices.slice(first, first + SHOWN))
  let list: HTMLUListElement | undefined = $state(undefined)
  let panel: HTMLElement | undefined = $state(undefined)
  $effect(() => panel?.focus())

  const NUMBERS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten']
  const ways = $derived(NUMBERS[choosing.kinds.length] ?? String(choosing.kinds.length))

  function go(by: 1 | -1): void {
    const most = choosing.choices.length - 1
    at = Math.min(most, Math.max(0, at + by))
    if (at < first) first = at
    if (at >= first + SHOWN) first = at - SHOWN + 1
    list?.querySelectorAll<HTMLElement>('[data-choice]')[at - first]?.focus()
  }
  function onkeydown(event: KeyboardEvent): void {
    const onOne = (event.target as Element).closest('[data-choice]') !== null
    if (event.key === 'Escape') bench.placing.choosing = undefined
    else if (event.key === 'ArrowRight' || event.key === 'ArrowDown') go(1)
    else if (event.key === 'ArrowLeft' || event.key === 'ArrowUp') go(-1)
    else if (event.key === 'Enter' && !onOne) {
      const [best] = choosing.choices
      // the best is not known before all have been tried
      if (best !== undefined && isDone) bench.placing.choose(best)
    } else return
    event.preventDefault()
    event.stopPropagation()
  }
</script>

<div
  bind:this={panel}
  class="absolute bottom-2 left-0 z-30 w-[45.7143rem] max-w-full border border-ink bg-sheet px-4 py-2.5 outline-none"
  role="dialog"
  tabindex="-1"
  aria-label="Ways to meet {sayDemand(choosing.demand)}"
  data-testid="choices"
  {onkeydown}
>
  <div class="mb-2 flex items-baseline justify-between gap-3 text-sm">
    <p>
      <b class="font-semibold">{sayDemand(choosing.demand)}</b>
      <span class="text-ink-2">· {ways} ways to meet it, best first; to the scale of the plan</span>
    </p>
    <p class="flex gap-3 whitespace-nowrap text-ink-2">
      <span class="narrow"
        >{isDone
          ? 'Enter takes the first · drag any'
          : `${choosing.choices.length} of ${choosing.kinds.length} tried…`}</span
      >
      <button class="act" onclick={() => (bench.placing.choosing = undefined)}>Close</button>
    </p>
  </div>
  <ul bind:this={list} class="grid grid-cols-4 gap-x-3">
    {#each shown as choice (choice.made.kind)}
      {@const said = sayWayToMeet(choice, bench.names, unit)}
      <li>
        <button
          class="w-full touch-none text-left focus-visible:outline-2 focus-visible:outline-pencil"
          data-choice={choice.made.kind}
          onpointerdown={(event) => ondrag(choice, event)}
          onclick={() => bench.placing.choose(choice)}
        >
          <span class="flex h-[5.2857rem] items-end"><KindMark made={choice.made} wide={140} high={74} {scale} /></span>
          <b class="mt-1 block truncate font-semibold">{said.name}</b>
          <span class="block text-sm {choice.seat === undefined ? 'text-ink-2' : ''}"
            >{#if choice.seat !== undefined}<span class="font-semibold text-good">✓</span>{/if}
            {said.fits}</span
          >
          <span class="block text-sm text-ink-2">{said.costs}</span>
          {#if said.against !== undefined}
            <span class="block text-sm"
              ><GravityMark gravity={said.against.gravity} size={12} /> {said.against.words}</span
            >
          {/if}
        </button>
      </li>
    {/each}
  </ul>
  {#if choosing.choices.length > SHOWN}
    <p class="mt-1.5 flex justify-between text-sm">
      <button class="act" disabled={first === 0} onclick={() => (first = Math.max(0, first - SHOWN))}
        >Better ones</button
      >
      <span class="text-ink-2"
        >{first + 1} to {Math.min(first + SHOWN, choosing.choices.length)} of {choosing.choices.length}</span
      >
      <button class="act" disabled={first + SHOWN >= choosing.choices.length} onclick={() => (first += SHOWN)}
        >More</button
      >
    </p>
  {/if}
</div>
