import { z } from 'zod'
import { DETAIL } from '../adjust'
import { piece } from '../boards'
import { BOUGHT } from '../facts'
import { machine } from '../machine'
import { choiceParameter, onTheWall } from '../shapes'
import { line, ring, strokes } from '../symbols'

/** At full power. Typical, common practice, no source. */
const WATTS = { electric: 800, engine: 5000, gas: 2000 } as const
const HEATS = { electric: ['electric'], engine: ['engine'], gas: ['gas'], both: ['electric', 'engine'] } as const

const ELECTRIC: readonly string[] = ['electric', 'both']

/** A water heater with its store. An electric one goes on a timer: it is a big load. */
export const heaterWater = machine({
  id: 'heater-water',
  size: [
    [400, 250, 700],
    [300, 220, 500],
    [300, 220, 500],
  ],
  extra: {
    litres: z.number().min(3).max(40).default(10).meta({ unit: 'L' }),
    heatedBy: choiceParameter(['electric', 'engine', 'gas', 'both']).describe(
      'Both: an element for the mains, and the engine’s water',
    ),
  },
  part: 'water-heater',
  home: onTheWall,
  serviced: () => [['heater', 'front', 400]],
  facts: (p) => ({
    ...BOUGHT,
    heat: HEATS[p.heatedBy].map((fuel) => ({ how: 'enclosed', fuel, isLit: true, watts: WATTS[fuel], warms: 'water' })),
    flue: p.heatedBy === 'gas' ? { exhaustMm: 0 } : undefined,
    holds: [{ what: 'water', litres: p.litres, isWarmed: true }],
    draws: ELECTRIC.includes(p.heatedBy) ? [{ by: 'hot-water', from: 'mains', watts: WATTS.electric }] : [],
  }),
  adjust: { litres: DETAIL, heatedBy: DETAIL },
  features: (p) => {
    const half = p.lengthMm / 2
    const r = Math.min(p.depthMm, p.heightMm) * 0.4
    return [
      line('top', [-half + 40, -r], [-half + 40, r]),
      line('top', [half - 40, -r], [half - 40, r]),
      ring('top', 0, 0, r * 0.3),
      ring('front', 0, p.heightMm / 2, r),
      ...strokes('front', [
        [-r * 0.5, p.heightMm / 2],
        [-r * 0.2, p.heightMm / 2 + r * 0.4],
        [r * 0.2, p.heightMm / 2 - r * 0.4],
        [r * 0.5, p.heightMm / 2],
      ]),
      ring('side', 0, p.heightMm / 2, r),
    ]
  },
  parts: (p) => [piece('store-and-element', 4 + p.litres * 0.35)],
  cautions: (p) => (p.heatedBy === 'gas' ? ['fuel', 'gas'] : p.heatedBy === 'engine' ? [] : ['mains']),
})
