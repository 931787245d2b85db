import { piece } from '../boards'
import { BOUGHT } from '../facts'
import { machine } from '../machine'
import { upTheWall } from '../shapes'
import { line, ring } from '../symbols'

/** Counts what goes into the battery and out of it: in its minus lead, beside it. */
export const shunt = machine({
  id: 'shunt',
  size: [
    [130, 80, 250],
    [60, 40, 100],
    [60, 40, 120],
  ],
  extra: {},
  part: 'shunt',
  home: upTheWall(200),
  facts: () => ({ ...BOUGHT, electrics: 'control', draws: [{ by: 'always', from: 'battery', watts: 0.1 }] }),
  adjust: {},
  features: (p) => [
    ...[-1, 1].map((side) => ring('front', side * p.lengthMm * 0.35, p.heightMm / 2, p.heightMm * 0.22, true)),
    line('front', [-p.lengthMm * 0.2, p.heightMm / 2], [p.lengthMm * 0.2, p.heightMm / 2]),
    line('top', [-p.lengthMm / 2, 0], [p.lengthMm / 2, 0]),
    line('side', [0, 0], [0, p.heightMm]),
  ],
  parts: () => [piece('shunt', 0.4)],
  cautions: () => ['batteries'],
})
