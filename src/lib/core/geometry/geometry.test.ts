import Flatten from '@flatten-js/core'
import fc from 'fast-check'
import { intersection } from 'polyclip-ts'
import { describe, expect, it } from 'vitest'
import {
  area,
  block,
  cellCentre,
  chordAt,
  convexContains,
  distanceField,
  footprintInBand,
  gridOver,
  intersectConvex,
  longestRectangle,
  moveToClear,
  Obstacles,
  placePrism,
  prism,
  prismBounds,
  prismsOverlap,
  rectangle,
  sector,
  shortestWithin,
  sliceAtX,
  stretchesLeft,
  summit,
  TURNS,
  WidestPaths,
  type Polygon,
  type Prism,
} from './index'
import { HAIR_MM } from '../units'

const coordinate = fc.integer({ min: -1000, max: 1000 })
const size = fc.integer({ min: 1, max: 800 })
const box = fc
  .tuple(coordinate, coordinate, coordinate, size, size, size)
  .map(([x, y, z, l, w, h]) => block([x, y, z], [x + l, y + w, z + h]))
/** Convex polygons with corners on an ellipse. */
const convex = fc
  .tuple(
    coordinate,
    coordinate,
    size,
    size,
    fc.uniqueArray(fc.integer({ min: 0, max: 23 }), { minLength: 4, maxLength: 9 }),
  )
  .map(([x, y, a, b, steps]): Polygon =>
    steps
      .sort((p, q) => p - q)
      .map((step) => [x + a * Math.cos((step * Math.PI) / 12), y + b * Math.sin((step * Math.PI) / 12)]),
  )
const ring = (polygon: Polygon): [number, number][] => polygon.map(([x, y]) => [x, y])

describe('polygons against other libraries', () => {
  it('shares the area that polyclip-ts finds for two convex polygons', () => {
    fc.assert(
      fc.property(convex, convex, (a, b) => {
        const theirs = intersection([ring(a)], [ring(b)]).reduce((sum, [outer]) => sum + area(outer!.slice(0, -1)), 0)
        const ours = intersectConvex(a, b)
        return Math.abs((ours.length === 0 ? 0 : area(ours)) - theirs) < 1e-3
      }),
      { seed: 2, numRuns: 300 },
    )
    expect(area(intersectConvex(rectangle(0, 0, 100, 100), rectangle(50, 50, 200, 80)))).toBe(50 * 30)
  })

  it('keeps the distance that @flatten-js/core measures from a point to a polygon', () => {
    fc.assert(
      fc.property(convex, coordinate, coordinate, (polygon, x, y) => {
        const theirs = new Flatten.Polygon(ring(polygon))
        const point = new Flatten.Point(x, y)
        const expected = theirs.contains(point) ? 0 : theirs.distanceTo(point)[0]
        return Math.abs(new Obstacles([polygon]).distance(x, y) - expected) < 1e-6
      }),
      { seed: 3, numRuns: 300 },
    )
    expect(
      new Obstacles([
        [
          [0, 0],
          [100, 0],
        ],
      ]).distance(50, 40),
    ).toBe(40)
  })

  it('sweeps a quarter within 0.3 % of the circle', () => {
    expect(area(sector([0, 0], 540, 0, 90)) / ((Math.PI * 540 ** 2) / 4)).toBeGreaterThan(0.997)
    expect(() => sector([0, 0], 1, 90, 90)).toThrow(/got 90 to 90/)
  })
})

