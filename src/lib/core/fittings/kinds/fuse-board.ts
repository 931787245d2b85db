import { handle } from '../adjust'
import { piece } from '../boards'
import { BOUGHT } from '../facts'
import { machine } from '../machine'
import { countParameter, upTheWall } from '../shapes'
import { box, line, parted } from '../symbols'

/** Fuses and switches of each circuit behind a panel that comes off, in reach and to be read. */
export const fuseBoard = machine({
  id: 'fuse-board',
  size: [
    [300, 150, 700],
    [90, 50, 200],
    [220, 100, 600],
  ],
  extra: { circuits: countParameter(10, 1, 40) },
  part: 'fuse-board',
  home: upTheWall(1000),
  serviced: () => [['fuses', 'front', 450]],
  facts: (p) => ({
    ...BOUGHT,
    electrics: 'fuses',
    gives: [{ what: 'ways', count: p.circuits }],
    reaches: [{ what: 'controls', zMm: p.heightMm / 2 }],
  }),
  adjust: { circuits: handle('capacity') },
  features: (p) => {
    const half = p.lengthMm / 2
    return [
      line('top', [-half, -p.depthMm / 2 + 12], [half, -p.depthMm / 2 + 12]),
      box('front', -half + 20, 20, half - 20, p.heightMm - 20),
      ...parted('front', -half + 20, half - 20, p.heightMm * 0.4, p.heightMm * 0.6, Math.min(16, p.circuits)),
      line('side', [-p.depthMm / 2 + 12, 0], [-p.depthMm / 2 + 12, p.heightMm]),
    ]
  },
  parts: (p) => [piece('board-with-its-fuses', 1 + p.circuits * 0.08)],
  cautions: () => ['mains', 'batteries'],
})
