import type { MaterialId } from '../materials'
import type { Part } from './contract'
import { choiceParameter } from './shapes'

/** Usual thicknesses in mm; common practice, no source. */
export const PLY_MM = 12
export const LIGHT_PLY_MM = 9
export const TOP_MM = 25
export const SLAT_MM = 18

export const board = (
  name: string,
  lengthMm: number,
  widthMm: number,
  thickMm = PLY_MM,
  count = 1,
  material: MaterialId = 'poplar-ply',
): Part => ({ name, material, sizeMm: [lengthMm, widthMm, thickMm], count })

/** What the boards of a carcass are of. */
export const plyParameter = choiceParameter(['poplar', 'birch']).describe(
  'Birch is half as heavy again, and holds screws better',
)

/** Parts whose boards of poplar are of the ply that was chosen. */
export const inPly = (ply: 'poplar' | 'birch', parts: readonly Part[]): readonly Part[] =>
  ply === 'poplar'
    ? parts
    : parts.map((part) =>
        'material' in part && part.material === 'poplar-ply' ? { ...part, material: 'birch-ply' } : part,
      )

/** A bought piece at a typical mass; common practice, no source. */
export const piece = (name: string, kg: number, count = 1): Part => ({ name, kg, count })

/** A bought piece that is cloth, foam or wood for the most part. */
export const upholstered = (name: string, kg: number, count = 1): Part => ({ name, kg, count, burns: true })

export const foam = (name: string, lengthMm: number, widthMm: number, thickMm: number, count = 1): Part =>
  board(name, lengthMm, widthMm, thickMm, count, 'foam')

/** The boards of a box: two ends, bottom and top, and a front and back of the same board. */
export const carcass = (
  lengthMm: number,
  depthMm: number,
  heightMm: number,
  { thickMm = PLY_MM, top = true, back = false, shelves = 0 } = {},
): readonly Part[] => [
  board('ends', depthMm, heightMm, thickMm, 2),
  board('bottom', lengthMm, depthMm, thickMm),
  board('front', lengthMm, heightMm, thickMm),
  ...(top ? [board('top', lengthMm, depthMm, thickMm)] : []),
  ...(back ? [board('back', lengthMm, heightMm, thickMm)] : []),
  ...(shelves > 0 ? [board('shelves', lengthMm, depthMm, thickMm, shelves)] : []),
]

/** The walls of a tank or tray: a skin of plastic. */
export const skin = (lengthMm: number, depthMm: number, heightMm: number, thickMm = 5): readonly Part[] => [
  board('long-sides', lengthMm, heightMm, thickMm, 2, 'polyethylene'),
  board('short-sides', depthMm, heightMm, thickMm, 2, 'polyethylene'),
  board('top-and-bottom', lengthMm, depthMm, thickMm, 2, 'polyethylene'),
]

/** What a bed lies on: slats on a frame, or a drilled or a closed board. */
export const bedBase = (base: string, lengthMm: number, widthMm: number, frameMm: number): readonly Part[] => [
  base === 'slats'
    ? board('slats', widthMm, 60, SLAT_MM, Math.max(2, Math.floor(lengthMm / 110)), 'softwood')
    : board(base === 'drilled' ? 'drilled-board' : 'board', lengthMm, widthMm, PLY_MM, 1, 'birch-ply'),
  board('frame', 2 * (lengthMm + widthMm), 45, frameMm, 1, 'softwood'),
]

/** A steel cylinder with its valves. */
export const steelTank = (lengthMm: number, acrossMm: number): readonly Part[] => [
  board('shell', lengthMm, Math.PI * acrossMm, 3, 1, 'steel'),
  piece('valves-and-straps', 6),
]
