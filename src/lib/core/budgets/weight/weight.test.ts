import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { defaultsOf, kindOf, KINDS, massesOf, massOf, solidsOf } from '../../fittings'
import { prismBounds, unionOf } from '../../geometry'
import { apply, SETTING_OUT, type Command, type Job, type Loading } from '../../job'
import { materialOf, massOfBlock } from '../../materials'
import { reviewVariant } from '../../review'
import { person, put, truck, variant } from '../../../../../tests/support/plan'
import { liveMargins } from '../live'
import { frontShareOf, leftShareOf, WHEELS, wheelSharesOf } from './statics'
import { weightReport, type WeightReport } from './report'

const now = ({ limits }: WeightReport, id: string): number => limits.find((limit) => limit.id === id)!.now
const gear = (id: string, massKg: number, more: Record<string, unknown> = {}): Command => ({
  type: 'gear.put',
  id,
  gear: { label: id, sizeMm: [500, 400, 300], count: 1, massKg, ...more },
})
const tank = (x: number, from: 'left-wall' | 'right-wall' | 'centreline' = 'left-wall', more: object = {}): Command =>
  put('fit-tank', 'water-tank', x, from, { lengthMm: 600, depthMm: 400, heightMm: 300 }, more)
const entry = (report: WeightReport, id: string) => report.entries.find((one) => one.id === id)!

describe('two-axle statics', () => {
  // plain mechanics: m·a/L on the front axle and m·(1 − a/L) on the rear
  it('puts a mass on its axles by its distance ahead of the rear one', () => {
    const axles = { rearXMm: 1255, wheelbaseMm: 3680, trackMm: 1790 }
    expect(88 * frontShareOf(axles, [420, 0, 0])).toBeCloseTo((88 * (420 - 1255)) / 3680)
    // 88 kg go 600 mm forward at a wheelbase of 3680: 14.3 kg off the rear axle
    const rear = (x: number) => 88 * (1 - frontShareOf(axles, [x, 0, 0]))
    expect(rear(420) - rear(1020)).toBeCloseTo(14.35, 2)
    // a rack on the doors, 300 behind the sill, lifts the front axle
    expect(frontShareOf(axles, [-300, 0, 0])).toBeLessThan(0)
    expect(frontShareOf(axles, [1255 + 3680, 0, 0])).toBe(1)
  })

  it('keeps mass and moment, wherever a mass is', () => {
    const place = fc.tuple(fc.integer({ min: -900, max: 7000 }), fc.integer({ min: -1100, max: 1100 }), fc.constant(0))
    fc.assert(
      fc.property(
        place,
        fc.integer({ min: 1500, max: 6500 }),
        fc.integer({ min: 1200, max: 2200 }),
        (at, wheelbaseMm, trackMm) => {
          const axles = { rearXMm: 1000, wheelbaseMm, trackMm }
          const [fl, fr, rl, rr] = wheelSharesOf(axles, trackMm, at)
          expect(fl + fr + rl + rr).toBeCloseTo(1, 9)
          expect(fl + fr).toBeCloseTo(frontShareOf(axles, at), 9)
          expect(fl + rl).toBeCloseTo(leftShareOf(trackMm, at), 9)
          // moments about the rear axle, and about the centreline
          expect((fl + fr) * wheelbaseMm).toBeCloseTo(at[0] - 1000, 6)
          expect(((fl + rl - fr - rr) * trackMm) / 2).toBeCloseTo(at[1], 6)
        },
      ),
      { seed: 18, numRuns: 300 },
    )
  })
})

