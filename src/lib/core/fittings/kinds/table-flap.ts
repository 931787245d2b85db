import { z } from 'zod'
import { block, rectangle } from '../../geometry'
import { DETAIL, END, FRONT, TOP } from '../adjust'
import { board, piece, SLAT_MM } from '../boards'
import { defineKind } from '../contract'
import { ON_OWN_LEGS } from '../facts'
import { about, inFront, lengthParameter, onTheWall, rigid } from '../shapes'
import { placesRound, tablePlaces } from '../sitting'
import { box, line, strokes } from '../symbols'

const HUNG_MM = 45

const parameters = z.object({
  lengthMm: lengthParameter(450, 250, 900).describe('Up, from the end that it hangs on'),
  depthMm: lengthParameter(480, 300, 750).describe('As deep as the run that it lengthens'),
  heightMm: lengthParameter(720, 600, 1000),
  side: z.enum(['left', 'right']).default('right').describe('Which of its ends is the hinge, as one faces it'),
})

type Flap = z.infer<typeof parameters>
const hung = (p: Flap) => (p.side === 'right' ? 1 : -1)

/** A leaf hinged to the end of a run, held up by a bracket: a table or more worktop, hanging down when not wanted. */
export const tableFlap = defineKind({
  id: 'table-flap',
  group: 'sitting',
  parameters,
  stances: ['up', 'hanging'],
  stanceFor: { driving: 'hanging', living: 'up', sleeping: 'hanging' },
  meets: ['table-seat'],
  home: onTheWall,
  scribedAt: 'top',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p, stance) => {
    const [half, back] = [p.lengthMm / 2, p.depthMm / 2]
    if (stance === 'up') return [rigid('leaf', block([-half, -back, p.heightMm - SLAT_MM], [half, back, p.heightMm]))]
    const x = hung(p) * half
    return [
      rigid(
        'hanging-leaf',
        block(
          [Math.min(x, x - hung(p) * HUNG_MM), -back, Math.max(0, p.heightMm - p.lengthMm)],
          [Math.max(x, x - hung(p) * HUNG_MM), back, p.heightMm],
        ),
      ),
    ]
  },
  clearances: (p, stance) =>
    stance === 'up'
      ? [inFront('knees', 'sit', ['table-place', 'worktop'], about(p.lengthMm), -p.depthMm / 2, 350, 1000)]
      : [],
  services: (p, stance) => {
    if (stance !== 'up') return []
    const [half, back] = [p.lengthMm / 2, p.depthMm / 2]
    return [
      tablePlaces(rectangle(-half, -back, half, back), p.heightMm, placesRound(p.lengthMm, p.depthMm, 3), 'knees'),
      {
        type: 'worktop',
        quantity: p.lengthMm,
        approach: 'knees',
        surface: block([-half, -back, p.heightMm - 1], [half, back, p.heightMm]),
      },
    ]
  },
  facts: () => ON_OWN_LEGS,
  adjust: { lengthMm: END, depthMm: FRONT, heightMm: TOP, side: DETAIL },
  features: (p, stance) => {
    const [half, back] = [p.lengthMm / 2, p.depthMm / 2]
    const x = hung(p) * half
    const inward = -hung(p)
    return stance === 'up'
      ? [
          line('top', [x + inward * 30, -back], [x + inward * 30, back]),
          box('top', -half + 40, -back + 40, half - 40, back - 40),
          ...strokes('front', [
            [x, Math.max(30, p.heightMm - 260)],
            [x + inward * Math.min(240, p.lengthMm - 20), p.heightMm - SLAT_MM],
          ]),
          line('side', [-back, p.heightMm - SLAT_MM], [back, p.heightMm - SLAT_MM]),
        ]
      : [
          line('top', [x + inward * 22, -back], [x + inward * 22, back]),
          line('front', [x + inward * 22, Math.max(0, p.heightMm - p.lengthMm)], [x + inward * 22, p.heightMm]),
          box('side', -back + 30, Math.max(20, p.heightMm - p.lengthMm + 30), back - 30, p.heightMm - 30),
        ]
  },
  parts: (p) => [board('leaf', p.lengthMm, p.depthMm, SLAT_MM, 1, 'birch-ply'), piece('hinge-and-bracket', 1)],
  change: () => ({ minutes: 0.2, hands: 1 }),
})
