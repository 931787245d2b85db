import { DETAIL, handle, ONE_MORE } from '../adjust'
import { frontHeights, galleyUnit, standAt, unitFacts, unitInside, worktop } from '../base-unit'
import type { FrontFact } from '../facts'
import { about, countParameter, doorSwing, hingeParameter, kneeling } from '../shapes'
import { leaf, line } from '../symbols'

const door = (hung: 'left' | 'right'): FrontFact => ({ what: 'door', hung, latch: 'catch', isOutside: false })

/** A base unit with shelves behind one or two hinged doors. */
export const galleyDoors = galleyUnit({
  id: 'galley-doors',
  length: [450, 250, 1200],
  extra: {
    shelves: countParameter(1, 0, 4),
    doors: countParameter(1, 1, 2).describe('Two meet in the middle'),
    hinge: hingeParameter,
  },
  meets: ['stowage'],
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
  facts: (p) => ({ ...unitFacts(p), fronts: p.doors === 1 ? [door(p.hinge)] : [door('left'), door('right')] }),
  adjust: { shelves: ONE_MORE, doors: DETAIL, hinge: handle('hinge') },
  features: (p) => {
    const half = p.lengthMm / 2
    const { min, max } = frontHeights(p)
    return [
      ...(p.doors === 1
        ? leaf(-half + 8, half - 8, min, max, p.hinge)
        : [...leaf(-half + 8, -3, min, max, 'left'), ...leaf(3, half - 8, min, max, 'right')]),
      line('top', [-half, -p.depthMm / 2 + 22], [half, -p.depthMm / 2 + 22]),
    ]
  },
  shelves: (p) => p.shelves,
  parts: () => [],
})
