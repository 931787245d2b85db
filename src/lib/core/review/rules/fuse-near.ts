import { defineRule, practice } from '../define-rule'
import { topOf } from '../middle'
import { nearestTo } from '../nearest'
import { needsPartner } from '../needs'

/** The fuses sit near the battery: a cable before its fuse is a cable without one. */
export const fuseNear = defineRule({
  id: 'fuse-near',
  group: 'safety',
  modes: ['living'],
  gravity: { 'fuse-far': 'caution' },
  basis: practice(
    'the run between battery and fuses is short; the main fuse sits at the pole itself; work for a licensed electrician',
  ),
  parameters: {
    runMm: { default: 1500, min: 200, max: 5000, unit: 'mm', basis: practice('a cable that one sees whole') },
  },
  needs: ({ scene }) => needsPartner(scene, (kind) => kind === 'battery', ['fuse-board']),
  check: ({ scene, parameters }) => {
    const batteries = scene.placed.filter(({ kind }) => kind.id === 'battery')
    const boards = scene.placed.filter(({ kind }) => kind.id === 'fuse-board')
    return batteries.flatMap((battery) => {
      const nearest = nearestTo(battery, boards)
      if (nearest.mm <= parameters.runMm) return []
      return [
        {
          code: 'fuse-far' as const,
          fittings: [nearest.other.id, battery.id],
          place: topOf(nearest.other),
          measured: Math.round(nearest.mm),
          needed: parameters.runMm,
          unit: 'mm' as const,
          facts: { battery: battery.id },
        },
      ]
    })
  },
})
