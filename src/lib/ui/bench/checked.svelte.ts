import { liveMargins, type Margin } from '$lib/core/budgets'
import { demandsOf, type ResolvedDemand } from '$lib/core/brief'
import { countedByName, gearIn, type PackedPiece } from '$lib/core/draw'
import type { Made } from '$lib/core/fittings'
import type { Command, Job, modesOf } from '$lib/core/job'
import {
  type DemandState,
  type Finding,
  type ProvenRemedy,
  takeUp,
  tally,
  type VariantReview,
  waive,
} from '$lib/core/review'
import type { ModeChange, Placed, Scene } from '$lib/core/scene'
import type { Choice } from '$lib/core/review'
import { ReviewClient, type ReviewAnswer } from '$lib/workers/review-client'
import { newId } from '../job/new-id'
import { today } from '../parts/days'
import { felt, type Felt } from './felt'
import { keepEqual } from './keep-equal'

/** A finding with its number in the drawing, the same fault in several modes once. */
export interface NumberedFinding {
  readonly number: number
  readonly finding: Finding
}

/** A demand of which the review has not said yet how far it is met. */
export interface UncheckedDemand {
  readonly demand: ResolvedDemand
  readonly state: 'checking'
  readonly findings: readonly never[]
}

/** A review in which one mode is new, and the others as they were. */
function withMode(before: VariantReview | undefined, next: VariantReview): VariantReview {
  if (before === undefined || before.variantId !== next.variantId) return next
  const fresh = new Map(next.modes.map((mode) => [mode.modeId, mode]))
  const known = new Set(before.modes.map(({ modeId }) => modeId))
  return {
    ...before,
    modes: [
      ...before.modes.map((mode) => fresh.get(mode.modeId) ?? mode),
      ...next.modes.filter(({ modeId }) => !known.has(modeId)),
    ],
    failed: [...before.failed.filter(({ modeId }) => !fresh.has(modeId)), ...next.failed],
  }
}

/** How long the review rests while something is carried: marks that come ten times a second are felt at once. */
const REST_IN_HAND_MS = 80

/** What it knows of the bench. */
interface At {
  readonly session: { readonly job: Job; readonly do: (command: Command) => boolean }
  readonly variantId: string
  readonly modeId: string
  readonly modes: ReturnType<typeof modesOf>
  readonly scene: Scene
  readonly selected: Placed | undefined
  readonly carrying: boolean
  readonly liveJob: Job
  openFinding: string | undefined
}

/** What the review says of what the bench shows: findings, demands, gear, margins; and what it says of trying something. */
export class Checked {
  readonly #bench: At
  readonly #reviewer: ReviewClient
  /** Tries ways out in a worker of its own, opened with the first: a review need not wait for them. */
  #advisor: ReviewClient | undefined
  /** What the review says: of the mode on screen as it is now, of the others a moment later. */
  review: VariantReview | undefined = $state.raw(undefined)
  /** The last whole answer of the engine. */
  #answer: ReviewAnswer | undefined = $state.raw(undefined)
  /** What was said before a hand took something up. */
  #steady: ReviewAnswer | undefined = $state.raw(undefined)
  /** Why the review has stopped, where it has. */
  stopped: string | undefined = $state.raw(undefined)

