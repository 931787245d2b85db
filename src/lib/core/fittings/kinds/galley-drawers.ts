import { z } from 'zod'
import {
  frontHeights,
  standAt,
  unitBoards,
  unitInside,
  unitLines,
  unitParameters,
  unitSize,
  unitSolids,
  worktop,
} from '../base-unit'
import { board, piece } from '../boards'
import { defineKind } from '../contract'
import { about, choiceParameter, countParameter, drawerPull, inFront, onTheWall, PULLER_MM } from '../shapes'
import { drawerFront, parted } from '../symbols'

const parameters = z.object({
  ...unitParameters(450),
  drawers: countParameter(3, 1, 5),
  extension: z.number().min(0.5).max(1).default(0.9).describe('Share of the depth that they run out'),
  loadKg: z.number().min(2).max(120).default(25).describe('What each is to carry'),
  latch: choiceParameter(['positive', 'soft-close', 'lip']).describe('A heavy low drawer needs a latch that locks'),
})

/** A base unit of drawers under the worktop. */
export const galleyDrawers = defineKind({
  id: 'galley-drawers',
  group: 'galley',
  parameters,
  stances: ['shut'],
  stanceFor: { driving: 'shut', living: 'shut', sleeping: 'shut' },
  meets: ['stowage'],
  home: onTheWall,
  scribedAt: 'top',
  footprint: unitSize,
  solids: (p) => unitSolids(p),
  clearances: (p) => {
    const run = p.depthMm * p.extension
    return [
      standAt(p, ['worktop']),
      drawerPull(['stowage'], about(p.lengthMm), -p.depthMm / 2, frontHeights(p), run),
      inFront('puller', 'stand', ['stowage'], about(p.lengthMm), -p.depthMm / 2, run + PULLER_MM),
    ]
  },
  services: (p) => [...worktop(p, about(p.lengthMm)), unitInside(p, p.worktopMm - 40, 'puller')],
  features: (p) => {
    const { min, max } = frontHeights(p)
    // the lowest is the deepest: each half as high again as the one above
    const shares = Array.from({ length: p.drawers }, (_, index) => 1.5 ** index)
    const sum = shares.reduce((a, b) => a + b, 0)
    let z = max
    const fronts = shares.flatMap((share) => {
      const next = z - ((max - min) * share) / sum
      const front = drawerFront(-p.lengthMm / 2 + 8, p.lengthMm / 2 - 8, next + 4, z)
      z = next
      return front
    })
    return [
      ...fronts,
      ...parted('top', -p.lengthMm / 2, p.lengthMm / 2, -p.depthMm / 2, -p.depthMm / 2 + 40, p.drawers + 1),
      ...unitLines(p),
    ]
  },
  parts: (p) => [
    ...unitBoards(p),
    board('drawer bottoms', p.lengthMm, p.depthMm, 6, p.drawers, 'birchPly'),
    board('drawer sides', 2 * (p.lengthMm + p.depthMm), (p.worktopMm - 120) / p.drawers / 1.6, 9, p.drawers),
    piece('slides and latches', 1.4, p.drawers),
  ],
})
