import { z } from 'zod'
import { STATURE_LIMITS_MM } from '../people'
import { idSchema, wordsSchema } from '../shell'

/** What a mode is for; every mode a user adds has one of these. */
export const PURPOSES = ['driving', 'living', 'sleeping'] as const
export type Purpose = (typeof PURPOSES)[number]

export const NEEDS = [
  'berth',
  'belt',
  'table-seat',
  'toilet',
  'shower',
  'hob',
  'cold-box',
  'desk',
  'stowage',
  'water',
] as const
export type Need = (typeof NEEDS)[number]

const size = z.number().min(10).max(6000)

export const personSchema = z.looseObject({
  label: wordsSchema(60).min(1),
  statureMm: z.number().min(STATURE_LIMITS_MM.min).max(STATURE_LIMITS_MM.max),
  sleeps: z.boolean().describe('Sleeps in the vehicle'),
  travels: z.boolean().describe('Rides in it and needs a belt'),
})
export type Person = Readonly<z.infer<typeof personSchema>>

export const petSchema = z.looseObject({
  label: wordsSchema(60).min(1),
  lengthMm: size.describe('Nose to rump'),
  heightMm: size.describe('At the shoulder'),
})
export type Pet = Readonly<z.infer<typeof petSchema>>

export const demandSchema = z.looseObject({
  need: z.enum(NEEDS),
  must: z.boolean().describe('A must; otherwise a wish'),
  label: wordsSchema(60).optional(),
  quantity: z
    .number()
    .int()
    .min(0)
    .max(999)
    .optional()
    .describe('Left out: as the people and nights of the brief imply'),
  sizeMm: z.tuple([size, size, size]).optional().describe('For stowage: the piece’s length, width and height'),
})
export type Demand = Readonly<z.infer<typeof demandSchema>>

const MAX_ENTRIES = 200
export const recordOf = <T extends z.ZodType>(value: T, max = MAX_ENTRIES) =>
  z
    .record(idSchema, value)
    .refine((record) => Object.keys(record).length <= max, { message: `holds more than ${max} entries` })

export const briefSchema = z.looseObject({
  people: recordOf(personSchema, 60),
  pets: recordOf(petSchema, 60),
  nightsOffHookUp: z.number().min(0).max(60),
  demands: recordOf(demandSchema),
  notes: wordsSchema(4000).default(''),
})
export type Brief = Readonly<z.infer<typeof briefSchema>>
