import { z } from 'zod'
import { DETAIL, ONE_MORE } from '../adjust'
import { block } from '../../geometry'
import { piece } from '../boards'
import { defineKind } from '../contract'
import { BOUGHT } from '../facts'
import { choiceParameter, countParameter, outside, underTheFloor } from '../shapes'
import { line, ring } from '../symbols'

const parameters = z.object({
  carries: choiceParameter(['bicycles', 'e-bikes', 'box']).describe(
    'E-bikes ride head to tail: they are too long side by side',
  ),
  count: countParameter(2, 1, 4),
})

type Rack = z.infer<typeof parameters>

/** Length of what it carries across the vehicle, how far apart they stand, how high. Common practice, no source. */
const SIZES = {
  bicycles: { long: 1750, apart: 220, high: 1100, kg: 15 },
  'e-bikes': { long: 1850, apart: 260, high: 1100, kg: 26 },
  box: { long: 1200, apart: 550, high: 600, kg: 12 },
} as const
const ARM_MM = 300
const CROSS_MM = 80

const deep = (p: Rack) => ARM_MM + SIZES[p.carries].apart * p.count

/** A rack on the hitch behind the vehicle: as long as the vehicle then is, and as heavy as the hitch may bear. Its back is to the rear. */
export const hitchRack = defineKind({
  id: 'hitch-rack',
  group: 'stowage',
  parameters,
  stances: ['loaded', 'folded-up'],
  stanceFor: { driving: 'loaded', living: 'loaded', sleeping: 'loaded' },
  meets: ['outside-store'],
  home: { ...underTheFloor, turn: 90 },
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: SIZES[p.carries].long, depthMm: CROSS_MM, heightMm: CROSS_MM }),
  reach: (p) => ({ back: deep(p), up: SIZES[p.carries].high }),
  solids: (p, stance) => {
    const { long, high } = SIZES[p.carries]
    const back = CROSS_MM / 2
    const arm = outside('hitch', block([-50, -back, 0], [50, back + ARM_MM, CROSS_MM]))
    return stance === 'loaded'
      ? [arm, outside('rack', block([-long / 2, back + ARM_MM, 0], [long / 2, back + deep(p), CROSS_MM + high]))]
      : [
          arm,
          outside('rack', block([-long / 2, back + ARM_MM - 120, 0], [long / 2, back + ARM_MM, CROSS_MM + high * 0.7])),
        ]
  },
  clearances: () => [],
  services: (p, stance) =>
    stance === 'loaded'
      ? [
          {
            type: 'outside-store',
            quantity: p.count,
            inside: block(
              [-SIZES[p.carries].long / 2, CROSS_MM / 2 + ARM_MM, 20],
              [SIZES[p.carries].long / 2, CROSS_MM / 2 + deep(p), CROSS_MM + SIZES[p.carries].high],
            ),
          },
        ]
      : [],
  facts: () => BOUGHT,
  adjust: { carries: DETAIL, count: ONE_MORE },
  features: (p, stance) => {
    const { long, apart, high } = SIZES[p.carries]
    const from = CROSS_MM / 2 + ARM_MM
    if (stance === 'folded-up') return [line('top', [-long / 2, from - 60], [long / 2, from - 60])]
    const wheel = Math.min(300, high * 0.27)
    return [
      ...Array.from({ length: p.count }, (_, at) => {
        const y = from + (at + 0.5) * apart
        const flip = p.carries === 'e-bikes' && at % 2 === 1 ? -1 : 1
        return p.carries === 'box'
          ? [line('top', [-long / 2, y], [long / 2, y])]
          : [
              line('top', [-long / 2 + 40, y], [long / 2 - 40, y]),
              line('top', [flip * (long / 2 - 500), y - apart * 0.4], [flip * (long / 2 - 500), y + apart * 0.4]),
            ]
      }).flat(),
      ...(p.carries === 'box'
        ? [line('front', [-long / 2, high * 0.7], [long / 2, high * 0.7])]
        : [-1, 1].map((side) => ring('front', side * (long / 2 - wheel - 40), CROSS_MM + wheel + 40, wheel))),
      ...(p.carries === 'box' ? [] : [ring('side', from + apart * 0.5, CROSS_MM + wheel, 40)]),
    ]
  },
  parts: (p) => [piece('hitch', 18), piece('rack', 8 + SIZES[p.carries].kg * 0.2 * p.count)],
  change: () => ({ minutes: 2, hands: 1 }),
  cautions: () => ['under-floor'],
})
