import { z } from 'zod'
import { END, FRONT, TOP } from '../adjust'
import { piece } from '../boards'
import { defineKind } from '../contract'
import { BOUGHT } from '../facts'
import { block } from '../../geometry'
import { centred, hingeParameter, lengthParameter, onTheCentreline, rigid } from '../shapes'
import { handle } from '../adjust'
import { box, line, parted } from '../symbols'

const parameters = z.object({
  lengthMm: lengthParameter(650, 350, 1400).describe('As wide as the opening'),
  depthMm: lengthParameter(30, 15, 60),
  heightMm: lengthParameter(700, 400, 1200),
  hinge: hingeParameter,
})

/** A gate of bars in an opening, that a dog does not pass; it swings open against the side that it hangs on. */
export const dogGate = defineKind({
  id: 'dog-gate',
  group: 'stowage',
  parameters,
  stances: ['shut', 'open'],
  stanceFor: { driving: 'shut', living: 'open', sleeping: 'open' },
  meets: [],
  home: { ...onTheCentreline, turn: 90 },
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  reach: (p) => ({ front: p.lengthMm }),
  solids: (p, stance) => {
    if (stance === 'shut') return [rigid('bars', centred(p.lengthMm, p.depthMm, 0, p.heightMm))]
    const [half, front] = [p.lengthMm / 2, p.depthMm / 2]
    const x = p.hinge === 'left' ? -half : half - p.depthMm
    return [rigid('bars', block([x, -front - p.lengthMm + p.depthMm, 0], [x + p.depthMm, front, p.heightMm]))]
  },
  clearances: () => [],
  services: () => [],
  facts: () => BOUGHT,
  adjust: { lengthMm: END, depthMm: FRONT, heightMm: TOP, hinge: handle('hinge') },
  features: (p, stance) => {
    const half = p.lengthMm / 2
    if (stance === 'open') return []
    return [
      box('front', -half, 0, half, p.heightMm),
      ...parted('front', -half, half, 0, p.heightMm, Math.max(3, Math.round(p.lengthMm / 70))),
      line('top', [-half, 0], [half, 0]),
      line('side', [0, 0], [0, p.heightMm]),
    ]
  },
  parts: (p) => [piece('bars', 1 + p.lengthMm * p.heightMm * 5e-6)],
  change: () => ({ minutes: 0.1, hands: 1 }),
})
