import { z } from 'zod'
import { block } from '../../geometry'
import { DETAIL_MM, END, FRONT, TOP } from '../adjust'
import { board, piece, PLY_MM, TOP_MM } from '../boards'
import { defineKind } from '../contract'
import { PLAIN } from '../facts'
import { about, behind, centred, lengthParameter, onTheWall, outdoors, rigid, STAND_MM, through } from '../shapes'
import { box, levels, line } from '../symbols'

const CASE_MM = 80
const DOOR_MM = 120

const parameters = z.object({
  lengthMm: lengthParameter(800, 400, 1400),
  depthMm: lengthParameter(600, 350, 900).describe('Of the case, from the door inward'),
  outMm: lengthParameter(550, 250, 850).describe('How far it slides out of the door'),
  heightMm: lengthParameter(400, 100, 900).describe('Of its top above its base'),
})

type Outside = z.infer<typeof parameters>
const out = (p: Outside) => Math.min(p.outMm, p.depthMm - 30) + DOOR_MM

/** A table on slides that runs out through a door to eat or work at outside; its back is towards the door. */
export const tableOutside = defineKind({
  id: 'table-outside',
  group: 'sitting',
  parameters,
  stances: ['pushed-in', 'slid-out'],
  stanceFor: { driving: 'pushed-in', living: 'pushed-in', sleeping: 'pushed-in' },
  meets: ['table-seat'],
  home: onTheWall,
  scribedAt: 'top',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  reach: (p) => ({ back: out(p) }),
  solids: (p, stance) => {
    const back = p.depthMm / 2
    const slot = rigid('case', centred(p.lengthMm, p.depthMm, p.heightMm - CASE_MM, p.heightMm))
    return stance === 'pushed-in'
      ? [slot]
      : [
          slot,
          through(
            'top',
            block([-p.lengthMm / 2, back, p.heightMm - TOP_MM], [p.lengthMm / 2, back + out(p), p.heightMm]),
          ),
        ]
  },
  clearances: (p, stance) =>
    stance === 'slid-out'
      ? [outdoors(behind('stand', 'stand', ['worktop'], about(p.lengthMm), p.depthMm / 2 + out(p), STAND_MM))]
      : [],
  services: (p, stance) =>
    stance === 'slid-out'
      ? [
          {
            type: 'worktop',
            quantity: p.lengthMm,
            surface: block(
              [-p.lengthMm / 2, p.depthMm / 2, p.heightMm - 1],
              [p.lengthMm / 2, p.depthMm / 2 + out(p), p.heightMm],
            ),
          },
        ]
      : [],
  facts: () => PLAIN,
  adjust: { lengthMm: END, depthMm: FRONT, outMm: DETAIL_MM, heightMm: TOP },
  features: (p, stance) => {
    const [half, front, back] = [p.lengthMm / 2, -p.depthMm / 2, p.depthMm / 2]
    return [
      line('top', [-half + 40, front], [-half + 40, back]),
      line('top', [half - 40, front], [half - 40, back]),
      ...(stance === 'slid-out' ? [box('top', -half + 30, back + 30, half - 30, back + out(p) - 30)] : []),
      ...levels('front', -half, half, p.heightMm - CASE_MM, p.heightMm, 3),
      ...levels('side', front, back, p.heightMm - CASE_MM, p.heightMm, 4),
    ]
  },
  parts: (p) => [
    board('top', p.lengthMm, p.depthMm, TOP_MM, 1, 'birch-ply'),
    board('case', p.lengthMm, p.depthMm, PLY_MM),
    piece('slides', 4),
  ],
  change: () => ({ minutes: 0.5, hands: 1 }),
})
