import { describe, expect, it } from 'vitest'
import { intersection, type Geom } from 'polyclip-ts'
import { BODY_FRACTIONS } from '../people'
import {
  defaultsOf,
  kindOf,
  KINDS,
  ridesAt,
  stanceAt,
  type LocalClearance,
  type LocalLying,
  type Parameters,
} from '../fittings'
import { area, block, prismBounds, prismsOverlap, type Polygon } from '../geometry'

/** Clearances held against figures that are worked out without this program. */
const clearance = (
  kindId: string,
  id: string,
  parameters: Record<string, unknown> = {},
  stance?: string,
): LocalClearance => {
  const kind = kindOf(kindId)
  const values = { ...defaultsOf(kind), ...parameters } as Parameters
  return kind.clearances(values, stance ?? kind.stances[0]).find((one) => one.id === id)!
}
const ringArea = (rings: readonly (readonly (readonly (readonly number[])[])[])[]): number =>
  rings.reduce(
    (sum, polygon) =>
      sum +
      polygon.reduce((inner, ring, index) => {
        const one = area(ring.slice(0, -1).map(([x, y]) => [x!, y!] as const))
        return inner + (index === 0 ? one : -one)
      }, 0),
    0,
  )
const closed = (polygon: Polygon): Geom => [[...polygon, polygon[0]!].map(([x, y]): [number, number] => [x, y])]

describe('what moving parts sweep, against the analytic sector', () => {
  // area of a sector: r² · angle / 2; the arc is inscribed in steps of 7.5°, at most 0.3 % short
  it.each([
    ['a door of 540, a quarter turn', 'cold-box', 'door', { lengthMm: 540 }, 540, 90],
    ['a door of 600 that opens only 30°', 'wardrobe', 'door', { lengthMm: 600 }, 600, 30],
    ['a flap of 280 over a locker', 'locker', 'flap', { heightMm: 300 }, 280, 90],
    ['an oven’s door of 340, dropped', 'oven', 'flap', { heightMm: 340 }, 340, 90],
    ['a chest’s lid of 420', 'cold-chest', 'lid', { depthMm: 420 }, 420, 90],
    ['a bench’s lid of 480, half up', 'bench-side', 'lid', { depthMm: 480 }, 480, 45],
  ])('%s', (_what, kind, id, parameters, radius, deg) => {
    const stance = kind === 'cold-chest' ? 'out-to-the-front' : undefined
    const swept = area(clearance(kind, id, parameters, stance).upTo(deg).profile)
    const sector = (radius * radius * deg * Math.PI) / 180 / 2
    expect(swept / sector).toBeGreaterThan(0.997)
    expect(swept).toBeLessThanOrEqual(sector)
  })

  it('a table on an arm of 350 with a top of 700 × 450 sweeps a quarter of a circle of its furthest corner', () => {
    // the foot's axis is 50 from the wall; along the wall the top's outer corner is 350 + 350 along and 10 + 450 − 50 out
    const reach = Math.hypot(350 + 700 / 2, 10 + 450 - 50)
    const swept = area(clearance('table-arm', 'sweep').upTo(90).profile)
    expect(swept / ((Math.PI * reach * reach) / 4)).toBeCloseTo(1, 2)
  })

  it('no part of a top on its arm leaves the circle that it sweeps', () => {
    const kind = kindOf('table-arm')
    const parameters = defaultsOf(kind)
    const reach = clearance('table-arm', 'sweep').upTo(90)
    const radius = Math.max(...reach.profile.map(([x, y]) => Math.hypot(x, y - (225 - 50))))
    for (const stance of kind.stances)
      for (const { id, prism } of kind.solids(parameters, stance))
        if (id === 'top')
          for (const [x, y] of prism.profile) expect(Math.hypot(x, y - (225 - 50))).toBeLessThanOrEqual(radius + 0.01)
  })
})

