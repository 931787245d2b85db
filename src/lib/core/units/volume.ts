import { parseQuantity, formatNumber, type UnitTable } from './quantity'
import type { Parsed } from './result'

/** Litres per unit; the US gallon is 231 cubic inches exactly. */
const LITRES_PER: UnitTable = {
  l: 1,
  litre: 1,
  litres: 1,
  ml: 0.001,
  gal: 3.785411784,
  gallon: 3.785411784,
  gallons: 3.785411784,
}

export const parseVolume = (text: string): Parsed<number> => parseQuantity(text, LITRES_PER, 'l', '110 or 29 gal')
export const sayVolume = (litres: number): string => `${formatNumber(litres)}\u00a0L`
