import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { area, block, prismBounds, prismCorners, type Polygon, type Prism } from '../geometry'
import {
  clearWidth,
  heightsAt,
  interiorOf,
  liningTop,
  lowestRoof,
  NO_LINING,
  offsetSection,
  sectionAt,
  shellSchema,
  wallReach,
  wallsAt,
  worstProtrusion,
} from './index'
import { spaceTable } from '../space'
import { genericShell, GENERIC_SHELLS } from '../shells'

const van = genericShell('van-long-high')
const truck = genericShell('truck-box')
const lining = { floorMm: 37, wallMm: 30, roofMm: 25 }

/** Point in polygon by counting crossings: knows nothing of convexity. */
function holds(polygon: Polygon, y: number, z: number): boolean {
  let inside = false
  polygon.forEach(([y0, z0], index) => {
    const [y1, z1] = polygon[(index + 1) % polygon.length]!
    if (z0 > z !== z1 > z && y < y0 + ((y1 - y0) * (z - z0)) / (z1 - z0)) inside = !inside
  })
  return inside
}

describe('lining', () => {
  it('offsets a trapezoid as the hand does', () => {
    // Floor 1800, roof 1400, height 1800, walls leaning in by 200 over 1800: normal offset of 50 takes
    // 50 · √(200² + 1800²) / 1800 = 50.308 mm level from each wall. Floor 40 up, roof 30 down. Worked by hand.
    const trapezoid: Polygon = [
      [-900, 0],
      [900, 0],
      [700, 1800],
      [-700, 1800],
    ]
    const lined = offsetSection(trapezoid, [40, 50, 30, 50])
    const level = (50 * Math.hypot(200, 1800)) / 1800
    const wallAt = (z: number) => 900 - (200 * z) / 1800 - level
    expect(level).toBeCloseTo(50.308, 3)
    const byHand: Polygon = [
      [-wallAt(40), 40],
      [wallAt(40), 40],
      [wallAt(1770), 1770],
      [-wallAt(1770), 1770],
    ]
    lined.forEach((corner, index) => {
      expect(corner[0]).toBeCloseTo(byHand[index]![0], 6)
      expect(corner[1]).toBeCloseTo(byHand[index]![1], 6)
    })
    expect(area(lined)).toBeCloseTo((wallAt(40) + wallAt(1770)) * 1730, 3)
  })

  it('lets an edge vanish and keeps the count of corners', () => {
    const chamfered: Polygon = [
      [0, 0],
      [1000, 0],
      [1000, 990],
      [990, 1000],
      [0, 1000],
    ]
    const lined = offsetSection(chamfered, [0, 100, 0, 100, 0])
    expect(lined).toHaveLength(5)
    expect(area(lined)).toBeCloseTo(900 * 900, 6)
  })

  it('throws when nothing is left', () => {
    expect(() =>
      offsetSection(
        [
          [0, 0],
          [100, 0],
          [100, 100],
          [0, 100],
        ],
        [60, 60, 60, 60],
      ),
    ).toThrow(/no room/)
  })

  it('takes what it should from each figure of the box truck', () => {
    const rows = Object.fromEntries(spaceTable(truck, lining, 2150).map((row) => [row.id, [row.bareMm, row.linedMm]]))
    expect(rows).toEqual({
      length: [4300, 4270],
      'width-floor': [2100, 2040],
      'width-600': [2100, 2040],
      'width-1200': [2100, 2040],
      height: [2160, 2098],
    })
  })

  it('takes more than its thickness, level, from a leaning wall', () => {
    const row = spaceTable(van, lining, 2000).find(({ id }) => id === 'width-1200')!
    // Between 900 and 1500 the wall leans in by 68 in 600: 30 · √(68² + 600²) / 600 = 30.19 a side.
    expect(row.bareMm).toBeCloseTo(2 * (914 - 34), 6)
    expect(row.bareMm - row.linedMm).toBeCloseTo(2 * ((30 * Math.hypot(68, 600)) / 600), 6)
  })
})

