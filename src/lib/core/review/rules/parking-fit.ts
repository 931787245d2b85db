import type { Brief } from '../../brief'
import { floorOverGround, outerHeight, type Scene } from '../../scene'
import { byFitting, defineRule, plainGeometry } from '../define-rule'
import type { Draft } from '../finding'
import { topOf } from '../middle'
import { needsOuterSize } from '../needs'
import { takenOut } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'parking-high': { readonly floorMm: number; readonly outerMm: number }
    'parking-long': { readonly outerMm: number; readonly beyondMm: number }
  }
}

/** The vehicle, as delivered, changed and laden, goes under the client’s lowest bar and into their longest place. */
export const parkingFit = defineRule({
  id: 'parking-fit',
  group: 'outside',
  modes: ['driving'],
  reads: ['scene', 'brief'],
  gravity: { 'parking-high': 'stop', 'parking-long': 'stop' },
  basis: plainGeometry(
    'height of the vehicle, and of what stands on its roof, over the ground; its length with what hangs behind it',
  ),
  parameters: {},
  needs: (input) => {
    const { parkingHeightMm, parkingLengthMm } = input.brief.use ?? {}
    return parkingHeightMm === undefined && parkingLengthMm === undefined ? [] : needsOuterSize(input)
  },
  key: byFitting(({ code }) => (code === 'parking-long' ? 'long' : '')),
  check: ({ scene, brief }) => [...tooLong(scene, brief), ...tooHigh(scene, brief)],
  // the body as delivered is another body’s matter
  remedies: (input, { fittings }) => takenOut(input, fittings),
})

/** Of the vehicle with a rack behind it. */
function tooLong({ interior, placed }: Scene, { use }: Brief): Draft<'parking-long'>[] {
  const limit = use?.parkingLengthMm
  const { outer, outline } = interior.shell
  if (limit === undefined || outer === undefined) return []
  const rearMm = Math.min(...outline.plan.map(([x]) => x))
  const behind = placed.filter(({ bounds }) => bounds.x.min < rearMm).sort((a, b) => a.bounds.x.min - b.bounds.x.min)
  const [last] = behind
  const beyondMm = last === undefined ? 0 : Math.round(rearMm - last.bounds.x.min)
  const measured = outer.lengthMm + beyondMm
  if (measured <= limit) return []
  return [
    {
      code: 'parking-long',
      fittings: behind.map(({ id }) => id),
      place: last === undefined ? [rearMm, 0, 0] : topOf(last),
      measured,
      needed: limit,
      unit: 'mm',
      facts: { outerMm: outer.lengthMm, beyondMm },
    },
  ]
}

/** Of the vehicle with what stands on its roof. */
function tooHigh(scene: Scene, { use }: Brief): Draft<'parking-high'>[] {
  const limit = use?.parkingHeightMm
  const { outer } = scene.interior.shell
  if (limit === undefined || outer === undefined) return []
  const { interior } = scene
  const floorMm = floorOverGround(interior)
  const bodyMm = outerHeight(interior)
  if (floorMm === undefined || bodyMm === undefined) return []
  const highest = scene.placed.reduce<(typeof scene.placed)[number] | undefined>(
    (most, one) => (one.bounds.z.max > (most?.bounds.z.max ?? -Infinity) ? one : most),
    undefined,
  )
  const top = highest === undefined ? 0 : floorMm + highest.bounds.z.max
  const onTop = highest !== undefined && top > bodyMm ? highest : undefined
  const measured = Math.max(top, bodyMm)
  if (measured <= limit) return []
  const { min, max } = interior.xSpan
  return [
    {
      code: 'parking-high' as const,
      fittings: onTop === undefined ? [] : [onTop.id],
      place: onTop === undefined ? ([(min + max) / 2, 0, bodyMm - floorMm] as const) : topOf(onTop),
      measured: Math.round(measured),
      needed: limit,
      unit: 'mm' as const,
      facts: { floorMm: Math.round(floorMm), outerMm: Math.round(onTop === undefined ? outer.heightMm : bodyMm) },
    },
  ]
}
