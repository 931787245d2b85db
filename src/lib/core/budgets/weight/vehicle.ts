import type { Vec3 } from '../../geometry'
import type { Job, Weighing } from '../../job'
import { floorOverGround } from '../../scene'
import type { Interior, Shell } from '../../shell'
import { weightEntry, type Unknown, type WeightEntry } from './entry'

/** Two axles on which a vehicle stands. */
export interface Axles {
  readonly rearXMm: number
  readonly wheelbaseMm: number
  /** Left undefined where it was not measured: then no wheel is told from its like. */
  readonly trackMm: number | undefined
}

export const axlesOf = ({ axles }: Shell): Axles => ({
  rearXMm: axles.rearXMm,
  wheelbaseMm: axles.wheelbaseMm,
  trackMm: axles.trackMm,
})

/** The vehicle as it was delivered, before anything was taken out or put in. */
export interface Delivered {
  readonly entries: readonly WeightEntry[]
  readonly unknown: readonly Unknown[]
  /** Share of the kerb mass on the front axle. */
  readonly frontShare: number
  /** The weighing that it is taken from, if it is. */
  readonly weighing: Weighing | undefined
}

/** Diesel, kg/L. Handbook value, from memory. */
const FUEL_KG_PER_L = 0.832
/** Where nobody measured it: fuel, litres. Common practice, no source. */
const FUEL_L = { low: 50, usual: 75, high: 120 } as const
/** A fuel tank’s place, as a share of the wheelbase ahead of the rear axle, and how far off it may be. Common practice, no source. */
const FUEL_AHEAD = { share: 0.6, spread: 0.3 } as const
/** European running order (Regulation 1230/2012, from memory): a driver of 75 kg, nine tenths of the fuel. */
const RUNNING_ORDER = { driverKg: 75, fuelPercent: 90 } as const
/** Share of an empty vehicle on its front axle where its axles were not weighed. Common practice, no source. */
const FRONT_SHARE = { usual: 0.52, spread: 0.1 } as const
/**
 * Half the track over the height of the centre of mass: the static stability factor, about 1.15 for vans (US NHTSA, from memory). Used only
 * to tell how far the centre rises.
 */
const STABILITY = 1.15
const USUAL_TRACK_MM = 1700

/** Seat of a driver, as a shell has it: the first that is called so. */
export const driversSeat = ({ cabSeats }: Shell): Shell['cabSeats'][number] | undefined =>
  cabSeats.find(({ id }) => id.includes('driver')) ?? cabSeats[0]

/** Height of the centre of an empty vehicle in the vehicle frame: measured, else by its track. */
export function centreHeight(interior: Interior): { readonly mm: number; readonly isMeasured: boolean } {
  const { masses, axles } = interior.shell
  const ground = floorOverGround(interior) ?? 0
  if (masses.centreMm !== undefined) return { mm: masses.centreMm - ground, isMeasured: true }
  return { mm: (axles.trackMm ?? USUAL_TRACK_MM) / (2 * STABILITY) - ground, isMeasured: false }
}

/** Middle of the fuel tank. */
function tankPlace(interior: Interior): { readonly at: Vec3; readonly spreadMm: number } {
  const { masses, axles } = interior.shell
  const isKnown = masses.fuelXMm !== undefined
  const x = masses.fuelXMm ?? axles.rearXMm + FUEL_AHEAD.share * axles.wheelbaseMm
  return { at: [x, 0, -200], spreadMm: isKnown ? 0 : FUEL_AHEAD.spread * axles.wheelbaseMm }
}

