import { z } from 'zod'
import { recordOf } from '../brief'
import { wordsSchema } from '../shell'
import { CLIMATE_IDS, DAYS, HOURS } from '../sky'

/** What is taken where nobody said it; each with its basis in the words. Common practice, no source; prices are typical of 2026, in the client’s money. */
export const POWER_ASSUMED = {
  /** Days of a year on which something may be shed. */
  darkDays: 2,
  /** Of what a battery holds, kept back for what is never shed, %. */
  keptBackPercent: 10,
  /** What of a panel’s watts arrives in the battery: heat, dirt, wires and controller, %. */
  sunPercent: 75,
  /** Panels that are set out on the ground where one stays, on their cable, W. */
  setOutWatts: 0,
  /** What a battery has left of its capacity when it is some years old, %. */
  agePercent: 90,
  /** What an inverter makes of what it takes, %. */
  inverterPercent: 90,
  /** What of the volts may be lost on a wire’s way, and on that of lights and sockets, %. */
  dropPercent: 3,
  lightDropPercent: 5,
  pricePerWh: 0.35,
  pricePerPanelW: 0.9,
  pricePerChargerA: 9,
} as const
export type PowerAssumedKey = keyof typeof POWER_ASSUMED
export const POWER_ASSUMED_LIMITS: Readonly<Record<PowerAssumedKey, readonly [min: number, max: number]>> = {
  darkDays: [0, 365],
  keptBackPercent: [0, 50],
  sunPercent: [20, 100],
  setOutWatts: [0, 2000],
  agePercent: [30, 100],
  inverterPercent: [50, 100],
  dropPercent: [0.5, 15],
  lightDropPercent: [0.5, 15],
  pricePerWh: [0, 1000],
  pricePerPanelW: [0, 1000],
  pricePerChargerA: [0, 10_000],
}

const month = z.number().int().min(1).max(12)

/** Where the vehicle is for a part of the year. */
export const legSchema = z.looseObject({
  from: month.describe('First month, 1 to 12'),
  to: month.describe('Last month; before the first: over the turn of the year'),
  latitudeDeg: z.number().min(-80).max(80).describe('South of the equator below 0'),
  climate: z.enum(CLIMATE_IDS),
  nights: z.number().int().min(0).max(31).describe('Nights aboard in each month, one after the other'),
  drivingHours: z.number().min(0).max(16).describe('On each day that it is lived in'),
  hookUpEvery: z
    .number()
    .int()
    .min(0)
    .max(31)
    .describe('A hook-up on every night whose number divides by this; 1: every night, 0: none'),
})
export type Leg = Readonly<z.infer<typeof legSchema>>
export const MOST_LEGS = 12

export const EXTRA_TIMES = ['day', 'evening', 'night', 'always'] as const
export const extraSchema = z.looseObject({
  label: wordsSchema(60).min(1),
  from: z.enum(['battery', 'mains']).describe('Mains voltage comes from the inverter, or from a hook-up'),
  watts: z.number().gt(0).max(5000),
  hours: z.number().min(0).max(24).describe('A day'),
  when: z.enum(EXTRA_TIMES),
  isVital: z.boolean().optional().describe('Is never shed: a machine that keeps someone alive'),
})
export type Extra = Readonly<z.infer<typeof extraSchema>>
export const MOST_EXTRAS = 40

/** What was said of a load that a fitting, a person or the plan brings. */
const loadNoteSchema = z.looseObject({
  hours: z.number().min(0).max(24).optional().describe('A day, in place of what follows from the brief'),
  onlyHookUp: z.boolean().optional().describe('Runs at a hook-up only'),
})
const MOST_NOTES = 300

/** A day as it was measured: sun on the level, kWh/m²; mean, °C; swing, K. */
const measuredDay = z.tuple([z.number().min(0).max(14), z.number().min(-60).max(60), z.number().min(0).max(60)])
/** The same by its hours: sun on the level, W/m²; °C. */
const measuredHours = z.looseObject({
  sunWm2: z.array(z.number().min(0).max(1500)).length(HOURS),
  outsideC: z.array(z.number().min(-60).max(60)).length(HOURS),
})
export const weatherSchema = z.looseObject({
  name: wordsSchema(80).min(1),
  days: z
    .array(z.union([measuredDay, measuredHours]).nullable())
    .length(DAYS)
    .describe('Of each day of the year, as a whole or by its hours; null where it was not measured'),
})
export type WeatherNotes = Readonly<z.infer<typeof weatherSchema>>

export const loadIdSchema = z.string().regex(/^[a-z0-9-]{1,140}$/, 'an id of a load is in lower-case letters')

/** A circuit of one’s own: what hangs together on one fuse, in place of what the program gathers. */
export const circuitSchema = z.looseObject({
  label: wordsSchema(40).min(1),
  serves: z.array(z.string().min(1).max(100)).min(1).max(40).describe('Fittings, by their ids'),
})
export type OwnCircuit = Readonly<z.infer<typeof circuitSchema>>
export const MOST_CIRCUITS = 40

/** Sections that conductors are sold in, mm². IEC 60228. */
export const SECTIONS_MM2 = [1.5, 2.5, 4, 6, 10, 16, 25, 35, 50, 70, 95, 120] as const
export type SectionMm2 = (typeof SECTIONS_MM2)[number]
export const sectionSchema = z.literal([...SECTIONS_MM2])

/** What goes with a wire besides its fuse. */
export const WIRE_PARTS = ['switch', 'dimmer', 'timer', 'residual-current'] as const
export type WirePart = (typeof WIRE_PARTS)[number]

/** What somebody chose for a wire in place of what the program works out. */
export const wireNoteSchema = z.looseObject({
  mm2: sectionSchema.optional(),
  fuseA: z.number().min(1).max(400).optional(),
  with: z.array(z.enum(WIRE_PARTS)).max(WIRE_PARTS.length).optional().describe('All that goes with it'),
})
export const carriesSchema = z.number().min(1).max(600).describe('What a wire of this section carries for long, A')

export const powerSchema = z.looseObject({
  assume: z
    .looseObject(
      Object.fromEntries(
        Object.entries(POWER_ASSUMED_LIMITS).map(([key, [min, max]]) => [key, z.number().min(min).max(max).optional()]),
      ) as Record<PowerAssumedKey, z.ZodOptional<z.ZodNumber>>,
    )
    .optional(),
  legs: recordOf(legSchema, MOST_LEGS).optional(),
  extras: recordOf(extraSchema, MOST_EXTRAS).optional(),
  loads: z
    .record(loadIdSchema, loadNoteSchema)
    .refine((record) => Object.keys(record).length <= MOST_NOTES, { message: `holds more than ${MOST_NOTES} entries` })
    .optional(),
  weather: weatherSchema.optional(),
  circuits: recordOf(circuitSchema, MOST_CIRCUITS).optional(),
  wires: z
    .record(loadIdSchema, wireNoteSchema)
    .refine((record) => Object.keys(record).length <= MOST_NOTES, { message: `holds more than ${MOST_NOTES} entries` })
    .optional()
    .describe('By the id of the wire'),
  carries: z
    .record(z.string().regex(/^[\d.]{1,5}$/, 'a section is in mm²'), carriesSchema)
    .optional()
    .describe('The shop’s own table: amperes by section'),
})
export type PowerNotes = Readonly<z.infer<typeof powerSchema>>
