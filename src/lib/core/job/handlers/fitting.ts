import type { Draft } from 'mutative'
import { defaultsOf, isCut, kindOf, mayBeCut, MOST_OFFSET_MM, type Seat } from '../../fittings'
import { fixingSchema, groupSchema, hangsOnItself, MAX_FITTINGS, MAX_GROUPS, type Fitting, type Plan } from '../schema'
import { CommandError } from '../command-error'
import { checked, checkedParameters, drop, fittingOf, putInto, unlocked, variantOf, type HandlersOf } from './kit'

/** Every seat of a plan: of its fittings, and those that modes give them. */
const seatsOf = (plan: Draft<Plan>): readonly Draft<Seat>[] => [
  ...Object.values(plan.fittings).map(({ seat }) => seat),
  ...Object.values(plan.modes).flatMap(({ seats = {} }) => Object.values(seats)),
]

/** What came after a fitting that goes closes up to where that one began. */
function closeUpOnto(plan: Draft<Plan>, goneId: string, gone: Fitting): void {
  for (const seat of seatsOf(plan))
    if (seat.along.from === 'after' && seat.along.fitting === goneId) seat.along = { ...gone.seat.along }
}

/** What stood on a fitting that goes comes down to where that one stood. */
function lowerOnto(plan: Draft<Plan>, goneId: string, gone: Fitting): void {
  const height = kindOf(gone.kind).footprint(gone.parameters).heightMm
  for (const seat of seatsOf(plan)) {
    if (seat.up.from !== 'top-of' || seat.up.fitting !== goneId) continue
    const mm = gone.seat.up.mm + height + seat.up.mm
    const held = gone.seat.up.from === 'floor' || gone.seat.up.from === 'top-of'
    seat.up = held && Math.abs(mm) <= MOST_OFFSET_MM ? { ...gone.seat.up, mm } : { from: 'floor', mm: 0 }
  }
}

/** What was in a fitting that goes is where it stood before it was put in. */
function takeOutOf(plan: Draft<Plan>, goneId: string): void {
  for (const seat of seatsOf(plan)) if (seat.inside?.fitting === goneId) delete seat.inside
}

function checkAnchors(plan: Draft<Plan>, id: string): void {
  const { up, along, inside } = plan.fittings[id]!.seat
  const gone = (other: string | undefined) => other === undefined || plan.fittings[other] === undefined
  if (up.from === 'top-of' && gone(up.fitting)) throw new CommandError({ code: 'gone', thing: 'support' })
  if (along.from === 'after' && gone(along.fitting)) throw new CommandError({ code: 'gone', thing: 'neighbour' })
  if (inside !== undefined && gone(inside.fitting)) throw new CommandError({ code: 'gone', thing: 'host' })
  if (hangsOnItself(plan.fittings as Plan['fittings'], id)) throw new CommandError({ code: 'hangs-on-itself' })
}

export const FITTING_HANDLERS: HandlersOf<'fitting' | 'group'> = {
  'fitting.add': (job, { variant, id, fitting }) => {
    const { plan } = variantOf(job, variant)
    if (plan.fittings[id] !== undefined) throw new CommandError({ code: 'there-already', thing: 'fitting' })
    if (Object.keys(plan.fittings).length >= MAX_FITTINGS)
      throw new CommandError({ code: 'too-many', thing: 'fitting', most: MAX_FITTINGS })
    const given = fitting as unknown as Fitting
    plan.fittings[id] = {
      ...given,
      parameters: checkedParameters(given.kind, { ...defaultsOf(kindOf(given.kind)), ...given.parameters }),
    } as Draft<Fitting>
    checkAnchors(plan, id)
  },
  'fitting.seat': (job, { variant, id, seat }) => {
    const { plan } = variantOf(job, variant)
    unlocked(plan, id).seat = seat
    checkAnchors(plan, id)
  },
  'fitting.parameters': (job, { variant, id, parameters }) => {
    const fitting = unlocked(variantOf(job, variant).plan, id)
    const checked: Record<string, unknown> = checkedParameters(fitting.kind, { ...fitting.parameters, ...parameters })
    const kept = fitting.parameters as Record<string, unknown>
    for (const [key, value] of Object.entries(checked)) if (kept[key] !== value) kept[key] = value
  },
  'fitting.label': (job, { variant, id, label }) => void (fittingOf(variantOf(job, variant).plan, id).label = label),
  'fitting.remove': (job, { variant, id }) => {
    const { plan } = variantOf(job, variant)
    const gone = unlocked(plan, id) as unknown as Fitting
    lowerOnto(plan, id, gone)
    closeUpOnto(plan, id, gone)
    takeOutOf(plan, id)
    delete plan.fittings[id]
    for (const mode of Object.values(plan.modes)) {
      delete mode.stances[id]
      if (mode.seats !== undefined) delete mode.seats[id]
      if (mode.away !== undefined) mode.away = mode.away.filter((one) => one !== id)
    }
    for (const [groupId, group] of Object.entries(plan.groups ?? {})) {
      group.fittings = group.fittings.filter((one) => one !== id)
      if (group.fittings.length < 2) delete plan.groups![groupId]
    }
    // a note stays and says so; a distance of something that is gone is none
    for (const [drawnId, drawn] of Object.entries(plan.drawn ?? {}))
      if (drawn.kind === 'pinned' && drawn.fitting === id) delete plan.drawn![drawnId]
  },
  'fitting.lock': (job, { variant, id, locked }) => {
    const fitting = fittingOf(variantOf(job, variant).plan, id)
    if (locked) fitting.locked = true
    else delete fitting.locked
  },
  'fitting.cut': (job, { variant, id, cut }) => {
    const fitting = unlocked(variantOf(job, variant).plan, id)
    if (cut && !mayBeCut(fitting)) throw new CommandError({ code: 'comes-whole' })
    delete fitting.cut
    if (isCut(fitting) !== cut) fitting.cut = cut
  },
  'fitting.fixing': (job, { variant, id, fixing }) => {
    const fitting = fittingOf(variantOf(job, variant).plan, id)
    if (fixing === undefined) delete fitting.fixing
    else fitting.fixing = checked(fixingSchema, fixing) as Draft<Fitting>['fixing']
  },
  'group.put': (job, { variant, id, group }) => {
    const { plan } = variantOf(job, variant)
    const { fittings } = checked(groupSchema, { ...group, fittings: [...new Set(group.fittings)] })
    for (const one of fittings) fittingOf(plan, one)
    const groups = (plan.groups ??= {})
    // a fitting belongs to one group
    for (const [otherId, other] of Object.entries(groups)) {
      if (otherId === id) continue
      other.fittings = other.fittings.filter((one) => !fittings.includes(one))
      if (other.fittings.length < 2) delete groups[otherId]
    }
    putInto(groups, id, { ...group, fittings }, MAX_GROUPS, 'group')
  },
  'group.remove': (job, { variant, id }) => {
    const { plan } = variantOf(job, variant)
    drop((plan.groups ??= {}), id, 'group')
  },
}