describe('the masses of fittings', () => {
  it.each(KINDS.map((kind) => [kind.id, kind] as const))(
    '%s: all of it, and within its outline, in every stance',
    (_id, kind) => {
      const made = { kind: kind.id, parameters: defaultsOf(kind) }
      for (const stance of kind.stances) {
        const lumps = massesOf(made, stance)
        expect(lumps.reduce((sum, { kg }) => sum + kg, 0)).toBeCloseTo(massOf(made), 6)
        const solids = solidsOf(made, stance)
        if (solids.length === 0) continue
        const { x, y, z } = unionOf(solids.map(({ prism }) => prismBounds(prism)))
        for (const { at } of lumps) {
          expect(at[0] >= x.min && at[0] <= x.max && at[1] >= y.min && at[1] <= y.max).toBe(true)
          expect(at[2] >= z.min && at[2] <= z.max).toBe(true)
        }
      }
    },
  )

  it('rise and fall with what rides up and down', () => {
    const made = { kind: 'bed-lift', parameters: defaultsOf(kindOf('bed-lift')) }
    const height = (stance: string) => {
      const lumps = massesOf(made, stance)
      return lumps.reduce((sum, { kg, at }) => sum + kg * at[2], 0) / massOf(made)
    }
    expect(height('raised') - height('lowered')).toBeCloseTo(1350 - 650, 0)
  })

  // Handbook of Finnish Plywood (from memory): birch 680 kg/m³, so 12 mm are 8.2 kg/m²; spruce 460, 5.5 kg/m²
  it('weigh a square metre of board by the handbook', () => {
    expect(massOfBlock('birch-ply', 1000, 1000, 12)).toBeCloseTo(8.16, 2)
    expect(massOfBlock('spruce-ply', 1000, 1000, 12)).toBeCloseTo(5.52, 2)
    expect(materialOf('steel').densityKgM3 * 0.0008).toBeCloseTo(6.28, 2)
  })

  // Common practice, no source: cased lithium 8.5 to 11 kg for each kWh; an upright cold box of 85 to 90 L 19 to 28 kg
  it('lie in the bands of machines as they are sold', () => {
    const battery = {
      kind: 'battery',
      parameters: { ...defaultsOf(kindOf('battery')), chemistry: 'lithium', ampHours: 200, volts: 12 },
    }
    const perKwh = massOf(battery) / 2.4
    expect([perKwh >= 8.5, perKwh <= 11]).toEqual([true, true])
    const sizes = [440, 450, 460, 470, 480].map((side) => ({
      kind: 'cold-box',
      parameters: { ...defaultsOf(kindOf('cold-box')), lengthMm: side, depthMm: side, heightMm: 800 },
    }))
    const boxes = sizes
      .map((made) => ({
        made,
        litres: kindOf('cold-box').facts(made.parameters, kindOf('cold-box').stances[0]).cold!.litres,
      }))
      .filter(({ litres }) => litres >= 80 && litres <= 95)
    expect(boxes.length).toBeGreaterThan(0)
    for (const { made } of boxes) expect([massOf(made) >= 19, massOf(made) <= 28]).toEqual([true, true])
  })
})

