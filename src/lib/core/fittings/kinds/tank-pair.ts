import { z } from 'zod'
import { block } from '../../geometry'
import { DETAIL_MM, END, FRONT, TOP } from '../adjust'
import { piece, skin } from '../boards'
import { defineKind } from '../contract'
import { BOUGHT } from '../facts'
import { tankLitres } from '../machine'
import { about, forTask, inFront, lengthParameter, onTheCentreline, rigid } from '../shapes'
import { line, ring } from '../symbols'

const PIPE_MM = 40

const parameters = z.object({
  lengthMm: lengthParameter(700, 250, 1600).describe('Of each tank, along the vehicle'),
  tankMm: lengthParameter(220, 120, 500).describe('Depth of each tank, across'),
  heightMm: lengthParameter(400, 150, 900),
  apartMm: lengthParameter(1100, 300, 1800).describe('Between the two, across'),
})

type Pair = z.infer<typeof parameters>
const one = (p: Pair) => ({ lengthMm: p.lengthMm, depthMm: p.tankMm, heightMm: p.heightMm })

/** Two water tanks, left and right, joined at the bottom so that both empty together and the load stays level. */
export const tankPair = defineKind({
  id: 'tank-pair',
  group: 'machines',
  parameters,
  stances: ['fixed'],
  stanceFor: { driving: 'fixed', living: 'fixed', sleeping: 'fixed' },
  meets: ['water'],
  home: onTheCentreline,
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.apartMm + 2 * p.tankMm, heightMm: p.heightMm }),
  solids: (p) => {
    const [half, inner] = [p.lengthMm / 2, p.apartMm / 2]
    return [
      rigid('left-tank', block([-half, inner, 0], [half, inner + p.tankMm, p.heightMm])),
      rigid('right-tank', block([-half, -inner - p.tankMm, 0], [half, -inner, p.heightMm])),
      rigid('joining-pipe', block([-half, -inner, 0], [-half + PIPE_MM, inner, PIPE_MM])),
    ]
  },
  clearances: (p) => [
    forTask(
      'water-pump',
      inFront(
        'water-pump',
        'access',
        [],
        about(p.lengthMm),
        p.apartMm / 2,
        Math.min(350, p.apartMm),
        Math.max(350, p.heightMm),
      ),
    ),
  ],
  services: (p) => [{ type: 'tank', quantity: 2 * tankLitres(one(p)) }],
  facts: (p) => ({ ...BOUGHT, holds: [{ what: 'water', litres: 2 * tankLitres(one(p)) }] }),
  adjust: { lengthMm: END, tankMm: DETAIL_MM, heightMm: TOP, apartMm: FRONT },
  features: (p) => {
    const [half, inner] = [p.lengthMm / 2, p.apartMm / 2]
    const r = Math.min(45, p.tankMm / 3)
    return [
      ring('top', half - 90, inner + p.tankMm / 2, r),
      ring('top', half - 90, -inner - p.tankMm / 2, r),
      line('front', [-half * 0.5, p.heightMm * 0.75], [half * 0.5, p.heightMm * 0.75]),
      line('front', [-half * 0.3, p.heightMm * 0.66], [half * 0.3, p.heightMm * 0.66]),
      line('side', [-inner, PIPE_MM], [inner, PIPE_MM]),
    ]
  },
  parts: (p) => [
    ...skin(p.lengthMm, p.tankMm, p.heightMm),
    ...skin(p.lengthMm, p.tankMm, p.heightMm),
    piece('joining-pipe-and-cocks', 2),
  ],
})
