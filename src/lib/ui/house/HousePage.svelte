<script lang="ts">
  import { REGISTRATION_QUESTIONS, type HouseRule, type OwnRules } from '$lib/core/job'
  import { RULE_GROUPS, RULES } from '$lib/core/review'
  import {
    capital,
    count,
    GRAVITY_WORDS,
    houseUnit,
    RULE_GROUP_WORDS,
    RULE_WORDS,
    sayFigure,
    sayMeasured,
  } from '$lib/core/text'
  import { getSession } from '../job/context'
  import JobBar from '../job/JobBar.svelte'
  import { newId } from '../job/new-id'
  import GravityMark from '../parts/GravityMark.svelte'
  import HouseRuleForm from './HouseRuleForm.svelte'
  import RuleRow from './RuleRow.svelte'
  import { keepShopRules, shopRules } from '../parts/shop-rules'

  const session = getSession()
  const own: OwnRules = $derived(session.job.rules ?? { settings: {}, house: {} })
  const house = $derived(Object.entries(own.house))
  const changed = $derived(Object.keys(own.settings).length)

  let wanted = $state('')
  let editing: string | undefined = $state(undefined)
  let shopSays = $state('')

  const groups = $derived.by(() => {
    const words = wanted.trim().toLowerCase()
    const has = (id: string): boolean =>
      words === '' ||
      [RULE_WORDS[id]?.title, RULE_WORDS[id]?.designer].some((text) => text?.toLowerCase().includes(words) === true)
    return RULE_GROUPS.map((group) => [group, RULES.filter((rule) => rule.group === group && has(rule.id))] as const)
      .map(
        ([group, rules]) =>
          [group, [...rules].sort((a, b) => RULE_WORDS[a.id]!.title.localeCompare(RULE_WORDS[b.id]!.title))] as const,
      )
      .filter(([, rules]) => rules.length > 0)
  })

  function keep(id: string, rule: HouseRule): boolean {
    return session.do({ type: 'house.put', id, rule: rule as never })
  }
  /** Questions that the list does not have: a shop sets their figures, or takes them out. */
  const unasked = $derived(Object.keys(REGISTRATION_QUESTIONS).filter((id) => own.house[id] === undefined))
  function addQuestions(): void {
    const house = { ...REGISTRATION_QUESTIONS, ...own.house }
    session.do({ type: 'rules.put', rules: { settings: own.settings, house } as never })
  }

  async function toShop(): Promise<void> {
    const answer = await keepShopRules(own)
    shopSays = answer.ok ? 'Saved: new jobs start with these.' : answer.message
  }
  async function fromShop(): Promise<void> {
    const answer = await shopRules()
    if (!answer.ok) shopSays = answer.message
    else if (session.do({ type: 'rules.put', rules: answer.value as never }))
      shopSays = 'Done. Undo brings back what was here before.'
  }
</script>

<svelte:head><title>{session.job.name} · rules · Zimmerman</title></svelte:head>

<div class="min-h-screen">
  <JobBar current="review" />
  <main
    class="mx-auto grid max-w-[88.5714rem] gap-x-10 gap-y-6 px-6 py-6 min-[68.7rem]:grid-cols-[minmax(0,1fr)_20rem]"
  >
    <section aria-label="Rules of the book">
      <div class="flex items-baseline gap-6">
        <h1 class="text-xl">Rules of this job</h1>
        <span class="text-ink-2" aria-live="polite"
          >{changed === 0 ? 'all by the book' : `${count(changed, { one: 'rule', many: 'rules' })} set`}</span
        >
        <div class="flex-1"></div>
        <label class="flex items-baseline gap-2 text-sm text-ink-2"
          >find <input class="w-44 ruled" type="search" bind:value={wanted} /></label
        >
      </div>
      <p class="mt-1 max-w-[44rem] text-ink-2">
        Untick a rule and it is not checked in this job; give it a figure of your own, or choose what it counts as.
      </p>
      {#each groups as [group, rules] (group)}
        <h2 class="mt-5 border-b border-ink pb-1 caps">{RULE_GROUP_WORDS[group]}</h2>
        {#each rules as rule (rule.id)}
          <RuleRow
            {rule}
            setting={own.settings[rule.id]}
            unit={session.job.units}
            onset={(setting) =>
              session.do({
                type: 'rule.set',
                id: rule.id,
                ...(setting === undefined ? {} : { setting: setting as never }),
              })}
          />
        {/each}
      {:else}
        <p class="mt-5 border-t border-line py-3 text-ink-2">No rule mentions “{wanted}”.</p>
      {/each}
    </section>
    <aside class="self-start" style="position: sticky; top: 1rem" aria-label="House rules">
      <h2 class="border-b border-ink pb-1 text-lg">House rules</h2>
      {#each house as [id, rule] (id)}
        {#if editing === id}
          <HouseRuleForm
            {rule}
            unit={session.job.units}
            onkeep={(next) => keep(id, next)}
            oncancel={() => (editing = undefined)}
          />
        {:else}
          <div class="border-b border-line py-2" id="house-{id}" data-testid="house-rule">
            <p><GravityMark gravity={rule.gravity} size={13} /> <b class="font-semibold">{rule.title}</b></p>
            <p class="text-sm text-ink-2">
              {rule.asks === true ? 'To ask' : capital(GRAVITY_WORDS[rule.gravity].one)}: {sayMeasured(rule.measure)},
              {rule.bound === 'least' ? 'at least' : 'at most'}
              {sayFigure(rule.value, houseUnit(rule.measure), session.job.units)}: {rule.reason}
            </p>
            <p class="flex gap-4 text-sm">
              <button class="act" onclick={() => (editing = id)}>Change</button>
              <button class="act" onclick={() => session.do({ type: 'house.remove', id })}>Remove</button>
            </p>
          </div>
        {/if}
      {:else}
        {#if editing === undefined}<p class="py-2 text-sm text-ink-2">
            None yet. What your workshop has learned the hard way can be a rule: a distance, a height, a quantity, a
            passage.
          </p>{/if}
      {/each}
      {#if editing === 'new'}
        <HouseRuleForm
          rule={undefined}
          unit={session.job.units}
          onkeep={(rule) => keep(newId('house'), rule)}
          oncancel={() => (editing = undefined)}
        />
      {:else}
        <p class="mt-2 flex flex-col items-start gap-1">
          <button class="act" onclick={() => (editing = 'new')}>Write a rule</button>
          {#if unasked.length > 0}
            <button class="act" onclick={addQuestions}>Add the questions of registration and weight class</button>
          {/if}
        </p>
      {/if}
      <h2 class="mt-8 border-b border-ink pb-1 caps">For all jobs of the workshop</h2>
      <p class="mt-1 text-sm text-ink-2">What is set and written here can be saved for new jobs to start with.</p>
      <p class="mt-1 flex flex-col items-start gap-1">
        <button class="act" onclick={toShop}>Save these for new jobs</button>
        <button class="act" onclick={fromShop}>Use the workshop’s rules here</button>
      </p>
      {#if shopSays !== ''}<p class="mt-1 text-sm" role="status">{shopSays}</p>{/if}
    </aside>
  </main>
</div>