describe('prisms', () => {
  const wedge = (axis: 'x' | 'y' | 'z'): Prism =>
    prism(
      axis,
      [
        [0, 0],
        [100, 0],
        [0, 100],
      ],
      { min: 0, max: 50 },
    )

  it('touching is no overlap, and a tenth of a millimetre still touches', () => {
    const left = block([0, 0, 0], [100, 100, 100])
    expect(prismsOverlap(left, block([100, 0, 0], [200, 100, 100]))).toBe(false)
    expect(prismsOverlap(left, block([99.95, 0, 0], [200, 100, 100]))).toBe(false)
    expect(prismsOverlap(left, block([99.8, 0, 0], [200, 100, 100]))).toBe(true)
  })

  it.each([
    // the hypotenuse of each wedge leaves the corner of its bounds free
    ['z', block([60, 60, 0], [90, 90, 50]), false],
    ['z', block([45, 45, 0], [90, 90, 50]), true],
    ['y', block([60, 0, 60], [90, 50, 90]), false],
    ['y', block([45, 0, 45], [90, 50, 90]), true],
    ['x', block([0, 60, 60], [50, 90, 90]), false],
    ['x', block([0, 45, 45], [50, 90, 90]), true],
  ] as const)('a wedge along %s against a block', (axis, other, overlaps) => {
    expect(prismsOverlap(wedge(axis), other)).toBe(overlaps)
  })

  it('parts two wedges of different axes whose bounds overlap', () => {
    const lying = (x: number) => placePrism({ at: [x, 45, 0], turn: 0, mirrored: false }, wedge('y'))
    expect(prismsOverlap(wedge('z'), lying(60))).toBe(false) // its nearest edge stands at x + y = 105, past the hypotenuse
    expect(prismsOverlap(wedge('z'), lying(50))).toBe(true)
  })

  it('never parts bodies that share a sampled point, whatever their axes', () => {
    const placed = fc
      .tuple(
        fc.constantFrom('x', 'y', 'z' as const),
        fc.integer({ min: -90, max: 90 }),
        fc.integer({ min: -90, max: 90 }),
        fc.constantFrom(...TURNS),
        fc.boolean(),
      )
      .map(([axis, x, y, turn, mirrored]) => placePrism({ at: [x, y, 0], turn, mirrored }, wedge(axis)))
    const holds = (solid: Prism, x: number, y: number, z: number) => {
      const [u, v, w] = solid.axis === 'z' ? [x, y, z] : solid.axis === 'y' ? [x, z, y] : [y, z, x]
      return w > solid.span.min + 1 && w < solid.span.max - 1 && new Obstacles([solid.profile]).distance(u, v) === 0
    }
    let shared = 0
    fc.assert(
      fc.property(placed, placed, (a, b) => {
        const bounds = prismBounds(a)
        for (let x = bounds.x.min + 3; x < bounds.x.max; x += 12)
          for (let y = bounds.y.min + 3; y < bounds.y.max; y += 12)
            for (let z = bounds.z.min + 3; z < bounds.z.max; z += 12)
              if (holds(a, x, y, z) && holds(b, x, y, z)) {
                shared += 1
                return prismsOverlap(a, b)
              }
        return true
      }),
      { seed: 6, numRuns: 150 },
    )
    expect(shared).toBeGreaterThan(40)
  })

  it('moves exactly far enough to clear', () => {
    fc.assert(
      fc.property(
        box,
        box,
        fc.constantFrom([1, 0, 0], [-1, 0, 0], [0, 1, 0], [0, 0, -1] as const),
        (a, b, direction) => {
          const [dx, dy, dz] = direction as [number, number, number]
          const by = moveToClear(a, b, [dx, dy, dz])
          if (!prismsOverlap(a, b)) return by === 0
          const moved = (share: number) =>
            placePrism({ at: [dx * share, dy * share, dz * share], turn: 0, mirrored: false }, a)
          return !prismsOverlap(moved(by), b) && prismsOverlap(moved(by - 0.2), b)
        },
      ),
      { seed: 4, numRuns: 500 },
    )
    expect(moveToClear(block([0, 0, 0], [100, 10, 10]), block([70, 0, 0], [90, 10, 10]), [1, 0, 0])).toBe(90)
  })

  it('keeps volume and bounds under every turn and mirror', () => {
    for (const axis of ['x', 'y', 'z'] as const) {
      for (const turn of TURNS) {
        for (const mirrored of [false, true]) {
          const placed = placePrism({ at: [10, 20, 30], turn, mirrored }, wedge(axis))
          expect(area(placed.profile) * (placed.span.max - placed.span.min)).toBeCloseTo(250_000, 6)
        }
      }
    }
    const turned = prismBounds(
      placePrism({ at: [1000, 0, 0], turn: 90, mirrored: false }, block([0, 0, 0], [600, 200, 300])),
    )
    expect(turned).toEqual({ x: { min: 800, max: 1000 }, y: { min: 0, max: 600 }, z: { min: 0, max: 300 } })
  })

  it('cuts across and in plan', () => {
    expect(area(sliceAtX(wedge('z'), 40))).toBeCloseTo(60 * 50, 6)
    expect(sliceAtX(wedge('z'), 120)).toEqual([])
    expect(area(footprintInBand(wedge('x'), { min: 50, max: 200 }))).toBeCloseTo(50 * 50, 6)
    expect(footprintInBand(wedge('x'), { min: 150, max: 200 })).toEqual([])
  })

  it('refuses a profile that is not convex', () => {
    expect(() =>
      prism(
        'z',
        [
          [0, 0],
          [10, 0],
          [2, 2],
          [0, 10],
        ],
        { min: 0, max: 1 },
      ),
    ).toThrow(/convex/)
    expect(() => prism('z', rectangle(0, 0, 1, 1), { min: 1, max: 1 })).toThrow(/length/)
  })
})

