import { carriedOf, frontShareOf, axlesOf, type LimitId, type LimitState, type WeightEntry } from '../budgets'
import type { RuleInput } from './define-rule'
import type { Remedy, RemedyCode } from './finding'
import { middleOf } from './middle'
import { shift } from './ways-out'

type Weighed = Pick<RuleInput, 'scene' | 'weight' | 'find'>

/** One of the limits of the vehicle in a mode; undefined where it cannot be told. */
export const limitOf = ({ weight }: Pick<RuleInput, 'weight'>, id: LimitId): LimitState | undefined =>
  weight().limits.of(id)

/** A fitting with all that moves with it. */
interface Pushing {
  readonly id: string
  readonly kg: number
  readonly at: readonly [number, number, number]
}

/** The fittings that count most for something, each with what it holds: the gravest first. */
export function pushing({ weight }: Pick<RuleInput, 'weight'>, of: (entry: WeightEntry) => number): readonly Pushing[] {
  return carriedOf(weight().ledger.entries)
    .map(({ id, parts }) => {
      const kg = parts.reduce((sum, { amount }) => sum + amount, 0)
      const mean = (axis: 0 | 1 | 2) =>
        parts.reduce((sum, one) => sum + one.amount * one.at[axis], 0) / Math.max(kg, 1e-9)
      return {
        id,
        kg,
        at: [mean(0), mean(1), mean(2)] as const,
        counts: parts.reduce((sum, one) => sum + one.amount * of(one), 0),
      }
    })
    .filter(({ counts }) => counts > 0)
    .sort((a, b) => b.counts - a.counts)
}

/** So many of them a finding names. */
const NAMED = 3
export const namedIn = (all: readonly Pushing[]): readonly string[] => all.slice(0, NAMED).map(({ id }) => id)

/** Where a finding about the weight is marked: on the fitting that counts most, else in the middle. */
export function markOf({ scene, find }: Weighed, [first]: readonly Pushing[]): readonly [number, number, number] {
  const placed = first === undefined ? undefined : find(first.id)
  if (placed === undefined) return middleOf(scene)
  const { x, y, z } = placed.bounds
  return [(x.min + x.max) / 2, (y.min + y.max) / 2, z.max]
}

/** Share of an entry on the front axle. */
export const frontOf = ({ scene }: Pick<RuleInput, 'scene'>, entry: WeightEntry): number =>
  frontShareOf(axlesOf(scene.interior.shell), entry.at)

/** Beyond what is asked of a move, so that it cures with something to spare. */
const SPARE_KG = 1
const STEP_MM = 10
const LEAST_KG = 5

/** Moves of the heaviest things, each just so far that it takes so many kilograms off by itself. */
export function movesOf(
  input: Pick<RuleInput, 'scene' | 'weight' | 'find' | 'variantId' | 'plan'>,
  all: readonly Pushing[],
  byKg: number,
  spanMm: number,
  code: Extract<RemedyCode, 'shift-forward' | 'shift-back' | 'shift-left' | 'shift-right'>,
): readonly Remedy[] {
  const direction = (
    {
      'shift-forward': [1, 0, 0],
      'shift-back': [-1, 0, 0],
      'shift-left': [0, 1, 0],
      'shift-right': [0, -1, 0],
    } as const
  )[code]
  return all.slice(0, 2 * NAMED).flatMap(({ id, kg }) => {
    const placed = input.find(id)
    if (placed === undefined || placed.fitting.locked === true || kg < LEAST_KG) return []
    const amount = Math.ceil(((byKg + SPARE_KG) * spanMm) / kg / STEP_MM) * STEP_MM
    return amount > spanMm ? [] : shift(input, placed, code, [...direction], amount)
  })
}

/** Kilograms of a finding: over, they are rounded up, that what is past a limit never reads as if it were on it. */
export const past = (kg: number): number => Math.ceil(kg - 1e-6)
