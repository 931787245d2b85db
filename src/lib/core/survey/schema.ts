import { z } from 'zod'
import { BODY_CLASSES, genericShell, GENERIC_SHELLS, draftShell, type FirstNumbers, type Shell } from '../shell'

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

/** A vehicle as it is being measured: what it started from, and the readings so far. */
export const surveySchema = z.looseObject({
  base: baseSchema,
  roof: z.enum(ROOF_KINDS),
  apart: z.boolean().describe('Left and right of the centreline are measured apart'),
  readings: z
    .record(z.string().regex(/^[a-z][a-z0-9]*(-[a-z0-9]+){0,7}$/), readingSchema)
    .refine((readings) => Object.keys(readings).length <= MAX_READINGS, {
      message: `holds more than ${MAX_READINGS} readings`,
    }),
})
export type Survey = Readonly<z.infer<typeof surveySchema>>

/** What the four first numbers are taken to be in a class until they are measured, in mm. */
const FIRST_NUMBERS: Record<Shell['bodyClass'], FirstNumbers> = {
  'panel-van': { lengthMm: 3400, widthMm: 1800, heightMm: 1800, archFromMm: 650 },
  'compact-van': { lengthMm: 1900, widthMm: 1550, heightMm: 1250, archFromMm: 330 },
  minivan: { lengthMm: 2350, widthMm: 1580, heightMm: 1190, archFromMm: 380 },
  minibus: { lengthMm: 4500, widthMm: 2050, heightMm: 1850, archFromMm: 900 },
  bus: { lengthMm: 7000, widthMm: 2350, heightMm: 2000, archFromMm: 1600 },
  'box-truck': { lengthMm: 4500, widthMm: 2100, heightMm: 2150, archFromMm: 900 },
}

/** An empty survey from one of the program's own shells, or from four numbers. */
export const newSurvey = (base: Survey['base']): Survey => ({ base, roof: 'curved', apart: false, readings: {} })

const first = (survey: Survey, id: string): number | undefined => survey.readings[id]?.first

/**
 * The body that a survey starts from, before its measures are put in: a shell of the program's own, or a draft from the
 * four first numbers as far as they are measured.
 */
export function baseOf(survey: Survey): Shell {
  const { base } = survey
  if (base.kind === 'generic')
    return genericShell(GENERIC_SHELLS.some(({ id }) => id === base.shell) ? base.shell : 'van-long-high')
  const usual = FIRST_NUMBERS[base.bodyClass]
  const positive = (value: number | undefined, otherwise: number) =>
    value !== undefined && value > 0 ? value : otherwise
  return draftShell('own-draft', 'Draft', base.bodyClass, {
    lengthMm: positive(first(survey, 'length-floor'), usual.lengthMm),
    widthMm: positive(first(survey, 'axle-low'), usual.widthMm),
    heightMm: positive(first(survey, 'axle-roof'), usual.heightMm),
    archFromMm: positive(first(survey, 'arch-from'), usual.archFromMm),
  })
}
