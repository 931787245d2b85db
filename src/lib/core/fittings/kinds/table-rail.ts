import { z } from 'zod'
import { block, rectangle } from '../../geometry'
import { DETAIL_MM, END, FRONT, TOP } from '../adjust'
import { board, piece, TOP_MM } from '../boards'
import { defineKind } from '../contract'
import { ON_OWN_LEGS } from '../facts'
import { lengthParameter, onTheWall, rigid } from '../shapes'
import { placesRound, tablePlaces } from '../sitting'
import { box, line } from '../symbols'

const RAIL_MM = 40
const LEG_MM = 45

const parameters = z.object({
  railMm: lengthParameter(1600, 500, 3000).describe('Length of the rail along the wall'),
  alongMm: lengthParameter(600, 350, 1000).describe('Of the top, along the rail'),
  depthMm: lengthParameter(700, 400, 1000).describe('Of the top, out from the rail'),
  heightMm: lengthParameter(720, 600, 780),
})

type Rail = z.infer<typeof parameters>
/** Where the top’s middle is on the rail. */
const at = (p: Rail, stance: string) => {
  const room = Math.max(0, (p.railMm - p.alongMm) / 2)
  return stance === 'at-the-left' ? -room : stance === 'at-the-right' ? room : 0
}

/** A table that hangs in a rail along the wall and slides to where it is wanted, on one leg; it comes off to stow. */
export const tableRail = defineKind({
  id: 'table-rail',
  group: 'sitting',
  parameters,
  formerly: { alongMm: 'lengthMm' },
  stances: ['in-the-middle', 'at-the-left', 'at-the-right', 'taken-off'],
  stanceFor: { driving: 'taken-off', living: 'in-the-middle', sleeping: 'taken-off' },
  meets: ['table-seat'],
  home: onTheWall,
  scribedAt: 'top',
  footprint: (p) => ({ lengthMm: Math.max(p.railMm, p.alongMm), depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p, stance) => {
    const back = p.depthMm / 2
    const rail = rigid(
      'rail',
      block([-p.railMm / 2, back - RAIL_MM, p.heightMm - 70], [p.railMm / 2, back, p.heightMm - TOP_MM]),
    )
    if (stance === 'taken-off') return [rail]
    const x = at(p, stance)
    return [
      rail,
      rigid('top', block([x - p.alongMm / 2, -back, p.heightMm - TOP_MM], [x + p.alongMm / 2, back, p.heightMm])),
      rigid('leg', block([x - LEG_MM / 2, -back + 90, 0], [x + LEG_MM / 2, -back + 90 + LEG_MM, p.heightMm - TOP_MM])),
    ]
  },
  clearances: () => [],
  services: (p, stance) => {
    if (stance === 'taken-off') return []
    const x = at(p, stance)
    return [
      tablePlaces(
        rectangle(x - p.alongMm / 2, -p.depthMm / 2, x + p.alongMm / 2, p.depthMm / 2),
        p.heightMm,
        placesRound(p.depthMm, p.alongMm, 3) + 1,
      ),
    ]
  },
  facts: () => ON_OWN_LEGS,
  adjust: { railMm: END, alongMm: DETAIL_MM, depthMm: FRONT, heightMm: TOP },
  features: (p, stance) => {
    const back = p.depthMm / 2
    const x = at(p, stance)
    const [low, high] = [p.heightMm - 70, p.heightMm - TOP_MM]
    return [
      box('top', -p.railMm / 2, back - RAIL_MM, p.railMm / 2, back),
      ...(stance === 'taken-off' ? [] : [box('top', x - LEG_MM / 2, -back + 90, x + LEG_MM / 2, -back + 90 + LEG_MM)]),
      line('front', [-p.railMm / 2, (low + high) / 2], [p.railMm / 2, (low + high) / 2]),
      line('front', [-p.railMm / 2, low], [-p.railMm / 2, high]),
      line('side', [back - RAIL_MM, low], [back - RAIL_MM, high]),
    ]
  },
  parts: (p) => [board('rail', p.railMm, 60, 3, 1, 'aluminium'), piece('leg-and-clamp', 2.4)],
  loose: (p, stance) => [
    {
      id: 'table-top',
      sizeMm: [p.alongMm, p.depthMm, TOP_MM],
      count: 1,
      used: stance !== 'taken-off',
      of: [board('top', p.alongMm, p.depthMm, TOP_MM)],
    },
  ],
  change: (_p, from, to) => ({ minutes: from === 'taken-off' || to === 'taken-off' ? 1 : 0.3, hands: 1 }),
})
