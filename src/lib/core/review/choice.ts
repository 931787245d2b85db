import { massOf, type Made, type Seat } from '../fittings'
import { newStops, type Effect } from './effect'

/** One way to meet a demand: a kind of its own size, and what putting it there does. */
export interface Choice {
  readonly made: Made
  /** Where it stands and can be used; undefined where it fits nowhere: then it is put where the hand says. */
  readonly seat: Seat | undefined
  readonly isMet: boolean
  readonly massKg: number
  /** How much of a wall it takes, mm; zero where it stands at none. */
  readonly wallMm: number
  /** How many large things it brings along that nobody asks for: a second bed, another place to cook. */
  readonly unasked: number
  /** Whether it is the kind that the need becomes where nothing else is asked. */
  readonly isUsual: boolean
  readonly effect: Effect
}

/** A kind of which nothing is known yet but itself. */
export const untried = (made: Made): Choice => ({
  made,
  seat: undefined,
  isMet: false,
  massKg: massOf(made),
  wallMm: 0,
  unasked: 0,
  isUsual: false,
  effect: { causes: [], worse: [], cures: 0 },
})

const cautions = ({ causes, worse }: Effect): number =>
  causes.filter(({ gravity }) => gravity === 'caution').length + worse.length

/** Choices, the best first: what stands and meets the demand, with the fewest new stops and cautions, that cures most; then as they were. */
export const bestFirst = (choices: readonly Choice[]): readonly Choice[] =>
  [...choices].sort(
    (a, b) =>
      Number(b.seat !== undefined) - Number(a.seat !== undefined) ||
      newStops(a.effect) - newStops(b.effect) ||
      Number(b.isMet) - Number(a.isMet) ||
      a.unasked - b.unasked ||
      cautions(a.effect) - cautions(b.effect) ||
      Number(b.isUsual) - Number(a.isUsual) ||
      b.effect.cures - a.effect.cures,
  )
