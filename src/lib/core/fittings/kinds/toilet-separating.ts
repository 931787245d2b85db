import { z } from 'zod'
import { board, piece, PLY_MM } from '../boards'
import { defineKind } from '../contract'
import { about, above, centred, choiceParameter, forTask, inFront, onTheWall, rigid, STAND_MM } from '../shapes'
import { line, ring } from '../symbols'
import { sittingOn, TOILET, toiletParameters } from '../toilet'

const parameters = z.object({
  ...toiletParameters(450, 500),
  vent: choiceParameter(['floor', 'wall', 'roof']).describe('Where its hose leaves the body, with a fan in it'),
  emptied: choiceParameter(['lifted', 'front']).describe('Its tub is lifted out, or comes out of the front'),
})

/** A toilet that parts liquid from solid, vented out; its tub is emptied every few weeks, its bottle every day or two. */
export const toiletSeparating = defineKind({
  id: 'toilet-separating',
  group: 'wet',
  parameters,
  stances: ['shut'],
  stanceFor: { driving: 'shut', living: 'shut', sleeping: 'shut' },
  meets: ['toilet'],
  home: onTheWall,
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.seatMm }),
  solids: (p) => [rigid('box', centred(p.lengthMm, p.depthMm, 0, p.seatMm))],
  clearances: (p) => [
    ...sittingOn(p),
    forTask(
      'toilet-tank',
      p.emptied === 'front'
        ? inFront('tub', 'access', [], about(p.lengthMm), -p.depthMm / 2, STAND_MM + 150)
        : above('tub', 'access', [], about(p.lengthMm), about(p.depthMm), p.seatMm, 450),
    ),
  ],
  services: () => [TOILET],
  features: (p) => [
    ring('top', 0, -30, Math.min(p.lengthMm, p.depthMm) * 0.36, true),
    line('top', [-Math.min(p.lengthMm, p.depthMm) * 0.36, -60], [Math.min(p.lengthMm, p.depthMm) * 0.36, -60]),
    line('front', [-p.lengthMm / 2, p.seatMm - 40], [p.lengthMm / 2, p.seatMm - 40]),
    line('front', [0, 0], [0, p.seatMm - 40]),
    line('side', [-p.depthMm / 2, p.seatMm - 40], [p.depthMm / 2, p.seatMm - 40]),
    ring('side', p.depthMm / 2 - 60, 80, 35),
  ],
  parts: (p) => [
    board('sides', 2 * (p.lengthMm + p.depthMm), p.seatMm, PLY_MM, 1, 'birchPly'),
    board('lid', p.lengthMm, p.depthMm, PLY_MM, 1, 'birchPly'),
    piece('separator, bottle and tub', 4),
    piece('vent fan and hose', 0.8),
  ],
  cautions: () => ['cutting'],
})
