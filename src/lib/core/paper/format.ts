import { isInInches, type LengthUnit } from '../units'

/** Sizes of paper, the shorter side first, mm: ISO 216, and ANSI/ASME Y14.1 (A, B) for letter and tabloid. */
export const PAPERS = {
  A4: [210, 297],
  A3: [297, 420],
  letter: [215.9, 279.4],
  tabloid: [279.4, 431.8],
} as const
export const PAPER_IDS = ['A4', 'A3', 'letter', 'tabloid'] as const
type PaperId = (typeof PAPER_IDS)[number]

export interface Format {
  readonly paper: PaperId
  readonly across: boolean
}

/** Scales of drawings, the largest first: 20 stands for 1 : 20. */
const METRIC = [20, 25, 33, 50] as const
/** An inch, three quarters, a half and a quarter to the foot. */
const INCHES = [12, 16, 24, 48] as const

/** For a drawing that only shows what is meant, where none of those is small enough: an eighth of an inch to the foot. */
export const overviewIn = (unit: LengthUnit): number => (isInInches(unit) ? 96 : 100)
export const scalesIn = (unit: LengthUnit): readonly number[] => (isInInches(unit) ? INCHES : METRIC)
export const PRINT_SCALES: readonly number[] = [...new Set([...METRIC, ...INCHES])].sort((a, b) => a - b)

/** The paper that is usual where lengths are said in a unit. */
export const usualPaper = (unit: LengthUnit): Format => ({ paper: isInInches(unit) ? 'tabloid' : 'A3', across: true })

export const sizeOf = ({ paper, across }: Format): { readonly widthMm: number; readonly heightMm: number } => {
  const [short, long] = PAPERS[paper]
  return across ? { widthMm: long, heightMm: short } : { widthMm: short, heightMm: long }
}

/** What no printer reaches, with room to punch. */
export const MARGIN_MM = 10
