import { sleepersOf } from '../../brief'
import type { Job } from '../../job'
import type { Placed } from '../../scene'
import type { WeatherYear } from '../../sky'
import { seenOf } from '../seen'
import { isUp, lossesOf, warmthAssumedOf } from './loss'
import { sunFacesOf, sunInto, wholeYear } from './sun'

/** One asleep gives off 0.8 met of 58 W on 1.8 m² (ISO 7730, from memory). */
export const SLEEPER_W = 83
/** Kept no warmer than this where something cools, °C. */
export const COOLED_C = 26
/** Cold that a watt of current makes. Typical of a roof unit; common practice, no source. */
export const COLD_PER_W = 2.5

/** What a body asks of heaters and coolers in each hour of a year. */
export interface BodyNeeds {
  /** Of all heaters together, and of all coolers as cold, W; 0 where there is none. */
  readonly heatersW: number
  readonly coolersW: number
  readonly keptC: (hour: number) => number
  /** W for each kelvin. */
  readonly wk: number
  /** What the sun brings in each hour, W; none where nothing cools. */
  readonly sunW: Float64Array | undefined
  readonly peopleW: number
}

/** What all that warms the air gives together, W. */
export const heatersOf = (placed: readonly Placed[]): number =>
  placed.reduce(
    (sum, { facts }) => sum + facts.heat.reduce((all, { warms, watts }) => all + (warms === 'air' ? watts : 0), 0),
    0,
  )
/** As cold, W. */
export const coolersOf = (placed: readonly Placed[]): number =>
  placed.reduce(
    (sum, { facts }) => sum + facts.draws.reduce((all, { by, watts }) => all + (by === 'cooling' ? watts : 0), 0),
    0,
  ) * COLD_PER_W

/** What a variant asks of its heaters and coolers. */
export function bodyNeeds(job: Job, variantId: string, placed: readonly Placed[], weather: WeatherYear): BodyNeeds {
  const [heatersW, coolersW] = [heatersOf(placed), coolersOf(placed)]
  const assumed = warmthAssumedOf(job, variantId)
  const keptC = (hour: number): number => (isUp(hour) ? assumed.heatedC : assumed.nightC)
  const peopleW = sleepersOf(job.brief).length * SLEEPER_W
  if (heatersW === 0 && coolersW === 0) return { heatersW, coolersW, keptC, wk: 0, sunW: undefined, peopleW }
  const losses = lossesOf(job, variantId)
  return {
    heatersW,
    coolersW,
    keptC,
    wk: losses.totalWK,
    sunW:
      coolersW === 0 ? undefined : sunInto(facesFor(job, variantId), weather, wholeYear(weather), assumed.parkedDeg),
    peopleW,
  }
}

/** How the sun gets into a variant, with its awning out and its windows as they are covered. */
export function facesFor(job: Job, variantId: string): ReturnType<typeof sunFacesOf> {
  const { interior, day } = seenOf(job, variantId)
  const { coveredPercent, cabPercent } = warmthAssumedOf(job, variantId)
  return sunFacesOf(interior, lossesOf(job, variantId), { covered: coveredPercent / 100, cabPercent }, day.placed)
}

/** What share of an hour the heaters run, and the coolers: above 1 they cannot hold it. */
export const heatShare = ({ heatersW, wk, keptC }: BodyNeeds, outsideC: number, hour: number): number =>
  heatersW === 0 ? 0 : (wk * (keptC(hour) - outsideC)) / heatersW
export const coldShare = ({ coolersW, wk, sunW, peopleW }: BodyNeeds, outsideC: number, at: number): number =>
  coolersW === 0 ? 0 : (wk * (outsideC - COOLED_C) + (sunW?.[at] ?? 0) + peopleW) / coolersW
