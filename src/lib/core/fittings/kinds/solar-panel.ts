import { z } from 'zod'
import { DETAIL, handle } from '../adjust'
import { piece } from '../boards'
import { BOUGHT } from '../facts'
import { machine } from '../machine'
import { PANEL_KG_M2 } from '../power-figures'
import { choiceParameter, onTheRoof } from '../shapes'
import { levels, line, parted } from '../symbols'

/** A solar panel on the roof, a box of its real thickness. */
export const solarPanel = machine({
  id: 'solar-panel',
  size: [
    [1200, 300, 2300],
    [540, 300, 1200],
    [35, 3, 60],
  ],
  extra: {
    watts: z.number().min(20).max(600).default(115),
    build: choiceParameter(['framed', 'glued']).describe('In a frame with air below it, or stuck to the roof'),
  },
  part: 'solar-panel',
  home: onTheRoof,
  isOutside: true,
  facts: (p) => ({ ...BOUGHT, gives: [{ what: 'sun', watts: p.watts, roofM2: p.lengthMm * p.depthMm * 1e-6 }] }),
  adjust: { watts: handle('capacity'), build: DETAIL },
  features: (p) => {
    const [half, deep] = [p.lengthMm / 2 - 12, p.depthMm / 2 - 12]
    return [
      ...parted('top', -half, half, -deep, deep, Math.max(3, Math.round(p.lengthMm / 160))),
      ...levels('top', -half, half, -deep, deep, Math.max(2, Math.round(p.depthMm / 160))),
      line('front', [-half, p.heightMm / 2], [half, p.heightMm / 2]),
      line('side', [-deep, p.heightMm / 2], [deep, p.heightMm / 2]),
    ]
  },
  parts: (p) => [
    piece('solar-panel', p.lengthMm * p.depthMm * 1e-6 * PANEL_KG_M2[p.build]),
    piece('brackets-and-cable', 1),
  ],
  cautions: () => ['roof-load', 'batteries'],
})
