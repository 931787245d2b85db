import { z } from 'zod'
import { BODY_FRACTIONS, STATURE_LIMITS_MM, type BodyMeasure } from '../people'
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
  'seat',
  'basin',
  'cot',
  'pet-place',
  'wheelchair-place',
  'turning-circle',
  'bedside',
  'heater',
  'outside-store',
] as const
export type Need = (typeof NEEDS)[number]

const size = z.number().min(10).max(6000)
const sizes = z.tuple([size, size, size])

export const AGES = ['adult', 'teenager', 'child', 'infant'] as const
export type Age = (typeof AGES)[number]
export const BUILDS = ['slight', 'usual', 'broad'] as const
export const MOBILITIES = ['free', 'stiff', 'walker', 'wheelchair'] as const
export const BODY_MEASURES = Object.keys(BODY_FRACTIONS) as [BodyMeasure, ...BodyMeasure[]]

const wheelchairSchema = z.looseObject({
  lengthMm: z.number().min(500).max(1600),
  widthMm: z.number().min(400).max(1000),
  turningMm: z.number().min(900).max(2400).describe('Diameter of the circle that it turns in'),
})

export const personSchema = z.looseObject({
  label: wordsSchema(60).min(1),
  statureMm: z.number().min(STATURE_LIMITS_MM.min).max(STATURE_LIMITS_MM.max),
  sleeps: z.boolean().describe('Sleeps in the vehicle'),
  travels: z.boolean().describe('Rides in it and needs a belt'),
  age: z.enum(AGES).optional().describe('Left out: adult'),
  years: z.number().min(0).max(110).optional().describe('Age in years; a child grows from it'),
  growsAs: z.enum(['boy', 'girl', 'either']).optional(),
  build: z.enum(BUILDS).optional(),
  massKg: z.number().min(2).max(300).optional().describe('Left out: by stature, age and build'),
  sleepsWith: idSchema.optional().describe('Shares a bed with this person'),
  sleepsByDay: z.boolean().optional(),
  mobility: z.enum(MOBILITIES).optional(),
  wheelchair: wheelchairSchema.optional(),
  helper: z.boolean().optional().describe('Needs another person’s hands'),
  bedside: z.boolean().optional().describe('Has a machine at the bedside'),
  work: z
    .looseObject({ hours: z.number().min(0).max(16), screens: z.number().int().min(0).max(4) })
    .optional()
    .describe('Works at a desk here: hours a day, screens'),
  leftHanded: z.boolean().optional(),
  measured: z
    .partialRecord(z.enum(BODY_MEASURES), z.number().min(20).max(2300))
    .optional()
    .describe('Measures of the body taken by tape, mm, where they differ from the usual share of stature'),
  notes: wordsSchema(400).optional().describe('Fears and dislikes'),
})
export type Person = Readonly<z.infer<typeof personSchema>>

export const PET_RIDES = ['crate', 'belt', 'seat'] as const
export const PET_SLEEPS = ['crate', 'floor', 'bed', 'outside'] as const

export const petSchema = z.looseObject({
  label: wordsSchema(60).min(1),
  lengthMm: size.describe('Nose to rump'),
  heightMm: size.describe('At the shoulder'),
  massKg: z.number().min(0.2).max(150).optional().describe('Left out: by its size'),
  rides: z.enum(PET_RIDES).optional(),
  sleeps: z.enum(PET_SLEEPS).optional(),
  stepMm: z.number().min(0).max(1200).optional().describe('The highest step that it takes'),
})
export type Pet = Readonly<z.infer<typeof petSchema>>

export const GEAR_PLACES = ['inside', 'outside', 'roof'] as const
export const GEAR_USES = ['daily', 'weekly', 'seldom'] as const
export const MOST_GEAR = 400
/** Pieces in all. */
const MOST_PIECES = 2000

