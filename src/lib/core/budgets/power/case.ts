import type { Job, PowerAssumedKey } from '../../job'
import { POWER_ASSUMED } from '../../job'
import { DAYS, HOURS, onPlaneThroughYear } from '../../sky'
import { placedInAnyMode, seenOf } from '../seen'
import { bodyNeeds } from '../warmth/needs'
import { SHEDS } from './habits'
import { journeyOf, type Journey } from './journey'
import { loadsOf, wantsThroughYear, type Load } from './loads'
import { chargerWatts, plantOf, takesHookUp, type Plant } from './plant'
import { NO_SHADE, pastShade, shadeOn, type Shade } from './shade'
import { both, lyingOn, roofRoomM2 } from './tilt'
import type { Supply, Wants } from './simulate'

/** What is taken of a job’s current, as somebody said or as is usual. */
export const powerAssumedIn = ({ power }: Pick<Job, 'power'>): Readonly<Record<PowerAssumedKey, number>> => ({
  ...POWER_ASSUMED,
  ...Object.fromEntries(
    Object.entries(power?.assume ?? {}).filter(([key, value]) => key in POWER_ASSUMED && typeof value === 'number'),
  ),
})

/** All that a year is run from. */
export interface PowerCase {
  readonly plant: Plant
  readonly journey: Journey
  readonly loads: readonly Load[]
  /** What each load wants by the hour, Wh. */
  readonly wants: readonly Float64Array[]
  readonly sunPerWatt: Float64Array
  /** What panels that are set out bring, Wh an hour; undefined where there are none. */
  readonly setOut: Float64Array | undefined
  /** What of the year’s sun the panels lose to what stands higher on the roof, as a share. */
  readonly shaded: number
  /** How far from level they lie on the roof, degrees, by their watts. */
  readonly tiltDeg: number
  /** What of the roof panels can cover, those that lie there already with it, m². */
  readonly roofRoomM2: number
  readonly assumed: Readonly<Record<PowerAssumedKey, number>>
}

export const percent = (value: number): number => value / 100

/** Set out on the ground they lean towards the noon sun. Common practice, no source. */
const LEAN_DEG = 40

/** What panels of so many watts bring that are set out wherever one stays: not on the road, and not where nobody is aboard. */
function setOutSun({ weather, lived, driven }: Journey, watts: number): Float64Array {
  const leaning = (turnedDeg: number): Float64Array => onPlaneThroughYear(weather, { tiltDeg: LEAN_DEG, turnedDeg })
  const [south, north] = [leaning(0), weather.latitudeDeg.some((latitude) => latitude < 0) ? leaning(180) : undefined]
  return south.map((kwh, at) => {
    const fallen = (weather.latitudeDeg[Math.floor(at / HOURS)] ?? 0) < 0 ? (north?.[at] ?? 0) : kwh
    return fallen * watts * (lived[at] ?? 0) * (1 - (driven[at] ?? 0))
  })
}

const total = (hours: Float64Array): number => hours.reduce((sum, one) => sum + one, 0)

export function caseOf(job: Job, variantId: string): PowerCase {
  const placed = placedInAnyMode(job, variantId)
  const plant = plantOf(placed)
  const way = journeyOf(job)
  // without an inlet a hook-up on the way is none
  const journey = takesHookUp(plant) ? way : { ...way, hookUp: new Uint8Array(way.hookUp.length) }
  const loads = loadsOf(job, placed, plant)
  const assumed = powerAssumedIn(job)
  const needs = bodyNeeds(job, variantId, placed, journey.weather)
  const shade = shadeOn(placed)
  const level = onPlaneThroughYear(journey.weather)
  const { interior } = seenOf(job, variantId)
  const lying = lyingOn(interior, placed)
  const light = both(shade, lying.light)
  const falls = (one: Shade): Float64Array => (one === NO_SHADE ? level : pastShade(journey.weather, one))
  const lit = falls(light)
  const past = light === shade ? lit : falls(shade)
  return {
    plant,
    journey,
    loads,
    wants: loads.map((load) => wantsThroughYear(load, journey, needs)),
    // a watt of panel is what it gives under a kilowatt on the square metre
    sunPerWatt: lit.map((kwh) => kwh * percent(assumed.sunPercent)),
    setOut:
      assumed.setOutWatts === 0
        ? undefined
        : setOutSun(journey, assumed.setOutWatts).map((wh) => wh * percent(assumed.sunPercent)),
    shaded: 1 - total(past) / Math.max(1e-9, total(level)),
    tiltDeg: lying.deg,
    roofRoomM2: Math.max(plant.roofM2, roofRoomM2(interior, placed)),
    assumed,
  }
}

export function supplyOf(
  { plant, journey, sunPerWatt, setOut, assumed }: PowerCase,
  more: Partial<Plant> = {},
): Supply {
  const { capacityWh, usable, chemistry, sunWatts, sunAmps, engineAmps, mainsAmps, volts } = { ...plant, ...more }
  return {
    capacityWh: capacityWh * percent(assumed.agePercent),
    usable,
    chemistry,
    sunPerWatt,
    setOut,
    sunWatts,
    sunMostW: sunAmps === undefined ? Infinity : chargerWatts(sunAmps, volts),
    engineW: chargerWatts(engineAmps, volts),
    mainsW: chargerWatts(mainsAmps, volts),
    driven: journey.driven,
    hookUp: journey.hookUp,
    outsideC: journey.weather.outsideC,
    lived: journey.lived,
    isOut: plant.isOut,
    keptBack: percent(assumed.keptBackPercent),
  }
}

const sumOf = (arrays: readonly Float64Array[]): Float64Array => {
  const sum = new Float64Array(DAYS * HOURS)
  for (const one of arrays) for (let at = 0; at < sum.length; at += 1) sum[at] = (sum[at] ?? 0) + (one[at] ?? 0)
  return sum
}

/** What is wanted by what goes first; `without` leaves loads out by their id. */
export function wantsOf({ plant, loads, wants, assumed }: PowerCase, without: ReadonlySet<string> = new Set()): Wants {
  const of = (from: Load['from'], shed: Load['sheds']): Float64Array =>
    sumOf(
      wants.filter(
        (_, at) => loads[at]?.from === from && loads[at]?.sheds === shed && !without.has(loads[at]?.id ?? ''),
      ),
    )
  return {
    battery: SHEDS.map((shed) => of('battery', shed)),
    mains: SHEDS.map((shed) => of('mains', shed)),
    inverterShare: plant.inverterWatts > 0 ? percent(assumed.inverterPercent) : 0,
  }
}
