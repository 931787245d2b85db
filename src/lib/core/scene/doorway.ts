import { clamp, prismBounds, spanMiddle, type Prism, type Span, type Vec2 } from '../geometry'
import { isDoor, opensFromOutside, wallsAt, type Interior, type Opening } from '../shell'
import { TOUCH_MM } from '../units'

/** At what height above the load floor the wall beside a door is looked for. */
const DOOR_AT_MM = 600

/** How far a place lies inside the body from a door’s plane, negative outside; undefined where there is no wall beside it. */
export function insideDoor(interior: Interior, { side }: Opening, [x, y]: Vec2): number | undefined {
  if (side === 'rear') return x - interior.xSpan.min
  const walls = wallsAt(interior, clamp(x, interior.xSpan.min, interior.xSpan.max), DOOR_AT_MM)
  if (walls === undefined) return undefined
  return side === 'left' ? walls.max - y : y - walls.min
}

const within = (inner: Span, from: number, to: number): boolean =>
  inner.min >= from - TOUCH_MM && inner.max <= to + TOUCH_MM

/**
 * Whether a volume of use lies before a door, its greater part out of doors: what a tailgate or a sliding door opens is
 * then worked from outside. A person stands there at any height; what moves must pass between sill and head.
 */
export function beforeDoor(interior: Interior, prism: Prism, stands: boolean): boolean {
  const { x, y, z } = prismBounds(prism)
  const middle: Vec2 = [spanMiddle(x), spanMiddle(y)]
  return interior.shell.openings.some((opening) => {
    const passes = within(opening.side === 'rear' ? y : x, opening.fromMm, opening.toMm)
    if (!passes || !isDoor(opening) || !opensFromOutside(opening)) return false
    const inside = insideDoor(interior, opening, middle)
    return inside !== undefined && inside < 0 && (stands || within(z, opening.sillMm, opening.headMm))
  })
}
