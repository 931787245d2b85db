import type { Draft } from 'mutative'
import type { Seat } from '../../fittings'
import type { Turn } from '../../geometry'
import { changeFaults } from '../../shell'
import { CommandError } from '../command-error'
import type { Drawn } from '../drawn-schema'
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

const OTHER_VIEW = { left: 'right', right: 'left', plan: 'plan', section: 'section' } as const

/** What is on the drawing, on the other side: along the walls it stays where it is, in plan and section it is turned over. */
function mirroredDrawn(drawn: Draft<Drawn>): Draft<Drawn> {
  if (drawn.kind === 'pinned') return { ...drawn, row: OTHER_ROW[drawn.row] ?? drawn.row }
  const over = ([u, v]: readonly [number, number]): [number, number] =>
    drawn.view === 'plan' ? [u, 0 - v] : drawn.view === 'section' ? [0 - u, v] : [u, v]
  const view = OTHER_VIEW[drawn.view]
  if (drawn.kind === 'tape') return { ...drawn, view, from: over(drawn.from), to: over(drawn.to) }
  if (drawn.kind === 'note') return { ...drawn, view, at: over(drawn.at) }
  const [u, v] = over(drawn.at)
  return {
    ...drawn,
    view,
    at: drawn.view === 'plan' ? [u, v - drawn.highMm] : drawn.view === 'section' ? [u - drawn.wideMm, v] : [u, v],
  }
}

const OTHER_ROW: Readonly<Record<string, string>> = {
  left: 'right',
  right: 'left',
  'beside-left': 'beside-right',
  'beside-right': 'beside-left',
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
  for (const [id, drawn] of Object.entries(plan.drawn ?? {})) plan.drawn![id] = mirroredDrawn(drawn)
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