describe('doors and drawers against a polygon library', () => {
  // polyclip-ts: the shared area of two outlines in plan is there exactly where the prisms are said to overlap
  it('finds a leaf and a block in one place where the library finds shared area', () => {
    const door = clearance('wardrobe', 'door', { lengthMm: 600, depthMm: 500 }).upTo(90)
    let met = 0
    for (let step = 0; step < 60; step += 1) {
      const [x, y] = [-500 + ((step * 173) % 900), -950 + ((step * 97) % 700)]
      const other = block([x, y, 100], [x + 120, y + 90, 900])
      const shared = ringArea(intersection(closed(door.profile), closed(other.profile)) as never)
      const meets = prismsOverlap(door, other)
      if (shared > 200) expect(meets).toBe(true)
      if (shared === 0) expect(meets).toBe(false)
      met += Number(meets)
    }
    expect(met).toBeGreaterThan(5)
    expect(met).toBeLessThan(55)
  })

  it('runs a drawer out over exactly its width times its run', () => {
    const pull = clearance('drawer-unit', 'drawer', { lengthMm: 500, depthMm: 600, extension: 0.9 })
    expect(pull.need).toBeCloseTo(540)
    expect(area(pull.upTo(pull.need).profile)).toBeCloseTo(500 * 540)
    const puller = clearance('drawer-unit', 'puller', { lengthMm: 500, depthMm: 600, extension: 0.9 })
    // who pulls it stands behind it: 250 more than its run, common practice
    expect(puller.need - pull.need).toBe(250)
    const shared = ringArea(
      intersection(closed(pull.upTo(540).profile), closed(puller.upTo(puller.need).profile)) as never,
    )
    expect(shared).toBeCloseTo(500 * 540)
  })
})

describe('counter height', () => {
  // Grandjean, Fitting the Task to the Man (from memory): standing light work 100 to 150 mm below the elbow;
  // elbow 0.630 of stature, Drillis & Contini 1966 (from memory)
  it('stands by default where a cook of 1.60 to 1.66 m wants it, and can be set for 1.35 m to 1.98 m', () => {
    const galleys = KINDS.filter(({ id }) => /^galley(-(basin|drawers|doors|bin|hob))?$/.test(id))
    expect(galleys).toHaveLength(6)
    const wanted = (statureMm: number) => [
      statureMm * BODY_FRACTIONS.elbow - 150,
      statureMm * BODY_FRACTIONS.elbow - 100,
    ]
    for (const kind of galleys) {
      const { worktopMm } = defaultsOf(kind) as { worktopMm: number }
      for (const stature of [1600, 1660]) {
        const [low, high] = wanted(stature) as [number, number]
        expect(worktopMm).toBeGreaterThanOrEqual(low)
        expect(worktopMm).toBeLessThanOrEqual(high)
      }
      for (const stature of [1350, 1980]) {
        const [low, high] = wanted(stature) as [number, number]
        expect(kind.parameters.safeParse({ worktopMm: Math.round((low + high) / 2) }).success).toBe(true)
      }
    }
  })
})

const sizeOf = ({ x, y, along }: LocalLying) => {
  const [long, wide] = along === 'x' ? [x, y] : [y, x]
  return { lengthMm: long.max - long.min, widthMm: wide.max - wide.min }
}

it('a lid swings about its own edge: as long as its bench at an end, as deep at its back, and straight up where it lifts off', () => {
  const swept = (lid: string) =>
    prismBounds(
      clearance('bench-side', 'lid', { lid, lengthMm: 600, depthMm: 400, cushionMm: 80, seatMm: 450 }).upTo(90),
    )
  expect(swept('back')).toMatchObject({ x: { min: -300, max: 300 }, z: { min: 370, max: 770 } })
  // 600 long, a quarter turn about the left end: all of its length up
  expect(swept('left')).toMatchObject({ x: { min: -300 }, y: { min: -200, max: 200 }, z: { min: 370, max: 970 } })
  const { x, z } = swept('right')
  for (const [is, was] of [
    [x.max, 300],
    [z.min, 370],
    [z.max, 970],
  ] as const)
    expect(is).toBeCloseTo(was, 6)
  const off = clearance('bench-side', 'lid', { lid: 'lifts-off' })
  expect([off.unit, off.need]).toEqual(['mm', 300])
})

it('an awning that goes round the corner shades beside and behind, and none without', () => {
  const cloths = (roundMm: number) =>
    kindOf('awning')
      .solids({ ...defaultsOf(kindOf('awning')), lengthMm: 2600, outMm: 2000, roundMm }, 'out')
      .filter(({ id }) => id !== 'case')
      .map(({ id, prism }) => [id, area(prism.axis === 'z' ? prism.profile : []) / 1e6])
  expect(cloths(0)).toEqual([['cloth', 5.2]])
  // 2.6 by 2 beside, and 2 by 1.5 + 2 behind
  expect(cloths(1500)).toEqual([
    ['cloth', 5.2],
    ['corner-cloth', 7],
  ])
})

