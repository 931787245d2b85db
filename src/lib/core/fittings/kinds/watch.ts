import { DETAIL } from '../adjust'
import { piece } from '../boards'
import { BOUGHT } from '../facts'
import { machine } from '../machine'
import { choiceParameter, upTheWall } from '../shapes'
import { box, line, ring, strokes } from '../symbols'

/** Tells its owner far away of a break-in, or of heat that an animal left inside would not bear. It replaces no one who looks. */
export const watch = machine({
  id: 'watch',
  size: [
    [110, 50, 250],
    [45, 20, 100],
    [110, 50, 250],
  ],
  extra: { tells: choiceParameter(['break-in', 'temperature', 'both']) },
  part: 'watch',
  home: upTheWall(1500),
  facts: () => ({ ...BOUGHT, draws: [{ by: 'guarding', from: 'battery', watts: 1, isUnattended: true }] }),
  adjust: { tells: DETAIL },
  features: (p) => {
    const [half, z] = [p.lengthMm / 2, p.heightMm / 2]
    return [
      box('front', -half + 8, 8, half - 8, p.heightMm - 8),
      ...(p.tells === 'break-in'
        ? []
        : [ring('front', 0, z * 0.6, z * 0.22, true), line('front', [0, z * 0.8], [0, z * 1.6])]),
      ...(p.tells === 'temperature'
        ? []
        : strokes('front', [
            [half * 0.3, z * 1.6],
            [half * 0.6, z],
            [half * 0.3, z * 0.4],
          ])),
      line('top', [-half, 0], [half, 0]),
      line('side', [0, 0], [0, p.heightMm]),
    ]
  },
  parts: () => [piece('watch', 0.3)],
})
