import { z } from 'zod'
import { massOfSheet } from '../../materials'
import { block } from '../../geometry'
import { defineKind } from '../contract'
import { centred, inFront, lengthParameter, onTheWall, rigid } from '../shapes'

const BOARD_MM = 12
const TOILET_KG = 5
const KNEES_MM = 400
const SITTING_MM = 900

const parameters = z.object({
  lengthMm: lengthParameter(420, 350, 700),
  depthMm: lengthParameter(460, 380, 700),
  seatMm: lengthParameter(440, 350, 520).describe('Top of the seat above its base'),
})

/** A toilet in a box that one can also sit on. */
export const toiletBox = defineKind({
  id: 'toilet-box',
  group: 'wet',
  parameters,
  stances: ['shut'],
  stanceFor: { driving: 'shut', living: 'shut', sleeping: 'shut' },
  meets: ['toilet'],
  home: onTheWall,
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.seatMm }),
  solids: (p) => [rigid('box', centred(p.lengthMm, p.depthMm, 0, p.seatMm))],
  clearances: (p) => [
    inFront('knees', 'sit', ['toilet'], { min: -p.lengthMm / 2, max: p.lengthMm / 2 }, -p.depthMm / 2, KNEES_MM, 1100),
    {
      id: 'sitting',
      use: 'sit',
      serves: ['toilet'],
      need: SITTING_MM,
      unit: 'mm',
      fromFloor: false,
      upTo: (amount) =>
        block(
          [-p.lengthMm / 2, -p.depthMm / 2, p.seatMm],
          [p.lengthMm / 2, p.depthMm / 2 - 120, p.seatMm + Math.max(amount, 1)],
        ),
    },
  ],
  services: () => [{ type: 'toilet', quantity: 1, approach: 'knees' }],
  features: (p) => [
    {
      view: 'top',
      filled: true,
      shape: { kind: 'circle', centre: [0, -20], radius: Math.min(p.lengthMm, p.depthMm) * 0.36 },
    },
  ],
  massKg: (p) =>
    massOfSheet('birchPly', 2 * (p.lengthMm + p.depthMm) * p.seatMm + p.lengthMm * p.depthMm, BOARD_MM) + TOILET_KG,
})
