export const HOURS = 24
/** A year has no 29 February here. */
export const MONTH_DAYS = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31] as const
export const DAYS = 365
export const YEAR_HOURS = DAYS * HOURS

/** The month of each day of the year, 0 to 11, and which day of it that is, from 0. */
export const MONTH_OF: readonly number[] = MONTH_DAYS.flatMap((days, month) => Array<number>(days).fill(month))
export const DAY_IN_MONTH: readonly number[] = MONTH_DAYS.flatMap((days) => Array.from({ length: days }, (_, at) => at))

/** A day by its hours, 24 of each, the first from midnight, solar time. */
interface MeasuredHours {
  /** On the level, W/m². */
  readonly sunWm2: readonly number[]
  readonly outsideC: readonly number[]
}

/** One day as it was measured: as a whole, or by the hour. */
export type MeasuredDay = DayOfWeather | MeasuredHours

interface DayOfWeather {
  /** On the level, kWh/m². */
  readonly sunKwh: number
  readonly meanC: number
  readonly swingK: number
}
