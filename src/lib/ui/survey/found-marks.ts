import type { Found } from '$lib/core/condition'
import type { Vec2 } from '$lib/core/geometry'

/** The views of the survey: from above (x, y), the right wall seen through (x, z), the section seen from behind (−y, z). */
export type SurveyView = 'plan' | 'side' | 'section'

/** Two opposite corners of what was found, in a view’s mm; undefined where it has no place. */
export function viewedIn(view: SurveyView, { at, sizeMm }: Found): readonly [Vec2, Vec2] | undefined {
  if (at === undefined) return undefined
  const [x, y, z] = at
  const [long, wide, high] = sizeMm.map((size) => size / 2) as [number, number, number]
  const round = (u: number, v: number, du: number, dv: number): readonly [Vec2, Vec2] => [
    [u - du, v - dv],
    [u + du, v + dv],
  ]
  return view === 'plan'
    ? round(x, y, long, wide)
    : view === 'side'
      ? round(x, z, long, high)
      : round(-y, z, wide, high)
}

/** What a point of a view tells of a place, to the nearest 10 mm. */
export function placedBy(view: SurveyView, [u, v]: Vec2): { x?: number; y?: number; z?: number } {
  const [a, b] = [Math.round(u / 10) * 10, Math.round(v / 10) * 10]
  return view === 'plan' ? { x: a, y: b } : view === 'side' ? { x: a, z: b } : { y: -a || 0, z: b }
}
