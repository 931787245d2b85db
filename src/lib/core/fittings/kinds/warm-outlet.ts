import { piece } from '../boards'
import { BOUGHT } from '../facts'
import { machine } from '../machine'
import { about, upTheWall } from '../shapes'
import { line, ring } from '../symbols'

/** A grille out of which a heater blows: low, and free before it. */
export const warmOutlet = machine({
  id: 'warm-outlet',
  size: [
    [90, 60, 200],
    [40, 15, 120],
    [90, 60, 200],
  ],
  extra: {},
  part: 'grille',
  home: upTheWall(80),
  facts: (p) => ({
    ...BOUGHT,
    blowsWarm: { x: about(p.lengthMm), z: { min: 0, max: p.heightMm }, yMm: -p.depthMm / 2 },
  }),
  adjust: {},
  features: (p) => {
    const r = Math.min(p.lengthMm, p.heightMm) * 0.42
    const across = (z: number) => line('front', [-r * 0.8, p.heightMm / 2 + z], [r * 0.8, p.heightMm / 2 + z])
    return [
      ring('front', 0, p.heightMm / 2, r),
      ...[-r * 0.4, 0, r * 0.4].map(across),
      line('top', [-p.lengthMm / 2, -p.depthMm / 2 + 4], [p.lengthMm / 2, -p.depthMm / 2 + 4]),
      line('side', [-p.depthMm / 2 + 4, 0], [-p.depthMm / 2 + 4, p.heightMm]),
    ]
  },
  parts: () => [piece('grille-and-end-of-its-duct', 0.3)],
})
