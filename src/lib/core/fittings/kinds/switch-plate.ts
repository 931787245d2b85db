import { DETAIL, ONE_MORE } from '../adjust'
import { piece } from '../boards'
import { BOUGHT } from '../facts'
import { machine } from '../machine'
import { choiceParameter, countParameter, upTheWall } from '../shapes'
import { box, line, ring } from '../symbols'

/** Switches or dimmers for lights, fan and pump, where one comes in or lies. */
export const switchPlate = machine({
  id: 'switch-plate',
  size: [
    [120, 60, 500],
    [40, 15, 80],
    [90, 60, 200],
  ],
  extra: { turns: choiceParameter(['switch', 'dimmer']), switches: countParameter(2, 1, 8) },
  part: 'switches',
  home: upTheWall(1100),
  facts: (p) => ({ ...BOUGHT, electrics: 'control', reaches: [{ what: 'controls', zMm: p.heightMm / 2 }] }),
  adjust: { turns: DETAIL, switches: ONE_MORE },
  features: (p) => {
    const each = p.lengthMm / p.switches
    return [
      ...Array.from({ length: p.switches }, (_, at) => {
        const x = -p.lengthMm / 2 + (at + 0.5) * each
        return p.turns === 'dimmer'
          ? ring('front', x, p.heightMm / 2, Math.min(each, p.heightMm) * 0.3)
          : box('front', x - each * 0.3, p.heightMm * 0.25, x + each * 0.3, p.heightMm * 0.75)
      }),
      line('top', [-p.lengthMm / 2, 0], [p.lengthMm / 2, 0]),
      line('side', [0, 0], [0, p.heightMm]),
    ]
  },
  parts: (p) => [piece('switches', 0.06, p.switches)],
})
