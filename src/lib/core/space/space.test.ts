import {
  boxInside,
  clearWidth,
  depthAt,
  fullSection,
  heightsAt,
  interiorOf,
  liningSchema,
  longestBoard,
  NO_LINING,
  offsetSection,
  shellSchema,
  throughDoor,
  wallsAt,
  widestAcross,
  withLayers,
  withTotal,
  worstProtrusion,
  type Shell,
} from '../shell'
import { Clipper, EndType, JoinType } from 'clipper2-ts'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { area, block, prismBounds, prismsOverlap, type Box, type Vec2 } from '../geometry'
import {
  askSpace,
  ceilingAreaM2,
  floorAreaM2,
  roofLiningFor,
  spaceQuestionSchema,
  stripOf,
  volumeM3,
  type SpaceQuestion,
} from './index'
import { draftShell, genericShell, GENERIC_SHELLS } from '../shells'

const van = genericShell('van-long-high')
const lining = { floorMm: 37, wallMm: 30, roofMm: 25 }
/** A plain box, 4300 × 2100 × 2160, without its corners cut. */
const crate: Shell = {
  ...genericShell('truck-box'),
  keepOuts: [],
  stations: [0, 4300].map((xMm) => ({
    xMm,
    left: [
      [0, 0],
      [1050, 0],
      [1050, 2160],
      [0, 2160],
    ],
  })),
}
const empty = interiorOf(crate, NO_LINING)

describe('the program’s own shells', () => {
  it.each(GENERIC_SHELLS.map((shell) => [shell.id, shell] as const))(
    '%s agrees with itself and is read back whole',
    (_id, shell) => {
      const read = shellSchema.safeParse(JSON.parse(JSON.stringify(shell)))
      expect(read.success ? read.data : read.error.issues).toEqual(shell)
    },
  )

  it('are of every class that is asked for', () => {
    const count = (bodyClass: string) => GENERIC_SHELLS.filter((shell) => shell.bodyClass === bodyClass).length
    expect(['panel-van', 'compact-van', 'minivan', 'minibus', 'bus', 'box-truck'].map(count)).toEqual([
      6, 1, 1, 1, 3, 2,
    ])
    const has = (test: (shell: Shell) => boolean) => GENERIC_SHELLS.filter(test).map(({ id }) => id)
    expect(has(({ keepOuts }) => keepOuts.some(({ what }) => what === 'lift'))).toEqual(['bus-12m', 'bus-9m'])
    expect(
      has(({ openings }) => openings.some(({ side, opens }) => side === 'roof' && opens === 'fixed-window')),
    ).toEqual(['minivan-glass-roof'])
    expect(has(({ ribs, bodyClass }) => bodyClass === 'bus' && ribs.roofMm > 0)).toHaveLength(3)
    expect(genericShell('minibus-16').loadSeats).toHaveLength(15)
  })

  it('a 7 m bus takes just under three sheets of 2440 × 1220 for its ceiling (common practice, no source)', () => {
    const sheets = ceilingAreaM2(interiorOf(genericShell('bus-7m'), lining)) / (2.44 * 1.22)
    expect(sheets).toBeGreaterThan(2.6)
    expect(sheets).toBeLessThan(3)
  })

  it('start from four numbers in every class', () => {
    for (const { bodyClass } of GENERIC_SHELLS) {
      const draft = draftShell('draft-a', 'Draft', bodyClass, {
        lengthMm: 3000,
        widthMm: 1800,
        heightMm: 1700,
        archFromMm: 600,
      })
      expect(shellSchema.safeParse(draft).error?.issues ?? []).toEqual([])
      const bare = interiorOf(draft, NO_LINING)
      expect(heightsAt(bare, 1500, 0)!.max).toBeCloseTo(1700, 9)
      expect(bare.xSpan.max).toBe(3000)
    }
    expect(() =>
      draftShell('draft-a', 'Draft', 'bus', { lengthMm: 0, widthMm: 1, heightMm: 1, archFromMm: 1 }),
    ).toThrow(/lengthMm must be positive, got 0/)
  })
})