describe('widest path', () => {
  /** The slow way: close every cell narrower than w, flood, and keep the largest w that still arrives. */
  function byFlooding(columns: number, rows: number, width: readonly number[], source: number, target: number): number {
    for (const limit of [...new Set(width)].filter((w) => w > 0).sort((a, b) => b - a)) {
      const seen = new Set<number>()
      const queue = width[source]! >= limit ? [source] : []
      while (queue.length > 0) {
        const cell = queue.pop()!
        if (seen.has(cell)) continue
        seen.add(cell)
        for (let dy = -1; dy <= 1; dy += 1) {
          for (let dx = -1; dx <= 1; dx += 1) {
            const x = (cell % columns) + dx
            const y = Math.floor(cell / columns) + dy
            if (x >= 0 && y >= 0 && x < columns && y < rows && width[y * columns + x]! >= limit)
              queue.push(y * columns + x)
          }
        }
      }
      if (seen.has(target)) return limit
    }
    return 0
  }

  it('finds what flooding at every threshold finds, on small grids', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 7 }),
        fc.integer({ min: 2, max: 6 }),
        fc.array(fc.integer({ min: 0, max: 9 }), { minLength: 42, maxLength: 42 }),
        (columns, rows, values) => {
          const grid = gridOver(0, 0, columns * 10, rows * 10, 10)
          const width = Float64Array.from(values.slice(0, columns * rows))
          const target = columns * rows - 1
          const paths = new WidestPaths(grid, width, [0])
          if (paths.widestTo([target]) !== byFlooding(columns, rows, [...width], 0, target)) return false
          const expected = byFlooding(columns, rows, [...width], 0, target)
          if (paths.reach(target) !== expected) return false
          if (expected === 0) return true
          const walked = Math.min(...paths.trace(target).map((cell) => width[cell]!))
          const short = shortestWithin(grid, width, [0], target, expected)
          return walked === expected && short[0] === 0 && short.at(-1) === target
        },
      ),
      { seed: 5, numRuns: 400 },
    )
    expect(byFlooding(3, 1, [5, 2, 9], 0, 2)).toBe(2)
  })

  it('measures a straight corridor exactly at its middle', () => {
    const grid = gridOver(0, 0, 1000, 400, 20)
    const field = distanceField(grid, new Obstacles([rectangle(0, -10, 1000, 0), rectangle(0, 400, 1000, 410)]))
    const middle = field.mm.indexOf(Math.max(...field.mm))
    expect(Math.max(...field.mm)).toBe(190)
    expect(cellCentre(grid, middle)[1]).toBe(190)
  })

  it('carries a field on where some obstacles came and some went, as if it were made anew', () => {
    const grid = gridOver(-1200, -1100, 1300, 1000, 50)
    const spared = fc.tuple(convex, fc.constantFrom(0, 0, 60, 130))
    const some = fc.array(spared, { minLength: 0, maxLength: 8 })
    const obstacles = (list: readonly (readonly [Polygon, number])[]) =>
      new Obstacles(
        list.map(([polygon]) => polygon),
        list.map(([, spare]) => spare),
      )
    fc.assert(
      fc.property(some, some, some, (stays, goes, comes) => {
        const before = distanceField(grid, obstacles([...goes, ...stays]))
        const after = obstacles([...stays, ...comes])
        const carried = distanceField(grid, after, before)
        const anew = distanceField(grid, after)
        expect(carried.mm).toEqual(anew.mm)
        carried.nearest.forEach((index, cell) => {
          const [x, y] = cellCentre(grid, cell)
          const least = Math.min(...after.polygons.map((_, at) => after.countedTo(at, x, y)))
          expect(anew.mm[cell]).toBe(least)
          expect(index === -1 ? Infinity : after.countedTo(index, x, y)).toBe(least)
          expect(after.bareDistance(x, y)).toBe(Math.min(...after.polygons.map((_, at) => after.distanceTo(at, x, y))))
        })
      }),
      { numRuns: 40 },
    )
  })

  it('cuts a polygon by a level line where it is inside: a point within the chord, none beyond it', () => {
    fc.assert(
      fc.property(convex, fc.double({ min: 0.02, max: 0.98, noNaN: true }), (polygon, share) => {
        const low = Math.min(...polygon.map(([, y]) => y))
        const high = Math.max(...polygon.map(([, y]) => y))
        const y = low + (high - low) * share
        const chord = chordAt(polygon, 1, y)!
        expect(convexContains(polygon, [(chord.min + chord.max) / 2, y], HAIR_MM)).toBe(true)
        expect(convexContains(polygon, [chord.min - 1, y])).toBe(false)
        expect(convexContains(polygon, [chord.max + 1, y])).toBe(false)
        expect(chordAt(polygon, 1, high + 1)).toBeUndefined()
      }),
    )
  })

  it('refuses what is no grid', () => {
    expect(() => gridOver(0, 0, 0, 10, 5)).toThrow(/0 × 2/)
    expect(() => new WidestPaths(gridOver(0, 0, 10, 10, 5), new Float64Array(4), [9])).toThrow(/outside the grid/)
  })
})

