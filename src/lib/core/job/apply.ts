import { apply as applyPatches, create, type Draft } from 'mutative'
import type { z } from 'zod'
import { adjustSchema, briefSchema, gearSchema, MOST_GEAR } from '../brief'
import { bodyChangeSchema, changeFaults, liningSchema } from '../shell'
import { defaultsOf, kindOf, type Parameters as FittingParameters, type Seat } from '../fittings'
import type { Turn } from '../geometry'
import { surveySchema } from '../survey'
import { isHostile, type Command, type Patch, type SimpleCommand } from './command'
import { parseJob } from './document'
import {
  figureSchema,
  MAX_FIGURES,
  fixingSchema,
  groupSchema,
  hangsOnItself,
  MAX_FITTINGS,
  MAX_GROUPS,
  MAX_MODES,
  planFaults,
  turnedFaults,
  type Fitting,
  type Job,
  type Mode,
  type Plan,
  type Variant,
} from './schema'

/** A command that does not fit the job that it meets, in words for the person who gave it. */
export class CommandError extends Error {
  override readonly name = 'CommandError'
}

export interface Applied {
  readonly job: Job
  /** What changed, forwards and backwards; undo is the backward half. */
  readonly diff: { readonly redo: readonly Patch[]; readonly undo: readonly Patch[] }
}

type Handlers = {
  readonly [T in SimpleCommand['type']]: (job: Draft<Job>, command: Extract<SimpleCommand, { type: T }>) => void
}

function must<T>(value: T | undefined, what: string): T {
  if (value === undefined) throw new CommandError(`${what} is no longer there`)
  return value
}

const variantOf = (job: Draft<Job>, id: string): Draft<Variant> => must(job.variants[id], 'that variant')
const fittingOf = (plan: Draft<Plan>, id: string): Draft<Fitting> => must(plan.fittings[id], `the fitting “${id}”`)

function drop(record: Record<string, unknown>, id: string, what: string): void {
  must(record[id], what)
  delete record[id]
}

/** What a schema passes; a command comes from a screen that may have let something through. */
function checked<T extends z.ZodType>(schema: T, value: unknown): z.infer<T> {
  const result = schema.safeParse(value)
  if (result.success) return result.data
  const issue = result.error.issues[0]!
  throw new CommandError(`${issue.path.join('.')}: ${issue.message}`)
}

/** Checks a fitting's parameters against its kind, and gives them back whole. */
function checkedParameters(kindId: string, parameters: Record<string, unknown>): FittingParameters {
  return checked(kindOf(kindId).parameters.loose(), parameters) as FittingParameters
}

const unlocked = (plan: Draft<Plan>, id: string): Draft<Fitting> => {
  const fitting = fittingOf(plan, id)
  if (fitting.locked === true) throw new CommandError('it is locked: unlock it first')
  return fitting
}

/** What came after a fitting that goes closes up to where that one began. */
function closeUpOnto(plan: Draft<Plan>, goneId: string, gone: Fitting): void {
  const seats = [
    ...Object.values(plan.fittings).map(({ seat }) => seat),
    ...Object.values(plan.modes).flatMap(({ seats = {} }) => Object.values(seats)),
  ]
  for (const seat of seats)
    if (seat.along.from === 'after' && seat.along.fitting === goneId) seat.along = { ...gone.seat.along }
}

/** What stood on a fitting that goes comes down to where that one stood. */
function lowerOnto(plan: Draft<Plan>, goneId: string, gone: Fitting): void {
  const height = kindOf(gone.kind).footprint(gone.parameters).heightMm
  for (const fitting of Object.values(plan.fittings)) {
    if (fitting.seat.up.from !== 'top-of' || fitting.seat.up.fitting !== goneId) continue
    const { mm } = fitting.seat.up
    fitting.seat.up =
      gone.seat.up.from === 'floor' || gone.seat.up.from === 'top-of'
        ? { ...gone.seat.up, mm: gone.seat.up.mm + height + mm }
        : { from: 'floor', mm: 0 }
  }
}

