import { planInterior, variantsOf } from '$lib/core/job'
import {
  dropWaiver,
  faultsOf,
  isLetBe,
  takeUp,
  waive,
  tally,
  tallyByGroup,
  tried,
  withRemedy,
  type EndedWaiver,
  type Fault,
  type Finding,
  type ProvenRemedy,
  type RuleGroup,
  type VariantReview,
} from '$lib/core/review'
import type { Scene } from '$lib/core/scene'
import { scenesOf } from '$lib/core/scene'
import { namesOf } from '$lib/core/text'
import type { Searched } from '$lib/core/what-if'
import { ReviewClient } from '$lib/workers/review-client'
import { SearchClient } from '$lib/workers/search-client'
import type { JobSession } from '../job/job-session.svelte'
import { reasonOf } from '../parts/reason'
import { newId } from '../job/new-id'
import { today } from '../parts/days'
import { keepSeen, lastSeen, type Figures, type Seen } from './seen'

export type Sorting = 'gravity' | 'place'

/** A heading of the list with the faults under it, each with its number. */
export interface Section {
  readonly title: string
  readonly faults: readonly { readonly number: number; readonly fault: Fault }[]
}

/** The ways out of one fault as far as they are known: those of its rule, and what a search found. */
export interface Offers {
  readonly key: string
  readonly remedies?: readonly ProvenRemedy[]
  readonly found?: Searched | 'searching'
}

/** What a way out changes, whatever to: a second figure for the same board adds nothing. */
const whatOf = ({ commands }: ProvenRemedy): string =>
  JSON.stringify(
    commands.map((command) =>
      command.type === 'fitting.parameters' ? [command.id, Object.keys(command.parameters)] : command,
    ),
  )

/** The desk at which a designer goes through what the review says of a job’s variants. */
export class Desk {
  readonly session: JobSession
  readonly #client = new ReviewClient()
  readonly #searcher = new SearchClient()
  /** What the last visit saw. */
  readonly before: Seen | undefined
  #variantId = $state('')
  reviews: Readonly<Record<string, VariantReview>> = $state.raw({})
  group: RuleGroup | undefined = $state(undefined)
  sorting: Sorting = $state('gravity')
  #chosenKey: string | undefined = $state(undefined)
  offers: Offers | undefined = $state.raw(undefined)
  /** A way out that is being looked at before it is taken. */
  preview: ProvenRemedy | undefined = $state.raw(undefined)
  #asked = 0
  /** Why the review, or a search, has stopped, where it has. */
  stopped: string | undefined = $state.raw(undefined)

  constructor(session: JobSession) {
    this.session = session
    this.before = lastSeen(session.id)
  }

  /** Keeps what was seen, for the next visit to be held against. */
  keep(): void {
    if (Object.keys(this.reviews).length > 0) keepSeen(this.session.id, this.figures)
  }

  close(): void {
    this.#client.close()
    this.#searcher.close()
  }

  readonly variants = $derived.by(() => variantsOf(this.session.job))
  readonly variantId: string = $derived.by(() =>
    this.session.job.variants[this.#variantId] === undefined ? this.variants[0]![0] : this.#variantId,
  )
  readonly review: VariantReview | undefined = $derived.by(() => this.reviews[this.variantId])
  readonly plan = $derived.by(() => this.session.job.variants[this.variantId]!.plan)
  readonly names = $derived.by(() => namesOf(this.session.job, this.plan))
  readonly figures: Figures = $derived.by(() =>
    Object.fromEntries(Object.entries(this.reviews).map(([id, review]) => [id, tallyByGroup(review)])),
  )
  readonly tally = $derived.by(() => (this.review === undefined ? undefined : tally(this.review)))
  readonly faults: readonly Fault[] = $derived.by(() =>
    (this.review === undefined ? [] : faultsOf(this.review)).filter(
      ({ finding }) => this.group === undefined || finding.group === this.group,
    ),
  )
  readonly sections: readonly Section[] = $derived.by(() => this.#sectionsOf(this.faults))
  readonly chosen: Fault | undefined = $derived.by(
    () => this.faults.find(({ finding }) => finding.key === this.#chosenKey) ?? this.sections[0]?.faults[0]?.fault,
  )
  readonly #scenes: readonly Scene[] = $derived.by(() =>
    scenesOf(this.session.job.variants[this.variantId]!, planInterior(this.session.job.shell, this.plan)),
  )
  /** The scene that the chosen fault is in; the first mode’s where there is no fault. */
  readonly scene: Scene = $derived.by(
    () => this.#scenes.find(({ modeId }) => modeId === this.chosen?.finding.modeId) ?? this.#scenes[0]!,
  )
  /** The same scene after the way out that is being looked at. */
  readonly after: Scene | undefined = $derived.by(() => {
    const remedy = this.preview
    if (remedy === undefined) return undefined
    const job = tried(() => withRemedy(this.session.job, remedy))
    if (job === undefined) return undefined
    const variant = job.variants[this.variantId]!
    return scenesOf(variant, planInterior(job.shell, variant.plan)).find(({ modeId }) => modeId === this.scene.modeId)
  })

  /** Where a fault is: its first fitting’s name, or the vehicle as a whole. */
  placeOf({ fittings }: Finding): string {
    const first = fittings.find((id) => this.plan.fittings[id] !== undefined)
    return first === undefined ? 'The vehicle as a whole' : this.names.fitting(first)
  }

  #sectionsOf(faults: readonly Fault[]): readonly Section[] {
    const titleOf = ({ finding }: Fault): string =>
      isLetBe(finding) ? 'Let be' : this.sorting === 'place' ? this.placeOf(finding) : finding.gravity
    const titles = faults.map(titleOf).filter((title, index, all) => all.indexOf(title) === index)
    if (this.sorting === 'place') titles.sort((a, b) => Number(a === 'Let be') - Number(b === 'Let be'))
    let number = 0
    return titles.map((title) => ({
      title,
      faults: faults.filter((fault) => titleOf(fault) === title).map((fault) => ({ number: (number += 1), fault })),
    }))
  }

  /** What an engine answers; nothing where it has stopped, and then why. */
  async #told<T>(answer: Promise<T>): Promise<T | undefined> {
    try {
      const told = await answer
      this.stopped = undefined
      return told
    } catch (cause) {
      this.stopped = reasonOf(cause)
      return undefined
    }
  }

