import { DETAIL } from '../adjust'
import { piece } from '../boards'
import { ALARM_SENSES, BOUGHT } from '../facts'
import { machine } from '../machine'
import { choiceParameter, upTheWall } from '../shapes'
import { line, ring } from '../symbols'

/** An alarm for smoke (high), for gas (low) or for carbon monoxide (where one breathes). */
export const alarm = machine({
  id: 'alarm',
  size: [
    [110, 60, 180],
    [40, 20, 80],
    [110, 60, 180],
  ],
  extra: { senses: choiceParameter(ALARM_SENSES) },
  part: 'alarm',
  home: upTheWall(1700),
  facts: (p) => ({
    ...BOUGHT,
    guards: { senses: p.senses },
    // a smoke alarm lives on a cell of its own
    draws: p.senses === 'smoke' ? [] : [{ by: 'guarding', from: 'battery', watts: 1 }],
  }),
  adjust: { senses: DETAIL },
  features: (p) => [
    ring('front', 0, p.heightMm / 2, p.heightMm * 0.36),
    ring('front', 0, p.heightMm / 2, p.heightMm * 0.1, true),
    line('top', [-p.lengthMm / 2, 0], [p.lengthMm / 2, 0]),
    line('side', [0, 0], [0, p.heightMm]),
  ],
  parts: () => [piece('alarm', 0.3)],
})
