import { textWidth, wrapped, type LetterWeight } from '../draw'
import type { HatchId } from '../draw'
import type { Gravity } from '../review'
import { fitted, LETTERS, rule, type Mark, type Tone } from './page'

/** A part of a page that is filled from its top: mm from the upper left corner of the page. */
export interface Frame {
  readonly marks: Mark[]
  readonly left: number
  readonly top: number
  readonly wide: number
  readonly high: number
}

/** A piece that stays together, as wide as it was made for. */
export interface Row {
  readonly high: number
  /** It stands on the same page as what follows. */
  readonly keep?: boolean
  /** It is left out where there is no room. */
  readonly isOptional?: boolean
  readonly marks: (left: number, top: number) => readonly Mark[]
}

/** Something that is read from top to bottom, in rows for a width; `head` comes again where it goes on in another frame. */
export interface Block {
  readonly rows: (wide: number) => readonly Row[]
  readonly head?: (wide: number) => readonly Row[]
}

const LINE = 1.32

const line = (text: string, sizeMm: number, weight: LetterWeight = 'regular', tone: Tone = 'ink', indent = 0): Row => ({
  high: sizeMm * LINE,
  marks: (left, top) => [{ kind: 'words', at: [left + indent, top + sizeMm], text, sizeMm, weight, tone }],
})

export const space = (high: number): Block => ({ rows: () => [{ high, marks: () => [] }] })

/** The heading of a part, with a line under it. */
export const heading = (text: string): Block => ({
  rows: (wide) => [
    {
      high: LETTERS.head * 2.1,
      keep: true,
      marks: (left, top) => [
        {
          kind: 'words',
          at: [left, top + LETTERS.head * 1.25],
          ...fitted(text, LETTERS.head, wide, 'semibold'),
          sizeMm: LETTERS.head,
          weight: 'semibold',
        },
        rule([left, top + LETTERS.head * 1.7], [left + wide, top + LETTERS.head * 1.7], 0.25),
      ],
    },
  ],
})

/** A text in the lines that it takes; with `keep` on the same page as what follows. */
export const paragraph = (
  text: string,
  { sizeMm = LETTERS.body as number, weight = 'regular' as LetterWeight, tone = 'ink' as Tone, keep = false } = {},
): Block => ({
  rows: (wide) => [
    ...wrapped(text, sizeMm, wide, weight).map((one) => ({ ...line(one, sizeMm, weight, tone), keep })),
    { high: sizeMm * 0.35, keep, marks: () => [] },
  ],
})

/** A statement with what stands before it: the sign of a finding, a box to tick, a number. */
export const item = (
  text: string,
  before: { readonly gravity: Gravity; readonly text: string } | 'box' | undefined,
  beside = '',
): Block => ({
  rows: (wide) => {
    const size = LETTERS.body
    const indent = before === undefined ? 0 : 6
    const besideWide = beside === '' ? 0 : Math.min(wide * 0.3, textWidth(beside, LETTERS.small) + 3)
    const lines = wrapped(text, size, wide - indent - besideWide)
    const right = beside === '' ? [] : wrapped(beside, LETTERS.small, besideWide)
    const high = Math.max(lines.length * size * LINE, right.length * LETTERS.small * LINE) + 1.6
    return [
      {
        high,
        marks: (left, top) => [
          ...(before === undefined
            ? []
            : before === 'box'
              ? ([{ kind: 'box', at: [left, top + 0.5], wideMm: 3, highMm: 3, widthMm: 0.25 }] as const)
              : ([{ kind: 'sign', at: [left + 2.2, top + size * 0.72], ...before }] as const)),
          ...lines.map((one, index): Mark => ({
            kind: 'words',
            at: [left + indent, top + size + index * size * LINE],
            text: one,
            sizeMm: size,
          })),
          ...right.map((one, index): Mark => ({
            kind: 'words',
            at: [left + wide, top + size + index * LETTERS.small * LINE],
            text: one,
            sizeMm: LETTERS.small,
            anchor: 'end',
            tone: 'soft',
          })),
          rule([left, top + high - 0.5], [left + wide, top + high - 0.5], 0.12, 'line'),
        ],
      },
    ]
  },
})

const writingLine = (wide: number): Row => ({
  high: 8,
  marks: (left, top) => [rule([left, top + 7.4], [left + wide, top + 7.4], 0.15, 'line')],
})

/** Lines to write on. */
export const writing = (count: number): Block => ({
  rows: (wide) => Array.from({ length: count }, () => writingLine(wide)),
})

/** A question with its lines to write on, which stay with it. */
export const question = (text: string, count: number): Block => ({
  rows: (wide) => [
    ...wrapped(text, LETTERS.body, wide).map((one) => ({ ...line(one, LETTERS.body), keep: true })),
    ...Array.from({ length: count }, (_, index) => ({ ...writingLine(wide), keep: index < count - 1 })),
  ],
})

export interface Column {
  readonly head: string
  /** How much of the width it has, beside the others. */
  readonly share: number
  readonly right?: boolean
  readonly strong?: boolean
}

/** A cell: its text, or room to write in. */
export type Cell = string | { readonly write: true }

