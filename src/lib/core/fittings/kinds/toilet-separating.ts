import { z } from 'zod'
import { DETAIL } from '../adjust'
import { piece } from '../boards'
import { about, above, choiceParameter, forTask, inFront, STAND_MM } from '../shapes'
import { line, ring } from '../symbols'
import { TOILET_ADJUST, toiletBoards, toiletFacts, toiletKind, toiletParameters } from '../toilet'

const parameters = z.object({
  ...toiletParameters(450, 500),
  vent: choiceParameter(['floor', 'wall', 'roof']).describe('Where its hose leaves the body, with a fan in it'),
  emptied: choiceParameter(['lifted', 'front']).describe('Its tub is lifted out, or comes out of the front'),
})

/** A toilet that parts liquid from solid, vented out; its tub is emptied every few weeks, its bottle every day or two. */
export const toiletSeparating = toiletKind({
  id: 'toilet-separating',
  parameters,
  part: 'box',
  serviced: (p) => [
    forTask(
      'toilet-tank',
      p.emptied === 'front'
        ? inFront('tub', 'access', [], about(p.lengthMm), -p.depthMm / 2, STAND_MM + 150)
        : above('tub', 'access', [], about(p.lengthMm), about(p.depthMm), p.seatMm, 450),
    ),
  ],
  facts: () => ({ ...toiletFacts(20, 'inside'), draws: [{ by: 'always', from: 'battery', watts: 2 }] }),
  adjust: { ...TOILET_ADJUST, vent: DETAIL, emptied: DETAIL },
  features: (p) => [
    ring('top', 0, -30, Math.min(p.lengthMm, p.depthMm) * 0.36, true),
    line('top', [-Math.min(p.lengthMm, p.depthMm) * 0.36, -60], [Math.min(p.lengthMm, p.depthMm) * 0.36, -60]),
    line('front', [-p.lengthMm / 2, p.seatMm - 40], [p.lengthMm / 2, p.seatMm - 40]),
    line('front', [0, 0], [0, p.seatMm - 40]),
    line('side', [-p.depthMm / 2, p.seatMm - 40], [p.depthMm / 2, p.seatMm - 40]),
    ring('side', p.depthMm / 2 - 60, 80, 35),
  ],
  parts: (p) => [...toiletBoards(p), piece('separator-bottle-and-tub', 4), piece('vent-fan-and-hose', 0.8)],
  cautions: () => ['cutting'],
})
