import { z } from 'zod'
import { DETAIL, END, FRONT, TOP } from '../adjust'
import { board, upholstered } from '../boards'
import { defineKind, type Part } from '../contract'
import { PLAIN } from '../facts'
import { centred, choiceParameter, cloth, lengthParameter, rigid, upTheWall } from '../shapes'
import { box, cross, levels, line } from '../symbols'

const parameters = z.object({
  lengthMm: lengthParameter(900, 200, 1800).describe('As wide as the window and a little'),
  depthMm: lengthParameter(25, 4, 80).describe('How thick it is'),
  heightMm: lengthParameter(450, 150, 1400),
  build: choiceParameter(['stiff', 'soft']).describe(
    'A board that is pressed in, or a quilt that is rolled up over the window',
  ),
})

type Cover = z.infer<typeof parameters>
/** Of a quilt, per square metre. Common practice, no source. */
const QUILT_KG_M2 = 1.1
const ROLL_MM = 90

const made = (p: Cover): Part =>
  p.build === 'stiff'
    ? board('cover', p.lengthMm, p.heightMm, p.depthMm, 1, 'xps')
    : upholstered('cover', p.lengthMm * p.heightMm * 1e-6 * QUILT_KG_M2)

/** A cover before a window against cold, sun and looks: by day a stiff one must be put somewhere, a soft one rolls up in its place. */
export const windowCover = defineKind({
  id: 'window-cover',
  group: 'sleeping',
  parameters,
  stances: ['covered', 'open'],
  stanceFor: { driving: 'open', living: 'open', sleeping: 'covered' },
  meets: [],
  home: upTheWall(600),
  scribedAt: 'bottom',
  footprint: (p) => ({
    lengthMm: p.lengthMm,
    depthMm: Math.max(p.depthMm, p.build === 'soft' ? ROLL_MM : 0),
    heightMm: p.heightMm,
  }),
  solids: (p, stance) => {
    const deep = Math.max(p.depthMm, p.build === 'soft' ? ROLL_MM : 0)
    if (stance === 'covered')
      return p.build === 'stiff'
        ? [rigid('cover', centred(p.lengthMm, p.depthMm, 0, p.heightMm))]
        : [cloth('cover', centred(p.lengthMm, deep, 0, p.heightMm))]
    return p.build === 'stiff' ? [] : [cloth('cover', centred(p.lengthMm, deep, p.heightMm - ROLL_MM, p.heightMm))]
  },
  clearances: () => [],
  services: () => [],
  facts: (p, stance) => ({
    ...PLAIN,
    swings: p.build === 'soft' && stance === 'covered' ? 'cloth' : 'nothing',
    isHeldAlong: true,
    shields: stance === 'covered' ? 'cold' : undefined,
  }),
  adjust: { lengthMm: END, depthMm: FRONT, heightMm: TOP, build: DETAIL },
  features: (p, stance) => {
    const half = p.lengthMm / 2
    if (stance === 'open' && p.build === 'stiff') return []
    const low = stance === 'covered' ? 0 : p.heightMm - ROLL_MM
    return [
      box('front', -half + 6, low + 6, half - 6, p.heightMm - 6),
      ...(p.build === 'soft'
        ? levels('front', -half + 6, half - 6, low, p.heightMm, 4)
        : cross('front', -20, p.heightMm / 2 - 20, 20, p.heightMm / 2 + 20)),
      line('top', [-half, 0], [half, 0]),
      line('side', [0, low], [0, p.heightMm]),
    ]
  },
  parts: (p) => (p.build === 'stiff' ? [] : [made(p)]),
  loose: (p, stance) =>
    p.build === 'stiff'
      ? [
          {
            id: 'cover',
            sizeMm: [p.lengthMm, p.heightMm, p.depthMm],
            count: 1,
            used: stance === 'covered',
            of: [made(p)],
          },
        ]
      : [],
  change: () => ({ minutes: 0.5, hands: 1 }),
})
