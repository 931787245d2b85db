import type { Vec3 } from '../geometry'
import {
  byFitting,
  defineRule,
  type Rule,
  type RuleInput,
  type RuleParameter,
  type RuleParameters,
  type Tolerance,
} from './define-rule'
import { movedAlong } from './ways-out'
import type { Draft, FactsByCode, Finding, FindingCode, Gravity, Remedy } from './finding'

/** How far two things are from each other, and what is said of it where that is wrong. */
interface Told<C extends FindingCode> {
  readonly fittings: readonly string[]
  readonly place: Vec3
  readonly facts: FactsByCode[C]
}

/**
 * Declares a rule of the kind “this is nearer than so much to that”, or further than it may be. `from` are the things that are
 * judged, `to` those that they are held against: each of them, or the nearest only. What `from` or `to` leaves empty says nothing.
 */
export function defineDistanceRule<C extends FindingCode, K extends string, A, B>(rule: {
  readonly id: string
  readonly group: Rule['group']
  readonly modes: Rule['modes']
  readonly reads: Rule['reads']
  readonly code: C
  readonly gravity: Gravity
  readonly basis: Rule['basis']
  /** As in `defineRule`. */
  readonly tolerance?: Tolerance
  /** The figure that the distance is held against. */
  readonly figure: K
  readonly parameters: RuleParameters & { readonly [key in K]: RuleParameter }
  readonly needs?: (input: RuleInput) => readonly ReturnType<Rule['needs']>[number][]
  /** What else than the fitting that it is about first tells one finding from another. */
  readonly detail?: (draft: Draft<C>) => string
  readonly from: (input: RuleInput) => readonly A[]
  readonly to: (input: RuleInput) => readonly B[]
  readonly mm: (a: A, b: B) => number
  readonly must: 'be-apart' | 'be-near'
  readonly against: 'each' | 'nearest'
  readonly tell: (a: A, b: B) => Told<C>
  /** Left out: whoever it is about is moved along the vehicle. */
  readonly remedies?: (input: RuleInput, finding: Finding<C>) => readonly Remedy[]
}): Rule {
  const { code, figure, must, against } = rule
  return defineRule<C, RuleParameters>({
    id: rule.id,
    group: rule.group,
    modes: rule.modes,
    reads: rule.reads,
    gravity: { [code]: rule.gravity } as Record<C, Gravity>,
    basis: rule.basis,
    ...(rule.tolerance === undefined ? {} : { tolerance: rule.tolerance }),
    parameters: rule.parameters,
    ...(rule.needs === undefined ? {} : { needs: rule.needs as never }),
    key: byFitting(rule.detail ?? (() => '')),
    // what is too near goes further off, what is too far comes nearer
    remedies:
      rule.remedies ??
      ((input, finding) => movedAlong(input, finding.fittings, Math.abs(finding.needed - finding.measured))),
    check: (input) => {
      const needed = (input.parameters as Readonly<Record<string, number>>)[figure]
      if (needed === undefined) throw new RangeError(`rule “${rule.id}” has no figure “${figure}”`)
      const others = rule.to(input as unknown as RuleInput)
      return rule.from(input as unknown as RuleInput).flatMap((a): Draft<C>[] => {
        const all = others.map((b) => ({ b, mm: rule.mm(a, b) }))
        const asked = against === 'each' ? all : all.length === 0 ? [] : [all.reduce((x, y) => (y.mm < x.mm ? y : x))]
        return asked
          .filter(({ mm }) => (must === 'be-apart' ? mm < needed : mm > needed))
          .map(
            ({ b, mm }) =>
              ({ code, measured: Math.round(mm), needed, unit: 'mm', ...rule.tell(a, b) }) as unknown as Draft<C>,
          )
      })
    },
  })
}
