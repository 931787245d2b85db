import { z } from 'zod'
import { block, rectangle } from '../../geometry'
import { DETAIL_MM, END, FRONT, TOP } from '../adjust'
import { board, piece, PLY_MM } from '../boards'
import { defineKind } from '../contract'
import { PLAIN } from '../facts'
import { centred, lengthParameter, onTheWall, rigid } from '../shapes'
import { placesRound, tablePlaces } from '../sitting'
import { drawerFront, levels, line } from '../symbols'

const CASE_MM = 70

const parameters = z.object({
  lengthMm: lengthParameter(500, 300, 900).describe('Across the leaf'),
  depthMm: lengthParameter(500, 350, 750).describe('Of the case that it runs into'),
  outMm: lengthParameter(450, 250, 700).describe('How far it pulls out'),
  heightMm: lengthParameter(720, 600, 900),
})

type Pull = z.infer<typeof parameters>
const out = (p: Pull) => Math.min(p.outMm, p.depthMm - 30)

/** A leaf that pulls out of a slot, under a worktop or a bed; it locks at its end. */
export const tablePull = defineKind({
  id: 'table-pull',
  group: 'sitting',
  parameters,
  stances: ['pulled-out', 'pushed-in'],
  stanceFor: { driving: 'pushed-in', living: 'pulled-out', sleeping: 'pushed-in' },
  meets: ['table-seat'],
  home: onTheWall,
  scribedAt: 'top',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  reach: (p) => ({ front: out(p) }),
  solids: (p, stance) => {
    const slot = rigid('case', centred(p.lengthMm, p.depthMm, p.heightMm - CASE_MM, p.heightMm))
    const front = -p.depthMm / 2
    return stance === 'pushed-in'
      ? [slot]
      : [
          slot,
          rigid(
            'leaf',
            block([-p.lengthMm / 2, front - out(p), p.heightMm - PLY_MM * 2], [p.lengthMm / 2, front, p.heightMm]),
          ),
        ]
  },
  // pulled out it is a solid, and the way there is a move between two modes: nothing of its own to keep free
  clearances: () => [],
  services: (p, stance) =>
    stance === 'pulled-out'
      ? [
          tablePlaces(
            rectangle(-p.lengthMm / 2, -p.depthMm / 2 - out(p), p.lengthMm / 2, -p.depthMm / 2),
            p.heightMm,
            placesRound(p.lengthMm, out(p), 3),
          ),
        ]
      : [],
  facts: () => PLAIN,
  adjust: { lengthMm: END, depthMm: FRONT, outMm: DETAIL_MM, heightMm: TOP },
  features: (p, stance) => {
    const [half, front, back] = [p.lengthMm / 2, -p.depthMm / 2, p.depthMm / 2]
    const tip = stance === 'pulled-out' ? front - out(p) : front
    return [
      line('top', [-half, tip + 30], [half, tip + 30]),
      line('top', [-half, front + 30], [half, front + 30]),
      ...drawerFront(-half, half, p.heightMm - CASE_MM, p.heightMm),
      ...levels('side', front, back, p.heightMm - CASE_MM, p.heightMm, 3),
    ]
  },
  parts: (p) => [
    board('leaf', p.lengthMm, out(p), 2 * PLY_MM, 1, 'birch-ply'),
    board('case', p.lengthMm, p.depthMm, 9, 2),
    piece('slides-with-a-lock', 2),
  ],
  change: () => ({ minutes: 0.2, hands: 1 }),
})
