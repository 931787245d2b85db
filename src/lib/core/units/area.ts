import { isInInches, type LengthUnit } from './length'
import { formatNumber } from './quantity'

/** Inch and foot by definition since 1959: 25.4 mm and 0.3048 m exactly (NIST SP 811, appendix B). */
const CM2_PER_SQ_IN = 2.54 ** 2
const M2_PER_SQ_FT = 0.3048 ** 2
const M3_PER_CU_FT = 0.3048 ** 3

/** A floor, a wall, a ceiling, to a tenth: “7.0 m²”, or whole square feet where one works in inches. */
export const sayArea = (m2: number, unit: LengthUnit, decimals = 1): string =>
  isInInches(unit)
    ? `${formatNumber(m2 / M2_PER_SQ_FT, decimals - 1)}\u00a0sq\u00a0ft`
    : `${formatNumber(m2, decimals)}\u00a0m²`

/** The air of a body, to a tenth of a cubic metre, or in whole cubic feet. */
export const sayAir = (m3: number, unit: LengthUnit): string =>
  isInInches(unit) ? `${formatNumber(m3 / M3_PER_CU_FT)}\u00a0cu\u00a0ft` : `${formatNumber(m3, 1)}\u00a0m³`

/** A vent’s free area: whole square centimetres, or square inches to a tenth. `needed` rounds up, so that what is asked for is never less. */
export function sayOpening(cm2: number, unit: LengthUnit, needed = false): string {
  if (!isInInches(unit)) return `${formatNumber(needed ? Math.ceil(cm2) : cm2)}\u00a0cm²`
  const tenths = (cm2 / CM2_PER_SQ_IN) * 10
  return `${formatNumber((needed ? Math.ceil(tenths) : Math.round(tenths)) / 10, 1)}\u00a0sq\u00a0in`
}
