import { formatNumber, parseQuantity, type UnitTable } from './quantity'
import type { Parsed } from './result'

/** The units a screen can show lengths in. */
export const LENGTH_UNITS = ['mm', 'cm', 'in', 'ft'] as const
export type LengthUnit = (typeof LENGTH_UNITS)[number]

/** Whether a length is shown by inches: alone, or with feet before them. */
export const isInInches = (unit: LengthUnit): boolean => unit === 'in' || unit === 'ft'

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

const EXAMPLE: Record<LengthUnit, string> = {
  mm: '1850 or 73.5in',
  cm: '185 or 6\' 1"',
  in: '73 1/2 or 1850mm',
  ft: '6\' 1 1/2" or 1850mm',
}

/** Reads a length in any common spelling into millimetres; a bare number is in `unit`, and in inches where feet are shown before them. */
export const parseLength = (text: string, unit: LengthUnit): Parsed<number> =>
  parseQuantity(text, MM_PER, unit === 'ft' ? 'in' : unit, EXAMPLE[unit])

const SIXTEENTHS = 16
const INCHES_PER_FOOT = 12

/**
 * A length as the screen shows it, without the unit's name in mm and cm, and with the signs of feet and inches in these,
 * where it is rounded to a sixteenth of an inch. Below a foot there are inches only.
 */
export function formatLength(mm: number, unit: LengthUnit): string {
  if (!Number.isFinite(mm)) throw new RangeError(`a length must be finite, got ${mm}`)
  if (unit === 'mm') return formatNumber(mm)
  if (unit === 'cm') return formatNumber(mm / 10, 1)
  const sixteenths = Math.round((Math.abs(mm) / 25.4) * SIXTEENTHS)
  const sign = mm < 0 && sixteenths > 0 ? '−' : ''
  const feet = unit === 'ft' ? Math.floor(sixteenths / (SIXTEENTHS * INCHES_PER_FOOT)) : 0
  const rest = sixteenths - feet * SIXTEENTHS * INCHES_PER_FOOT
  if (feet === 0) return sign + sayInches(rest)
  return rest === 0 ? `${sign}${feet}′` : `${sign}${feet}′\u00a0${sayInches(rest)}`
}

function sayInches(sixteenths: number): string {
  const whole = Math.floor(sixteenths / SIXTEENTHS)
  let numerator = sixteenths % SIXTEENTHS
  let denominator = SIXTEENTHS
  while (numerator > 0 && numerator % 2 === 0) {
    numerator /= 2
    denominator /= 2
  }
  if (numerator === 0) return `${whole}″`
  return whole === 0 ? `${numerator}/${denominator}″` : `${whole} ${numerator}/${denominator}″`
}

const MM_PER_EIGHTH = 25.4 / 8
/** So little over an eighth of an inch that it is still that eighth. */
const OVER_MM = 0.05

/** What a thing must have at least, in millimetres, as a tape shows it: in inches up to the next eighth. */
export const needed = (mm: number, unit: LengthUnit): number =>
  isInInches(unit) ? Math.ceil((mm - OVER_MM) / MM_PER_EIGHTH) * MM_PER_EIGHTH : mm

/** A length that is asked for, with its unit's name. */
export const sayNeed = (mm: number, unit: LengthUnit): string => sayLength(needed(mm, unit), unit)

/** A length with its unit's name, for sentences. */
export const sayLength = (mm: number, unit: LengthUnit): string =>
  isInInches(unit) ? formatLength(mm, unit) : `${formatLength(mm, unit)}\u00a0${unit}`