const HANDLERS: Handlers = {
  'job.rename': (job, { name }) => void (job.name = name),
  'job.units': (job, { units }) => void (job.units = units),
  'brief.nights': (job, { nights }) => void (job.brief.nightsOffHookUp = nights),
  'brief.notes': (job, { notes }) => void (job.brief.notes = notes),
  'brief.use': (job, { use }) => void (job.brief.use = use as Draft<Job>['brief']['use']),
  'brief.derives': (job, { derives }) => void (job.brief.derives = derives),
  'brief.put': (job, { brief }) => void (job.brief = checked(briefSchema, brief) as Draft<Job>['brief']),
  'gear.put': (job, { id, gear }) => {
    const pieces = (job.brief.gear ??= {})
    if (pieces[id] === undefined && Object.keys(pieces).length >= MOST_GEAR)
      throw new CommandError(`a brief holds at most ${MOST_GEAR} pieces of gear: count alike ones together`)
    pieces[id] = checked(gearSchema, gear) as Draft<typeof gear>
  },
  'gear.remove': (job, { id }) => drop((job.brief.gear ??= {}), id, 'that piece of gear'),
  'demand.adjust': (job, { id, adjust }) => {
    const changed = (job.brief.adjust ??= {})
    if (Object.keys(adjust).length === 0) delete changed[id]
    else changed[id] = checked(adjustSchema, adjust) as Draft<typeof adjust>
  },
  'person.put': (job, { id, person }) => void (job.brief.people[id] = person),
  'person.remove': (job, { id }) => drop(job.brief.people, id, 'that person'),
  'pet.put': (job, { id, pet }) => void (job.brief.pets[id] = pet),
  'pet.remove': (job, { id }) => drop(job.brief.pets, id, 'that pet'),
  'demand.put': (job, { id, demand }) => void (job.brief.demands[id] = demand),
  'demand.remove': (job, { id }) => drop(job.brief.demands, id, 'that demand'),
  'shell.put': (job, { shell }) => {
    job.shell = shell as Draft<Job>['shell']
    // what the new body has no place for goes with the old one
    const turns = shell.cabSeats.flatMap(({ id, swivel }) => (swivel === undefined ? [] : [id]))
    for (const { plan } of Object.values(job.variants)) {
      for (const { path } of changeFaults(shell, plan.changes)) delete plan.changes[path[0]!]
      for (const mode of Object.values(plan.modes))
        if (mode.turned !== undefined) mode.turned = mode.turned.filter((id) => turns.includes(id))
    }
  },
  'variant.add': (job, { id, name, from }) => {
    if (job.variants[id] !== undefined) throw new CommandError('that variant is there already')
    const order = Math.max(...Object.values(job.variants).map((variant) => variant.order)) + 1
    const model = from === undefined ? undefined : variantOf(job, from)
    const plan =
      model === undefined ? emptyPlan(Object.values(job.variants)[0]!.plan.lining) : structuredPlan(model.plan)
    job.variants[id] = { name, order, plan: plan as Draft<Plan> }
  },
  'variant.rename': (job, { variant, name }) => void (variantOf(job, variant).name = name),
  'variant.remove': (job, { variant }) => {
    if (Object.keys(job.variants).length === 1) throw new CommandError('a job keeps at least one variant')
    drop(job.variants, variant, 'that variant')
  },
  'survey.put': (job, { survey }) => void (job.survey = checked(surveySchema, survey) as Draft<Job>['survey']),
  'survey.read': (job, { id, reading }) => {
    const survey = must(job.survey, 'the survey')
    if (reading.first === undefined && reading.second === undefined) delete survey.readings[id]
    else survey.readings[id] = reading
    checked(surveySchema, survey)
  },
  'lining.set': (job, { variant, lining }) =>
    void (variantOf(job, variant).plan.lining = checked(liningSchema, lining) as Draft<Plan>['lining']),
  'change.put': (job, { variant, id, change }) => {
    checked(bodyChangeSchema, change)
    const fault = changeFaults(job.shell, { [id]: change })[0]
    if (fault !== undefined) throw new CommandError(fault.message)
    variantOf(job, variant).plan.changes[id] = change as Draft<Plan>['changes'][string]
  },
  'change.remove': (job, { variant, id }) => drop(variantOf(job, variant).plan.changes, id, 'that change'),
  'fitting.add': (job, { variant, id, fitting }) => {
    const { plan } = variantOf(job, variant)
    if (plan.fittings[id] !== undefined) throw new CommandError('that fitting is there already')
    if (Object.keys(plan.fittings).length >= MAX_FITTINGS)
      throw new CommandError(`a plan holds at most ${MAX_FITTINGS} fittings`)
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
  },
  'fitting.lock': (job, { variant, id, locked }) => {
    const fitting = fittingOf(variantOf(job, variant).plan, id)
    if (locked) fitting.locked = true
    else delete fitting.locked
  },
  'fitting.fixing': (job, { variant, id, fixing }) => {
    const fitting = fittingOf(variantOf(job, variant).plan, id)
    if (fixing === undefined) delete fitting.fixing
    else fitting.fixing = checked(fixingSchema, fixing) as Draft<Fitting>['fixing']
  },
  'group.put': (job, { variant, id, group }) => {
    const { plan } = variantOf(job, variant)
    const { fittings } = checked(groupSchema, group)
    for (const one of fittings) fittingOf(plan, one)
    const groups = (plan.groups ??= {})
    if (groups[id] === undefined && Object.keys(groups).length >= MAX_GROUPS)
      throw new CommandError(`a plan holds at most ${MAX_GROUPS} groups`)
    // a fitting belongs to one group
    for (const [otherId, other] of Object.entries(groups)) {
      if (otherId === id) continue
      other.fittings = other.fittings.filter((one) => !fittings.includes(one))
      if (other.fittings.length < 2) delete groups[otherId]
    }
    groups[id] = { ...group, fittings: [...new Set(fittings)] }
  },
  'group.remove': (job, { variant, id }) => {
    const { plan } = variantOf(job, variant)
    drop((plan.groups ??= {}), id, 'that group')
  },
  'plan.transferable': (job, { variant, transferable }) => {
    const { plan } = variantOf(job, variant)
    if (transferable) plan.transferable = true
    else delete plan.transferable
  },
  'plan.mirror': (job, { variant }) => mirrorPlan(job, variantOf(job, variant).plan),
  'mode.add': (job, { variant, id, name, purpose, from }) => {
    const { modes } = variantOf(job, variant).plan
    if (modes[id] !== undefined) throw new CommandError('that mode is there already')
    if (Object.keys(modes).length >= MAX_MODES) throw new CommandError(`a plan holds at most ${MAX_MODES} modes`)
    const order = Math.max(-1, ...Object.values(modes).map((mode) => mode.order)) + 1
    const copied =
      from === undefined ? { stances: {} } : (JSON.parse(JSON.stringify(must(modes[from], 'that mode'))) as Mode)
    modes[id] = { ...copied, name, purpose, order } as Draft<Mode>
  },
  'mode.rename': (job, { variant, mode, name }) =>
    void (must(variantOf(job, variant).plan.modes[mode], 'that mode').name = name),
  'mode.remove': (job, { variant, mode }) => {
    const { modes } = variantOf(job, variant).plan
    if (Object.keys(modes).length < 2) throw new CommandError('a plan needs a mode')
    drop(modes, mode, 'that mode')
  },
  'mode.order': (job, { variant, modes: ids }) => {
    const { modes } = variantOf(job, variant).plan
    if (new Set(ids).size !== ids.length || ids.length !== Object.keys(modes).length)
      throw new CommandError('the order must name each mode once')
    for (const [order, id] of ids.entries()) must(modes[id], 'that mode').order = order
  },
  'mode.seat': (job, { variant, mode: modeId, fitting: id, seat }) => {
    const { plan } = variantOf(job, variant)
    const mode = must(plan.modes[modeId], 'that mode')
    unlocked(plan, id)
    if (seat === undefined) {
      if (mode.seats !== undefined) delete mode.seats[id]
      return
    }
    ;(mode.seats ??= {})[id] = seat
    const fault = planFaults(plan as Plan).find(({ path }) => path[0] === 'modes' && path[1] === modeId)
    if (fault !== undefined) throw new CommandError(fault.message)
  },
  'mode.away': (job, { variant, mode: modeId, fitting: id, away }) => {
    const { plan } = variantOf(job, variant)
    const mode = must(plan.modes[modeId], 'that mode')
    fittingOf(plan, id)
    const others = (mode.away ?? []).filter((one) => one !== id)
    if (away || others.length > 0) mode.away = away ? [...others, id] : others
    else delete mode.away
  },
  'mode.put': (job, { variant, id, mode }) => void (variantOf(job, variant).plan.modes[id] = mode),
  'mode.turned': (job, { variant, mode: modeId, seat, turned }) => {
    const mode = must(variantOf(job, variant).plan.modes[modeId], 'that mode')
    if (job.shell.cabSeats.find(({ id }) => id === seat)?.swivel === undefined)
      throw new CommandError('that seat does not turn')
    const others = (mode.turned ?? []).filter((id) => id !== seat)
    if (turned || others.length > 0) mode.turned = turned ? [...others, seat] : others
    else delete mode.turned
  },
  'figure.put': (job, { variant, mode: modeId, id, figure }) => {
    const mode = must(variantOf(job, variant).plan.modes[modeId], 'that mode')
    const { people, pets, gear } = job.brief
    if ([people, pets, gear ?? {}].every((list) => list[figure.who] === undefined))
      throw new CommandError('whose figure that is, is not in the brief')
    const figures = (mode.figures ??= {})
    if (figures[id] === undefined && Object.keys(figures).length >= MAX_FIGURES)
      throw new CommandError(`a mode holds at most ${MAX_FIGURES} figures`)
    figures[id] = checked(figureSchema, figure) as Draft<typeof figure>
  },
  'figure.remove': (job, { variant, mode: modeId, id }) => {
    const mode = must(variantOf(job, variant).plan.modes[modeId], 'that mode')
    drop((mode.figures ??= {}), id, 'that figure')
  },
  'mode.stance': (job, { variant, mode: modeId, fitting: fittingId, stance }) => {
    const { plan } = variantOf(job, variant)
    const kind = kindOf(fittingOf(plan, fittingId).kind)
    if (!kind.stances.includes(stance)) throw new CommandError(`a ${kind.id} has no stance “${stance}”`)
    const mode = must(plan.modes[modeId], 'that mode')
    if (kind.stanceFor[mode.purpose] === stance) delete mode.stances[fittingId]
    else mode.stances[fittingId] = stance
  },
}

