import type { Basis, Purpose } from '../brief'
import type { Vec3 } from '../geometry'
import type { ParameterValue } from '../fittings'
import { GRAVITIES, type Gravity, type SimpleCommand, type Waiver } from '../job'

export { GRAVITIES, type Gravity }

/**
 * What each kind of finding knows beyond measured and needed; numbers and ids only, the words are made last. A rule declares the
 * codes that it reports beside its check.
 */
// eslint-disable-next-line @typescript-eslint/no-empty-object-type -- each rule adds its own codes, in its own file
export interface FactsByCode {}
export type FindingCode = keyof FactsByCode
export type FindingUnit =
  'mm' | 'deg' | 'count' | 'litres' | 'kg' | 'N' | 'min' | 'Wh' | 'W' | 'A' | 'W/m²K' | 'cm²' | 'm' | '%' | '°C'

/** What a rule reports; the engine adds rule, mode and gravity. */
export type Draft<C extends FindingCode = FindingCode> = {
  readonly [K in C]: {
    readonly code: K
    readonly fittings: readonly string[]
    /** Where, in the vehicle frame. */
    readonly place: Vec3
    readonly measured: number
    readonly needed: number
    readonly unit: FindingUnit
    readonly facts: FactsByCode[K]
  }
}[C]

/** What was said of a finding that is let be, and whether that still holds. */
export interface FindingWaiver extends Waiver {
  readonly id: string
  readonly holds: boolean
}

/** What a rule is about. */
export const RULE_GROUPS = [
  'fit',
  'people',
  'ways',
  'use',
  'travel',
  'safety',
  'air',
  'service',
  'outside',
  'weight',
  'future',
  'house',
] as const
export type RuleGroup = (typeof RULE_GROUPS)[number]

export type Finding<C extends FindingCode = FindingCode> = Draft<C> & {
  readonly rule: string
  readonly group: RuleGroup
  /** Why the rule holds. */
  readonly basis: Basis
  readonly gravity: Gravity
  readonly modeId: string
  readonly purpose: Purpose
  /** The same fault has the same key from one review to the next, whatever its figures. */
  readonly key: string
  /** Someone let it be; only while its figures are what they were then. */
  readonly waiver?: FindingWaiver
  /** What only follows from it, and is told below it. */
  readonly follows?: readonly Finding[]
}

/** Whether someone let a finding be, and it is still as it was then. */
export const isLetBe = ({ waiver }: Finding): boolean => waiver?.holds === true

const weightOf = (finding: Finding): number =>
  GRAVITIES.indexOf(finding.gravity) + (isLetBe(finding) ? GRAVITIES.length : 0)

/** The gravest first; what is let be comes last. */
export const byWeight = (a: Finding, b: Finding): number => weightOf(a) - weightOf(b)

/** A way out of a finding: commands that are one click away. */
export interface Remedy {
  readonly code: RemedyCode
  readonly fittingId: string | undefined
  /** What the words need: a distance, an angle, a length. */
  readonly amount: number
  readonly commands: readonly SimpleCommand[]
  /** What a parameter is set to, and the stance that is taken, where the remedy is that. */
  readonly parameter?: { readonly key: string; readonly value: ParameterValue }
  readonly stance?: string
}

export type RemedyCode =
  | 'turn-along'
  | 'lower-platform'
  | 'set-length'
  | 'set-width'
  | 'set-depth'
  | 'set-height'
  | 'hinge-other'
  | 'shift-forward'
  | 'shift-back'
  | 'shift-left'
  | 'shift-right'
  | 'lower'
  | 'place'
  | 'cut-opening'
  | 'stance-other'
  | 'entry-foot'
  | 'slats'
  | 'latch'
  | 'into-framing'
  | 'cut-to-wall'
  | 'strap'
  | 'raise'
  | 'flare'
  | 'raise-roof'
  | 'shallower-well'
  | 'found-done'
  | 'found-out'
  | 'mirror'
  | 'turn'
  | 'other-wall'
  | 'set-parameter'
  | 'take-out'
  | 'turn-seats'
  | 'leave-uncut'
