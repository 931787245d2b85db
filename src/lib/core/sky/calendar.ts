export const HOURS = 24
/** A year has no 29 February here. */
export const MONTH_DAYS = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31] as const
export const DAYS = 365
export const YEAR_HOURS = DAYS * HOURS

/** The month of each day of the year, 0 to 11, and which day of it that is, from 0. */
export const MONTH_OF: readonly number[] = MONTH_DAYS.flatMap((days, month) => Array<number>(days).fill(month))
export const DAY_IN_MONTH: readonly number[] = MONTH_DAYS.flatMap((days) => Array.from({ length: days }, (_, at) => at))

/** One day as it was measured. */
export interface MeasuredDay {
  /** On the level, kWh/m². */
  readonly sunKwh: number
  readonly meanC: number
  readonly swingK: number
}
