import { z } from 'zod'
import { block } from '../../geometry'
import { DETAIL_MM, END } from '../adjust'
import { piece } from '../boards'
import { defineKind } from '../contract'
import { BOUGHT } from '../facts'
import { centred, lengthParameter, outside } from '../shapes'
import { line, parted } from '../symbols'

const CASE_MM = 140
/** Less than this is the edge of the cloth. */
const LEAST_ROUND_MM = 100

const parameters = z.object({
  lengthMm: lengthParameter(2600, 1500, 6000),
  outMm: lengthParameter(2000, 1000, 3000).describe('How far its cloth comes out'),
  roundMm: lengthParameter(0, 0, 3000).describe('How far a second cloth goes on round the corner; 0 for none'),
})

/** An awning in its case along the edge of the roof; its back is to the outside. */
export const awning = defineKind({
  id: 'awning',
  group: 'machines',
  parameters,
  stances: ['rolled', 'out'],
  stanceFor: { driving: 'rolled', living: 'out', sleeping: 'rolled' },
  meets: [],
  // on brackets at the edge of the roof: beside a wall that curves in it would stand in the body
  home: {
    along: { from: 'rear', mm: 200 },
    across: { from: 'left-wall', mm: 0 },
    up: { from: 'on-roof', mm: 10 },
    turn: 0,
    mirrored: false,
  },
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: CASE_MM, heightMm: CASE_MM }),
  reach: (p) => ({
    back: p.outMm,
    ends: p.roundMm > 0 ? p.outMm : 0,
    front: Math.max(0, p.roundMm - CASE_MM),
    down: 200,
  }),
  solids: (p, stance) => {
    const [half, back] = [p.lengthMm / 2, CASE_MM / 2]
    const slot = outside('case', centred(p.lengthMm, CASE_MM, 0, CASE_MM))
    if (stance === 'rolled') return [slot]
    const cloth = outside('cloth', block([-half, back, 40], [half, back + p.outMm, 60]))
    return p.roundMm < LEAST_ROUND_MM
      ? [slot, cloth]
      : [
          slot,
          cloth,
          outside('corner-cloth', block([-half - p.outMm, back - p.roundMm, 40], [-half, back + p.outMm, 60])),
        ]
  },
  clearances: () => [],
  services: () => [],
  facts: (_p, stance) => ({
    ...BOUGHT,
    shields: stance === 'out' ? 'sun' : undefined,
    swings: stance === 'out' ? 'cloth' : 'nothing',
  }),
  adjust: { lengthMm: END, outMm: DETAIL_MM, roundMm: DETAIL_MM },
  features: (p, stance) => {
    const [half, back] = [p.lengthMm / 2, CASE_MM / 2]
    return [
      line('top', [-half, 0], [half, 0]),
      ...(stance === 'out' ? parted('top', -half, half, back, back + p.outMm, Math.round(p.lengthMm / 400)) : []),
      ...(stance === 'out' && p.roundMm >= LEAST_ROUND_MM
        ? parted('top', -half - p.outMm, -half, back - p.roundMm, back + p.outMm, 3)
        : []),
      line('front', [-half, CASE_MM / 2], [half, CASE_MM / 2]),
      line('side', [-back, CASE_MM / 2], [back, CASE_MM / 2]),
    ]
  },
  parts: (p) => [piece('awning', 8 + (p.lengthMm + p.roundMm) * 0.007)],
  change: () => ({ minutes: 4, hands: 1 }),
  cautions: () => ['roof-load'],
})