/** The empty vehicle with no one in it, its fuel apart. */
export function delivered(job: Job, interior: Interior): Delivered {
  const { shell } = interior
  const { masses, axles } = shell
  const unknown: Unknown[] = []
  const weighing = job.weight?.base === undefined ? undefined : job.weight.weighings?.[job.weight.base]
  const fuelL = masses.fuelL === undefined ? FUEL_L : { low: masses.fuelL, usual: masses.fuelL, high: masses.fuelL }
  if (masses.fuelL === undefined) unknown.push({ what: 'fuel-tank' })
  const tank = tankPlace(interior)
  const fuel = weightEntry({
    id: 'fuel',
    kind: 'fuel',
    of: '',
    kg: fuelL.usual * FUEL_KG_PER_L,
    lowKg: fuelL.low * FUEL_KG_PER_L,
    highKg: fuelL.high * FUEL_KG_PER_L,
    at: tank.at,
    spreadMm: tank.spreadMm,
    reason: masses.fuelL === undefined ? 'usual' : 'papers',
    may: true,
    store: 'fuel',
  })
  const z = centreHeight(interior).mm
  const placed = (
    kg: number,
    lowKg: number,
    highKg: number,
    frontKg: number,
    leftKg: number | undefined,
    spread: number,
  ) =>
    weightEntry({
      id: 'body',
      kind: 'body',
      of: '',
      kg,
      lowKg,
      highKg,
      at: [
        axles.rearXMm + (axles.wheelbaseMm * frontKg) / kg,
        leftKg === undefined || axles.trackMm === undefined ? 0 : axles.trackMm * (leftKg / kg - 0.5),
        z,
      ],
      spreadMm: spread,
      reason: weighing === undefined ? 'papers' : 'weighed',
    })

  const split =
    axles.kerbFrontKg !== undefined && axles.kerbRearKg !== undefined
      ? axles.kerbFrontKg / (axles.kerbFrontKg + axles.kerbRearKg)
      : undefined
  const frontShare = split ?? FRONT_SHARE.usual
  const read = weighing === undefined ? undefined : readingOf(weighing)
  if (weighing !== undefined && read !== undefined) {
    const { plannedKg } = weighing
    const kg = Math.max(1, read.totalKg - plannedKg.total)
    const front = read.frontKg === undefined ? kg * frontShare : read.frontKg - plannedKg.front
    const left = read.leftKg === undefined ? undefined : read.leftKg - plannedKg.left
    return { entries: [placed(kg, kg, kg, front, left, 0), fuel], unknown, frontShare, weighing }
  }

  const held = masses.kerbWith ?? RUNNING_ORDER
  if (masses.kerbWith === undefined) unknown.push({ what: 'kerb-with' })
  if (split === undefined) unknown.push({ what: 'kerb-axles' })
  const fuelKg = (fuelL.usual * FUEL_KG_PER_L * held.fuelPercent) / 100
  const bare = masses.kerbKg - held.driverKg - fuelKg
  // where nobody asked, the papers may mean the vehicle with nothing in it
  const most =
    masses.kerbWith === undefined
      ? masses.kerbKg
      : masses.kerbKg - held.driverKg - (fuelL.low * FUEL_KG_PER_L * held.fuelPercent) / 100
  const least = masses.kerbKg - held.driverKg - (fuelL.high * FUEL_KG_PER_L * held.fuelPercent) / 100
  const ahead = (x: number): number => (x - axles.rearXMm) / axles.wheelbaseMm
  const seat = driversSeat(shell)
  const front =
    masses.kerbKg * frontShare - held.driverKg * (seat === undefined ? 1 : ahead(seat.xMm)) - fuelKg * ahead(tank.at[0])
  return {
    entries: [
      placed(bare, least, most, front, undefined, split === undefined ? FRONT_SHARE.spread * axles.wheelbaseMm : 0),
      fuel,
    ],
    unknown,
    frontShare,
    weighing: undefined,
  }
}

/** What a weighbridge read, as far as it tells: the whole, the front axle, the left side. */
export function readingOf({ padsKg, axlesKg, totalKg }: Pick<Weighing, 'padsKg' | 'axlesKg' | 'totalKg'>): {
  readonly totalKg: number
  readonly frontKg: number | undefined
  readonly leftKg: number | undefined
} {
  if (padsKg !== undefined) {
    const [frontLeft, frontRight, rearLeft, rearRight] = padsKg
    const front = frontLeft + frontRight
    return { totalKg: front + rearLeft + rearRight, frontKg: front, leftKg: frontLeft + rearLeft }
  }
  if (axlesKg !== undefined) return { totalKg: axlesKg[0] + axlesKg[1], frontKg: axlesKg[0], leftKg: undefined }
  return { totalKg: totalKg ?? 0, frontKg: undefined, leftKg: undefined }
}
