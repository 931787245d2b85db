import { answer } from '../../brief'
import { block, clamp, prismBounds, prismsOverlap, spanMiddle, type Vec3 } from '../../geometry'
import { insideDoor, isDoor, type Placed } from '../../scene'
import { jambs, type Opening } from '../../shell'
import { defineRule, practice, type RuleInput } from '../define-rule'
import type { Remedy } from '../finding'
import { topOf } from '../middle'
import { shift } from '../ways-out'

/** How wide and high the way of an arm is that reaches in. */
const ARM_MM = 100

/** Where a hand takes hold of a cold box: the middle of the side that it is used from. */
function handAt(cold: Placed): Vec3 | undefined {
  const service = cold.services.find(({ type }) => type === 'cold-box')
  const room = cold.clearances.find(({ id }) => id === service?.approach)
  if (room === undefined) return undefined
  const [from, { x, y, z }] = [prismBounds(room.prism), cold.bounds]
  return [
    clamp(spanMiddle(from.x), x.min, x.max),
    clamp(spanMiddle(from.y), y.min, y.max),
    z.min + (z.max - z.min) * 0.75,
  ]
}

/** From one who stands outside a door to a place inside: how far the arm must reach, and how far along from the doorway it lies. */
function reachedFrom(
  { scene }: RuleInput,
  opening: Opening,
  [x, y, z]: Vec3,
  cold: Placed,
): { readonly mm: number; readonly asideMm: number } | undefined {
  const deep = insideDoor(scene.interior, opening, [x, y])
  if (deep === undefined || z < opening.sillMm || z > opening.headMm) return undefined
  const along = opening.side === 'rear' ? y : x
  const at = clamp(along, opening.fromMm, opening.toMm)
  const asideMm = along - at
  const [[x0, y0]] = jambs(scene.interior, opening)
  const hand: Vec3 = opening.side === 'rear' ? [x0, at, z] : [at, y0, z]
  const low = [0, 1, 2].map((axis) => Math.min(hand[axis]!, [x, y, z][axis]!) - ARM_MM / 2) as unknown as Vec3
  const high = [0, 1, 2].map((axis) => Math.max(hand[axis]!, [x, y, z][axis]!) + ARM_MM / 2) as unknown as Vec3
  const way = block(low, high)
  const stopped = scene.placed.some(
    ({ id, inner }) => id !== cold.id && inner.some(({ prism }) => prismsOverlap(prism, way)),
  )
  return stopped ? undefined : { mm: Math.hypot(Math.max(0, deep), asideMm), asideMm }
}

/** Where the client wants a drink without climbing in, an arm reaches the cold box through a door. */
export const coldOutside = defineRule({
  id: 'cold-outside',
  group: 'use',
  modes: ['living'],
  gravity: { 'cold-inside': 'caution' },
  basis: practice('an arm reaches in through a door that is open, past nothing'),
  parameters: {
    handMm: { default: 700, min: 300, max: 1200, unit: 'mm', basis: practice('the reach of an arm over a sill') },
  },
  check: (input) => {
    const { scene, brief, parameters } = input
    if (!answer(brief, 'coldOutside')) return []
    const doors = scene.interior.shell.openings.filter(isDoor)
    const colds = scene.placed.flatMap((cold) => {
      const hand = handAt(cold)
      if (hand === undefined) return []
      const reached = doors.flatMap((door) => {
        const one = reachedFrom(input, door, hand, cold)
        return one === undefined ? [] : [{ door: door.id, ...one }]
      })
      return [{ cold, nearest: reached.sort((a, b) => a.mm - b.mm)[0] }]
    })
    if (colds.length === 0 || colds.some(({ nearest }) => nearest !== undefined && nearest.mm <= parameters.handMm))
      return []
    return colds.map(({ cold, nearest }) => ({
      code: 'cold-inside' as const,
      fittings: [cold.id],
      place: topOf(cold),
      // where no door leads to it past nothing, a hand comes no way at all
      measured: nearest === undefined ? 0 : Math.round(nearest.mm),
      needed: parameters.handMm,
      unit: 'mm' as const,
      facts: nearest === undefined ? {} : { door: nearest.door, asideMm: Math.round(nearest.asideMm) },
    }))
  },
  remedies: (input, finding): readonly Remedy[] => {
    const placed = input.find(finding.fittings[0]!)
    const { door, asideMm } = finding.facts
    const side = input.scene.interior.shell.openings.find(({ id }) => id === door)?.side
    if (placed === undefined || asideMm === undefined || side === undefined || asideMm === 0) return []
    const by = Math.abs(asideMm)
    if (side === 'rear')
      return asideMm > 0
        ? shift(input, placed, 'shift-right', [0, -1, 0], by)
        : shift(input, placed, 'shift-left', [0, 1, 0], by)
    return asideMm > 0
      ? shift(input, placed, 'shift-back', [-1, 0, 0], by)
      : shift(input, placed, 'shift-forward', [1, 0, 0], by)
  },
})
