import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { block, prismBounds, prismsOverlap, type Prism } from '../geometry'
import { askSpace, floorAreaM2, volumeM3 } from '../space'
import { genericShell, GENERIC_SHELLS } from '../shells'
import {
  bodyChangeSchema,
  boxInside,
  changeFaults,
  clearWidth,
  interiorOf,
  longestBoard,
  NO_LINING,
  overlapFaults,
  protrusionOf,
  sectionAt,
  shellSchema,
  throughDoor,
  wallReach,
  wallsAt,
  worstProtrusion,
  type BodyChange,
  type Interior,
  type Shell,
} from './index'

const truck = genericShell('truck-box')
const clear = ({ keepOuts }: Interior, solid: Prism): boolean =>
  !keepOuts.some(({ prism }) => prismsOverlap(prism, solid))
const lining = (floorMm: number, wallMm: number, roofMm: number) => ({ floorMm, wallMm, roofMm })
const flare = (more: Partial<Extract<BodyChange, { kind: 'flare' }>> = {}): BodyChange => ({
  kind: 'flare',
  side: 'left',
  fromMm: 1000,
  toMm: 2000,
  bottomMm: 600,
  topMm: 1100,
  depthMm: 100,
  ...more,
})
const keepOut = (
  id: string,
  from: [number, number, number],
  to: [number, number, number],
): Shell['keepOuts'][number] => ({
  id,
  label: id,
  from,
  to,
  notchable: false,
  what: 'other',
})
const withKeepOuts = (...keepOuts: Shell['keepOuts']): Shell => ({ ...truck, keepOuts })

describe('at the lined floor', () => {
  it.each([
    ['van-medium-high', lining(30, 30, 30)],
    ['van-extra-long-high', lining(37, 40, 30)],
    ['van-long-low', lining(11, 29, 8)],
    ['bus-7m', lining(25, 25, 25)],
    ['bus-9m', lining(25, 25, 25)],
    ['bus-12m', lining(25, 25, 25)],
  ])('%s has both its walls, as just above and just below', (id, lined) => {
    const interior = interiorOf(genericShell(id), lined)
    const width = (z: number) => {
      const { min, max } = wallsAt(interior, 2000, z)!
      expect(max).toBeCloseTo(-min, 6)
      return max - min
    }
    const at = width(lined.floorMm)
    for (const by of [-0.09, -0.01, 0.01, 1]) expect(Math.abs(width(lined.floorMm + by) - at)).toBeLessThan(0.25)
    expect(wallsAt(interior, 2000, lined.floorMm - 1)).toBeUndefined()
  })

  it('a van lined 11/29/8 has the floor that its sides leave: 6.02 m² worked out by trapezoids, not 3.36', () => {
    expect(floorAreaM2(interiorOf(genericShell('van-long-low'), lining(11, 29, 8)))).toBeCloseTo(6.02, 2)
  })

  it('a floor that falls by 2 mm to the middle has walls that begin at its edges', () => {
    const tilted: Shell = {
      ...truck,
      stations: truck.stations.map(({ xMm, left }) => ({
        xMm,
        left: left.map(([y, z], index): [number, number] => (index === 0 ? [0, -2] : [y, z])),
      })),
    }
    expect(shellSchema.safeParse(tilted).success).toBe(true)
    const interior = interiorOf(tilted, NO_LINING)
    expect(wallsAt(interior, 1000, -2)).toEqual({ min: -1050, max: 1050 })
  })
})

describe('where the body steps', () => {
  const flared = interiorOf(truck, NO_LINING, { 'change-a': flare() })

  it('the tighter side counts at the very height and place, and says so', () => {
    const width = (x: number, z: number) => {
      const { min, max } = wallsAt(flared, x, z)!
      return max - min
    }
    expect([width(1500, 600), width(1500, 600.2), width(1500, 1099.8), width(1500, 1100)]).toEqual([
      2100, 2200, 2200, 2100,
    ])
    expect([width(1000, 800), width(1000.2, 800)]).toEqual([2100, 2200])
    expect(askSpace(flared, { ask: 'width', xMm: 1500, zMm: 600 }).because).toMatch(/flare .* tighter side counts/)
    expect(askSpace(flared, { ask: 'width', xMm: 1500, zMm: 700 }).because).not.toMatch(/tighter/)
  })

  it('a band that ends on the step by the last bit of a float lies within it', () => {
    const band = { min: 600 - 1e-9, max: 1100 + 1e-9 }
    expect(wallReach(flared, 'left', { min: 1000 + 1e-9, max: 2000 }, band)!.tightMm).toBe(1150)
    expect(worstProtrusion(flared, block([1000, 1000, 600], [2000, 1150, 1100]))).toBeUndefined()
  })

  it('an arch counts at its very top for a line there, and not for what stands on it', () => {
    const space = interiorOf(withKeepOuts(keepOut('arch-a', [500, 700, 0], [1500, 1050, 300])), NO_LINING)
    const along = { min: 800, max: 1200 }
    expect(clearWidth(space, along, { min: 300, max: 300 })).toBe(700 + 1050)
    expect(clearWidth(space, along, { min: 300, max: 400 })).toBe(2100)
    const question = { ask: 'clear-width', fromMm: 800, toMm: 1200, bottomMm: 300, topMm: 300 } as const
    expect(askSpace(space, question).because).toMatch(/tighter side counts/)
  })
})

