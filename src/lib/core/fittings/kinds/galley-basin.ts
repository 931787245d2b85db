import { block } from '../../geometry'
import { DETAIL_MM, handle } from '../adjust'
import { frontHeights, galleyUnit, standAt, unitFacts, unitHollow, unitInside, worktop } from '../base-unit'
import { board, piece, TOP_MM } from '../boards'
import { about, doorSwing, hingeParameter, kneeling, lengthParameter } from '../shapes'
import { basinTop, box, leaf, tapFront } from '../symbols'

/** Depth of a bowl under the top. Common practice, no source. */
const BOWL_MM = 150

/** Half the bowl along the run, and to the back. */
const halves = (p: { lengthMm: number; depthMm: number; basinMm: number }) => ({
  wide: Math.min(p.basinMm, p.lengthMm - 60) / 2,
  deep: Math.min(p.basinMm, p.depthMm - 110) / 2,
})

/** The bowl under the top, which takes room from what is below it. */
function bowl(p: { lengthMm: number; depthMm: number; basinMm: number; worktopMm: number }) {
  const { wide, deep } = halves(p)
  const top = p.worktopMm - TOP_MM
  return { id: 'basin', prism: block([-wide, -deep, top - BOWL_MM], [wide, deep, top]) }
}

/** A base unit with the basin let into its top. With its cover on, the top is worktop again. */
export const galleyBasin = galleyUnit({
  id: 'galley-basin',
  length: [500, 350, 1200],
  extra: {
    basinMm: lengthParameter(380, 250, 600).describe('Across the basin; about 380 is usual'),
    hinge: hingeParameter,
  },
  states: {
    stances: ['open', 'covered'],
    stanceFor: { driving: 'covered', living: 'open', sleeping: 'covered' },
  },
  meets: ['basin'],
  clearances: (p) => [
    standAt(p, ['basin', 'worktop']),
    doorSwing(['stowage'], about(p.lengthMm), -p.depthMm / 2, p.hinge, frontHeights(p)),
    kneeling(['stowage'], about(p.lengthMm), -p.depthMm / 2),
  ],
  services: (p, stance) => [
    ...(stance === 'open'
      ? [{ type: 'basin' as const, quantity: 1, approach: 'stand' }]
      : worktop(p, about(p.lengthMm))),
    unitInside(p, p.worktopMm - 220),
  ],
  facts: (p, stance) => ({
    ...unitFacts(p),
    isSplashed: stance === 'open',
    drainsAtMm: p.worktopMm - 400,
    fronts: [{ what: 'door', hung: p.hinge, latch: 'catch', isOutside: false }],
  }),
  hollows: (p) => [unitHollow(p, 'door', ['door', 'kneel'], [bowl(p)])],
  adjust: { basinMm: DETAIL_MM, hinge: handle('hinge') },
  features: (p, stance) => {
    const { wide, deep } = halves(p)
    return [
      ...(stance === 'open' ? basinTop(-wide, -deep, wide, deep) : [box('top', -wide, -deep, wide, deep)]),
      ...leaf(-p.lengthMm / 2 + 8, p.lengthMm / 2 - 8, frontHeights(p).min, frontHeights(p).max, p.hinge),
      ...tapFront(0, p.worktopMm),
    ]
  },
  parts: () => [piece('basin-tap-and-trap', 4)],
  loose: (p, stance) => [
    {
      id: 'basin-cover',
      sizeMm: [p.basinMm, p.basinMm, 12],
      count: 1,
      used: stance === 'covered',
      of: [board('cover', p.basinMm, p.basinMm, 12, 1, 'birch-ply')],
    },
  ],
  change: { minutes: 0.1, hands: 1 },
})
