import { z } from 'zod'
import { TABLE_PLACE_MM } from '../../brief'
import { block } from '../../geometry'
import { END, FRONT, TOP } from '../adjust'
import { board, piece } from '../boards'
import { defineKind, type LocalService } from '../contract'
import { ON_OWN_LEGS } from '../facts'
import { about, inFront, lengthParameter, onTheWall, rigid } from '../shapes'
import { box, line } from '../symbols'

const TOP_MM = 20
const FOLDED_MM = 60
const CHAIR_MM = 550

const parameters = z.object({
  lengthMm: lengthParameter(1000, 500, 2000),
  depthMm: lengthParameter(500, 300, 800),
  heightMm: lengthParameter(730, 600, 800).describe('Top above the floor'),
})

/** A table top hinged to the wall, to work or eat at on a stool or chair of its own; it folds down flat. */
export const desk = defineKind({
  id: 'desk',
  group: 'sitting',
  parameters,
  stances: ['up', 'folded'],
  stanceFor: { driving: 'folded', living: 'up', sleeping: 'folded' },
  meets: ['desk'],
  home: onTheWall,
  scribedAt: 'top',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  reach: (p) => ({ down: Math.max(0, p.depthMm - p.heightMm) }),
  solids: (p, stance) => {
    const half = p.lengthMm / 2
    const back = p.depthMm / 2
    return stance === 'up'
      ? [rigid('top', block([-half, -back, p.heightMm - TOP_MM], [half, back, p.heightMm]))]
      : [rigid('top', block([-half, back - FOLDED_MM, p.heightMm - p.depthMm], [half, back, p.heightMm]))]
  },
  clearances: (p, stance) =>
    stance === 'up'
      ? [inFront('chair', 'sit', ['desk', 'table-place'], about(p.lengthMm), -p.depthMm / 2, CHAIR_MM, 1100)]
      : [],
  services: (p, stance) => {
    if (stance !== 'up') return []
    const services: LocalService[] = [
      { type: 'desk', quantity: 1, approach: 'chair', sizeMm: [p.lengthMm, p.depthMm], topMm: p.heightMm },
    ]
    const places = Math.floor(p.lengthMm / TABLE_PLACE_MM)
    return places > 0
      ? [...services, { type: 'table-place', quantity: places, approach: 'chair', topMm: p.heightMm }]
      : services
  },
  facts: (p, stance) => ({
    ...ON_OWN_LEGS,
    ...(stance === 'up' ? { reaches: [{ what: 'worktop', zMm: p.heightMm }] } : {}),
  }),
  adjust: { lengthMm: END, depthMm: FRONT, heightMm: TOP },
  features: (p, stance) => {
    const [half, back] = [p.lengthMm / 2, p.depthMm / 2]
    return stance === 'up'
      ? [
          line('top', [-half, back - FOLDED_MM], [half, back - FOLDED_MM]),
          line('front', [-half, p.heightMm - TOP_MM], [half, p.heightMm - TOP_MM]),
          line('side', [-back, p.heightMm - TOP_MM], [back, p.heightMm - TOP_MM]),
        ]
      : [
          line('top', [-half, back - FOLDED_MM / 2], [half, back - FOLDED_MM / 2]),
          box('front', -half + 30, p.heightMm - p.depthMm + 30, half - 30, p.heightMm - 30),
          line('side', [back - 30, p.heightMm - p.depthMm], [back - 30, p.heightMm]),
        ]
  },
  parts: (p) => [board('top', p.lengthMm, p.depthMm, TOP_MM, 1, 'birch-ply'), piece('hinges-and-bracket', 2)],
  change: () => ({ minutes: 0.2, hands: 1 }),
})
