import type { Draft } from 'mutative'
import type { Seat } from '../../fittings'
import type { Turn } from '../../geometry'
import { changeFaults } from '../../shell'
import { emptyPlan } from '../empty-plan'
import { MAX_VARIANTS, MAX_WAIVERS, waiverSchema, type Job, type Plan } from '../schema'
import { CommandError } from '../command-error'
import { checked, drop, lastOrder, putInto, variantOf, type HandlersOf } from './kit'

const structuredPlan = (plan: Draft<Plan>): Plan => JSON.parse(JSON.stringify(plan)) as Plan

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

function mirrorPlan(job: Draft<Job>, plan: Draft<Plan>): void {
  if (Object.values(plan.fittings).some(({ locked }) => locked === true))
    throw new CommandError({ code: 'locked-in-plan' })
  for (const fitting of Object.values(plan.fittings)) fitting.seat = mirroredSeat(fitting.seat)
  for (const mode of Object.values(plan.modes)) {
    for (const [id, seat] of Object.entries(mode.seats ?? {})) mode.seats![id] = mirroredSeat(seat)
    for (const figure of Object.values(mode.figures ?? {})) {
      figure.at = [figure.at[0], figure.at[1] === 0 ? 0 : -figure.at[1]]
      figure.turn = ((360 - figure.turn) % 360) as Turn
    }
  }
  for (const change of Object.values(plan.changes)) {
    const sided = change as { side?: string; rightMm?: number; leftMm?: number }
    if (sided.side === 'left' || sided.side === 'right') sided.side = sided.side === 'left' ? 'right' : 'left'
    if (sided.rightMm !== undefined && sided.leftMm !== undefined)
      [sided.rightMm, sided.leftMm] = [-sided.leftMm, -sided.rightMm]
  }
  const fault = changeFaults(job.shell, plan.changes)[0]
  if (fault !== undefined) throw new CommandError({ code: 'mirror-unfit', message: fault.message })
}

export const VARIANT_HANDLERS: HandlersOf<'variant' | 'plan' | 'waiver'> = {
  'variant.add': (job, { id, name, from }) => {
    if (job.variants[id] !== undefined) throw new CommandError({ code: 'there-already', thing: 'variant' })
    const order = lastOrder(Object.values(job.variants), 1000)
    const model = from === undefined ? undefined : variantOf(job, from)
    const plan =
      model === undefined ? emptyPlan(Object.values(job.variants)[0]!.plan.lining) : structuredPlan(model.plan)
    putInto(job.variants, id, { name, order, plan: plan as Draft<Plan> }, MAX_VARIANTS, 'variant')
  },
  'variant.rename': (job, { variant, name }) => void (variantOf(job, variant).name = name),
  'variant.remove': (job, { variant }) => {
    if (Object.keys(job.variants).length === 1) throw new CommandError({ code: 'last-one', thing: 'variant' })
    drop(job.variants, variant, 'variant')
  },
  'plan.transferable': (job, { variant, transferable }) => {
    const { plan } = variantOf(job, variant)
    if (transferable) plan.transferable = true
    else delete plan.transferable
  },
  'waiver.put': (job, { variant, id, waiver }) => {
    const { plan } = variantOf(job, variant)
    const waivers = (plan.waivers ??= {})
    // one finding is let be once: a new reason takes the place of the old
    for (const [otherId, other] of Object.entries(waivers)) if (other.key === waiver.key) delete waivers[otherId]
    putInto(waivers, id, checked(waiverSchema, waiver) as Draft<typeof waiver>, MAX_WAIVERS, 'waiver')
  },
  'waiver.remove': (job, { variant, id }) => drop((variantOf(job, variant).plan.waivers ??= {}), id, 'waiver'),
  'plan.mirror': (job, { variant }) => mirrorPlan(job, variantOf(job, variant).plan),
}
