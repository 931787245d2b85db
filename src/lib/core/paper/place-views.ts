import type { Bounds, PlacedView, View } from '../draw'
import { textWidth } from '../draw'
import { nth } from '../units'
import { LETTERS, rule, type Mark } from './page'
import type { Frame } from './flow'
import { framesIn, type Draft, type Sheets } from './sheet'

/** A view with the room that its dimensions take beside it, mm of its own. */
export interface Drawable {
  readonly view: View
  readonly around: { readonly left: number; readonly right: number; readonly above: number; readonly below: number }
}

export const NOTHING_AROUND = { left: 0, right: 0, above: 0, below: 0 }
/** The figures of chains that stand across their line. */
const FIGURE_MM = 7
/** The title over a view, and the gap under it. */
const TITLE_MM = 5
const GAP_MM = 5

const long = ({ min, max }: Bounds): number => max[0] - min[0]
const tall = ({ min, max }: Bounds): number => max[1] - min[1]

/** What a view takes on paper at a scale, with its title and its dimensions. */
export function sizeAt({ view, around }: Drawable, scale: number): { readonly wide: number; readonly high: number } {
  const figures = around.above + around.below > 0 ? FIGURE_MM : 0
  const title = textWidth(view.title, LETTERS.small, 'semibold') + around.left / scale
  return {
    wide: Math.max(title, (long(view.bounds) + around.left + around.right) / scale) + (around.left > 0 ? 4 : 0),
    high: (tall(view.bounds) + around.above + around.below) / scale + TITLE_MM + figures,
  }
}

const titleMark = (text: string, at: readonly [number, number]): Mark => ({
  kind: 'words',
  at,
  text,
  sizeMm: LETTERS.small,
  weight: 'semibold',
})

/** The marks of a view with its title, its upper left corner with all that is around it at a point. */
export function viewMarks(
  { view, around }: Drawable,
  scale: number,
  at: readonly [number, number],
  numbers?: ReadonlyMap<string, number>,
): readonly Mark[] {
  const left = at[0] + around.left / scale + (around.left > 0 ? 4 : 0)
  const top = at[1] + TITLE_MM + around.above / scale + (around.above > 0 ? FIGURE_MM / 2 : 0)
  const placed: PlacedView = { view, left, top, ...(numbers === undefined ? {} : { numbers }) }
  return [titleMark(view.title, [left, at[1] + LETTERS.small]), { kind: 'view', placed, scale }]
}

/** Puts a view on a sheet; answers how high it is. */
export function putView(
  draft: Draft,
  drawable: Drawable,
  scale: number,
  at: readonly [number, number],
  numbers?: ReadonlyMap<string, number>,
): number {
  draft.marks.push(...viewMarks(drawable, scale, at, numbers))
  draft.scale = scale
  return sizeAt(drawable, scale).high
}

/** What views of one length take one under the other, so that a thing lies under itself. */
export function stackAt(
  drawables: readonly Drawable[],
  scale: number,
): { readonly wide: number; readonly high: number } {
  const sizes = drawables.map((one) => sizeAt(one, scale))
  return {
    wide: Math.max(...sizes.map(({ wide }) => wide)),
    high: sizes.reduce((sum, { high }) => sum + high, 0) + (sizes.length - 1) * GAP_MM,
  }
}

/** Puts a stack on a sheet; answers how high it is. */
export function putStack(
  draft: Draft,
  drawables: readonly Drawable[],
  scale: number,
  at: readonly [number, number],
  numbers?: ReadonlyMap<string, number>,
): number {
  const most = Math.max(...drawables.map(({ around }) => around.left))
  let top = at[1]
  for (const one of drawables) {
    const aligned = { ...one, around: { ...one.around, left: most } }
    top += putView(draft, aligned, scale, [at[0], top], numbers) + GAP_MM
  }
  return top - at[1] - GAP_MM
}

interface Tile {
  readonly drawable: Drawable
  readonly part: Bounds
  readonly column: number
  readonly row: number
  readonly columns: number
  readonly rows: number
}

/** So much beside a match line is shown on both sheets, mm of paper. */
const OVERLAP_MM = 4

/** The parts in which a view goes over several sheets. */
function tilesOf(drawable: Drawable, scale: number, wide: number, high: number): readonly Tile[] {
  const { bounds } = drawable.view
  const margin = (sizeAt(drawable, scale).wide - long(bounds) / scale) / 2
  const standing = sizeAt(drawable, scale).high - tall(bounds) / scale
  const [cellWide, cellHigh] = [
    (wide - 2 * Math.max(margin, OVERLAP_MM) - 8) * scale,
    (high - standing - OVERLAP_MM) * scale,
  ]
  const [columns, rows] = [Math.ceil(long(bounds) / cellWide), Math.ceil(tall(bounds) / cellHigh)]
  const [eachU, eachV] = [long(bounds) / columns, tall(bounds) / rows]
  return Array.from({ length: rows * columns }, (_, at): Tile => {
    const [column, row] = [at % columns, Math.floor(at / columns)]
    const [u, v] = [bounds.min[0] + column * eachU, bounds.max[1] - row * eachV]
    return { drawable, part: { min: [u, v - eachV], max: [u + eachU, v] }, column, row, columns, rows }
  })
}

