import { DETAIL } from '../adjust'
import { piece } from '../boards'
import { BOUGHT } from '../facts'
import { machine } from '../machine'
import { choiceParameter, upTheWall } from '../shapes'
import { box, line, ring } from '../symbols'

/** A hatch in the outer wall to fill from or hook up to: its back is to the outside. */
export const inlet = machine({
  id: 'inlet',
  size: [
    [150, 100, 300],
    [110, 60, 200],
    [150, 100, 300],
  ],
  extra: { takes: choiceParameter(['mains', 'water', 'fuel']) },
  part: 'inlet',
  home: upTheWall(250),
  facts: (p) => ({
    ...BOUGHT,
    inlet: p.takes,
    fronts: [{ what: 'flap', hung: 'top', latch: 'catch', isOutside: true }],
  }),
  adjust: { takes: DETAIL },
  features: (p) => [
    box('front', -p.lengthMm / 2 + 15, 15, p.lengthMm / 2 - 15, p.heightMm - 15),
    ring('front', 0, p.heightMm / 2, p.heightMm * 0.22),
    line('top', [-p.lengthMm / 2, p.depthMm / 2 - 12], [p.lengthMm / 2, p.depthMm / 2 - 12]),
    line('side', [p.depthMm / 2 - 12, 0], [p.depthMm / 2 - 12, p.heightMm]),
  ],
  parts: () => [piece('inlet-and-its-hatch', 0.8)],
  cautions: (p) =>
    p.takes === 'mains' ? ['cutting', 'mains'] : p.takes === 'fuel' ? ['cutting', 'fuel'] : ['cutting'],
})
