import type { Limits, WeightLedger } from '../budgets'
import type { NeedState } from '../needs'
import type { Basis, Brief, Purpose } from '../brief'
import type { ServiceType } from '../fittings'
import { UNNOTICED } from '../units'
import type { Job, Plan } from '../job'
import type { Want, Wiring } from '../wiring'
import type { ModeChange, Placed, Scene, Stowed, Way, WayGround } from '../scene'
import type { Draft, Finding, FindingCode, Gravity, Remedy, RuleGroup } from './finding'

/** A figure that a rule compares with: its default, limits, unit and where it comes from. */
export interface RuleParameter {
  readonly default: number
  readonly min: number
  readonly max: number
  readonly unit: 'mm' | 'share' | 'count' | 'kg' | 'min' | 'deg' | 'W/m²K' | 'cm²' | 'm' | '°C'
  readonly basis: Basis
}
export type RuleParameters = Readonly<Record<string, RuleParameter>>

/**
 * What a rule can read, by name. `scene`: the body and all that stands in it in this mode. `plan`: of the plan what is no fitting (lining,
 * changes to the body). `job`: of the job what is no plan (papers, what was found, weighings). The others as in `RuleInput`.
 */
export type Read =
  | 'scene'
  | 'brief'
  | 'plan'
  | 'job'
  | 'peers'
  | 'needs'
  | 'stowed'
  | 'change'
  | 'weight'
  | 'ground'
  | 'ways'
  | 'bareWays'
  | 'circuits'
  | 'wiring'

/** How far a review goes: what stands in what, then whatever is quick to tell, then what is summed, then the ways. */
export const STAGES = ['collisions', 'rules', 'budgets', 'ways'] as const
export type Stage = (typeof STAGES)[number]

/** What a rule reads: one scene with the brief it must serve. `ground`, `ways` and `stowed` are worked out on first use. */
export interface RuleInput<P extends RuleParameters = RuleParameters> {
  readonly job: Job
  readonly variantId: string
  readonly plan: Plan
  readonly brief: Brief
  readonly scene: Scene
  /** The scenes of all modes of this purpose, this one among them: what one of them offers need not stand in every one. */
  readonly peers: () => readonly Scene[]
  readonly parameters: { readonly [K in keyof P]: number }
  readonly ground: () => WayGround
  readonly ways: () => readonly Way[]
  /** As a tape has them: at one breadth from step height to the shoulders. */
  readonly bareWays: () => readonly Way[]
  readonly stowed: () => Stowed
  /** Everything aboard with its place, and every limit of the vehicle, as one sets out and at its worst. */
  readonly weight: () => { readonly ledger: WeightLedger; readonly limits: Limits }
  /** The circuits that are wanted, before a wire is laid. */
  readonly circuits: () => readonly Want[]
  /** The circuits with their wires; undefined where nobody chose any: those that the program gathers hold what they must. */
  readonly wiring: () => Wiring | undefined
  /** Every demand, and how far the plan meets it in all its modes. */
  readonly needs: () => readonly NeedState[]
  /** What it takes to get here from the mode before; undefined for the first. */
  readonly change: () => ModeChange | undefined
  readonly find: (fittingId: string) => Placed | undefined
  /** The fitting that a finding is about first. */
  readonly first: (finding: Pick<Finding, 'fittings'>) => Placed | undefined
}

/** Something that belongs with what a plan holds already. */
export type Thing = 'alarm' | 'extinguisher' | 'fuses' | 'gas-store' | 'light'

/** What a rule must know of a brief, a body or a plan, and does not yet: then it says nothing, rather than something false. */
export type Missing =
  | {
      readonly what:
        | 'people'
        | 'sleepers'
        | 'travellers'
        | 'seats-asked'
        | 'outer-size'
        | 'air-openings'
        | 'wall-layers'
        | 'floor-structure'
        | 'axle-ratings'
        | 'track'
    }
  | { readonly what: 'service'; readonly service: ServiceType }
  | { readonly what: 'thing'; readonly thing: Thing }

/** What of a figure nobody would mention: the smaller of millimetres and a share of what is needed. */
export interface Tolerance {
  readonly mm: number
  readonly share: number
}

/** A tolerance for what is a matter of comfort: what nobody would mention at most. Stops, safety and rules of the house have none. */
export const comfort = (mm: number = UNNOTICED.mm, share: number = UNNOTICED.share): Tolerance => {
  if (mm > UNNOTICED.mm || share > UNNOTICED.share)
    throw new RangeError(`a tolerance is 10 mm and 3 % at most, not ${mm} mm and ${share}`)
  return { mm, share }
}

