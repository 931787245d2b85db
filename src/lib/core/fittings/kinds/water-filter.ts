import { piece } from '../boards'
import { BOUGHT } from '../facts'
import { machine } from '../machine'
import { onTheWall } from '../shapes'
import { line, ring } from '../symbols'

/** A filter in the line to the taps: its cup is screwed off downwards or its cartridge drawn out, twice a year. */
export const waterFilter = machine({
  id: 'water-filter',
  size: [
    [130, 60, 300],
    [130, 60, 250],
    [320, 100, 600],
  ],
  extra: {},
  part: 'filter',
  home: onTheWall,
  serviced: () => [['water-filter', 'front', 150]],
  facts: () => ({ ...BOUGHT, plumbs: 'filter' }),
  adjust: {},
  features: (p) => {
    const r = Math.min(p.lengthMm, p.depthMm) * 0.38
    return [
      ring('top', 0, 0, r),
      ring('top', 0, 0, r * 0.4),
      line('front', [-p.lengthMm / 2, p.heightMm * 0.78], [p.lengthMm / 2, p.heightMm * 0.78]),
      line('front', [0, p.heightMm * 0.12], [0, p.heightMm * 0.68]),
      line('side', [-p.depthMm / 2, p.heightMm * 0.78], [p.depthMm / 2, p.heightMm * 0.78]),
    ]
  },
  parts: () => [piece('filter', 1)],
})
