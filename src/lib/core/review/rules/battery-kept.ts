import { boxGap, pointBox } from '../../geometry'
import { sleeping } from '../../scene'
import { defineRule, practice } from '../define-rule'
import { topOf } from '../middle'

/** A lead battery gasses when it is charged: it stands away from heads, in a box with a vent of its own. */
export const batteryKept = defineRule({
  id: 'battery-kept',
  group: 'safety',
  modes: ['sleeping'],
  gravity: { 'battery-gases': 'caution' },
  basis: practice(
    'lead gasses when charged and wants a vent to the outside; lithium is kept above frost; a licensed electrician rules',
  ),
  parameters: {
    headMm: { default: 1000, min: 300, max: 3000, unit: 'mm', basis: practice('from a sleeper’s head') },
  },
  check: ({ scene, brief, parameters }) => {
    const heads = sleeping(scene, brief)
    return scene.placed.flatMap((battery) => {
      if (battery.kind.id !== 'battery' || battery.fitting.parameters.chemistry !== 'lead') return []
      const [nearest] = heads
        .map(({ person, head }) => ({
          person,
          mm: boxGap(battery.bounds, pointBox(head)),
        }))
        .sort((a, b) => a.mm - b.mm)
      if (nearest === undefined || nearest.mm >= parameters.headMm) return []
      return [
        {
          code: 'battery-gases' as const,
          fittings: [battery.id],
          place: topOf(battery),
          measured: Math.round(nearest.mm),
          needed: parameters.headMm,
          unit: 'mm' as const,
          facts: { sleeper: nearest.person.label },
        },
      ]
    })
  },
})
