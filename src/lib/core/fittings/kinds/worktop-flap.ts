import { z } from 'zod'
import { block } from '../../geometry'
import { END, FRONT, topAnd } from '../adjust'
import { board, piece, TOP_MM } from '../boards'
import { defineKind } from '../contract'
import { ON_OWN_LEGS } from '../facts'
import { about, inFront, lengthParameter, onTheWall, rigid, STAND_MM } from '../shapes'
import { box, line, strokes } from '../symbols'

const HUNG_MM = 50

const parameters = z.object({
  lengthMm: lengthParameter(600, 300, 1200).describe('Along the edge that it hangs on'),
  depthMm: lengthParameter(350, 200, 600).describe('How far it comes out when it is up'),
  worktopMm: lengthParameter(900, 700, 1150),
})

/** A flap along the front or the open side of a galley: worktop when it is up, flat when it hangs. */
export const worktopFlap = defineKind({
  id: 'worktop-flap',
  group: 'galley',
  parameters,
  stances: ['up', 'hanging'],
  stanceFor: { driving: 'hanging', living: 'up', sleeping: 'hanging' },
  meets: [],
  home: onTheWall,
  scribedAt: 'top',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.worktopMm }),
  solids: (p, stance) => {
    const [half, back] = [p.lengthMm / 2, p.depthMm / 2]
    return stance === 'up'
      ? [rigid('flap', block([-half, -back, p.worktopMm - TOP_MM], [half, back, p.worktopMm]))]
      : [rigid('hanging-flap', block([-half, back - HUNG_MM, p.worktopMm - p.depthMm], [half, back, p.worktopMm]))]
  },
  clearances: (p, stance) =>
    stance === 'up' ? [inFront('stand', 'stand', ['worktop'], about(p.lengthMm), -p.depthMm / 2, STAND_MM)] : [],
  services: (p, stance) =>
    stance === 'up'
      ? [
          {
            type: 'worktop',
            quantity: p.lengthMm,
            approach: 'stand',
            surface: block(
              [-p.lengthMm / 2, -p.depthMm / 2, p.worktopMm - 1],
              [p.lengthMm / 2, p.depthMm / 2, p.worktopMm],
            ),
          },
        ]
      : [],
  facts: (p, stance) => ({
    ...ON_OWN_LEGS,
    bornBy: 'others',
    reaches: stance === 'up' ? [{ what: 'worktop', zMm: p.worktopMm }] : [],
  }),
  adjust: { lengthMm: END, depthMm: FRONT, worktopMm: topAnd('worktop') },
  features: (p, stance) => {
    const [half, back] = [p.lengthMm / 2, p.depthMm / 2]
    return stance === 'up'
      ? [
          line('top', [-half, back - 25], [half, back - 25]),
          ...strokes('top', [
            [-half + 60, back],
            [-half + 60, 0],
          ]),
          ...strokes('top', [
            [half - 60, back],
            [half - 60, 0],
          ]),
          line('front', [-half, p.worktopMm - TOP_MM], [half, p.worktopMm - TOP_MM]),
          ...strokes('side', [
            [back, p.worktopMm - 200],
            [0, p.worktopMm - TOP_MM],
          ]),
        ]
      : [
          line('top', [-half, back - TOP_MM], [half, back - TOP_MM]),
          box('front', -half + 30, p.worktopMm - p.depthMm + 30, half - 30, p.worktopMm - 30),
          line('side', [back - TOP_MM, p.worktopMm - p.depthMm], [back - TOP_MM, p.worktopMm]),
        ]
  },
  parts: (p) => [board('flap', p.lengthMm, p.depthMm, TOP_MM, 1, 'birch-ply'), piece('hinge-and-brackets', 0.8)],
  change: () => ({ minutes: 0.1, hands: 1 }),
})
