import type { ResolvedDemand } from '../brief'
import { footprintOf, massOf, servicesEver, type Made, type Seat, type ServiceType } from '../fittings'
import { apply, type Command } from '../job'
import { NEED_TABLE, needStates, seatsFor, type NeedState } from '../needs'
import { evaluate, type Evaluation } from './evaluate'
import { effectBetween, newStops, type Effect } from './prove'
import { tried } from './try-out'

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
  readonly effect: Effect
}

/** What takes so much room that one does not want it by the way. */
const LARGE: readonly ServiceType[] = ['berth', 'belt', 'toilet', 'shower', 'hob']

/** The large things that a kind does besides, for which no demand is open. */
function unaskedOf(made: Made, demand: ResolvedDemand, states: readonly NeedState[]): number {
  const open = states.flatMap((one) => (one.state === 'met' ? [] : [one.demand]))
  const wanted = new Set([demand, ...open].map(({ need }) => NEED_TABLE[need].service))
  const does = servicesEver(made)
  return LARGE.filter((type) => does.includes(type) && !wanted.has(type)).length
}

/** The id under which a choice is tried. */
const TRIED = 'fit-chosen'

/** A kind of which nothing is known yet but itself. */
export const untried = (made: Made): Choice => ({
  made,
  seat: undefined,
  isMet: false,
  massKg: massOf(made),
  wallMm: 0,
  unasked: 0,
  effect: { causes: [], worse: [], cures: 0 },
})

/** Where a kind would stand in a variant, whether the demand is met then, and what the review says of it. */
export function choiceOf(now: Evaluation, demand: ResolvedDemand, made: Made, modeId: string): Choice {
  const variant = now.job.variants[now.variantId]
  const scenes = [...now.scenes].sort((a, b) => Number(b.modeId === modeId) - Number(a.modeId === modeId))
  const [seat] = variant === undefined ? [] : seatsFor(variant.plan, scenes, made)
  const { lengthMm, depthMm } = footprintOf(made)
  const unasked = unaskedOf(made, demand, needStates(now.job.brief, now.scenes))
  const nowhere: Choice = { ...untried(made), unasked }
  if (seat === undefined) return nowhere
  const add: Command = { type: 'fitting.add', variant: now.variantId, id: TRIED, fitting: { ...made, seat } as never }
  const then = tried(() => evaluate(apply(now.job, add).job, now.variantId, now))
  if (then === undefined) return nowhere
  const state = needStates(then.job.brief, then.scenes).find((one) => one.demand.id === demand.id)
  return {
    ...nowhere,
    seat,
    isMet: state?.state === 'met',
    wallMm: seat.across.from === 'centreline' ? 0 : seat.turn % 180 === 90 ? depthMm : lengthMm,
    effect: effectBetween(now, then),
  }
}

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
      b.effect.cures - a.effect.cures,
  )
