<script lang="ts">
  import { allDemands, mayMerge, type Adjust, type ResolvedDemand } from '$lib/core/brief'
  import {
    capital,
    list,
    PAGE_WORDS,
    PURPOSE_WORDS,
    RULE_SENTENCES,
    sayBasis,
    sayDemand,
    sayDemandFigure,
    sayFacts,
  } from '$lib/core/text'
  import { getSession } from '../job/context'
  import Why from '../parts/Why.svelte'
  import { withField } from './answers'
  import TypedDemands from './TypedDemands.svelte'

  const session = getSession()
  const brief = $derived(session.job.brief)
  const unit = $derived(session.job.units)
  const asked = $derived(allDemands(brief).filter(({ because }) => because.code === 'rule'))
  const isPart = ({ id }: ResolvedDemand) => /-part-\d$/.test(id)
  const changes = (id: string): Adjust => brief.adjust?.[id] ?? {}
  const change = <K extends keyof Adjust>(id: string, key: K, value: Adjust[K] | undefined) =>
    session.do({ type: 'demand.adjust', id, adjust: withField(changes(id), key, value) })
  /** Those that were counted with another: shown, so that it can be taken back. */
  const merged = $derived(
    Object.entries(brief.adjust ?? {}).flatMap(([id, { into }]) => (into === undefined ? [] : [[id, into] as const])),
  )
  const alike = (demand: ResolvedDemand) =>
    mayMerge(demand.need)
      ? asked.filter(
          (other) =>
            other.need === demand.need && other.id !== demand.id && !isPart(other) && other.waived === undefined,
        )
      : []

  let waiving: string | undefined = $state(undefined)
  let reason = $state('')
  function waive(id: string): void {
    if (reason.trim() === '') return
    change(id, 'waived', reason.trim())
    waiving = undefined
    reason = ''
  }
</script>

<h1 class="text-xl">Demands</h1>
{#if brief.derives !== true}
  <p class="mt-1 max-w-2xl">
    In this job only what is typed below counts. The answers on the earlier pages can make demands of their own, each
    with its reason; what is typed stays beside them.
    <button class="act" onclick={() => session.do({ type: 'brief.derives', derives: true })}
      >Let the demands follow from the answers</button
    >
  </p>
{:else}
  <p class="mt-1 text-ink-2">
    Biggest first. A must is checked against the plan; a wish counts from 1 to 5; what is waived keeps its reason.
    <button class="act" onclick={() => session.do({ type: 'brief.derives', derives: false })}>Only what is typed</button
    >
  </p>
  <table class="mt-3 w-full text-left text-[0.9286rem]" data-testid="derived">
    <thead
      ><tr class="caps"
        ><th class="py-1">What</th><th class="pl-6">Why it is here</th><th class="text-right">Asks for</th><th
          class="pl-4">Must</th
        ><th class="pl-4">Counts</th><th><span class="sr-only">Changes</span></th></tr
      ></thead
    >
    <tbody>
      {#each asked as demand (demand.id)}
        {@const { id, because, page } = demand}
        {@const name = sayDemand(demand)}
        <tr class="border-t border-line align-top {demand.waived === undefined ? '' : 'text-ink-2'}" data-derived={id}>
          <td class="py-1.5 font-semibold {demand.waived === undefined ? '' : 'line-through'}">{name}</td>
          <td class="py-1.5 pl-6 text-ink-2">
            {#if because.code === 'rule'}{RULE_SENTENCES[because.rule]}
              <span class="text-ink">{capital(sayFacts(because.rule, because.facts, unit))}</span>{/if}
            {#if page !== undefined}<a class="act" href="?page={page}">{PAGE_WORDS[page]}</a>{/if}
            <span>Needed {list(demand.purposes.map((purpose) => PURPOSE_WORDS[purpose]))}.</span>
            {#if demand.waived !== undefined}<b class="block text-caution">Waived: {demand.waived}</b>{/if}
          </td>
          <td class="py-1.5 text-right whitespace-nowrap"
            ><Why about="{name} asks for {sayDemandFigure(demand, unit)}" lines={[sayBasis(demand.basis, unit)]}
              >{sayDemandFigure(demand, unit)}</Why
            ></td
          >
          <td class="py-1.5 pl-4"
            ><input
              type="checkbox"
              class="accent-pencil"
              aria-label="{name} is a must"
              disabled={isPart(demand)}
              checked={demand.must}
              onchange={(event) => change(id, 'must', event.currentTarget.checked)}
            /></td
          >
          <td class="py-1 pl-4"
            >{#if !demand.must}<select
                class="ruled"
                aria-label="How much it counts: {name}"
                value={String(demand.weight)}
                onchange={(event) => change(id, 'weight', Number(event.currentTarget.value))}
              >
                {#each [1, 2, 3, 4, 5] as weight (weight)}<option value={String(weight)}>{weight}</option>{/each}
              </select>{/if}</td
          >
          <td class="py-1.5 text-right whitespace-nowrap">
            {#if waiving === id}
              <form
                class="inline-flex gap-2"
                onsubmit={(event) => {
                  event.preventDefault()
                  waive(id)
                }}
              >
                <!-- svelte-ignore a11y_autofocus -->
                <input
                  class="w-40 ruled"
                  autofocus
                  maxlength="200"
                  aria-label="Why {name} is waived"
                  placeholder="why?"
                  bind:value={reason}
                />
                <button class="act" disabled={reason.trim() === ''}>Waive</button>
                <button type="button" class="act" onclick={() => (waiving = undefined)}>Keep</button>
              </form>
            {:else if isPart(demand)}
              <span class="text-ink-2">a part</span>
            {:else if demand.waived !== undefined}
              <button class="act" onclick={() => change(id, 'waived', undefined)}>Ask for it again</button>
            {:else}
              {#if changes(id).split !== undefined}
                <button class="act" onclick={() => change(id, 'split', undefined)}>Join</button>
              {:else if demand.quantity > 1 && demand.unit === 'count'}
                <button
                  class="act"
                  onclick={() => change(id, 'split', [Math.ceil(demand.quantity / 2), Math.floor(demand.quantity / 2)])}
                  >Split</button
                >
              {/if}
              {#if alike(demand).length > 0 && changes(id).split === undefined}
                <select
                  class="ml-2 max-w-28 ruled"
                  aria-label="Count {name} with"
                  value=""
                  onchange={(event) => change(id, 'into', event.currentTarget.value || undefined)}
                >
                  <option value="">add to…</option>
                  {#each alike(demand) as other (other.id)}<option value={other.id}>{sayDemand(other)}</option>{/each}
                </select>
              {/if}
              <button
                class="ml-2 text-ink-2 hover:text-stop"
                aria-label="Waive {name}"
                onclick={() => {
                  waiving = id
                  reason = ''
                }}>Waive…</button
              >
            {/if}
          </td>
        </tr>
      {:else}
        <tr><td class="py-1.5 text-ink-2" colspan="6">No demands yet: start with the people.</td></tr>
      {/each}
    </tbody>
  </table>
  {#each merged as [id] (id)}
    <p class="mt-1 text-sm text-ink-2">
      One demand is counted with another. <button class="act" onclick={() => change(id, 'into', undefined)}
        >Separate</button
      >
    </p>
  {/each}
{/if}
<TypedDemands />
