import { DAY_IN_MONTH, DAYS, HOURS, MONTH_DAYS, MONTH_OF, YEAR_HOURS, type MeasuredDay } from './calendar'
import type { MonthOfWeather } from './climates'
import { daysOfMonth } from './days'
import { beamRatio, dayOfSun, hoursOfSun, LOWEST_COSINE, onPlane, type HourOfSun } from './radiation'
import { dayOutsideKwh, declinationDeg, LEVEL, RAD, sunVector, type Plane } from './sun'

/** Where the vehicle is in a month, and the weather there. */
export interface Station {
  readonly latitudeDeg: number
  /** January to December as the place has them. */
  readonly climate: readonly MonthOfWeather[]
}

/** The weather round the vehicle through a year by the hour, 8760 values each; the first hour begins at midnight of 1 January, solar time. */
export interface WeatherYear {
  /** On the level, kWh/m² an hour. */
  readonly beam: Float64Array
  readonly diffuse: Float64Array
  readonly outsideC: Float64Array
  /** Of each day. */
  readonly latitudeDeg: Float64Array
}

/** When it is warmest of a day. Common practice, no source. */
const WARMEST_HOUR = 15

/** The climate’s month where seasons are the other way round. */
const monthAt = ({ latitudeDeg, climate }: Station, month: number): MonthOfWeather =>
  climate[latitudeDeg < 0 ? (month + 6) % 12 : month] ?? { clearness: 0, meanC: 0, swingK: 0 }

/** What a day has of sun on the level and of warmth: as it was measured where it was, else as is usual in its month. */
function daysOf(stations: readonly Station[], measured: readonly (MeasuredDay | undefined)[]): readonly MeasuredDay[] {
  const usual = stations.map((station, month) =>
    daysOfMonth(monthAt(station, month).clearness, MONTH_DAYS[month] ?? 31),
  )
  return MONTH_OF.map((month, at) => {
    const known = measured[at]
    if (known !== undefined) return known
    const station = stations[month]!
    const { meanC, swingK } = monthAt(station, month)
    const clearness = usual[month]?.[DAY_IN_MONTH[at] ?? 0] ?? 0
    return { sunKwh: clearness * dayOutsideKwh(station.latitudeDeg, at + 1), meanC, swingK }
  })
}

/** The sun of a day by its hours. */
function sunOf(day: MeasuredDay, latitudeDeg: number, dayOfYear: number): readonly HourOfSun[] {
  if ('sunWm2' in day) return hoursOfSun(latitudeDeg, dayOfYear, day.sunWm2)
  const outside = dayOutsideKwh(latitudeDeg, dayOfYear)
  return dayOfSun(latitudeDeg, dayOfYear, outside <= 0 ? 0 : Math.min(1, day.sunKwh / outside))
}

const warmthAt = (day: MeasuredDay, hour: number): number =>
  'sunWm2' in day
    ? (day.outsideC[hour] ?? 0)
    : day.meanC + (day.swingK / 2) * Math.cos(((hour + 0.5 - WARMEST_HOUR) * 2 * Math.PI) / HOURS)

/** The weather of a year. `stations` are twelve, one a month; what was `measured`, by the day of the year, stands in place of the usual. */
export function weatherYear(
  stations: readonly Station[],
  measured: readonly (MeasuredDay | undefined)[] = [],
): WeatherYear {
  const [beam, diffuse, outsideC] = [0, 0, 0].map(() => new Float64Array(YEAR_HOURS)) as [
    Float64Array,
    Float64Array,
    Float64Array,
  ]
  const latitudeDeg = new Float64Array(DAYS)
  daysOf(stations, measured).forEach((day, at) => {
    const latitude = stations[MONTH_OF[at] ?? 0]!.latitudeDeg
    latitudeDeg[at] = latitude
    const hours = sunOf(day, latitude, at + 1)
    for (let hour = 0; hour < HOURS; hour += 1) {
      const index = at * HOURS + hour
      beam[index] = hours[hour]?.beam ?? 0
      diffuse[index] = hours[hour]?.diffuse ?? 0
      outsideC[index] = warmthAt(day, hour)
    }
  })
  return { beam, diffuse, outsideC, latitudeDeg }
}

/** What falls in an hour on planes that stand upright, kWh/m²: from the sun itself by where each looks, and from sky and ground on all alike. */
export interface UprightHour {
  /** From the sun itself on a plane that looks so far from south to the west, whose cosine and sine these are. */
  readonly beam: (cosine: number, sine: number) => number
  readonly sky: number
  /** On the level, all together. */
  readonly level: number
}
const NO_SUN: UprightHour = { beam: () => 0, sky: 0, level: 0 }

/** Hour after hour of a part of a year, for planes that stand upright. */
export function uprightHours(
  { beam, diffuse, latitudeDeg }: WeatherYear,
  [from, to]: readonly [from: number, to: number],
  each: (hour: UprightHour, at: number) => void,
): void {
  let [day, declination] = [-1, 0]
  for (let at = from; at < to; at += 1) {
    const [direct, scattered] = [beam[at] ?? 0, diffuse[at] ?? 0]
    if (direct + scattered <= 0) {
      each(NO_SUN, at)
      continue
    }
    const today = Math.floor(at / HOURS)
    if (today !== day) [day, declination] = [today, declinationDeg(today + 1)]
    const { up, south, west } = sunVector(latitudeDeg[day] ?? 0, declination, (at % HOURS) + 0.5)
    const per = direct <= 0 || up <= 0 ? 0 : direct / Math.max(up, LOWEST_COSINE)
    each(
      {
        beam: (cosine, sine) => per * Math.max(0, south * cosine + west * sine),
        sky: onPlane({ beam: direct, diffuse: scattered }, 0, 0),
        level: direct + scattered,
      },
      at,
    )
  }
}

/** What falls on a plane through a year by the hour, kWh/m². */
export function onPlaneThroughYear(weather: WeatherYear, plane: Plane = LEVEL): Float64Array {
  const { beam, diffuse, latitudeDeg } = weather
  const cosine = Math.cos(plane.tiltDeg * RAD)
  const isLevel = plane.tiltDeg === 0
  return Float64Array.from(beam, (direct, index) => {
    const scattered = diffuse[index] ?? 0
    if (direct + scattered <= 0) return 0
    if (isLevel) return direct + scattered
    const day = Math.floor(index / HOURS)
    const ratio = direct <= 0 ? 0 : beamRatio(latitudeDeg[day] ?? 0, day + 1, (index % HOURS) + 0.5, plane)
    return onPlane({ beam: direct, diffuse: scattered }, ratio, cosine)
  })
}
