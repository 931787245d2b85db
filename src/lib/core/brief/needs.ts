import { ACCESS, ACCESS_SOURCE } from '../people'
import { ageOf } from './answers'
import type { Need, Person, Purpose } from './schema'

/** Where a figure comes from. `practice` is common practice without a source. */
export type Basis =
  | { readonly kind: 'practice'; readonly note: string }
  | { readonly kind: 'source'; readonly note: string }
  | { readonly kind: 'geometry'; readonly note: string }
  | { readonly kind: 'brief'; readonly note: string }

/** What a sleeper wants beyond their stature, lying straight. */
export const BERTH_SPARE_MM = 50
/** Width for one sleeper of two side by side: half a small double of 1200 (common mattress size, from memory). */
export const SLEEPER_WIDTH_MM = 600
/** A broad build wants so much more beside another, a slight one so much less; who is not grown up, by their stature. Common practice, no source. */
const BY_BUILD_MM = { slight: -50, usual: 0, broad: 50 } as const
const GROWN_MM = 1750
/** The narrowest that anyone lies in. Common practice, no source. */
const LEAST_WIDTH_MM = 350

/** Width in a shared bed for one sleeper, where a usual grown one has `grownMm`. */
export function sleeperWidthMm(person: Person, grownMm = SLEEPER_WIDTH_MM): number {
  const age = ageOf(person)
  if (age === 'child' || age === 'infant')
    return Math.round(Math.max(LEAST_WIDTH_MM, Math.min(1, person.statureMm / GROWN_MM) * grownMm))
  return grownMm + BY_BUILD_MM[person.build ?? 'usual']
}
/** Width for one who sleeps alone. */
export const SINGLE_BERTH_MM = 650
/** Place at a table, along its edge. */
export const TABLE_PLACE_MM = 550
interface NeedFacts {
  /** Length, width and, where it counts, height in mm that one of it usually takes. */
  readonly sizeMm: readonly number[]
  readonly purpose: Purpose
  readonly unit: 'count' | 'litres'
  readonly basis: Basis
  /** Whether furniture along a wall meets it, so that its length counts against the walls. */
  readonly alongWall: boolean
}

const practice = (note: string): Basis => ({ kind: 'practice', note })
const published = (note: string): Basis => ({ kind: 'source', note })

export const NEED_FACTS: Record<Need, NeedFacts> = {
  berth: {
    sizeMm: [1900, 1200],
    purpose: 'sleeping',
    unit: 'count',
    basis: practice('height plus {50}; {600} of width for each of two'),
    alongWall: true,
  },
  cot: {
    sizeMm: [1200, 600],
    purpose: 'sleeping',
    unit: 'count',
    basis: practice('a cot mattress of {1200 × 600} with a rail or net, where no seat is needed for it'),
    alongWall: false,
  },
  belt: {
    sizeMm: [450, 500],
    purpose: 'driving',
    unit: 'count',
    basis: practice('who travels is counted by approved, belted seats'),
    alongWall: false,
  },
  seat: {
    sizeMm: [550, 500],
    purpose: 'living',
    unit: 'count',
    basis: practice('room for everyone to sit when it rains: the most common regret'),
    alongWall: false,
  },
  'table-seat': {
    sizeMm: [TABLE_PLACE_MM, 400],
    purpose: 'living',
    unit: 'count',
    basis: practice('{550} of table edge for each'),
    alongWall: false,
  },
  toilet: {
    sizeMm: [450, 400],
    purpose: 'sleeping',
    unit: 'count',
    basis: practice(
      'a boxed toilet of {400 × 450}; portable {420 × 380}, cassette {450 × 600}, separating {500 × 450}, dry {450 × 450}',
    ),
    alongWall: true,
  },
  shower: {
    sizeMm: [760, 760],
    purpose: 'living',
    unit: 'count',
    basis: published(
      `a tray of {760 × 760} to stand and turn in, trade practice; rolled into, {1525 × 760}: ${ACCESS_SOURCE}`,
    ),
    alongWall: true,
  },
  hob: {
    sizeMm: [1200, 500],
    purpose: 'living',
    unit: 'count',
    basis: practice('a worktop of {1200} with sink and hob, {1400} for daily cooking'),
    alongWall: true,
  },
  basin: {
    sizeMm: [450, 450],
    purpose: 'living',
    unit: 'count',
    basis: practice('a basin of about {380} in a short worktop'),
    alongWall: true,
  },
  'cold-box': {
    sizeMm: [560, 540],
    purpose: 'living',
    unit: 'count',
    basis: practice('an upright fridge of about 90 L, {560 × 540}; 130 L, {600 × 560}, for two who cook daily'),
    alongWall: true,
  },
  desk: {
    sizeMm: [1000, 500],
    purpose: 'living',
    unit: 'count',
    basis: practice('{600} without a screen, {800} with one, {1000} with two side by side, {400} more for each beyond'),
    alongWall: true,
  },
  stowage: {
    sizeMm: [400, 300, 300],
    purpose: 'driving',
    unit: 'count',
    basis: { kind: 'brief', note: 'the size typed in' },
    alongWall: false,
  },
  'outside-store': {
    sizeMm: [400, 300, 300],
    purpose: 'driving',
    unit: 'count',
    basis: { kind: 'brief', note: 'the size typed in; outside or on the roof, held by points that carry it' },
    alongWall: false,
  },
  water: {
    sizeMm: [500, 400],
    purpose: 'living',
    unit: 'litres',
    basis: practice('11 L for each sleeper and night, 21 L with a shower inside, 2 L for a pet'),
    alongWall: false,
  },
  'pet-place': {
    sizeMm: [800, 500],
    purpose: 'driving',
    unit: 'count',
    basis: practice('nose to rump and a sixth more, by three fifths of that; secured on the road'),
    alongWall: false,
  },
  'wheelchair-place': {
    sizeMm: ACCESS.clearFloorMm,
    purpose: 'driving',
    unit: 'count',
    basis: published(
      `${ACCESS_SOURCE}: clear floor {1220 × 760}, or the chair as it was measured; tie-downs and belt by a licensed fitter`,
    ),
    alongWall: false,
  },
  'turning-circle': {
    sizeMm: [ACCESS.turningMm, ACCESS.turningMm],
    purpose: 'living',
    unit: 'count',
    basis: published(`${ACCESS_SOURCE}: turning circle {1525}, or the chair’s own as it was measured`),
    alongWall: false,
  },
  bedside: {
    sizeMm: [350, 300],
    purpose: 'sleeping',
    unit: 'count',
    basis: practice('a shelf with a lip and a socket within reach of the pillow'),
    alongWall: false,
  },
  heater: {
    sizeMm: [400, 250],
    purpose: 'sleeping',
    unit: 'count',
    basis: practice('a small air heater with its ducts; fuel and flue by a licensed fitter'),
    alongWall: false,
  },
}
