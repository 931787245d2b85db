import type { Job, PowerAssumedKey } from '../../job'
import { planInterior, POWER_ASSUMED } from '../../job'
import { scenesOf, type Placed } from '../../scene'
import { DAYS, HOURS, MONTH_OF, onPlaneThroughYear } from '../../sky'
import { SHEDS } from './habits'
import { journeyOf, type Journey } from './journey'
import { loadsOf, wantsThroughYear, type Load } from './loads'
import { chargerWatts, plantOf, takesHookUp, type Plant } from './plant'
import { NO_SHADE, pastShade, shadeOn } from './shade'
import { darkDaysOf, darkHoursOf, simulate, type Supply, type Wants, type Year } from './simulate'

/** What is taken of a job’s current, as somebody said or as is usual. */
export const powerAssumedIn = ({ power }: Pick<Job, 'power'>): Readonly<Record<PowerAssumedKey, number>> => ({
  ...POWER_ASSUMED,
  ...Object.fromEntries(
    Object.entries(power?.assume ?? {}).filter(([key, value]) => key in POWER_ASSUMED && typeof value === 'number'),
  ),
})

const saysOf = ({ facts }: Placed): number => facts.draws.length + facts.gives.length

/** Everything that is placed in any of a plan’s modes, once: as it is where it draws or gives most. */
export function placedInAnyMode(job: Pick<Job, 'shell' | 'variants'>, variantId: string): readonly Placed[] {
  const variant = job.variants[variantId]!
  const found = new Map<string, Placed>()
  for (const { placed } of scenesOf(variant, planInterior(job.shell, variant.plan)))
    for (const one of placed) {
      const before = found.get(one.id)
      if (before === undefined || saysOf(one) > saysOf(before)) found.set(one.id, one)
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
  /** What of the year’s sun the panels lose to what stands higher on the roof, as a share. */
  readonly shaded: number
  readonly assumed: Readonly<Record<PowerAssumedKey, number>>
}

const percent = (value: number): number => value / 100

const total = (hours: Float64Array): number => hours.reduce((sum, one) => sum + one, 0)

export function caseOf(job: Job, placed: readonly Placed[]): PowerCase {
  const plant = plantOf(placed)
  const way = journeyOf(job)
  // without an inlet a hook-up on the way is none
  const journey = takesHookUp(plant) ? way : { ...way, hookUp: new Uint8Array(way.hookUp.length) }
  const loads = loadsOf(job, placed, plant)
  const assumed = powerAssumedIn(job)
  const shade = shadeOn(placed)
  const level = onPlaneThroughYear(journey.weather)
  const lit = shade === NO_SHADE ? level : pastShade(journey.weather, shade)
  return {
    plant,
    journey,
    loads,
    wants: loads.map((load) => wantsThroughYear(load, journey)),
    // a watt of panel is what it gives under a kilowatt on the square metre
    sunPerWatt: lit.map((kwh) => kwh * percent(assumed.sunPercent)),
    shaded: shade === NO_SHADE ? 0 : 1 - total(lit) / Math.max(1e-9, total(level)),
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
interface FirstFail {
  readonly day: number
  readonly hour: number
  /** The load that wanted most of what was shed then. */
  readonly loadId: string
  /** Which day it is, counted from the last on which the battery was full. */
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
  /** What of the year’s sun the panels lose to what stands higher on the roof, as a share. */
  readonly shaded: number
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

function reportOn(job: Job, variantId: string, of: PowerCase, year: Year): PowerReport {
  const { plant, journey, loads, wants, assumed } = of
  const livedDays = Math.max(1, journey.livedDays)
  const band = Array.from({ length: DAYS }, (_, day) => {
    const hours = year.charge.subarray(day * HOURS, (day + 1) * HOURS)
    return [Math.min(...hours), Math.max(...hours)] as const
  })
  const darkDays = darkDaysOf(year, journey.lived)
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
    band,
    worstWeek: worstWeek(band, darkDays),
    firstFail: firstFail(of, year),
    lowest: year.lowest,
    shaded: of.shaded,
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

/** The load that wanted most of what was shed in an hour: its place in the list. */
function mostShed(
  bits: readonly number[],
  wants: readonly Float64Array[],
  shed: number,
  at: number,
): number | undefined {
  let [most, which] = [0, -1]
  for (let index = 0; index < bits.length; index += 1) {
    if (((bits[index] ?? 0) & shed) === 0) continue
    const wh = wants[index]?.[at] ?? 0
    if (wh > most) [most, which] = [wh, index]
  }
  return which < 0 ? undefined : which
}
const bitsOf = (loads: readonly Load[]): readonly number[] => loads.map(({ sheds }) => 1 << SHEDS.indexOf(sheds))

function firstFail({ loads, wants }: PowerCase, { shed, charge }: Year): FirstFail | undefined {
  const bits = bitsOf(loads)
  const counts = new Map<string, { at: number; wh: number }>()
  for (let at = 0; at < shed.length; at += 1) {
    const now = shed[at] ?? 0
    const which = now === 0 ? undefined : mostShed(bits, wants, now, at)
    if (which === undefined) continue
    const id = loads[which]?.id ?? ''
    const before = counts.get(id)
    counts.set(id, { at: before?.at ?? at, wh: (before?.wh ?? 0) + (wants[which]?.[at] ?? 0) })
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
  const bits = bitsOf(loads)
  for (let at = from; at < from + WEEK * HOURS; at += 1) {
    if (shed[at] === 0 || (at > from && (shed[at - 1] ?? 0) === shed[at])) continue
    const which = mostShed(bits, wants, shed[at] ?? 0, at)
    const loadId = which === undefined ? '' : (loads[which]?.id ?? '')
    if (loadId !== '') events.push({ at: at - from, loadId })
  }
  return { fromDay: from / HOURS, charge: [...charge.subarray(from, from + WEEK * HOURS)], shed: events }
}

/** Dark days by the month. */
export const darkByMonth = (darkDays: readonly number[]): readonly number[] =>
  Array.from({ length: 12 }, (_, month) => darkDays.filter((day) => MONTH_OF[day] === month).length)
