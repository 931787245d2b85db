import { spanLength } from '../../geometry'
import type { Scene } from '../../scene'
import { isDoor, type Placed } from '../../scene'
import { throughDoor, type Interior } from '../../shell'
import { defineRule, plainGeometry } from '../define-rule'
import { topOf } from '../middle'

/** Boards and cloth are carried in one by one; what comes whole has its own size. */
const WHOLE: ReadonlySet<string> = new Set(['machines', 'wet'])

/** The sides of the biggest part that comes in whole, longest first; undefined where there is none. */
function biggest(placed: Placed): readonly [number, number, number] | undefined {
  if (!WHOLE.has(placed.kind.group)) return undefined
  const parts = placed.inner.filter(({ fit }) => fit === 'rigid')
  if (parts.length === 0) return undefined
  const { x, y, z } = placed.bounds
  const sides = [spanLength(x), spanLength(y), spanLength(z)].sort((a, b) => b - a)
  return sides as [number, number, number]
}

const kept = new WeakMap<Interior, Map<string, number>>()

/** The longest thing of a section that comes in by any door, mm; 0 where none takes it. */
function comesIn({ interior }: Scene, wide: number, thick: number): number {
  let known = kept.get(interior)
  if (known === undefined) kept.set(interior, (known = new Map()))
  const key = `${Math.round(wide)} ${Math.round(thick)}`
  const before = known.get(key)
  if (before !== undefined) return before
  const longest = Math.max(
    0,
    ...interior.shell.openings.filter(isDoor).map((door) => throughDoor(interior, door, wide, thick)?.mm ?? 0),
  )
  known.set(key, longest)
  return longest
}

/** Whatever comes whole can be carried in through a door and turned there. */
export const carryIn = defineRule({
  id: 'carry-in',
  group: 'fit',
  modes: ['driving'],
  gravity: { 'carry-stuck': 'caution' },
  basis: plainGeometry('the longest thing of its section that goes in by a door, pushed straight and turned once'),
  parameters: {},
  check: ({ scene }) =>
    scene.placed.flatMap((placed) => {
      const sides = biggest(placed)
      if (sides === undefined) return []
      const [long, wide, thick] = sides
      const measured = comesIn(scene, wide, thick)
      if (measured >= Math.floor(long)) return []
      return [
        {
          code: 'carry-stuck' as const,
          fittings: [placed.id],
          place: topOf(placed),
          measured: Math.round(measured),
          needed: Math.round(long),
          unit: 'mm' as const,
          facts: { wideMm: Math.round(wide), thickMm: Math.round(thick) },
        },
      ]
    }),
})
