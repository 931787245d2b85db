import { boxGap, pointBox } from '../../geometry'
import { sleeping } from '../../scene'
import { defineDistanceRule } from '../define-distance-rule'
import { practice } from '../define-rule'
import { topOf } from '../middle'
import { placedThat } from '../nearest'

declare module '../finding' {
  interface FactsByCode {
    'battery-gases': { readonly sleeper: string }
  }
}

/** A lead battery gasses when it is charged: it stands away from heads, in a box with a vent of its own. */
export const batteryKept = defineDistanceRule({
  id: 'battery-kept',
  group: 'safety',
  modes: ['sleeping'],
  reads: ['scene', 'brief'],
  code: 'battery-gases',
  gravity: 'caution',
  basis: practice(
    'lead gasses when charged and wants a vent to the outside; lithium is kept above frost; a licensed electrician rules',
  ),
  figure: 'headMm',
  parameters: {
    headMm: { default: 1000, min: 300, max: 3000, unit: 'mm', basis: practice('from a sleeper’s head') },
  },
  from: ({ scene }) =>
    placedThat(scene, ({ holds }) => holds.some((one) => one.what === 'charge' && one.gives === 'gas')),
  to: ({ scene, brief }) => sleeping(scene, brief),
  mm: (battery, { head }) => boxGap(battery.bounds, pointBox(head)),
  must: 'be-apart',
  against: 'nearest',
  tell: (battery, { person }) => ({
    fittings: [battery.id],
    place: topOf(battery),
    facts: { sleeper: person.label },
  }),
})