function checkAnchors(plan: Draft<Plan>, id: string): void {
  const { up, along } = plan.fittings[id]!.seat
  const gone = (other: string | undefined) => other === undefined || plan.fittings[other] === undefined
  if (up.from === 'top-of' && gone(up.fitting)) throw new CommandError('what it stands on is no longer there')
  if (along.from === 'after' && gone(along.fitting)) throw new CommandError('what it comes after is no longer there')
  if (hangsOnItself(plan.fittings as Plan['fittings'], id))
    throw new CommandError('a fitting cannot stand on itself, nor come after itself')
}

const OTHER_SIDE = { 'left-wall': 'right-wall', 'right-wall': 'left-wall', centreline: 'centreline' } as const

/** A seat on the other side: what was by the left wall is by the right one, left ends are right ends. */
function mirroredSeat(seat: Draft<Seat>): Draft<Seat> {
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
    throw new CommandError('a fitting is locked: unlock it first')
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
  if (fault !== undefined)
    throw new CommandError(`the body does not take the change on its other side: ${fault.message}`)
}

/** The three modes that every plan starts with. */
export const standardModes = (): Record<string, Mode> => ({
  'mode-drive': { name: 'Drive', purpose: 'driving', order: 0, stances: {} },
  'mode-day': { name: 'Day', purpose: 'living', order: 1, stances: {} },
  'mode-night': { name: 'Night', purpose: 'sleeping', order: 2, stances: {} },
})

