import { figureOf } from '../../fittings'
import { outsideOf } from '../../scene'
import { spanLength } from '../../geometry'
import { clearWidth, type Protrusion } from '../../shell'
import { SAME_MM } from '../../units'
import { byFitting, defineRule, plainGeometry } from '../define-rule'
import type { Remedy } from '../finding'
import { flares, liesAcross, lowerUntil, setHandle, shift, turnedAlong } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'outside-shell': { readonly face: Protrusion['face']; readonly part: string; readonly scribed: boolean }
  }
}

/** Rigid parts fit as they are; scribed ones with their whole front. */
export const insideShell = defineRule({
  id: 'inside-shell',
  group: 'fit',
  modes: 'every',
  reads: ['scene'],
  stage: 'collisions',
  gravity: { 'outside-shell': 'stop' },
  basis: plainGeometry('each corner against the lined faces, square to the face'),
  parameters: {},
  key: byFitting(({ facts }) => facts.face),
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
    const placed = input.first(finding)
    if (placed === undefined) return []
    const { face } = finding.facts
    const by = finding.measured + 1
    const remedies: Remedy[] = []
    if (face === 'rear') remedies.push(...shift(input, placed, 'shift-forward', [1, 0, 0], by))
    if (face === 'front') remedies.push(...shift(input, placed, 'shift-back', [-1, 0, 0], by))
    if (face === 'wall-left') remedies.push(...shift(input, placed, 'shift-right', [0, -1, 0], by))
    if (face === 'wall-right') remedies.push(...shift(input, placed, 'shift-left', [0, 1, 0], by))
    if (face === 'roof') {
      remedies.push(...shift(input, placed, 'lower', [0, 0, -1], by))
      const heightMm = figureOf(placed.fitting, 'top')
      if (heightMm !== undefined)
        remedies.push(...setHandle(input, placed, 'set-height', 'top', Math.floor(heightMm - by)))
    }
    const across = liesAcross(placed)
    if (across !== undefined && (face === 'wall-left' || face === 'wall-right')) {
      const { platformMm, lengthMm, band } = across
      const widthAt = (height: number) => clearWidth(input.scene.interior, placed.bounds.x, band(height))
      remedies.push(
        ...setHandle(input, placed, 'set-length', 'lying-length', Math.floor(widthAt(platformMm))),
        ...lowerUntil(input, placed, across, (height) => widthAt(height) >= lengthMm),
        ...flares(input, placed, band(platformMm), finding.measured),
        ...(spanLength(placed.bounds.y) > spanLength(placed.bounds.x) ? turnedAlong(input, placed) : []),
      )
    }
    return remedies
  },
})
