import { addedInRoof, FAN_CUT_MM } from '../add'
import type { Vec2 } from '../../geometry'
import { warmthAssumedIn } from '../../budgets'
import { airOpenings, heatOf } from '../../scene'
import { isDoor, jambs } from '../../shell'
import { defineDistanceRule } from '../define-distance-rule'
import { comfort, practice } from '../define-rule'
import { topOf } from '../middle'
import { planGap } from '../nearest'

declare module '../finding' {
  interface FactsByCode {
    'hob-airless': Record<never, never>
  }
}

/** Steam and fumes go out near where one cooks: by a fan, an opening window or a door. */
export const airHob = defineDistanceRule({
  id: 'air-hob',
  group: 'air',
  modes: ['living'],
  reads: ['scene', 'job'],
  code: 'hob-airless',
  gravity: 'caution',
  basis: practice('cook next to a door, an opening window or the roof fan'),
  figure: 'nearMm',
  tolerance: comfort(),
  parameters: {
    nearMm: {
      default: 2000,
      min: 300,
      max: 4000,
      unit: 'mm',
      basis: practice('steam drifts so far before it settles'),
    },
  },
  from: ({ scene }) =>
    scene.placed.filter(
      (placed) =>
        placed.facts.isSteaming &&
        heatOf(placed).some(({ isLit, warms }) => isLit && (warms === 'pans' || warms === 'food')),
    ),
  to: ({ job, scene }) => [
    ...airOpenings(scene, warmthAssumedIn(job).cabAirCm2).map(({ at }) => at),
    ...scene.interior.shell.openings.filter(isDoor).map((door): Vec2 => {
      const [[x0, y0], [x1, y1]] = jambs(scene.interior, door)
      return [(x0 + x1) / 2, (y0 + y1) / 2]
    }),
  ],
  mm: (hob, at) => planGap(topOf(hob), at),
  must: 'be-near',
  against: 'nearest',
  tell: (hob) => ({ fittings: [hob.id], place: topOf(hob), facts: {} }),
  remedies: (input, { place: [x, y] }) => [
    addedInRoof(input, 'fan-extract', [x, Math.max(-400, Math.min(400, y))], FAN_CUT_MM),
    addedInRoof(input, 'fan-extract', [x, 0], FAN_CUT_MM),
  ],
})
