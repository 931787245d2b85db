import { z } from 'zod'
import { briefSchema, PURPOSES, recordOf, type Brief } from '../brief'
import { TURNS } from '../geometry'
import { hangsOn, hasStance, kindOf, KINDS, seatSchema, type Parameters, type Seat } from '../fittings'
import {
  bodyChangeSchema,
  changeFaults,
  idSchema,
  liningSchema,
  shellSchema,
  wordsSchema,
  type BodyChanges,
  type Lining,
  type Shell,
} from '../shell'
import { foundSchema, MOST_FOUND, type FoundList } from '../condition'
import { surveySchema, type Survey } from '../readings'
import { drawnSchema, MAX_DRAWN, type Drawn } from './drawn-schema'
import { ownRulesSchema, type OwnRules } from './rules-schema'
import { powerSchema, type PowerNotes } from './power-schema'
import { warmthSchema, type WarmthNotes } from './warmth-schema'
import { weightSchema, type WeightNotes } from './weight-schema'
import { LENGTH_UNITS, type LengthUnit } from '../units'

export const JOB_FORMAT = 'zimmerman.job'
export const JOB_VERSION = 1
export const MAX_FITTINGS = 400
export const MAX_CHANGES = 40

/** How a fitting is held in the vehicle. */
export const FIXING_WAYS = ['screws', 'inserts', 'rails', 'points', 'straps', 'standing'] as const
export type FixingWay = (typeof FIXING_WAYS)[number]

export const fixingSchema = z.looseObject({
  how: z
    .enum(FIXING_WAYS)
    .describe(
      'By screws or threaded inserts, which need holes; on rails or points that are there already; by straps; or it stands by itself',
    ),
  points: z.number().int().min(0).max(60).describe('How many of them'),
})
export type Fixing = Readonly<z.infer<typeof fixingSchema>>

const fittingSchemas = KINDS.map((kind) =>
  z.looseObject({
    kind: z.literal(kind.id),
    label: wordsSchema(60).optional(),
    parameters: kind.parameters.loose(),
    seat: seatSchema,
    locked: z.boolean().optional().describe('Not to be moved or changed'),
    cut: z
      .boolean()
      .optional()
      .describe('Built in place and cut to the wall behind it, or standing whole; left out: as is usual for its kind'),
    fixing: fixingSchema.optional(),
  }),
)
export const fittingSchema = z.discriminatedUnion(
  'kind',
  fittingSchemas as unknown as [(typeof fittingSchemas)[number]],
)

export interface Fitting {
  readonly kind: string
  readonly label?: string | undefined
  readonly parameters: Parameters
  readonly seat: Seat
  readonly locked?: boolean | undefined
  readonly cut?: boolean | undefined
  readonly fixing?: Fixing | undefined
}

/** How a person or an animal is in the vehicle; a piece of gear stands or lies. */
export const FIGURE_POSES = ['standing', 'sitting', 'lying', 'working'] as const
export type FigurePose = (typeof FIGURE_POSES)[number]

/** A figure put into a mode: whose of the brief, how, and where its middle is in plan; at turn 0 it faces forward. */
export const figureSchema = z.looseObject({
  who: idSchema.describe('A person, a pet or a piece of gear of the brief'),
  pose: z.enum(FIGURE_POSES),
  at: z.tuple([z.number().min(-2000).max(16_000), z.number().min(-2000).max(2000)]),
  turn: z.literal(TURNS),
})
export type Figure = Readonly<z.infer<typeof figureSchema>>
export const MAX_FIGURES = 40

/** The highest place in an order of modes or variants. */
export const MAX_ORDER = 100

export const modeSchema = z.looseObject({
  name: wordsSchema(40).min(1),
  purpose: z.enum(PURPOSES),
  order: z.number().int().min(0).max(MAX_ORDER),
  stances: z
    .record(idSchema, z.string().max(40))
    .describe('Only where a fitting stands otherwise than its kind does for this purpose'),
  seats: recordOf(seatSchema, MAX_FITTINGS).optional().describe('Fittings that stand elsewhere in this mode'),
  away: z.array(idSchema).max(MAX_FITTINGS).optional().describe('Fittings that are out of the vehicle in this mode'),
  figures: recordOf(figureSchema, MAX_FIGURES).optional().describe('People, pets and gear where they are in this mode'),
  turned: z.array(idSchema).max(6).optional().describe('Cab seats that are turned round to face the load space'),
})
export type Mode = Readonly<z.infer<typeof modeSchema>>
export const MAX_MODES = 12
export const MAX_VARIANTS = 20
/** Fittings of one plan, counted in each of its modes: what one review looks at. */
const MAX_FITTINGS_IN_MODES = 2000

