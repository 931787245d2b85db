import type { Job, Leg, WeatherNotes } from '../../job'
import {
  CLIMATES,
  DAY_IN_MONTH,
  DAYS,
  HOURS,
  MONTH_OF,
  weatherYear,
  YEAR_HOURS,
  type MeasuredDay,
  type Station,
  type WeatherYear,
} from '../../sky'
import { legsByMonth } from './legs'

/** Where the vehicle is through a year, by the hour. */
export interface Journey {
  readonly weather: WeatherYear
  /** 1 where someone lives in it. */
  readonly lived: Uint8Array
  /** What share of the hour the engine runs. */
  readonly driven: Float64Array
  /** 1 where it has a hook-up on the way. */
  readonly hookUp: Uint8Array
  readonly livedDays: number
}

/** When one sets off, and from when to when a pitch with a hook-up is had. Common practice, no source. */
const SETS_OFF = 10
const [HOOKED_FROM, HOOKED_TO] = [17, 10]

/** The last that was worked out: one changes loads and sizes far oftener than where one is. */
let last: { readonly key: string; readonly weather: unknown; readonly journey: Journey } | undefined

/** The year of a job, worked out anew where its legs or its weather are others. */
export function journeyOf(job: Pick<Job, 'brief' | 'power'>): Journey {
  const legs = legsByMonth(job)
  const [key, weather] = [JSON.stringify(legs), job.power?.weather]
  if (last?.key === key && last.weather === weather) return last.journey
  const journey = yearOf(legs, weather?.days ?? [])
  last = { key, weather, journey }
  return journey
}

/** A year by its months: its nights of a month follow each other from the first, and one in so many has a hook-up. */
function yearOf(legs: readonly Leg[], days: WeatherNotes['days']): Journey {
  const stations = legs.map(({ latitudeDeg, climate }): Station => ({ latitudeDeg, climate: CLIMATES[climate] }))
  const measured = days.map((day): MeasuredDay | undefined =>
    day === null ? undefined : 'sunWm2' in day ? day : { sunKwh: day[0], meanC: day[1], swingK: day[2] },
  )
  const weather = weatherYear(stations, measured)
  const [lived, hookUp, driven] = [new Uint8Array(YEAR_HOURS), new Uint8Array(YEAR_HOURS), new Float64Array(YEAR_HOURS)]
  let livedDays = 0
  let nightsOut = 0
  for (let day = 0; day < DAYS; day += 1) {
    const leg = legs[MONTH_OF[day] ?? 0]!
    if ((DAY_IN_MONTH[day] ?? 0) >= leg.nights) {
      nightsOut = 0
      continue
    }
    livedDays += 1
    nightsOut += 1
    const at = day * HOURS
    lived.fill(1, at, at + HOURS)
    for (let hour = 0; hour < leg.drivingHours; hour += 1)
      driven[at + Math.min(HOURS - 1, SETS_OFF + hour)] = Math.min(1, leg.drivingHours - hour)
    if (leg.hookUpEvery > 0 && nightsOut % leg.hookUpEvery === 0)
      hookUp.fill(1, at + HOOKED_FROM, Math.min(YEAR_HOURS, at + HOURS + HOOKED_TO))
  }
  return { weather, lived, driven, hookUp, livedDays }
}
