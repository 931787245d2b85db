<script lang="ts">
  import { GRAVITIES, RULE_GROUPS, type Gravity, type RuleGroup } from '$lib/core/review'
  import { GRAVITY_WORDS, RULE_GROUP_WORDS } from '$lib/core/text'
  import { sayDay } from '../parts/days'
  import GravityMark from '../parts/GravityMark.svelte'
  import type { Desk } from './desk.svelte'
  import { changeSince } from './seen'

  let { desk }: { desk: Desk } = $props()

  const groups = $derived(
    RULE_GROUPS.filter((group) => Object.values(desk.figures).some((figures) => figures[group] !== undefined)),
  )
  const of = (variantId: string, group: RuleGroup, gravity: Gravity): number =>
    desk.figures[variantId]?.[group]?.[gravity] ?? 0
  const total = (variantId: string, gravity: Gravity): number =>
    groups.reduce((sum, group) => sum + of(variantId, group, gravity), 0)
  const change = (variantId: string, group: RuleGroup, gravity: Gravity): number =>
    changeSince(desk.before?.figures, variantId, group, gravity, of(variantId, group, gravity)) ?? 0
  const totalChange = (variantId: string, gravity: Gravity): number =>
    RULE_GROUPS.reduce((sum, group) => sum + change(variantId, group, gravity), 0)
  const signed = (value: number): string => (value > 0 ? `+${value}` : `−${-value}`)
</script>

{#snippet cell(value: number, since: number)}
  {value === 0 ? '·' : value}{#if since !== 0}<span
      class="ml-0.5 text-[0.7143rem] {since > 0 ? 'text-stop' : 'text-good'}"
      title="{signed(since)} since your last visit">{signed(since)}</span
    >{/if}
{/snippet}

<div class="overflow-x-auto">
  <table class="w-full text-sm" data-testid="tally">
    <caption class="sr-only">Stops, cautions and notes by group of rules and variant</caption>
    <thead>
      {#if desk.variants.length > 1}
        <tr>
          <th></th>
          {#each desk.variants as [id, variant] (id)}
            <th colspan="3" class="border-l border-line px-1 text-left font-normal">
              <button
                class="max-w-28 truncate hover:text-pencil {id === desk.variantId ? 'font-semibold' : 'text-ink-2'}"
                aria-pressed={id === desk.variantId}
                onclick={() => desk.showVariant(id)}>{variant.name}</button
              >
            </th>
          {/each}
        </tr>
      {/if}
      <tr class="border-b border-ink">
        <th></th>
        {#each desk.variants as [id] (id)}
          {#each GRAVITIES as gravity (gravity)}
            <th
              class="w-9 px-1 pb-0.5 text-right font-normal {gravity === 'stop' ? 'border-l border-line' : ''}"
              title={GRAVITY_WORDS[gravity].many}
            >
              <GravityMark {gravity} size={12} /><span class="sr-only">{GRAVITY_WORDS[gravity].many}</span></th
            >
          {/each}
        {/each}
      </tr>
    </thead>
    <tbody>
      {#each groups as group (group)}
        <tr class="border-b border-line">
          <th class="py-px text-left font-normal" scope="row">
            <button
              class="hover:text-pencil {desk.group === group ? 'font-semibold text-pencil' : ''}"
              aria-pressed={desk.group === group}
              onclick={() => (desk.group = desk.group === group ? undefined : group)}>{RULE_GROUP_WORDS[group]}</button
            >
          </th>
          {#each desk.variants as [id] (id)}
            {#each GRAVITIES as gravity (gravity)}
              <td
                class="px-1 text-right whitespace-nowrap {gravity === 'stop' ? 'border-l border-line' : ''} {id ===
                desk.variantId
                  ? ''
                  : 'text-ink-2'}">{@render cell(of(id, group, gravity), change(id, group, gravity))}</td
              >
            {/each}
          {/each}
        </tr>
      {/each}
    </tbody>
    <tfoot>
      <tr>
        <th class="pt-px text-left font-semibold" scope="row">
          {#if desk.group === undefined}All{:else}<button class="act" onclick={() => (desk.group = undefined)}
              >Show all</button
            >{/if}
        </th>
        {#each desk.variants as [id] (id)}
          {#each GRAVITIES as gravity (gravity)}
            <td
              class="px-1 text-right font-semibold whitespace-nowrap {gravity === 'stop' ? 'border-l border-line' : ''}"
              data-testid="total-{id}-{gravity}">{@render cell(total(id, gravity), totalChange(id, gravity))}</td
            >
          {/each}
        {/each}
      </tr>
    </tfoot>
  </table>
</div>
{#if desk.before !== undefined}
  <p class="mt-1 text-xs text-ink-2">Change since your last visit, {sayDay(desk.before.at)}.</p>
{/if}