/** Fittings that belong together. */
export const groupSchema = z.looseObject({
  name: wordsSchema(60).min(1),
  fittings: z.array(idSchema).min(2).max(MAX_FITTINGS),
  module: z
    .looseObject({ id: idSchema, revision: z.number().int().min(1) })
    .optional()
    .describe('The module of the workshop’s library that it was placed from'),
})
type FittingGroup = Readonly<z.infer<typeof groupSchema>>
export const MAX_GROUPS = 100

/** A finding that is let be: which one, with the figures that it had, why, and since when. */
export const waiverSchema = z.looseObject({
  key: z.string().min(1).max(300).describe('Of the finding'),
  code: z.string().min(1).max(40),
  measured: z.number(),
  needed: z.number(),
  reason: wordsSchema(200).min(1),
  on: z.string().regex(/^\d{4}-\d{2}-\d{2}$/, 'a date looks like 2027-04-30'),
})
export type Waiver = Readonly<z.infer<typeof waiverSchema>>
export const MAX_WAIVERS = 200

const planSchema = z.looseObject({
  lining: liningSchema,
  changes: recordOf(bodyChangeSchema, MAX_CHANGES).default({}).describe('Changes to the body'),
  fittings: recordOf(fittingSchema, MAX_FITTINGS),
  groups: recordOf(groupSchema, MAX_GROUPS).optional(),
  waivers: recordOf(waiverSchema, MAX_WAIVERS).optional().describe('Findings that are let be'),
  drawn: recordOf(drawnSchema, MAX_DRAWN).optional().describe('Tapes, notes and sheets on the drawing itself'),
  transferable: z
    .boolean()
    .optional()
    .describe('To be taken out again and moved to another vehicle: no holes in this one'),
  modes: recordOf(modeSchema, MAX_MODES).refine((modes) => Object.keys(modes).length > 0, {
    message: 'a plan needs a mode',
  }),
})

const variantSchema = z.looseObject({
  name: wordsSchema(60).min(1),
  order: z.number().int().min(0).max(1000),
  plan: planSchema,
})

export interface Plan {
  readonly lining: Lining
  readonly changes: BodyChanges
  readonly fittings: Readonly<Record<string, Fitting>>
  readonly groups?: Readonly<Record<string, FittingGroup>> | undefined
  readonly waivers?: Readonly<Record<string, Waiver>> | undefined
  readonly drawn?: Readonly<Record<string, Drawn>> | undefined
  readonly transferable?: boolean | undefined
  readonly modes: Readonly<Record<string, Mode>>
}

export interface Variant {
  readonly name: string
  readonly order: number
  readonly plan: Plan
}

const shape = z.looseObject({
  format: z.literal(JOB_FORMAT),
  version: z.literal(JOB_VERSION),
  id: idSchema,
  name: wordsSchema(120).min(1),
  units: z.enum(LENGTH_UNITS),
  brief: briefSchema,
  shell: shellSchema,
  survey: surveySchema.optional().describe('The vehicle as it is being measured'),
  found: recordOf(foundSchema, MOST_FOUND).optional().describe('What was found on the vehicle as it was bought'),
  weight: weightSchema.optional().describe('What is taken of its masses, and what weighbridges read'),
  power: powerSchema.optional().describe('Where it is through the year, and what is taken of its current'),
  warmth: warmthSchema.optional().describe('What is taken of its warmth'),
  rules: ownRulesSchema.optional().describe('What this job asks otherwise than the book of rules'),
  variants: recordOf(variantSchema, MAX_VARIANTS).refine((variants) => Object.keys(variants).length > 0, {
    message: 'a job needs a variant',
  }),
})

/** One client's conversion, as it is stored, exported and sent. */
export interface Job {
  readonly format: typeof JOB_FORMAT
  readonly version: typeof JOB_VERSION
  readonly id: string
  readonly name: string
  readonly units: LengthUnit
  readonly brief: Brief
  readonly shell: Shell
  readonly survey?: Survey | undefined
  readonly found?: FoundList | undefined
  readonly weight?: WeightNotes | undefined
  readonly power?: PowerNotes | undefined
  readonly warmth?: WarmthNotes | undefined
  readonly rules?: OwnRules | undefined
  readonly variants: Readonly<Record<string, Variant>>
}

interface PlanFault {
  readonly path: readonly string[]
  readonly message: string
}

/** What a seat is anchored to but is not there, and anchors that go round in a circle. */
function seatFaults(fittings: Plan['fittings'], id: string, seat: Seat, path: readonly string[]): readonly PlanFault[] {
  const missing = (name: 'up' | 'along' | 'inside', words: string, other: string | undefined): PlanFault[] =>
    other !== undefined && fittings[other] !== undefined
      ? []
      : [{ path: [...path, name, 'fitting'], message: `${words} “${other ?? 'nothing'}”, which is not in this plan` }]
  const faults = [
    ...(seat.up.from === 'top-of' ? missing('up', 'stands on', seat.up.fitting) : []),
    ...(seat.along.from === 'after' ? missing('along', 'comes after', seat.along.fitting) : []),
    ...(seat.inside === undefined ? [] : missing('inside', 'is in', seat.inside.fitting)),
  ]
  return faults.length > 0 || !hangsOnItself(fittings, id, seat)
    ? faults
    : [
        {
          path: [...path, seat.inside !== undefined ? 'inside' : seat.up.from === 'top-of' ? 'up' : 'along', 'fitting'],
          message: `“${id}” stands on itself, comes after itself or is in itself, by way of others`,
        },
      ]
}