describe('what stands proud', () => {
  it('across the centreline leaves the wider side, not both', () => {
    const space = interiorOf(withKeepOuts(keepOut('engine-a', [500, -300, 0], [1500, 200, 400])), NO_LINING)
    expect(clearWidth(space, { min: 600, max: 900 }, { min: 50, max: 200 })).toBe(1050 - 200)
  })

  it('in two that overlap counts once, and so does a flare on a flare of an older document', () => {
    const a = keepOut('box-a', [500, 0, 0], [1500, 500, 400])
    const b = keepOut('box-b', [1000, 200, 200], [2000, 700, 600])
    const empty = volumeM3(interiorOf(withKeepOuts(), NO_LINING))
    const both = interiorOf(withKeepOuts(a, b), NO_LINING)
    // 1000 × 500 × 400 each; together they share 500 × 300 × 200
    expect((empty - volumeM3(both)) * 1e9).toBeCloseTo(2 * 1000 * 500 * 400 - 500 * 300 * 200, 0)
    const floors = interiorOf(withKeepOuts(a, { ...b, from: [1000, 200, 0] }), NO_LINING)
    expect(floorAreaM2(interiorOf(withKeepOuts(), NO_LINING)) - floorAreaM2(floors)).toBeCloseTo(
      (2 * 1000 * 500 - 500 * 300) * 1e-6,
      6,
    )
    const one = volumeM3(interiorOf(truck, NO_LINING, { 'change-a': flare() }))
    const two = volumeM3(interiorOf(truck, NO_LINING, { 'change-a': flare(), 'change-b': flare({ fromMm: 1500 }) }))
    expect(two).toBeCloseTo(one, 9)
  })

  it('before a door shuts it', () => {
    const side = truck.openings.find(({ side }) => side === 'right')!
    const rear = truck.openings.find(({ side }) => side === 'rear')!
    const wall = keepOut('block-a', [side.fromMm - 50, -1050, 0], [side.toMm + 50, -900, 1900])
    expect(throughDoor(interiorOf(withKeepOuts(), NO_LINING), side, 300, 18)!.mm).toBeGreaterThan(2000)
    expect(throughDoor(interiorOf(withKeepOuts(wall), NO_LINING), side, 300, 18)).toBeUndefined()
    const behind = keepOut('block-b', [0, -1050, 0], [100, 1050, 2100])
    expect(throughDoor(interiorOf(withKeepOuts(behind), NO_LINING), rear, 300, 18)).toBeUndefined()
    // half of it shut: what goes in goes in by the other half, as far as what stands further in lets it
    const half = keepOut('block-c', [0, 0, 0], [100, 1050, 2100])
    const far = keepOut('block-d', [3000, -1050, 0], [3100, 0, 2100])
    expect(throughDoor(interiorOf(withKeepOuts(half, far), NO_LINING), rear, 300, 18)!.mm).toBe(3000)
  })
})

describe('faces near 45°', () => {
  const roofAt = (deg: number) => {
    const out = 300 / Math.tan((deg * Math.PI) / 180)
    return [
      [0, 0],
      [1000, 0],
      [1000, 1500],
      [1000 - out, 1800],
      [0, 1800],
    ] as [number, number][]
  }
  const body = (rear: number, front: number): Shell => ({
    ...truck,
    stations: [
      { xMm: 0, left: roofAt(rear) },
      { xMm: 4300, left: roofAt(front) },
    ],
  })
  /** How far the facet’s own face moved in, square to it, at an end of the body. */
  const taken = (shell: Shell, xMm: number, deg: number) => {
    const section = sectionAt(interiorOf(shell, lining(0, 10, 50)), xMm)
    const [y, z] = section[2]!
    const [s, c] = [Math.sin((deg * Math.PI) / 180), Math.cos((deg * Math.PI) / 180)]
    return (1000 - y) * s + (1500 - z) * c
  }

  it('take the lining of their own station, not of the middle one', () => {
    const shell = body(40, 50)
    expect(taken(shell, 0, 40)).toBeCloseTo(50, 3)
    expect(taken(shell, 4300, 50)).toBeCloseTo(10, 3)
  })

  it('change over without a jump', () => {
    let before = taken(body(44, 44), 0, 44)
    for (let deg = 44.01; deg <= 46; deg += 0.01) {
      const now = taken(body(deg, deg), 0, deg)
      expect(Math.abs(now - before)).toBeLessThan(0.5)
      before = now
    }
    expect(before).toBeCloseTo(10, 3)
  })
})

