import { answer, type Brief } from '../../brief'
import type { Job, Leg } from '../../job'
import {
  CLIMATES,
  DAY_IN_MONTH,
  DAYS,
  HOURS,
  likelyClimate,
  MONTH_OF,
  weatherYear,
  YEAR_HOURS,
  type MeasuredDay,
  type Station,
  type WeatherYear,
} from '../../sky'

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

const MONTHS = 12
/** When one sets off, and from when to when a pitch with a hook-up is had. Common practice, no source. */
const SETS_OFF = 10
const [HOOKED_FROM, HOOKED_TO] = [17, 10]
const ALWAYS_AWAY = 31

/** Where it is where nobody said: all the year as the brief has it. */
export function usualLeg(brief: Brief): Leg {
  const latitudeDeg = answer(brief, 'latitudeDeg')
  const off = answer(brief, 'offHookUpPercent')
  const between = Math.round(answer(brief, 'nightsBetweenPower'))
  return {
    from: 1,
    to: MONTHS,
    latitudeDeg,
    climate: likelyClimate(latitudeDeg, answer(brief, 'coldestC'), answer(brief, 'hottestC')),
    nights: Math.min(ALWAYS_AWAY, Math.round(answer(brief, 'nightsPerYear') / MONTHS)),
    drivingHours: answer(brief, 'drivingHours'),
    hookUpEvery: off >= 100 ? 0 : off <= 0 ? 1 : between + 1,
  }
}

const isIn = ({ from, to }: Leg, month: number): boolean =>
  from <= to ? month >= from && month <= to : month >= from || month <= to

/** The part of the year that each month belongs to; the usual where none was said for it. */
export function legsByMonth(job: Pick<Job, 'brief' | 'power'>): readonly Leg[] {
  const said = Object.values(job.power?.legs ?? {})
  const usual = usualLeg(job.brief)
  return Array.from({ length: MONTHS }, (_, at) => said.find((leg) => isIn(leg, at + 1)) ?? usual)
}

/** The year of a job: its nights of a month follow each other from the first, and every so manieth has a hook-up. */
export function journeyOf(job: Pick<Job, 'brief' | 'power'>): Journey {
  const legs = legsByMonth(job)
  const stations = legs.map(({ latitudeDeg, climate }): Station => ({ latitudeDeg, climate: CLIMATES[climate] }))
  const measured = (job.power?.weather?.days ?? []).map((day): MeasuredDay | undefined =>
    day === null ? undefined : { sunKwh: day[0], meanC: day[1], swingK: day[2] },
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
