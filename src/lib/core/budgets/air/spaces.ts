import {
  cellCentre,
  chordAt,
  gridOver,
  prismBounds,
  sharedLength,
  spanLength,
  type Box,
  type Grid,
  type Span,
  type Vec2,
} from '../../geometry'
import type { Placed, Scene } from '../../scene'
import { cabSpace, isAhead, sectionAt, type Interior } from '../../shell'

/** A part of a body that walls, doors and curtains shut off from the rest, at night. */
interface AirSpace {
  readonly id: string
  /** Of the air in the load space. */
  readonly share: number
  readonly middle: Vec2
  /** It is the cab alone, shut off from all of the load space. */
  readonly isCab: boolean
}

/** What stands between two spaces: shut it lets a little air through. */
interface Between {
  readonly id: string
  readonly spaces: readonly [string, string]
  readonly m2: number
  /** Whether it can be opened. */
  readonly opens: boolean
}

export interface Spaces {
  readonly spaces: readonly AirSpace[]
  readonly between: readonly Between[]
  /** The space at a place, or the nearest. */
  readonly at: (place: Vec2) => string
}

const CELL_MM = 100
/** What takes so much of the height of the body stands between two spaces, mm over the floor at which its width is taken. Common practice, no source. */
const [SHUTS, WIDE_AT_MM] = [0.75, 1200]
/** Round a curtain, under and beside a door, and at the joints of a wall, m². Common practice, no source. */
const GAPS = { cloth: 0.08, door: 0.015, room: 0.03, wall: 0.003 } as const
/** Less is a gap behind something and no space, m². */
const LEAST_M2 = 0.3
const [FREE, OUT] = [-1, -2]

const isCloth = ({ solids }: Placed): boolean => solids.some(({ fit }) => fit === 'cloth')
const hasDoor = ({ facts }: Placed): boolean =>
  facts.fronts.some(({ what, isOutside }) => what === 'door' && !isOutside)
/** One goes into it: a room of its own in the body. */
export const isRoom = ({ clearances }: Placed): boolean => clearances.some(({ use }) => use === 'stand-inside')

const gapOf = (placed: Placed): number =>
  isCloth(placed) ? GAPS.cloth : isRoom(placed) ? GAPS.room : isLeaf(placed) ? GAPS.door : GAPS.wall
/** A door in a wall, not that of a cupboard: it is no deeper than a board. */
const isLeaf = (placed: Placed): boolean =>
  hasDoor(placed) && placed.solids.some(({ prism }) => thin(prismBounds(prism)))
const thin = ({ x, y }: Box): boolean => Math.min(spanLength(x), spanLength(y)) < CELL_MM

/** What of a height some blocks take over a cell. */
function taken(blocks: readonly Box[], x: Span, y: Span, headMm: number): number {
  let [all, upTo] = [0, 0]
  // from the lowest up: what lies in another counts once
  for (const one of blocks) {
    if (sharedLength(one.x, x) <= 0 || sharedLength(one.y, y) <= 0) continue
    const [from, to] = [Math.max(upTo, one.z.min), Math.min(headMm, one.z.max)]
    if (to > from) all += to - from
    upTo = Math.max(upTo, to)
  }
  return all / Math.max(1, headMm)
}

interface Cells {
  readonly grid: Grid
  /** Of each cell: outside the body, free, or which of `blockers` stands there. */
  readonly holds: Int16Array
  readonly blockers: readonly Placed[]
}

const blocksOf = ({ solids }: Placed): readonly Box[] =>
  solids.flatMap(({ prism, fit }) => (fit === 'outside' ? [] : [prismBounds(prism)])).sort((a, b) => a.z.min - b.z.min)

/** From side to side and how high at a place along: of the body as it is there, or on into its cab. */
function wideAt(interior: Interior, xMm: number): { readonly wide: Span | undefined; readonly headMm: number } {
  const cab = isAhead(interior, xMm) ? cabSpace(interior) : undefined
  if (cab !== undefined) return { wide: cab.y, headMm: cab.z.max }
  const section = sectionAt(interior, xMm)
  return { wide: chordAt(section, 1, WIDE_AT_MM), headMm: Math.max(...section.map(([, z]) => z)) }
}

