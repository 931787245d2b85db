import type { z } from 'zod'
import { END, FRONT, topAnd, type Adjust } from './adjust'
import { board, PLY_MM } from './boards'
import {
  defineKind,
  type FittingKind,
  type KindDefinition,
  type LocalClearance,
  type LocalService,
  type Part,
} from './contract'
import { BOUGHT, type Facts } from './facts'
import type { Parameters } from './parameters'
import { about, above, centred, inFront, lengthParameter, onTheWall, rigid } from './shapes'

const KNEES_MM = 400
/** From the seat to over the head of one who sits: 0.520 of 1730 mm. Drillis & Contini 1966 (from memory). */
const SITTING_MM = 900

export const toiletParameters = (lengthMm: number, depthMm: number) => ({
  lengthMm: lengthParameter(lengthMm, 330, 700),
  depthMm: lengthParameter(depthMm, 340, 700),
  seatMm: lengthParameter(440, 320, 520).describe('Top of the seat above its base'),
})

export interface Toilet {
  readonly lengthMm: number
  readonly depthMm: number
  readonly seatMm: number
}

/** Room to sit on it: feet and knees before it, trunk and head above it. `shift` moves the seat to its front when it runs out. */
export const sittingOn = (p: Toilet, shift = 0): readonly LocalClearance[] => [
  inFront('knees', 'sit', ['toilet'], about(p.lengthMm), -p.depthMm / 2 - shift, KNEES_MM, 1100),
  above(
    'sitting',
    'sit',
    ['toilet'],
    about(p.lengthMm),
    { min: -p.depthMm / 2 - shift, max: p.depthMm / 2 - 120 - shift },
    p.seatMm,
    SITTING_MM,
  ),
]
const TOILET: LocalService = { type: 'toilet', quantity: 1, approach: 'knees' }

/** What falls into a toilet and how it leaves again. Litres of its tank or tub. */
export const toiletFacts = (litres: number, comesOut: 'outside' | 'inside'): Facts => ({
  ...BOUGHT,
  holds: [{ what: 'waste', litres, comesOut }],
})

/** Its seat is its top. */
export const TOILET_ADJUST = { lengthMm: END, depthMm: FRONT, seatMm: topAnd('seat') } as const

/** The box of boards that a toilet is built into. */
export const toiletBoards = (p: Toilet): readonly Part[] => [
  board('sides', 2 * (p.lengthMm + p.depthMm), p.seatMm, PLY_MM, 1, 'birch-ply'),
  board('lid', p.lengthMm, p.depthMm, PLY_MM, 1, 'birch-ply'),
]

const SHUT = { stances: ['shut'], stanceFor: { driving: 'shut', living: 'shut', sleeping: 'shut' } } as const

/** Declares a toilet that stands against a wall and is sat on as it stands; one that does otherwise says so. */
export function toiletKind<S extends z.ZodObject>(
  definition: Pick<KindDefinition<z.infer<S> & Parameters & Toilet>, 'id' | 'facts' | 'features' | 'parts'> &
    Partial<Omit<KindDefinition<z.infer<S> & Parameters & Toilet>, 'parameters' | 'adjust'>> & {
      readonly parameters: S
      readonly adjust: { readonly [K in keyof z.infer<S>]: Adjust<z.infer<S> & Parameters> }
      /** Room to look after it, besides that to sit on it. */
      readonly serviced?: (p: z.infer<S> & Toilet) => readonly LocalClearance[]
      readonly part: string
    },
): FittingKind {
  const { serviced, part, ...own } = definition
  type P = z.infer<S> & Parameters & Toilet
  return defineKind({
    group: 'wet',
    ...SHUT,
    meets: ['toilet'],
    home: onTheWall,
    scribedAt: 'bottom',
    footprint: (p: P) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.seatMm }),
    solids: (p: P) => [rigid(part, centred(p.lengthMm, p.depthMm, 0, p.seatMm))],
    clearances: (p: P) => [...sittingOn(p), ...(serviced?.(p) ?? [])],
    services: () => [TOILET],
    ...own,
  } as never)
}
