import { block, type Span } from '../geometry'
import { board, carcass, TOP_MM } from './boards'
import type { Feature, LocalClearance, LocalService, LocalSolid, Part, ServiceType } from './contract'
import { about, centred, inFront, lengthParameter, scribed, STAND_MM } from './shapes'
import { line } from './symbols'

/** Height under the lowest front of a base unit; common practice, no source. */
export const PLINTH_MM = 60

/** Size of one module of a galley run. Its worktop lies at 900 mm unless the cook’s elbow asks for another. */
export const unitParameters = (lengthMm: number, least = 250, most = 1200) => ({
  lengthMm: lengthParameter(lengthMm, least, most),
  depthMm: lengthParameter(500, 350, 750).describe('At the worktop, from the wall to its front edge'),
  worktopMm: lengthParameter(900, 700, 1150).describe('Top of the worktop above its base'),
})

interface Unit {
  readonly lengthMm: number
  readonly depthMm: number
  readonly worktopMm: number
}

export const unitSize = (p: Unit) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.worktopMm })
export const unitSolids = (p: Unit): readonly LocalSolid[] => [
  scribed('carcass', centred(p.lengthMm, p.depthMm, 0, p.worktopMm)),
]

/** A stretch of worktop that is free along the run. */
export const worktop = (p: Unit, x: Span): readonly LocalService[] =>
  x.max - x.min > 1
    ? [
        {
          type: 'worktop',
          quantity: x.max - x.min,
          approach: 'stand',
          surface: block([x.min, -p.depthMm / 2, p.worktopMm - 1], [x.max, p.depthMm / 2, p.worktopMm]),
        },
      ]
    : []

export const standAt = (p: Unit, serves: readonly ServiceType[]): LocalClearance =>
  inFront('stand', 'stand', serves, about(p.lengthMm), -p.depthMm / 2, STAND_MM)

/** Heights of the front of a base unit, between plinth and worktop. */
export const frontHeights = (p: Unit): Span => ({ min: PLINTH_MM, max: p.worktopMm - TOP_MM - 5 })

/** The lines that every base unit shows: the edge of its worktop and its plinth. */
export const unitLines = (p: Unit): readonly Feature[] => [
  line('front', [-p.lengthMm / 2, p.worktopMm - TOP_MM], [p.lengthMm / 2, p.worktopMm - TOP_MM]),
  line('front', [-p.lengthMm / 2, PLINTH_MM], [p.lengthMm / 2, PLINTH_MM]),
  line('side', [-p.depthMm / 2, p.worktopMm - TOP_MM], [p.depthMm / 2, p.worktopMm - TOP_MM]),
]

export const unitBoards = (p: Unit, shelves = 0): readonly Part[] => [
  ...carcass(p.lengthMm, p.depthMm, p.worktopMm - TOP_MM, { top: false, shelves }),
  board('worktop', p.lengthMm, p.depthMm, TOP_MM, 1, 'birchPly'),
]

/** Room for a low cupboard’s contents behind its front. */
export const unitInside = (p: Unit, topMm = p.worktopMm - TOP_MM, approach = 'kneel'): LocalService => ({
  type: 'stowage',
  quantity: 1,
  approach,
  inside: block(
    [-p.lengthMm / 2 + 12, -p.depthMm / 2 + 12, PLINTH_MM],
    [p.lengthMm / 2 - 12, p.depthMm / 2 - 12, topMm],
  ),
})
