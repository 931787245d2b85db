import { prismBounds, prismsOverlap, spanLength, stretchesLeft, type Prism, type Span, type Vec2 } from '../geometry'
import { TOUCH_MM } from '../units'
import { liningTop } from './heights'
import type { Interior } from './interior'
import { freeAcross } from './walls'
import type { Opening } from './shape'

export interface ThroughDoor {
  readonly mm: number
  readonly path: 'straight' | 'slanted-in'
  /** To the wall that the door is in; 90 is square through it. */
  readonly angleDeg: number
}

const WALL_AND_SKIN_MM = 40
const ANGLE_STEP_DEG = 0.25
/** How deep behind a door what stands there shuts it. */
const BEHIND_MM = 300

/** The stretches of a door, along its wall, that nothing of the body stands behind over a height band. */
function freeStretches(interior: Interior, opening: Opening, band: Span): readonly Span[] {
  const sideways = opening.side === 'rear'
  const own = sideways
    ? { min: opening.fromMm, max: opening.toMm }
    : { min: Math.max(opening.fromMm, interior.xSpan.min), max: Math.min(opening.toMm, interior.xSpan.max) }
  if (!(own.max > own.min)) return []
  const behind = interior.keepOuts.flatMap(({ prism }): Span[] => {
    const { x, y, z } = prismBounds(prism)
    const along = sideways ? y : x
    const meets =
      z.max > band.min + TOUCH_MM &&
      z.min < band.max - TOUCH_MM &&
      along.max > own.min + TOUCH_MM &&
      along.min < own.max - TOUCH_MM
    if (!meets) return []
    if (sideways) return x.min < interior.xSpan.min + BEHIND_MM ? [along] : []
    const here = { min: Math.max(along.min, own.min), max: Math.min(along.max, own.max) }
    const free = freeAcross(interior, here, band)
    // what is free next to the door’s wall ends where this begins
    const first = opening.side === 'left' ? free[free.length - 1] : free[0]
    const gap = opening.side === 'left' ? (first?.max ?? 0) - y.max : y.min - (first?.min ?? 0)
    return first === undefined || gap < BEHIND_MM ? [along] : []
  })
  return stretchesLeft(own, behind)
}

/**
 * The longest board that goes in through an opening: straight through a rear one; through a side one slanted, its head to
 * one end of the body, until its tail clears the jamb. One straight push and one turn inside are looked at, no more; what stands
 * proud of the body shuts the part of a door that it stands behind, and stops what would be pushed against it. Undefined when its
 * section does not pass. One that takes `enoughMm` is looked at no further: what is told is then that or more.
 */
export function throughDoor(
  interior: Interior,
  opening: Opening,
  wideMm: number,
  thickMm: number,
  enoughMm = Infinity,
): ThroughDoor | undefined {
  if (opening.side === 'roof') return undefined
  const sill = Math.max(opening.sillMm, interior.lining.floorMm + TOUCH_MM)
  const poses = [
    [wideMm, thickMm],
    [thickMm, wideMm],
  ] as const
  let best: ThroughDoor | undefined
  const offer = (found: ThroughDoor | undefined) => {
    if (found !== undefined && found.mm > (best?.mm ?? 0)) best = found
  }
  for (const [across, up] of poses) {
    if (up > opening.headMm - sill || (best?.mm ?? 0) >= enoughMm) continue
    if (opening.side === 'rear') {
      const foot = Math.max(sill, liningTop(interior, interior.xSpan.min) + TOUCH_MM)
      offer(straightIn(interior, opening, across, { min: foot, max: foot + up }, enoughMm))
      continue
    }
    const band = { min: sill, max: sill + up }
    for (const stretch of freeStretches(interior, opening, band))
      if (spanLength(stretch) >= across) offer(slantedIn(interior, opening.side, stretch, across, band, enoughMm))
  }
  return best
}

/** Straight in through the rear, as far as what is in line with the door lets it. */
function straightIn(
  interior: Interior,
  opening: Opening,
  across: number,
  band: Span,
  enoughMm: number,
): ThroughDoor | undefined {
  const { xSpan } = interior
  const lengthOver = (door: Span): number => {
    const goesTo = (x: number): boolean =>
      freeAcross(interior, { min: xSpan.min, max: x }, band).some(
        ({ min, max }) => Math.min(max, door.max) - Math.max(min, door.min) >= across,
      )
    if (goesTo(xSpan.max)) return spanLength(xSpan)
    if (enoughMm < spanLength(xSpan) && goesTo(xSpan.min + enoughMm)) return enoughMm
    let [low, high] = [xSpan.min + 1, xSpan.max]
    if (!goesTo(low)) return 0
    while (high - low > TOUCH_MM) {
      const x = (low + high) / 2
      if (goesTo(x)) low = x
      else high = x
    }
    return low - xSpan.min
  }
  const mm = Math.floor(Math.max(0, ...freeStretches(interior, opening, band).map(lengthOver)))
  return mm > 0 ? { mm, path: 'straight', angleDeg: 90 } : undefined
}

