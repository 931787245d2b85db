import { z } from 'zod'
import { DETAIL, END, FRONT, TOP } from '../adjust'
import { piece, upholstered } from '../boards'
import { defineKind } from '../contract'
import { PLAIN } from '../facts'
import { centred, choiceParameter, cloth, lengthParameter, upTheWall } from '../shapes'
import { levels, line, parted } from '../symbols'

const parameters = z.object({
  lengthMm: lengthParameter(1200, 400, 2200).describe('As wide as the doorway'),
  depthMm: lengthParameter(40, 10, 120).describe('Of its folds'),
  heightMm: lengthParameter(1700, 500, 2200),
  cloth: choiceParameter(['net', 'plain', 'lined']).describe('Against insects, looks or cold'),
})

/** Per square metre with its magnets. Common practice, no source. */
const KG_M2 = { net: 0.3, plain: 0.5, lined: 1.2 } as const
const DRAWN_MM = 150

/** A screen of net or cloth in a doorway, that one walks through; drawn to one side on the road. */
export const doorScreen = defineKind({
  id: 'door-screen',
  group: 'sleeping',
  parameters,
  stances: ['drawn-back', 'drawn'],
  stanceFor: { driving: 'drawn-back', living: 'drawn', sleeping: 'drawn' },
  meets: [],
  home: upTheWall(0),
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p, stance) => {
    const whole = centred(p.lengthMm, p.depthMm, 0, p.heightMm)
    const edge = -p.lengthMm / 2
    return [
      cloth(
        'cloth',
        stance === 'drawn'
          ? whole
          : { ...whole, profile: whole.profile.map(([x, y]) => [x === edge ? edge : edge + DRAWN_MM, y] as const) },
      ),
    ]
  },
  clearances: () => [],
  services: () => [],
  facts: () => ({ ...PLAIN, swings: 'cloth', isHeldAlong: true }),
  adjust: { lengthMm: END, depthMm: FRONT, heightMm: TOP, cloth: DETAIL },
  features: (p, stance) => {
    const half = p.lengthMm / 2
    const end = stance === 'drawn' ? half : -half + DRAWN_MM
    return [
      ...parted('front', -half, end, 0, p.heightMm, p.cloth === 'net' ? 12 : 6),
      ...(p.cloth === 'net' ? levels('front', -half, end, 0, p.heightMm, 14) : []),
      line('top', [-half, 0], [end, 0]),
      line('side', [0, 0], [0, p.heightMm]),
    ]
  },
  parts: (p) => [upholstered('cloth', p.lengthMm * p.heightMm * 1e-6 * KG_M2[p.cloth]), piece('rail', 0.6)],
  change: () => ({ minutes: 0.2, hands: 1 }),
})
