import { spanLength, type Vec3 } from '../../geometry'
import { wallDistance, type Placed, type Scene } from '../../scene'
import { defineRule, practice } from '../define-rule'
import { setParameters } from '../ways-out'

interface PushedIn {
  readonly byMm: number
  /** Where the wall or roof stops it, in z above the bare load floor. */
  readonly atMm: number
  readonly side: 'left' | 'right'
}

/** How much further in a thing that is not cut stands than its foot would let it, for the wall or roof that its upper part meets. */
function pushedIn(scene: Scene, placed: Placed): PushedIn | undefined {
  const { across } = placed.seat
  if (placed.measuredAt !== 'closest' || across.from === 'centreline' || placed.inner.length === 0) return undefined
  const side = across.from === 'left-wall' ? 'left' : 'right'
  const { x, z } = placed.bounds
  const foot = wallDistance(scene.interior, side, x, { min: z.min, max: z.min }, 'closest')
  const whole = wallDistance(scene.interior, side, x, z, 'closest')
  if (foot === undefined || whole === undefined) return undefined
  return { byMm: foot.referenceMm - whole.referenceMm, atMm: whole.atMm, side }
}

/** A tall thing that is not cut to the wall does not stand far out in the room for the sake of its top without a word. */
export const standsOff = defineRule({
  id: 'stands-off',
  group: 'fit',
  modes: ['living'],
  gravity: { 'pushed-in': 'note' },
  basis: practice('a whole thing stands where its top clears the wall or roof; what is lost behind its foot is said'),
  parameters: {
    leastMm: {
      default: 120,
      min: 20,
      max: 600,
      unit: 'mm',
      basis: practice('less than that behind its foot is what every leaning wall costs'),
    },
  },
  check: ({ scene, parameters }) =>
    scene.placed.flatMap((placed) => {
      const found = pushedIn(scene, placed)
      if (found === undefined || found.byMm < parameters.leastMm) return []
      const { x, y } = placed.bounds
      const outer = found.side === 'left' ? y.max : y.min
      return [
        {
          code: 'pushed-in' as const,
          fittings: [placed.id],
          place: [(x.min + x.max) / 2, outer, found.atMm] as Vec3,
          measured: Math.round(found.byMm),
          needed: parameters.leastMm,
          unit: 'mm' as const,
          facts: { side: found.side, atMm: Math.round(found.atMm) },
        },
      ]
    }),
  remedies: (input, finding) => {
    const placed = input.find(finding.fittings[0]!)
    const height = placed?.fitting.parameters.heightMm
    if (placed === undefined || typeof height !== 'number') return []
    const { x, z } = placed.bounds
    const { interior } = input.scene
    const foot = wallDistance(interior, finding.facts.side, x, { min: z.min, max: z.min }, 'closest')
    const lostAt = (top: number): number =>
      (foot?.referenceMm ?? 0) -
      (wallDistance(interior, finding.facts.side, x, { min: z.min, max: top }, 'closest')?.referenceMm ?? 0)
    // the highest top that costs less than the book says
    let [low, high] = [0, spanLength(z)]
    while (high - low > 0.5) {
      const middle = (low + high) / 2
      if (lostAt(z.min + middle) < finding.needed) low = middle
      else high = middle
    }
    const amount = Math.floor(height - (spanLength(z) - low))
    return amount > 0
      ? [
          {
            code: 'set-height',
            fittingId: placed.id,
            amount,
            commands: [setParameters(input, placed.id, { heightMm: amount })],
          },
        ]
      : []
  },
})