it('a lift bed stops at any height, is a bed at each but where it is raised, and moves as long as it is far', () => {
  const kind = kindOf('bed-lift')
  const p = {
    ...defaultsOf(kind),
    dayMm: 1350,
    upperMm: 1100,
    lowerMm: 850,
    nightMm: 650,
    mattressMm: 120,
    mmPerSecond: 20,
  }
  const tops = kind.stances.map((stance) => [
    stance,
    kind.services(p, stance).find(({ type }) => type === 'berth')?.lying?.zMm,
  ])
  expect(tops).toEqual([
    ['raised', undefined],
    ['lowered', 770],
    ['upper-stop', 1220],
    ['lower-stop', 970],
  ])
  // 250 mm at 20 mm a second are 12.5 s
  expect(kind.change(p, 'raised', 'upper-stop').minutes).toBeCloseTo(12.5 / 60)
  expect(kind.change(p, 'raised', 'lowered').minutes).toBeCloseTo(35 / 60)
  // at any height of its own, that its rails and its drive allow: 1600 − 120 at most, 150 at least
  expect(stanceAt(936.4)).toBe('at-936')
  expect(kind.services(p, 'at-936').find(({ type }) => type === 'berth')?.lying?.zMm).toBe(936 + 120)
  expect(ridesAt({ kind: kind.id, parameters: p }, 'at-2000')).toEqual({ mm: 1480, minMm: 150, maxMm: 1480 })
  expect(ridesAt({ kind: 'bed-fixed', parameters: {} }, 'made-up')).toBeUndefined()
  expect(kind.change(p, 'at-936', 'lowered').minutes).toBeCloseTo(286 / 20 / 60)
})

describe('mattresses', () => {
  // Common US mattress sizes in mm, from memory: twin 38 × 75 in, full 54 × 75, short queen 60 × 75, queen 60 × 80, king 76 × 80;
  // small double 1200 × 1900.
  const SIZES = [
    ['twin', 965, 1905],
    ['small double', 1200, 1900],
    ['full', 1372, 1905],
    ['short queen', 1524, 1905],
    ['queen', 1524, 2032],
    ['king', 1930, 2032],
  ] as const
  it.each(SIZES)('a fixed bed can be made for a %s', (_name, widthMm, lengthMm) => {
    const kind = kindOf('bed-fixed')
    const { lying } = kind
      .services(kind.parameters.parse({ widthMm, lyingMm: lengthMm }) as Parameters, 'made')
      .find(({ type }) => type === 'berth')!
    expect([sizeOf(lying!), lying!.zMm]).toEqual([{ lengthMm, widthMm }, 820])
  })

  it('a child’s sofa of 1500 × 600 opens to 900; a minivan’s bed of 1980 lies wider than a twin and narrower than a full', () => {
    const lying = (id: string, stance: string, given: Record<string, unknown> = {}) =>
      sizeOf(
        kindOf(id)
          .services({ ...defaultsOf(kindOf(id)), ...given } as Parameters, stance)
          .find(({ type }) => type === 'berth')!.lying!,
      )
    expect(lying('sofa-extend', 'bed')).toEqual({ lengthMm: 1500, widthMm: 900 })
    const minivan = lying('seat-bed', 'bed', { bedMm: 1980 })
    expect(minivan.lengthMm).toBe(1980)
    expect(minivan.widthMm).toBeGreaterThan(965)
    expect(minivan.widthMm).toBeLessThan(1372)
  })

  it('heads lie where the pillows are drawn, at either end of every bed', () => {
    let drawn = 0
    for (const kind of KINDS)
      for (const head of 'head' in defaultsOf(kind) ? ['back', 'front'] : [undefined])
        for (const stance of kind.stances) {
          const given = { ...defaultsOf(kind), ...(head === undefined ? {} : { head }) } as Parameters
          const lying = kind.services(given, stance).find(({ lying: one }) => one !== undefined)?.lying
          const soft = kind
            .features(given, stance)
            .flatMap(({ view, filled, shape }) =>
              view === 'top' && filled === true && shape.kind === 'polygon' ? [shape.points] : [],
            )
          if (lying === undefined || soft.length === 0) continue
          const axis = lying.along === 'x' ? 0 : 1
          const span = lying[lying.along]
          for (const points of soft) {
            const middle = points.reduce((sum, point) => sum + point[axis], 0) / points.length
            const high = middle > (span.min + span.max) / 2
            expect(high, `${kind.id} ${stance} ${head ?? ''}`).toBe(lying.head === 'high')
            drawn += 1
          }
        }
    expect(drawn).toBeGreaterThan(20)
  })

  it('every berth lies on something: its surface is the top of a solid of that stance', () => {
    for (const kind of KINDS)
      for (const stance of kind.stances)
        for (const { lying } of kind.services(defaultsOf(kind), stance)) {
          if (lying === undefined) continue
          const tops = kind.solids(defaultsOf(kind), stance).map(({ prism }) => prismBounds(prism).z.max)
          expect(
            tops.some((top) => Math.abs(top - lying.zMm) < 0.2),
            `${kind.id} ${stance}`,
          ).toBe(true)
        }
  })
})
