import { BERTH_SPARE_MM, sleepersOf } from '../../brief'
import { clearWidth } from '../../shell'
import { assignBerths, placedIn } from '../../scene'
import { defineRule, practice } from '../define-rule'
import { footOf } from '../middle'
import { needsSleepers } from '../needs'
import { flares, liesAcross, lowerUntil, setHandle, turnedAlong } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'berth-short': {
      readonly sleeper: string
      readonly statureMm: number
      readonly spareMm: number
      readonly along: 'x' | 'y'
    }
  }
}

/** A sleeper wants some length beyond their stature; the tallest are given the longest berth. */
export const berthLength = defineRule({
  id: 'berth-length',
  group: 'people',
  modes: ['sleeping'],
  reads: ['scene', 'brief'],
  gravity: { 'berth-short': 'stop' },
  basis: practice('a sleeper needs {50} beyond their height'),
  parameters: {
    spareMm: {
      default: BERTH_SPARE_MM,
      min: 0,
      max: 200,
      unit: 'mm',
      basis: practice('{50 to 100} beyond their height'),
    },
  },
  needs: needsSleepers,
  check: ({ scene, brief, parameters }) =>
    assignBerths(scene, sleepersOf(brief)).nights.flatMap(({ berth, sleepers }) => {
      const tallest = sleepers[0]
      const neededMm = (tallest?.statureMm ?? 0) + parameters.spareMm
      const placed = placedIn(scene, berth.fittingId)
      if (tallest === undefined || berth.lying.lengthMm >= neededMm) return []
      return [
        {
          code: 'berth-short' as const,
          fittings: [berth.fittingId],
          place: footOf(placed, berth.lying.zMm),
          measured: Math.round(berth.lying.lengthMm),
          needed: Math.round(neededMm),
          unit: 'mm' as const,
          facts: {
            sleeper: tallest.label,
            statureMm: tallest.statureMm,
            spareMm: parameters.spareMm,
            along: Math.abs(berth.lying.headward[0]) > 0.5 ? ('x' as const) : ('y' as const),
          },
        },
      ]
    }),
  remedies: (input, finding) => {
    const placed = input.first(finding)
    if (placed === undefined) return []
    const lengthMm = finding.needed
    const longer = setHandle(input, placed, 'set-length', 'lying-length', lengthMm)
    const across = liesAcross(placed)
    if (across === undefined || finding.facts.along === 'x') return longer
    const made = longer.flatMap(({ commands }) => commands)
    const { band, platformMm } = across
    const widthAt = (height: number): number => clearWidth(input.scene.interior, placed.bounds.x, band(height))
    const wide = widthAt(platformMm)
    return [
      ...longer,
      ...lowerUntil(input, placed, across, (height) => widthAt(height) >= lengthMm, made),
      ...(wide < lengthMm ? flares(input, placed, band(platformMm), (lengthMm - wide) / 2 + 1, made) : []),
      ...turnedAlong(input, placed, made),
    ]
  },
})
