import { z } from 'zod'
import { briefSchema, PURPOSES, recordOf, type Brief } from '../brief'
import { TURNS } from '../geometry'
import { kindOf, KINDS, seatSchema, type Parameters, type Seat } from '../fittings'
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
import { surveySchema, type Survey } from '../survey'
import { LENGTH_UNITS, type LengthUnit } from '../units'

export const JOB_FORMAT = 'zimmerman.job'
export const JOB_VERSION = 1
export const MAX_FITTINGS = 400
export const MAX_CHANGES = 40

const fittingSchemas = KINDS.map((kind) =>
  z.looseObject({
    kind: z.literal(kind.id),
    label: wordsSchema(60).optional(),
    parameters: kind.parameters.loose(),
    seat: seatSchema,
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

export const modeSchema = z.looseObject({
  name: wordsSchema(40).min(1),
  purpose: z.enum(PURPOSES),
  order: z.number().int().min(0).max(100),
  stances: z
    .record(idSchema, z.string().max(40))
    .describe('Only where a fitting stands otherwise than its kind does for this purpose'),
  figures: recordOf(figureSchema, MAX_FIGURES).optional().describe('People, pets and gear where they are in this mode'),
  turned: z.array(idSchema).max(6).optional().describe('Cab seats that are turned round to face the load space'),
})
export type Mode = Readonly<z.infer<typeof modeSchema>>

const planSchema = z.looseObject({
  lining: liningSchema,
  changes: recordOf(bodyChangeSchema, MAX_CHANGES).default({}).describe('Changes to the body'),
  fittings: recordOf(fittingSchema, MAX_FITTINGS),
  modes: recordOf(modeSchema, 12).refine((modes) => Object.keys(modes).length > 0, { message: 'a plan needs a mode' }),
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
  variants: recordOf(variantSchema, 20).refine((variants) => Object.keys(variants).length > 0, {
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
  readonly variants: Readonly<Record<string, Variant>>
}

/** What is wrong between a plan's fittings and modes, each with its path below the plan. */
export function planFaults(plan: Plan): readonly { readonly path: readonly string[]; readonly message: string }[] {
  const faults: { path: string[]; message: string }[] = []
  for (const [id, { seat }] of Object.entries(plan.fittings)) {
    if (seat.up.from !== 'top-of') continue
    const path = ['fittings', id, 'seat', 'up', 'fitting']
    const below = seat.up.fitting
    if (below === undefined || plan.fittings[below] === undefined) {
      faults.push({ path, message: `stands on “${below ?? 'nothing'}”, which is not in this plan` })
    } else if (standsOnItself(plan.fittings, id)) {
      faults.push({ path, message: `“${id}” stands on itself by way of “${below}”` })
    }
  }
  for (const [modeId, mode] of Object.entries(plan.modes)) {
    for (const [id, stance] of Object.entries(mode.stances)) {
      const fitting = plan.fittings[id]
      const path = ['modes', modeId, 'stances', id]
      if (fitting === undefined) faults.push({ path, message: `there is no fitting “${id}” in this plan` })
      else if (!kindOf(fitting.kind).stances.includes(stance)) {
        faults.push({
          path,
          message: `a ${fitting.kind} has no stance “${stance}”; it has ${kindOf(fitting.kind).stances.join(', ')}`,
        })
      }
    }
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

/** Follows the anchors down from `id`; true if they come back to it. */
export function standsOnItself(fittings: Plan['fittings'], id: string): boolean {
  const seen = new Set<string>()
  for (let at: string | undefined = id; at !== undefined;) {
    if (seen.has(at)) return true
    seen.add(at)
    const up: Seat['up'] | undefined = fittings[at]?.seat.up
    at = up?.from === 'top-of' ? up.fitting : undefined
  }
  return false
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
