import type { Chemistry } from '../../fittings'
import { DAYS, HOURS, YEAR_HOURS } from '../../sky'
import { CELLS } from './cells'
import { SHEDS } from './habits'

/** What is stored and comes in while it is simulated: Wh and W, each hour of a year. */
export interface Supply {
  readonly capacityWh: number
  readonly usable: number
  readonly chemistry: Chemistry
  /** What a watt of panel brings, Wh an hour. */
  readonly sunPerWatt: Float64Array
  readonly sunWatts: number
  /** What panels that are set out bring, Wh an hour. */
  readonly setOut?: Float64Array | undefined
  /** The most that its controllers let through, W. */
  readonly sunMostW: number
  readonly engineW: number
  readonly mainsW: number
  readonly driven: Float64Array
  readonly hookUp: Uint8Array
  readonly outsideC: Float64Array
  readonly lived: Uint8Array
  /** Whether the battery is as cold as the weather. */
  readonly isOut?: boolean
  /** Of the capacity, for what is never shed. */
  readonly keptBack: number
}

/** What is wanted in each hour at the battery, Wh: by what goes first, the vital first. A hook-up brings what needs mains voltage by itself. */
export interface Wants {
  readonly battery: readonly Float64Array[]
  readonly mains: readonly Float64Array[]
  /** What an inverter makes of what it takes; 0 where there is none. */
  readonly inverterShare: number
}

/** Wh in some hours: what came in, past the battery too, what of the sun was wasted, and what was not given. */
interface Flows {
  readonly sun: number
  readonly engine: number
  readonly mains: number
  readonly direct: number
  readonly wasted: number
  readonly unserved: number
}

/** A year as it went. Energies at the battery, Wh. */
export interface Year {
  /** At the end of each hour, as a share of the capacity. */
  readonly charge: Float64Array
  /** Which sorts were shed in an hour: a bit for each, the vital 1. */
  readonly shed: Uint8Array
  readonly servedWh: number
  readonly unservedWh: number
  /** Of the sun, for want of room in the battery. */
  readonly wastedWh: number
  readonly lostWh: number
  readonly sunWh: number
  readonly engineWh: number
  readonly mainsWh: number
  /** What a hook-up gave past the battery. */
  readonly directWh: number
  /** What went into the battery, and what it began and ended with. */
  readonly chargedWh: number
  /** What came and went in the hours that someone was aboard. */
  readonly aboard: Flows
  readonly beganWh: number
  readonly endedWh: number
  readonly lowest: number
  /** Days on which a charge was offered to a battery that had room and was too cold to take it. */
  readonly frozenDays: number
}

/** What of it can be drawn when it is cold, for each kelvin below a temperature. Common practice, no source. */
const COLD: Readonly<Record<Chemistry, readonly [below: number, perK: number]>> = {
  lithium: [20, 0.004],
  lead: [25, 0.008],
  sealed: [25, 0.008],
}
/** Inside it is so much warmer than outside; and where someone lives, no colder than this. Common practice, no source. */
const [INSIDE_K, HEATED_C] = [3, 8]
/** Below this no lithium cell may be charged. Its makers all say so: common practice, no source. */
const FREEZES_C = 0

/**
 * What is kept back from each sort, as a part of what is kept back for the vital: what goes first leaves half as much again for the fridge and the lights of
 * the night. Common practice, no source: whoever sees the battery low stops cooking on it before.
 */
const KEPT_FOR = [0, 1, 1, 1.5] as const

interface Ask {
  readonly isShed?: boolean
  /** The year is given up after so many dark days: what comes later is not asked. */
  readonly mostDark?: number
}

/**
 * Runs a year by the hour. In an hour the sun comes first, then the engine, then a hook-up; what is wanted is served from the vital downwards, and where
 * the battery cannot, the rest of it is shed for that hour. `isShed` false: as much as there is is given, whoever wants it.
 */
