import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { block, prismBounds, type Prism, type Span } from '../geometry'
import {
  BODY_CHANGE_KINDS,
  bodyChangeSchema,
  changedShell,
  changeFaults,
  changeLimits,
  clearWidth,
  heightsAt,
  interiorOf,
  lowestRoof,
  newChange,
  NO_LINING,
  wallReach,
  wallsAt,
  protrusionOf,
  worstProtrusion,
  type BodyChange,
  type BodyChanges,
  type Interior,
} from './index'
import { spaceTable } from '../space'
import { genericShell, GENERIC_SHELLS } from '../shells'

const van = genericShell('van-long-high')
const truck = genericShell('truck-box')
const lining = { floorMm: 37, wallMm: 30, roofMm: 25 }
const flare = (side: 'left' | 'right', depthMm = 100, more: Partial<BodyChange> = {}): BodyChange =>
  ({ kind: 'flare', side, fromMm: 100, toMm: 1700, bottomMm: 600, topMm: 1100, depthMm, ...more }) as BodyChange
const both: BodyChanges = { 'flare-a': flare('left'), 'flare-b': flare('right') }
const roof: BodyChanges = {
  'roof-a': { kind: 'raised-roof', fromMm: 500, toMm: 3500, widthMm: 1300, riseMm: 400, shape: 'straight' },
}

describe('flares', () => {
  it('make room across for 1.85 m where a bare van has none (common practice, no source: about 100 mm a side)', () => {
    const bed = [
      { min: 200, max: 1500 },
      { min: 700, max: 820 },
    ] as const
    const needed = 1850 + 50
    expect(clearWidth(interiorOf(van, lining), ...bed)).toBeLessThan(needed)
    const flared = clearWidth(interiorOf(van, lining, both), ...bed)
    expect(flared).toBeGreaterThanOrEqual(needed)
    expect(flared).toBeCloseTo(clearWidth(interiorOf(van, lining), ...bed) + 200, 6)
  })

  it('begin and end inside their own lining, by hand on an upright wall', () => {
    const space = interiorOf(truck, { floorMm: 0, wallMm: 30, roofMm: 0 }, { 'flare-a': flare('left', 80) })
    // wall at 1050 − 30 = 1020; the pocket runs from 130 to 1670 along and from 630 to 1070 in height
    expect(wallsAt(space, 800, 800)).toEqual({ min: -1020, max: 1100 })
    expect(wallsAt(space, 120, 800)!.max).toBe(1020)
    expect(wallsAt(space, 800, 620)!.max).toBe(1020)
    expect(heightsAt(space, 800, 1050)).toEqual({ min: 630, max: 1070 })
    expect(wallReach(space, 'left', { min: 500, max: 1000 }, { min: 600, max: 900 })).toMatchObject({
      tightMm: 1020,
      wideMm: 1100,
    })
    expect(worstProtrusion(space, block([200, 0, 640], [1600, 1095, 1060]))).toBeUndefined()
    expect(worstProtrusion(space, block([200, 0, 640], [1600, 1105, 1060]))).toMatchObject({
      face: 'wall-left',
      byMm: 5,
    })
    expect(worstProtrusion(space, block([200, 0, 600], [1600, 1095, 1060]))).toMatchObject({ byMm: 75 })
    expect(worstProtrusion(space, block([100, 0, 640], [1600, 1095, 1060]))).toMatchObject({ byMm: 75 })
  })
})

describe('a raised roof', () => {
  it('gives its rise within its edges, its sides lined as walls', () => {
    const space = interiorOf(truck, { floorMm: 0, wallMm: 30, roofMm: 20 }, roof)
    // roof at 2160 − 20 = 2140, raised by 400 for |y| ≤ 650 − 30 and x from 530 to 3470
    expect(heightsAt(space, 1000, 0)!.max).toBeCloseTo(2540, 6)
    expect(heightsAt(space, 1000, 640)!.max).toBeLessThan(2141)
    expect(heightsAt(space, 520, 0)!.max).toBeCloseTo(2140, 6)
    expect(lowestRoof(space, { min: 600, max: 3000 }, { min: -600, max: 600 })).toBeGreaterThan(2530)
    expect(lowestRoof(space, { min: 400, max: 3000 }, { min: -600, max: 600 })).toBeLessThan(2141)
    const walls = wallsAt(space, 1000, 2400)!
    expect([walls.min, walls.max]).toEqual([-620, 620])
    expect(worstProtrusion(space, block([600, -600, 0], [3000, 600, 2530]))).toBeUndefined()
    expect(worstProtrusion(space, block([600, -640, 0], [3000, 600, 2530]))).toMatchObject({ face: 'roof' })
    expect(worstProtrusion(space, block([400, -600, 0], [3000, 600, 2530]))).toMatchObject({ face: 'roof' })
    expect(worstProtrusion(space, block([600, -1010, 0], [3000, 1010, 1900]))).toBeUndefined()
  })

  it('that is curved gives its whole rise in the middle and half of it at its edge, never more', () => {
    const curved: BodyChanges = { 'roof-a': { ...roof['roof-a']!, shape: 'curved' } as BodyChange }
    const space = interiorOf(truck, NO_LINING, curved)
    const rise = (y: number) => heightsAt(space, 1000, y)!.max - heightsAt(interiorOf(truck, NO_LINING), 1000, y)!.max
    for (const y of [0, 100, 250, 400, 600]) {
      const share = y / 650
      expect(rise(y)).toBeLessThanOrEqual(400 * (1 - (share * share) / 2) + 1e-6)
    }
    expect(rise(0)).toBeCloseTo(400, 6)
    expect(rise(325)).toBeCloseTo(400 * (1 - 0.25 / 2), 6)
    expect(rise(640)).toBeCloseTo(400 * (1 - (640 / 650) ** 2 / 2), 6)
  })
})

