import { DAY_IN_MONTH, DAYS, HOURS, MONTH_DAYS, MONTH_OF, YEAR_HOURS, type MeasuredDay } from './calendar'
import type { MonthOfWeather } from './climates'
import { daysOfMonth } from './days'
import { beamRatio, dayOfSun, onPlane } from './radiation'
import { dayOutsideKwh, LEVEL, RAD, type Plane } from './sun'

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
  daysOf(stations, measured).forEach(({ sunKwh, meanC, swingK }, at) => {
    const latitude = stations[MONTH_OF[at] ?? 0]!.latitudeDeg
    latitudeDeg[at] = latitude
    const outside = dayOutsideKwh(latitude, at + 1)
    const hours = dayOfSun(latitude, at + 1, outside <= 0 ? 0 : Math.min(1, sunKwh / outside))
    for (let hour = 0; hour < HOURS; hour += 1) {
      const index = at * HOURS + hour
      beam[index] = hours[hour]!.beam
      diffuse[index] = hours[hour]!.diffuse
      outsideC[index] = meanC + (swingK / 2) * Math.cos(((hour + 0.5 - WARMEST_HOUR) * 2 * Math.PI) / HOURS)
    }
  })
  return { beam, diffuse, outsideC, latitudeDeg }
}

/** What falls on a plane in an hour of the year, kWh/m²: from the sun itself, and from sky and ground. */
export function hourOnPlane(
  { beam, diffuse, latitudeDeg }: WeatherYear,
  at: number,
  plane: Plane,
): { readonly beam: number; readonly sky: number } {
  const [direct, scattered] = [beam[at] ?? 0, diffuse[at] ?? 0]
  if (direct + scattered <= 0) return { beam: 0, sky: 0 }
  if (plane.tiltDeg === 0) return { beam: direct, sky: scattered }
  const day = Math.floor(at / HOURS)
  const ratio = direct <= 0 ? 0 : beamRatio(latitudeDeg[day] ?? 0, day + 1, (at % HOURS) + 0.5, plane)
  const whole = onPlane({ beam: direct, diffuse: scattered }, ratio, Math.cos(plane.tiltDeg * RAD))
  return { beam: direct * ratio, sky: whole - direct * ratio }
}

/** What falls on a plane through a year by the hour, kWh/m². */
export function onPlaneThroughYear(weather: WeatherYear, plane: Plane = LEVEL): Float64Array {
  return Float64Array.from(weather.beam, (_, at) => {
    const { beam, sky } = hourOnPlane(weather, at, plane)
    return beam + sky
  })
}
