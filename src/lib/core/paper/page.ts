import { shortened, type HatchId, type LetterWeight, type PlacedView } from '../draw'
import type { Vec2 } from '../geometry'
import type { Gravity } from '../review'

/** How dark something is set. Gravity has a colour of its own, beside its shape. */
export type Tone = 'ink' | 'soft' | 'line' | Gravity

/** One mark of a page: mm of paper from its upper left corner, the second axis down. */
export type Mark =
  | {
      readonly kind: 'rule'
      readonly from: Vec2
      readonly to: Vec2
      readonly widthMm: number
      readonly tone?: Tone
      readonly dash?: readonly number[]
    }
  | {
      readonly kind: 'box'
      readonly at: Vec2
      readonly wideMm: number
      readonly highMm: number
      readonly widthMm: number
      readonly fill?: Tone
    }
  | {
      readonly kind: 'words'
      /** The beginning, middle or end of the baseline. */
      readonly at: Vec2
      readonly text: string
      /** All of the text, where there was no room for it. */
      readonly whole?: string
      readonly sizeMm: number
      readonly weight?: LetterWeight
      readonly anchor?: 'start' | 'middle' | 'end'
      readonly tone?: Tone
    }
  | { readonly kind: 'view'; readonly placed: PlacedView; readonly scale: number }
  /** How grave a finding is, by its shape, with its number. About its middle. */
  | { readonly kind: 'sign'; readonly at: Vec2; readonly gravity: Gravity; readonly text: string }
  | {
      readonly kind: 'hatch'
      readonly at: Vec2
      readonly wideMm: number
      readonly highMm: number
      readonly hatch: HatchId
    }
  /** A photo of the job, or the mark of the shop. */
  | {
      readonly kind: 'picture'
      readonly at: Vec2
      readonly wideMm: number
      readonly highMm: number
      readonly picture: string
    }

export interface Page {
  readonly title: string
  readonly widthMm: number
  readonly heightMm: number
  readonly marks: readonly Mark[]
}

/** Pages that belong together, and what of the job is not on them, in sentences. */
export interface PaperSet {
  readonly name: string
  readonly pages: readonly Page[]
  readonly leftOut: readonly string[]
}

/** Sizes of letters on paper, mm. */
export const LETTERS = { fine: 2.1, small: 2.5, body: 2.9, head: 3.4, title: 5 } as const

export const rule = (from: Vec2, to: Vec2, widthMm = 0.18, tone: Tone = 'ink'): Mark => ({
  kind: 'rule',
  from,
  to,
  widthMm,
  tone,
})

/** A text in one line of a width, with a sign where something of it is missing; all of it goes along then, so that it can be told. */
export function fitted(
  text: string,
  sizeMm: number,
  wideMm: number,
  weight: LetterWeight = 'regular',
): { readonly text: string; readonly whole?: string } {
  const line = shortened(text, sizeMm, wideMm, weight)
  return line === shortened(text, sizeMm, Infinity, weight) ? { text: line } : { text: line, whole: text }
}
