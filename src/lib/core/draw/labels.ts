import type { Vec2 } from '../geometry'
import type { Item } from './display'

/** The names of a view laid out on a screen or sheet; lengths in its own units (pixels, or mm of paper). */
export interface LaidLabel {
  readonly text: string
  readonly at: Vec2
  readonly fontSize: number
  readonly size: Extract<Item, { kind: 'text' }>['size']
  readonly anchor: Extract<Item, { kind: 'text' }>['anchor']
  readonly upright: boolean
}

export interface Lettering {
  /** From the view's millimetres to where they lie on the screen or sheet. */
  readonly at: (point: Vec2) => Vec2
  /** Units of screen or sheet for one millimetre of the view. */
  readonly scale: number
  readonly sizes: Readonly<Record<LaidLabel['size'], number>>
  /** How wide a text runs at a size, in units of screen or sheet. */
  readonly wide: (text: string, fontSize: number) => number
  /** Clear space to keep around a name. */
  readonly margin: number
}

/** Widths of letters of the narrow cut, semi-bold, as shares of the font size; measured off the screen, to about 5 %. */
const letterWidth = (letter: string): number =>
  /[fijlrtI .,:;·'’|]/.test(letter) ? 0.27 : /[mwMW@%]/.test(letter) ? 0.78 : /[A-Z0-9]/.test(letter) ? 0.57 : 0.48

const lettersWide = new Map<string, number>()

/** Width of a text, as a share of the font size; names come again at every step of a drag. */
function lengthOf(text: string): number {
  const known = lettersWide.get(text)
  if (known !== undefined) return known
  const made = [...text].reduce((sum, letter) => sum + letterWidth(letter), 0)
  // names are typed letter by letter: what is kept is let go before it is much
  if (lettersWide.size > 2000) lettersWide.clear()
  lettersWide.set(text, made)
  return made
}

/** About how wide a text runs in the narrow cut at a size, in the units of that size. */
export const lettersWidth = (text: string, fontSize: number): number => lengthOf(text) * fontSize

/** A box that something written takes, in units of screen or sheet. */
export interface LabelBox {
  readonly x0: number
  readonly y0: number
  readonly x1: number
  readonly y1: number
}

/** Whether two boxes lie on one another. */
export const meet = (a: LabelBox, b: LabelBox): boolean => a.x0 < b.x1 && b.x0 < a.x1 && a.y0 < b.y1 && b.y0 < a.y1

function boxOf({ at: [x, y], fontSize, anchor, upright }: LaidLabel, long: number): LabelBox {
  const before = anchor === 'start' ? 0 : anchor === 'end' ? long : long / 2
  // a line of letters is a little higher than its size
  const half = fontSize * 0.58
  return upright
    ? { x0: x - half, y0: y - (long - before), x1: x + half, y1: y + before }
    : { x0: x - before, y0: y - half, x1: x - before + long, y1: y + half }
}

/** A name as its room allows: flat, else flat and smaller, else upright, else upright and smaller; undefined where it has no room. */
function layOut(item: Extract<Item, { kind: 'text' }>, lettering: Lettering): LaidLabel | undefined {
  const { scale, sizes, margin } = lettering
  const label = (fontSize: number, upright: boolean): LaidLabel => ({
    text: item.text,
    at: lettering.at(item.at),
    fontSize,
    size: item.size,
    anchor: item.anchor,
    upright,
  })
  const { room } = item
  if (room === undefined) return label(sizes[item.size], false)
  const smaller = Math.min(sizes[item.size], sizes.small)
  for (const upright of [false, true]) {
    const [long, high] = (upright ? [room[1], room[0]] : room).map((mm) => mm * scale) as [number, number]
    for (const fontSize of [sizes[item.size], smaller])
      if (lettering.wide(item.text, fontSize) <= long - margin && fontSize <= high) return label(fontSize, upright)
  }
  return undefined
}

/** What of a sheet is taken before its names come, and the numbers that stand for names without room. */
export interface Taken {
  readonly kept?: readonly LabelBox[]
  /** By name; a name without a number stays away where it has no room. */
  readonly numbers?: ReadonlyMap<string, number>
}

/**
 * The names of a view so that each can be read: `items` in the order in which they are painted. Of two that would lie on each other the one
 * painted later stays, full names before small ones. Where a name has no room stands its number, and where that has none, nothing.
 */
export function layLabels(
  items: readonly Item[],
  lettering: Lettering,
  { kept = [], numbers }: Taken = {},
): readonly LaidLabel[] {
  const texts = items.filter((item) => item.kind === 'text').reverse()
  const taken: LabelBox[] = [...kept]
  const laid: LaidLabel[] = []
  const put = (label: LaidLabel | undefined): boolean => {
    if (label === undefined) return false
    const box = boxOf(label, lettering.wide(label.text, label.fontSize))
    if (taken.some((other) => meet(box, other))) return false
    taken.push(box)
    laid.push(label)
    return true
  }
  const without = [
    ...texts.filter(({ size }) => size !== 'small'),
    ...texts.filter(({ size }) => size === 'small'),
  ].filter((item) => !put(layOut(item, lettering)))
  for (const item of without) {
    const number = numbers?.get(item.text)
    if (number !== undefined) put(layOut({ ...item, text: String(number), size: 'small' }, lettering))
  }
  return laid
}
