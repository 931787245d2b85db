import { z } from 'zod'
import { block } from '../../geometry'
import { massOfSheet } from '../../materials'
import { defineKind, type Feature } from '../contract'
import { centred, flapSwing, lengthParameter, scribed, underTheRoof } from '../shapes'

const BOARD_MM = 9
const FLAP_WIDTH_MM = 600

const parameters = z.object({
  lengthMm: lengthParameter(1200, 300, 3500),
  depthMm: lengthParameter(330, 150, 600).describe('At its bottom, from the wall to its front'),
  heightMm: lengthParameter(300, 150, 600),
})

/** A locker hung under the roof and scribed to wall and roof behind; its flap lifts. */
export const locker = defineKind({
  id: 'locker',
  group: 'stowage',
  parameters,
  stances: ['shut'],
  stanceFor: { driving: 'shut', living: 'shut', sleeping: 'shut' },
  meets: ['stowage'],
  home: underTheRoof,
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p) => [scribed('carcass', centred(p.lengthMm, p.depthMm, 0, p.heightMm))],
  clearances: (p) => [flapSwing(['stowage'], p.lengthMm, -p.depthMm / 2, p.heightMm - 10, p.heightMm - 20)],
  services: (p) => [
    {
      type: 'stowage',
      quantity: 1,
      inside: block(
        [-p.lengthMm / 2 + BOARD_MM, -p.depthMm / 2 + BOARD_MM, BOARD_MM],
        [p.lengthMm / 2 - BOARD_MM, p.depthMm / 2 - BOARD_MM, p.heightMm - BOARD_MM],
      ),
    },
  ],
  features: (p) => {
    const flaps = Math.max(1, Math.round(p.lengthMm / FLAP_WIDTH_MM))
    return Array.from({ length: flaps - 1 }, (_, index): Feature => {
      const x = -p.lengthMm / 2 + ((index + 1) * p.lengthMm) / flaps
      return { view: 'front', shape: { kind: 'line', from: [x, 0], to: [x, p.heightMm] } }
    })
  },
  massKg: (p) =>
    massOfSheet('poplarPly', 2 * p.lengthMm * (p.depthMm + p.heightMm) + 2 * p.depthMm * p.heightMm, BOARD_MM),
})
