import type { Job } from '../../job'
import { HOURS } from '../../sky'
import { journeyOf } from '../power/journey'
import { throughDays, type WaterDay, type WaterDays } from './days'
import { freshOn, type Tanks } from './evening'
import type { Tank } from './tanks'

/** A year of the itinerary, filled as it goes. */
export interface WaterYear {
  readonly fillings: number
  /** Days on which something was wanted and not there, or ran into a full tank. */
  readonly dryDays: number
  readonly fullDays: number
  readonly livedDays: number
}

/** A day that is lived aboard, with the night after it. */
export interface LivedDay {
  readonly day: WaterDay
  /** The coldest of it, °C. */
  readonly coldestC: number
}

/** A lagged tank under the floor bears a night down to this. Common practice, no source. */
const LAGGED_BEARS_C = -5

/** Goes through the year of the itinerary: filled at every hook-up, and when it is so long ago. */
export function throughYear(job: Job, days: Omit<WaterDays, 'fills'>, asked: number): readonly LivedDay[] {
  const { weather, lived, hookUp } = journeyOf(job)
  const nightsSaid = Object.keys(job.power?.legs ?? {}).length > 0
  const mornings: { readonly isFirst: boolean; readonly isHooked: boolean; readonly coldestC: number }[] = []
  for (let at = 0; at < lived.length; at += HOURS)
    if (lived[at] === 1)
      mornings.push({
        isFirst: at === 0 || lived[at - HOURS] !== 1,
        isHooked: nightsSaid && hookUp[at] === 1,
        coldestC: Math.min(...weather.outsideC.subarray(at, at + HOURS)),
      })
  const went = throughDays(
    {
      ...days,
      fills: (day, since) => {
        const morning = mornings[day]
        return morning !== undefined && (morning.isFirst || morning.isHooked || (asked > 0 && since >= asked))
      },
    },
    mornings.length,
  )
  return went.map((day, at) => ({ day, coldestC: mornings[at]?.coldestC ?? Infinity }))
}

export const yearOf = (went: readonly LivedDay[]): WaterYear => ({
  fillings: went.filter(({ day }) => day.filledL > 0).length + (went.length > 0 ? 1 : 0),
  dryDays: went.filter(({ day }) => day.missedL > 1e-6).length,
  fullDays: went.filter(({ day }) => day.overL > 1e-6).length,
  livedDays: went.length,
})

/** Nights of the year aboard that would freeze a tank outside, and those of them on which water stands in it. */
export function frostOf(
  tanks: Tanks,
  tank: Tank,
  went: readonly LivedDay[],
): { readonly coldNights: number; readonly frostNights: number } {
  if (!tank.isOutside) return { coldNights: 0, frostNights: 0 }
  const bears = tank.isLagged ? LAGGED_BEARS_C : 0
  const cold = went.filter(({ coldestC }) => coldestC < bears)
  const isWaste = tanks.waste.includes(tank)
  const standing = cold.filter(({ day }) => (isWaste ? day.wasteL : freshOn(tanks, day, tank)) > 1e-6)
  return { coldNights: cold.length, frostNights: standing.length }
}
