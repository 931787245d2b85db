import { z } from 'zod'
import { DETAIL_MM } from '../adjust'
import { piece } from '../boards'
import { behind, centred, forTask, lengthParameter, outdoors, rigid } from '../shapes'
import { box, line, ring } from '../symbols'
import { TOILET_ADJUST, toiletFacts, toiletKind, toiletParameters } from '../toilet'

const parameters = z.object({
  ...toiletParameters(450, 600),
  hatchWideMm: lengthParameter(380, 250, 600).describe('Of the door in the body that the cassette comes out by'),
  hatchHighMm: lengthParameter(320, 250, 500),
})

/** A fixed toilet whose cassette is taken out through a hatch of its own in the wall behind it. */
export const toiletCassette = toiletKind({
  id: 'toilet-cassette',
  parameters,
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.seatMm + 280 }),
  part: 'bowl',
  solids: (p) => [
    rigid('bowl', centred(p.lengthMm, p.depthMm, 0, p.seatMm)),
    rigid('flush-tank', {
      ...centred(p.lengthMm, p.depthMm, p.seatMm, p.seatMm + 280),
      profile: [
        [-p.lengthMm / 2, p.depthMm / 2 - 110],
        [p.lengthMm / 2, p.depthMm / 2 - 110],
        [p.lengthMm / 2, p.depthMm / 2],
        [-p.lengthMm / 2, p.depthMm / 2],
      ],
    }),
  ],
  serviced: (p) => [
    forTask(
      'toilet-tank',
      outdoors(behind('hatch', 'access', [], { min: -p.hatchWideMm / 2, max: p.hatchWideMm / 2 }, p.depthMm / 2, 600)),
    ),
  ],
  facts: () => ({
    ...toiletFacts(18, 'outside'),
    fronts: [{ what: 'door', hung: 'left', latch: 'locking', isOutside: true }],
  }),
  adjust: { ...TOILET_ADJUST, hatchWideMm: DETAIL_MM, hatchHighMm: DETAIL_MM },
  features: (p) => [
    ring('top', 0, -p.depthMm / 2 + 190, Math.min(p.lengthMm * 0.36, 180), true),
    box('top', -p.lengthMm / 2 + 20, p.depthMm / 2 - 110, p.lengthMm / 2 - 20, p.depthMm / 2),
    line('front', [-p.lengthMm / 2, p.seatMm - 30], [p.lengthMm / 2, p.seatMm - 30]),
    box('front', -p.lengthMm / 4, 20, p.lengthMm / 4, 200),
    box('side', p.depthMm / 2 - 300, 20, p.depthMm / 2, p.seatMm - 100),
  ],
  parts: () => [piece('toilet-with-cassette', 12)],
  openings: (p) => [
    {
      id: 'cassette',
      through: 'wall',
      task: 'toilet-tank',
      x: [-p.hatchWideMm / 2, p.hatchWideMm / 2],
      other: [20, 20 + p.hatchHighMm],
    },
  ],
  cautions: () => ['cutting'],
})
