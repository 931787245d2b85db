import { block } from '../../geometry'
import { ONE_MORE } from '../adjust'
import { frontHeights, galleyUnit, PLINTH_MM, standAt, unitFacts, unitHollow, worktop } from '../base-unit'
import { piece } from '../boards'
import { about, countParameter, drawerRoom } from '../shapes'
import { box, drawerFront, ring } from '../symbols'

/** How far its front runs out, of its depth. */
const RUN = 0.85
/** What full bins weigh. Common practice, no source. */
const BIN_KG = 6

/** The bins stand behind the front to their height; over them, and behind a row that is not as deep as the unit, there is room. */
function bins(p: { lengthMm: number; depthMm: number; worktopMm: number; bins: number }) {
  const deep = Math.min(p.depthMm - 40, p.bins * BIN_DEEP_MM)
  return {
    id: 'bins',
    prism: block(
      [-p.lengthMm / 2 + 25, -p.depthMm / 2 + 15, PLINTH_MM],
      [p.lengthMm / 2 - 25, -p.depthMm / 2 + 15 + deep, Math.min(PLINTH_MM + BIN_HIGH_MM, p.worktopMm - 120)],
    ),
  }
}
/** A bin of 10 to 12 litres. Common practice, no source. */
const BIN_DEEP_MM = 220
const BIN_HIGH_MM = 400

/** A base unit whose front pulls out with bins behind it. */
export const galleyBin = galleyUnit({
  id: 'galley-bin',
  length: [300, 200, 600],
  extra: { bins: countParameter(2, 1, 3).describe('To sort into') },
  meets: [],
  clearances: (p) => [
    standAt(p, ['worktop']),
    ...drawerRoom(['worktop'], about(p.lengthMm), -p.depthMm / 2, frontHeights(p), p.depthMm * RUN),
  ],
  services: (p) => worktop(p, about(p.lengthMm)),
  facts: (p) => ({
    ...unitFacts(p),
    fronts: [
      {
        what: 'drawer',
        hung: 'runs',
        latch: 'locking',
        isOutside: false,
        run: { deepMm: p.depthMm, outMm: p.depthMm * RUN, loadKg: p.bins * BIN_KG },
      },
    ],
  }),
  hollows: (p) => [unitHollow(p, 'drawer', ['drawer', 'puller'], [bins(p)])],
  adjust: { bins: ONE_MORE },
  features: (p) => {
    const { min, max } = frontHeights(p)
    const deep = (p.depthMm - 80) / p.bins
    return [
      ...Array.from({ length: p.bins }, (_, index) =>
        ring('top', 0, -p.depthMm / 2 + 40 + deep * (index + 0.5), Math.min(deep, p.lengthMm - 60) / 2 - 8),
      ),
      ...drawerFront(-p.lengthMm / 2 + 8, p.lengthMm / 2 - 8, min, max),
      box('front', -p.lengthMm / 4, min + 80, p.lengthMm / 4, min + 240),
    ]
  },
  parts: (p) => [piece('bins', 0.8, p.bins), piece('slides', 2)],
})