export const emptyPlan = (lining: Plan['lining']): Plan => ({
  lining: { ...lining },
  changes: {},
  fittings: {},
  modes: standardModes(),
})

const structuredPlan = (plan: Draft<Plan>): Plan => JSON.parse(JSON.stringify(plan)) as Plan

function run(job: Draft<Job>, command: SimpleCommand): void {
  const handler = HANDLERS[command.type] as (job: Draft<Job>, command: SimpleCommand) => void
  handler(job, command)
}

/**
 * The job after a command, and the diff between. The job that comes in is not changed; parts that did not change are
 * shared with the result.
 * @throws CommandError if the command does not fit this job; nothing is changed then.
 */
export function apply(job: Job, command: Command): Applied {
  if (command.type === 'diff') return applyDiff(job, command.patches)
  if (command.type === 'job.restore') {
    const result = parseJob(command.document)
    if (!result.ok)
      throw new CommandError(`that state cannot be restored: ${result.faults[0]!.path} ${result.faults[0]!.message}`)
    return replaceBy(job, { ...result.job, id: job.id })
  }
  const [next, redo, undo] = create(
    job as Draft<Job>,
    (draft) => {
      if (command.type !== 'batch') return run(draft, command)
      for (const part of command.commands) run(draft, part)
    },
    { enablePatches: true },
  )
  return { job: next as Job, diff: { redo: redo as Patch[], undo: undo as Patch[] } }
}