export function simulate(supply: Supply, wants: Wants, { isShed = true, mostDark = Infinity }: Ask = {}): Year {
  const {
    capacityWh: most,
    usable,
    chemistry,
    sunPerWatt,
    sunWatts,
    sunMostW,
    driven,
    hookUp,
    outsideC,
    lived,
    setOut,
    isOut = false,
  } = supply
  const { into, outOf, rate, taper } = CELLS[chemistry]
  const [warmC, perK] = COLD[chemistry]
  const charge = new Float64Array(YEAR_HOURS)
  const shed = new Uint8Array(YEAR_HOURS)
  const sorts = SHEDS.length
  let [served, unserved, wasted, lost, fromSun, fromEngine, fromMains, direct, charged] = [0, 0, 0, 0, 0, 0, 0, 0, 0]
  const aboard = { sun: 0, engine: 0, mains: 0, direct: 0, wasted: 0, unserved: 0 }
  let held = most
  let lowest = 1
  let [dark, darkAt] = [0, -1]
  let [frozenDays, frozenAt] = [0, -1]
  for (let at = 0; at < YEAR_HOURS && dark <= mostDark; at += 1) {
    const hooked = hookUp[at] === 1
    const directBefore = direct
    const unservedBefore = unserved
    const outside = outsideC[at] ?? 0
    const insideC = isOut ? outside : lived[at] === 1 ? Math.max(HEATED_C, outside + INSIDE_K) : outside + INSIDE_K
    const sun = Math.min((sunPerWatt[at] ?? 0) * sunWatts + (setOut?.[at] ?? 0), sunMostW)
    const engine = (driven[at] ?? 0) * supply.engineW
    const mains = hooked ? supply.mainsW : 0
    let supplied = sun + engine + mains
    const offered = supplied
    const drawable = usable * Math.max(0, 1 - perK * Math.max(0, warmC - insideC))
    const floor = most * (1 - drawable)
    const keptBack = most * supply.keptBack
    for (let sort = 0; sort < sorts; sort += 1) {
      const atMains = wants.mains[sort]?.[at] ?? 0
      let want = wants.battery[sort]?.[at] ?? 0
      if (atMains > 0) {
        if (hooked) direct += atMains
        else if (wants.inverterShare > 0) want += atMains / wants.inverterShare
      }
      if (want <= 0) continue
      const rest = want - supplied
      if (rest <= 0) {
        supplied -= want
        served += want
        continue
      }
      const least = isShed ? Math.min(most, floor + keptBack * (KEPT_FOR[sort] ?? 0)) : floor
      const there = Math.max(0, held - least) * outOf
      if (there >= rest || sort === 0 || !isShed) {
        const given = Math.min(rest, there)
        held -= given / outOf
        lost += given / outOf - given
        served += supplied + given
        supplied = 0
        if (given < rest - 1e-9) {
          unserved += rest - given
          shed[at] = (shed[at] ?? 0) | (1 << sort)
        }
      } else {
        unserved += want
        shed[at] = (shed[at] ?? 0) | (1 << sort)
        // what is less needed is not kept on while this is off
        for (let after = sort + 1; after < sorts; after += 1) {
          const other = wants.battery[after]?.[at] ?? 0
          const otherMains = hooked
            ? 0
            : wants.inverterShare > 0
              ? (wants.mains[after]?.[at] ?? 0) / wants.inverterShare
              : 0
          if (hooked) direct += wants.mains[after]?.[at] ?? 0
          if (other + otherMains > 0) {
            unserved += other + otherMains
            shed[at] = (shed[at] ?? 0) | (1 << after)
          }
        }
        break
      }
    }
    let left = supplied
    const canCharge = !(chemistry === 'lithium' && insideC < FREEZES_C)
    if (left > 0 && canCharge) {
      const taken = Math.max(0, Math.min(left, (rate * most) / into, (taper * (most - held)) / into))
      held += taken * into
      lost += taken * (1 - into)
      charged += taken * into
      left -= taken
    }
    if (left > 0 && !canCharge && held < most && Math.floor(at / HOURS) !== frozenAt) {
      frozenAt = Math.floor(at / HOURS)
      frozenDays += 1
    }
    // of what is not taken, the engine and the hook-up simply give less
    const taken = offered - left
    const ofSun = Math.min(sun, taken)
    const ofEngine = Math.min(engine, taken - ofSun)
    fromSun += ofSun
    fromEngine += ofEngine
    fromMains += taken - ofSun - ofEngine
    wasted += sun - ofSun
    if (lived[at] === 1) {
      aboard.sun += ofSun
      aboard.engine += ofEngine
      aboard.mains += taken - ofSun - ofEngine
      aboard.direct += direct - directBefore
      aboard.wasted += sun - ofSun
      aboard.unserved += unserved - unservedBefore
    }
    if (isDark(shed[at] ?? 0, lived[at] ?? 0) && Math.floor(at / HOURS) !== darkAt) {
      darkAt = Math.floor(at / HOURS)
      dark += 1
    }
    charge[at] = most === 0 ? 0 : held / most
    if (lived[at] === 1) lowest = Math.min(lowest, charge[at] ?? 0)
  }
  return {
    charge,
    shed,
    servedWh: served,
    unservedWh: unserved,
    wastedWh: wasted,
    lostWh: lost,
    sunWh: fromSun,
    engineWh: fromEngine,
    mainsWh: fromMains,
    directWh: direct,
    chargedWh: charged,
    aboard,
    beganWh: most,
    endedWh: held,
    lowest: most === 0 ? 0 : lowest,
    frozenDays,
  }
}

const VITAL_BIT = 1

/** Whether an hour is a dark one: something is shed while someone is aboard. */
const isDark = (shed: number, lived: number): boolean => lived === 1 && shed !== 0

/** The hours in which something was missed. */
export const darkHoursOf = ({ shed }: Pick<Year, 'shed'>, lived: Uint8Array): number =>
  shed.reduce((sum, one, at) => sum + Number(isDark(one, lived[at] ?? 0)), 0)

/** The hours aboard in which not even what is vital was served, and the days on which nobody was aboard and nothing was left for what runs all the same. */
export function emptyOf(
  { shed }: Pick<Year, 'shed'>,
  lived: Uint8Array,
): { readonly hours: number; readonly daysAway: number } {
  let hours = 0
  const away = new Set<number>()
  shed.forEach((one, at) => {
    if ((one & VITAL_BIT) === 0) return
    if (lived[at] === 1) hours += 1
    else away.add(Math.floor(at / HOURS))
  })
  return { hours, daysAway: away.size }
}

/** The days on which something was missed. */
export function darkDaysOf({ shed }: Pick<Year, 'shed'>, lived: Uint8Array): readonly number[] {
  const dark: number[] = []
  for (let day = 0; day < DAYS; day += 1)
    for (let hour = 0; hour < HOURS; hour += 1)
      if (isDark(shed[day * HOURS + hour] ?? 0, lived[day * HOURS + hour] ?? 0)) {
        dark.push(day)
        break
      }
  return dark
}
