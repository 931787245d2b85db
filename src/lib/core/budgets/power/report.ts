import type { Job, PowerAssumedKey } from '../../job'
import { modesOf, planInterior, POWER_ASSUMED } from '../../job'
import { buildScene, type Placed } from '../../scene'
import { DAYS, HOURS, MONTH_OF, onPlaneThroughYear } from '../../sky'
import { SHEDS } from './habits'
import { journeyOf, type Journey } from './journey'
import { loadsOf, wantsThroughYear, type Load } from './loads'
import { chargerWatts, plantOf, type Plant } from './plant'
import { darkDaysOf, simulate, type Supply, type Wants, type Year } from './simulate'

/** What is taken of a job’s current, as somebody said or as is usual. */
export const powerAssumedIn = ({ power }: Pick<Job, 'power'>): Readonly<Record<PowerAssumedKey, number>> => ({
  ...POWER_ASSUMED,
  ...Object.fromEntries(
    Object.entries(power?.assume ?? {}).filter(([key, value]) => key in POWER_ASSUMED && typeof value === 'number'),
  ),
})

/** Everything that is placed in any of a plan’s modes, once: as it is where it draws or gives most. */
export function placedInAnyMode(job: Pick<Job, 'shell' | 'variants'>, variantId: string): readonly Placed[] {
  const { plan } = job.variants[variantId]!
  const interior = planInterior(job.shell, plan)
  const found = new Map<string, Placed>()
  for (const [id] of modesOf(plan))
    for (const one of buildScene(interior, plan, id).placed) {
      const before = found.get(one.id)
      if (
        before === undefined ||
        one.facts.draws.length + one.facts.gives.length > before.facts.draws.length + before.facts.gives.length
      )
        found.set(one.id, one)
    }
  return [...found.values()]
}

/** All that a year is run from. */
export interface PowerCase {
  readonly plant: Plant
  readonly journey: Journey
  readonly loads: readonly Load[]
  /** What each load wants by the hour, Wh. */
  readonly wants: readonly Float64Array[]
  readonly sunPerWatt: Float64Array
  readonly assumed: Readonly<Record<PowerAssumedKey, number>>
}

const percent = (value: number): number => value / 100

export function caseOf(job: Job, placed: readonly Placed[]): PowerCase {
  const plant = plantOf(placed)
  const journey = journeyOf(job)
  const loads = loadsOf(job, placed, plant)
  const assumed = powerAssumedIn(job)
  const level = onPlaneThroughYear(journey.weather)
  return {
    plant,
    journey,
    loads,
    wants: loads.map((load) => wantsThroughYear(load, journey)),
    // a watt of panel is what it gives under a kilowatt on the square metre
    sunPerWatt: level.map((kwh) => kwh * percent(assumed.sunPercent)),
    assumed,
  }
}