/** Through a free stretch of a side door, at the angle that takes the longest. */
function slantedIn(
  interior: Interior,
  side: 'left' | 'right',
  stretch: Span,
  across: number,
  band: Span,
  enoughMm: number,
): ThroughDoor | undefined {
  const { xSpan } = interior
  const free = freeAcross(interior, stretch, band)
  const beside = side === 'left' ? free[free.length - 1] : free[0]
  if (beside === undefined) return undefined
  const room = spanLength(beside)
  const reach = Math.max(stretch.max - xSpan.min, xSpan.max - stretch.min)
  const wall = interior.lining.wallMm + WALL_AND_SKIN_MM
  const slants: { readonly whole: number; readonly angleDeg: number; readonly s: number; readonly c: number }[] = []
  for (let angleDeg = 90; angleDeg >= 1; angleDeg -= ANGLE_STEP_DEG) {
    const [s, c] = [Math.sin((angleDeg * Math.PI) / 180), Math.cos((angleDeg * Math.PI) / 180)]
    if (spanLength(stretch) * s < across + wall * c) break
    const toFarWall = (room - across * c) / s
    const toTheEnd = c < 1e-9 ? Infinity : (reach - across * s) / c
    slants.push({ whole: Math.floor(Math.min(toFarWall, toTheEnd)), angleDeg, s, c })
  }
  // what would take the longest is looked at first: where nothing hinders it, it is the answer
  slants.sort((a, b) => b.whole - a.whole || b.angleDeg - a.angleDeg)
  const inTheWay = interior.keepOuts.flatMap(({ prism }) => {
    const { z } = prismBounds(prism)
    return z.max > band.min + TOUCH_MM && z.min < band.max - TOUCH_MM ? [prism] : []
  })
  const door: Doorway = { side, stretch, band, wallY: side === 'left' ? beside.max : beside.min, inTheWay }
  let best: ThroughDoor | undefined
  for (const { whole, angleDeg, s, c } of slants) {
    const least = best?.mm ?? 0
    if (whole <= least || least >= enoughMm) break
    const mm = unhindered(door, across, { s, c }, Math.min(whole, enoughMm), least)
    if (mm > least) best = { mm, path: angleDeg === 90 ? 'straight' : 'slanted-in', angleDeg }
  }
  return best
}

/** A free stretch of a side door over a band of heights, and what of the body stands in that band. */
interface Doorway {
  readonly side: 'left' | 'right'
  readonly stretch: Span
  readonly band: Span
  readonly wallY: number
  readonly inTheWay: readonly Prism[]
}

/**
 * How much of a board goes in before it meets what stands proud of the body, at the best place in the door and to the better end; no more
 * than `leastMm` where it is no longer than that.
 */
function unhindered(
  { side, stretch, band, wallY, inTheWay }: Doorway,
  across: number,
  { s, c }: { readonly s: number; readonly c: number },
  wholeMm: number,
  leastMm: number,
): number {
  if (inTheWay.length === 0) return wholeMm
  const middle = (stretch.min + stretch.max) / 2
  const inward = side === 'left' ? -1 : 1
  const half = across / (2 * s)
  let most = 0
  for (const toward of [1, -1] as const)
    for (const x of [stretch.min + half, middle, stretch.max - half]) {
      const strip = (long: number): Prism => {
        const along: Vec2 = [toward * c * long, inward * s * long]
        const beside: Vec2 = [-inward * s * (across / 2), toward * c * (across / 2)]
        const corners: Vec2[] = [
          [x - beside[0], wallY - beside[1]],
          [x - beside[0] + along[0], wallY - beside[1] + along[1]],
          [x + beside[0] + along[0], wallY + beside[1] + along[1]],
          [x + beside[0], wallY + beside[1]],
        ]
        return { axis: 'z', profile: toward * inward > 0 ? corners.reverse() : corners, span: band }
      }
      const clear = (long: number): boolean => {
        const board = strip(long)
        return !inTheWay.some((prism) => prismsOverlap(prism, board))
      }
      if (clear(wholeMm)) return wholeMm
      let [low, high] = [Math.max(leastMm, most), wholeMm]
      // no better than what is found already
      if (low > 0 && !clear(low + 1)) continue
      while (high - low > 1) {
        const long = (low + high) / 2
        if (clear(long)) low = long
        else high = long
      }
      most = Math.max(most, Math.floor(low))
    }
  return most
}
