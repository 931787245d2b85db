import { z } from 'zod'
import { defineKind } from '../contract'
import { centred, doorSwing, hingeParameter, inFront, lengthParameter, onTheWall, rigid, STAND_MM } from '../shapes'

const KG_PER_LITRE = 0.28
const WALL_MM = 45

const parameters = z.object({
  lengthMm: lengthParameter(540, 350, 800),
  depthMm: lengthParameter(560, 350, 750),
  heightMm: lengthParameter(1000, 400, 1900),
  hinge: hingeParameter,
})

type ColdBox = z.infer<typeof parameters>

/** What the walls leave inside, less a tenth for the compressor. */
const litres = (p: ColdBox) =>
  Math.round((p.lengthMm - 2 * WALL_MM) * (p.depthMm - 2 * WALL_MM) * (p.heightMm - 2 * WALL_MM) * 1e-6 * 0.45)

/** An upright cold box with a hinged door. */
export const coldBox = defineKind({
  id: 'cold-box',
  group: 'machines',
  parameters,
  stances: ['shut'],
  stanceFor: { driving: 'shut', living: 'shut', sleeping: 'shut' },
  meets: ['cold-box'],
  home: onTheWall,
  scribedAt: 'top',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p) => [rigid('body', centred(p.lengthMm, p.depthMm, 0, p.heightMm))],
  clearances: (p) => [
    doorSwing(['cold-box'], p.lengthMm, -p.depthMm / 2, p.hinge, { min: 20, max: p.heightMm }),
    inFront('stand', 'stand', ['cold-box'], { min: -p.lengthMm / 2, max: p.lengthMm / 2 }, -p.depthMm / 2, STAND_MM),
  ],
  services: (p) => [{ type: 'cold-box', quantity: litres(p), approach: 'stand' }],
  features: (p) => {
    const grip = p.hinge === 'left' ? p.lengthMm / 2 - 50 : -p.lengthMm / 2 + 50
    return [{ view: 'front', shape: { kind: 'line', from: [grip, p.heightMm * 0.45], to: [grip, p.heightMm * 0.7] } }]
  },
  massKg: (p) => 12 + litres(p) * KG_PER_LITRE,
})