describe('changes and the body', () => {
  it('blank a window, cut a hatch, open the bulkhead', () => {
    const changed = changedShell(truck, {
      'cut-a': { kind: 'window', side: 'left', fromMm: 1000, toMm: 1600, sillMm: 900, headMm: 1300 },
      'door-a': { kind: 'bulkhead-door' },
    })
    expect(changed.openings.map(({ id }) => id)).toContain('cut-a')
    expect(changed.bulkhead.wayThrough).toBe(true)
    expect(interiorOf(truck, lining, { 'door-a': { kind: 'bulkhead-door' } }).xSpan.max).toBe(4300)
    const blanked = changedShell(van, { 'blank-a': { kind: 'window-blanked', opening: 'window-left' } })
    expect(blanked.openings.map(({ id }) => id)).not.toContain('window-left')
    expect(changedShell(van, {})).toBe(van)
  })

  it.each([
    [{ kind: 'flare', side: 'left', fromMm: 900, toMm: 300, bottomMm: 600, topMm: 900, depthMm: 100 }, /more than 900/],
    [{ kind: 'flare', side: 'left', fromMm: 0, toMm: 300, bottomMm: 600, topMm: 500, depthMm: 100 }, /more than 600/],
    [{ kind: 'flare', side: 'left', fromMm: 0, toMm: 300, bottomMm: 600, topMm: 900, depthMm: 900 }, /250/],
    [{ kind: 'spoiler' }, /Invalid/],
  ])('refuse %j', (change, words) => {
    const result = bodyChangeSchema.safeParse(change)
    expect(result.success ? '' : result.error.issues.map(({ message }) => message).join()).toMatch(words)
  })

  it('say by name what does not belong to this body', () => {
    expect(
      changeFaults(van, {
        'flare-a': flare('left', 100, { toMm: 9000 } as Partial<BodyChange>),
        'blank-a': { kind: 'window-blanked', opening: 'window-none' },
        'flare-b': flare('right'),
      }).map(({ path, message }) => `${path.join('.')}: ${message}`),
    ).toEqual([
      'flare-a.fromMm: goes from 100 to 9000; the body from 0 to 4250',
      'blank-a.opening: there is no opening “window-none” in this body',
    ])
  })
})

describe('newChange', () => {
  it.each(GENERIC_SHELLS.map((shell) => [shell.id, shell] as const))(
    'every kind goes with %s as it comes',
    (_id, shell) => {
      for (const kind of BODY_CHANGE_KINDS) {
        const change = newChange(kind, shell)
        expect(bodyChangeSchema.safeParse(change).error?.issues ?? []).toEqual([])
        expect(changeFaults(shell, { 'change-a': change })).toEqual([])
        for (const [key, { min, max }] of Object.entries(changeLimits(shell, change))) {
          const value = (change as unknown as Record<string, unknown>)[key]
          if (typeof value !== 'number') continue
          for (const edge of [min, value, max])
            expect(changeFaults(shell, { 'change-a': { ...change, [key]: edge } as BodyChange })).toEqual([])
          expect(bodyChangeSchema.safeParse({ ...change, [key]: min }).error?.issues ?? []).toEqual([])
          expect(bodyChangeSchema.safeParse({ ...change, [key]: max }).error?.issues ?? []).toEqual([])
        }
      }
    },
  )
})

