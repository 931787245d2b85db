import { z } from 'zod'
import { block, rectangle } from '../../geometry'
import { defineKind } from '../contract'
import { ENTRY_MM, inFront, lengthParameter, onTheCentreline, rigid } from '../shapes'

const PLACE_MM = 460
const BACK_MM = 130
const BACK_HEIGHT_MM = 1080
const KG_PER_PLACE = 22

const parameters = z.object({
  places: z.number().int().min(1).max(3).default(2),
  depthMm: lengthParameter(620, 500, 800),
  seatMm: lengthParameter(440, 350, 520).describe('Top of the cushion above the floor'),
})

const width = (p: z.infer<typeof parameters>) => p.places * PLACE_MM + 40

/** A bench with belts and backrest that faces forward. Its anchorages are work for a licensed fitter. */
export const benchBelted = defineKind({
  id: 'bench-belted',
  group: 'sitting',
  parameters,
  stances: ['upright'],
  stanceFor: { driving: 'upright', living: 'upright', sleeping: 'upright' },
  meets: ['belt'],
  home: { ...onTheCentreline, turn: 90 },
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: width(p), depthMm: p.depthMm, heightMm: BACK_HEIGHT_MM }),
  solids: (p) => {
    const half = width(p) / 2
    const back = p.depthMm / 2
    return [
      rigid('seat', block([-half, -back, 0], [half, back, p.seatMm])),
      rigid('backrest', block([-half, back - BACK_MM, p.seatMm], [half, back, BACK_HEIGHT_MM])),
    ]
  },
  clearances: (p) => [
    inFront(
      'knees',
      'sit',
      ['belt', 'seat'],
      { min: -width(p) / 2 + 40, max: width(p) / 2 - 40 },
      -p.depthMm / 2,
      ENTRY_MM,
      1000,
    ),
  ],
  services: (p) => [
    { type: 'belt', quantity: p.places, approach: 'knees' },
    { type: 'seat', quantity: p.places, approach: 'knees' },
  ],
  features: (p) => {
    const back = p.depthMm / 2
    return Array.from({ length: p.places }, (_, index) => {
      const x = -width(p) / 2 + 20 + index * PLACE_MM
      return {
        view: 'top' as const,
        shape: { kind: 'polygon' as const, points: rectangle(x + 15, -back + 15, x + PLACE_MM - 15, back - BACK_MM) },
      }
    })
  },
  massKg: (p) => p.places * KG_PER_PLACE,
})
