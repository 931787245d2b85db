import { figureOf, handleOf, mayBeCut } from '../../fittings'
import { spanLength, type Vec3 } from '../../geometry'
import { keptNear, type Placed, type Scene, wallDistance } from '../../scene'
import { defineRule, practice } from '../define-rule'
import type { Finding, Remedy } from '../finding'
import { narrowable, setHandle } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'pushed-in': { readonly side: 'left' | 'right'; readonly atMm: number; readonly pushedMm: number }
  }
}

interface PushedIn {
  readonly byMm: number
  /** Where the wall or roof stops it, in z above the bare load floor. */
  readonly atMm: number
  readonly side: 'left' | 'right'
}

/** How much further in a thing that is not cut stands than its foot would let it, for the wall or roof that its upper part meets. */
const pushedIn = (scene: Scene, placed: Placed): PushedIn | undefined =>
  kept(placed, scene, [], () => pushedFound(scene, placed))
const kept = keptNear<Placed, PushedIn | undefined>()

function pushedFound(scene: Scene, placed: Placed): PushedIn | undefined {
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
  reads: ['scene'],
  gravity: { 'pushed-in': 'note' },
  basis: practice(
    'what comes whole stands where its top clears the wall or roof; what is lost behind its foot is reported',
  ),
  parameters: {
    leastMm: {
      default: 120,
      min: 20,
      max: 600,
      unit: 'mm',
      basis: practice('every leaning wall costs a little behind the foot'),
    },
  },
  check: ({ scene, parameters }) =>
    scene.placed.flatMap((placed) => {
      const found = pushedIn(scene, placed)
      if (found === undefined) return []
      // one that is made shallower than is usual comes that much less far into the room
      const depth = handleOf(placed.fitting, 'front')
      const spared = depth === undefined ? 0 : Math.max(0, Number(depth.usual) - Number(depth.value))
      const lost = found.byMm - spared
      if (lost < parameters.leastMm) return []
      const { x, y } = placed.bounds
      const outer = found.side === 'left' ? y.max : y.min
      return [
        {
          code: 'pushed-in' as const,
          fittings: [placed.id],
          place: [(x.min + x.max) / 2, outer, found.atMm] as Vec3,
          measured: Math.round(lost),
          needed: parameters.leastMm,
          unit: 'mm' as const,
          facts: { side: found.side, atMm: Math.round(found.atMm), pushedMm: Math.round(found.byMm) },
        },
      ]
    }),
  remedies: (input, finding) => {
    const placed = input.first(finding)
    if (placed === undefined) return []
    const remedies: Remedy[] = []
    if (mayBeCut(placed.fitting))
      remedies.push({
        code: 'cut-to-wall',
        fittingId: placed.id,
        amount: 0,
        commands: [{ type: 'fitting.cut', variant: input.variantId, id: placed.id, cut: true }],
      })
    const heightMm = figureOf(placed.fitting, 'top')
    if (heightMm !== undefined) {
      const amount = Math.floor(heightMm - tooHigh(input.scene, placed, finding))
      remedies.push(...setHandle(input, placed, 'set-height', 'top', amount))
    }
    const depthMm = narrowable(placed, 'front')
    if (depthMm !== undefined) {
      const amount = Math.floor(depthMm - (finding.measured - finding.needed + 1))
      remedies.push(...setHandle(input, placed, 'set-depth', 'front', amount))
    }
    return remedies
  },
})

/** By how much a thing must be lower for its top to cost less than the book says. */
function tooHigh({ interior }: Scene, placed: Placed, { facts: { side }, needed }: Finding<'pushed-in'>): number {
  const { x, z } = placed.bounds
  const outAt = (top: number): number =>
    wallDistance(interior, side, x, { min: z.min, max: top }, 'closest')?.referenceMm ?? 0
  const foot = outAt(z.min)
  let [low, high] = [0, spanLength(z)]
  while (high - low > 0.5) {
    const middle = (low + high) / 2
    if (foot - outAt(z.min + middle) < needed) low = middle
    else high = middle
  }
  return spanLength(z) - low
}