describe('sections against Clipper2', () => {
  it.each(GENERIC_SHELLS.map((shell) => [shell.id, shell] as const))(
    '%s: an even lining leaves the area that Clipper2 leaves',
    (_id, shell) => {
      for (const station of shell.stations) {
        const bare = fullSection(station.left, station.right ?? station.left)
        for (const mm of [20, 45, 80]) {
          const ours = area(
            offsetSection(
              bare,
              bare.map(() => mm),
            ),
          )
          const path = bare.map(([x, y]) => ({ x, y }))
          const theirs = Clipper.inflatePathsD([path], -mm, JoinType.Miter, EndType.Polygon, 100, 3)
          expect(ours / Math.abs(Clipper.areaPathsD(theirs))).toBeCloseTo(1, 5)
        }
      }
    },
  )
})

/** In hundredths of a body's length, and millimetres across and up. */
const someBox = fc.record({
  x: fc.integer({ min: -1, max: 95 }),
  long: fc.integer({ min: 1, max: 50 }),
  y: fc.integer({ min: -1100, max: 700 }),
  wide: fc.integer({ min: 20, max: 1200 }),
  z: fc.integer({ min: 0, max: 1500 }),
  high: fc.integer({ min: 20, max: 900 }),
})

describe('boxInside', () => {
  it.each(GENERIC_SHELLS.map((shell) => [shell.id, shell] as const))('%s: agrees with the slow way', (_id, shell) => {
    const space = interiorOf(shell, lining)
    let inside = 0
    fc.assert(
      fc.property(someBox, ({ x, long, y, wide, z, high }) => {
        const at = (share: number) => (space.xSpan.max * share) / 100
        const box: Box = {
          x: { min: at(x), max: at(x + long) },
          y: { min: y, max: y + wide },
          z: { min: z, max: z + high },
        }
        const solid = block([box.x.min, box.y.min, box.z.min], [box.x.max, box.y.max, box.z.max])
        const slow =
          worstProtrusion(space, solid) === undefined &&
          !space.keepOuts.some(({ prism }) => prismsOverlap(prism, solid))
        if (slow) inside += 1
        return boxInside(space, box) === slow || (worstProtrusion(space, solid)?.byMm ?? 0) < 0.5
      }),
      { seed: 31, numRuns: 600 },
    )
    expect(inside).toBeGreaterThan(10)
  })
})

describe('widestAcross', () => {
  it('is never less than any place tried, and is one', () => {
    const space = interiorOf(van, lining)
    const run = fc.check(
      fc.property(
        fc.integer({ min: 0, max: 2500 }),
        fc.integer({ min: 300, max: 1700 }),
        fc.integer({ min: 300, max: 1400 }),
        fc.integer({ min: 150, max: 1300 }),
        (from, room, long, bottom) => {
          const along = { min: from, max: from + room }
          const band = { min: bottom, max: bottom + 120 }
          const found = widestAcross(space, along, long, band)
          if (long > room) return found === undefined
          const tried = Array.from({ length: 40 }, (_, step) => from + ((room - long) * step) / 39).map((x) =>
            clearWidth(space, { min: x, max: x + long }, band),
          )
          return (
            found !== undefined &&
            found.mm >= Math.max(...tried) - 1e-6 &&
            clearWidth(space, { min: found.fromMm, max: found.fromMm + long }, band) === found.mm
          )
        },
      ),
      { seed: 32, numRuns: 40 },
    )
    expect(run.counterexample).toBeNull()
  })
})

