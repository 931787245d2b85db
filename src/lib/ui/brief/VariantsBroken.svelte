<script lang="ts">
  import { variantsOf } from '$lib/core/job'
  import { tally, type Finding, type VariantReview } from '$lib/core/review'
  import { count, GRAVITY_WORDS, namesOf, sayFinding } from '$lib/core/text'
  import type { BriefClient } from '$lib/workers/brief-client'
  import { getSession } from '../job/context'
  import GravityMark from '../parts/GravityMark.svelte'
  import { reasonOf } from '../parts/reason'

  interface Props {
    client: BriefClient
    /** Counts how often it was asked to begin again. */
    again: number
    /** Called with nothing when an answer came, else with why none did. */
    onanswer: (stopped: string | undefined) => void
  }
  let { client, again, onanswer }: Props = $props()
  const session = getSession()
  const unit = $derived(session.job.units)
  const variants = $derived(variantsOf(session.job).filter(([, { plan }]) => Object.keys(plan.fittings).length > 0))

  /** Each variant as the first look at this page found it, and as it is now. */
  let before: ReadonlyMap<string, VariantReview> = $state.raw(new Map())
  let now: ReadonlyMap<string, VariantReview> = $state.raw(new Map())
  let asked = 0
  $effect(() => {
    const { job } = session
    void again
    const mine = (asked += 1)
    void Promise.all(variants.map(async ([id]) => [id, await client.review(job, id)] as const))
      .then((reviews) => {
        if (mine !== asked) return
        before = new Map([...reviews, ...before])
        now = new Map(reviews)
        onanswer(undefined)
      })
      .catch((cause: unknown) => onanswer(reasonOf(cause)))
  })

  const faults = (review: VariantReview | undefined): ReadonlyMap<string, Finding> =>
    new Map(
      (review?.modes ?? []).flatMap(({ findings }) =>
        findings.filter(({ gravity }) => gravity !== 'note').map((finding) => [finding.key, finding] as const),
      ),
    )
  const changed = (id: string) => {
    const [was, is] = [faults(before.get(id)), faults(now.get(id))]
    return {
      broken: [...is].filter(([key]) => !was.has(key)).map(([, finding]) => finding),
      cured: [...was.keys()].filter((key) => !is.has(key)).length,
    }
  }
  const standing = (review: VariantReview): string => {
    const { stop, caution } = tally(review)
    return stop + caution === 0
      ? 'all clear'
      : [stop > 0 ? count(stop, GRAVITY_WORDS.stop) : '', caution > 0 ? count(caution, GRAVITY_WORDS.caution) : '']
          .filter((words) => words !== '')
          .join(', ')
  }
  const SHOWN = 4
</script>

{#if variants.length > 0 && now.size > 0}
  <section
    class="mb-3 border-b border-line pb-2 text-[0.9286rem]"
    aria-label="What this does to the plans"
    data-testid="variants"
  >
    <h2 class="caps">What this does to the plans</h2>
    {#each variants as [id, variant] (id)}
      {@const review = now.get(id)}
      {#if review !== undefined}
        {@const { broken, cured } = changed(id)}
        <p class="flex justify-between gap-2">
          <span class="font-semibold">Variant {variant.name}</span><span class="text-ink-2">{standing(review)}</span>
        </p>
        <ul>
          {#each broken.slice(0, SHOWN) as finding (finding.key)}
            <li class="flex gap-1.5 py-0.5 {finding.gravity === 'stop' ? 'text-stop' : 'text-caution'}">
              <GravityMark gravity={finding.gravity} size={12} /><span
                >{sayFinding(finding, namesOf(session.job, variant.plan), unit).designer}</span
              >
            </li>
          {/each}
        </ul>
        {#if broken.length > SHOWN}<p class="text-ink-2">
            and {broken.length - SHOWN} more from these answers
          </p>{/if}
        {#if cured > 0}<p class="text-good">
            ✓ {count(cured, { one: 'finding', many: 'findings' })} cleared
          </p>{/if}
      {/if}
    {/each}
  </section>
{/if}
