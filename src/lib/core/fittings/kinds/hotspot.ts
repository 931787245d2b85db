import { DETAIL } from '../adjust'
import { piece } from '../boards'
import { BOUGHT } from '../facts'
import { machine } from '../machine'
import { choiceParameter, underTheRoof } from '../shapes'
import { line, ring, strokes } from '../symbols'

/** A box that brings the network in, with its aerial inside or on the roof: that one needs a hole. */
export const hotspot = machine({
  id: 'hotspot',
  size: [
    [220, 80, 400],
    [140, 60, 300],
    [45, 20, 120],
  ],
  extra: { aerial: choiceParameter(['of-its-own', 'on-the-roof']) },
  part: 'hotspot',
  home: underTheRoof,
  facts: () => ({ ...BOUGHT, electrics: 'control', draws: [{ by: 'always', from: 'battery', watts: 8 }] }),
  adjust: { aerial: DETAIL },
  features: (p) => {
    const half = p.lengthMm / 2
    const r = Math.min(half, p.depthMm / 2) * 0.35
    return [
      ...[1, 2].flatMap((n) =>
        strokes(
          'top',
          [30, 60, 90, 120, 150].map((deg) => [
            Math.cos((deg * Math.PI) / 180) * r * n,
            Math.sin((deg * Math.PI) / 180) * r * n - r,
          ]),
        ),
      ),
      ring('top', 0, -r, 6, true),
      line('front', [-half, p.heightMm / 2], [half, p.heightMm / 2]),
      line('side', [-p.depthMm / 2, p.heightMm / 2], [p.depthMm / 2, p.heightMm / 2]),
    ]
  },
  parts: (p) => [piece('hotspot', 0.5), ...(p.aerial === 'on-the-roof' ? [piece('aerial-and-cable', 0.8)] : [])],
  cautions: (p) => (p.aerial === 'on-the-roof' ? ['cutting'] : []),
})