describe('what is refused, with its path', () => {
  const faultsOf = (change: (shell: Shell) => Shell) => {
    const result = shellSchema.safeParse(change(structuredClone(genericShell('van-long-high'))))
    return result.success
      ? ''
      : result.error.issues.map(({ path, message }) => `${path.join('.')}: ${message}`).join('\n')
  }
  const right = (shell: Shell, at: number, z: number): Shell => ({
    ...shell,
    stations: shell.stations.map((station, index) =>
      index === 1
        ? {
            ...station,
            right: station.left.map(([y, height], k): [number, number] => [
              y,
              k === (at < 0 ? station.left.length - 1 : at) ? z : height,
            ]),
          }
        : station,
    ),
  })

  it('halves whose centre points differ', () => {
    expect(faultsOf((shell) => right(shell, 0, -20))).toMatch(/stations\.1\.right: the halves must meet: the floor/)
    expect(faultsOf((shell) => right(shell, -1, 1960))).toMatch(/stations\.1\.right: the halves must meet: the roof/)
    expect(faultsOf((shell) => right(shell, 0, 0))).toBe('')
  })

  it('halves that are whole by themselves and bend inward where they meet', () => {
    const concave = (shell: Shell): Shell => ({
      ...shell,
      stations: shell.stations.map((station) => ({
        ...station,
        left: station.left.map(([y, z], k): [number, number] => (k === station.left.length - 1 ? [0, z - 60] : [y, z])),
      })),
    })
    expect(faultsOf(concave)).toMatch(/bends inward/)
  })

  it('a flare on a flare of the same wall, and nothing that only touches it', () => {
    const others = { 'change-a': flare() }
    expect(overlapFaults('change-b', flare({ fromMm: 1900, toMm: 2500 }), others)[0]).toMatchObject({
      path: ['change-b', 'fromMm'],
      message: 'it would lie on another that is on the left wall from 1000 to 2000',
    })
    for (const fine of [
      flare({ side: 'right' }),
      flare({ fromMm: 2000, toMm: 2500 }),
      flare({ bottomMm: 1100, topMm: 1300 }),
    ])
      expect(overlapFaults('change-b', fine, others)).toEqual([])
    expect(overlapFaults('change-a', flare({ toMm: 2100 }), others)).toEqual([])
  })

  it('nothing at the rear that lies in the body, however far from its middle', () => {
    const cut = { kind: 'window', side: 'rear', fromMm: -900, toMm: -550, sillMm: 900, headMm: 1300 } as const
    expect(bodyChangeSchema.safeParse(cut).success).toBe(true)
    expect(changeFaults(truck, { 'change-a': cut })).toEqual([])
    expect(changeFaults(truck, { 'change-a': { ...cut, fromMm: -1251 } })).toHaveLength(1)
  })
})

describe('between stations of unlike corners', () => {
  const twisted: Shell = {
    ...truck,
    stations: [
      {
        xMm: 0,
        left: [
          [0, 0],
          [800, 0],
          [1000, 300],
          [900, 1200],
          [500, 1700],
          [0, 1750],
        ],
      },
      {
        xMm: 4300,
        left: [
          [0, 0],
          [950, 0],
          [1050, 900],
          [1000, 1500],
          [300, 1900],
          [0, 1920],
        ],
      },
    ],
  }

  it('the tightest and widest reach over a stretch are those of the closest look', () => {
    const interior = interiorOf(twisted, NO_LINING)
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 3000 }),
        fc.integer({ min: 10, max: 1200 }),
        fc.integer({ min: 0, max: 1300 }),
        fc.integer({ min: 0, max: 380 }),
        (from, long, low, high) => {
          const [along, band] = [
            { min: from, max: from + long },
            { min: low, max: low + high },
          ]
          const found = wallReach(interior, 'left', along, band)!
          let [tight, wide] = [Infinity, -Infinity]
          for (let i = 0; i <= 60; i += 1)
            for (let j = 0; j <= 20; j += 1) {
              const y = wallsAt(interior, from + (long * i) / 60, low + (high * j) / 20)!.max
              tight = Math.min(tight, y)
              wide = Math.max(wide, y)
            }
          expect(found.tightMm).toBeLessThanOrEqual(tight + 1e-6)
          expect(found.wideMm).toBeGreaterThanOrEqual(wide - 1e-6)
          expect(found.tightMm).toBeGreaterThan(tight - 2)
          expect(found.wideMm).toBeLessThan(wide + 8)
        },
      ),
      { seed: 11, numRuns: 150 },
    )
  })

  it.each(GENERIC_SHELLS.map(({ id }) => [id]))('%s holds a block exactly when it holds its slices', (id) => {
    const interior = interiorOf(genericShell(id), lining(20, 25, 30))
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 900 }),
        fc.integer({ min: 100, max: 800 }),
        fc.integer({ min: 300, max: 1300 }),
        (x, long, high) => {
          const { max } = wallsAt(interior, x, 200)!
          const solid = block([x, max - 200, 50], [x + long, max - 20, high])
          const whole = worstProtrusion(interior, solid)?.byMm ?? 0
          let slices = 0
          const { y, z } = prismBounds(solid)
          for (let i = 0; i < 40; i += 1) {
            const at = x + (long * i) / 40
            const one = worstProtrusion(interior, block([at, y.min, z.min], [at + long / 40, y.max, z.max]))
            slices = Math.max(slices, one?.byMm ?? 0)
          }
          // the quick answer is none that the slow one would not give
          const quick = protrusionOf(interior, solid)?.byMm ?? 0
          expect(quick).toBe(whole)
          expect(boxInside(interior, { x: { min: x, max: x + long }, y, z })).toBe(
            whole === 0 && clear(interior, solid),
          )
          return Math.abs(whole - slices) < 1e-6 || (whole < 0.11 && slices < 0.11)
        },
      ),
      { seed: 12, numRuns: 30 },
    )
    expect(interior.sections.length).toBeGreaterThan(1)
  })
})

