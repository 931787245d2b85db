import { DETAIL } from '../adjust'
import { piece } from '../boards'
import { BOUGHT } from '../facts'
import { machine } from '../machine'
import { choiceParameter, upTheWall } from '../shapes'
import { line, ring } from '../symbols'

/** A camera that looks behind the vehicle, or into it while one is away. */
export const camera = machine({
  id: 'camera',
  size: [
    [80, 30, 200],
    [60, 30, 150],
    [70, 30, 150],
  ],
  extra: { looks: choiceParameter(['behind', 'inside']) },
  part: 'camera',
  home: upTheWall(1750),
  facts: (p) => ({
    ...BOUGHT,
    draws:
      p.looks === 'behind'
        ? [{ by: 'driving', from: 'battery', watts: 4 }]
        : [{ by: 'guarding', from: 'battery', watts: 4, isUnattended: true }],
  }),
  adjust: { looks: DETAIL },
  features: (p) => [
    ring('front', 0, p.heightMm / 2, Math.min(p.lengthMm, p.heightMm) * 0.32),
    ring('front', 0, p.heightMm / 2, Math.min(p.lengthMm, p.heightMm) * 0.12, true),
    line('top', [0, -p.depthMm / 2], [0, p.depthMm / 2]),
    line('side', [-p.depthMm / 2, p.heightMm / 2], [p.depthMm / 2, p.heightMm / 2]),
  ],
  parts: () => [piece('camera', 0.3)],
})