function cellsOf({ interior, placed }: Scene, without: ReadonlySet<string>, withCab: boolean): Cells {
  const { min } = interior.xSpan
  const max = (withCab ? cabSpace(interior)?.x.max : undefined) ?? interior.xSpan.max
  const widest = Math.max(...interior.sections.flatMap(({ polygon }) => polygon.map(([y]) => Math.abs(y))))
  const grid = gridOver(min, -widest, max, widest, CELL_MM)
  const holds = new Int16Array(grid.columns * grid.rows).fill(OUT)
  const heads = new Float64Array(grid.columns)
  for (let column = 0; column < grid.columns; column += 1) {
    const { wide, headMm } = wideAt(interior, grid.x0 + (column + 0.5) * CELL_MM)
    heads[column] = headMm
    if (wide === undefined) continue
    for (let row = 0; row < grid.rows; row += 1) {
      const y = grid.y0 + (row + 0.5) * CELL_MM
      if (y >= wide.min && y <= wide.max) holds[row * grid.columns + column] = FREE
    }
  }
  // a low thing shuts nothing off: most are left out at once
  const blockers = placed.filter(({ id, bounds }) => !without.has(id) && bounds.z.max > WIDE_AT_MM)
  const within = (span: Span, first: number, count: number): readonly [number, number] => [
    Math.max(0, Math.floor((span.min - first) / CELL_MM)),
    Math.min(count, Math.ceil((span.max - first) / CELL_MM)),
  ]
  blockers.forEach((one, at) => {
    const [blocks, room] = [blocksOf(one), isRoom(one)]
    const [columns, rows] = [within(one.bounds.x, grid.x0, grid.columns), within(one.bounds.y, grid.y0, grid.rows)]
    for (let column = columns[0]; column < columns[1]; column += 1) {
      const x = { min: grid.x0 + column * CELL_MM, max: grid.x0 + (column + 1) * CELL_MM }
      for (let row = rows[0]; row < rows[1]; row += 1) {
        const cell = row * grid.columns + column
        if (holds[cell] === OUT || (holds[cell] !== FREE && !room)) continue
        const y = { min: grid.y0 + row * CELL_MM, max: grid.y0 + (row + 1) * CELL_MM }
        // a room is all of it one space, whatever stands in it
        if (room || taken(blocks, x, y, heads[column] ?? 0) >= SHUTS) holds[cell] = at
      }
    }
  })
  return { grid, holds, blockers }
}

const besideOf = ({ columns, rows }: Grid, cell: number): readonly number[] => {
  const column = cell % columns
  return [
    ...(column > 0 ? [cell - 1] : []),
    ...(column < columns - 1 ? [cell + 1] : []),
    ...(cell >= columns ? [cell - columns] : []),
    ...(cell < columns * (rows - 1) ? [cell + columns] : []),
  ]
}

/** Fills from a cell over all beside it that are alike. */
function filled(grid: Grid, first: number, isAlike: (cell: number) => boolean): readonly number[] {
  const seen = new Set([first])
  const found = [first]
  for (const cell of found)
    for (const next of besideOf(grid, cell))
      if (!seen.has(next) && isAlike(next)) {
        seen.add(next)
        found.push(next)
      }
  return found
}

/**
 * The spaces of a scene as its doors and curtains stand, but for those left out: from above, over cells of a hand’s width. An open cab is a part of what is
 * behind it; where it is asked for, a curtain or door before it makes a space of it.
 */