describe('boards', () => {
  it('lie corner to corner in a plain box as a rectangle lies in a rectangle', () => {
    // A rectangle L × w fits in A × B at an angle t when L cos t + w sin t ≤ A and L sin t + w cos t ≤ B (plain geometry).
    const most = (a: number, b: number, w: number) =>
      Math.max(
        ...Array.from({ length: 45_000 }, (_, step) => {
          const radians = (step / 1000) * (Math.PI / 180)
          const [s, c] = [Math.sin(radians), Math.cos(radians)]
          return Math.min((a - w * s) / c, s === 0 ? Infinity : (b - w * c) / s)
        }),
      )
    for (const [wide, thick] of [
      [300, 18],
      [600, 40],
    ] as const) {
      const best = Math.max(
        most(4300, 2100, wide),
        most(4300, 2100, thick),
        most(4300, 2160, thick),
        most(4300, 2160, wide),
      )
      expect(Math.abs(longestBoard(empty, wide, thick)!.mm - best)).toBeLessThan(1.1)
    }
    expect(longestBoard(empty, 2500, 2300)).toBeUndefined()
  })

  it('go in straight through the rear, slanted through the side, and not where their section does not pass', () => {
    const [rear, side] = crate.openings
    expect(throughDoor(empty, rear!, 300, 18)).toEqual({ mm: 4300, path: 'straight', angleDeg: 90 })
    for (const shell of GENERIC_SHELLS) {
      const door = shell.openings.find((one) => one.side === 'rear')!
      const lined = interiorOf(shell, { floorMm: 27, wallMm: 30, roofMm: 35 })
      const length = lined.xSpan.max - lined.xSpan.min
      expect(throughDoor(lined, door, 300, 40)).toEqual({ mm: Math.floor(length), path: 'straight', angleDeg: 90 })
    }
    expect(throughDoor(empty, rear!, 1950, 1950)).toBeUndefined()
    const found = throughDoor(empty, side!, 300, 18)!
    expect(found.path).toBe('slanted-in')
    // put there, its tail just inside the jamb, it stands within the box: checked on its own corners
    const [s, c] = [Math.sin((found.angleDeg * Math.PI) / 180), Math.cos((found.angleDeg * Math.PI) / 180)]
    const across = 18
    const corners: Vec2[] = [
      [4020, -1050],
      [4020 - found.mm * c, -1050 + found.mm * s],
      [4020 - found.mm * c - across * s, -1050 + found.mm * s - across * c],
    ]
    for (const [x, y] of corners) {
      expect(x).toBeGreaterThan(-1)
      expect(Math.abs(y)).toBeLessThan(1050 + across + 1)
    }
    expect((4020 - 3240) * s).toBeGreaterThanOrEqual(across + 40 * c)
    // square in, it could be no longer than the body is wide
    expect(found.mm).toBeGreaterThan(2100)
  })
})

