import { z } from 'zod'
import { DAYS, HOURS, MONTH_DAYS, MONTH_OF, type MeasuredDay } from './calendar'

/** What a table of measured weather may be: by the hour, or by the month. */
const COLUMNS = {
  hours: ['month', 'day', 'hour', 'sun_w_m2', 'outside_c'],
  months: ['month', 'sun_kwh_m2_day', 'mean_c', 'swing_k'],
} as const

/** A fault of a table of weather, with the line that it is in; the head is line 1. */
export type WeatherFault =
  | { readonly code: 'columns'; readonly line: number; readonly missing: readonly string[] }
  | { readonly code: 'no-figure'; readonly line: number; readonly column: string; readonly got: string }
  | {
      readonly code: 'beyond'
      readonly line: number
      readonly column: string
      readonly got: number
      readonly least: number
      readonly most: number
    }
  | {
      readonly code: 'twice'
      readonly line: number
      readonly month: number
      readonly day?: number
      readonly hour?: number
    }
  | { readonly code: 'empty'; readonly line: number }

/** A year as it was measured. */
interface Measured {
  /** By the day of the year, 365; nothing where it was not measured. */
  readonly days: readonly (MeasuredDay | undefined)[]
  /** Of each month, how many days are missing or have holes: the usual stands for them. */
  readonly gaps: readonly number[]
}
type ReadWeather =
  { readonly ok: true; readonly measured: Measured } | { readonly ok: false; readonly faults: readonly WeatherFault[] }

const MOST_FAULTS = 20
const LIMITS: Readonly<Record<string, readonly [number, number]>> = {
  month: [1, 12],
  day: [1, 31],
  hour: [0, 23],
  sun_w_m2: [0, 1500],
  sun_kwh_m2_day: [0, 14],
  outside_c: [-60, 60],
  mean_c: [-50, 50],
  swing_k: [0, 40],
}

interface Line {
  readonly line: number
  readonly at: Readonly<Record<string, number>>
}

const COUNTED: ReadonlySet<string> = new Set(['month', 'day', 'hour'])

const figure = z.coerce.number()

function readLine(
  cells: readonly string[],
  head: readonly string[],
  wanted: readonly string[],
  line: number,
): Line | WeatherFault {
  const at: Record<string, number> = {}
  for (const column of wanted) {
    const text = (cells[head.indexOf(column)] ?? '').trim()
    const read = figure.safeParse(text)
    const isNone = text === '' || !read.success || (COUNTED.has(column) && !Number.isInteger(read.data))
    if (isNone || !read.success) return { code: 'no-figure', line, column, got: text.slice(0, 20) }
    const [least, most] = LIMITS[column] ?? [-Infinity, Infinity]
    if (read.data < least || read.data > most) return { code: 'beyond', line, column, got: read.data, least, most }
    at[column] = read.data
  }
  return { line, at }
}

/** Reads a table of measured weather: its rows of cells, the head first. What is missing is told as a gap, what is wrong by its line. */
export function readWeather(rows: readonly (readonly string[])[]): ReadWeather {
  const head = (rows[0] ?? []).map((cell) => cell.trim().toLowerCase())
  const isHourly = head.includes('hour')
  const wanted = isHourly ? COLUMNS.hours : COLUMNS.months
  const missing = wanted.filter((column) => !head.includes(column))
  if (missing.length > 0) return { ok: false, faults: [{ code: 'columns', line: 1, missing }] }
  const faults: WeatherFault[] = []
  const lines: Line[] = []
  rows.slice(1).forEach((cells, index) => {
    if (cells.every((cell) => cell.trim() === '')) return
    const read = readLine(cells, head, wanted, index + 2)
    if ('at' in read) lines.push(read)
    else faults.push(read)
  })
  if (lines.length === 0 && faults.length === 0) faults.push({ code: 'empty', line: 2 })
  if (faults.length > 0) return { ok: false, faults: faults.slice(0, MOST_FAULTS) }
  return isHourly ? byHours(lines) : byMonths(lines)
}

const FIRST_DAY: readonly number[] = MONTH_DAYS.map((_, month) => MONTH_OF.indexOf(month))

function byHours(lines: readonly Line[]): ReadWeather {
  const faults: WeatherFault[] = []
  const sun = new Float64Array(DAYS * HOURS).fill(NaN)
  const warm = new Float64Array(DAYS * HOURS)
  for (const { line, at } of lines) {
    const { month = 1, day = 1, hour = 0, sun_w_m2: watts = 0, outside_c: outsideC = 0 } = at
    // 29 February is left out: a year has 365 days here
    if (month === 2 && day === 29) continue
    const most = MONTH_DAYS[month - 1] ?? 31
    if (day > most) faults.push({ code: 'beyond', line, column: 'day', got: day, least: 1, most })
    const index = ((FIRST_DAY[month - 1] ?? 0) + day - 1) * HOURS + hour
    if (!Number.isNaN(sun[index])) faults.push({ code: 'twice', line, month, day, hour })
    sun[index] = watts
    warm[index] = outsideC
  }
  if (faults.length > 0) return { ok: false, faults: faults.slice(0, MOST_FAULTS) }
  const days = MONTH_OF.map((_, day): MeasuredDay | undefined => {
    const hours = sun.subarray(day * HOURS, (day + 1) * HOURS)
    if (hours.some(Number.isNaN)) return undefined
    return { sunWm2: [...hours], outsideC: [...warm.subarray(day * HOURS, (day + 1) * HOURS)] }
  })
  return { ok: true, measured: { days, gaps: gapsOf(days) } }
}

/** How many days of each month are not known. */
const gapsOf = (days: readonly (MeasuredDay | undefined)[]): readonly number[] =>
  MONTH_DAYS.map((_, month) => MONTH_OF.filter((one, day) => one === month && days[day] === undefined).length)

function byMonths(lines: readonly Line[]): ReadWeather {
  const known = new Map<number, MeasuredDay>()
  const faults: WeatherFault[] = []
  for (const { line, at } of lines) {
    const { month = 1, sun_kwh_m2_day: sunKwh = 0, mean_c: meanC = 0, swing_k: swingK = 0 } = at
    if (known.has(month - 1)) faults.push({ code: 'twice', line, month })
    known.set(month - 1, { sunKwh, meanC, swingK })
  }
  if (faults.length > 0) return { ok: false, faults }
  const days = MONTH_OF.map((month) => known.get(month))
  return { ok: true, measured: { days, gaps: gapsOf(days) } }
}
