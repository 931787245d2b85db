import { DETAIL } from '../adjust'
import { piece } from '../boards'
import { BOUGHT } from '../facts'
import { machine } from '../machine'
import { choiceParameter, upTheWall } from '../shapes'
import { line, ring } from '../symbols'

/** Puts something off, or on, when nobody thinks of it: a boiler, a fan, a heater. */
export const timer = machine({
  id: 'timer',
  size: [
    [90, 50, 200],
    [45, 20, 80],
    [90, 50, 200],
  ],
  extra: { times: choiceParameter(['boiler', 'fan', 'heater']) },
  part: 'timer',
  home: upTheWall(1200),
  facts: (p) => ({
    ...BOUGHT,
    times: p.times,
    electrics: 'control',
    reaches: [{ what: 'controls', zMm: p.heightMm / 2 }],
  }),
  adjust: { times: DETAIL },
  features: (p) => {
    const [z, r] = [p.heightMm / 2, Math.min(p.lengthMm, p.heightMm) * 0.38]
    return [
      ring('front', 0, z, r),
      line('front', [0, z], [0, z + r * 0.8]),
      line('front', [0, z], [r * 0.6, z]),
      line('top', [-p.lengthMm / 2, 0], [p.lengthMm / 2, 0]),
      line('side', [0, 0], [0, p.heightMm]),
    ]
  },
  parts: () => [piece('timer', 0.15)],
})