export function spacesOf(scene: Scene, without: ReadonlySet<string> = new Set(), withCab = false): Spaces {
  const { grid, holds, blockers } = cellsOf(scene, without, withCab)
  const spaceOf = new Int16Array(holds.length).fill(-1)
  const parts: (readonly number[])[] = []
  const roomAt = (cell: number): Placed | undefined => {
    const at = holds[cell] ?? OUT
    const one = at < 0 ? undefined : blockers[at]
    return one !== undefined && isRoom(one) ? one : undefined
  }
  for (let cell = 0; cell < holds.length; cell += 1) {
    const room = roomAt(cell)
    if ((spaceOf[cell] ?? -1) >= 0 || (holds[cell] !== FREE && room === undefined)) continue
    const part = filled(grid, cell, (next) => (room === undefined ? holds[next] === FREE : roomAt(next) === room))
    const isSpace = part.length * (CELL_MM / 1000) ** 2 >= LEAST_M2
    for (const one of part) {
      spaceOf[one] = isSpace ? parts.length : -1
      if (!isSpace && room === undefined) holds[one] = OUT
    }
    if (isSpace) parts.push(part)
  }
  const nameOf = (index: number): string => `space-${index}`
  const asked = new Map<string, string>()
  const behind = parts.map((part) => part.filter((cell) => !isAhead(scene.interior, cellCentre(grid, cell)[0])))
  // a hand’s width of load space before a curtain is the cab’s
  const isCab = behind.map((cells) => cells.length * (CELL_MM / 1000) ** 2 < LEAST_M2)
  const whole = behind.reduce((sum, cells, index) => (isCab[index] === true ? sum : sum + cells.length), 0)
  const spaces = parts.map((part, index): AirSpace => {
    const own = behind[index] ?? []
    const alone = isCab[index] === true
    return {
      id: nameOf(index),
      share: alone ? 0 : own.length / Math.max(1, whole),
      middle: meanOf((alone ? part : own).map((cell) => cellCentre(grid, cell))),
      isCab: alone,
    }
  })
  return {
    spaces: spaces.length > 0 ? spaces : [{ id: nameOf(0), share: 1, middle: [0, 0], isCab: false }],
    between: betweenOf({ grid, holds, blockers }, spaceOf, nameOf),
    at: (place) => {
      const [x, y] = place
      const known = asked.get(`${x} ${y}`)
      if (known !== undefined) return known
      const distance = (cell: number): number => {
        const [u, v] = cellCentre(grid, cell)
        return Math.hypot(u - x, v - y)
      }
      let [best, least] = [0, Infinity]
      for (let cell = 0; cell < spaceOf.length; cell += 1) {
        const space = spaceOf[cell] ?? -1
        if (space < 0) continue
        const here = distance(cell)
        if (here < least) [best, least] = [space, here]
      }
      asked.set(`${x} ${y}`, nameOf(best))
      return nameOf(best)
    },
  }
}

const meanOf = (places: readonly Vec2[]): Vec2 => {
  const [x, y] = places.reduce<Vec2>(([u, v], [a, b]) => [u + a, v + b], [0, 0])
  return [x / Math.max(1, places.length), y / Math.max(1, places.length)]
}

/** What stands between which spaces. */
function betweenOf(
  { grid, holds, blockers }: Cells,
  spaceOf: Int16Array,
  nameOf: (index: number) => string,
): readonly Between[] {
  const touches = blockers.map(() => new Set<number>())
  for (let cell = 0; cell < holds.length; cell += 1) {
    const at = holds[cell] ?? OUT
    const set = at < 0 ? undefined : touches[at]
    if (set === undefined) continue
    const own = spaceOf[cell] ?? -1
    if (own >= 0) set.add(own)
    for (const next of besideOf(grid, cell)) if ((spaceOf[next] ?? -1) >= 0) set.add(spaceOf[next] ?? 0)
  }
  return blockers.flatMap((placed, at) => {
    const those = [...(touches[at] ?? [])].sort((a, b) => a - b)
    return those.flatMap((one, index) =>
      those.slice(index + 1).map((other): Between => ({
        id: placed.id,
        spaces: [nameOf(one), nameOf(other)],
        m2: gapOf(placed),
        opens: isCloth(placed) || isLeaf(placed) || isRoom(placed),
      })),
    )
  })
}
