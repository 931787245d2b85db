import { parseQuantity, formatNumber, type UnitTable } from './quantity'
import type { Parsed } from './result'

/** Kilograms per unit; the pound is 0.453 592 37 kg exactly (1959 agreement, from memory). */
const KG_PER: UnitTable = { kg: 1, g: 0.001, t: 1000, lb: 0.45359237, lbs: 0.45359237 }

export const parseMass = (text: string): Parsed<number> => parseQuantity(text, KG_PER, 'kg', '12 kg or 26 lb')
export const sayMass = (kg: number): string => `${formatNumber(kg, kg < 10 && kg % 1 !== 0 ? 1 : 0)}\u00a0kg`
