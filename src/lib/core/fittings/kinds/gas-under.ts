import { piece, steelTank } from '../boards'
import { BOUGHT } from '../facts'
import { machine, tankLitres } from '../machine'
import { underTheFloor } from '../shapes'
import { line, ring } from '../symbols'

/** A gas tank is filled to four fifths. Common practice, no source: its stop valve rules. */
const FILLED = 0.8
/** Liquid propane at 15 °C, handbook value (from memory). */
const KG_PER_LITRE = 0.51

/** A fixed gas tank under the floor, filled from outside. */
export const gasUnder = machine({
  id: 'gas-under',
  size: [
    [800, 400, 1400],
    [300, 200, 450],
    [300, 200, 450],
  ],
  extra: {},
  part: 'gas-tank',
  home: underTheFloor,
  isOutside: true,
  facts: (p) => ({ ...BOUGHT, holds: [{ what: 'gas', litres: tankLitres(p) * FILLED }] }),
  adjust: {},
  features: (p) => {
    const half = p.lengthMm / 2
    return [
      line('top', [-half + 80, -p.depthMm / 2], [-half + 80, p.depthMm / 2]),
      line('top', [half - 80, -p.depthMm / 2], [half - 80, p.depthMm / 2]),
      ring('top', 0, 0, 50, true),
      line('front', [-half + 80, 0], [-half + 80, p.heightMm]),
      line('front', [half - 80, 0], [half - 80, p.heightMm]),
      ring('side', 0, p.heightMm / 2, Math.min(p.depthMm, p.heightMm) / 2 - 5),
    ]
  },
  parts: (p) => [
    ...steelTank(p.lengthMm, Math.min(p.depthMm, p.heightMm)),
    piece('gas', tankLitres(p) * FILLED * KG_PER_LITRE),
  ],
  cautions: () => ['gas', 'under-floor'],
})
