import { z } from 'zod'
import { END, FRONT, ONE_MORE, TOP } from '../adjust'
import { board, piece } from '../boards'
import { defineKind } from '../contract'
import { PLAIN } from '../facts'
import { centred, countParameter, lengthParameter, onTheWall, rigid } from '../shapes'
import { box, line, ring } from '../symbols'

const parameters = z.object({
  lengthMm: lengthParameter(600, 150, 2000),
  depthMm: lengthParameter(6, 3, 25).describe('How thick it is'),
  heightMm: lengthParameter(400, 100, 2000),
  screws: countParameter(6, 0, 40).describe('None: it clips on'),
})

/** With a driver, each screw; and to lift it off. Common practice, no source. */
const SCREW_MIN = 0.25
const LIFT_MIN = 0.5

/** A panel before machines and pipes that comes off to get at them: by so many screws. */
export const servicePanel = defineKind({
  id: 'service-panel',
  group: 'machines',
  parameters,
  stances: ['fixed', 'taken-off'],
  stanceFor: { driving: 'fixed', living: 'fixed', sleeping: 'fixed' },
  meets: [],
  home: onTheWall,
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p, stance) => (stance === 'fixed' ? [rigid('panel', centred(p.lengthMm, p.depthMm, 0, p.heightMm))] : []),
  clearances: () => [],
  services: () => [],
  facts: () => PLAIN,
  adjust: { lengthMm: END, depthMm: FRONT, heightMm: TOP, screws: ONE_MORE },
  features: (p, stance) => {
    if (stance !== 'fixed') return []
    const [half, inset] = [p.lengthMm / 2, Math.min(25, p.lengthMm / 6, p.heightMm / 6)]
    const across = Math.min(6, Math.ceil(p.screws / 2))
    return [
      box('front', -half + 4, 4, half - 4, p.heightMm - 4),
      ...Array.from({ length: across }, (_, at) => {
        const x = across === 1 ? 0 : -half + inset + (at * (p.lengthMm - 2 * inset)) / (across - 1)
        return [ring('front', x, inset, 5), ring('front', x, p.heightMm - inset, 5)]
      }).flat(),
      line('top', [-half, 0], [half, 0]),
      line('side', [0, 0], [0, p.heightMm]),
    ]
  },
  parts: (p) => [
    board('panel', p.lengthMm, p.heightMm, p.depthMm),
    ...(p.screws > 0 ? [piece('screws', 0.005, p.screws)] : [piece('clips', 0.1)]),
  ],
  change: (p) => ({ minutes: LIFT_MIN + p.screws * SCREW_MIN, hands: p.lengthMm > 1200 ? 2 : 1 }),
})
