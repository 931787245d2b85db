import { describe, expect, it } from 'vitest'
import { jobWith, person, put, putAtHome, putInside, truck, variant } from '../../../../tests/support/plan'
import { apply, type Command, type Job } from '../job'
import { faultsOf, reviewVariant, waive, withFollows, type Finding, type FindingCode } from './index'

// What a builder says of a drawing and what they do not: common practice, no source.

const all = (job: Job): readonly Finding[] =>
  reviewVariant(job, variant).modes.flatMap(({ findings }) => withFollows(findings))
const says = (job: Job, code: FindingCode): boolean => all(job).some((finding) => finding.code === code)
const faults = (job: Job): readonly Finding[] => faultsOf(reviewVariant(job, variant)).map(({ finding }) => finding)
const follows = ({ follows: under = [] }: Finding): readonly FindingCode[] => under.map(({ code }) => code)

describe('a cause, and what follows from it', () => {
  const bed = putAtHome('fit-bed', 'bed-fixed', 60, { lyingMm: 1950, widthMm: 1400, platformMm: 500 })

  const airless = truck(
    person(1750),
    person(1700, 'person-b', { label: 'other', sleepsWith: 'person-a' }),
    bed,
    putAtHome('fit-fan', 'fan-extract', 3700),
  )

  it('one bed without air is one finding, however many lie in it', () => {
    const found = faults(airless).filter(({ code }) => code === 'berth-airless')
    expect(found.map(follows)).toEqual([['berth-airless']])
  })

  it('an aisle that is too narrow is told once, with the room that is missing in it', () => {
    const job = truck(
      person(1840),
      put('fit-a', 'galley', 1000, 'left-wall', { depthMm: 600 }),
      put('fit-b', 'lounge-bed', 1000, 'right-wall', { depthMm: 1200 }),
      put('fit-z', 'toilet-box', 100, 'left-wall'),
    )
    const narrow = faults(job).find(({ code }) => code === 'way-narrow')!
    expect(follows(narrow)).toContain('clearance-blocked')
    expect(faults(job).filter(({ code }) => code === 'clearance-blocked')).toEqual([])
  })

  it('a cause is never less grave than what follows from it, and nothing is told twice', () => {
    for (const shell of ['van-long-high', 'bus-7m', 'truck-box', 'minivan-glass-roof'])
      for (const finding of faults(
        jobWith(shell, person(2040), person(1900, 'person-b'), bed, put('fit-g', 'galley', 1500)),
      )) {
        const grave = ['stop', 'caution', 'note']
        for (const under of finding.follows ?? []) {
          expect(grave.indexOf(under.gravity)).toBeGreaterThanOrEqual(grave.indexOf(finding.gravity))
          expect(under.key).not.toBe(finding.key)
        }
      }
  })

  it('who stands upright nowhere is told that once; what hangs lower is below it', () => {
    const job = jobWith(
      'van-long-high',
      person(1950),
      put('fit-g', 'galley', 2000),
      putAtHome('fit-fan', 'fan-extract', 2300),
    )
    const low = faults(job).filter(({ code }) => code === 'standing-nowhere' || code === 'standing-low')
    expect(low.map(({ code }) => code)).toEqual(['standing-nowhere'])
  })

  it('what was let be below a cause is not listed as ended', () => {
    const under = faults(airless).find(({ code }) => code === 'berth-airless')!.follows![0]!
    const waived = apply(airless, waive(variant, 'waiver-a', under, 'the roof hatch stays open', '2026-11-29')).job
    expect(reviewVariant(waived, variant).ended).toEqual([])
  })
})

