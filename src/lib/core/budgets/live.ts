import type { Vec3 } from '../geometry'
import type { LimitId } from './weight/limits'

/** What a page needs of a mode’s weights to tell, while something is dragged, what that does: plain data of a few hundred bytes. */
export interface LoadSketch {
  readonly axles: { readonly rearXMm: number; readonly wheelbaseMm: number; readonly trackMm: number | undefined }
  readonly limits: readonly {
    readonly id: LimitId
    readonly unit: 'kg' | 'share'
    readonly limit: number
    readonly isGuide: boolean
    /** At its worst, waste empty, and the whole mass then. */
    readonly value: number
    readonly wholeKg: number
    /** Of each fitting, with what it holds, what counts in that loading, kg. */
    readonly carriedKg: Readonly<Record<string, number>>
  }[]
  /** Where each fitting stood when this was summed: the place of its frame. */
  readonly stood: Readonly<Record<string, Vec3>>
}

/** A limit as it is now. */
export interface Margin {
  readonly id: LimitId
  readonly unit: 'kg' | 'share'
  readonly limit: number
  readonly isGuide: boolean
  readonly value: number
  /** What is left, in its own unit; below 0 it is past. */
  readonly left: number
}

/**
 * What of a mass comes to count for a limit when it goes forward by a wheelbase, and to the left by a track. The cross terms of a wheel are small
 * while one drags, and come right with the next sum.
 */
const BY_MOVE: Readonly<Record<LimitId, readonly [forward: number, left: number]>> = {
  total: [0, 0],
  roof: [0, 0],
  side: [0, 2],
  front: [1, 0],
  'front-share': [1, 0],
  rear: [-1, 0],
  'front-left': [0.5, 0.5],
  'front-right': [0.5, -0.5],
  'rear-left': [-0.5, 0.5],
  'rear-right': [-0.5, -0.5],
}

/** What a mass that moves by dx forward and dy to the left brings to a limit, as a share of itself. */
function changeOf(id: LimitId, { wheelbaseMm, trackMm }: LoadSketch['axles'], dx: number, dy: number): number {
  const forward = dx / wheelbaseMm
  const left = trackMm === undefined ? 0 : dy / trackMm
  const [byForward, byLeft] = BY_MOVE[id]
  return byForward * forward + byLeft * left
}

/** The margins of the last sum with what has moved since, the worst first, those that no one rated after those that are rated. */
export function liveMargins(
  sketch: LoadSketch,
  placed: readonly { readonly id: string; readonly placement: { readonly at: Vec3 } }[],
): readonly Margin[] {
  const moved = placed.flatMap(({ id, placement: { at } }) => {
    const before = sketch.stood[id]
    const [dx, dy] = before === undefined ? [0, 0] : [at[0] - before[0], at[1] - before[1]]
    return dx === 0 && dy === 0 ? [] : [{ id, dx, dy }]
  })
  return sketch.limits
    .map(({ id, unit, limit, isGuide, value, wholeKg, carriedKg }): Margin => {
      const kg = moved.reduce(
        (sum, one) => sum + (carriedKg[one.id] ?? 0) * changeOf(id, sketch.axles, one.dx, one.dy),
        0,
      )
      const now = value + (unit === 'share' ? kg / wholeKg : kg)
      return { id, unit, limit, isGuide, value: now, left: unit === 'share' ? now - limit : limit - now }
    })
    .sort(
      (a, b) =>
        Number(a.isGuide && a.left >= 0) - Number(b.isGuide && b.left >= 0) || a.left / a.limit - b.left / b.limit,
    )
}
