import type { Job, PowerAssumedKey } from '../../job'
import { DAYS, HOURS, MONTH_OF } from '../../sky'
import { caseOf, percent, supplyOf, wantsOf, type PowerCase } from './case'
import type { Load } from './loads'
import type { Plant } from './plant'
import { darkDaysOf, darkHoursOf, emptyOf, simulate, type Year } from './simulate'
import { firstFailOf, type FirstFail } from './week'

/** What a load takes on a mean day that is lived in. */
export interface LoadRow {
  readonly load: Load
  /** At the battery, losses of the inverter with it; past the battery at a hook-up. */
  readonly whADay: number
  readonly hoursADay: number
  /** Needs mains voltage, and there is no inverter: it runs at a hook-up only. */
  readonly hasNoInverter: boolean
}

/** How a year goes: plain data, a few kilobytes. */
export interface PowerReport {
  readonly variantId: string
  readonly plant: Plant
  readonly rows: readonly LoadRow[]
  readonly livedDays: number
  readonly darkDays: readonly number[]
  readonly darkHours: number
  /** Aboard, in which not even what is vital was served. */
  readonly emptyHours: number
  /** With nobody aboard, on which nothing was left for what runs all the same. */
  readonly emptyDaysAway: number
  /** Of each day, least and most, as shares of the capacity. */
  readonly band: readonly (readonly [number, number])[]
  /** First day of the worst seven. */
  readonly worstWeek: number
  readonly firstFail: FirstFail | undefined
  readonly lowest: number
  /** Days on which it was too cold to charge. */
  readonly frozenDays: number
  /** What is in the battery where everything but the vital is shed, as a share. */
  readonly keptAt: number
  /** Whole charges through the battery in the year. */
  readonly cycles: number
  /** What of the year’s sun the panels lose to what stands higher on the roof, as a share. */
  readonly shaded: number
  /** How far from level they lie on the roof, degrees, by their watts. */
  readonly tiltDeg: number
  /** What of the roof panels can cover, those that lie there already with it, m². */
  readonly roofRoomM2: number
  /** On a mean day that is lived in, Wh. */
  readonly perDay: {
    readonly wants: number
    readonly sun: number
    readonly engine: number
    readonly mains: number
    readonly direct: number
    readonly wasted: number
    readonly unserved: number
  }
  readonly assumed: Readonly<Record<PowerAssumedKey, number>>
  /** Days of the year that measured weather does not have; undefined where it is all typical. */
  readonly gaps: number | undefined
  /** Dark days, if every day that was not measured had half the sun of a typical one, and half as much again. */
  readonly between: readonly [least: number, most: number] | undefined
}

/** How far a day that nobody measured may be from a typical one. Common practice, no source. */
const GAP_SUN = [0.5, 1.5] as const

/** The dark days as they may be where the weather has gaps. */
function betweenOf(job: Job, of: PowerCase): PowerReport['between'] {
  const days = job.power?.weather?.days
  if (days === undefined || days.every((day) => day !== null)) return undefined
  const counts = GAP_SUN.map((share) => {
    const sunPerWatt = of.sunPerWatt.map((wh, at) => (days[Math.floor(at / HOURS)] === null ? wh * share : wh))
    return darkDaysOf(simulate(supplyOf({ ...of, sunPerWatt }), wantsOf(of)), of.journey.lived).length
  })
  return [Math.min(...counts), Math.max(...counts)]
}

const WEEK = 7

/** Runs the year of a variant. */
export function powerReport(job: Job, variantId: string): PowerReport {
  const of = caseOf(job, variantId)
  return reportOn(job, variantId, of, simulate(supplyOf(of), wantsOf(of)))
}

function reportOn(job: Job, variantId: string, of: PowerCase, year: Year): PowerReport {
  const { plant, journey, loads, wants, assumed } = of
  const livedDays = Math.max(1, journey.livedDays)
  const band = Array.from({ length: DAYS }, (_, day) => {
    let [least, most] = [Infinity, -Infinity]
    for (let at = day * HOURS; at < (day + 1) * HOURS; at += 1) {
      const charge = year.charge[at] ?? 0
      if (charge < least) least = charge
      if (charge > most) most = charge
    }
    return [least, most] as const
  })
  const darkDays = darkDaysOf(year, journey.lived)
  const empty = emptyOf(year, journey.lived)
  const inverter = percent(assumed.inverterPercent)
  const rows = loads.map((load, at): LoadRow => {
    const hours = wants[at] ?? new Float64Array()
    // at the battery, off a hook-up
    const away = load.from === 'battery' ? 1 : plant.inverterWatts > 0 ? 1 / inverter : 0
    let [wh, ran] = [0, 0]
    for (let hour = 0; hour < hours.length; hour += 1) {
      const want = hours[hour] ?? 0
      if (want === 0) continue
      // on days that nobody is aboard what guards draws on: no part of a day that is lived in
      if (journey.lived[hour] === 0) continue
      ran += want
      wh += journey.hookUp[hour] === 0 ? want * away : want
    }
    return {
      load,
      whADay: wh / livedDays,
      hoursADay: load.watts === 0 ? 0 : ran / load.watts / livedDays,
      hasNoInverter: load.from === 'mains' && plant.inverterWatts === 0,
    }
  })
  const dayed = (wh: number): number => wh / livedDays
  return {
    variantId,
    plant,
    rows: [...rows].sort((a, b) => b.whADay - a.whADay),
    livedDays: journey.livedDays,
    darkDays,
    darkHours: darkHoursOf(year, journey.lived),
    emptyHours: empty.hours,
    emptyDaysAway: empty.daysAway,
    band,
    worstWeek: worstWeek(band, darkDays),
    firstFail: firstFailOf(of, year),
    lowest: year.lowest,
    frozenDays: year.frozenDays,
    keptAt: plant.capacityWh === 0 ? 0 : 1 - plant.usable + percent(assumed.keptBackPercent),
    shaded: of.shaded,
    tiltDeg: of.tiltDeg,
    roofRoomM2: of.roofRoomM2,
    cycles: plant.capacityWh === 0 ? 0 : year.chargedWh / plant.capacityWh,
    perDay: {
      wants: rows.reduce((sum, { whADay }) => sum + whADay, 0),
      sun: dayed(year.aboard.sun),
      engine: dayed(year.aboard.engine),
      mains: dayed(year.aboard.mains),
      direct: dayed(year.aboard.direct),
      wasted: dayed(year.aboard.wasted),
      unserved: dayed(year.aboard.unserved),
    },
    assumed,
    gaps: job.power?.weather?.days.filter((day) => day === null).length,
    between: betweenOf(job, of),
  }
}

/** The seven days with most dark ones, and of those the ones with least in the battery. */
function worstWeek(band: readonly (readonly [number, number])[], darkDays: readonly number[]): number {
  const dark = new Set(darkDays)
  let [worst, worstAt] = [-Infinity, 0]
  for (let day = 0; day + WEEK <= band.length; day += 1) {
    let bad = 0
    for (let at = day; at < day + WEEK; at += 1) bad += (dark.has(at) ? 10 : 0) + 1 - (band[at]?.[0] ?? 0)
    if (bad > worst) [worst, worstAt] = [bad, day]
  }
  return worstAt
}

/** Dark days by the month. */
export const darkByMonth = (darkDays: readonly number[]): readonly number[] =>
  Array.from({ length: 12 }, (_, month) => darkDays.filter((day) => MONTH_OF[day] === month).length)
