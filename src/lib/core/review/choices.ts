import type { ResolvedDemand } from '../brief'
import { footprintOf, kindOf, kindOfMade, servicesEver, type Made, type ServiceType } from '../fittings'
import { apply, type Command } from '../job'
import { NEED_TABLE, needStates, seatsFor, type NeedState } from '../needs'
import { evaluate, type Evaluation } from './evaluate'
import { untried, type Choice } from './choice'
import { effectBetween } from './prove'
import { tried } from './try-out'

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

/** Where a kind would stand in a variant, whether the demand is met then, and what the review says of it. */
export function choiceOf(now: Evaluation, demand: ResolvedDemand, made: Made, modeId: string): Choice {
  const variant = now.job.variants[now.variantId]
  const scenes = [...now.scenes].sort((a, b) => Number(b.modeId === modeId) - Number(a.modeId === modeId))
  const [seat] = variant === undefined ? [] : seatsFor(variant.plan, scenes, made)
  const { lengthMm, depthMm } = footprintOf(made)
  const unasked = unaskedOf(made, demand, needStates(now.job.brief, now.scenes))
  const { first } = NEED_TABLE[demand.need]
  const isUsual = first !== undefined && kindOfMade(made) === kindOf(first)
  const nowhere: Choice = { ...untried(made), unasked, isUsual }
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