describe('properties', () => {
  const someFlare = fc
    .record({
      side: fc.constantFrom('left', 'right'),
      fromMm: fc.integer({ min: 0, max: 2500 }),
      long: fc.integer({ min: 100, max: 1600 }),
      bottomMm: fc.integer({ min: 100, max: 1200 }),
      high: fc.integer({ min: 100, max: 600 }),
      depthMm: fc.integer({ min: 20, max: 250 }),
    })
    .map(({ long, high, ...rest }): BodyChange => ({
      kind: 'flare',
      ...rest,
      toMm: rest.fromMm + long,
      topMm: rest.bottomMm + high,
    }))
  const someRoof = fc
    .record({
      fromMm: fc.integer({ min: 0, max: 2500 }),
      long: fc.integer({ min: 200, max: 1700 }),
      widthMm: fc.integer({ min: 400, max: 1700 }),
      riseMm: fc.integer({ min: 50, max: 600 }),
      shape: fc.constantFrom('straight', 'curved'),
    })
    .map(({ long, ...rest }): BodyChange => ({ kind: 'raised-roof', ...rest, toMm: rest.fromMm + long }))
  const someChanges = fc
    .array(fc.oneof(someFlare, someRoof), { minLength: 1, maxLength: 3 })
    .map((list): BodyChanges => Object.fromEntries(list.map((change, index) => [`change-${index}`, change])))
  const someBlock = fc
    .tuple(
      fc.integer({ min: 0, max: 4200 }),
      fc.integer({ min: -1200, max: 1100 }),
      fc.integer({ min: 30, max: 2300 }),
      fc.integer({ min: 20, max: 1500 }),
      fc.integer({ min: 20, max: 1900 }),
      fc.integer({ min: 20, max: 1500 }),
    )
    .map(([x, y, z, l, w, h]): Prism => block([x, y, z], [x + l, y + w, z + h]))

  it('adding a flare or raising a roof never shrinks an answer', () => {
    fc.assert(
      fc.property(someChanges, fc.integer({ min: 0, max: 4200 }), someBlock, (changes, x, solid) => {
        const rows = spaceTable(van, lining, x)
        const grown = spaceTable(van, lining, x, changes).every(
          (row, index) => row.linedMm >= rows[index]!.linedMm - 1e-6,
        )
        const before = worstProtrusion(interiorOf(van, lining), solid)
        const after = worstProtrusion(interiorOf(van, lining, changes), solid)
        return grown && (before !== undefined || after === undefined)
      }),
      { seed: 21, numRuns: 300 },
    )
    expect(spaceTable(van, lining, 1000, roof).find(({ id }) => id === 'height')!.linedMm).toBeCloseTo(1873 + 400, 0)
  })

  it('tells quickly what it tells slowly', () => {
    let out = 0
    fc.assert(
      fc.property(someChanges, someBlock, (changes, solid) => {
        const space = interiorOf(van, lining, changes)
        const slow = worstProtrusion(space, solid)
        if (slow !== undefined) out += 1
        expect(protrusionOf(space, solid)).toEqual(slow)
      }),
      { seed: 22, numRuns: 400 },
    )
    expect(out).toBeGreaterThan(40)
    expect(out).toBeLessThan(390)
  })

  /** Whether a point is in the body or in a pocket, read off the walls and heights alone. */
  const holdsPoint = (space: Interior, x: number, y: number, z: number): boolean => {
    const walls = wallsAt(space, x, z)
    const heights = heightsAt(space, x, y)
    return (
      (walls !== undefined && y >= walls.min && y <= walls.max) ||
      (heights !== undefined && z >= heights.min && z <= heights.max)
    )
  }

  /** Small blocks about where walls and roof are, so that many lie partly in a pocket. */
  const atTheSkin = fc
    .tuple(
      fc.integer({ min: 0, max: 2600 }),
      fc.oneof(
        fc.tuple(fc.constantFrom(1, -1), fc.integer({ min: 780, max: 1000 }), fc.integer({ min: 200, max: 1500 })),
        fc.tuple(fc.constantFrom(1, -1), fc.integer({ min: 0, max: 500 }), fc.integer({ min: 1700, max: 2200 })),
      ),
      fc.integer({ min: 20, max: 400 }),
      fc.integer({ min: 20, max: 150 }),
      fc.integer({ min: 20, max: 250 }),
    )
    .map(([x, [sign, y, z], l, w, h]): Prism => block([x, sign * y - w / 2, z], [x + l, sign * y + w / 2, z + h]))

  it('a block is inside exactly when every sampled point of it is', () => {
    let inPocket = 0
    /** Sampled a whisker inside the block, and hard by the edges of every pocket. */
    const stops = (range: Span, edges: readonly Span[]): readonly number[] => [
      ...Array.from({ length: 5 }, (_, step) => range.min + 0.2 + ((range.max - range.min - 0.4) * step) / 4),
      ...edges
        .flatMap(({ min, max }) => [min - 1.2, min + 0.2, max - 0.2, max + 1.2])
        .filter((at) => at > range.min + 0.2 && at < range.max - 0.2),
    ]
    fc.assert(
      fc.property(someChanges, fc.oneof(someBlock, atTheSkin, atTheSkin), (changes, solid) => {
        const space = interiorOf(van, lining, changes)
        const worst = worstProtrusion(space, solid)
        const { x, y, z } = prismBounds(solid)
        const of = (axis: 'x' | 'y' | 'z') =>
          space.pockets.flatMap((pocket) => {
            const edge = (pocket as unknown as Record<string, Span | undefined>)[axis]
            return edge === undefined ? [] : [edge]
          })
        const outside =
          x.max > space.xSpan.max + 0.2 ||
          stops(x, of('x')).some((px) =>
            stops(y, of('y')).some((py) => stops(z, of('z')).some((pz) => !holdsPoint(space, px, py, pz))),
          )
        if (worst === undefined && worstProtrusion(interiorOf(van, lining), solid) !== undefined) inPocket += 1
        return worst === undefined ? !outside : worst.byMm < 2 || outside
      }),
      { seed: 22, numRuns: 1200 },
    )
    expect(inPocket).toBeGreaterThan(20)
  })
})
