import { z } from 'zod'
import { recordOf } from '../brief'
import { idSchema, wordsSchema } from '../shell'

/** What a vehicle stores that runs low: full, empty or between. */
export const STORES = ['water', 'waste', 'gas', 'fuel', 'diesel'] as const
export type Store = (typeof STORES)[number]

const percent = z.number().min(0).max(100)
/** An entry of the ledger, as “water:tank”. */
const entryId = z.string().min(1).max(140)
const MOST_TANKS = 400

/** What is aboard at a moment. What is left out of it is there, and full. */
export const loadingSchema = z.looseObject({
  mode: idSchema.optional().describe('The mode that the vehicle is in; left out: the first for the road'),
  without: z.array(entryId).max(1500).default([]).describe('Entries of the ledger that are not aboard'),
  levels: z
    .partialRecord(z.enum(STORES), percent)
    .default({})
    .describe('How full, in per cent: fresh water, waste, gas, the tank of the vehicle, that of a heater'),
  tanks: z
    .record(entryId, percent)
    .refine((all) => Object.keys(all).length <= MOST_TANKS, { message: `holds more than ${MOST_TANKS} entries` })
    .optional()
    .describe(
      'How full one of them is, in per cent, by its entry of the ledger (“water:tank”), in place of the level of its kind',
    ),
})
export type Loading = Readonly<z.infer<typeof loadingSchema>>

/** Everyone and everything aboard, as one sets out: fresh water, fuel and gas full, waste empty. */
export const SETTING_OUT: Loading = { without: [], levels: { waste: 0 } }

const kg = z.number().min(0).max(20_000)

/** What a weighbridge read, and in which loading. */
export const weighingSchema = z
  .looseObject({
    on: z.string().regex(/^\d{4}-\d{2}-\d{2}$/, 'a date looks like 2027-04-30'),
    variant: idSchema,
    loading: loadingSchema,
    padsKg: z.tuple([kg, kg, kg, kg]).optional().describe('Front left, front right, rear left, rear right'),
    axlesKg: z.tuple([kg, kg]).optional().describe('Front, rear'),
    totalKg: kg.optional(),
    slackKg: z.number().min(0).max(200).describe('How far one reading of the scale may be off'),
    from: z.enum(['typed', 'scale']),
    plannedKg: z
      .looseObject({ total: z.number(), front: z.number(), left: z.number() })
      .describe(
        'What the plan had put into the vehicle at that moment, and how much of it on the front axle and on the left',
      ),
    note: wordsSchema(200).optional(),
  })
  .refine(({ padsKg, axlesKg, totalKg }) => padsKg !== undefined || axlesKg !== undefined || totalKg !== undefined, {
    path: ['totalKg'],
    message: 'a weighing has a reading: the whole, its axles or its four wheels',
  })
export type Weighing = Readonly<z.infer<typeof weighingSchema>>
export const MOST_WEIGHINGS = 40

/** Figures of a shell’s axles and masses that can be set one by one; none, where it is not known. */
export const AXLE_FIGURES = ['trackMm', 'kerbFrontKg', 'kerbRearKg', 'ratingFrontKg', 'ratingRearKg'] as const
export const MASS_FIGURES = [
  'kerbKg',
  'grossKg',
  'fuelL',
  'fuelXMm',
  'centreMm',
  'roofDrivingKg',
  'roofRestKg',
] as const

/** What is taken where nobody said it; each with its basis in the words. */
export const ASSUMED = {
  /** A driver where the brief names nobody. EU Regulation 1230/2012: 75 kg (from memory). */
  driverKg: 75,
  /** What people bring that no list holds: EN 1646-2, 10 kg for each of them and 10 for each metre of the vehicle (from memory). */
  personalKg: 10,
  personalKgPerM: 10,
  /** No shelf holds more, by its volume. Common practice, no source. */
  shelfKgPerL: 0.18,
} as const
export type AssumedKey = keyof typeof ASSUMED
export const ASSUMED_LIMITS: Readonly<Record<AssumedKey, readonly [min: number, max: number]>> = {
  driverKg: [40, 200],
  personalKg: [0, 100],
  personalKgPerM: [0, 100],
  shelfKgPerL: [0, 2],
}

export const weightSchema = z.looseObject({
  assume: z
    .looseObject(
      Object.fromEntries(
        Object.entries(ASSUMED_LIMITS).map(([key, [min, max]]) => [key, z.number().min(min).max(max).optional()]),
      ) as Record<AssumedKey, z.ZodOptional<z.ZodNumber>>,
    )
    .optional(),
  weighings: recordOf(weighingSchema, MOST_WEIGHINGS).optional(),
  base: idSchema.optional().describe('The weighing that the empty vehicle is taken from, in place of its kerb mass'),
})
export type WeightNotes = Readonly<z.infer<typeof weightSchema>>