const LETTERS_OF_LINES = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ'

/**
 * Puts views on as many sheets of a title as they need at a scale: several to a sheet where they fit, and one that does not fit in parts, over
 * sheets whose match lines say where it goes on. Answers the frames that are left beside or below the last of them.
 */
export function putViews(
  sheets: Sheets,
  title: string,
  under: string,
  drawables: readonly Drawable[],
  scale: number,
  numbers?: ReadonlyMap<string, number>,
): readonly Frame[] {
  let draft: Draft | undefined
  let top = 0
  let left = 0
  let rowHigh = 0
  const sheet = (): Draft => {
    const made = sheets.add(title, under, scale)
    ;[top, left, rowHigh] = [made.room.top, made.room.left, 0]
    return made
  }
  for (const drawable of drawables) {
    const { wide, high } = sizeAt(drawable, scale)
    const { room } = sheets
    if (wide > room.wide || high > room.high) {
      putTiles(sheets, title, under, drawable, scale, numbers)
      draft = undefined
      continue
    }
    draft ??= sheet()
    if (left > room.left && left + wide > room.left + room.wide)
      [left, top, rowHigh] = [room.left, top + rowHigh + GAP_MM, 0]
    if (top + high > room.top + room.high) draft = sheet()
    putView(draft, drawable, scale, [left, top], numbers)
    left += wide + GAP_MM
    rowHigh = Math.max(rowHigh, high)
  }
  if (draft === undefined) return []
  const { marks, room } = draft
  const [right, bottom] = [room.left + room.wide, room.top + room.high]
  const beside = framesIn(marks, { left: left + GAP_MM, top, wide: right - left - GAP_MM, high: bottom - top })
  const below = top + rowHigh + GAP_MM
  return beside.length > 0
    ? beside
    : framesIn(marks, { left: room.left, top: below, wide: room.wide, high: bottom - below })
}

/** A view that goes over several sheets. */
function putTiles(
  sheets: Sheets,
  title: string,
  under: string,
  drawable: Drawable,
  scale: number,
  numbers: ReadonlyMap<string, number> | undefined,
): void {
  const { room } = sheets
  const tiles = tilesOf(drawable, scale, room.wide, room.high)
  const first = sheets.drafts.length
  const numberAt = (column: number, row: number, columns: number): number => first + row * columns + column + 1
  const { around } = drawable
  for (const { part, column, row, columns, rows } of tiles) {
    const draft = sheets.add(title, under, scale)
    const margin = Math.max(around.left / scale + 4, OVERLAP_MM)
    const [left, top] = [
      room.left + margin,
      room.top + TITLE_MM + Math.max(around.above / scale, OVERLAP_MM) + FIGURE_MM / 2,
    ]
    const [wide, high] = [long(part) / scale, tall(part) / scale]
    draft.marks.push(
      titleMark(`${drawable.view.title}, part ${row * columns + column + 1} of ${rows * columns}`, [
        left,
        room.top + LETTERS.small,
      ]),
      {
        kind: 'view',
        scale,
        placed: { view: drawable.view, left, top, part, ...(numbers === undefined ? {} : { numbers }) },
      },
    )
    const match = (
      from: readonly [number, number],
      to: readonly [number, number],
      letter: string,
      other: number,
    ): void => {
      const isUpright = from[0] === to[0]
      const text = `${letter}: goes on on sheet ${other}`
      const half = textWidth(text, LETTERS.small, 'semibold') / 2
      const middle = Math.min(Math.max(from[0], room.left + half), room.left + room.wide - half)
      const at: readonly [number, number] = isUpright
        ? [middle, to[1] + 3.4]
        : [from[0] + 2, from[1] + (from[1] > top + high / 2 ? 3.6 : -1.4)]
      draft.marks.push({ ...rule(from, to, 0.3), dash: [6, 1.5, 1, 1.5] } as Mark, {
        kind: 'words',
        at,
        text,
        sizeMm: LETTERS.small,
        weight: 'semibold',
        anchor: isUpright ? 'middle' : 'start',
      })
    }
    const letterOf = (index: number): string => nth([...LETTERS_OF_LINES], index % LETTERS_OF_LINES.length)
    const [above, below] = [top - OVERLAP_MM, top + high + OVERLAP_MM]
    if (column > 0) match([left, above], [left, below], letterOf(column - 1), numberAt(column - 1, row, columns))
    if (column < columns - 1)
      match([left + wide, above], [left + wide, below], letterOf(column), numberAt(column + 1, row, columns))
    if (row > 0) match([left, top], [left + wide, top], letterOf(columns + row - 1), numberAt(column, row - 1, columns))
    if (row < rows - 1)
      match([left, top + high], [left + wide, top + high], letterOf(columns + row), numberAt(column, row + 1, columns))
  }
}
