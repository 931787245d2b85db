import { wrapped, type LetterWeight } from '../draw'
import { isInInches, type LengthUnit } from '../units'
import type { Frame } from './flow'
import { MARGIN_MM, sizeOf, type Format } from './format'
import { fitted, LETTERS, rule, type Mark, type Page, type Tone } from './page'

/** The head of the shop’s paper, as it keeps it for all its jobs. */
export interface Letterhead {
  readonly name: string
  readonly address: string
  /** How wide the mark is for its height; undefined where there is none. */
  readonly markShape?: number | undefined
}
export const NO_LETTERHEAD: Letterhead = { name: '', address: '' }
/** What the mark of the shop is called among the pictures of a set. */
export const SHOP_MARK = 'mark'

/** What stands in the title block of every sheet of a set. */
export interface TitleFacts {
  readonly job: string
  readonly vehicle: string
  /** Of the sheets that show one: the variant. */
  readonly variant: string
  /** In words, as on the screen. */
  readonly date: string
  readonly revision: number | undefined
  readonly unit: LengthUnit
  readonly letterhead: Letterhead
}

/** A sheet that is being filled. */
export interface Draft {
  title: string
  /** What beside the title says which it is: a mode, a station. */
  under: string
  scale: number | undefined
  readonly marks: Mark[]
  /** What the title block and the edge leave: mm from the upper left corner of the paper. */
  readonly room: Omit<Frame, 'marks'>
}

const ROW_MM = 19
/** From here on the title block has room for all in one row. */
const WIDE_MM = 250
const GAP_MM = 5

const blockHigh = (wide: number): number => (wide >= WIDE_MM ? ROW_MM : 2 * ROW_MM)

/** Sheets of one format, filled one after the other, then numbered and given their title blocks. */
export class Sheets {
  readonly drafts: Draft[] = []

  constructor(
    readonly format: Format,
    private readonly facts: TitleFacts,
  ) {}

  get unit(): LengthUnit {
    return this.facts.unit
  }

  /** What every sheet of this format leaves for its content. */
  get room(): Draft['room'] {
    const { widthMm, heightMm } = sizeOf(this.format)
    const wide = widthMm - 2 * MARGIN_MM
    return {
      left: MARGIN_MM + GAP_MM,
      top: MARGIN_MM + GAP_MM,
      wide: wide - 2 * GAP_MM,
      high: heightMm - 2 * MARGIN_MM - blockHigh(wide) - 2 * GAP_MM,
    }
  }

  add(title: string, under = '', scale?: number): Draft {
    const draft: Draft = { title, under, scale, marks: [], room: this.room }
    this.drafts.push(draft)
    return draft
  }

  /** Frames of a width, beside each other on as many sheets of a title as are asked for, after those that are given. */
  frames(title: string, under: string, wide: number, given: readonly Frame[] = []): () => Frame {
    const waiting = [...given]
    return () => {
      if (waiting.length === 0) {
        const { marks, room } = this.add(title, under)
        const columns = Math.max(1, Math.floor((room.wide + BETWEEN_MM) / (wide + BETWEEN_MM)))
        for (let at = 0; at < columns; at += 1)
          waiting.push({ marks, left: room.left + at * (wide + BETWEEN_MM), top: room.top, wide, high: room.high })
      }
      const frame = waiting.shift()
      if (frame === undefined) throw new RangeError('a sheet without a frame')
      return frame
    }
  }

  /** The pages, each with its edge and title block. */
  pages(): readonly Page[] {
    const { widthMm, heightMm } = sizeOf(this.format)
    return this.drafts.map((draft, index) => ({
      title: draft.under === '' ? draft.title : `${draft.title}, ${draft.under}`,
      widthMm,
      heightMm,
      marks: [...draft.marks, ...titleBlock(draft, this.facts, widthMm, heightMm, index + 1, this.drafts.length)],
    }))
  }
}

/** A column of text is at least so wide, and two have so much room together, mm. */
const LEAST_COLUMN_MM = 94
const TWO_COLUMNS_MM = 230
const BETWEEN_MM = 2 * GAP_MM
const LEAST_HIGH_MM = 45