export function supplyOf({ plant, journey, sunPerWatt, assumed }: PowerCase, more: Partial<Plant> = {}): Supply {
  const { capacityWh, usable, chemistry, sunWatts, sunAmps, engineAmps, mainsAmps, volts } = { ...plant, ...more }
  return {
    capacityWh: capacityWh * percent(assumed.agePercent),
    usable,
    chemistry,
    sunPerWatt,
    sunWatts,
    sunMostW: sunAmps === undefined ? Infinity : chargerWatts(sunAmps, volts),
    engineW: chargerWatts(engineAmps, volts),
    mainsW: chargerWatts(mainsAmps, volts),
    driven: journey.driven,
    hookUp: journey.hookUp,
    outsideC: journey.weather.outsideC,
    lived: journey.lived,
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

/** What a load takes on a mean day that is lived in. */
export interface LoadRow {
  readonly load: Load
  /** At the battery, losses of the inverter with it; past the battery at a hook-up. */
  readonly whADay: number
  readonly hoursADay: number
  /** Needs mains voltage, and there is no inverter: it runs at a hook-up only. */
  readonly hasNoInverter: boolean
}

/** The first time that something goes. */
export interface FirstFail {
  readonly day: number
  readonly hour: number
  /** The load that wanted most of what was shed then. */
  readonly loadId: string
  /** How manieth day it is without a full battery. */
  readonly afterDays: number
}

/** How a year goes: plain data, a few kilobytes. */
export interface PowerReport {
  readonly variantId: string
  readonly plant: Plant
  readonly rows: readonly LoadRow[]
  readonly livedDays: number
  readonly darkDays: readonly number[]
  readonly darkHours: number
  /** Of each day, least and most, as shares of the capacity. */
  readonly band: readonly (readonly [number, number])[]
  /** First day of the worst seven. */
  readonly worstWeek: number
  readonly firstFail: FirstFail | undefined
  readonly lowest: number
  /** Whole charges through the battery in the year. */
  readonly cycles: number
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
}

const WEEK = 7

/** Runs the year of a variant. */
export function powerReport(job: Job, variantId: string): PowerReport {
  const of = caseOf(job, placedInAnyMode(job, variantId))
  return reportOn(job, variantId, of, simulate(supplyOf(of), wantsOf(of)))
}

export function reportOn(job: Job, variantId: string, of: PowerCase, year: Year): PowerReport {
  const { plant, journey, loads, wants, assumed } = of
  const livedDays = Math.max(1, journey.livedDays)
  const band = Array.from({ length: DAYS }, (_, day) => {
    const hours = year.charge.subarray(day * HOURS, (day + 1) * HOURS)
    return [Math.min(...hours), Math.max(...hours)] as const
  })
  const darkDays = darkDaysOf(year)
  const inverter = percent(assumed.inverterPercent)
  const rows = loads.map((load, at): LoadRow => {
    const hours = wants[at] ?? new Float64Array()
    let wh = 0
    for (let hour = 0; hour < hours.length; hour += 1) {
      const want = hours[hour] ?? 0
      if (want === 0 || journey.lived[hour] === 0) continue
      wh += load.from === 'mains' && journey.hookUp[hour] === 0 ? (plant.inverterWatts > 0 ? want / inverter : 0) : want
    }
    return {
      load,
      whADay: wh / livedDays,
      hoursADay: load.watts === 0 ? 0 : hours.reduce((sum, one) => sum + one, 0) / load.watts / livedDays,
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
    darkHours: year.shed.reduce((sum, one) => sum + (one === 0 ? 0 : 1), 0),
    band,
    worstWeek: worstWeek(band, darkDays),
    firstFail: firstFail(of, year),
    lowest: year.lowest,
    cycles: plant.capacityWh === 0 ? 0 : year.chargedWh / plant.capacityWh,
    perDay: {
      wants: rows.reduce((sum, { whADay }) => sum + whADay, 0),
      sun: dayed(year.sunWh),
      engine: dayed(year.engineWh),
      mains: dayed(year.mainsWh),
      direct: dayed(year.directWh),
      wasted: dayed(year.wastedWh),
      unserved: dayed(year.unservedWh),
    },
    assumed,
    gaps: job.power?.weather?.days.filter((day) => day === null).length,
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

/** A battery that is fuller than this is full. */
const FULL = 0.98

function firstFail({ loads, wants }: PowerCase, { shed, charge }: Year): FirstFail | undefined {
  const counts = new Map<string, { at: number; count: number; wh: number }>()
  for (let at = 0; at < shed.length; at += 1) {
    if (shed[at] === 0) continue
    let best: { id: string; wh: number } | undefined
    loads.forEach((load, index) => {
      const wh = wants[index]?.[at] ?? 0
      if (wh > (best?.wh ?? 0) && ((shed[at] ?? 0) & (1 << SHEDS.indexOf(load.sheds))) !== 0) best = { id: load.id, wh }
    })
    if (best === undefined) continue
    const before = counts.get(best.id) ?? { at, count: 0, wh: 0 }
    counts.set(best.id, { at: before.at, count: before.count + 1, wh: before.wh + best.wh })
  }
  // what goes first in the order of the year, of the things that go most
  const [first] = [...counts].sort(([, a], [, b]) => b.wh - a.wh)
  if (first === undefined) return undefined
  const [loadId, { at }] = first
  let day = Math.floor(at / HOURS)
  const failed = day
  while (day > 0 && Math.max(...charge.subarray((day - 1) * HOURS, day * HOURS)) < FULL && failed - day < 60) day -= 1
  return { day: failed, hour: at % HOURS, loadId, afterDays: failed - day + 1 }
}

/** A week by the hour: the charge, and what was shed. */
export interface PowerWeek {
  readonly fromDay: number
  readonly charge: readonly number[]
  readonly shed: readonly { readonly at: number; readonly loadId: string }[]
}

export function weekOf({ loads, wants }: PowerCase, { charge, shed }: Year, fromDay: number): PowerWeek {
  const from = Math.max(0, Math.min(DAYS - WEEK, fromDay)) * HOURS
  const events: { at: number; loadId: string }[] = []
  for (let at = from; at < from + WEEK * HOURS; at += 1) {
    if (shed[at] === 0 || (at > from && (shed[at - 1] ?? 0) === shed[at])) continue
    let [most, loadId] = [0, '']
    loads.forEach((load, index) => {
      const wh = wants[index]?.[at] ?? 0
      if (wh > most && ((shed[at] ?? 0) & (1 << SHEDS.indexOf(load.sheds))) !== 0) [most, loadId] = [wh, load.id]
    })
    if (loadId !== '') events.push({ at: at - from, loadId })
  }
  return { fromDay: from / HOURS, charge: [...charge.subarray(from, from + WEEK * HOURS)], shed: events }
}

/** Dark days by the month. */
export const darkByMonth = (darkDays: readonly number[]): readonly number[] =>
  Array.from({ length: 12 }, (_, month) => darkDays.filter((day) => MONTH_OF[day] === month).length)