/** @throws CommandError if the patches no longer fit. */
function applyDiff(job: Job, patches: readonly Patch[]): Applied {
  if (patches.some(isHostile)) throw new CommandError('that change reaches outside the job')
  let next: Job
  try {
    next = applyPatches(job, patches as Parameters<typeof applyPatches>[1]) as Job
  } catch {
    throw new CommandError('something it touched is no longer there')
  }
  for (const { plan } of Object.values(next.variants)) {
    const fault = planFaults(plan)[0] ?? changeFaults(next.shell, plan.changes)[0] ?? turnedFaults(next.shell, plan)[0]
    if (fault !== undefined) throw new CommandError(fault.message)
  }
  return replaceBy(job, next)
}

/** A diff at the level of the job's own fields, which is enough where a whole state comes in. */
function replaceBy(job: Job, next: Job): Applied {
  const keys = new Set([...Object.keys(job), ...Object.keys(next)])
  const redo: Patch[] = []
  const undo: Patch[] = []
  for (const key of keys) collect(job as unknown as Tree, next as unknown as Tree, key, [], redo, undo)
  return { job: next, diff: { redo, undo } }
}

type Tree = Readonly<Record<string, unknown>>
const isTree = (value: unknown): value is Tree => typeof value === 'object' && value !== null && !Array.isArray(value)

/** Compares one field of two trees; goes down where both are records, so that a diff names no more than what differs. */
function collect(before: Tree, after: Tree, key: string, path: readonly string[], redo: Patch[], undo: Patch[]): void {
  const old = before[key]
  const now = after[key]
  const here = [...path, key]
  if (old === now) return
  if (isTree(old) && isTree(now)) {
    for (const below of new Set([...Object.keys(old), ...Object.keys(now)])) collect(old, now, below, here, redo, undo)
  } else if (JSON.stringify(old) !== JSON.stringify(now)) {
    redo.push(
      key in after ? { op: key in before ? 'replace' : 'add', path: here, value: now } : { op: 'remove', path: here },
    )
    undo.push(
      key in before ? { op: key in after ? 'replace' : 'add', path: here, value: old } : { op: 'remove', path: here },
    )
  }
}

/** Whether two diffs write to the same place, or one to a place that holds the other's. */
export function diffsMeet(a: readonly Patch[], b: readonly Patch[]): boolean {
  return a.some((first) =>
    b.some((second) => {
      const shared = Math.min(first.path.length, second.path.length)
      for (let at = 0; at < shared; at += 1) if (first.path[at] !== second.path[at]) return false
      return true
    }),
  )
}
