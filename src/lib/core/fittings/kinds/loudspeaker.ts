import { piece } from '../boards'
import { BOUGHT } from '../facts'
import { machine } from '../machine'
import { upTheWall } from '../shapes'
import { line, ring } from '../symbols'

/** A loudspeaker in a wall or under the roof. */
export const loudspeaker = machine({
  id: 'loudspeaker',
  size: [
    [180, 60, 400],
    [90, 40, 300],
    [180, 60, 400],
  ],
  extra: {},
  part: 'loudspeaker',
  home: upTheWall(1600),
  facts: () => ({ ...BOUGHT, draws: [{ by: 'listening', from: 'battery', watts: 10 }] }),
  adjust: {},
  features: (p) => {
    const r = Math.min(p.lengthMm, p.heightMm)
    return [
      ring('front', 0, p.heightMm / 2, r * 0.42),
      ring('front', 0, p.heightMm / 2, r * 0.28),
      ring('front', 0, p.heightMm / 2, r * 0.08, true),
      line('top', [-p.lengthMm / 2, -p.depthMm / 2 + 8], [p.lengthMm / 2, -p.depthMm / 2 + 8]),
      line('side', [-p.depthMm / 2 + 8, 0], [-p.depthMm / 2 + 8, p.heightMm]),
    ]
  },
  parts: (p) => [piece('loudspeaker', 0.3 + p.lengthMm * p.heightMm * 2e-5)],
})
