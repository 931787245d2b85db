import { DETAIL } from '../adjust'
import { piece } from '../boards'
import { BOUGHT } from '../facts'
import { machine } from '../machine'
import { choiceParameter, upTheWall } from '../shapes'
import { box, line, ring } from '../symbols'

/** Where one reads tanks and batteries, or cuts the battery off: in sight, and in reach from the door. */
export const controlPanel = machine({
  id: 'control-panel',
  size: [
    [220, 80, 500],
    [60, 20, 150],
    [160, 80, 400],
  ],
  extra: { shows: choiceParameter(['readings', 'main-switch', 'heating']) },
  part: 'control-panel',
  home: upTheWall(1450),
  facts: (p) => ({
    ...BOUGHT,
    draws: [{ by: 'always', from: 'battery', watts: 0.5 }],
    electrics: 'control',
    reaches: [{ what: 'controls', zMm: p.heightMm / 2 }],
  }),
  adjust: { shows: DETAIL },
  features: (p) => {
    const half = p.lengthMm / 2
    const middle = p.heightMm / 2
    return [
      box('front', -half + 12, 12, half - 12, p.heightMm - 12),
      ...(p.shows === 'main-switch'
        ? [ring('front', 0, middle, p.heightMm * 0.25), line('front', [0, middle], [0, p.heightMm * 0.72])]
        : [
            line('front', [-half + 30, p.heightMm * 0.65], [half * 0.2, p.heightMm * 0.65]),
            line('front', [-half + 30, p.heightMm * 0.45], [half * 0.5, p.heightMm * 0.45]),
            ring('front', half * 0.7, p.heightMm * 0.3, Math.min(14, p.heightMm * 0.1)),
          ]),
      line('top', [-half, 0], [half, 0]),
      line('side', [0, 0], [0, p.heightMm]),
    ]
  },
  parts: (p) => [piece('control-panel', p.shows === 'main-switch' ? 0.9 : 0.5)],
  cautions: (p) => (p.shows === 'main-switch' ? ['batteries'] : []),
})