describe('the longest rectangle', () => {
  const box = rectangle(0, 0, 4000, 1500)

  it('in a plain box is the one that geometry gives at each angle', () => {
    // L cos t + w sin t ≤ 4000 and L sin t + w cos t ≤ 1500: plain geometry
    for (const [deg, wide] of [
      [0, 300],
      [10, 300],
      [20, 18],
      [35, 200],
    ] as const) {
      const [s, c] = [Math.sin((deg * Math.PI) / 180), Math.cos((deg * Math.PI) / 180)]
      const byHand = Math.min((4000 - wide * s) / c, s === 0 ? Infinity : (1500 - wide * c) / s)
      expect(longestRectangle(box, [], wide, deg)!.length).toBeCloseTo(byHand, 1)
    }
    expect(longestRectangle(box, [], 1501, 0)).toBeUndefined()
    expect(longestRectangle(box, [], 300, 0, 4001)).toBeUndefined()
  })

  it('keeps clear of what stands in it, and is no shorter than the longest that sampling finds', () => {
    const spot = fc.record({ x: fc.integer({ min: 0, max: 3500 }), y: fc.integer({ min: 0, max: 1300 }) })
    fc.assert(
      fc.property(fc.array(spot, { maxLength: 2 }), fc.integer({ min: -40, max: 40 }), (spots, deg) => {
        const things = spots.map(({ x, y }) => rectangle(x, y, x + 400, y + 180))
        const wide = 250
        const found = longestRectangle(box, things, wide, deg)
        const [c, s] = [Math.cos((deg * Math.PI) / 180), Math.sin((deg * Math.PI) / 180)]
        const at = ([u, v]: readonly [number, number], long: number, half: number): Polygon =>
          rectangle(-long / 2, -half, long / 2, half).map(([a, b]) => [u + a * c - b * s, v + a * s + b * c])
        const fits = (polygon: Polygon) =>
          polygon.every((corner) => convexContains(box, corner, 0.1)) &&
          things.every((thing) => area(intersectConvex(polygon, thing)) < 20)
        if (found !== undefined) expect(fits(at(found.centre, found.length - 0.1, wide / 2 - 0.05))).toBe(true)
        let sampled = 0
        for (let x = 100; x < 4000; x += 150)
          for (let y = 75; y < 1500; y += 75)
            for (let long = sampled + 60; long < 4300 && fits(at([x, y], long, wide / 2)); long += 60) sampled = long
        expect(found?.length ?? 0).toBeGreaterThanOrEqual(sampled - 0.5)
      }),
      { seed: 5, numRuns: 40 },
    )
  })
})

describe('what is left of a stretch', () => {
  it('is what none of the others takes, in order, whatever theirs is', () => {
    const whole = { min: 0, max: 100 }
    const cases: [readonly (readonly [number, number])[], readonly (readonly [number, number])[]][] = [
      [[], [[0, 100]]],
      [
        [[20, 30]],
        [
          [0, 20],
          [30, 100],
        ],
      ],
      [
        [
          [60, 120],
          [-10, 5],
          [50, 70],
        ],
        [[5, 50]],
      ],
      [[[0, 100]], []],
      [
        [
          [10, 40],
          [20, 30],
        ],
        [
          [0, 10],
          [40, 100],
        ],
      ],
    ]
    for (const [taken, left] of cases)
      expect(
        stretchesLeft(
          whole,
          taken.map(([min, max]) => ({ min, max })),
        ).map(({ min, max }) => [min, max]),
      ).toEqual(left)
  })
})

describe('summit', () => {
  it('finds where a function with one summit is highest', () => {
    expect(summit((at) => -((at - 3.2) ** 2), 0, 10, 1e-6)).toBeCloseTo(3.2, 4)
    expect(summit((at) => at, 0, 10, 1e-6)).toBeCloseTo(10, 4)
  })
})
