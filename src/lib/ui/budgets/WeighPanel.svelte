<script lang="ts">
  import { sayHeld } from '$lib/core/text'
  import { sayMass } from '$lib/core/units'
  import { sayDay } from '../parts/days'
  import type { Budgets } from './budgets.svelte'
  import type WeighDialog from './WeighDialog.svelte'

  let { budgets }: { budgets: Budgets } = $props()
  const session = $derived(budgets.session)
  const base = $derived(session.job.weight?.base)
  let open = $state(false)
  /** Comes with the first weighing. */
  let Dialog: typeof WeighDialog | undefined = $state.raw(undefined)
  async function weigh(): Promise<void> {
    Dialog ??= (await import('./WeighDialog.svelte')).default
    open = true
  }
  const totalOf = ({ padsKg, axlesKg, totalKg }: (typeof budgets.weighings)[number]['weighing']): number =>
    padsKg?.reduce((sum, kg) => sum + kg, 0) ?? axlesKg?.reduce((sum, kg) => sum + kg, 0) ?? totalKg ?? 0
</script>

<section aria-label="Weighbridge" class="mt-5" data-testid="weighings">
  <h2 class="caps">Weighbridge</h2>
  {#each budgets.weighings as { id, weighing, held } (id)}
    <div class="mt-1 border-b border-line pb-1 text-[0.9286rem]" data-weighing={id}>
      <p>
        <b class="font-semibold">{sayDay(weighing.on)}, {sayMass(Math.round(totalOf(weighing)))}</b>
        {#if id === base}<span class="text-good">the empty vehicle is taken from this</span>{/if}
      </p>
      {#if held !== undefined}{#each sayHeld(held, session.job.units) as line (line)}<p>{line}</p>{/each}{/if}
      <p class="no-print flex gap-4">
        {#if id === base}
          <button class="act" onclick={() => session.do({ type: 'weighing.base', id: null })}
            >Plan from the papers</button
          >
        {:else}
          <button class="act" onclick={() => session.do({ type: 'weighing.base', id })}>Plan from this reading</button>
        {/if}
        <button
          class="text-ink-2 hover:text-stop"
          aria-label="Remove the weighing of {sayDay(weighing.on)}"
          onclick={() => session.do({ type: 'weighing.remove', id })}>Remove</button
        >
      </p>
    </div>
  {:else}
    <p class="mt-1 text-[0.9286rem] text-ink-2">
      Not weighed yet. Weighing the vehicle as it stands shows what the plan does not know about.
    </p>
  {/each}
  <button class="no-print mt-1 act" disabled={budgets.report === undefined} onclick={() => void weigh()}
    >{budgets.weighings.length === 0 ? 'Weigh it…' : 'Weigh again…'}</button
  >
</section>
{#if Dialog !== undefined}<Dialog {budgets} bind:open />{/if}
