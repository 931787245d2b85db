import { z } from 'zod'
import { DETAIL, DETAIL_MM, END, FRONT, TOP } from '../adjust'
import { piece, upholstered } from '../boards'
import { defineKind } from '../contract'
import { PLAIN } from '../facts'
import { about, centred, choiceParameter, cloth, lengthParameter, underTheRoof } from '../shapes'
import { levels, parted, strokes } from '../symbols'

const parameters = z.object({
  lengthMm: lengthParameter(1200, 200, 3500).describe('Of its rail'),
  depthMm: lengthParameter(60, 30, 150).describe('Of its folds'),
  heightMm: lengthParameter(1300, 200, 2200),
  gatheredMm: lengthParameter(200, 80, 600).describe('Length that it takes at its left when it is drawn back'),
  cloth: choiceParameter(['plain', 'lined']),
})

type Curtain = z.infer<typeof parameters>
const gathered = (p: Curtain) => Math.min(p.gatheredMm, p.lengthMm)
/** Per square metre of cloth with its folds, plain and lined; common practice, no source. */
const KG_M2 = { plain: 0.4, lined: 0.9 } as const

/** A curtain on a rail, before windows, a bed or the cab: it gives way to whoever passes, and burns. */
export const curtain = defineKind({
  id: 'curtain',
  group: 'sleeping',
  parameters,
  stances: ['drawn-back', 'drawn'],
  stanceFor: { driving: 'drawn-back', living: 'drawn-back', sleeping: 'drawn' },
  meets: [],
  home: underTheRoof,
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p, stance) => {
    const whole = centred(p.lengthMm, p.depthMm, 0, p.heightMm)
    if (stance === 'drawn') return [cloth('cloth', whole)]
    const { min } = about(p.lengthMm)
    return [
      cloth('cloth', {
        ...whole,
        profile: whole.profile.map(([x, y]) => [x === min ? min : min + gathered(p), y] as const),
      }),
    ]
  },
  clearances: () => [],
  services: () => [],
  facts: () => ({ ...PLAIN, swings: 'cloth' }),
  adjust: { lengthMm: END, depthMm: FRONT, heightMm: TOP, gatheredMm: DETAIL_MM, cloth: DETAIL },
  features: (p, stance) => {
    const half = p.lengthMm / 2
    const end = stance === 'drawn' ? half : -half + gathered(p)
    const folds = Math.max(3, Math.round((end + half) / 90))
    return [
      strokes(
        'top',
        Array.from({ length: folds + 1 }, (_, n) => [
          -half + ((end + half) * n) / folds,
          (n % 2 === 0 ? -1 : 1) * p.depthMm * 0.3,
        ]),
      ).flat(),
      parted('front', -half, end, 0, p.heightMm, folds),
      levels('side', -p.depthMm / 2, p.depthMm / 2, 0, p.heightMm, 2),
    ].flat()
  },
  parts: (p) => [
    piece('rail', p.lengthMm * 0.0004),
    upholstered('cloth', p.lengthMm * p.heightMm * 2e-6 * KG_M2[p.cloth]),
  ],
  change: () => ({ minutes: 0.1, hands: 1 }),
})
