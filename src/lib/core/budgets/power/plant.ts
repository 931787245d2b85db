import type { Chemistry } from '../../fittings'
import { isOutside, type Placed } from '../../scene'

/** What a plan has to store and to give current: watts, watt-hours, amperes at the battery. */
export interface Plant {
  /** As its maker calls it. */
  readonly capacityWh: number
  /** What can be drawn of it without harm, as a share. */
  readonly usable: number
  /** Of the battery; 12 where there is none. */
  readonly volts: number
  readonly chemistry: Chemistry
  /** Whether the largest battery stands outside, as cold as the weather. */
  readonly isOut: boolean
  readonly sunWatts: number
  /** What panels cover of the roof, m². */
  readonly roofM2: number
  readonly engineAmps: number
  readonly mainsAmps: number
  /** What the controllers for the sun can bring, A; undefined where there is none. */
  readonly sunAmps: number | undefined
  readonly inverterWatts: number
  readonly inverterWaitingWatts: number
  readonly hasInlet: boolean
}

export const NO_PLANT: Plant = {
  capacityWh: 0,
  usable: 0.9,
  volts: 12,
  chemistry: 'lithium',
  isOut: false,
  sunWatts: 0,
  roofM2: 0,
  engineAmps: 0,
  mainsAmps: 0,
  sunAmps: undefined,
  inverterWatts: 0,
  inverterWaitingWatts: 0,
  hasInlet: false,
}

/** A battery of so many volts by its name is charged at a tenth more. Common practice, no source. */
const CHARGED_AT = 1.1

/** What a charger of so many amperes brings, W. */
export const chargerWatts = (amps: number, volts: number): number => amps * volts * CHARGED_AT

/** For a moment an inverter gives, and takes, twice its watts. Common practice, no source. */
export const INVERTER_SURGE = 2

/** Whether a hook-up is of any use: something takes it in. */
export const takesHookUp = ({ hasInlet, mainsAmps }: Plant): boolean => hasInlet || mainsAmps > 0

/** All that stores and gives current among things that are placed. */
export function plantOf(placed: readonly Placed[]): Plant {
  const stores = placed.flatMap((one) =>
    one.facts.holds.flatMap((held) => (held.what === 'charge' ? [{ ...held, isOut: isOutside(one) }] : [])),
  )
  const largest = stores.reduce<(typeof stores)[number] | undefined>(
    (best, one) => (one.capacityWh > (best?.capacityWh ?? 0) ? one : best),
    undefined,
  )
  const capacityWh = stores.reduce((sum, one) => sum + one.capacityWh, 0)
  const gives = placed.flatMap(({ facts }) => facts.gives)
  const sum = (of: (one: (typeof gives)[number]) => number): number => gives.reduce((all, one) => all + of(one), 0)
  const amps = (from: 'sun' | 'engine' | 'mains'): number =>
    sum((one) => (one.what === 'charger' && one.from === from ? one.amps : 0))
  return {
    capacityWh,
    usable: capacityWh === 0 ? NO_PLANT.usable : stores.reduce((all, one) => all + one.wattHours, 0) / capacityWh,
    volts: largest?.volts ?? NO_PLANT.volts,
    chemistry: largest?.chemistry ?? NO_PLANT.chemistry,
    isOut: largest?.isOut ?? false,
    sunWatts: sum((one) => (one.what === 'sun' ? one.watts : 0)),
    roofM2: sum((one) => (one.what === 'sun' ? one.roofM2 : 0)),
    engineAmps: amps('engine'),
    mainsAmps: amps('mains'),
    sunAmps: amps('sun') === 0 ? undefined : amps('sun'),
    inverterWatts: sum((one) => (one.what === 'mains' ? one.watts : 0)),
    inverterWaitingWatts: sum((one) => (one.what === 'mains' ? one.waitingWatts : 0)),
    hasInlet: placed.some(({ facts }) => facts.inlet === 'mains'),
  }
}
