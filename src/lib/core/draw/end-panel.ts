import { polygonSpan, prismBounds, sliceAtX, type Polygon, type Vec2 } from '../geometry'
import { sectionOf, type Placed, type Scene } from '../scene'

/** The end panel of a scribed fitting, cut to the wall: what is drawn on the board. */
export interface EndPanel {
  readonly end: 'rear' | 'front'
  readonly xMm: number
  /** In the panel’s own frame: from its front edge towards the wall, and up from its base; mm. */
  readonly outline: Polygon
  readonly depthMm: number
  readonly heightMm: number
  /** Depth from the front edge to the wall at every tick of height. */
  readonly ticks: readonly { readonly upMm: number; readonly depthMm: number }[]
}

/** Between ticks on a template. */
const TICK_MM = 50

/** Where a level line crosses a polygon last, furthest from the front. */
function depthAt(outline: Polygon, up: number): number | undefined {
  let most: number | undefined
  outline.forEach((from, index) => {
    const to = outline[(index + 1) % outline.length]!
    const [low, high] = from[1] <= to[1] ? [from, to] : [to, from]
    if (up < low[1] || up > high[1]) return
    const at =
      high[1] === low[1]
        ? Math.max(low[0], high[0])
        : low[0] + ((high[0] - low[0]) * (up - low[1])) / (high[1] - low[1])
    if (most === undefined || at > most) most = at
  })
  return most
}

/**
 * The curve that an end panel of a scribed fitting is cut to, at its rear or its front end; undefined where it is not scribed
 * to a wall, or has no body there. The panel is taken just inside the end.
 */
export function endPanel(scene: Scene, placed: Placed, end: 'rear' | 'front'): EndPanel | undefined {
  const side = placed.scribedTo
  const solid = placed.solids.find(({ fit }) => fit === 'scribed')
  if (solid === undefined || (side === undefined && solid.prism.axis !== 'x')) return undefined
  const { x } = prismBounds(solid.prism)
  const xMm = end === 'rear' ? x.min + 0.5 : x.max - 0.5
  const within = Math.min(scene.interior.xSpan.max, Math.max(scene.interior.xSpan.min, xMm))
  const parts = sectionOf(scene.interior, sliceAtX(solid.prism, within), within)
  const sign = side === 'right' ? -1 : 1
  const front = Math.min(...parts.flatMap((part) => part.map(([y]) => y * sign)))
  const base = prismBounds(solid.prism).z.min
  // notches and flares part it: the largest part is the panel
  const sized = parts.map((part) => part.map(([y, z]): Vec2 => [y * sign - front, z - base]))
  const outline = sized.sort((a, b) => extent(b) - extent(a))[0]
  if (outline === undefined) return undefined
  const [u, v] = [polygonSpan(outline, 0), polygonSpan(outline, 1)]
  const count = Math.floor((v.max - v.min) / TICK_MM)
  const heights = [v.min, ...Array.from({ length: count }, (_, index) => v.min + (index + 1) * TICK_MM), v.max]
  return {
    end,
    xMm: within,
    outline,
    depthMm: u.max,
    heightMm: v.max,
    ticks: [...new Set(heights)].flatMap((upMm) => {
      const depthMm = depthAt(outline, upMm)
      return depthMm === undefined ? [] : [{ upMm, depthMm }]
    }),
  }
}

const extent = (polygon: Polygon): number => {
  const [u, v] = [polygonSpan(polygon, 0), polygonSpan(polygon, 1)]
  return (u.max - u.min) * (v.max - v.min)
}
