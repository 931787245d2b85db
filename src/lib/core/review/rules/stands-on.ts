import { boxGap, prismBounds } from '../../geometry'
import type { Placed, Scene } from '../../scene'
import { floorThere, widthThere } from '../../shell'
import { defineRule, plainGeometry } from '../define-rule'
import { topOf } from '../middle'
import { setSeat } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'hangs-free': Record<never, never>
  }
}

/** How near a wall, a roof or a neighbour holds: a batten’s thickness. Common practice, no source. */
const HELD_MM = 60

function isHeld(scene: Scene, placed: Placed): boolean {
  if (placed.within !== undefined) return true
  const { x, y, z } = placed.bounds
  if (z.min - floorThere(scene.interior, placed.placement.at[0]) <= HELD_MM || z.max <= 0) return true
  if (placed.seat.up.from !== 'floor' || placed.facts.bornBy === 'itself') return true
  // where a wall leans in, a thing is fixed to it wherever it comes near
  const nearsWall = [z.min, (z.min + z.max) / 2, z.max].some((height) => {
    const walls = widthThere(scene.interior, (x.min + x.max) / 2, height)
    return walls === undefined || walls.max - y.max < HELD_MM || y.min - walls.min < HELD_MM
  })
  if (nearsWall) return true
  const { min, max } = scene.interior.xSpan
  if (x.min - min < HELD_MM || max - x.max < HELD_MM) return true
  const own = placed.inner.map(({ prism }) => prismBounds(prism))
  return scene.placed.some(
    (other) =>
      other.id !== placed.id &&
      other.inner.some(({ prism }) => own.some((bounds) => boxGap(bounds, prismBounds(prism)) < HELD_MM)),
  )
}

/** Everything stands on the floor or on something, or hangs on a wall, the roof or a neighbour. */
export const standsOn = defineRule({
  id: 'stands-on',
  group: 'fit',
  modes: ['living'],
  reads: ['scene'],
  gravity: { 'hangs-free': 'stop' },
  basis: plainGeometry('nothing within {60} below, beside or behind it'),
  parameters: {},
  check: ({ scene }) =>
    scene.placed.flatMap((placed) => {
      if (placed.inner.length === 0 || isHeld(scene, placed)) return []
      return [
        {
          code: 'hangs-free' as const,
          fittings: [placed.id],
          place: topOf(placed),
          measured: Math.round(placed.bounds.z.min - floorThere(scene.interior, placed.placement.at[0])),
          needed: 0,
          unit: 'mm' as const,
          facts: {},
        },
      ]
    }),
  remedies: (input, finding) => {
    const placed = input.first(finding)
    if (placed === undefined) return []
    const seat = { ...placed.seat, up: { from: 'floor' as const, mm: 0 } }
    return [
      { code: 'lower', fittingId: placed.id, amount: finding.measured, commands: [setSeat(input, placed.id, seat)] },
    ]
  },
})