/** How wide the frames of a text are, on paper of a width: two to a page that is wide enough. */
export const textFrame = (roomWide: number): number =>
  roomWide >= TWO_COLUMNS_MM ? (roomWide - BETWEEN_MM) / 2 : roomWide

/** Frames side by side in a part of a sheet that is left; none where it is too small to read in. */
export function framesIn(marks: Mark[], { left, top, wide, high }: Draft['room']): readonly Frame[] {
  if (wide < LEAST_COLUMN_MM || high < LEAST_HIGH_MM) return []
  const each = textFrame(wide)
  return (each === wide ? [left] : [left, left + each + BETWEEN_MM]).map((at) => ({
    marks,
    left: at,
    top,
    wide: each,
    high,
  }))
}

/** What is left of a sheet beside what was put into its upper left corner, or else below that. */
export function restOf({ marks, room }: Draft, wide: number, high: number): readonly Frame[] {
  const beside = framesIn(marks, {
    left: room.left + wide + BETWEEN_MM,
    top: room.top,
    wide: room.wide - wide - BETWEEN_MM,
    high: room.high,
  })
  if (beside.length > 0) return beside
  return framesIn(marks, { ...room, top: room.top + high + GAP_MM, high: room.high - high - GAP_MM })
}

const words = (
  at: readonly [number, number],
  text: string,
  sizeMm: number,
  wide: number,
  { weight = 'regular' as LetterWeight, tone = 'ink' as Tone, anchor = 'start' as 'start' | 'end' } = {},
): Mark => ({ kind: 'words', at, ...fitted(text, sizeMm, wide, weight), sizeMm, weight, tone, anchor })

/** A bar of known lengths: half a metre and a metre, or a foot and three. */
function scaleBar(left: number, top: number, scale: number, unit: LengthUnit, wide: number): readonly Mark[] {
  const inches = isInInches(unit)
  const step = inches ? 304.8 : 500
  // as many fields as there is room for, four at the most
  const fields = Math.max(1, Math.min(4, Math.floor((wide - 6) / (step / scale))))
  const each = step / scale
  const say = (at: number): string => (inches ? `${at}′` : at % 2 === 0 ? String(at / 2) : `${(at / 2).toFixed(1)}`)
  return [
    ...Array.from({ length: fields }, (_, at): Mark => ({
      kind: 'box',
      at: [left + at * each, top],
      wideMm: each,
      highMm: 1.4,
      widthMm: 0.18,
      ...(at % 2 === 0 ? { fill: 'ink' as const } : {}),
    })),
    ...Array.from({ length: fields + 1 }, (_, at): Mark => ({
      kind: 'words',
      at: [left + at * each, top + 4.2],
      text: at === fields && !inches ? `${say(at)} m` : say(at),
      sizeMm: LETTERS.fine,
      anchor: at === 0 ? 'start' : 'middle',
    })),
  ]
}

/** The title block at the foot of a sheet: shop, job, which sheet it is, scale, and when it was made. */
function titleBlock(
  draft: Draft,
  facts: TitleFacts,
  widthMm: number,
  heightMm: number,
  number: number,
  of: number,
): readonly Mark[] {
  const wide = widthMm - 2 * MARGIN_MM
  const high = blockHigh(wide)
  const [left, bottom] = [MARGIN_MM, heightMm - MARGIN_MM]
  const top = bottom - high
  const oneRow = wide >= WIDE_MM
  // shares of the width, by row
  const rows: readonly (readonly (readonly [Cell, number])[])[] = oneRow
    ? [
        [
          [shopCell, 0.22],
          [jobCell, 0.24],
          [sheetCell, 0.26],
          [scaleCell, 0.14],
          [endCell, 0.14],
        ],
      ]
    : [
        [
          [shopCell, 0.4],
          [jobCell, 0.6],
        ],
        [
          [sheetCell, 0.42],
          [scaleCell, 0.3],
          [endCell, 0.28],
        ],
      ]
  const marks: Mark[] = [
    { kind: 'box', at: [left, MARGIN_MM], wideMm: wide, highMm: heightMm - 2 * MARGIN_MM, widthMm: 0.35 },
  ]
  rows.forEach((cells, row) => {
    const y = top + row * ROW_MM
    marks.push(rule([left, y], [left + wide, y], 0.35))
    let x = left
    cells.forEach(([cell, share], index) => {
      const cellWide = wide * share
      if (index > 0) marks.push(rule([x, y], [x, y + ROW_MM], 0.25))
      marks.push(...cell(x + 2.5, y, cellWide - 5, draft, facts, number, of))
      x += cellWide
    })
  })
  return marks
}

