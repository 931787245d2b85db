import { z } from 'zod'
import { block } from '../../geometry'
import { massOfSheet } from '../../materials'
import { defineKind } from '../contract'
import { centred, doorSwing, hingeParameter, inFront, lengthParameter, onTheWall, scribed, STAND_MM } from '../shapes'

const BOARD_MM = 12

const parameters = z.object({
  lengthMm: lengthParameter(550, 300, 1200),
  depthMm: lengthParameter(500, 250, 750).describe('At its foot, from the wall to its front'),
  heightMm: lengthParameter(1600, 600, 2100),
  hinge: hingeParameter,
})

/** A cupboard to the height of a person, scribed to the wall behind, with one hinged door. */
export const wardrobe = defineKind({
  id: 'wardrobe',
  group: 'stowage',
  parameters,
  stances: ['shut'],
  stanceFor: { driving: 'shut', living: 'shut', sleeping: 'shut' },
  meets: ['stowage'],
  home: onTheWall,
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p) => [scribed('carcass', centred(p.lengthMm, p.depthMm, 0, p.heightMm))],
  clearances: (p) => [
    doorSwing(['stowage'], p.lengthMm, -p.depthMm / 2, p.hinge, { min: 40, max: p.heightMm - 10 }),
    inFront('stand', 'stand', ['stowage'], { min: -p.lengthMm / 2, max: p.lengthMm / 2 }, -p.depthMm / 2, STAND_MM),
  ],
  services: (p) => [
    {
      type: 'stowage',
      quantity: 1,
      approach: 'stand',
      inside: block(
        [-p.lengthMm / 2 + BOARD_MM, -p.depthMm / 2 + BOARD_MM, BOARD_MM],
        [p.lengthMm / 2 - BOARD_MM, p.depthMm / 2 - BOARD_MM, p.heightMm - BOARD_MM],
      ),
    },
  ],
  features: (p) => {
    const grip = p.hinge === 'left' ? p.lengthMm / 2 - 50 : -p.lengthMm / 2 + 50
    return [{ view: 'front', shape: { kind: 'line', from: [grip, p.heightMm * 0.45], to: [grip, p.heightMm * 0.6] } }]
  },
  massKg: (p) =>
    massOfSheet('poplarPly', 2 * p.heightMm * (p.lengthMm + p.depthMm) + 3 * p.lengthMm * p.depthMm, BOARD_MM),
})
