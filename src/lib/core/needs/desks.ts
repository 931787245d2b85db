import { polygonSpan, spanMiddle, spanLength, type Vec2 } from '../geometry'
import { airOpenings, isAtTable, type Placed, type Scene } from '../scene'
import { givesLight, jambs } from '../shell'

/** Between a cushion and the top over it: room for thighs. Grandjean, Fitting the Task to the Man (from memory). */
const KNEES_MM = 220
/** So near a light or a window one can work by it. Common practice, no source. */
const LIT_MM = 2000

/** A top that can be worked at: how long and deep it is, and how many sit at it. */
export interface Top {
  readonly placed: Placed
  readonly lengthMm: number
  readonly depthMm: number
  readonly sitters: number
}

const away = ([x, y]: Vec2, [u, v]: Vec2): number => Math.hypot(x - u, y - v)

/** Whether there is light at a place by day or night: a window, a roof window, or a lamp. */
function isLit(scene: Scene, at: Vec2): boolean {
  const windows = scene.interior.shell.openings
    .filter((opening) => givesLight(opening) && opening.side !== 'roof')
    .map((opening): Vec2 => {
      const [[x0, y0], [x1, y1]] = jambs(scene.interior, opening)
      return [(x0 + x1) / 2, (y0 + y1) / 2]
    })
  const hatches = airOpenings(scene).flatMap(({ what, at: middle }) => (what === 'hatch' ? [middle] : []))
  const lamps = scene.placed.flatMap(({ facts: { light }, bounds }): Vec2[] =>
    light === undefined || light.lights === 'door' ? [] : [[spanMiddle(bounds.x), spanMiddle(bounds.y)]],
  )
  return [...windows, ...hatches, ...lamps].some((one) => away(one, at) <= LIT_MM)
}

/** Tables that serve as a desk: someone sits at them with room for knees, and there is light. */
export function tablesToWorkAt(scene: Scene): readonly Top[] {
  const seats = scene.placed.flatMap((placed) =>
    placed.services.flatMap(({ type, places = [], cushion }) =>
      type === 'seat' && cushion !== undefined
        ? places.map((place) => ({ place, topMm: placed.placement.at[2] + cushion.topMm }))
        : [],
    ),
  )
  return scene.placed.flatMap((placed): Top[] =>
    placed.services.flatMap(({ type, top, topMm }): Top[] => {
      if (type !== 'table-place' || top === undefined || topMm === undefined) return []
      const high = placed.placement.at[2] + topMm
      const sitters = seats.filter(
        ({ place, topMm: cushion }) => isAtTable(place, top) && high - cushion >= KNEES_MM,
      ).length
      const [x, y] = [polygonSpan(top, 0), polygonSpan(top, 1)]
      if (sitters === 0 || !isLit(scene, [spanMiddle(x), spanMiddle(y)])) return []
      const [a, b] = [spanLength(x), spanLength(y)]
      return [{ placed, lengthMm: Math.max(a, b), depthMm: Math.min(a, b), sitters }]
    }),
  )
}
