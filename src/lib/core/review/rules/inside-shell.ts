import { outsideOf } from '../../scene'
import { spanLength } from '../../geometry'
import { clearWidth } from '../../shell'
import { SAME_MM } from '../../units'
import { defineRule, plainGeometry } from '../define-rule'
import type { Remedy } from '../finding'
import { flares, setParameters, setSeat, shift } from '../ways-out'

const PLATFORM_STEP_MM = 10
const LOWEST_PLATFORM_MM = 250

/** Rigid parts fit as they are; scribed ones with their whole front. */
export const insideShell = defineRule({
  id: 'inside-shell',
  group: 'fit',
  modes: 'every',
  gravity: { 'outside-shell': 'stop' },
  basis: plainGeometry('each corner against the lined faces, square to the face'),
  parameters: {},
  check: ({ scene }) =>
    scene.placed.flatMap((placed) => {
      const out = outsideOf(scene, placed)
      // less than a tape can be read to is nothing
      if (out === undefined || out.byMm < SAME_MM) return []
      const scribed =
        placed.scribedTo !== undefined &&
        placed.solids.some((solid) => solid.id === out.solidId && solid.fit === 'scribed')
      return [
        {
          code: 'outside-shell' as const,
          fittings: [placed.id],
          place: out.at,
          measured: Math.round(out.byMm),
          needed: 0,
          unit: 'mm' as const,
          facts: { face: out.face, part: out.solidId, scribed },
        },
      ]
    }),
  remedies: (input, finding) => {
    const placed = input.find(finding.fittings[0]!)
    if (placed === undefined) return []
    const { face } = finding.facts
    const by = finding.measured + 1
    const parameters = placed.fitting.parameters
    const remedies: Remedy[] = []
    if (face === 'rear') remedies.push(...shift(input, placed, 'shift-forward', [1, 0, 0], by))
    if (face === 'front') remedies.push(...shift(input, placed, 'shift-back', [-1, 0, 0], by))
    if (face === 'wall-left') remedies.push(...shift(input, placed, 'shift-right', [0, -1, 0], by))
    if (face === 'wall-right') remedies.push(...shift(input, placed, 'shift-left', [0, 1, 0], by))
    if (face === 'roof') {
      remedies.push(...shift(input, placed, 'lower', [0, 0, -1], by))
      if (typeof parameters.heightMm === 'number') {
        const amount = Math.floor(parameters.heightMm - by)
        remedies.push({
          code: 'set-height',
          fittingId: placed.id,
          amount,
          commands: [setParameters(input, placed.id, { heightMm: amount })],
        })
      }
    }
    if (placed.kind.id === 'bed-fixed' && (face === 'wall-left' || face === 'wall-right')) {
      const platform = parameters.platformMm as number
      const mattress = parameters.mattressMm as number
      const length = parameters.lengthMm as number
      const floor = placed.placement.at[2]
      const widthAt = (height: number) =>
        clearWidth(input.scene.interior, placed.bounds.x, { min: floor + height - 50, max: floor + height + mattress })
      const fitting = Math.floor(widthAt(platform))
      remedies.push({
        code: 'set-length',
        fittingId: placed.id,
        amount: fitting,
        commands: [setParameters(input, placed.id, { lengthMm: fitting })],
      })
      for (let height = platform - PLATFORM_STEP_MM; height >= LOWEST_PLATFORM_MM; height -= PLATFORM_STEP_MM) {
        if (widthAt(height) < length) continue
        remedies.push({
          code: 'lower-platform',
          fittingId: placed.id,
          amount: platform - height,
          commands: [setParameters(input, placed.id, { platformMm: height })],
        })
        break
      }
      remedies.push(
        ...flares(input, placed, { min: floor + platform - 60, max: floor + platform + mattress }, finding.measured),
      )
      if (spanLength(placed.bounds.y) > spanLength(placed.bounds.x)) {
        const seat = { ...placed.seat, across: { from: 'left-wall' as const, mm: 0 }, turn: 270 as const }
        remedies.push({
          code: 'turn-along',
          fittingId: placed.id,
          amount: 90,
          commands: [setSeat(input, placed.id, seat)],
        })
      }
    }
    return remedies
  },
})