/** A table whose head comes again on the next page. */
export function table(
  columns: readonly Column[],
  cells: readonly (readonly Cell[])[],
  sizeMm: number = LETTERS.small,
): Block {
  const GAP = 2
  const all = columns.reduce((sum, { share }) => sum + share, 0)
  const widths = (wide: number) => columns.map(({ share }) => ((wide - GAP * (columns.length - 1)) * share) / all)
  const row = (wide: number, texts: readonly Cell[], isHead: boolean): Row => {
    const each = widths(wide)
    const weightOf = (index: number): LetterWeight =>
      isHead || columns[index]?.strong !== true ? 'regular' : 'semibold'
    const lines = texts.map((text, index) =>
      typeof text === 'string' ? wrapped(text, sizeMm, each[index] ?? 0, weightOf(index)) : [],
    )
    const writes = texts.some((text) => typeof text !== 'string')
    const high = Math.max(writes ? 8 : 0, Math.max(...lines.map(({ length }) => length)) * sizeMm * LINE + 1.5)
    return {
      high,
      keep: isHead,
      marks: (left, top) => {
        let x = left
        const marks: Mark[] = []
        lines.forEach((those, index) => {
          const wideMm = each[index] ?? 0
          const isRight = columns[index]?.right === true
          if (typeof texts[index] !== 'string')
            marks.push(rule([x, top + high - 1.6], [x + wideMm, top + high - 1.6], 0.15, 'soft'))
          those.forEach((text, at) =>
            marks.push({
              kind: 'words',
              at: [
                isRight ? x + wideMm : x,
                top + 0.6 + sizeMm + at * sizeMm * LINE + (writes ? 8 - sizeMm * LINE - 2.2 : 0),
              ],
              text,
              sizeMm,
              weight: weightOf(index),
              anchor: isRight ? 'end' : 'start',
              tone: isHead ? 'soft' : 'ink',
            }),
          )
          x += wideMm + GAP
        })
        if (writes) return marks
        return [
          ...marks,
          rule([left, top + high], [left + wide, top + high], isHead ? 0.25 : 0.12, isHead ? 'ink' : 'line'),
        ]
      },
    }
  }
  const head = (wide: number): readonly Row[] => [
    row(
      wide,
      columns.map((column) => column.head),
      true,
    ),
  ]
  return {
    head,
    rows: (wide) => [...head(wide), ...cells.map((texts) => row(wide, texts, false)), { high: 2, marks: () => [] }],
  }
}

/** What hatches stand for, in two columns. */
export const key = (
  entries: readonly (readonly [HatchId, string])[],
  dashes: readonly (readonly [readonly number[], string])[],
): Block => ({
  rows: (wide) => {
    const cells = [
      ...entries.map(([hatch, words]) => ({
        words,
        mark: (left: number, top: number): Mark => ({ kind: 'hatch', at: [left, top], wideMm: 9, highMm: 4, hatch }),
      })),
      ...dashes.map(([dash, words]) => ({
        words,
        mark: (left: number, top: number): Mark =>
          ({
            ...rule([left, top + 2], [left + 9, top + 2], 0.25),
            dash,
          }) as Mark,
      })),
    ]
    const half = wide / 2
    return Array.from({ length: Math.ceil(cells.length / 2) }, (_, at): Row => ({
      high: 5.4,
      marks: (left, top) =>
        cells.slice(at * 2, at * 2 + 2).flatMap(({ words, mark }, column): Mark[] => [
          mark(left + column * half, top + 0.4),
          {
            kind: 'words',
            at: [left + column * half + 11, top + 3.4],
            ...fitted(words, LETTERS.small, half - 12),
            sizeMm: LETTERS.small,
          },
        ]),
    }))
  },
})

/** Something drawn, as high as it says; left out where its frame has no room for it any more. */
export const drawnIfRoom = (high: number, marks: Row['marks']): Block => ({
  rows: () => [{ high, marks, isOptional: true }],
})

/**
 * Sets blocks one under the other into frames, the next of which is asked for where one is full. A heading goes with what follows it, and
 * the head of a table comes again. A row that is higher than a whole frame stands in one of its own.
 */
export function flow(blocks: readonly Block[], next: () => Frame): void {
  let frame = next()
  let top = 0
  const put = (row: Row): void => {
    frame.marks.push(...row.marks(frame.left, frame.top + top))
    top += row.high
  }
  const turn = (): void => {
    frame = next()
    top = 0
  }
  const all = blocks.flatMap((block) => {
    const rows = block.rows(frame.wide)
    return rows.map((row, index) => ({ row, block, isFirst: index === 0 }))
  })
  all.forEach(({ row, block, isFirst }, index) => {
    // a row that is kept needs room for the next as well
    let high = row.high
    for (let at = index; all[at]?.row.keep === true && all[at + 1] !== undefined; at += 1)
      high += all[at + 1]?.row.high ?? 0
    if (top + high > frame.high + 0.01 && row.isOptional === true) return
    // nothing begins with empty space, nor does it ask for a sheet
    const isSpace = row.marks(0, 0).length === 0
    if (isSpace && (top === 0 || top + high > frame.high)) return
    if (top > 0 && top + high > frame.high + 0.01) {
      turn()
      if (!isFirst) for (const head of block.head?.(frame.wide) ?? []) put(head)
    }
    put(row)
  })
}
