import { addedNear } from '../add'
import { burnsFuel } from '../../fittings'
import { type Box, boxGap, boxOf, pointBox, type Vec3 } from '../../geometry'
import { sleeping } from '../../scene'
import { isDoor, jambs } from '../../shell'
import { byFitting, defineRule, practice } from '../define-rule'
import type { Draft } from '../finding'
import { topOf } from '../middle'
import { needsThing } from '../needs'

declare module '../finding' {
  interface FactsByCode {
    'extinguisher-far': { readonly from: 'exit' | 'bed' }
  }
}

/** An extinguisher is by a way out, where a hand finds it on the way, and no walk from the bed. */
export const extinguisherNear = defineRule({
  id: 'extinguisher-near',
  group: 'safety',
  modes: ['sleeping'],
  reads: ['scene', 'brief'],
  gravity: { 'extinguisher-far': 'caution' },
  basis: practice('beside an exit, in reach from the bed, and not behind what may burn'),
  parameters: {
    exitMm: {
      default: 2500,
      min: 300,
      max: 3000,
      unit: 'mm',
      basis: practice('three steps from the door, across the vehicle'),
    },
    bedMm: {
      default: 7000,
      min: 500,
      max: 10_000,
      unit: 'mm',
      basis: practice('a few strides from a pillow; a longer vehicle has a second one'),
    },
  },
  needs: ({ scene }) => needsThing(scene, burnsFuel, 'extinguisher'),
  key: byFitting(({ facts }) => facts.from),
  check: ({ scene, brief, parameters }) => {
    const doors = scene.interior.shell.openings
      .filter((opening) => isDoor(opening) && opening.need !== 'may-cover')
      .map((door) => {
        const [[x0, y0], [x1, y1]] = jambs(scene.interior, door)
        return boxOf(
          [Math.min(x0, x1), Math.min(y0, y1), door.sillMm],
          [Math.max(x0, x1), Math.max(y0, y1), door.headMm],
        )
      })
    const heads = sleeping(scene, brief).map(({ head }) => pointBox(head))
    const all = scene.placed.filter(({ facts: { guards } }) => guards !== undefined && 'against' in guards)
    // of several one is enough by the way out, and one by the bed: the nearest is told
    const far = (from: 'exit' | 'bed', places: readonly Box[], needed: number): Draft<'extinguisher-far'>[] => {
      const [nearest] = all
        .map((one) => ({ one, measured: Math.round(Math.min(...places.map((place) => boxGap(place, one.bounds)))) }))
        .sort((a, b) => a.measured - b.measured)
      return nearest === undefined || places.length === 0 || nearest.measured <= needed
        ? []
        : [
            {
              code: 'extinguisher-far',
              fittings: [nearest.one.id],
              place: topOf(nearest.one),
              measured: nearest.measured,
              needed,
              unit: 'mm',
              facts: { from },
            },
          ]
    }
    return [...far('exit', doors, parameters.exitMm), ...far('bed', heads, parameters.bedMm)]
  },
  remedies: (input, { facts: { from } }) => {
    const { scene, brief } = input
    const heads = sleeping(scene, brief).map(({ head }) => head)
    const doors = scene.interior.shell.openings
      .filter((opening) => isDoor(opening) && opening.need !== 'may-cover')
      .flatMap((door) => jambs(scene.interior, door).map(([x, y]): Vec3 => [x, y, 300]))
    return (from === 'bed' ? heads : doors).flatMap((at) => addedNear(input, 'extinguisher', at))
  },
})