describe('what a plan weighs', () => {
  it('is the papers’ kerb mass with its driver and nothing else, where nothing else is', () => {
    const bare = truck(
      { type: 'weight.assume', key: 'personalKg', value: 0 },
      { type: 'weight.assume', key: 'personalKgPerM', value: 0 },
    )
    const kerbFuel: Loading = { without: [], levels: { fuel: 90 } }
    const report = weightReport(bare, variant, kerbFuel)
    expect(now(report, 'total')).toBeCloseTo(2480, 6)
    expect(now(report, 'front')).toBeCloseTo(1364, 6)
    expect(now(report, 'rear')).toBeCloseTo(1116, 6)
  })

  it('keeps the sum of its axles and wheels whatever is moved', () => {
    const at = (x: number, from: 'left-wall' | 'right-wall') => weightReport(truck(tank(x, from)), variant)
    for (const report of [at(0, 'left-wall'), at(2500, 'right-wall')]) {
      expect(now(report, 'front') + now(report, 'rear')).toBeCloseTo(now(report, 'total'), 6)
      expect(WHEELS.reduce((sum, wheel) => sum + now(report, wheel), 0)).toBeCloseTo(now(report, 'total'), 6)
    }
    // 66 L and 5.13 kg of skin go 2500 mm forward at a wheelbase of 3750
    expect(now(at(0, 'left-wall'), 'rear') - now(at(2500, 'left-wall'), 'rear')).toBeCloseTo((71.13 * 2500) / 3750, 1)
  })

  it('has water by its level where the tank is, and a full tank counts for what holds it', () => {
    const job = truck(tank(1000))
    const half = weightReport(job, variant, { without: [], levels: { water: 50 } })
    expect([entry(half, 'water:fit-tank').kg, entry(half, 'water:fit-tank').amount]).toEqual([33, 66])
    expect(entry(half, 'water:fit-tank').at[0]).toBeCloseTo(1300, 6)
    const hung = (points: number) =>
      reviewVariant(
        truck(
          tank(1000, 'left-wall', { up: { from: 'floor', mm: 900 } }),
          { type: 'rule.set', id: 'hung-held', setting: { parameters: { pointKg: 10 } } },
          { type: 'fitting.fixing', variant, id: 'fit-tank', fixing: { how: 'inserts', points } },
        ),
        variant,
      ).modes.flatMap(({ findings }) =>
        findings.flatMap(({ code, needed }) => (code === 'hung-weakly' ? [needed] : [])),
      )
    // 71.13 kg at 10 kg a point
    expect(hung(7)).toEqual([8])
    expect(hung(8)).toEqual([])
  })

  it('puts people where the mode has them: belts on the road, beds by night', () => {
    const job = truck(
      person(1800, 'person-a', { massKg: 90 }),
      person(1700, 'person-b', { label: 'B', massKg: 60 }),
      put('fit-bed', 'bed-fixed', 200, 'centreline', { lyingMm: 1950, sleepers: 2 }),
    )
    const road = weightReport(job, variant, { ...SETTING_OUT, mode: 'mode-drive' })
    expect(entry(road, 'person:person-a').at.slice(0, 2)).toEqual([5080, 480])
    expect(entry(road, 'person:person-b').at.slice(0, 2)).toEqual([5080, -480])
    expect([entry(road, 'person:person-a').may, entry(road, 'person:person-b').may]).toEqual([false, true])
    const night = weightReport(job, variant, { ...SETTING_OUT, mode: 'mode-night' })
    expect(entry(night, 'person:person-a').carriedBy).toBe('fit-bed')
  })

  it('has gear where it is packed, on the roof where it lives there, and names what nobody said', () => {
    const job = truck(
      { type: 'brief.derives', derives: true },
      put('fit-chest', 'lid-chest', 2000, 'left-wall', { lengthMm: 1000, depthMm: 600, heightMm: 600 }),
      gear('gear-anvil', 120),
      gear('gear-board', 18, { place: 'roof' }),
      { type: 'gear.put', id: 'gear-mystery', gear: { label: 'crate', sizeMm: [300, 200, 200], count: 1 } },
    )
    const report = weightReport(job, variant)
    const anvil = report.entries.find(({ source }) => source.id === 'gear-anvil')!
    expect([anvil.carriedBy, anvil.kg]).toEqual(['fit-chest', 120])
    expect(anvil.at[0]).toBeGreaterThan(2000)
    expect(anvil.at[0]).toBeLessThan(3000)
    expect(now(report, 'roof')).toBe(18)
    expect(report.unknown).toContainEqual({ what: 'gear-mass', id: 'gear-mystery' })
    expect(report.unknown).toContainEqual({ what: 'roof-limit' })
    const crate = report.entries.find(({ source }) => source.id === 'gear-mystery')!
    expect(crate.low).toBeLessThan(crate.amount)
    expect(crate.high).toBeGreaterThan(crate.amount)
  })

  it('weighs lining by layer and lined area, and takes what is cut and taken out away', () => {
    const ply = (mm: number): Command => ({
      type: 'lining.set',
      variant,
      lining: { floorMm: mm, wallMm: 0, roofMm: 0, layers: { floor: [{ material: 'birch-ply', mm }] } },
    })
    const floor = entry(weightReport(truck(ply(12)), variant), 'lining:floor')
    // the whole floor of 4300 × 2100 at 8.16 kg/m²: nothing stands proud of it here
    expect(floor.kg).toBeCloseTo(4.3 * 2.1 * 8.16, 6)
    const out = weightReport(
      truck({ type: 'change.put', variant, id: 'change-b', change: { kind: 'bulkhead-removed' } }),
      variant,
    )
    expect(entry(out, 'change:change-b').kg).toBeLessThan(-20)
    const told = weightReport(
      truck({ type: 'lining.set', variant, lining: { floorMm: 30, wallMm: 0, roofMm: 0 } }),
      variant,
    )
    expect(told.unknown).toContainEqual({ what: 'lining-layers', id: 'floor' })
  })

  it('names what the papers do not say, and leaves a range for it', () => {
    const forget: Command = { type: 'masses.set', axles: { trackMm: null }, masses: { fuelL: null }, kerbWith: null }
    const [told, untold] = [weightReport(truck(), variant), weightReport(truck(forget), variant)]
    expect(told.unknown.map(({ what }) => what)).toEqual(['people'])
    expect(untold.unknown.map(({ what }) => what)).toEqual(['fuel-tank', 'kerb-with', 'track', 'people'])
    const width = ({ limits }: WeightReport) => {
      const { low, high } = limits.find(({ id }) => id === 'total')!
      return high - low
    }
    expect(width(untold)).toBeGreaterThan(width(told) + 75)
    expect(untold.limits.some(({ id }) => id === 'side' || id === 'rear-left')).toBe(false)
  })

  it('tells how high the centre is only where that was measured', () => {
    const at = (...more: Command[]) => weightReport(truck(gear('gear-a', 100, { place: 'roof' }), ...more), variant)
    expect(at().overGroundMm).toBeUndefined()
    expect(at().riseMm).toBeGreaterThan(0)
    const measured = at({ type: 'masses.set', axles: {}, masses: { centreMm: 800 } })
    expect(measured.overGroundMm).toBeCloseTo(800 + measured.riseMm, 6)
  })
})

