import { DETAIL } from '../adjust'
import { piece, skin } from '../boards'
import { BOUGHT } from '../facts'
import { machine, tankLitres } from '../machine'
import { choiceParameter, underTheFloor } from '../shapes'
import { line, ring, strokes } from '../symbols'

/** A water tank slung under the floor: it saves room inside and needs warmth in frost. */
export const tankUnder = machine({
  id: 'tank-under',
  size: [
    [900, 300, 2000],
    [500, 200, 1200],
    [220, 120, 400],
  ],
  extra: {
    insulated: choiceParameter(['yes', 'no']).describe('Lagged, or emptied in frost'),
    opening: choiceParameter(['hand-hole', 'cap']),
    joined: choiceParameter(['alone', 'joined']).describe('At the bottom, with the other tanks that are joined'),
  },
  part: 'tank-under-the-floor',
  home: underTheFloor,
  isOutside: true,
  meets: ['water'],
  services: (p) => [{ type: 'tank', quantity: tankLitres(p) }],
  facts: (p) => ({
    ...BOUGHT,
    holds: [
      {
        what: 'water',
        litres: tankLitres(p),
        isLagged: p.insulated === 'yes',
        levels: p.joined === 'joined',
        opening: p.opening,
      },
    ],
  }),
  adjust: { insulated: DETAIL, opening: DETAIL, joined: DETAIL },
  features: (p) => [
    ring('top', p.lengthMm / 2 - 120, 0, Math.min(50, p.depthMm / 4)),
    line('top', [-p.lengthMm / 4, -p.depthMm / 2], [-p.lengthMm / 4, p.depthMm / 2]),
    line('top', [p.lengthMm / 4, -p.depthMm / 2], [p.lengthMm / 4, p.depthMm / 2]),
    ...strokes('front', [
      [-p.lengthMm / 4, p.heightMm * 0.6],
      [-p.lengthMm / 8, p.heightMm * 0.7],
      [0, p.heightMm * 0.6],
      [p.lengthMm / 8, p.heightMm * 0.7],
      [p.lengthMm / 4, p.heightMm * 0.6],
    ]),
    line('side', [-p.depthMm / 3, p.heightMm * 0.6], [p.depthMm / 3, p.heightMm * 0.6]),
  ],
  parts: (p) => [...skin(p.lengthMm, p.depthMm, p.heightMm), piece('straps-and-brackets', 5)],
  cautions: () => ['under-floor'],
})
