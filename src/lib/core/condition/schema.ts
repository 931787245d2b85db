import { z } from 'zod'
import { wordsSchema } from '../shell'

/** What is found on a vehicle as it was bought. */
export const FOUND_KINDS = [
  'rust',
  'hole',
  'leak',
  'damp',
  'floor',
  'seal',
  'glass',
  'dent',
  'wiring',
  'running-gear',
  'comes-out',
  'stays',
  'other',
] as const
export type FoundKind = (typeof FOUND_KINDS)[number]

/** The steps of the work, in the order in which one bars the next; the common order of a build, no source. */
export const WORK_STEPS = ['strip', 'mend', 'cut', 'wire', 'line', 'furnish', 'drive'] as const
export type WorkStep = (typeof WORK_STEPS)[number]

/**
 * Before which step each is put right unless someone says otherwise: metal and water before what hides them, the floor
 * before it is covered, the engine before it is driven; common practice, no source. Null: no step waits for it.
 */
export const DUE_BEFORE: Readonly<Record<FoundKind, WorkStep | null>> = {
  rust: 'cut',
  hole: 'cut',
  leak: 'wire',
  damp: 'wire',
  floor: 'line',
  seal: 'wire',
  glass: 'line',
  dent: 'line',
  wiring: 'line',
  'running-gear': 'drive',
  'comes-out': 'mend',
  stays: null,
  other: null,
}

/** A photo is named by the start of the SHA-256 of its bytes. */
export const photoIdSchema = z.string().regex(/^[0-9a-f]{32}$/, 'a photo is named by 32 hexadecimal figures')

export const MOST_FOUND = 100
export const MOST_PHOTOS_EACH = 8
export const FOUND_LIMITS = { costMinor: 100_000_000, minutes: 60_000, leastMm: 10, mostMm: 8000 } as const

const place = (min: number, max: number) => z.number().min(min).max(max)
const size = place(FOUND_LIMITS.leastMm, FOUND_LIMITS.mostMm)

export const foundSchema = z.looseObject({
  kind: z.enum(FOUND_KINDS),
  label: wordsSchema(80),
  note: wordsSchema(1000).optional(),
  at: z
    .tuple([place(-2000, 16_000), place(-2000, 2000), place(-1500, 4000)])
    .optional()
    .describe('Its middle, in the vehicle’s frame; left out where it has no one place'),
  sizeMm: z.tuple([size, size, size]).describe('How large, along x, y and z'),
  before: z.enum(WORK_STEPS).nullable().describe('Which step of the work waits for it; null: none'),
  costMinor: z.number().int().min(0).max(FOUND_LIMITS.costMinor).optional().describe('In cents, pence or the like'),
  minutes: z.number().int().min(0).max(FOUND_LIMITS.minutes).optional().describe('Of work'),
  done: z.boolean().optional().describe('Put right'),
  photos: z.array(photoIdSchema).max(MOST_PHOTOS_EACH).optional(),
})
export type Found = Readonly<z.infer<typeof foundSchema>>
/** The vehicle as it was bought: what was found on it, by id. */
export type FoundList = Readonly<Record<string, Found>>

/** One more of a kind, with what is usual for it. */
export const newFound = (kind: FoundKind): Found => ({
  kind,
  label: '',
  sizeMm: [300, 300, 300],
  before: DUE_BEFORE[kind],
})

/** The same thing otherwise named: its step follows where it was the usual one. */
export const foundAs = (found: Found, kind: FoundKind): Found => ({
  ...found,
  kind,
  before: found.before === DUE_BEFORE[found.kind] ? DUE_BEFORE[kind] : found.before,
})

/** What is found on a vehicle that is turned for the other side of the road. */
export const mirroredFound = (found: Found): Found =>
  found.at === undefined ? found : { ...found, at: [found.at[0], -found.at[1], found.at[2]] }
