import { DETAIL } from '../adjust'
import { skin } from '../boards'
import { BOUGHT } from '../facts'
import { machine, tankLitres } from '../machine'
import { choiceParameter, onTheWall } from '../shapes'
import { line, ring, strokes } from '../symbols'

/** A wave across a stretch: water. */
const wave = (x0: number, x1: number, z: number) =>
  strokes(
    'front',
    [0, 1, 2, 3, 4].map((step) => [x0 + ((x1 - x0) * step) / 4, z + (step % 2 === 0 ? 0 : 18)] as const),
  )

/** Over its opening, to pour from a can or to lead a hose in. Common practice, no source. */
const POUR_MM = 200

/** A rigid tank for fresh water, inside the vehicle. */
export const waterTank = machine({
  id: 'water-tank',
  size: [
    [800, 200, 1800],
    [400, 150, 1000],
    [350, 120, 900],
  ],
  extra: {
    holds: choiceParameter(['all', 'drinking']),
    filled: choiceParameter(['from-outside', 'by-hand']),
    opening: choiceParameter(['hand-hole', 'cap']),
    joined: choiceParameter(['alone', 'joined']).describe('At the bottom, with the other tanks that are joined'),
  },
  part: 'tank',
  home: onTheWall,
  meets: ['water'],
  serviced: (p) => [
    ['water-pump', 'front', 350],
    ...(p.filled === 'by-hand' ? ([['water-fill', 'top', POUR_MM]] as const) : []),
  ],
  services: (p) => [{ type: 'tank', quantity: tankLitres(p) }],
  facts: (p) => ({
    ...BOUGHT,
    holds: [
      {
        what: 'water',
        litres: tankLitres(p),
        levels: p.joined === 'joined',
        isDrinking: p.holds === 'drinking',
        opening: p.opening,
      },
    ],
  }),
  adjust: { holds: DETAIL, filled: DETAIL, opening: DETAIL, joined: DETAIL },
  features: (p) => [
    ring('top', -p.lengthMm / 2 + Math.min(120, p.lengthMm / 3), 0, Math.min(60, p.depthMm / 3)),
    ...wave(-p.lengthMm / 4, p.lengthMm / 4, p.heightMm * 0.7),
    line('side', [-p.depthMm / 4, p.heightMm * 0.7], [p.depthMm / 4, p.heightMm * 0.7]),
  ],
  parts: (p) => skin(p.lengthMm, p.depthMm, p.heightMm),
})
