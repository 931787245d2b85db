import { ONE_MORE } from '../adjust'
import { piece } from '../boards'
import { PLAIN } from '../facts'
import { machine } from '../machine'
import { countParameter, upTheWall } from '../shapes'
import { line, strokes } from '../symbols'

/** A row of hooks for coats, towels and bags, by a door or in a wet room. */
export const hooks = machine({
  id: 'hooks',
  group: 'stowage',
  size: [
    [400, 60, 1500],
    [60, 30, 120],
    [70, 40, 150],
  ],
  extra: { hooks: countParameter(4, 1, 12) },
  part: 'hooks',
  home: upTheWall(1550),
  facts: () => ({ ...PLAIN, swings: 'cloth' }),
  adjust: { hooks: ONE_MORE },
  features: (p) => [
    ...Array.from({ length: p.hooks }, (_, at) => {
      const x = -p.lengthMm / 2 + ((at + 0.5) * p.lengthMm) / p.hooks
      return strokes('front', [
        [x, p.heightMm * 0.9],
        [x, p.heightMm * 0.2],
        [x + Math.min(14, p.lengthMm / p.hooks / 3), p.heightMm * 0.1],
        [x + Math.min(14, p.lengthMm / p.hooks / 3), p.heightMm * 0.35],
      ])
    }).flat(),
    line('top', [-p.lengthMm / 2, p.depthMm / 2 - 10], [p.lengthMm / 2, p.depthMm / 2 - 10]),
    line('side', [-p.depthMm / 2, p.heightMm * 0.3], [p.depthMm / 2, p.heightMm * 0.6]),
  ],
  parts: (p) => [piece('rail', 0.2), piece('hook', 0.08, p.hooks)],
})
