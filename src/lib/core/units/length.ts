import { formatNumber, parseQuantity, type UnitTable } from './quantity'
import type { Parsed } from './result'

/** The units a screen can show lengths in. */
export const LENGTH_UNITS = ['mm', 'cm', 'in'] as const
export type LengthUnit = (typeof LENGTH_UNITS)[number]

/** Millimetres per unit; the inch is 25.4 mm exactly (international yard and pound agreement of 1959, from memory). */
const MM_PER: UnitTable = {
  mm: 1,
  millimetre: 1,
  millimetres: 1,
  cm: 10,
  m: 1000,
  metre: 1000,
  metres: 1000,
  in: 25.4,
  inch: 25.4,
  inches: 25.4,
  '"': 25.4,
  '″': 25.4,
  '”': 25.4,
  "''": 25.4,
  ft: 304.8,
  foot: 304.8,
  feet: 304.8,
  "'": 304.8,
  '′': 304.8,
  '’': 304.8,
}

const EXAMPLE: Record<LengthUnit, string> = { mm: '1850 or 73.5in', cm: '185 or 6\' 1"', in: '73 1/2 or 1850mm' }

/** Reads a length in any common spelling into millimetres; a bare number is in `unit`. */
export const parseLength = (text: string, unit: LengthUnit): Parsed<number> =>
  parseQuantity(text, MM_PER, unit, EXAMPLE[unit])

const SIXTEENTHS = 16

/**
 * A length as the screen shows it, without the unit's name in mm and cm, and with the inch sign in inches,
 * where it is rounded to a sixteenth.
 */
export function formatLength(mm: number, unit: LengthUnit): string {
  if (!Number.isFinite(mm)) throw new RangeError(`a length must be finite, got ${mm}`)
  if (unit === 'mm') return formatNumber(mm)
  if (unit === 'cm') return formatNumber(mm / 10, 1)
  const sixteenths = Math.round((Math.abs(mm) / 25.4) * SIXTEENTHS)
  const whole = Math.floor(sixteenths / SIXTEENTHS)
  let numerator = sixteenths % SIXTEENTHS
  let denominator = SIXTEENTHS
  while (numerator > 0 && numerator % 2 === 0) {
    numerator /= 2
    denominator /= 2
  }
  const sign = mm < 0 && sixteenths > 0 ? '−' : ''
  if (numerator === 0) return `${sign}${whole}″`
  return whole === 0 ? `${sign}${numerator}/${denominator}″` : `${sign}${whole} ${numerator}/${denominator}″`
}

const MM_PER_EIGHTH = 25.4 / 8
/** So little over an eighth of an inch that it is still that eighth. */
const OVER_MM = 0.05

/** What a thing must have at least, in millimetres, as a tape shows it: in inches up to the next eighth. */
export const needed = (mm: number, unit: LengthUnit): number =>
  unit === 'in' ? Math.ceil((mm - OVER_MM) / MM_PER_EIGHTH) * MM_PER_EIGHTH : mm

/** A length that is asked for, with its unit's name. */
export const sayNeed = (mm: number, unit: LengthUnit): string => sayLength(needed(mm, unit), unit)

/** A length with its unit's name, for sentences. */
export const sayLength = (mm: number, unit: LengthUnit): string =>
  unit === 'in' ? formatLength(mm, unit) : `${formatLength(mm, unit)}\u00a0${unit}`
