import { z } from 'zod'
import { piece } from '../boards'
import { about, above, forTask } from '../shapes'
import { box, line, ring } from '../symbols'
import { TOILET_ADJUST, toiletFacts, toiletKind, toiletParameters } from '../toilet'

const parameters = z.object(toiletParameters(420, 450))

/** A toilet that wraps what falls into it, without water; its bags are changed from above. */
export const toiletDry = toiletKind({
  id: 'toilet-dry',
  parameters,
  part: 'body',
  serviced: (p) => [
    forTask('toilet-bag', above('bag', 'access', [], about(p.lengthMm), about(p.depthMm), p.seatMm, 350)),
  ],
  facts: () => toiletFacts(8, 'inside'),
  adjust: TOILET_ADJUST,
  features: (p) => [
    box('top', -p.lengthMm * 0.34, -p.depthMm * 0.36, p.lengthMm * 0.34, p.depthMm * 0.26, true),
    ring('top', 0, -20, Math.min(p.lengthMm, p.depthMm) * 0.24),
    line('front', [-p.lengthMm / 2, p.seatMm * 0.6], [p.lengthMm / 2, p.seatMm * 0.6]),
    ring('front', p.lengthMm / 2 - 60, p.seatMm * 0.75, 18),
    line('side', [-p.depthMm / 2, p.seatMm * 0.6], [p.depthMm / 2, p.seatMm * 0.6]),
  ],
  parts: () => [piece('dry-toilet', 11)],
})
