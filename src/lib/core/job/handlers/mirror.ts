import type { Draft } from 'mutative'
import type { Seat } from '../../fittings'
import type { Turn } from '../../geometry'
import { changeFaults } from '../../shell'
import { CommandError } from '../command-error'
import type { Job, Plan } from '../schema'

const OTHER_SIDE = { 'left-wall': 'right-wall', 'right-wall': 'left-wall', centreline: 'centreline' } as const

/** A seat on the other side: what was by the left wall is by the right one, left ends are right ends. */
function mirroredSeat(seat: Draft<Seat>): Draft<Seat> {
  // what is in another is mirrored with that one: `inside` stays
  const { from, mm } = seat.across
  return {
    ...seat,
    across: { ...seat.across, from: OTHER_SIDE[from], mm: from === 'centreline' && mm !== 0 ? -mm : mm },
    // a reflection across the centreline is half a turn and a mirroring along the run
    turn: ((from === 'centreline' ? 540 - seat.turn : 360 - seat.turn) % 360) as Turn,
    mirrored: !seat.mirrored,
  }
}

/** Lays everything in a plan on the other side, its changes to the body too. */
export function mirrorPlan(job: Draft<Job>, plan: Draft<Plan>): void {
  for (const fitting of Object.values(plan.fittings)) fitting.seat = mirroredSeat(fitting.seat)
  for (const mode of Object.values(plan.modes)) {
    for (const [id, seat] of Object.entries(mode.seats ?? {})) mode.seats![id] = mirroredSeat(seat)
    for (const figure of Object.values(mode.figures ?? {})) {
      figure.at = [figure.at[0], figure.at[1] === 0 ? 0 : -figure.at[1]]
      figure.turn = ((360 - figure.turn) % 360) as Turn
    }
  }
  for (const change of Object.values(plan.changes)) {
    const sided = change as { side?: string; fromMm?: number; toMm?: number; rightMm?: number; leftMm?: number }
    if (sided.side === 'rear' && sided.fromMm !== undefined && sided.toMm !== undefined)
      [sided.fromMm, sided.toMm] = [0 - sided.toMm, 0 - sided.fromMm]
    if (sided.side === 'left' || sided.side === 'right') sided.side = sided.side === 'left' ? 'right' : 'left'
    if (sided.rightMm !== undefined && sided.leftMm !== undefined)
      [sided.rightMm, sided.leftMm] = [0 - sided.leftMm, 0 - sided.rightMm]
  }
  const fault = changeFaults(job.shell, plan.changes)[0]
  if (fault !== undefined) throw new CommandError({ code: 'mirror-unfit', message: fault.message })
}
