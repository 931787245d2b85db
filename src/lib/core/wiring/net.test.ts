import { describe, expect, it } from 'vitest'
import type { Box, Vec3 } from '../geometry'
import { bareInterior, type Interior, type Opening } from '../shell'
import { genericShell, GENERIC_SHELLS } from '../shells'
import { netOf, routeOn, type Net } from './net'

const HAIR_MM = 1
/** Every point of every line of a net, each few millimetres. */
function* pointsOf({ knots, links }: Net): Generator<readonly [Vec3, Vec3, Vec3]> {
  for (const { a, b } of links) {
    const [from, to] = [knots.get(a)!, knots.get(b)!]
    const steps = Math.ceil(Math.hypot(to[0] - from[0], to[1] - from[1], to[2] - from[2]) / 10)
    for (let at = 0; at <= steps; at += 1)
      yield [from.map((one, axis) => one + ((to[axis]! - one) * at) / steps) as unknown as Vec3, from, to]
  }
}
const isIn = (at: number, one: number, other: number): boolean =>
  at > Math.min(one, other) + HAIR_MM && at < Math.max(one, other) - HAIR_MM
/** The opening that a point of the net lies in: on its wall by x and z, in the roof by x and y. */
const openingAt = ({ shell }: Interior, [x, y, z]: Vec3, isOverRoof: boolean): Opening | undefined =>
  shell.openings.find(({ side, fromMm, toMm, sillMm, headMm }) => {
    if (!isIn(x, fromMm, toMm)) return false
    if (side === 'roof') return isOverRoof && isIn(y, sillMm, headMm)
    return !isOverRoof && side === (y > 0 ? 'left' : 'right') && isIn(z, sillMm, headMm)
  })

describe('the net of a body', () => {
  it.each(GENERIC_SHELLS.map(({ id }) => id))(
    'of %s crosses no opening, stays within the body, and joins left and right',
    (id) => {
      const interior = bareInterior(genericShell(id))
      const net = netOf(interior)
      expect(net.links.length).toBeGreaterThan(20)
      for (const [point, from, to] of pointsOf(net)) {
        const isOverRoof = Math.sign(from[1]) !== Math.sign(to[1])
        expect(openingAt(interior, point, isOverRoof)?.id, `${id} ${point.join(' ')}`).toBeUndefined()
        expect(point[0]).toBeGreaterThanOrEqual(interior.xSpan.min)
        expect(point[0]).toBeLessThanOrEqual(interior.xSpan.max)
      }
      const middle = (interior.xSpan.min + interior.xSpan.max) / 2
      expect(routeOn(net, [middle, 500, 300], [middle, -500, 300])).toBeDefined()
    },
  )

  it('goes through no place that is kept free: where somebody lies', () => {
    const interior = bareInterior(genericShell('truck-box'))
    const bed: Box = { x: { min: 100, max: 1500 }, y: { min: -1100, max: 1100 }, z: { min: 500, max: 1100 } }
    const net = netOf(interior, [bed])
    for (const [[x, y, z]] of pointsOf(net))
      expect(isIn(x, bed.x.min, bed.x.max) && isIn(y, bed.y.min, bed.y.max) && isIn(z, bed.z.min, bed.z.max)).toBe(
        false,
      )
    // under the bed and over it there is a way all the same
    const low = routeOn(net, [200, 900, 60], [1400, 900, 60])!
    expect(low.lengthMm).toBeLessThan(1600)
    const up = routeOn(net, [800, 900, 60], [800, 900, 1800])!
    expect(up.lengthMm).toBeGreaterThan(1740 + 2 * 600)
  })
})

describe('a route', () => {
  const interior = bareInterior(genericShell('truck-box'))
  const net = netOf(interior)

  it('is as long as its points are apart, begins and ends at the things, and turns square', () => {
    const [from, to]: [Vec3, Vec3] = [
      [600, 850, 300],
      [3000, -800, 900],
    ]
    const { points, lengthMm } = routeOn(net, from, to)!
    expect([points[0], points.at(-1)]).toEqual([from, to])
    const sum = points.slice(1).reduce((all, [x, y, z], at) => {
      const [px, py, pz] = points[at]!
      return all + Math.hypot(x - px, y - py, z - pz)
    }, 0)
    expect(sum).toBeCloseTo(lengthMm, 6)
    expect(lengthMm).toBeGreaterThanOrEqual(Math.abs(600 - 3000) + 1650)
  })

  it('from one wall to the other goes over the roof: there is a floor to walk on', () => {
    const { points } = routeOn(net, [2000, 900, 200], [2000, -900, 200])!
    const crossing = points
      .slice(1)
      .flatMap((to, at) => (Math.sign(to[1]) !== Math.sign(points[at]![1]) ? [Math.min(to[2], points[at]![2])] : []))
    expect(Math.min(...crossing)).toBeGreaterThan(1500)
  })

  it('goes under the front edge of the floor where a bed along a whole wall leaves no way up it, and only then', () => {
    const { xSpan } = interior
    const bed: Box = {
      x: { min: xSpan.min - 50, max: xSpan.max + 50 },
      y: { min: 200, max: 1100 },
      z: { min: 450, max: 950 },
    }
    const [from, to]: [Vec3, Vec3] = [
      [600, 800, 200],
      [1500, 0, 2150],
    ]
    const blocked = netOf(interior, [bed])
    const { points, lengthMm } = routeOn(blocked, from, to)!
    const crossing = points.slice(1).flatMap((next, at) => (next[1] < 0 && points[at]![1] > 0 ? [points[at]!] : []))
    expect(crossing.map(([x, , z]) => [Math.round(x) > xSpan.max - 100, z < 200])).toEqual([[true, true]])
    expect(lengthMm).toBeGreaterThan(2 * (xSpan.max - 1500))
    expect(points.filter(([, y, z]) => y > bed.y.min && z > bed.z.min && z < bed.z.max)).toEqual([])
    // with a way up the wall nothing goes there
    expect(routeOn(net, from, to)!.lengthMm).toBeLessThan(lengthMm)
  })

  it('of what stands side by side is straight', () => {
    expect(routeOn(net, [1000, 800, 200], [1200, 800, 200])!.lengthMm).toBeCloseTo(200, 9)
  })
})
