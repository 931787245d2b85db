import { z } from 'zod'
import { piece } from '../boards'
import { bearsFoot } from '../facts'
import { line, ring } from '../symbols'
import { TOILET_ADJUST, toiletBoards, toiletFacts, toiletKind, toiletParameters } from '../toilet'

const parameters = z.object(toiletParameters(420, 460))

/** A toilet in a box that one can also sit on. */
export const toiletBox = toiletKind({
  id: 'toilet-box',
  parameters,
  part: 'box',
  facts: (p) => ({ ...toiletFacts(20, 'inside'), treads: bearsFoot(p.seatMm) }),
  adjust: TOILET_ADJUST,
  features: (p) => [
    ring('top', 0, -20, Math.min(p.lengthMm, p.depthMm) * 0.36, true),
    line('front', [-p.lengthMm / 2, p.seatMm - 40], [p.lengthMm / 2, p.seatMm - 40]),
    line('side', [-p.depthMm / 2, p.seatMm - 40], [p.depthMm / 2, p.seatMm - 40]),
  ],
  parts: (p) => [...toiletBoards(p), piece('toilet', 5)],
})
