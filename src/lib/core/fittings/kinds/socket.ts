import { z } from 'zod'
import { DETAIL, ONE_MORE } from '../adjust'
import { piece } from '../boards'
import { BOUGHT } from '../facts'
import { machine } from '../machine'
import { choiceParameter, countParameter, upTheWall } from '../shapes'
import { box, line, ring } from '../symbols'

const KG = 0.15

/** Outlets at a place where something is plugged in: a bed, a desk, a worktop. */
export const socket = machine({
  id: 'socket',
  size: [
    [160, 60, 400],
    [45, 20, 90],
    [90, 60, 160],
  ],
  extra: {
    gives: choiceParameter(['usb', 'twelve', 'mains']),
    outlets: countParameter(2, 1, 6),
    capped: z.boolean().default(false).describe('Has a lid against splashes'),
  },
  part: 'socket',
  home: upTheWall(900),
  services: (p) => [{ type: 'socket', quantity: p.outlets }],
  facts: (p) => ({
    ...BOUGHT,
    electrics: p.capped ? 'capped' : 'outlet',
    gives: [{ what: 'outlets', from: p.gives === 'mains' ? 'mains' : 'battery', count: p.outlets }],
    reaches: [{ what: 'controls', zMm: p.heightMm / 2 }],
  }),
  adjust: { gives: DETAIL, outlets: ONE_MORE, capped: DETAIL },
  features: (p) => {
    const each = p.lengthMm / p.outlets
    const r = Math.min(each, p.heightMm) * 0.3
    return [
      ...Array.from({ length: p.outlets }, (_, at) => {
        const x = -p.lengthMm / 2 + (at + 0.5) * each
        return p.gives === 'usb'
          ? box('front', x - r, p.heightMm / 2 - r * 0.4, x + r, p.heightMm / 2 + r * 0.4)
          : ring('front', x, p.heightMm / 2, r, p.gives === 'mains')
      }),
      line('top', [-p.lengthMm / 2, 0], [p.lengthMm / 2, 0]),
      line('side', [0, 0], [0, p.heightMm]),
    ]
  },
  parts: (p) => [piece('socket', KG, p.outlets)],
  cautions: (p) => (p.gives === 'mains' ? ['mains'] : []),
})
