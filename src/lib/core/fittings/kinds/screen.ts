import { DETAIL } from '../adjust'
import { piece } from '../boards'
import { BOUGHT } from '../facts'
import { machine } from '../machine'
import { choiceParameter, upTheWall } from '../shapes'
import { box, line, ring } from '../symbols'

/** A screen on the wall, or a projector under the roof and the blind that it throws on. */
export const screen = machine({
  id: 'screen',
  size: [
    [700, 200, 1400],
    [60, 20, 300],
    [420, 100, 900],
  ],
  extra: { build: choiceParameter(['screen', 'projector']) },
  part: 'screen',
  home: upTheWall(1100),
  facts: (p) => ({
    ...BOUGHT,
    draws: [{ by: 'watching', from: 'battery', watts: p.build === 'projector' ? 70 : 30 }],
  }),
  adjust: { build: DETAIL },
  features: (p) => {
    const half = p.lengthMm / 2
    return [
      ...(p.build === 'screen'
        ? [box('front', -half + 12, 12, half - 12, p.heightMm - 12)]
        : [
            ring('front', half * 0.4, p.heightMm / 2, p.heightMm * 0.25),
            ring('front', half * 0.4, p.heightMm / 2, 12),
          ]),
      line('top', [-half, 0], [half, 0]),
      line('side', [0, 0], [0, p.heightMm]),
    ]
  },
  parts: (p) => [piece('screen-and-its-arm', 1.5 + p.lengthMm * p.heightMm * 1.2e-5)],
})
