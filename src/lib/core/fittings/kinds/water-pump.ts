import { piece } from '../boards'
import { BOUGHT } from '../facts'
import { machine } from '../machine'
import { onTheWall } from '../shapes'
import { line, ring } from '../symbols'

/** While somebody draws water. Common practice, no source. */
const PUMP_DB = 50

/** The pump that presses water to the taps, with its strainer; it draws from the tank and so stands by it. */
export const waterPump = machine({
  id: 'water-pump',
  size: [
    [220, 150, 400],
    [130, 90, 250],
    [110, 80, 250],
  ],
  extra: {},
  part: 'pump',
  home: onTheWall,
  serviced: () => [['water-pump', 'front', 150]],
  facts: () => ({ ...BOUGHT, plumbs: 'pump', noiseDb: PUMP_DB }),
  adjust: {},
  features: (p) => {
    const [half, r] = [p.lengthMm / 2, Math.min(p.depthMm, p.heightMm) * 0.36]
    return [
      ring('top', -half + r + 10, 0, r),
      line('top', [-half + 2 * r + 20, 0], [half - 10, 0]),
      ring('front', -half + r + 10, p.heightMm / 2, r),
      line('front', [-half + 2 * r + 20, p.heightMm / 2], [half - 10, p.heightMm / 2]),
      line('side', [-p.depthMm / 3, p.heightMm / 2], [p.depthMm / 3, p.heightMm / 2]),
    ]
  },
  parts: () => [piece('pump', 1.4), piece('strainer', 0.2)],
})
