import { skin } from '../boards'
import { BOUGHT } from '../facts'
import { machine, tankLitres } from '../machine'
import { onTheWall } from '../shapes'
import { line, ring } from '../symbols'

/** A can of fresh water that is carried to a tap and filled there. */
export const waterCan = machine({
  id: 'water-can',
  size: [
    [340, 150, 450],
    [170, 120, 350],
    [380, 200, 520],
  ],
  extra: {},
  part: 'can',
  home: onTheWall,
  meets: ['water'],
  services: (p) => [{ type: 'tank', quantity: tankLitres(p) }],
  facts: (p) => ({ ...BOUGHT, holds: [{ what: 'water', litres: tankLitres(p), isCarried: true }] }),
  adjust: {},
  features: (p) => {
    const half = p.lengthMm / 2
    return [
      ring('top', -half + 45, 0, 24),
      line('top', [-half + 90, 0], [half - 30, 0]),
      line('front', [-half + 90, p.heightMm - 30], [half - 30, p.heightMm - 30]),
      line('front', [-half + 60, p.heightMm * 0.3], [half - 30, p.heightMm * 0.7]),
      line('side', [-p.depthMm / 2, p.heightMm - 30], [p.depthMm / 2, p.heightMm - 30]),
    ]
  },
  parts: (p) => skin(p.lengthMm, p.depthMm, p.heightMm),
})