type Cell = (
  left: number,
  top: number,
  wide: number,
  draft: Draft,
  facts: TitleFacts,
  number: number,
  of: number,
) => readonly Mark[]

const ADDRESS_LINES = 4

const shopCell: Cell = (left, top, wide, _draft, { letterhead }) => {
  const { name, address, markShape } = letterhead
  const markHigh = 12
  const markWide = markShape === undefined ? 0 : Math.min(wide * 0.45, markHigh * markShape)
  const x = markWide === 0 ? left : left + markWide + 2.5
  const rest = wide - (x - left)
  const all = wrapped(address, LETTERS.fine, rest)
  // the last line that there is room for says where more is missing
  const lines =
    all.length <= ADDRESS_LINES ? all : [...all.slice(0, ADDRESS_LINES - 1), all.slice(ADDRESS_LINES - 1).join(', ')]
  return [
    ...(markWide === 0
      ? []
      : ([
          { kind: 'picture', at: [left, top + 3.5], wideMm: markWide, highMm: markHigh, picture: SHOP_MARK },
        ] as const)),
    words([x, top + 5.8], name, LETTERS.head, rest, { weight: 'semibold' }),
    ...lines.map((text, index) => words([x, top + 9.2 + index * 2.6], text, LETTERS.fine, rest, { tone: 'soft' })),
  ]
}

const jobCell: Cell = (left, top, wide, _draft, { job, vehicle, variant }) => [
  words([left, top + 3.8], 'job', LETTERS.fine, wide, { tone: 'soft' }),
  words([left, top + 8.4], job, LETTERS.head, wide, { weight: 'semibold' }),
  words([left, top + 12.6], vehicle, LETTERS.small, wide),
  words([left, top + 16.4], variant === '' ? '' : `Variant ${variant}`, LETTERS.small, wide),
]

const sheetCell: Cell = (left, top, wide, { title, under }) => [
  words([left, top + 3.8], 'sheet', LETTERS.fine, wide, { tone: 'soft' }),
  words([left, top + 8.4], title, LETTERS.head, wide, { weight: 'semibold' }),
  words([left, top + 12.6], under, LETTERS.small, wide),
  words([left, top + 16.4], 'Figures are for planning, never a certificate.', LETTERS.fine, wide, { tone: 'soft' }),
]

const scaleCell: Cell = (left, top, wide, { scale }, { unit }) =>
  scale === undefined
    ? [words([left, top + 3.8], 'no scale', LETTERS.fine, wide, { tone: 'soft' })]
    : [
        words([left, top + 3.8], 'scale', LETTERS.fine, wide, { tone: 'soft' }),
        words([left, top + 9], `1 : ${scale}`, LETTERS.title * 0.9, wide, { weight: 'semibold' }),
        ...scaleBar(left, top + 11.6, scale, unit, wide),
      ]

const UNIT_NAMES: Readonly<Record<LengthUnit, string>> = {
  mm: 'lengths in mm',
  cm: 'lengths in cm',
  in: 'lengths in inches',
  ft: 'lengths in feet and inches',
}

const endCell: Cell = (left, top, wide, _draft, { date, revision, unit }, number, of) => [
  words([left, top + 5.4], `Sheet ${number} of ${of}`, LETTERS.head, wide, { weight: 'semibold' }),
  words([left, top + 9.6], date, LETTERS.small, wide),
  words([left, top + 13], revision === undefined ? '' : `Revision ${revision}`, LETTERS.small, wide),
  words([left, top + 16.4], UNIT_NAMES[unit], LETTERS.fine, wide, { tone: 'soft' }),
]