describe('what a builder does not say', () => {
  /** In bodies with a lining the pillars stand a few millimetres proud of it. */
  const lined: Command = { type: 'lining.set', variant, lining: { floorMm: 37, wallMm: 30, roofMm: 25 } }

  it('that boards meet a pillar, or that what is bought stands a finger off it', () => {
    const bus = (kind: string, more: Record<string, number> = {}) =>
      jobWith('bus-7m', lined, put('fit-a', kind, 1000, 'left-wall', { lengthMm: 900, ...more }))
    expect(says(bus('bench-side'), 'overlap')).toBe(false)
    expect(says(bus('lid-chest'), 'clearance-blocked')).toBe(false)
    // the wheel arch behind it is no pillar
    expect(says(bus('water-tank', { depthMm: 600, heightMm: 400 }), 'overlap')).toBe(true)
  })

  it('that a leaning wall or a curved roof is over the edge of a hob or a tray', () => {
    expect(
      says(jobWith('van-long-high', lined, put('fit-a', 'galley-hob', 2000, 'left-wall')), 'clearance-blocked'),
    ).toBe(false)
    const shelf = put('fit-b', 'locker', 2000, 'left-wall', { lengthMm: 450 }, { up: { from: 'floor', mm: 1300 } })
    expect(
      says(jobWith('van-long-high', lined, put('fit-a', 'galley-hob', 2000, 'left-wall'), shelf), 'clearance-blocked'),
    ).toBe(true)
    expect(
      says(jobWith('bus-9m', lined, person(1750), put('fit-a', 'tray-rollin', 5000, 'left-wall')), 'standing-low'),
    ).toBe(false)
  })

  it('that a wet room does not go through a door, or stands far off a curved wall: it is built there', () => {
    const room = put('fit-a', 'wet-room', 2850, 'left-wall', { heightMm: 1850 })
    for (const code of ['carry-stuck', 'pushed-in', 'outside-shell'] as const)
      expect([code, says(jobWith('bus-9m', lined, room), code)]).toEqual([code, false])
    // one that a plan says comes whole
    const whole = jobWith('bus-9m', lined, room, { type: 'fitting.cut', variant, id: 'fit-a', cut: false })
    expect(says(whole, 'pushed-in')).toBe(true)
    expect(
      apply(whole, { type: 'fitting.cut', variant, id: 'fit-a', cut: true }).job.variants[variant]!.plan.fittings[
        'fit-a'
      ],
    ).not.toHaveProperty('cut')
  })

  it('that a heater stands beside a tank, or a battery beside a sink’s cupboard', () => {
    const near = (mm: number) =>
      truck(
        put('fit-t', 'water-tank', 500, 'left-wall', { lengthMm: 600 }),
        put('fit-h', 'heater-combi', 1100 + mm, 'left-wall'),
      )
    expect([says(near(40), 'heater-near'), says(near(10), 'heater-near')]).toEqual([false, true])
    const battery = (x: number, up: number) =>
      truck(
        put('fit-g', 'galley', 1000, 'left-wall', { lengthMm: 1400 }),
        putAtHome('fit-b', 'battery', x, {}, { up: { from: 'floor', mm: up } }),
      )
    expect(says(battery(620, 0), 'electrics-wet')).toBe(false)
    // at the height of the tap, and beside the bowl: its left end as one faces it, to the rear on the left wall
    expect([says(battery(620, 850), 'electrics-wet'), says(battery(2420, 850), 'electrics-wet')].sort()).toEqual([
      false,
      true,
    ])
    expect(
      says(
        apply(truck(put('fit-g', 'galley', 1000, 'left-wall')), putInside('fit-b', 'battery', 'fit-g', {}, {})).job,
        'electrics-wet',
      ),
    ).toBe(true)
  })

  it('that knees are under a table’s top, or a flap hangs beside them', () => {
    const bench = putAtHome('fit-b', 'bench-belted', 1000, { places: 2 }, { across: { from: 'centreline', mm: 550 } })
    const table = (x: number, more: Record<string, number> = {}) =>
      put('fit-t', 'table-drop', x, 'left-wall', { lengthMm: 600, depthMm: 900, ...more })
    expect(says(truck(bench, table(1700)), 'clearance-blocked')).toBe(false)
    expect(
      says(truck(bench, put('fit-t', 'lid-chest', 1700, 'left-wall', { depthMm: 900 })), 'clearance-blocked'),
    ).toBe(true)
  })

  it('that one cannot walk to what is loaded by the rear doors, or not under a bed that hangs high', () => {
    const crate = put('fit-c', 'dog-crate', 60, 'left-wall', { lengthMm: 600, depthMm: 800 }, { turn: 270 })
    const bed = putAtHome('fit-b', 'bed-fixed', 1000, { lyingMm: 1750, widthMm: 1000, platformMm: 700 })
    expect(says(jobWith('van-long-high', crate, bed), 'way-shut')).toBe(false)
    const lift = (dayMm: number) =>
      truck(
        putAtHome('fit-b', 'bed-lift', 900, { lyingMm: 2000, widthMm: 1300, nightMm: 700, dayMm, railTopMm: 1950 }),
        put('fit-t', 'toilet-box', 200, 'left-wall'),
      )
    const byDay = (job: Job) =>
      all(job).filter(({ code, modeId }) => code === 'way-shut' && modeId === 'mode-day').length
    expect([byDay(lift(1600)), byDay(lift(1000))]).toEqual([0, 1])
  })

  it('that a tank under the floor or a blanked pane shows, or counts a fan and its cut as two', () => {
    const stealth: Command = { type: 'brief.use', use: { stealth: true } }
    const marks = (...more: Command[]) =>
      all(truck(stealth, ...more))
        .filter(({ code }) => code === 'stealth-seen')
        .map(({ measured }) => measured)
    const cut: Command = {
      type: 'change.put',
      variant,
      id: 'change-f',
      change: { kind: 'roof-hatch', fromMm: 2030, toMm: 2430, rightMm: -200, leftMm: 200 },
    }
    expect(marks(putAtHome('fit-t', 'tank-under', 1000))).toEqual([])
    expect(marks(cut)).toEqual([1])
    expect(marks(cut, putAtHome('fit-f', 'fan-extract', 2000))).toEqual([1])
  })

  it('that a child to come has no bed where its cot stands already', () => {
    const foreseen = (...more: Command[]) =>
      all(
        truck(
          { type: 'brief.use', use: { future: ['child'] } },
          person(1700),
          putAtHome('fit-b', 'bed-fixed', 1000, { sleepers: 1 }),
          ...more,
        ),
      ).filter(({ code, facts }) => code === 'reserve-missing' && 'what' in facts && facts.what === 'berth').length
    const cot = put('fit-c', 'cot', 2700, 'left-wall')
    const infant: Command = {
      type: 'person.put',
      id: 'person-i',
      person: { label: 'infant', statureMm: 740, sleeps: true, travels: true, age: 'infant' },
    }
    expect([foreseen(), foreseen(cot), foreseen(cot, infant)]).toEqual([1, 0, 1])
  })

  it('of a machine on a worktop nothing by day, and that it is left there on the road', () => {
    const on = (kind: string, ...more: Command[]) =>
      says(
        truck(
          put('fit-g', 'galley', 1000, 'left-wall'),
          putAtHome('fit-m', kind, 1200, {}, { up: { from: 'top-of', fitting: 'fit-g', mm: 0 } }),
          ...more,
        ),
        'not-held',
      )
    expect(on('microwave')).toBe(true)
    const strapped = { type: 'fitting.fixing', variant, id: 'fit-m', fixing: { how: 'straps', points: 2 } } as const
    expect(on('microwave', strapped)).toBe(false)
    // a shelf of spices is nailed up
    expect(on('spice-rack')).toBe(false)
  })

  it('that a child gets into its hammock over its parents’ bed', () => {
    const job = (x: number) =>
      jobWith(
        'van-medium-low',
        putAtHome('fit-b', 'bed-fixed', 60, { lyingMm: 1700, widthMm: 1900, platformMm: 400 }),
        put('fit-h', 'bunk-hammock', x, 'left-wall', { lengthMm: 1300 }, { up: { from: 'floor', mm: 1000 } }),
      )
    expect(says(job(100), 'way-shut')).toBe(false)
  })

  it('that nobody sits in a body that one crawls into: one sits in the cab and on the bed', () => {
    const asks: Command[] = [
      { type: 'brief.derives', derives: true },
      { type: 'person.put', id: 'person-a', person: { label: 'one', statureMm: 1700, sleeps: true, travels: true } },
    ]
    const bed = putAtHome(
      'fit-b',
      'bed-panels',
      30,
      { lyingMm: 1790, widthMm: 700, platformMm: 340, sleepers: 1 },
      { turn: 90 },
    )
    const missing = (shell: string) =>
      all(jobWith(shell, ...asks, bed)).some(
        ({ code, facts }) => code === 'service-missing' && 'need' in facts && facts.need === 'seat',
      )
    expect([missing('van-compact'), missing('van-long-high')]).toEqual([false, true])
  })
})
