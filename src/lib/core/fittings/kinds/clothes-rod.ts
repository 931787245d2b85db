import { z } from 'zod'
import { DETAIL_MM, END, FRONT } from '../adjust'
import { piece } from '../boards'
import { defineKind } from '../contract'
import { PLAIN } from '../facts'
import { block } from '../../geometry'
import { about, centred, cloth, lengthParameter, rigid, underTheRoof } from '../shapes'
import { line, parted } from '../symbols'

const parameters = z.object({
  lengthMm: lengthParameter(600, 200, 1500),
  depthMm: lengthParameter(500, 300, 600).describe('Of what hangs on it: shoulders and hangers'),
  dropMm: lengthParameter(900, 300, 1400).describe('How far clothes hang below it'),
})

const ROD_MM = 30
/** A hanger takes so much of it. Common practice, no source. */
const EACH_MM = 50

/** A rod for clothes, in a cupboard or over the foot of a bed; what hangs on it swings. */
export const clothesRod = defineKind({
  id: 'clothes-rod',
  group: 'stowage',
  parameters,
  stances: ['fixed'],
  stanceFor: { driving: 'fixed', living: 'fixed', sleeping: 'fixed' },
  meets: ['stowage'],
  home: underTheRoof,
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.dropMm + ROD_MM }),
  solids: (p) => [
    rigid('rod', block([-p.lengthMm / 2, -ROD_MM / 2, p.dropMm], [p.lengthMm / 2, ROD_MM / 2, p.dropMm + ROD_MM])),
    cloth('clothes', centred(p.lengthMm, p.depthMm, 0, p.dropMm)),
  ],
  clearances: () => [],
  services: (p) => [{ type: 'stowage', quantity: 1, inside: centred(p.lengthMm, p.depthMm, 0, p.dropMm) }],
  facts: () => ({ ...PLAIN, swings: 'cloth' }),
  // what hangs is cloth: nothing is put into it
  hollows: () => [],
  adjust: { lengthMm: END, depthMm: FRONT, dropMm: DETAIL_MM },
  features: (p) => {
    const half = p.lengthMm / 2
    return [
      line('top', [-half, 0], [half, 0]),
      ...parted('top', -half, half, -p.depthMm * 0.4, p.depthMm * 0.4, Math.round(p.lengthMm / EACH_MM / 2)),
      ...parted('front', -half, half, p.dropMm * 0.1, p.dropMm, Math.round(p.lengthMm / EACH_MM / 2)),
      line('side', [0, p.dropMm], [about(p.depthMm).max * 0.8, p.dropMm - 80]),
      line('side', [0, p.dropMm], [about(p.depthMm).min * 0.8, p.dropMm - 80]),
    ]
  },
  parts: (p) => [piece('rod-and-brackets', 0.4 + p.lengthMm * 0.0007)],
})
