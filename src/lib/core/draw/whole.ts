import type { Bounds, View } from './display'

/** How far the marks of a view go, dimensions and words aside; never less than the bounds that it has. */
function reachOf({ bounds, groups }: View): Bounds {
  let [[u0, v0], [u1, v1]] = [bounds.min, bounds.max]
  const take = (u: number, v: number, by = 0): void => {
    ;[u0, v0, u1, v1] = [Math.min(u0, u - by), Math.min(v0, v - by), Math.max(u1, u + by), Math.max(v1, v + by)]
  }
  for (const { items } of groups)
    for (const item of items) {
      if (item.kind === 'path') for (const [u, v] of item.points) take(u, v)
      else if (item.kind === 'circle') take(item.centre[0], item.centre[1], item.radius)
    }
  return { min: [u0, v0], max: [u1, v1] }
}

/** Views that lie over each other, each with all of its marks within its bounds, and all as long as the longest: a rack behind the body is in the picture too. */
export function madeWhole(views: readonly View[]): readonly View[] {
  const reaches = views.map(reachOf)
  const u0 = Math.min(...reaches.map(({ min }) => min[0]))
  const u1 = Math.max(...reaches.map(({ max }) => max[0]))
  return views.map((view, at) => {
    const { min, max } = reaches[at] ?? view.bounds
    return { ...view, bounds: { min: [u0, min[1]], max: [u1, max[1]] } }
  })
}

/** A view by itself, with all of its marks within its bounds. */
export const wholeOf = (view: View): View => madeWhole([view])[0] ?? view
