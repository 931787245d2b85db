import { z } from 'zod'
import { BODY_CLASSES, idSchema, unmirroredId } from '../shell'

/** Shapes that a roof can have between the edges where it meets the walls. */
export const ROOF_KINDS = ['straight', 'leaning', 'curved', 'domed'] as const
export type RoofKind = (typeof ROOF_KINDS)[number]

/** Readings that a vehicle can give, in mm or kg; a cab’s floor may lie below the load floor. */
export const READING_LIMITS = { least: -800, most: 20_000 } as const
const reading = z.number().min(READING_LIMITS.least).max(READING_LIMITS.most)

export const readingSchema = z.looseObject({
  first: reading.optional(),
  second: reading.optional().describe('A second reading of the same measure'),
})
export type Reading = Readonly<z.infer<typeof readingSchema>>

const baseSchema = z.union([
  z.looseObject({ kind: z.literal('generic'), shell: z.string().max(60) }),
  z.looseObject({ kind: z.literal('numbers'), bodyClass: z.enum(BODY_CLASSES) }),
])

const MAX_READINGS = 400
const MAX_ANSWERS = 60

const answersSchema = z.looseObject({
  behind: idSchema
    .nullable()
    .optional()
    .describe('Which other one’s leaf it lies behind when that is shut; null: none'),
  outsideOnly: z.boolean().optional(),
  standsUp: z.boolean().optional(),
})
/** What a tape does not tell of an opening; left out: as the body has it that the survey started from. */
export type OpeningAnswers = Readonly<z.infer<typeof answersSchema>>

/** A vehicle as it is being measured: what it started from, and the readings so far. */
export const surveySchema = z.looseObject({
  base: baseSchema,
  roof: z.enum(ROOF_KINDS),
  mirrored: z.boolean().optional().describe('What it starts from is turned for the other side of the road'),
  apart: z.boolean().describe('Left and right of the centreline are measured apart'),
  readings: z
    .record(z.string().regex(/^[a-z][a-z0-9]*(-[a-z0-9]+){0,7}$/), readingSchema)
    .refine((readings) => Object.keys(readings).length <= MAX_READINGS, {
      message: `holds more than ${MAX_READINGS} readings`,
    }),
  kerbWith: z
    .looseObject({ driverKg: z.number().min(0).max(150), fuelPercent: z.number().min(0).max(100) })
    .optional()
    .describe('What the kerb mass holds; left out until somebody asked'),
  openings: z
    .record(idSchema, answersSchema)
    .refine((answers) => Object.keys(answers).length <= MAX_ANSWERS, {
      message: `says more than ${MAX_ANSWERS} openings are`,
    })
    .optional()
    .describe('What was seen of doors, windows and hatches, by their ids'),
})
export type Survey = Readonly<z.infer<typeof surveySchema>>

/** An empty survey from one of the program's own shells, or from four numbers. */
export const newSurvey = (base: Survey['base']): Survey => ({ base, roof: 'curved', apart: false, readings: {} })

/** An empty survey of a vehicle that is one of the program’s own shells, or that mirrored. */
export function surveyOfShell(shellId: string): Survey {
  const { id, isMirrored } = unmirroredId(shellId)
  return { ...newSurvey({ kind: 'generic', shell: id }), ...(isMirrored ? { mirrored: true } : {}) }
}

/** A survey of the same vehicle for the other side of the road: what was read on the left was on the right. */
export function mirroredSurvey({ mirrored, ...survey }: Survey): Survey {
  const readings = Object.entries(survey.readings).map(
    ([id, reading]) =>
      [id.replace(/-(left|right)$/, (end) => (end === '-left' ? '-right' : '-left')), reading] as const,
  )
  return { ...survey, ...(mirrored === true ? {} : { mirrored: true }), readings: Object.fromEntries(readings) }
}
