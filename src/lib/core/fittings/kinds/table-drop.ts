import { z } from 'zod'
import { block, rectangle } from '../../geometry'
import { END, FRONT, TOP } from '../adjust'
import { board, piece, TOP_MM } from '../boards'
import { defineKind } from '../contract'
import { ON_OWN_LEGS } from '../facts'
import { lengthParameter, onTheWall, rigid } from '../shapes'
import { placesRound, tablePlaces } from '../sitting'
import { box, line } from '../symbols'

const LEG_MM = 45
const HUNG_MM = 60

const parameters = z.object({
  lengthMm: lengthParameter(800, 400, 1400).describe('Along the wall'),
  depthMm: lengthParameter(600, 300, 900).describe('Up, from the wall to its end'),
  heightMm: lengthParameter(720, 600, 780),
})

/** A table that hooks onto the wall and stands on one leg at its end; it drops down flat against the wall. */
export const tableDrop = defineKind({
  id: 'table-drop',
  group: 'sitting',
  parameters,
  stances: ['up', 'dropped'],
  stanceFor: { driving: 'dropped', living: 'up', sleeping: 'dropped' },
  meets: ['table-seat'],
  home: onTheWall,
  scribedAt: 'top',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p, stance) => {
    const [half, back] = [p.lengthMm / 2, p.depthMm / 2]
    if (stance === 'dropped')
      return [
        rigid(
          'hanging-top',
          block([-half, back - HUNG_MM, Math.max(0, p.heightMm - p.depthMm)], [half, back, p.heightMm]),
        ),
      ]
    return [
      rigid('top', block([-half, -back, p.heightMm - TOP_MM], [half, back, p.heightMm])),
      rigid('leg', block([-LEG_MM / 2, -back + 80, 0], [LEG_MM / 2, -back + 80 + LEG_MM, p.heightMm - TOP_MM])),
    ]
  },
  // one sits down to it where its seats are: those have their own room
  clearances: () => [],
  services: (p, stance) =>
    stance === 'up'
      ? [
          tablePlaces(
            rectangle(-p.lengthMm / 2, -p.depthMm / 2, p.lengthMm / 2, p.depthMm / 2),
            p.heightMm,
            placesRound(p.lengthMm, p.depthMm, 3),
          ),
        ]
      : [],
  facts: () => ON_OWN_LEGS,
  adjust: { lengthMm: END, depthMm: FRONT, heightMm: TOP },
  features: (p, stance) => {
    const [half, back] = [p.lengthMm / 2, p.depthMm / 2]
    return stance === 'up'
      ? [
          line('top', [-half, back - 50], [half, back - 50]),
          box('top', -LEG_MM / 2, -back + 80, LEG_MM / 2, -back + 80 + LEG_MM),
          line('front', [-half, p.heightMm - TOP_MM], [half, p.heightMm - TOP_MM]),
          line('side', [-back, p.heightMm - TOP_MM], [back, p.heightMm - TOP_MM]),
        ]
      : [
          line('top', [-half, back - HUNG_MM / 2], [half, back - HUNG_MM / 2]),
          box('front', -half + 40, Math.max(20, p.heightMm - p.depthMm + 40), half - 40, p.heightMm - 40),
          line('front', [0, Math.max(20, p.heightMm - p.depthMm + 40)], [0, p.heightMm - 90]),
          line('side', [back - 30, Math.max(0, p.heightMm - p.depthMm)], [back - 30, p.heightMm]),
        ]
  },
  parts: (p) => [board('top', p.lengthMm, p.depthMm, TOP_MM), piece('wall-rail-and-leg', 2.2)],
  change: () => ({ minutes: 0.5, hands: 1 }),
})
