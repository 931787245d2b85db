import { z } from 'zod'
import { DETAIL, END, FRONT, TOP } from '../adjust'
import { becomesBerth, keptForParameter } from '../bed'
import { board, inPly, LIGHT_PLY_MM, piece, plyParameter } from '../boards'
import { defineKind } from '../contract'
import { PLAIN } from '../facts'
import { centred, choiceParameter, flapSwing, insideOf, lengthParameter, scribed, underTheRoof } from '../shapes'
import { flapFront, line } from '../symbols'

const FLAP_WIDTH_MM = 600

const parameters = z.object({
  lengthMm: lengthParameter(1200, 300, 3500),
  depthMm: lengthParameter(330, 150, 600).describe('At its bottom, from the wall to its front'),
  heightMm: lengthParameter(300, 150, 600),
  opens: choiceParameter(['flap', 'sliding', 'open']).describe(
    'A flap lifts; sliding doors need no room; open has a lip',
  ),
  keptFor: keptForParameter,
  ply: plyParameter,
})

/** A locker hung under the roof and scribed to wall and roof behind. */
export const locker = defineKind({
  id: 'locker',
  group: 'stowage',
  parameters,
  stances: ['shut'],
  stanceFor: { driving: 'shut', living: 'shut', sleeping: 'shut' },
  meets: ['stowage'],
  home: underTheRoof,
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p) => [scribed('carcass', centred(p.lengthMm, p.depthMm, 0, p.heightMm))],
  clearances: (p) =>
    p.opens === 'flap' ? [flapSwing(['stowage'], p.lengthMm, -p.depthMm / 2, p.heightMm - 10, p.heightMm - 20)] : [],
  services: (p) => [insideOf(p.lengthMm, p.depthMm, 0, p.heightMm, LIGHT_PLY_MM)],
  facts: (p) => ({
    ...PLAIN,
    becomesBerth: becomesBerth(p),
    fronts:
      p.opens === 'flap'
        ? [{ what: 'flap', hung: 'top', latch: 'catch', isOutside: false }]
        : p.opens === 'sliding'
          ? [{ what: 'door', hung: 'runs', latch: 'catch', isOutside: false }]
          : [],
  }),
  adjust: { lengthMm: END, depthMm: FRONT, heightMm: TOP, opens: DETAIL, keptFor: DETAIL, ply: DETAIL },
  features: (p) => {
    const half = p.lengthMm / 2
    const flaps = Math.max(1, Math.round(p.lengthMm / FLAP_WIDTH_MM))
    const each = p.lengthMm / flaps
    const fronts = Array.from({ length: flaps }, (_, index) => {
      const [x0, x1] = [-half + each * index + 6, -half + each * (index + 1) - 6]
      if (p.opens === 'flap') return flapFront(x0, x1, 8, p.heightMm - 8, 'low')
      if (p.opens === 'open') return [line('front', [x0, 45], [x1, 45])]
      return [
        line('front', [x0, 8], [x0, p.heightMm - 8]),
        line('front', [(x0 + x1) / 2 - 50, p.heightMm / 2], [(x0 + x1) / 2 + 50, p.heightMm / 2]),
      ]
    }).flat()
    return [
      line('top', [-half, -p.depthMm / 2 + 15], [half, -p.depthMm / 2 + 15]),
      ...fronts,
      line('side', [-p.depthMm / 2 + 15, 0], [-p.depthMm / 2 + 15, p.heightMm]),
    ]
  },
  parts: (p) =>
    inPly(p.ply, [
      board('bottom-and-top', p.lengthMm, p.depthMm, LIGHT_PLY_MM, 2),
      board('back-rail', p.lengthMm, 60, LIGHT_PLY_MM, 2),
      ...(p.opens === 'open'
        ? [board('lip', p.lengthMm, 45, LIGHT_PLY_MM)]
        : [board('fronts', p.lengthMm, p.heightMm, LIGHT_PLY_MM)]),
      board(
        'ends-and-partitions',
        p.depthMm,
        p.heightMm,
        LIGHT_PLY_MM,
        1 + Math.max(1, Math.round(p.lengthMm / FLAP_WIDTH_MM)),
      ),
      piece('hinges-and-stays', 0.5, Math.max(1, Math.round(p.lengthMm / FLAP_WIDTH_MM))),
    ]),
  cautions: () => ['overhead'],
})
