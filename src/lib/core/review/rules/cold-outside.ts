import { answer } from '../../brief'
import { block, clamp, prismBounds, prismsOverlap, spanMiddle, type Vec3 } from '../../geometry'
import { insideDoor, type Placed } from '../../scene'
import { isDoor, jambs, type Opening } from '../../shell'
import { defineRule, practice, type RuleInput } from '../define-rule'
import type { Draft, Remedy } from '../finding'
import { topOf } from '../middle'
import { shift } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    /** The door that comes nearest, and how far along from it the box stands. */
    'cold-inside': { readonly door: string; readonly asideMm: number }
    /** The door that it would be reached through. */
    'cold-behind': { readonly door: string }
  }
}

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

interface Reach {
  readonly door: string
  /** From the doorway to where the hand takes hold. */
  readonly mm: number
  /** Of it along from the doorway. */
  readonly asideMm: number
  readonly between: readonly string[]
}

/** How an arm reaches a place through a door, and what stands between; undefined where there is no wall beside the place. */
function reachedFrom({ scene }: RuleInput, opening: Opening, [x, y, z]: Vec3, cold: Placed): Reach | undefined {
  const deep = insideDoor(scene.interior, opening, [x, y])
  if (deep === undefined) return undefined
  const along = opening.side === 'rear' ? y : x
  const at = clamp(along, opening.fromMm, opening.toMm)
  const high = clamp(z, opening.sillMm, opening.headMm)
  const [[x0, y0]] = jambs(scene.interior, opening)
  const hand: Vec3 = opening.side === 'rear' ? [x0, at, high] : [at, y0, high]
  const place: Vec3 = [x, y, z]
  const ends = ([0, 1, 2] as const).map((axis) => [hand[axis], place[axis]])
  const from = ends.map((pair) => Math.min(...pair) - ARM_MM / 2) as unknown as Vec3
  const to = ends.map((pair) => Math.max(...pair) + ARM_MM / 2) as unknown as Vec3
  const way = block(from, to)
  const between = scene.placed.flatMap(({ id, inner }) =>
    id !== cold.id && inner.some(({ prism }) => prismsOverlap(prism, way)) ? [id] : [],
  )
  return {
    door: opening.id,
    mm: Math.hypot(Math.max(0, deep), along - at, z - high),
    asideMm: Math.round(along - at),
    between,
  }
}

/** Where the client wants a drink without climbing in, an arm reaches the cold box through a door. */
export const coldOutside = defineRule({
  id: 'cold-outside',
  group: 'use',
  modes: ['living'],
  reads: ['scene', 'brief'],
  gravity: { 'cold-inside': 'caution', 'cold-behind': 'caution' },
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
      const reaches = doors
        .flatMap((door) => reachedFrom(input, door, hand, cold) ?? [])
        .sort((a, b) => a.between.length - b.between.length || a.mm - b.mm)
      const near = reaches.filter(({ mm }) => mm <= parameters.handMm)
      const nearest = [...reaches].sort((a, b) => a.mm - b.mm)[0]
      return nearest === undefined ? [] : [{ cold, inReach: near[0], nearest }]
    })
    if (colds.some(({ inReach }) => inReach?.between.length === 0)) return []
    return colds.map(({ cold, inReach, nearest }): Draft<'cold-inside' | 'cold-behind'> => {
      const common = { fittings: [cold.id, ...(inReach?.between ?? [])], place: topOf(cold) }
      return inReach === undefined
        ? {
            ...common,
            code: 'cold-inside',
            measured: Math.round(nearest.mm),
            needed: parameters.handMm,
            unit: 'mm',
            facts: { door: nearest.door, asideMm: nearest.asideMm },
          }
        : {
            ...common,
            code: 'cold-behind',
            measured: inReach.between.length,
            needed: 0,
            unit: 'count',
            facts: { door: inReach.door },
          }
    })
  },
  remedies: (input, finding): readonly Remedy[] => {
    const placed = input.first(finding)
    if (placed === undefined || finding.code !== 'cold-inside' || finding.facts.asideMm === 0) return []
    const { door, asideMm } = finding.facts
    const side = input.scene.interior.shell.openings.find(({ id }) => id === door)?.side
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
