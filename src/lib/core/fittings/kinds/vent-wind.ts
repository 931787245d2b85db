import { DETAIL_MM, endAnd } from '../adjust'
import { z } from 'zod'
import { piece } from '../boards'
import { defineKind } from '../contract'
import { BOUGHT } from '../facts'
import { block } from '../../geometry'
import { centred, inTheRoof, lengthParameter, outside, rigid } from '../shapes'
import { line, parted, ring } from '../symbols'

const parameters = z.object({
  cutMm: lengthParameter(160, 80, 300).describe('Across its opening in the roof'),
  frameMm: lengthParameter(25, 10, 80).describe('How far its frame hangs below the ceiling'),
  capMm: lengthParameter(180, 80, 350).describe('Height of the cap over the roof'),
})

type Vent = z.infer<typeof parameters>
const side = (p: Vent) => p.cutMm + 60
/** A breeze draws so much through it, and a roof fan ten times that. Common practice, no source. */
const DRAWN = [
  [60, 0],
  [0, 6],
] as const
/** Of its opening, what its vanes leave free. Common practice, no source. */
const FREE_SHARE = 0.7

/** A vent that the wind turns: it draws a little air out day and night, with no current, and nothing in a calm. */
export const ventWind = defineKind({
  id: 'vent-wind',
  group: 'machines',
  parameters,
  stances: ['open'],
  stanceFor: { driving: 'open', living: 'open', sleeping: 'open' },
  meets: [],
  home: inTheRoof,
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: side(p), depthMm: side(p), heightMm: p.frameMm }),
  reach: (p) => ({ up: p.capMm + 80 }),
  solids: (p) => [
    rigid('frame', centred(side(p), side(p), 0, p.frameMm)),
    outside(
      'cap',
      block([-p.cutMm / 2, -p.cutMm / 2, p.frameMm + 80], [p.cutMm / 2, p.cutMm / 2, p.frameMm + 80 + p.capMm]),
    ),
  ],
  clearances: () => [],
  services: () => [{ type: 'air', quantity: 1 }],
  facts: (p) => ({
    ...BOUGHT,
    air: {
      what: 'fan',
      way: 'out',
      freeCm2: (Math.PI * (p.cutMm / 2) ** 2 * FREE_SHARE) / 100,
      curve: DRAWN,
      isScreened: true,
    },
  }),
  adjust: { cutMm: endAnd('front'), frameMm: DETAIL_MM, capMm: DETAIL_MM },
  features: (p) => [
    ring('top', 0, 0, p.cutMm * 0.5),
    ...[0, 45, 90, 135].map((deg) => {
      const [x, y] = [Math.cos((deg * Math.PI) / 180), Math.sin((deg * Math.PI) / 180)]
      return line('top', [-x * p.cutMm * 0.48, -y * p.cutMm * 0.48], [x * p.cutMm * 0.48, y * p.cutMm * 0.48])
    }),
    ...parted('front', -p.cutMm / 2, p.cutMm / 2, p.frameMm + 85, p.frameMm + 75 + p.capMm, 6),
    ...parted('side', -p.cutMm / 2, p.cutMm / 2, p.frameMm + 85, p.frameMm + 75 + p.capMm, 6),
    line('front', [-side(p) / 2, p.frameMm / 2], [side(p) / 2, p.frameMm / 2]),
    line('side', [-side(p) / 2, p.frameMm / 2], [side(p) / 2, p.frameMm / 2]),
  ],
  parts: () => [piece('vent', 1.2)],
  openings: (p) => [
    { id: 'vent', through: 'roof', task: 'air', x: [-p.cutMm / 2, p.cutMm / 2], other: [-p.cutMm / 2, p.cutMm / 2] },
  ],
  cautions: () => ['cutting'],
})
