import { BERTH_SPARE_MM, sleepersOf } from '../../brief'
import { clearWidth } from '../../shell'
import { assignBerths } from '../../scene'
import { defineRule, practice } from '../define-rule'
import { footOf } from '../middle'
import type { Remedy } from '../finding'
import { needsSleepers } from '../needs'
import { flares, setParameters, setSeat } from '../ways-out'

/** A sleeper wants some length beyond their stature; the tallest are given the longest berth. */
export const berthLength = defineRule({
  id: 'berth-length',
  group: 'people',
  modes: ['sleeping'],
  gravity: { 'berth-short': 'stop' },
  basis: practice('a sleeper wants 50 mm beyond their stature'),
  parameters: {
    spareMm: { default: BERTH_SPARE_MM, min: 0, max: 200, unit: 'mm', basis: practice('50 to 100 mm beyond stature') },
  },
  needs: needsSleepers,
  check: ({ scene, brief, parameters }) =>
    assignBerths(scene, sleepersOf(brief)).nights.flatMap(({ berth, sleepers }) => {
      const tallest = sleepers[0]
      const neededMm = (tallest?.statureMm ?? 0) + parameters.spareMm
      const placed = scene.placed.find(({ id }) => id === berth.fittingId)!
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
    const placed = input.find(finding.fittings[0]!)
    if (placed === undefined) return []
    const lengthMm = finding.needed
    const longer: Remedy = {
      code: 'set-length',
      fittingId: placed.id,
      amount: lengthMm,
      commands: [setParameters(input, placed.id, { lengthMm })],
    }
    if (placed.kind.id !== 'bed-fixed' || finding.facts.along === 'x') return [longer]
    const { mattressMm, platformMm } = placed.fitting.parameters as { mattressMm: number; platformMm: number }
    const floor = placed.placement.at[2]
    const remedies: Remedy[] = [longer]
    for (let height = platformMm - 10; height >= 250; height -= 10) {
      if (
        clearWidth(input.scene.interior, placed.bounds.x, {
          min: floor + height - 50,
          max: floor + height + mattressMm,
        }) < lengthMm
      )
        continue
      remedies.push({
        code: 'lower-platform',
        fittingId: placed.id,
        amount: platformMm - height,
        commands: [setParameters(input, placed.id, { platformMm: height, lengthMm })],
      })
      break
    }
    const height = { min: floor + platformMm - 60, max: floor + platformMm + mattressMm }
    const wide = clearWidth(input.scene.interior, placed.bounds.x, height)
    if (wide < lengthMm)
      remedies.push(
        ...flares(input, placed, height, (lengthMm - wide) / 2 + 1, [setParameters(input, placed.id, { lengthMm })]),
      )
    const seat = { ...placed.seat, across: { from: 'left-wall' as const, mm: 0 }, turn: 270 as const }
    remedies.push({
      code: 'turn-along',
      fittingId: placed.id,
      amount: 90,
      commands: [setParameters(input, placed.id, { lengthMm }), setSeat(input, placed.id, seat)],
    })
    return remedies
  },
})