describe('what is left', () => {
  it('of a carcass at each height, on a wall that leans by 100 over 1000, by hand', () => {
    const leaning: Shell = {
      ...crate,
      stations: [0, 4300].map((xMm) => ({
        xMm,
        left: [
          [0, 0],
          [1000, 0],
          [800, 2000],
          [0, 2000],
        ],
      })),
    }
    const space = interiorOf(leaning, NO_LINING)
    const along = { min: 500, max: 1500 }
    // a worktop at 900 that is 500 deep: at the floor the wall is 90 further out, at 1400 it is 50 further in
    expect(depthAt(space, 'left', along, 900, 500, 0)).toBeCloseTo(590, 9)
    expect(depthAt(space, 'right', along, 900, 500, 900)).toBeCloseTo(500, 9)
    expect(depthAt(space, 'left', along, 900, 500, 1400)).toBeCloseTo(450, 9)
    expect(depthAt(space, 'left', along, 900, 500, 2500)).toBeUndefined()
    // trapezoid (2000 + 1600) / 2 × 2000 × 4300
    expect(volumeM3(space)).toBeCloseTo(3.6 * 4.3, 9)
    expect(floorAreaM2(space)).toBeCloseTo(2 * 4.3, 9)
    expect(ceilingAreaM2(space)).toBeCloseTo(1.6 * 4.3, 9)
  })

  it('less what stands proud: two blocks of 870 × 200 × 310 within the walls', () => {
    const arches: Shell = {
      ...crate,
      keepOuts: (['left', 'right'] as const).map((side) => ({
        id: `arch-${side}`,
        label: side,
        what: 'wheel-arch',
        notchable: true,
        from: [800, side === 'left' ? 850 : -1100, 0],
        to: [1670, side === 'left' ? 1100 : -850, 310],
      })),
    }
    const space = interiorOf(arches, NO_LINING)
    expect(volumeM3(empty) - volumeM3(space)).toBeCloseTo(2 * 0.87 * 0.2 * 0.31, 9)
    expect(floorAreaM2(empty) - floorAreaM2(space)).toBeCloseTo(2 * 0.87 * 0.2, 9)
  })

  it('by counting sampled points of the van within a hundredth', () => {
    const space = interiorOf(van, lining)
    let held = 0
    const [nx, ny, nz] = [60, 60, 60]
    for (let i = 0; i < nx; i += 1)
      for (let j = 0; j < ny; j += 1)
        for (let k = 0; k < nz; k += 1) {
          const [x, y, z] = [((i + 0.5) / nx) * 4250, -1000 + ((j + 0.5) / ny) * 2000, ((k + 0.5) / nz) * 2000]
          const walls = wallsAt(space, x, z)
          const proud = space.keepOuts.some(({ prism }) => {
            const bounds = prismBounds(prism)
            return (
              x > bounds.x.min &&
              x < bounds.x.max &&
              y > bounds.y.min &&
              y < bounds.y.max &&
              z > bounds.z.min &&
              z < bounds.z.max
            )
          })
          if (walls !== undefined && y > walls.min && y < walls.max && !proud) held += 1
        }
    const sampled = (held / (nx * ny * nz)) * 4.25 * 2 * 2
    expect(volumeM3(space) / sampled).toBeGreaterThan(0.99)
    expect(volumeM3(space) / sampled).toBeLessThan(1.01)
  })

  it('for standing: 1880 + 20 mm under 1960 less 37 of floor leaves 23 mm for the roof', () => {
    const box: Shell = {
      ...crate,
      stations: crate.stations.map(({ xMm }) => ({
        xMm,
        left: [
          [0, 0],
          [1050, 0],
          [1050, 1960],
          [0, 1960],
        ],
      })),
    }
    const space = (roofMm: number) => interiorOf(box, { floorMm: 37, wallMm: 30, roofMm })
    expect(roofLiningFor(space, 2000, 0, 1900, 150)).toBeCloseTo(23, 1)
    expect(roofLiningFor(space, 2000, 0, 1000, 150)).toBe(150)
    expect(roofLiningFor(space, 2000, 0, 1990, 150)).toBeUndefined()
  })

  it('along a strip', () => {
    const cells = stripOf(empty, { topMm: 700, mattressMm: 100, wideMm: 1200 }, 100)
    expect(cells).toHaveLength(43)
    expect(cells[20]).toEqual({ xMm: 2050, standMm: 2160, acrossMm: 2100, sitUpMm: 1360 })
  })
})

const QUESTIONS: readonly SpaceQuestion[] = [
  { ask: 'width', xMm: 2000, zMm: 700 },
  { ask: 'height', xMm: 2000, yMm: 300 },
  { ask: 'clear-width', fromMm: 500, toMm: 1900, bottomMm: 700, topMm: 820 },
  { ask: 'widest-across', fromMm: 0, toMm: 2500, longMm: 1200, bottomMm: 700, topMm: 820 },
  { ask: 'volume' },
  { ask: 'floor-area' },
]
const values = (shell: Shell, lined: typeof lining) => {
  const space = interiorOf(shell, lined)
  return QUESTIONS.map((question) => askSpace(space, question).value ?? 0)
}

