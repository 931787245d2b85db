<script lang="ts">
  import { capital, count, GRAVITY_WORDS, RULE_GROUP_WORDS, type RuleEntry } from '$lib/core/text'
  import type { RuleGroup } from '$lib/core/review'
  import GravityMark from '../parts/GravityMark.svelte'
  import { printEdge } from '../parts/print-edge.svelte'
  import Why from '../parts/Why.svelte'

  let { book }: { book: readonly (readonly [RuleGroup, readonly RuleEntry[]])[] } = $props()

  printEdge(() => 'Book of rules')
  let wanted = $state('')
  const words = $derived(wanted.trim().toLowerCase())
  const has = (rule: RuleEntry): boolean =>
    words === '' ||
    [rule.title, rule.designer, rule.client, rule.basis, rule.id].some((text) => text.toLowerCase().includes(words))
  const shown = $derived(
    book.map(([group, rules]) => [group, rules.filter(has)] as const).filter(([, rules]) => rules.length > 0),
  )
  const total = $derived(shown.reduce((sum, [, rules]) => sum + rules.length, 0))
</script>

<svelte:head><title>Book of rules · Zimmerman</title></svelte:head>

<div class="min-h-screen">
  <header class="no-print flex h-12 items-center gap-6 border-b border-ink bg-sheet px-6">
    <a href="/" class="text-lg font-bold tracking-tight" style="font-stretch: 110%">Zimmerman</a>
    <span class="text-ink-2">the planning bench for vehicle conversions</span>
  </header>
  <main class="mx-auto max-w-6xl px-6 py-8">
    <div class="flex items-baseline gap-6">
      <h1 class="text-xl">Book of rules</h1>
      <span class="text-ink-2" aria-live="polite">{count(total, { one: 'rule', many: 'rules' })}</span>
      <div class="flex-1"></div>
      <label class="flex items-baseline gap-2 text-sm text-ink-2 print:hidden"
        >find <input class="w-52 ruled" type="search" bind:value={wanted} /></label
      >
    </div>
    <p class="mt-1 max-w-[44rem] text-ink-2">
      What a plan is checked against, in every mode that it is used in. A stop must be changed before a board is cut, a
      caution needs a decision, a note is good to know. The figures are common ones for planning, never a certificate.
    </p>

    <div class="mt-6 grid grid-cols-[11rem_1fr] gap-x-8 print:block">
      <nav class="self-start text-sm print:hidden" aria-label="Groups of rules" style="position: sticky; top: 1rem">
        {#each shown as [group, rules] (group)}
          <a class="flex justify-between border-b border-line py-1 hover:text-pencil" href="#{group}"
            ><span>{RULE_GROUP_WORDS[group]}</span><span class="text-ink-2">{rules.length}</span></a
          >
        {/each}
      </nav>
      <div>
        {#each shown as [group, rules] (group)}
          <section aria-labelledby={group} class="mb-8">
            <h2 id={group} class="border-b border-ink pb-1 caps">{RULE_GROUP_WORDS[group]}</h2>
            {#each rules as rule (rule.id)}
              <article
                class="grid grid-cols-[1fr_17rem] gap-x-8 border-b border-line py-3"
                data-testid="rule-{rule.id}"
              >
                <div>
                  <h3 id={rule.id} class="font-semibold">
                    {rule.title}
                    {#each rule.gravity as gravity (gravity)}
                      <span class="ml-2 text-sm font-normal whitespace-nowrap text-ink-2"
                        ><GravityMark {gravity} size={13} /> {GRAVITY_WORDS[gravity].one}</span
                      >
                    {/each}
                  </h3>
                  <p class="mt-0.5">{rule.designer}</p>
                  <p class="mt-0.5 text-ink-2">For the client: {rule.client}</p>
                  <p class="mt-0.5 text-sm">
                    <Why about="“{rule.title}” is judged so" lines={rule.judged}>How it is judged</Why>
                  </p>
                </div>
                <div class="text-sm">
                  <p class="text-ink-2">{capital(rule.modes)}</p>
                  {#each rule.parameters as one (one.name)}
                    <p class="mt-0.5 flex justify-between gap-3">
                      <span class="text-ink-2">{one.name}</span><Why
                        about="{one.name}: {one.value}"
                        lines={[one.basis, `By the book: ${one.value}. Makes sense from ${one.limits}.`]}
                        >{one.value}</Why
                      >
                    </p>
                  {/each}
                  <p class="mt-0.5 text-ink-2">
                    {rule.basis}{rule.tolerance === undefined ? '' : ` ${rule.tolerance}`}
                  </p>
                </div>
              </article>
            {/each}
          </section>
        {:else}
          <p class="border-t border-line py-3 text-ink-2">No rule mentions “{wanted}”.</p>
        {/each}
      </div>
    </div>
  </main>
</div>