  /** Reviews every variant of the job as it is now, the one that is shown first; call it whenever the job changes. */
  async look(): Promise<void> {
    const asked = (this.#asked += 1)
    const { job } = this.session
    const ids = variantsOf(job).map(([id]) => id)
    for (const id of [this.variantId, ...ids.filter((other) => other !== this.variantId)]) {
      const review = await this.#told(this.#client.review(job, id))
      if (this.#asked !== asked) return
      if (review === undefined) {
        // what it said before is of another plan
        this.reviews = {}
        return
      }
      this.reviews = {
        ...Object.fromEntries(Object.entries(this.reviews).filter(([known]) => job.variants[known] !== undefined)),
        [id]: review,
      }
    }
  }

  /** Tries the ways out that the chosen fault’s rule knows; call it whenever another is chosen or the job changes. */
  async offer(fault: Fault): Promise<void> {
    const { key } = fault.finding
    this.preview = undefined
    this.offers = { key }
    const { job } = this.session
    const remedies = await this.#told(this.#client.remedies(job, this.variantId, fault.finding))
    if (remedies !== undefined && this.offers?.key === key && this.session.job === job)
      this.offers = { ...this.offers, remedies }
  }

  /** Searches for more: small moves, mirrorings, stances and figures of what the fault speaks of. */
  async search(fault: Fault): Promise<void> {
    const { key } = fault.finding
    if (this.offers?.key !== key) return
    this.offers = { ...this.offers, found: 'searching' }
    const { job } = this.session
    const found = await this.#told(this.#searcher.search(job, this.variantId, fault.finding))
    if (found === undefined && this.offers?.found === 'searching') {
      const { found: _, ...rest } = this.offers
      this.offers = rest
    }
    if (found === undefined) return
    if (this.offers?.key !== key || this.session.job !== job) return
    const known = (this.offers.remedies ?? []).map(whatOf)
    const remedies = found.remedies.filter((remedy) => !known.includes(whatOf(remedy)))
    this.offers = { ...this.offers, found: { ...found, remedies } }
  }

  showVariant(id: string): void {
    this.#variantId = id
    this.preview = undefined
  }

  choose(fault: Fault): void {
    this.#chosenKey = fault.finding.key
  }

  /** The fault after (or before) the chosen one, in the order of the list. */
  step(by: 1 | -1): void {
    const all = this.sections.flatMap(({ faults }) => faults)
    const at = all.findIndex(({ fault }) => fault.finding.key === this.chosen?.finding.key)
    const next = all[Math.min(all.length - 1, Math.max(0, at + by))]
    if (next !== undefined) this.choose(next.fault)
  }

  take(remedy: ProvenRemedy): boolean {
    this.preview = undefined
    return this.session.do({ type: 'batch', what: 'remedy', commands: [...remedy.commands] })
  }

  letBe(finding: Finding, reason: string): boolean {
    return this.session.do(waive(this.variantId, newId('waiver'), finding, reason, today()))
  }

  /** Forgets what was let be and has no finding any more. */
  forget({ id }: EndedWaiver): void {
    this.session.do(dropWaiver(this.variantId, id))
  }

  takeUp(finding: Finding): void {
    for (const command of takeUp(this.variantId, finding)) this.session.do(command)
  }
}