describe.each(['straight', 'curved'] as const)('under a %s raised roof', (shape) => {
  const roof: BodyChange = { kind: 'raised-roof', fromMm: 600, toMm: 2600, widthMm: 1300, riseMm: 400, shape }
  const interior = interiorOf(genericShell('van-medium-high'), lining(30, 30, 30), { 'change-roof': roof })

  it('a wall is as far out over a band as at the tightest and widest of its heights', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 700, max: 2000 }),
        fc.integer({ min: 10, max: 500 }),
        fc.integer({ min: 1500, max: 2250 }),
        fc.integer({ min: 0, max: 400 }),
        (from, long, low, high) => {
          const found = wallReach(interior, 'left', { min: from, max: from + long }, { min: low, max: low + high })
          let [tight, wide] = [Infinity, -Infinity]
          for (let i = 0; i <= 20; i += 1)
            for (let j = 0; j <= 40; j += 1) {
              const y = wallsAt(interior, from + (long * i) / 20, low + (high * j) / 40)?.max ?? -Infinity
              tight = Math.min(tight, y)
              wide = Math.max(wide, y)
            }
          if (tight === -Infinity) {
            expect(found).toBeUndefined()
            return
          }
          expect(found!.tightMm).toBeCloseTo(tight, 3)
          expect(found!.wideMm).toBeGreaterThanOrEqual(wide - 1e-6)
          expect(found!.wideMm).toBeLessThan(wide + 8)
        },
      ),
      { seed: 13, numRuns: 200 },
    )
  })

  it('the clear width is that between its sides, and none where a part of it lies under the old roof', () => {
    const at = (from: number, to: number) => clearWidth(interior, { min: from, max: to }, { min: 1950, max: 1950 })
    const { min, max } = wallsAt(interior, 1500, 1950)!
    expect(at(1400, 1600)).toBeCloseTo(max - min, 6)
    expect(at(1400, 1600)).toBeGreaterThan(1000)
    expect(at(500, 1600)).toBe(0)
  })

  it('the longest board lies under it no shorter than without it', () => {
    const plain = interiorOf(genericShell('van-medium-high'), lining(30, 30, 30))
    for (const [wide, thick] of [
      [1000, 18],
      [1600, 18],
    ] as const)
      expect(longestBoard(interior, wide, thick)!.mm).toBeGreaterThanOrEqual(longestBoard(plain, wide, thick)!.mm)
  })
})

it('two raised roofs are two rooms: no board lies from one to the other above the old roof', () => {
  const raised = (fromMm: number, toMm: number): BodyChange => ({
    kind: 'raised-roof',
    fromMm,
    toMm,
    widthMm: 1300,
    riseMm: 400,
    shape: 'straight',
  })
  const one = { 'change-a': raised(200, 1400) }
  const shell = genericShell('van-medium-high')
  const both = interiorOf(shell, lining(30, 30, 30), { ...one, 'change-b': raised(1500, 2600) })
  const [plain, single] = [interiorOf(shell, lining(30, 30, 30)), interiorOf(shell, lining(30, 30, 30), one)]
  const longest = (interior: Interior): number => longestBoard(interior, 600, 18)!.mm
  expect(longest(both)).toBeGreaterThanOrEqual(longest(plain))
  expect(longest(both)).toBeGreaterThanOrEqual(longest(single) - 1)
})
