import { z } from 'zod'
import { block } from '../../geometry'
import { DETAIL_MM, END, FRONT, ONE_MORE, TOP } from '../adjust'
import { piece, skin } from '../boards'
import { defineKind } from '../contract'
import { BOUGHT } from '../facts'
import { tankLitres } from '../machine'
import { about, countParameter, forTask, inFront, lengthParameter, onTheCentreline, rigid } from '../shapes'
import { line, ring } from '../symbols'

const PIPE_MM = 40

const parameters = z.object({
  lengthMm: lengthParameter(700, 250, 1600).describe('Of each tank, along the vehicle'),
  tankMm: lengthParameter(220, 120, 500).describe('Depth of each tank, across'),
  heightMm: lengthParameter(400, 150, 900),
  apartMm: lengthParameter(1100, 300, 1800).describe('Between the outer two, across'),
  tanks: countParameter(2, 2, 4),
})

type Pair = z.infer<typeof parameters>
const GAP_MM = 20
/** Between the outer two: more of them need their own room. */
const apart = (p: Pair) => Math.max(p.apartMm, (p.tanks - 2) * p.tankMm + (p.tanks - 1) * GAP_MM)
const NAMES = ['left-tank', 'right-tank', 'middle-tank', 'second-middle-tank'] as const
/** Where the right side of each tank is, across: the outer two first. */
const tankEdges = (p: Pair): readonly number[] => {
  const inner = apart(p) / 2
  const free = (apart(p) - (p.tanks - 2) * p.tankMm) / (p.tanks - 1)
  const between = Array.from({ length: p.tanks - 2 }, (_, at) => -inner + free + at * (p.tankMm + free))
  return [inner, -inner - p.tankMm, ...between]
}
const one = (p: Pair) => ({ lengthMm: p.lengthMm, depthMm: p.tankMm, heightMm: p.heightMm })

/** Water tanks left and right, and more between them, joined at the bottom so that they empty together and the load stays level. */
export const tankPair = defineKind({
  id: 'tank-pair',
  group: 'machines',
  parameters,
  stances: ['fixed'],
  stanceFor: { driving: 'fixed', living: 'fixed', sleeping: 'fixed' },
  meets: ['water'],
  home: onTheCentreline,
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: apart(p) + 2 * p.tankMm, heightMm: p.heightMm }),
  solids: (p) => {
    const [half, inner] = [p.lengthMm / 2, apart(p) / 2]
    return [
      ...tankEdges(p).map((y, at) => rigid(NAMES[at]!, block([-half, y, 0], [half, y + p.tankMm, p.heightMm]))),
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
        apart(p) / 2,
        Math.min(350, p.apartMm),
        Math.max(350, p.heightMm),
      ),
    ),
  ],
  services: (p) => [{ type: 'tank', quantity: p.tanks * tankLitres(one(p)) }],
  facts: (p) => ({ ...BOUGHT, holds: [{ what: 'water', litres: p.tanks * tankLitres(one(p)), joined: p.tanks }] }),
  adjust: { lengthMm: END, tankMm: DETAIL_MM, heightMm: TOP, apartMm: FRONT, tanks: ONE_MORE },
  features: (p) => {
    const [half, inner] = [p.lengthMm / 2, apart(p) / 2]
    const r = Math.min(45, p.tankMm / 3)
    return [
      ...tankEdges(p).map((y) => ring('top', half - 90, y + p.tankMm / 2, r)),
      line('front', [-half * 0.5, p.heightMm * 0.75], [half * 0.5, p.heightMm * 0.75]),
      line('front', [-half * 0.3, p.heightMm * 0.66], [half * 0.3, p.heightMm * 0.66]),
      line('side', [-inner, PIPE_MM], [inner, PIPE_MM]),
    ]
  },
  parts: (p) => [
    ...Array.from({ length: p.tanks }, () => skin(p.lengthMm, p.tankMm, p.heightMm)).flat(),
    piece('joining-pipe-and-cocks', 2),
  ],
})
