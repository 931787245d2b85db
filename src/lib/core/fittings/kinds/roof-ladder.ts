import { z } from 'zod'
import { END, FRONT, TOP } from '../adjust'
import { piece } from '../boards'
import { defineKind } from '../contract'
import { BOUGHT } from '../facts'
import { block } from '../../geometry'
import { lengthParameter, outside } from '../shapes'
import { levels, line } from '../symbols'

const parameters = z.object({
  lengthMm: lengthParameter(350, 250, 500).describe('Across its rungs'),
  depthMm: lengthParameter(120, 80, 250).describe('How far it stands out'),
  heightMm: lengthParameter(1900, 800, 2800),
})

const RUNG_MM = 300

/** A ladder to the roof, on the rear or the side, outside. What it is screwed to must bear a person. */
export const roofLadder = defineKind({
  id: 'roof-ladder',
  group: 'stowage',
  parameters,
  stances: ['fixed'],
  stanceFor: { driving: 'fixed', living: 'fixed', sleeping: 'fixed' },
  meets: [],
  // on the rear, beside the door
  home: {
    along: { from: 'rear', mm: -140 },
    across: { from: 'centreline', mm: 600 },
    up: { from: 'floor', mm: 100 },
    turn: 90,
    mirrored: false,
  },
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p) => [
    outside('ladder', block([-p.lengthMm / 2, -p.depthMm / 2, 0], [p.lengthMm / 2, p.depthMm / 2, p.heightMm])),
  ],
  clearances: () => [],
  services: () => [],
  facts: () => BOUGHT,
  adjust: { lengthMm: END, depthMm: FRONT, heightMm: TOP },
  features: (p) => {
    const half = p.lengthMm / 2
    return [
      ...levels('front', -half, half, 0, p.heightMm, Math.round(p.heightMm / RUNG_MM)),
      line('front', [-half + 15, 0], [-half + 15, p.heightMm]),
      line('front', [half - 15, 0], [half - 15, p.heightMm]),
      line('top', [-half, 0], [half, 0]),
      line('side', [0, 0], [0, p.heightMm]),
    ]
  },
  parts: (p) => [piece('ladder', 1 + p.heightMm * 0.0025)],
  cautions: () => ['cutting', 'roof-load'],
})
