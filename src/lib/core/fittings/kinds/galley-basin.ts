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
import { about, doorSwing, hingeParameter, kneeling, lengthParameter, onTheWall } from '../shapes'
import { basinTop, box, leaf, tapFront } from '../symbols'

const parameters = z.object({
  ...unitParameters(500, 350),
  basinMm: lengthParameter(380, 250, 600).describe('Across the basin; about 380 is usual'),
  hinge: hingeParameter,
})

/** A base unit with the basin let into its top. With its cover on, the top is worktop again. */
export const galleyBasin = defineKind({
  id: 'galley-basin',
  group: 'galley',
  parameters,
  stances: ['open', 'covered'],
  stanceFor: { driving: 'covered', living: 'open', sleeping: 'covered' },
  meets: ['basin'],
  home: onTheWall,
  scribedAt: 'top',
  footprint: unitSize,
  solids: (p) => unitSolids(p),
  clearances: (p) => [
    standAt(p, ['basin', 'worktop']),
    doorSwing(['stowage'], about(p.lengthMm), -p.depthMm / 2, p.hinge, frontHeights(p)),
    kneeling(['stowage'], about(p.lengthMm), -p.depthMm / 2),
  ],
  services: (p, stance) => [
    ...(stance === 'open'
      ? [{ type: 'basin' as const, quantity: 1, approach: 'stand' }]
      : worktop(p, about(p.lengthMm))),
    unitInside(p, p.worktopMm - 220),
  ],
  features: (p, stance) => {
    const wide = Math.min(p.basinMm, p.lengthMm - 60) / 2
    const deep = Math.min(p.basinMm, p.depthMm - 110) / 2
    return [
      ...(stance === 'open' ? basinTop(-wide, -deep, wide, deep) : [box('top', -wide, -deep, wide, deep)]),
      ...leaf(-p.lengthMm / 2 + 8, p.lengthMm / 2 - 8, frontHeights(p).min, frontHeights(p).max, p.hinge),
      ...tapFront(0, p.worktopMm),
      ...unitLines(p),
    ]
  },
  parts: (p) => [
    ...unitBoards(p),
    piece('basin, tap and trap', 4),
    board('cover', p.basinMm, p.basinMm, 12, 1, 'birchPly'),
  ],
  loose: (p, stance) => [
    { id: 'basin cover', sizeMm: [p.basinMm, p.basinMm, 12], count: 1, used: stance === 'covered' },
  ],
  change: () => ({ minutes: 0.1, hands: 1 }),
})
