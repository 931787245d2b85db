import { prismBounds, type Box, type Prism, type Span } from '../geometry'
import { TOUCH_MM } from '../units'
import type { Interior } from './interior'
import { worstProtrusion } from './questions'

/** Whether a block stands within the lined body, clear of what stands proud of it. */
export const boxInside = (interior: Interior, box: Box): boolean =>
  insideFaces(interior, box) && clearOfKeepOuts(interior, box)

/** The faces of all sections as half-planes, ny · y + nz · z ≤ d, one row of numbers for each section. */
const knownPlanes = new WeakMap<Interior, readonly Float64Array[]>()

function planesOf(interior: Interior): readonly Float64Array[] {
  const known = knownPlanes.get(interior)
  if (known !== undefined) return known
  const planes = interior.sections.map(({ polygon }) => {
    const row = new Float64Array(polygon.length * 3)
    polygon.forEach((from, edge) => {
      const to = polygon[(edge + 1) % polygon.length]!
      const [dy, dz] = [to[0] - from[0], to[1] - from[1]]
      const length = Math.hypot(dy, dz)
      if (length === 0) return
      row[edge * 3] = dz / length
      row[edge * 3 + 1] = -dy / length
      row[edge * 3 + 2] = (dz * from[0] - dy * from[1]) / length
    })
    return row
  })
  knownPlanes.set(interior, planes)
  return planes
}

function breaks(planes: Float64Array, y: Span, z: Span): boolean {
  for (let at = 0; at < planes.length; at += 3) {
    const ny = planes[at]!
    const nz = planes[at + 1]!
    if (ny * (ny > 0 ? y.max : y.min) + nz * (nz > 0 ? z.max : z.min) - planes[at + 2]! > TOUCH_MM) return true
  }
  return false
}

/**
 * A block against the faces. Sections that it spans answer from kept half-planes; its two ends lie between sections, and
 * only if they could matter are they looked at one by one.
 */
function insideFaces(interior: Interior, box: Box): boolean {
  const { x, y, z } = box
  if (interior.xSpan.min - x.min > TOUCH_MM || x.max - interior.xSpan.max > TOUCH_MM) return false
  if (interior.pockets.length > 0) return worstProtrusion(interior, prismOf(box)) === undefined
  const planes = planesOf(interior)
  const { sections } = interior
  let first = 0
  while (first < sections.length - 1 && sections[first + 1]!.xMm <= x.min) first += 1
  let allIn = true
  let last = first
  for (let at = first; at < sections.length; at += 1) {
    last = at
    const out = breaks(planes[at]!, y, z)
    const spanned = sections[at]!.xMm >= x.min && sections[at]!.xMm <= x.max
    if (out && spanned) return false
    if (out) allIn = false
    if (sections[at]!.xMm >= x.max) break
  }
  // between two convex sections that both hold the block's outline, every section does
  if (allIn && (sections[last]!.xMm >= x.max || last === sections.length - 1)) return true
  return worstProtrusion(interior, prismOf(box)) === undefined
}

const prismOf = ({ x, y, z }: Box): Prism => ({
  axis: 'x',
  profile: [
    [y.min, z.min],
    [y.max, z.min],
    [y.max, z.max],
    [y.min, z.max],
  ],
  span: x,
})

function clearOfKeepOuts(interior: Interior, { x, y, z }: Box): boolean {
  for (const { prism } of interior.keepOuts) {
    const other = prismBounds(prism)
    const apart =
      other.x.min - x.max > -TOUCH_MM ||
      x.min - other.x.max > -TOUCH_MM ||
      other.y.min - y.max > -TOUCH_MM ||
      y.min - other.y.max > -TOUCH_MM ||
      other.z.min - z.max > -TOUCH_MM ||
      z.min - other.z.max > -TOUCH_MM
    if (!apart) return false
  }
  return true
}