describe('questions', () => {
  it.each([
    [{ ask: 'width', xMm: 2000, zMm: 2500 }, /no walls/],
    [{ ask: 'height', xMm: 2000, yMm: 1900 }, /outside the walls/],
    [{ ask: 'clear-width', fromMm: 900, toMm: 800, bottomMm: 0, topMm: 9 }, /before it starts/],
    [{ ask: 'widest-across', fromMm: 0, toMm: 900, longMm: 1200, bottomMm: 700, topMm: 800 }, /nothing 1200 long/],
    [{ ask: 'through-door', opening: 'door-none', wideMm: 100, thickMm: 20 }, /there are door-rear, door-slide/],
    [{ ask: 'longest-board', wideMm: 3000, thickMm: 3000 }, /no board/],
  ] as const)('%j has no answer, and says why', (asked, words) => {
    const answer = askSpace(interiorOf(van, lining), asked)
    expect(answer.value).toBeNull()
    expect(answer.because).toMatch(words)
  })

  it('are refused when they are none', () => {
    expect(spaceQuestionSchema.safeParse({ ask: 'colour' }).success).toBe(false)
    expect(spaceQuestionSchema.safeParse({ ask: 'width', xMm: 1e308, zMm: 0 }).success).toBe(false)
  })

  it('a thicker lining grows no answer (floor area apart: a raised floor may lie where the body is wider)', () => {
    const some = fc.record({
      floorMm: fc.integer({ min: 0, max: 75 }),
      wallMm: fc.integer({ min: 0, max: 75 }),
      roofMm: fc.integer({ min: 0, max: 75 }),
    })
    const run = fc.check(
      fc.property(fc.constantFrom(...GENERIC_SHELLS), some, some, (shell, thin, more) => {
        const thick = {
          floorMm: thin.floorMm + more.floorMm,
          wallMm: thin.wallMm + more.wallMm,
          roofMm: thin.roofMm + more.roofMm,
        }
        const [before, after] = [values(shell, thin), values(shell, thick)]
        return QUESTIONS.every(({ ask }, index) => ask === 'floor-area' || after[index]! <= before[index]! + 0.11)
      }),
      { seed: 33, numRuns: 60 },
    )
    expect(run.counterexample).toBeNull()
  })

  it('a mirrored body gives mirrored answers', () => {
    const lopsided: Shell = {
      ...van,
      stations: van.stations.map((station) => ({
        ...station,
        right: station.left.map(([y, z]): [number, number] => [Math.round(y * 0.9), z]),
      })),
    }
    const mirrored: Shell = {
      ...van,
      stations: lopsided.stations.map(({ xMm, left, right }) => ({ xMm, left: right!, right: left })),
    }
    const [a, b] = [interiorOf(lopsided, lining), interiorOf(mirrored, lining)]
    for (const x of [100, 700, 2000, 4000])
      for (const z of [100, 700, 1500]) {
        const [one, other] = [wallsAt(a, x, z)!, wallsAt(b, x, z)!]
        expect(one.min).toBeCloseTo(-other.max, 9)
        expect(one.max).toBeCloseTo(-other.min, 9)
      }
    expect(volumeM3(a)).toBeCloseTo(volumeM3(b), 9)
  })
})

describe('lining by layers', () => {
  const roof = [
    { material: 'polyester', mm: 40 },
    { material: 'birch-ply', mm: 3 },
  ] as const

  it('adds up to its total, or is refused with the sum', () => {
    const made = withLayers(lining, 'roof', roof)
    expect(made.roofMm).toBe(43)
    expect(liningSchema.safeParse(made).success).toBe(true)
    const wrong = liningSchema.safeParse({ ...made, roofMm: 50 })
    expect(wrong.success ? '' : wrong.error.issues[0]!.message).toBe('the layers add up to 40 + 3 = 43 mm, not 50')
    expect(withTotal(made, 'roof', 20)).toEqual({ ...lining, roofMm: 20 })
    expect(withTotal(withLayers(made, 'floor', [{ material: 'xps', mm: 30 }]), 'roof', 20).layers).toEqual({
      floor: [{ material: 'xps', mm: 30 }],
    })
  })
})
