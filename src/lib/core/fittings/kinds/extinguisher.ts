import { piece } from '../boards'
import { BOUGHT } from '../facts'
import { machine } from '../machine'
import { upTheWall } from '../shapes'
import { line, ring } from '../symbols'

/** An extinguisher in its clamp, in reach from a way out. */
export const extinguisher = machine({
  id: 'extinguisher',
  size: [
    [120, 90, 200],
    [120, 90, 200],
    [350, 250, 550],
  ],
  extra: {},
  part: 'extinguisher',
  home: upTheWall(300),
  facts: () => ({ ...BOUGHT, guards: { against: 'fire' } }),
  adjust: {},
  features: (p) => [
    ring('top', 0, 0, p.lengthMm * 0.32),
    line('front', [-p.lengthMm / 3, p.heightMm * 0.8], [p.lengthMm / 3, p.heightMm * 0.8]),
    line('front', [0, p.heightMm * 0.8], [p.lengthMm / 3, p.heightMm]),
    line('side', [-p.depthMm / 3, p.heightMm * 0.8], [p.depthMm / 3, p.heightMm * 0.8]),
  ],
  parts: () => [piece('extinguisher-and-its-clamp', 2.2)],
})
