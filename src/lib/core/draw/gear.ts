import { type Brief, demandOf, demandsOf, piecesOf } from '../brief'
import { type Box, spanLength, spanMiddle, type Vec2 } from '../geometry'
import type { Size, Stowed } from '../scene'
import { sayDemand } from '../text'
import { nth, SAME_MM } from '../units'
import { path, type Item, type ViewId } from './display'

/** A piece of the client’s gear in a fitting: whose name, the block that it takes there and its outline in that from above, mm in the vehicle frame. */
export interface PackedPiece {
  readonly id: string
  readonly name: string
  readonly block: Box
  readonly outline: readonly Vec2[]
}

/** Corners of a rectangle about a middle, its length turned from the x axis. */
function rectangle([x, y]: Vec2, long: number, wide: number, turn: number): readonly Vec2[] {
  const [c, s] = [Math.cos(turn), Math.sin(turn)]
  const corners = [
    [-1, -1],
    [1, -1],
    [1, 1],
    [-1, 1],
  ] as const
  return corners.map(([a, b]): Vec2 => [x + (a * long * c - b * wide * s) / 2, y + (a * long * s + b * wide * c) / 2])
}

const STEP = Math.PI / 720

/** How a piece lies in its block from above: along it, or slanted where it is longer than the floor of that. */
function outlineIn(size: Size, { x, y, z }: Box): readonly Vec2[] {
  const middle: Vec2 = [spanMiddle(x), spanMiddle(y)]
  const [a, b] = [spanLength(x), spanLength(y)]
  // the side that is up, and the other two
  const up = size.reduce(
    (best, side, at) => (Math.abs(side - spanLength(z)) < Math.abs(nth(size, best) - spanLength(z)) ? at : best),
    0,
  )
  const [p = 0, q = 0] = size.filter((_, at) => at !== up).sort((one, other) => other - one)
  if (p <= Math.max(a, b) + SAME_MM && q <= Math.min(a, b) + SAME_MM)
    return a >= b ? rectangle(middle, p, q, 0) : rectangle(middle, p, q, Math.PI / 2)
  const over = (turn: number): number =>
    Math.max(p * Math.cos(turn) + q * Math.sin(turn) - a, p * Math.sin(turn) + q * Math.cos(turn) - b)
  let best = 0
  for (let turn = 0; turn <= Math.PI / 2; turn += STEP) if (over(turn) < over(best)) best = turn
  return rectangle(middle, p, q, best)
}

/** What of the client’s gear was packed into a fitting in one mode, each where it lies. */
export function gearIn(
  { places, blocks }: Pick<Stowed, 'places' | 'blocks'>,
  brief: Brief,
  fittingId: string,
): readonly PackedPiece[] {
  const names = new Map(demandsOf(brief).map((demand) => [demand.id, sayDemand(demand)]))
  return piecesOf(brief).flatMap(({ id, size }) => {
    const block = blocks.get(id)
    return block === undefined || places.get(id) !== fittingId
      ? []
      : [{ id, name: names.get(demandOf(id)) ?? '', block, outline: outlineIn(size, block) }]
  })
}

/** How many pieces there are of each name. */
export function countedByName(pieces: readonly PackedPiece[]): readonly (readonly [name: string, count: number])[] {
  const counted = new Map<string, number>()
  for (const { name } of pieces) counted.set(name, (counted.get(name) ?? 0) + 1)
  return [...counted]
}

/** Pieces of gear where they lie, dashed, each with its name; of those over each other the highest is named. */
export function gearItems(pieces: readonly PackedPiece[], view: Exclude<ViewId, 'section'>): readonly Item[] {
  const named = new Set<string>()
  return [...pieces]
    .sort((a, b) => b.block.z.max - a.block.z.max)
    .flatMap(({ name, block: { x, y, z }, outline }): Item[] => {
      const v = view === 'plan' ? y : z
      const at: Vec2 = [spanMiddle(x), spanMiddle(v)]
      const spot = at.map((mm) => Math.round(mm / 50)).join(' ')
      const isFirst = !named.has(spot)
      named.add(spot)
      const lies = path(
        view === 'plan'
          ? outline
          : [
              [x.min, z.min],
              [x.max, z.min],
              [x.max, z.max],
              [x.min, z.max],
            ],
        'hidden',
      )
      const room: Vec2 = [spanLength(x), spanLength(v)]
      return isFirst ? [lies, { kind: 'text', at, text: name, size: 'small', anchor: 'middle', room }] : [lies]
    })
}
