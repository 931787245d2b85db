import { z } from 'zod'
import { defineKind } from '../contract'
import { centred, lengthParameter, onTheWall, rigid } from '../shapes'

const SHELL_KG_PER_LITRE = 0.06
const FILLED_SHARE = 0.92

const parameters = z.object({
  lengthMm: lengthParameter(800, 200, 1800),
  depthMm: lengthParameter(400, 150, 1000),
  heightMm: lengthParameter(350, 120, 900),
})

const litres = (p: z.infer<typeof parameters>) => Math.floor(p.lengthMm * p.depthMm * p.heightMm * 1e-6 * FILLED_SHARE)

/** A rigid tank for fresh water, inside the vehicle. */
export const waterTank = defineKind({
  id: 'water-tank',
  group: 'machines',
  parameters,
  stances: ['fixed'],
  stanceFor: { driving: 'fixed', living: 'fixed', sleeping: 'fixed' },
  meets: ['water'],
  home: onTheWall,
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p) => [rigid('tank', centred(p.lengthMm, p.depthMm, 0, p.heightMm))],
  clearances: () => [],
  services: (p) => [{ type: 'tank', quantity: litres(p) }],
  features: (p) => [{ view: 'top', shape: { kind: 'circle', centre: [-p.lengthMm / 2 + 120, 0], radius: 60 } }],
  massKg: (p) => litres(p) * SHELL_KG_PER_LITRE,
})