describe('questions', () => {
  const interior = interiorOf(van, lining)

  it('a sleeper of 1.85 m does not fit across an ordinary panel van (common practice, no source)', () => {
    const width = clearWidth(interior, { min: 200, max: 1500 }, { min: 700, max: 820 })
    expect(width).toBeGreaterThan(1600)
    expect(width).toBeLessThan(1850 + 50)
  })

  it('counts wheel arches in a clear width where they stand', () => {
    expect(clearWidth(interior, { min: 900, max: 1600 }, { min: 50, max: 200 })).toBe(2 * 690)
    expect(clearWidth(interior, { min: 1800, max: 2600 }, { min: 50, max: 200 })).toBeGreaterThan(1700)
    expect(clearWidth(interior, { min: 1800, max: 2600 }, { min: 50, max: 2500 })).toBe(0)
  })

  it('knows height, roof and floor', () => {
    const bare = interiorOf(van, NO_LINING)
    expect(heightsAt(bare, 2000, 0)).toEqual({ min: 0, max: 1935 })
    expect(heightsAt(bare, 250, 0)!.max).toBeCloseTo((1890 + 1935) / 2, 9)
    expect(liningTop(interior, 2000)).toBeCloseTo(37, 9)
    expect(lowestRoof(bare, { min: 0, max: 500 }, { min: -310, max: 310 })).toBeLessThanOrEqual(1880)
    expect(heightsAt(bare, 2000, 2000)).toBeUndefined()
    expect(wallsAt(bare, 2000, 900)!.min).toBeCloseTo(-914, 9)
    const reach = wallReach(bare, 'left', { min: 600, max: 3000 }, { min: 350, max: 900 })!
    expect(reach.tightMm).toBeCloseTo(914, 9)
    expect(reach.wideMm).toBeCloseTo(924, 9)
  })

  const block3 = fc
    .tuple(
      fc.integer({ min: -200, max: 4200 }),
      fc.integer({ min: -1100, max: 1000 }),
      fc.integer({ min: -40, max: 1900 }),
      fc.integer({ min: 20, max: 1500 }),
      fc.integer({ min: 20, max: 1500 }),
      fc.integer({ min: 20, max: 1500 }),
    )
    .map(([x, y, z, l, w, h]): Prism => block([x, y, z], [x + l, y + w, z + h]))

  it.each(GENERIC_SHELLS.map((shell) => [shell.id, shell] as const))(
    'says inside exactly when every sampled point is inside: %s',
    (_id, shell) => {
      const space = interiorOf(shell, lining)
      let inside = 0
      fc.assert(
        fc.property(block3, (solid) => {
          const { x, y, z } = prismBounds(solid)
          const worst = worstProtrusion(space, solid)
          let furthest = false
          for (let i = 0; i <= 8; i += 1) {
            const sx = x.min + ((x.max - x.min) * i) / 8
            const section = sectionAt(space, sx)
            const beyond = sx < space.xSpan.min - 0.2 || sx > space.xSpan.max + 0.2
            for (let j = 0; j <= 8; j += 1)
              for (let k = 0; k <= 8; k += 1) {
                // sampled a whisker inside the block, so that a touch does not count
                const sy = y.min + 0.2 + ((y.max - y.min - 0.4) * j) / 8
                const sz = z.min + 0.2 + ((z.max - z.min - 0.4) * k) / 8
                if (beyond || !holds(section, sy, sz)) furthest = true
              }
          }
          if (worst === undefined) inside += 1
          return worst === undefined ? !furthest : worst.byMm < 1 || furthest
        }),
        { seed: 7, numRuns: 1500 },
      )
      expect(inside).toBeGreaterThan(20)
    },
  )

  it('names the face that is broken and by how much', () => {
    const bare = interiorOf(truck, NO_LINING)
    expect(worstProtrusion(bare, block([100, 0, 0], [200, 1070, 500]))).toMatchObject({ face: 'wall-left', byMm: 20 })
    expect(worstProtrusion(bare, block([100, 0, -15], [200, 500, 500]))).toMatchObject({ face: 'floor', byMm: 15 })
    expect(worstProtrusion(bare, block([4200, 0, 0], [4340, 500, 500]))).toMatchObject({ face: 'front', byMm: 40 })
    expect(worstProtrusion(bare, block([0, -1050, 0], [4300, 1050, 2080]))).toBeUndefined()
  })

  it('a thicker lining never grows any answer (but the width at the floor: a raised floor may lie where the body is wider)', () => {
    const lining = fc.record({
      floorMm: fc.integer({ min: 0, max: 80 }),
      wallMm: fc.integer({ min: 0, max: 80 }),
      roofMm: fc.integer({ min: 0, max: 80 }),
    })
    fc.assert(
      fc.property(lining, lining, fc.integer({ min: 0, max: 4200 }), (a, extra, x) => {
        const b = {
          floorMm: a.floorMm + extra.floorMm,
          wallMm: Math.min(150, a.wallMm + extra.wallMm),
          roofMm: a.roofMm + extra.roofMm,
        }
        const thin = spaceTable(van, a, x)
        return spaceTable(van, b, x).every(
          (row, index) => row.id === 'width-floor' || row.linedMm <= thin[index]!.linedMm + 1e-6,
        )
      }),
      { seed: 8, numRuns: 200 },
    )
    expect(prismCorners(block([0, 0, 0], [1, 1, 1]))).toHaveLength(8)
  })
})

describe('shellSchema', () => {
  const broken = (change: (shell: ReturnType<typeof structuredClone<typeof van>>) => void) => {
    const copy = structuredClone(van)
    change(copy)
    const result = shellSchema.safeParse(copy)
    return result.success ? [] : result.error.issues.map((issue) => `${issue.path.join('.')}: ${issue.message}`)
  }

  it.each([
    [
      'stations out of order',
      (shell: typeof van) => void (shell.stations[1]!.xMm = -10),
      /stations\.1\.xMm: stations run forward/,
    ],
    [
      'a section that bends inward',
      (shell: typeof van) => void (shell.stations[0]!.left[3] = [600, 900]),
      /stations\.0\.left: .*bends inward/,
    ],
    [
      'a section without width',
      (shell: typeof van) =>
        void (shell.stations[0]!.left = [
          [0, 0],
          [100, 0],
          [100, 950],
          [0, 950],
        ]),
      /same number of points|under 900/,
    ],
    ['an opening back to front', (shell: typeof van) => void (shell.openings[1]!.toMm = 100), /openings\.1\.toMm/],
    [
      'no entrance',
      (shell: typeof van) => shell.openings.forEach((opening) => void (opening.entrance = false)),
      /openings: one opening/,
    ],
    ['masses the wrong way round', (shell: typeof van) => void (shell.masses.grossKg = 1000), /masses\.grossKg/],
    ['an id used twice', (shell: typeof van) => void (shell.keepOuts[1]!.id = 'arch-left'), /keepOuts\.1\.id/],
    [
      'an id that is a prototype’s',
      (shell: typeof van) => void (shell.keepOuts[1]!.id = '__proto__'),
      /keepOuts\.1\.id/,
    ],
  ])('refuses %s with its path', (_what, change, words) => expect(broken(change).join('\n')).toMatch(words))
})
