import { describe, expect, it } from 'vitest'
import { defaultsOf, KINDS, type Seat } from '../fittings'
import type { Plan } from '../job'
import { interiorOf, wallsAt } from '../shell'
import { genericShell } from '../shells'
import { buildScene, snapsFor, tapeOf, typedOnTape, wallDistance } from './index'

const lining = { floorMm: 37, wallMm: 30, roofMm: 25 }
const modes: Plan['modes'] = { 'mode-day': { name: 'Day', purpose: 'living', order: 0, stances: {} } }

const planWith = (kind: (typeof KINDS)[number], seat: Seat, parameters = {}): Plan => ({
  lining,
  changes: {},
  modes,
  fittings: { 'fit-a': { kind: kind.id, parameters: { ...defaultsOf(kind), ...parameters }, seat } },
})

const seatAt = (from: Seat['across']['from'], turn: Seat['turn'], up: Seat['up']['from'], mm = 0): Seat => ({
  along: { from: 'rear', mm: 400 },
  across: { from, mm },
  up: { from: up, mm: 0 },
  turn,
  mirrored: false,
})

describe('the distance to a wall', () => {
  it('is the one that a fitting was seated by, and the one that an edge is drawn to', () => {
    const interior = interiorOf(genericShell('van-long-high'), lining)
    for (const kind of KINDS) {
      const { lengthMm, depthMm, heightMm } = kind.footprint(defaultsOf(kind))
      const scene = buildScene(interior, planWith(kind, seatAt('left-wall', 0, 'floor', 120)), 'mode-day')
      const placed = scene.placed[0]!
      const { x, y, z } = placed.bounds
      const fills =
        Math.abs(x.max - x.min - lengthMm) < 0.01 &&
        Math.abs(y.max - y.min - depthMm) < 0.01 &&
        Math.abs(z.max - z.min - heightMm) < 0.01
      if (!fills) continue
      const left = tapeOf(scene, placed).find(({ id }) => id === 'left')!
      expect([kind.id, left.mm.toFixed(1)]).toEqual([kind.id, '120.0'])
      const [snap] = snapsFor(scene, placed, { y: 118 }, 5)
      expect([kind.id, snap]).toMatchObject([kind.id, { to: { kind: 'wall', id: 'left' } }])
      expect(snap!.byMm).toBeCloseTo(2, 6)
    }
  })

  it('of a low box beside a leaning wall is its gap at the height where the wall comes closest', () => {
    // wall of the bare van at 0 is 890 out, at 350 it is 924: a box of 300 is closest at its foot
    const interior = interiorOf(genericShell('van-long-high'), { floorMm: 0, wallMm: 0, roofMm: 0 })
    const crate = KINDS.find(({ id }) => id === 'lid-chest')!
    const seat = seatAt('left-wall', 90, 'floor', 60)
    const plan = planWith(crate, { ...seat, along: { from: 'rear', mm: 1500 } }, { heightMm: 300 })
    const scene = buildScene(interior, plan, 'mode-day')
    const row = tapeOf(scene, scene.placed[0]!).find(({ id }) => id === 'left')!
    expect(row.mm).toBeCloseTo(60, 6)
    expect(row.atMm).toBe(0)
    expect(scene.placed[0]!.bounds.y.max).toBeCloseTo(890 - 60, 1)
  })

  it('that no tape shows is refused with its limits', () => {
    const interior = interiorOf(genericShell('van-long-high'), lining)
    const plan = planWith(
      KINDS.find(({ id }) => id === 'water-tank')!,
      seatAt('left-wall', 0, 'floor'),
    )
    const scene = buildScene(interior, plan, 'mode-day')
    const rear = tapeOf(scene, scene.placed[0]!).find(({ id }) => id === 'rear')!
    expect(() => typedOnTape(scene, plan, scene.placed[0]!, rear, 18_500)).toThrow(/from -2500 to 14000 mm, not 18500/)
    expect(() => typedOnTape(scene, plan, scene.placed[0]!, rear, NaN)).toThrow(RangeError)
  })

  it.each(['straight', 'curved'] as const)('is asked of a %s raised roof where a thing hangs under it', (shape) => {
    const changes: Plan['changes'] = {
      'change-roof': { kind: 'raised-roof', fromMm: 200, toMm: 2600, widthMm: 1300, riseMm: 400, shape },
    }
    const interior = interiorOf(genericShell('van-medium-high'), lining, changes)
    for (const kind of KINDS) {
      if (kind.footprint(defaultsOf(kind)).lengthMm > 1800) continue
      for (const from of ['left-wall', 'right-wall'] as const) {
        const plan = { ...planWith(kind, seatAt(from, 0, 'roof', 10)), changes }
        const scene = buildScene(interior, plan, 'mode-day')
        const placed = scene.placed[0]!
        const wall = wallDistance(
          interior,
          from === 'left-wall' ? 'left' : 'right',
          placed.bounds.x,
          placed.bounds.z,
          placed.measuredAt,
        )
        // at the very height that it names, the body itself says the same
        const walls = wallsAt(interior, (placed.bounds.x.min + placed.bounds.x.max) / 2, wall!.atMm)
        expect([kind.id, walls === undefined]).toEqual([kind.id, false])
        expect([kind.id, wall!.referenceMm <= Math.min(walls!.max, -walls!.min) + 0.1]).toEqual([kind.id, true])
        const row = tapeOf(scene, placed).find(({ id }) => id === (from === 'left-wall' ? 'left' : 'right'))!
        const seat = typedOnTape(scene, plan, placed, row, 60)
        if (seat === undefined) continue
        const there = buildScene(
          interior,
          { ...plan, fittings: { 'fit-a': { ...plan.fittings['fit-a']!, seat } } },
          'mode-day',
        )
        const read = tapeOf(there, there.placed[0]!).find(({ id }) => id === row.id)!.mm
        expect([kind.id, Math.abs(read - 60) <= 0.06]).toEqual([kind.id, true])
      }
    }
  })
})
