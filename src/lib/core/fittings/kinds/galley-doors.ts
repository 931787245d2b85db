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
import { defineKind } from '../contract'
import { about, countParameter, doorSwing, hingeParameter, kneeling, onTheWall } from '../shapes'
import { leaf, line } from '../symbols'

const parameters = z.object({
  ...unitParameters(450),
  shelves: countParameter(1, 0, 4),
  doors: countParameter(1, 1, 2).describe('Two meet in the middle'),
  hinge: hingeParameter,
})

/** A base unit with shelves behind one or two hinged doors. */
export const galleyDoors = defineKind({
  id: 'galley-doors',
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
    const half = p.lengthMm / 2
    const swings =
      p.doors === 1
        ? [doorSwing(['stowage'], about(p.lengthMm), -p.depthMm / 2, p.hinge, frontHeights(p))]
        : [
            doorSwing(['stowage'], { min: -half, max: 0 }, -p.depthMm / 2, 'left', frontHeights(p)),
            doorSwing(['stowage'], { min: 0, max: half }, -p.depthMm / 2, 'right', frontHeights(p), 'right door'),
          ]
    return [standAt(p, ['worktop']), ...swings, kneeling(['stowage'], about(p.lengthMm), -p.depthMm / 2)]
  },
  services: (p) => [...worktop(p, about(p.lengthMm)), unitInside(p)],
  features: (p) => {
    const half = p.lengthMm / 2
    const { min, max } = frontHeights(p)
    return [
      ...(p.doors === 1
        ? leaf(-half + 8, half - 8, min, max, p.hinge)
        : [...leaf(-half + 8, -3, min, max, 'left'), ...leaf(3, half - 8, min, max, 'right')]),
      line('top', [-half, -p.depthMm / 2 + 22], [half, -p.depthMm / 2 + 22]),
      ...unitLines(p),
    ]
  },
  parts: (p) => unitBoards(p, p.shelves),
})
