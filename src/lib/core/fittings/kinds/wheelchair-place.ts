import { z } from 'zod'
import { block } from '../../geometry'
import { ACCESS } from '../../people'
import { DETAIL_MM, END, FRONT } from '../adjust'
import { board, piece } from '../boards'
import { defineKind } from '../contract'
import { ON_OWN_LEGS } from '../facts'
import { about, facingForward, inFront, lengthParameter, rigid } from '../shapes'
import { line, ring, strokes } from '../symbols'

const RAIL_MM = 30
const [CLEAR_LONG_MM, CLEAR_WIDE_MM] = ACCESS.clearFloorMm

const parameters = z.object({
  lengthMm: lengthParameter(CLEAR_WIDE_MM, 700, 1000).describe('Across'),
  depthMm: lengthParameter(Math.max(1300, CLEAR_LONG_MM), 1200, 1700).describe('Along, with its tie-downs'),
  chairMm: lengthParameter(CLEAR_LONG_MM, 900, 1500).describe('Length of the chair that stands in it'),
})

/** A place where a wheelchair rides: rails for four tie-downs and a belt for its occupant. Work for a licensed fitter. */
export const wheelchairPlace = defineKind({
  id: 'wheelchair-place',
  group: 'sitting',
  parameters,
  stances: ['occupied', 'free'],
  stanceFor: { driving: 'occupied', living: 'free', sleeping: 'free' },
  meets: ['wheelchair-place'],
  home: facingForward,
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: 1350 }),
  solids: (p, stance) => {
    const back = p.depthMm / 2
    const rails = [-1, 1].map((side) =>
      rigid(
        side < 0 ? 'left-rail' : 'right-rail',
        block([side * p.lengthMm * 0.3 - RAIL_MM, -back, 0], [side * p.lengthMm * 0.3 + RAIL_MM, back, 12]),
      ),
    )
    if (stance === 'free') return rails
    const chair = Math.min(p.chairMm, p.depthMm)
    return [
      ...rails,
      rigid('wheelchair', block([-p.lengthMm / 2 + 40, back - chair, 12], [p.lengthMm / 2 - 40, back, 950])),
    ]
  },
  clearances: (p, stance) =>
    stance === 'occupied'
      ? [inFront('in', 'entry', ['wheelchair-place'], about(p.lengthMm), -p.depthMm / 2, 300, 1100)]
      : [],
  services: (p, stance) =>
    stance === 'occupied'
      ? [
          { type: 'wheelchair-place', quantity: 1, approach: 'in', sizeMm: [p.depthMm, p.lengthMm] },
          { type: 'belt', quantity: 1, approach: 'in', places: [{ at: [0, p.depthMm / 2 - 400], facesDeg: 270 }] },
        ]
      : [],
  facts: () => ON_OWN_LEGS,
  adjust: { lengthMm: END, depthMm: FRONT, chairMm: DETAIL_MM },
  features: (p, stance) => {
    const back = p.depthMm / 2
    const w = p.lengthMm / 2
    const anchors = [-1, 1].flatMap((x) => [-1, 1].map((y) => ring('top', x * p.lengthMm * 0.3, y * (back - 60), 25)))
    if (stance === 'free') return [...anchors, line('front', [-w, 6], [w, 6]), line('side', [-back, 6], [back, 6])]
    return [
      ...anchors,
      line('top', [-w + 110, back - 560], [-w + 110, back - 60]),
      line('top', [w - 110, back - 560], [w - 110, back - 60]),
      ring('side', back - 330, 312, 300),
      ring('side', back - Math.min(p.chairMm, p.depthMm) + 180, 110, 95),
      ...strokes('side', [
        [back - 40, 900],
        [back - 120, 480],
        [back - 620, 480],
        [back - 760, 60],
      ]),
      line('front', [-w + 110, 12], [-w + 110, 612]),
      line('front', [w - 110, 12], [w - 110, 612]),
    ]
  },
  parts: (p) => [board('rails', p.depthMm, 2 * RAIL_MM, 12, 2, 'aluminium'), piece('four-tie-downs-and-a-belt', 9)],
  change: () => ({ minutes: 4, hands: 1 }),
  cautions: () => ['belts', 'crash-path'],
})