export const gearSchema = z.looseObject({
  label: wordsSchema(60).min(1),
  sizeMm: sizes.describe('Length, width and height as it stands'),
  apartMm: sizes.optional().describe('Its largest part when it is taken apart or folded'),
  count: z.number().int().min(1).max(50),
  massKg: z.number().min(0).max(600).optional().describe('Of one'),
  soft: z.boolean().optional(),
  mayLie: z.boolean().optional().describe('May lie on its side; left out: yes'),
  place: z.enum(GEAR_PLACES).optional().describe('Left out: inside'),
  use: z.enum(GEAR_USES).optional(),
  by: idSchema.optional().describe('Whose it is'),
  wet: z.boolean().optional().describe('Comes back wet or dirty'),
  hidden: z.boolean().optional().describe('Of value: out of sight'),
  charges: z.boolean().optional().describe('Has a battery to charge'),
})
export type Gear = Readonly<z.infer<typeof gearSchema>>

export const COOKING = ['never', 'sometimes', 'daily'] as const
export const COOKING_ON = ['hob', 'induction', 'outside'] as const
export const WASHING = ['none', 'outside', 'inside'] as const
export const TOILETS = ['none', 'portable', 'cassette', 'separating', 'dry'] as const
export const HEATING = ['none', 'diesel', 'gas', 'electric'] as const
export const ENERGY = ['hook-up', 'driving', 'solar', 'mixed'] as const
export const SHARED = ['no', 'daily', 'cargo'] as const
export const PERMANENCE = ['built-in', 'removable', 'no-holes'] as const
export const FUTURES = ['child', 'sold', 'battery', 'longer-stays', 'other-driver'] as const

/** What of the use of water can be said. */
export type WaterHabit = 'drinkL' | 'dishesL' | 'handsL' | 'showerMin' | 'showerLpm' | 'toiletL' | 'petL' | 'rinseL'
export const WATER_HABIT_LIMITS: Readonly<Record<WaterHabit, readonly [min: number, max: number]>> = {
  drinkL: [0, 20],
  dishesL: [0, 40],
  handsL: [0, 40],
  showerMin: [0, 30],
  showerLpm: [1, 20],
  toiletL: [0, 40],
  petL: [0, 20],
  rinseL: [0, 200],
}
const waterSchema = z.looseObject(
  Object.fromEntries(
    Object.entries(WATER_HABIT_LIMITS).map(([habit, [min, max]]) => [habit, z.number().min(min).max(max).optional()]),
  ) as Record<WaterHabit, z.ZodOptional<z.ZodNumber>>,
)

/** What is done with the vehicle. What is left out has a usual value, shown as such. */
export const useSchema = z.looseObject({
  nightsPerYear: z.number().min(0).max(366).optional(),
  offHookUpPercent: z.number().min(0).max(100).optional(),
  nightsBetweenPower: z.number().min(0).max(120).optional(),
  nightsBetweenWater: z.number().min(0).max(60).optional().describe('From one filling of fresh water to the next'),
  water: waterSchema
    .optional()
    .describe('A day: litres for each person, animal and outside; minutes and litres a minute of a shower'),
  coldestC: z.number().min(-50).max(30).optional(),
  hottestC: z.number().min(0).max(55).optional(),
  latitudeDeg: z.number().min(-80).max(80).optional(),
  altitudeM: z.number().min(-400).max(5500).optional(),
  drivingHours: z.number().min(0).max(16).optional(),
  shared: z.enum(SHARED).optional(),
  parkingLengthMm: z.number().min(2500).max(18_000).optional(),
  parkingHeightMm: z.number().min(1500).max(4500).optional(),
  stealth: z.boolean().optional(),
  cooking: z.enum(COOKING).optional(),
  cook: idSchema.optional().describe('Who cooks; left out: all by turns'),
  cookingOn: z.enum(COOKING_ON).optional(),
  bedEdgeSeats: z.boolean().optional().describe('One may sit on the edge of a bed by day'),
  coldOutside: z.boolean().optional().describe('The cold box is reached from outside too'),
  washing: z.enum(WASHING).optional(),
  toilet: z.enum(TOILETS).optional(),
  heating: z.enum(HEATING).optional(),
  energy: z.enum(ENERGY).optional(),
  guests: z.number().int().min(0).max(8).optional().describe('At the table besides those who live in it'),
  permanence: z.enum(PERMANENCE).optional(),
  finish: wordsSchema(120).optional(),
  budget: z.number().min(0).max(10_000_000).optional().describe('In whole units of the client’s money'),
  reservePercent: z.number().min(0).max(100).optional(),
  wantedBy: z
    .string()
    .regex(/^\d{4}-\d{2}-\d{2}$/, 'a date looks like 2027-04-30')
    .optional(),
  planYears: z.number().int().min(0).max(15).optional().describe('Children are planned for as tall as they are then'),
  future: z.array(z.enum(FUTURES)).max(FUTURES.length).optional(),
})
export type Use = Readonly<z.infer<typeof useSchema>>

