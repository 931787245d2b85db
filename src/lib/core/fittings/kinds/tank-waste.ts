import { piece, skin } from '../boards'
import { BOUGHT } from '../facts'
import { machine, tankLitres } from '../machine'
import { underTheFloor } from '../shapes'
import { cross, line, ring } from '../symbols'

/** A tank for waste water under the floor, with its drain cock in reach from outside. */
export const tankWaste = machine({
  id: 'tank-waste',
  size: [
    [700, 250, 1800],
    [450, 200, 1200],
    [200, 100, 400],
  ],
  extra: {},
  part: 'waste-tank',
  home: underTheFloor,
  isOutside: true,
  serviced: () => [['waste-drain', 'front', 300]],
  services: (p) => [{ type: 'waste', quantity: tankLitres(p) }],
  facts: (p) => ({ ...BOUGHT, holds: [{ what: 'waste', litres: tankLitres(p), comesOut: 'outside' }] }),
  adjust: {},
  features: (p) => [
    ...cross('top', -p.lengthMm / 2 + 60, -p.depthMm / 2 + 60, p.lengthMm / 2 - 60, p.depthMm / 2 - 60),
    ring('top', p.lengthMm / 2 - 60, -p.depthMm / 2 + 60, 30, true),
    ...cross('front', -60, p.heightMm * 0.3, 60, p.heightMm * 0.7),
    line('side', [-p.depthMm / 3, p.heightMm * 0.3], [p.depthMm / 3, p.heightMm * 0.3]),
  ],
  parts: (p) => [...skin(p.lengthMm, p.depthMm, p.heightMm), piece('straps-and-drain-cock', 4)],
  cautions: () => ['under-floor'],
})
