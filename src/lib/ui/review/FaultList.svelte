<script lang="ts">
  import { isLetBe } from '$lib/core/review'
  import { capital, count, GRAVITY_WORDS, RULE_WORDS, sayEnded, sayFinding, sayMissing } from '$lib/core/text'
  import { sayDay } from '../parts/days'
  import GravityMark from '../parts/GravityMark.svelte'
  import Stopped from '../parts/Stopped.svelte'
  import type { Desk, Sorting } from './desk.svelte'

  let { desk }: { desk: Desk } = $props()

  const SORTINGS: readonly (readonly [Sorting, string])[] = [
    ['gravity', 'worst first'],
    ['place', 'by place'],
  ]
  const unit = $derived(desk.session.job.units)
  const headline = (title: string): string =>
    title === 'stop' || title === 'caution' || title === 'note' ? capital(GRAVITY_WORDS[title].many) : title
  const ruleName = (id: string): string =>
    RULE_WORDS[id]?.title ?? desk.session.job.rules?.house[id.replace(/^house-/, '')]?.title ?? id

  let list: HTMLDivElement | undefined = $state(undefined)
  $effect(() => {
    const scrolls = list !== undefined && list.scrollHeight > list.clientHeight
    if (desk.chosen !== undefined && scrolls) list?.querySelector('[data-chosen]')?.scrollIntoView({ block: 'nearest' })
  })
</script>

<div class="mt-3 flex gap-4 border-b border-ink pb-1 text-sm" role="group" aria-label="Order of the findings">
  {#each SORTINGS as [id, words] (id)}
    <button
      class={desk.sorting === id ? 'font-semibold' : 'text-ink-2 hover:text-pencil'}
      aria-pressed={desk.sorting === id}
      onclick={() => (desk.sorting = id)}>{words}</button
    >
  {/each}
</div>
<div bind:this={list} class="min-h-0 flex-1 overflow-y-auto pr-2" data-testid="faults">
  <Stopped what="The review" why={desk.stopped} onagain={() => void desk.look()} />
  {#if desk.review === undefined}
    {#if desk.stopped === undefined}<p class="pt-2 text-ink-2" role="status">Checking…</p>{/if}
  {:else}
    {#each desk.review.failed as { rule, message, modeId } (`${rule} ${modeId}`)}
      <p role="alert" class="border-b border-line py-1.5 text-sm text-stop">
        The rule “{ruleName(rule)}” ({rule}) failed in {desk.names.mode(modeId)} and could not be checked: {message}
      </p>
    {/each}
    {#each desk.sections as section (section.title)}
      <h2 class="pt-2 caps">{headline(section.title)}</h2>
      <ul>
        {#each section.faults as { number, fault } (fault.finding.key)}
          {@const { finding } = fault}
          {@const words = sayFinding(finding, desk.names, unit)}
          {@const chosen = desk.chosen?.finding.key === finding.key}
          <li class="border-b border-line" data-chosen={chosen ? true : undefined}>
            <button
              class="flex w-full gap-2 py-1.5 text-left text-[0.9286rem] leading-[1.2857rem] hover:text-pencil {chosen
                ? 'bg-wood'
                : ''}"
              aria-current={chosen ? 'true' : undefined}
              data-testid="fault-{finding.code}"
              onclick={() => desk.choose(fault)}
            >
              <span class="w-5 shrink-0 pl-1"><GravityMark gravity={finding.gravity} {number} /></span>
              <span class="min-w-0 pl-1">
                <b class="font-semibold {isLetBe(finding) ? 'text-ink-2' : ''}">{words.title}</b>
                <span class="block {isLetBe(finding) ? 'text-ink-2' : ''}">{words.designer}</span>
                {#if finding.waiver !== undefined && !finding.waiver.holds}
                  <span class="block text-caution">Was left as it is; the figures have changed since.</span>
                {/if}
                <span class="block text-xs text-ink-2">{fault.modes.map((id) => desk.names.mode(id)).join(', ')}</span>
              </span>
            </button>
          </li>
        {/each}
      </ul>
    {:else}
      <p class="pt-2 text-ink-2">
        {desk.group === undefined ? 'All clear.' : 'Nothing in this group.'}
      </p>
    {/each}
    {#if desk.review.ended.length > 0 && desk.group === undefined}
      <h2 class="pt-3 caps">Left as it is, and no longer needed</h2>
      <ul data-testid="ended">
        {#each desk.review.ended as ended (ended.id)}
          <li class="border-b border-line py-1 text-sm">
            <b class="font-semibold text-ink-2">{ruleName(ended.rule)}</b>
            <span class="block">Left as it is, {sayDay(ended.on)}: {ended.reason}. {sayEnded(ended.why)}</span>
            <button class="act" onclick={() => desk.forget(ended)}
              >Remove<span class="sr-only">: {ended.reason}</span></button
            >
          </li>
        {/each}
      </ul>
    {/if}
    {#if desk.review.untold.length > 0 && desk.group === undefined}
      <details class="mt-3 pb-4 text-sm" data-testid="untold">
        <summary class="cursor-pointer caps"
          >Cannot be checked yet: {count(desk.review.untold.length, { one: 'rule', many: 'rules' })}</summary
        >
        <ul>
          {#each desk.review.untold as { rule, needs } (rule)}
            <li class="border-b border-line py-1">
              {ruleName(rule)}: <span class="text-ink-2">needs {needs.map(sayMissing).join(' and ')}</span>
            </li>
          {/each}
        </ul>
      </details>
    {/if}
  {/if}
</div>
