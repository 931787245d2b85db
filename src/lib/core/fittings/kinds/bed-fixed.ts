import { z } from 'zod'
import { massOfBlock, massOfSheet } from '../../materials'
import { block, rectangle } from '../../geometry'
import { defineKind } from '../contract'
import { centred, ENTRY_MM, lengthParameter, onTheCentreline, rigid } from '../shapes'

const FRAME_MM = 50
const BOARD_MM = 12
const ENTRY_HEIGHT_MM = 1300

const parameters = z.object({
  lengthMm: lengthParameter(1900, 1200, 2300).describe('For the sleeper, head to foot'),
  widthMm: lengthParameter(1300, 600, 2100),
  platformMm: lengthParameter(700, 150, 1500).describe('Top of the platform above the floor'),
  mattressMm: lengthParameter(120, 40, 250),
  sleepers: z.number().int().min(1).max(2).default(2),
  entry: z.enum(['side', 'foot']).default('side').describe('Where one gets in'),
})

/** A bed on a platform with a garage below. At turn 0 the sleeper lies across the vehicle; a quarter turn lays it along. */
export const bedFixed = defineKind({
  id: 'bed-fixed',
  group: 'sleeping',
  parameters,
  stances: ['made'],
  stanceFor: { driving: 'made', living: 'made', sleeping: 'made' },
  meets: ['berth'],
  home: onTheCentreline,
  scribedAt: 'top',
  footprint: (p) => ({ lengthMm: p.widthMm, depthMm: p.lengthMm, heightMm: p.platformMm + p.mattressMm }),
  solids: (p) => [
    rigid('platform', centred(p.widthMm, p.lengthMm, p.platformMm - FRAME_MM, p.platformMm)),
    rigid('mattress', centred(p.widthMm, p.lengthMm, p.platformMm, p.platformMm + p.mattressMm)),
  ],
  clearances: (p) => {
    const half = Math.min((p.entry === 'side' ? p.lengthMm : p.widthMm) / 2, 350)
    return [
      {
        id: 'entry',
        use: 'entry',
        serves: ['berth'],
        need: ENTRY_MM,
        unit: 'mm',
        fromFloor: true,
        upTo: (amount) => {
          const deep = Math.max(amount, 1)
          return p.entry === 'side'
            ? block([p.widthMm / 2, -half, 0], [p.widthMm / 2 + deep, half, ENTRY_HEIGHT_MM])
            : block([-half, -p.lengthMm / 2 - deep, 0], [half, -p.lengthMm / 2, ENTRY_HEIGHT_MM])
        },
      },
    ]
  },
  services: (p) => [
    {
      type: 'berth',
      quantity: p.sleepers,
      approach: 'entry',
      lying: { lengthMm: p.lengthMm, widthMm: p.widthMm, zMm: p.platformMm + p.mattressMm, along: 'y' },
    },
    { type: 'stowage', quantity: 1, inside: centred(p.widthMm, p.lengthMm, 0, p.platformMm - FRAME_MM) },
  ],
  features: (p) => {
    const pillow = p.widthMm / p.sleepers
    return Array.from({ length: p.sleepers }, (_, index) => {
      const x = -p.widthMm / 2 + pillow * index
      return {
        view: 'top' as const,
        filled: true,
        shape: {
          kind: 'polygon' as const,
          points: rectangle(x + 40, p.lengthMm / 2 - 360, x + pillow - 40, p.lengthMm / 2 - 40),
        },
      }
    })
  },
  massKg: (p) =>
    massOfSheet('birchPly', p.lengthMm * p.widthMm, BOARD_MM) +
    massOfBlock('foam', p.lengthMm, p.widthMm, p.mattressMm) +
    massOfBlock('poplarPly', 2 * (p.lengthMm + p.widthMm), 45, FRAME_MM),
})
