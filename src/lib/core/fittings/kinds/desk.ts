import { z } from 'zod'
import { block } from '../../geometry'
import { TABLE_PLACE_MM } from '../../brief'
import { massOfBlock } from '../../materials'
import { defineKind, type LocalService } from '../contract'
import { inFront, lengthParameter, onTheWall, rigid } from '../shapes'

const TOP_MM = 20
const FOLDED_MM = 60
const CHAIR_MM = 550

const parameters = z.object({
  lengthMm: lengthParameter(1000, 500, 2000),
  depthMm: lengthParameter(500, 300, 800),
  heightMm: lengthParameter(730, 600, 800).describe('Top above the floor'),
})

/** A table top hinged to the wall, to work or eat at; it folds down flat. */
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
  solids: (p, stance) => {
    const half = p.lengthMm / 2
    const back = p.depthMm / 2
    return stance === 'up'
      ? [rigid('top', block([-half, -back, p.heightMm - TOP_MM], [half, back, p.heightMm]))]
      : [rigid('top', block([-half, back - FOLDED_MM, p.heightMm - p.depthMm], [half, back, p.heightMm]))]
  },
  clearances: (p, stance) =>
    stance === 'up'
      ? [
          inFront(
            'chair',
            'sit',
            ['desk', 'table-place'],
            { min: -p.lengthMm / 2, max: p.lengthMm / 2 },
            -p.depthMm / 2,
            CHAIR_MM,
            1100,
          ),
        ]
      : [],
  services: (p, stance) => {
    if (stance !== 'up') return []
    const services: LocalService[] = [{ type: 'desk', quantity: 1, approach: 'chair' }]
    const places = Math.floor(p.lengthMm / TABLE_PLACE_MM)
    return places > 0 ? [...services, { type: 'table-place', quantity: places, approach: 'chair' }] : services
  },
  features: (p, stance) =>
    stance === 'up'
      ? [
          {
            view: 'top',
            shape: {
              kind: 'line',
              from: [-p.lengthMm / 2, p.depthMm / 2 - FOLDED_MM],
              to: [p.lengthMm / 2, p.depthMm / 2 - FOLDED_MM],
            },
          },
        ]
      : [],
  massKg: (p) => massOfBlock('birchPly', p.lengthMm, p.depthMm, TOP_MM) + 2,
})