describe('the margins while something is dragged', () => {
  it('are those of a new sum, but for the cross terms of a wheel', () => {
    // ahead of the rear axle before and after, so that the worst loading is of the same things
    const job = truck(tank(1400))
    const moved = apply(job, {
      type: 'fitting.seat',
      variant,
      id: 'fit-tank',
      seat: { ...kindOf('water-tank').home, along: { from: 'rear', mm: 2400 }, across: { from: 'left-wall', mm: 0 } },
    }).job
    const [before, after] = [job, moved].map((one: Job) => reviewVariant(one, variant).modes[0]!.load)
    const live = liveMargins(
      before!,
      Object.entries(after!.stood).map(([id, at]) => ({ id, placement: { at } })),
    )
    for (const id of ['total', 'front', 'rear', 'front-share'] as const) {
      const [a, b] = [live, liveMargins(after!, [])].map((all) => all.find((margin) => margin.id === id)!)
      expect(a!.value).toBeCloseTo(b!.value, 6)
    }
    // 1396 of 1850 leave less of themselves than 2629 of 3500
    expect(live[0]!.id).toBe('front')
  })
})

describe('guides that a job sets otherwise', () => {
  it('are those of its limits, as the review holds them', () => {
    const rated = (job: Job): Job => ({
      ...job,
      shell: { ...job.shell, axles: { ...job.shell.axles, ratingFrontKg: 1850, ratingRearKg: 2000 } },
    })
    const job = rated(truck(tank(900)))
    const limit = (of: Job, id: string) => weightReport(of, variant).limits.find((one) => one.id === id)!.limit
    // half of 1850 on a wheel by the book; 60 % of it as this job has it
    expect(limit(job, 'front-left')).toBe(925)
    const set = apply(job, { type: 'rule.set', id: 'wheel-load', setting: { parameters: { share: 0.6 } } }).job
    expect(limit(set, 'front-left')).toBe(1110)
    expect(limit(job, 'front-share')).toBe(0.3)
    const front = apply(job, { type: 'rule.set', id: 'front-share', setting: { parameters: { least: 0.4, below: 0 } } })
    expect(limit(front.job, 'front-share')).toBe(0.4)
  })
})
