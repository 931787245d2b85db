import { z } from 'zod'
import { block, rectangle } from '../../geometry'
import { DETAIL_MM, END, FRONT, TOP } from '../adjust'
import { board, piece, TOP_MM } from '../boards'
import { defineKind } from '../contract'
import { ON_OWN_LEGS } from '../facts'
import { armSweep, lengthParameter, onTheWall, rigid } from '../shapes'
import { placesRound, tablePlaces } from '../sitting'
import { box, line, ring } from '../symbols'

const FOOT_MM = 100

const parameters = z.object({
  lengthMm: lengthParameter(700, 400, 1100).describe('Of its top'),
  depthMm: lengthParameter(450, 300, 700).describe('Of its top'),
  armMm: lengthParameter(350, 150, 600).describe('From its foot’s axis to the middle of the top'),
  heightMm: lengthParameter(720, 600, 780),
})

type Arm = z.infer<typeof parameters>

/** Where the top’s middle is in each stance, from the foot at the wall. */
const middle = (p: Arm, stance: string): readonly [number, number] => {
  const back = p.depthMm / 2
  // swung along the wall it lies flush with it; over the seats it stands straight out
  if (stance === 'along-the-wall') return [p.armMm, Math.max(-back, back - p.depthMm / 2 - 10)]
  return stance === 'swung-away' ? [-p.armMm, back - p.depthMm / 2 - 10] : [0, back - FOOT_MM / 2 - p.armMm]
}

const topOf = (p: Arm, stance: string) => {
  const [x, y] = middle(p, stance)
  const [wide, deep] = stance === 'at-the-seats' ? [p.depthMm, p.lengthMm] : [p.lengthMm, p.depthMm]
  return { x0: x - wide / 2, y0: y - deep / 2, x1: x + wide / 2, y1: Math.min(y + deep / 2, p.depthMm / 2) }
}

/** How far the top reaches from the foot’s axis in any stance. */
const reachOf = (p: Arm) => {
  const foot = p.depthMm / 2 - FOOT_MM / 2
  return Math.max(
    ...['at-the-seats', 'along-the-wall', 'swung-away'].flatMap((stance) => {
      const { x0, y0, x1, y1 } = topOf(p, stance)
      return [x0, x1].flatMap((x) => [y0, y1].map((y) => Math.hypot(x, y - foot)))
    }),
  )
}

/** A table on an arm that turns about a foot at the wall: over the seats to eat, along the wall to let people pass. */
export const tableArm = defineKind({
  id: 'table-arm',
  group: 'sitting',
  parameters,
  stances: ['at-the-seats', 'along-the-wall', 'swung-away', 'lowered'],
  stanceFor: { driving: 'along-the-wall', living: 'at-the-seats', sleeping: 'along-the-wall' },
  meets: ['table-seat'],
  home: onTheWall,
  scribedAt: 'top',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  reach: (p) => ({ front: reachOf(p), ends: reachOf(p) }),
  solids: (p, stance) => {
    const back = p.depthMm / 2
    const { x0, y0, x1, y1 } = topOf(p, stance === 'lowered' ? 'at-the-seats' : stance)
    const high = stance === 'lowered' ? Math.max(420, p.heightMm - 280) : p.heightMm
    return [
      rigid('foot', block([-FOOT_MM / 2, back - FOOT_MM, 0], [FOOT_MM / 2, back, high - TOP_MM])),
      rigid('top', block([x0, y0, high - TOP_MM], [x1, y1, high])),
    ]
  },
  clearances: (p, stance) =>
    stance === 'at-the-seats'
      ? [
          armSweep(['table-place'], [0, p.depthMm / 2 - FOOT_MM / 2], reachOf(p), 270, 90, {
            min: p.heightMm - TOP_MM,
            max: p.heightMm,
          }),
        ]
      : [],
  services: (p, stance) => {
    if (stance === 'lowered') return []
    const { x0, y0, x1, y1 } = topOf(p, stance)
    return [
      tablePlaces(
        rectangle(x0, y0, x1, y1),
        p.heightMm,
        placesRound(p.lengthMm, p.depthMm, stance === 'at-the-seats' ? 4 : 3),
      ),
    ]
  },
  facts: () => ({ ...ON_OWN_LEGS, swings: 'leaf' }),
  adjust: { lengthMm: END, depthMm: FRONT, armMm: DETAIL_MM, heightMm: TOP },
  features: (p, stance) => {
    const { x0, y0, x1, y1 } = topOf(p, stance === 'lowered' ? 'at-the-seats' : stance)
    const foot = p.depthMm / 2 - FOOT_MM / 2
    const high = stance === 'lowered' ? Math.max(420, p.heightMm - 280) : p.heightMm
    return [
      box('top', x0 + 20, y0 + 20, x1 - 20, y1 - 20),
      ring('top', 0, foot, FOOT_MM / 2),
      line('top', [0, foot], [(x0 + x1) / 2, (y0 + y1) / 2]),
      line('front', [-20, 0], [-20, high - TOP_MM]),
      line('front', [20, 0], [20, high - TOP_MM]),
      line('side', [foot, 0], [foot, high - TOP_MM]),
    ]
  },
  parts: (p) => [board('top', p.lengthMm, p.depthMm, TOP_MM, 1, 'poplar-ply'), piece('foot-column-and-arm', 7)],
  change: () => ({ minutes: 0.3, hands: 1 }),
  cautions: () => ['crash-path'],
})