  constructor(bench: At) {
    this.#bench = bench
    this.#reviewer = new ReviewClient({
      shown: (review) => {
        if (review.variantId === this.#bench.variantId)
          this.review = keepEqual(this.review, withMode(this.review, review))
        this.stopped = undefined
      },
      all: (answer) => {
        if (answer.review.variantId !== this.#bench.variantId) return
        const review = keepEqual(this.review, answer.review)
        this.review = review
        this.#answer = { ...answer, review }
        if (!this.#bench.carrying) this.#steady = this.#answer
        this.stopped = undefined
      },
      // what it said before is of another plan
      stopped: (message) => {
        this.forget()
        this.stopped = message
      },
    })
  }

  close(): void {
    this.#reviewer.close()
    this.#advisor?.close()
  }

  /** The engine’s answer on the plan as it stands: what is carried counts once it is put down. */
  readonly #settled: ReviewAnswer | undefined = $derived.by(() => (this.#bench.carrying ? this.#steady : this.#answer))
  /** What it takes to get to each mode from the one before; nothing until that is known. */
  readonly changes: readonly ModeChange[] = $derived.by(() => this.#settled?.changes ?? [])
  /** The findings of the mode shown, numbered, the gravest first. */
  readonly findings: readonly NumberedFinding[] = $derived.by(() =>
    (this.review?.modes.find(({ modeId }) => modeId === this.#bench.modeId)?.findings ?? []).map((finding, index) => ({
      number: index + 1,
      finding,
    })),
  )
  /** While something is carried: what that makes worse or better in the mode shown. */
  readonly felt: readonly Felt[] = $derived.by(() => {
    const of = (review: VariantReview | undefined) =>
      review?.modes.find(({ modeId }) => modeId === this.#bench.modeId)?.findings ?? []
    const steady = this.#steady?.review
    return this.#bench.carrying && steady?.variantId === this.#bench.variantId ? felt(of(steady), of(this.review)) : []
  })
  /** The road’s limits as they were last summed, with what has moved since in the mode on screen: the tightest first. */
  readonly margins: readonly Margin[] = $derived.by(() => {
    const road = this.#bench.modes.find(([, { purpose }]) => purpose === 'driving')?.[0] ?? this.#bench.modes[0]?.[0]
    const loadIn = (id: string | undefined) => this.review?.modes.find(({ modeId }) => modeId === id)?.load
    const [load, here] = [loadIn(road), loadIn(this.#bench.modeId)]
    return load === undefined || here === undefined
      ? []
      : liveMargins({ ...load, stood: here.stood }, this.#bench.scene.placed)
  })
  readonly tally = $derived.by(() =>
    this.review === undefined || this.#answer === undefined ? undefined : tally(this.review),
  )
  readonly demands: readonly (DemandState | UncheckedDemand)[] = $derived.by(
    () =>
      this.#settled?.demands ??
      demandsOf(this.#bench.session.job.brief).map((demand) => ({ demand, state: 'checking' as const, findings: [] })),
  )

  /** Asks for a review of what is shown; call it whenever that changes. */
  request(): void {
    this.#reviewer.request(
      this.#bench.liveJob,
      this.#bench.variantId,
      this.#bench.modeId,
      this.#bench.carrying ? REST_IN_HAND_MS : 0,
    )
  }

  /** Forgets what was said: it was of another variant, or is none any more. */
  forget(): void {
    this.review = undefined
    this.#answer = undefined
    this.#steady = undefined
    this.stopped = undefined
  }

  remedies(finding: Finding): Promise<readonly ProvenRemedy[]> {
    this.#advisor ??= new ReviewClient()
    return this.#advisor.remedies(this.#bench.session.job, this.#bench.variantId, finding)
  }

  /** What a kind would do where it fits, to meet a demand. */
  choice(demand: ResolvedDemand, made: Made): Promise<Choice> {
    this.#advisor ??= new ReviewClient()
    const { session, variantId, modeId } = this.#bench
    return this.#advisor.choice(session.job, variantId, modeId, demand, made)
  }

  /** The client’s gear that is packed into the one in hand, each piece where it lies; nothing while something is carried. */
  readonly gear: readonly PackedPiece[] = $derived.by(() => {
    const stowed = this.#answer?.stowed.get(this.#bench.modeId)
    return this.#bench.selected === undefined || this.#bench.carrying || stowed === undefined
      ? []
      : gearIn(stowed, this.#bench.liveJob.brief, this.#bench.selected.id)
  })
  /** The same by name, and how many of each. */
  readonly gearNames = $derived.by(() => countedByName(this.gear))

  take(remedy: ProvenRemedy): void {
    this.#bench.session.do({ type: 'batch', what: 'remedy', commands: [...remedy.commands] })
    this.#bench.openFinding = undefined
  }

  letBe(finding: Finding, reason: string): boolean {
    return this.#bench.session.do(waive(this.#bench.variantId, newId('waiver'), finding, reason, today()))
  }

  takeUp(finding: Finding): void {
    for (const command of takeUp(this.#bench.variantId, finding)) this.#bench.session.do(command)
  }
}
