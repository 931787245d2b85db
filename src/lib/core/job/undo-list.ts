import { massOf } from '../fittings'
import type { Fitting, Fixing, FixingWay, Plan } from './schema'

/** Undoing one fixing point, minutes; common practice, no source. */
const MINUTES_PER_POINT: Record<FixingWay, number> = {
  screws: 0.7,
  inserts: 1,
  rails: 0.5,
  points: 1,
  straps: 0.3,
  standing: 0,
}
/** Carrying a fitting out to the kerb; common practice, no source. */
const CARRY_OUT_MIN = 1

/** One fitting to be taken out, in the order in which it can be. */
export interface Undoing {
  readonly id: string
  readonly fixing: Fixing | undefined
  readonly minutes: number
  readonly massKg: number
}

/** What stands on a fitting or is in it, or in that, and so on, must go before it. */
const loadOn = (fittings: Plan['fittings'], id: string): readonly string[] =>
  Object.entries(fittings).flatMap(([other, { seat }]) =>
    seat.inside?.fitting === id || (seat.up.from === 'top-of' && seat.up.fitting === id)
      ? [...loadOn(fittings, other), other]
      : [],
  )

/** What must be undone to move a fit-out to another vehicle: what stands on others first, then from the rear door inward. */
export function undoList(plan: Pick<Plan, 'fittings'>): readonly Undoing[] {
  const order: string[] = []
  for (const id of Object.keys(plan.fittings))
    for (const one of [...loadOn(plan.fittings, id), id]) if (!order.includes(one)) order.push(one)
  return order.map((id) => {
    const fitting = plan.fittings[id] as Fitting
    const { fixing } = fitting
    return {
      id,
      fixing,
      minutes: CARRY_OUT_MIN + (fixing === undefined ? 0 : fixing.points * MINUTES_PER_POINT[fixing.how]),
      massKg: massOf(fitting),
    }
  })
}