export interface Rule {
  readonly id: string
  readonly group: RuleGroup
  readonly modes: 'every' | readonly Purpose[]
  /** All that its check and its needs read: its answer is kept while none of it changes, and it is handed nothing else. */
  readonly reads: readonly Read[]
  readonly stage: Stage
  readonly gravity: Readonly<Partial<Record<FindingCode, Gravity>>>
  readonly basis: Basis
  readonly parameters: RuleParameters
  readonly tolerance: Tolerance | undefined
  /** Whether it knows ways out of what it finds; where not, its page in the book says why. */
  readonly hasWaysOut: boolean
  /** Whether it asks for something that it cannot know. */
  readonly asks: boolean
  /** What is not known yet; the rule is asked only where nothing is. */
  readonly needs: (input: RuleInput) => readonly Missing[]
  /** What tells one of its findings from its others: the same fault has the same key, however bad it is. */
  readonly key: (draft: Draft) => string
  readonly check: (input: RuleInput) => readonly Draft[]
  /** Candidates for a way out; the engine keeps those that cure the finding. */
  readonly remedies: (input: RuleInput, finding: Finding) => readonly Remedy[]
}

/** Told apart by the fitting that a finding is about first, and by something else of it. */
export const byFitting =
  <C extends FindingCode>(detail: (draft: Draft<C>) => string) =>
  (draft: Draft<C>): string =>
    `${draft.fittings[0] ?? ''} ${detail(draft)}`
/** Told apart by something that is no fitting: a seat of the cab, a figure. */
export const byItself =
  <C extends FindingCode>(detail: (draft: Draft<C>) => string) =>
  (draft: Draft<C>): string =>
    ` ${detail(draft)}`

const readings = new Map<string, readonly Read[]>()

/** These reads in one list, the same one for all that read the same. */
export function reading(reads: readonly Read[]): readonly Read[] {
  const key = reads.join()
  const made = readings.get(key) ?? reads
  readings.set(key, made)
  return made
}

const WAYS: ReadonlySet<Read> = new Set(['ground', 'ways', 'bareWays'])

const stageOf = (reads: readonly Read[]): Stage =>
  reads.some((read) => WAYS.has(read)) ? 'ways' : reads.includes('weight') ? 'budgets' : 'rules'

/** Declares a rule: data and one pure check. `remedies` sees only findings of the rule's own codes. */
export function defineRule<C extends FindingCode, P extends RuleParameters>(rule: {
  readonly id: string
  readonly group: Rule['group']
  readonly modes: Rule['modes']
  readonly reads: readonly Read[]
  /** Left out: by what it reads. */
  readonly stage?: 'collisions'
  readonly gravity: Readonly<Record<C, Gravity>>
  readonly basis: Basis
  readonly parameters: P
  /** Left out: none. */
  readonly tolerance?: Tolerance
  readonly needs?: (input: RuleInput<P>) => readonly Missing[]
  /** Left out: the fitting that a finding is about first. */
  readonly key?: (draft: Draft<C>) => string
  readonly check: (input: RuleInput<P>) => readonly Draft<C>[]
  readonly remedies?: (input: RuleInput<P>, finding: Finding<C>) => readonly Remedy[]
}): Rule {
  return {
    ...rule,
    reads: reading(rule.reads),
    stage: rule.stage ?? stageOf(rule.reads),
    tolerance: rule.tolerance,
    hasWaysOut: rule.remedies !== undefined,
    asks: rule.needs !== undefined,
    gravity: rule.gravity as Rule['gravity'],
    key: (draft) => `${rule.id} ${(rule.key ?? byFitting(() => ''))(draft as Draft<C>)}`,
    needs: (input) => rule.needs?.(input as unknown as RuleInput<P>) ?? [],
    check: (input) => rule.check(input as unknown as RuleInput<P>) as readonly Draft[],
    remedies: (input, finding) => rule.remedies?.(input as unknown as RuleInput<P>, finding as Finding<C>) ?? [],
  }
}

export const practice = (note: string): Basis => ({ kind: 'practice', note })
export const published = (note: string): Basis => ({ kind: 'source', note })
export const plainGeometry = (note: string): Basis => ({ kind: 'geometry', note })