export const demandSchema = z.looseObject({
  need: z.enum(NEEDS),
  must: z.boolean().describe('A must; otherwise a wish'),
  weight: z.number().int().min(1).max(5).optional().describe('How much a wish counts'),
  label: wordsSchema(60).optional(),
  quantity: z
    .number()
    .int()
    .min(0)
    .max(999)
    .optional()
    .describe('Left out: as the people and nights of the brief imply'),
  sizeMm: sizes.optional().describe('For stowage: the piece’s length, width and height'),
})
export type Demand = Readonly<z.infer<typeof demandSchema>>

/** What the designer changed in a demand that the answers imply. */
export const adjustSchema = z.looseObject({
  must: z.boolean().optional(),
  weight: z.number().int().min(1).max(5).optional(),
  quantity: z.number().int().min(0).max(999).optional(),
  waived: wordsSchema(200).min(1).optional().describe('Not held against the plan, and why'),
  split: z.array(z.number().int().min(1).max(99)).min(2).max(6).optional().describe('Quantities of its parts'),
  into: z.string().max(110).optional().describe('Counted with this other demand of the same need'),
})
export type Adjust = Readonly<z.infer<typeof adjustSchema>>

/** A derived demand's id, and so the key of what was changed in it. */
export const adjustIdSchema = z
  .string()
  .regex(/^need-[a-z0-9-]{1,100}$/, 'the id of a demand that follows from answers')

/** The most of what has no limit of its own. */
export const MAX_ENTRIES = 200
/** The most people, and the most pets, of a brief. */
export const MOST_PEOPLE = 60

export const recordOf = <T extends z.ZodType>(value: T, max = MAX_ENTRIES) =>
  z
    .record(idSchema, value)
    .refine((record) => Object.keys(record).length <= max, { message: `holds more than ${max} entries` })

export const briefSchema = z.looseObject({
  people: recordOf(personSchema, MOST_PEOPLE),
  pets: recordOf(petSchema, MOST_PEOPLE),
  gear: recordOf(gearSchema, MOST_GEAR)
    .superRefine((gear, context) => {
      const pieces = Object.values(gear).reduce((sum, { count }) => sum + count, 0)
      if (pieces > MOST_PIECES)
        context.addIssue({ code: 'custom', message: `holds ${pieces} pieces in all; at most ${MOST_PIECES}` })
    })
    .optional(),
  use: useSchema.optional(),
  nightsOffHookUp: z.number().min(0).max(60),
  derives: z.boolean().optional().describe('Its demands follow from the answers; otherwise only those typed count'),
  demands: recordOf(demandSchema),
  adjust: z
    .record(adjustIdSchema, adjustSchema)
    .refine((record) => Object.keys(record).length <= MAX_ENTRIES, {
      message: `holds more than ${MAX_ENTRIES} entries`,
    })
    .optional(),
  notes: wordsSchema(4000).default(''),
})
export type Brief = Readonly<z.infer<typeof briefSchema>>