/** What is wrong between a plan's fittings, groups and modes, each with its path below the plan. */
export function planFaults(plan: Plan): readonly PlanFault[] {
  const faults: PlanFault[] = []
  const [fittings, modes] = [Object.keys(plan.fittings).length, Object.keys(plan.modes).length]
  if (fittings * modes > MAX_FITTINGS_IN_MODES)
    faults.push({
      path: ['fittings'],
      message: `${fittings} fittings in ${modes} modes are ${fittings * modes}; a plan holds at most ${MAX_FITTINGS_IN_MODES}`,
    })
  const unknown = (id: string, path: readonly string[]) => {
    if (plan.fittings[id] === undefined) faults.push({ path, message: `there is no fitting “${id}” in this plan` })
    return plan.fittings[id] === undefined
  }
  for (const [id, { seat }] of Object.entries(plan.fittings))
    faults.push(...seatFaults(plan.fittings, id, seat, ['fittings', id, 'seat']))
  for (const [groupId, { fittings }] of Object.entries(plan.groups ?? {}))
    for (const [index, id] of fittings.entries()) unknown(id, ['groups', groupId, 'fittings', String(index)])
  for (const [modeId, mode] of Object.entries(plan.modes)) {
    for (const [id, stance] of Object.entries(mode.stances)) {
      const path = ['modes', modeId, 'stances', id]
      if (unknown(id, path)) continue
      const kind = kindOf(plan.fittings[id]!.kind)
      if (!hasStance(kind, stance))
        faults.push({ path, message: `a ${kind.id} has no stance “${stance}”; it has ${kind.stances.join(', ')}` })
    }
    for (const [id, seat] of Object.entries(mode.seats ?? {})) {
      const path = ['modes', modeId, 'seats', id]
      if (!unknown(id, path)) faults.push(...seatFaults(plan.fittings, id, seat, path))
    }
    for (const [index, id] of (mode.away ?? []).entries()) unknown(id, ['modes', modeId, 'away', String(index)])
  }
  return faults
}

/** Modes that turn a seat which this body does not have or which does not turn, each with its path below the plan. */
export function turnedFaults(
  shell: Shell,
  plan: Pick<Plan, 'modes'>,
): readonly { readonly path: readonly string[]; readonly message: string }[] {
  const turns = new Set(shell.cabSeats.flatMap(({ id, swivel }) => (swivel === undefined ? [] : [id])))
  return Object.entries(plan.modes).flatMap(([modeId, { turned = [] }]) =>
    turned
      .filter((id) => !turns.has(id))
      .map((id) => ({ path: ['modes', modeId, 'turned'], message: `there is no seat “${id}” that turns` })),
  )
}

/** Follows the anchors from `id` at `seat`, to what it stands on, comes after and is in; true if they come back to it. */
export function hangsOnItself(fittings: Plan['fittings'], id: string, seatOfIt?: Seat): boolean {
  const seen = new Set<string>()
  const goes = (at: string): boolean => {
    if (at === id && seen.size > 0) return true
    if (seen.has(at)) return false
    seen.add(at)
    const seat = at === id && seatOfIt !== undefined ? seatOfIt : fittings[at]?.seat
    return seat !== undefined && hangsOn(seat).some(goes)
  }
  return goes(id)
}

export const jobSchema = shape.superRefine((job, context) => {
  for (const [id, variant] of Object.entries(job.variants)) {
    for (const { path, message } of planFaults(variant.plan as unknown as Plan)) {
      context.addIssue({ code: 'custom', path: ['variants', id, 'plan', ...path], message })
    }
    for (const { path, message } of turnedFaults(job.shell, variant.plan)) {
      context.addIssue({ code: 'custom', path: ['variants', id, 'plan', ...path], message })
    }
    for (const { path, message } of changeFaults(job.shell, variant.plan.changes)) {
      context.addIssue({ code: 'custom', path: ['variants', id, 'plan', 'changes', ...path], message })
    }
  }
})

/** The published JSON Schema of the open document (draft 2020-12). Checks between fields are the parser's. */
export const jobJsonSchema = (): unknown => ({
  $id: '/schema/job.v1.json',
  title: 'Zimmerman job, version 1',
  ...z.toJSONSchema(shape, { io: 'input', unrepresentable: 'any' }),
})
