import { readdirSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { apply, parseJob, planInterior, type Command, type Job } from '../job'
import { genericShell } from '../shells'
import { scenesOf } from '../scene'
import {
  RULES,
  remediesFor,
  reviewVariant,
  rulesOf,
  tally,
  demandStates,
  withFollows,
  type Finding,
  type FindingCode,
} from './index'
import { CASES, cookingAt, corridor, stiffOn } from '../../../../tests/cases'
import { jobWith, person, put, putAtHome, truck, variant, want } from '../../../../tests/support/plan'
import { defineRule, practice } from './define-rule'

const found = (job: Job, code: FindingCode): readonly Finding[] =>
  reviewVariant(job, variant).modes.flatMap(({ findings }) =>
    withFollows(findings).filter((finding) => finding.code === code),
  )
const first = (job: Job, code: FindingCode) => found(job, code)[0]

/** The load floor of this van is 645 over the ground, and the van clears 160. */
const DEEP_WELL: Command = {
  type: 'change.put',
  variant,
  id: 'change-w',
  change: { kind: 'floor-well', fromMm: 2400, toMm: 2900, rightMm: -300, leftMm: 300, depthMm: 500 },
}

describe('registry', () => {
  it('is equal to the folder, sorted', () => {
    const files = readdirSync(new URL('./rules', import.meta.url)).map((file) => file.replace(/\.ts$/, ''))
    expect(RULES.map(({ id }) => id)).toEqual(files.sort())
  })

  it('gives every parameter a default within its limits, a unit and a basis', () => {
    for (const rule of RULES) {
      expect(rule.basis.note.length).toBeGreaterThan(5)
      for (const parameter of Object.values(rule.parameters)) {
        expect(parameter.default).toBeGreaterThanOrEqual(parameter.min)
        expect(parameter.default).toBeLessThanOrEqual(parameter.max)
      }
    }
  })
})

/** A figure as it can be read: matched in an object. */
const within = (mm: number): unknown => expect.toSatisfy((value: number) => Math.abs(value - mm) <= READ_TO)

/** A finding’s figure is rounded to a whole one, and worked out by hand to as much: so far off the two may be. */
const READ_TO = 1.5
/** A place is rounded in the row: so far off it may be on each axis, mm. */
const PLACE_TO_MM = 0.51

describe.each(Object.entries(CASES))('%s', (code, { speaks, measured, needed, rule, mode, place, silent }) => {
  it('speaks with its figures, its mode, its place and its rule', () => {
    const finding = first(speaks, code as FindingCode)!
    expect([finding.rule, finding.modeId, finding.needed]).toEqual([rule, mode, needed])
    expect(Math.abs(finding.measured - measured)).toBeLessThanOrEqual(READ_TO)
    for (const axis of [0, 1, 2] as const)
      expect([axis, Math.abs(finding.place[axis] - place[axis]) <= PLACE_TO_MM]).toEqual([axis, true])
    expect(rulesOf(speaks).map(({ id }) => id)).toContain(finding.rule)
  })

  it('keeps silent at the boundary', () => expect(found(silent, code as FindingCode)).toEqual([]))
})

describe('a finding that is let be', () => {
  const job = truck(person(1840), put('fit-a', 'bed-fixed', 400, 'centreline', { lyingMm: 1880 }))
  const short = first(job, 'berth-short')!
  const letBe = (of: Job, more: Record<string, unknown> = {}, id = 'waiver-a'): Job => {
    const { key, code, measured, needed } = short
    const waiver = { key, code, measured, needed, reason: 'she curls up', on: '2026-11-25', ...more }
    return apply(of, { type: 'waiver.put', variant, id, waiver } as never).job
  }
  const longer = (of: Job, lyingMm: number): Job =>
    apply(of, { type: 'fitting.parameters', variant, id: 'fit-a', parameters: { lyingMm } }).job

  it('is still told, last and with its reason, and counts no more', () => {
    const before = tally(reviewVariant(job, variant))
    const review = reviewVariant(letBe(job), variant)
    expect(tally(review)).toEqual({ ...before, stop: before.stop - 1 })
    const night = review.modes.find(({ modeId }) => modeId === short.modeId)!.findings
    expect(night.at(-1)).toMatchObject({
      code: 'berth-short',
      waiver: { id: 'waiver-a', holds: true, reason: 'she curls up', on: '2026-11-25' },
    })
  })

  it('counts again once its figures change, and is forgotten when it is cured', () => {
    const changed = longer(letBe(job), 1870)
    expect(first(changed, 'berth-short')).toMatchObject({ measured: 1870, waiver: { holds: false, measured: 1880 } })
    expect(tally(reviewVariant(changed, variant)).stop).toBe(tally(reviewVariant(job, variant)).stop)
    expect(found(longer(letBe(job), 1890), 'berth-short')).toEqual([])
    // back at the figures that were let be
    expect(first(longer(changed, 1880), 'berth-short')).toMatchObject({ waiver: { holds: true } })
  })

  it('is let be for one reason at a time, and taken up again', () => {
    const twice = letBe(letBe(job), { reason: 'it is a dog’s bed' }, 'waiver-b')
    expect(Object.keys(twice.variants[variant]!.plan.waivers!)).toEqual(['waiver-b'])
    const again = apply(twice, { type: 'waiver.remove', variant, id: 'waiver-b' }).job
    expect(first(again, 'berth-short')!.waiver).toBeUndefined()
  })

  it('is listed as ended, with why, once nothing is found that it speaks of', () => {
    const ends = (of: Job) => reviewVariant(of, variant).ended.map(({ id, rule, why }) => [id, rule, why])
    expect(ends(letBe(job))).toEqual([])
    expect(ends(longer(letBe(job), 1890))).toEqual([['waiver-a', 'berth-length', 'found-no-more']])
    const off = apply(letBe(job), { type: 'rule.set', id: 'berth-length', setting: { off: true } }).job
    expect(ends(off)).toEqual([['waiver-a', 'berth-length', 'rule-off']])
    const nobody = apply(letBe(job), { type: 'person.remove', id: 'person-a' }).job
    expect(ends(nobody)).toEqual([['waiver-a', 'berth-length', 'untold']])
    expect(ends(letBe(job, { key: 'house-of-old fit-a ' }))).toEqual([['waiver-a', 'house-of-old', 'rule-gone']])
    const alone = apply(letBe(job), { type: 'fitting.remove', variant, id: 'fit-a' }).job
    expect(ends(alone)).toEqual([['waiver-a', 'berth-length', 'found-no-more']])
  })

  it('wants a reason and a day, and says which it misses', () => {
    expect(() => letBe(job, { reason: '' })).toThrow(/"path":"reason","message":"is empty/)
    expect(() => letBe(job, { on: 'yesterday' })).toThrow(/"path":"on","message":"a date looks like/)
    const document = JSON.parse(JSON.stringify(letBe(job))) as {
      variants: Record<string, { plan: { waivers: object } }>
    }
    document.variants[variant]!.plan.waivers = { 'waiver-a': { key: 'x' } }
    const parsed = parseJob(document)
    expect(parsed.ok).toBe(false)
    if (!parsed.ok) {
      expect(parsed.faults[0]!.path).toContain('plan.waivers.waiver-a')
      expect(parsed.rest?.variants[variant]!.plan.waivers).toEqual({})
    }
  })
})

describe('awning-away', () => {
  it('says that a side has no door, and makes up no distance to one', () => {
    // the truck’s only side door is on the right
    const job = truck(put('fit-a', 'awning', 650, 'left-wall'))
    expect(first(job, 'awning-away')).toMatchObject({ measured: 0, needed: 1, unit: 'count', facts: { doors: 0 } })
  })
})

describe('bed-high', () => {
  // 2010 ADA Standards § 604.4, from memory: a seat of 430 to 485 mm
  it('asks a lower bed for a wheelchair, and lowers it', () => {
    const job = apply(stiffOn(480), {
      type: 'person.put',
      id: 'person-a',
      person: { label: 'tuner', statureMm: 1700, sleeps: true, travels: true, mobility: 'wheelchair' },
    }).job
    expect(first(job, 'bed-high')).toMatchObject({ measured: 560, needed: 485 })
    const [lower] = remediesFor(job, variant, first(job, 'bed-high')!)
    expect(lower).toMatchObject({ code: 'lower-platform', amount: 75 })
  })
})

describe('way-narrow, with aids', () => {
  it.each([
    // 2010 ADA Standards §§ 403.5.1 and 404.2.3, from memory: a route of 915 mm, a door of 815
    ['wheelchair', 915, 815],
    // a frame and a hand on either side of it, and the frame alone: common practice, no source
    ['walker', 700, 650],
  ] as const)('asks the route of its own for a %s', (mobility, routeMm, doorMm) => {
    const shell = genericShell('truck-box')
    // a side door of 1020, so that the corridor is what is narrow
    const openings = shell.openings.map((door) => (door.entrance ? { ...door, fromMm: 3000 } : door))
    const job = (gap: number) =>
      truck(
        { type: 'shell.put', shell: { ...shell, openings } },
        {
          type: 'person.put',
          id: 'person-a',
          person: { label: 'tuner', statureMm: 1700, sleeps: true, travels: true, mobility },
        },
        ...corridor(gap),
        put('fit-z', 'toilet-box', 100, 'left-wall'),
      )
    expect(first(job(routeMm - 40), 'way-narrow')).toMatchObject({
      measured: within(routeMm - 40),
      needed: routeMm,
      facts: { aid: mobility },
    })
    expect(found(job(routeMm + 15), 'way-narrow')).toEqual([])
    // a door is enough where a route of its width is not
    const through = (fromMm: number) =>
      apply(job(routeMm + 15), {
        type: 'shell.put',
        shell: { ...shell, openings: shell.openings.map((door) => (door.entrance ? { ...door, fromMm } : door)) },
      }).job
    expect(found(through(4020 - doorMm - 15), 'way-narrow')).toEqual([])
    expect(first(through(4020 - doorMm + 35), 'way-narrow')).toMatchObject({ needed: doorMm })
  })

  it.each([
    // 0.191 × 1840 beside what ends at 900, below the hip at 975; twice 0.055 × 1840 beside what ends at 500, below the knee at 524
    ['hips', 0, 900, 351],
    ['legs', 0, 500, 202],
  ] as const)('asks no more than %s beside what is low', (part, upMm, heightMm, needed) => {
    const job = (gap: number) =>
      truck(person(1840), ...corridor(gap, upMm, heightMm), put('fit-z', 'toilet-box', 100, 'left-wall'))
    const narrow = first(job(needed - 11), 'way-narrow')
    expect(narrow).toMatchObject({ needed, facts: { sides: [{ part }, { part }] } })
    expect(Math.abs(narrow!.measured - (needed - 11))).toBeLessThanOrEqual(2)
    expect(found(job(needed + 3), 'way-narrow')).toEqual([])
  })

  it('asks half of the shoulders beside what is high and half of the hips beside what is low', () => {
    const [high] = corridor(440, 150)
    const [, low] = corridor(440, 0)
    const job = truck(person(1840), high!, low!, put('fit-z', 'toilet-box', 100, 'left-wall'))
    // 440 is enough for (0.259 + 0.191) / 2 × 1840 = 414
    expect(found(job, 'way-narrow')).toEqual([])
    const [higher] = corridor(400, 150)
    const [, lower] = corridor(400, 0)
    const tight = truck(person(1840), higher!, lower!, put('fit-z', 'toilet-box', 100, 'left-wall'))
    expect(first(tight, 'way-narrow')).toMatchObject({ needed: 414, measured: within(400) })
  })

  it('takes shoulders as they were measured', () => {
    const broad = { label: 'broad', statureMm: 1700, sleeps: true, travels: true, measured: { shoulderBreadth: 520 } }
    const job = truck(
      { type: 'person.put', id: 'person-a', person: broad },
      ...corridor(480),
      put('fit-z', 'toilet-box', 100, 'left-wall'),
    )
    expect(first(job, 'way-narrow')).toMatchObject({ needed: 520, facts: { aid: undefined, person: 'broad' } })
  })
})

describe('worktop-off, where two cook by turns', () => {
  const two = (short: number, ...more: Command[]): Job =>
    truck(
      person(1900),
      person(short, 'person-b'),
      put('fit-a', 'galley-basin', 1000, 'left-wall', { worktopMm: 900 }),
      ...more,
    )
  it('suits one, and says how far the other stoops', () => {
    // 0.63 × 1900 − 150 − 60 = 987: 87 higher than it is
    expect(first(two(1600), 'worktop-off')).toMatchObject({
      measured: 900,
      needed: 987,
      facts: { statureMm: 1900, suits: 'adult' },
    })
    expect(remediesFor(two(1600), variant, first(two(1600), 'worktop-off')!)).toEqual([])
  })
  it('lets the other bear a little, and asks only the one who cooks', () => {
    expect(
      found(
        truck(
          person(1850),
          person(1600, 'person-b'),
          put('fit-a', 'galley-basin', 1000, 'left-wall', { worktopMm: 900 }),
        ),
        'worktop-off',
      ),
    ).toEqual([])
    expect(found(two(1600, { type: 'brief.use', use: { cook: 'person-b' } }), 'worktop-off')).toEqual([])
  })
})

describe('hob-beside, at a galley in one', () => {
  it('is judged from where the hob is, at its right end', () => {
    const beside = (x: number) =>
      truck(
        put('fit-a', 'galley', 1000, 'left-wall', { lengthMm: 1200 }),
        put('fit-b', 'wardrobe', x, 'left-wall', { lengthMm: 400 }),
      )
    expect(first(beside(2300), 'hob-beside')).toMatchObject({ measured: 100, needed: 150, facts: { other: 'fit-b' } })
    expect(found(beside(2350), 'hob-beside')).toEqual([])
    // at its other end is the basin
    expect(found(beside(590), 'hob-beside')).toEqual([])
  })
})

describe('cloth', () => {
  const curtainAt = (x: number, ...more: Command[]): Job =>
    truck(...cookingAt(1000), put('fit-c', 'curtain', x, 'left-wall', { gatheredMm: 200 }), ...more)
  it('hangs well off a flame, a splashback or not', () => {
    // drawn back it takes 200 from its left, which is its rear on the left wall; the hob ends at 1450
    const near = first(curtainAt(1700), 'hob-beside')
    expect(near).toMatchObject({ measured: 250, needed: 300, facts: { other: 'fit-c', cloth: true } })
    const shielded = curtainAt(
      1700,
      put('fit-d', 'splashback', 1000, 'left-wall', {}, { up: { from: 'floor', mm: 905 } }),
    )
    expect(first(shielded, 'hob-beside')).toMatchObject({ measured: 250 })
    expect(found(curtainAt(1750), 'hob-beside')).toEqual([])
  })
  it('gives way: it overlaps nothing, stops no door and narrows no way', () => {
    const across = { turn: 90, across: { from: 'centreline', mm: 0 } } as const
    const drawn: Command = { type: 'mode.stance', variant, mode: 'mode-day', fitting: 'fit-c', stance: 'drawn' }
    const plain = [
      person(1840),
      put('fit-z', 'toilet-box', 100, 'left-wall'),
      put('fit-b', 'wardrobe', 1200, 'left-wall'),
    ]
    const hung = [put('fit-c', 'curtain', 1300, 'centreline', { lengthMm: 1800, heightMm: 2000 }, across), drawn]
    const said = (job: Job) =>
      reviewVariant(job, variant).modes.flatMap(({ findings }) => findings.map(({ key, measured }) => [key, measured]))
    expect(said(truck(...plain, ...hung))).toEqual(said(truck(...plain)))
  })
})

describe('cold-inside', () => {
  const asked: Command = { type: 'brief.use', use: { coldOutside: true } }
  const box = (mm: number) => put('fit-a', 'cold-box', 3300, 'left-wall', {}, { across: { from: 'left-wall', mm } })

  it('says so where something stands between the box and its door', () => {
    // 600 from the side door’s plane, and a tank before all of its front
    const tank = put('fit-b', 'water-tank', 3300, 'right-wall', { lengthMm: 600, depthMm: 300, heightMm: 900 })
    expect(found(truck(asked, box(940)), 'cold-inside')).toEqual([])
    const shut = truck(asked, box(940), tank)
    expect(found(shut, 'cold-inside')).toEqual([])
    expect(first(shut, 'cold-behind')).toMatchObject({ fittings: ['fit-a', 'fit-b'], facts: { door: 'door-side' } })
  })

  it('asks nothing where the brief does not, and one box in reach is enough', () => {
    expect(found(truck(box(0)), 'cold-inside')).toEqual([])
    const second = put('fit-c', 'cold-chest', 1000, 'left-wall')
    expect(found(truck(asked, box(940), second), 'cold-inside')).toEqual([])
  })
})

describe('outlet-near', () => {
  it('looks straight out of a grille, however it is turned', () => {
    // turned to blow back, its front looks to the rear: a tank 200 behind it is near, one beside it is not
    const grille = put(
      'fit-a',
      'warm-outlet',
      2000,
      'centreline',
      {},
      { turn: 90, across: { from: 'centreline', mm: 0 } },
    )
    const behind = (x: number) =>
      put('fit-b', 'water-tank', x, 'centreline', { lengthMm: 400, depthMm: 600, heightMm: 300 })
    const near = [1400, 2240].map((x) => found(truck(grille, behind(x)), 'outlet-near').length > 0)
    expect(near.filter(Boolean)).toHaveLength(1)
    const beside = put('fit-b', 'water-tank', 1900, 'left-wall', { lengthMm: 400, depthMm: 600, heightMm: 300 })
    expect(found(truck(grille, beside), 'outlet-near')).toEqual([])
  })
})

describe('air-unscreened, of a window', () => {
  const cut = (screened: boolean): Command => ({
    type: 'change.put',
    variant,
    id: 'change-w',
    change: { kind: 'window', side: 'left', fromMm: 1000, toMm: 1600, sillMm: 900, headMm: 1300, screened },
  })
  it('is told by the window, and cured by a screen in it', () => {
    const job = truck(cut(false))
    const finding = first(job, 'air-unscreened')!
    expect(finding).toMatchObject({ fittings: [], facts: { opening: 'change-w' } })
    expect(found(truck(cut(true)), 'air-unscreened')).toEqual([])
    const [remedy] = remediesFor(job, variant, finding)
    const cured = apply(job, { type: 'batch', what: 'remedy', commands: [...remedy!.commands] }).job
    expect(found(cured, 'air-unscreened')).toEqual([])
    expect(cured.variants[variant]!.plan.changes['change-w']).toMatchObject({ kind: 'window', screened: true })
  })
})

describe('what burns', () => {
  it('is not a water heater on mains, and is one on gas', () => {
    const heater = (heatedBy: string) => truck(put('fit-h', 'heater-water', 2830, 'right-wall', { heatedBy }))
    expect(found(heater('electric'), 'heater-near')).toEqual([])
    expect(first(heater('gas'), 'heater-near')).toMatchObject({ measured: 3240 - 3030, needed: 300 })
    const bottle = put('fit-g', 'gas-locker', 0, 'left-wall')
    expect(found(truck(bottle, put('fit-h', 'heater-water', 3900, 'left-wall')), 'gas-far')).toEqual([])
  })
})

describe('what a builder would say aloud', () => {
  const codes = (job: Job, code: FindingCode) => found(job, code).map(({ measured, needed }) => [measured, needed])

  it('says it of a head under the roof itself', () => {
    // sitting height 0.520 × 1900 = 988, and 40 to rise, over a bench in a body that is low
    const [under] = found(
      jobWith('van-compact', person(1900), put('fit-a', 'bench-side', 600, 'left-wall')),
      'head-bump',
    )
    expect(under).toMatchObject({ needed: 1028, fittings: ['fit-a'] })
    expect(under!.measured).toBeLessThan(900)
    expect(found(truck(person(1900), put('fit-a', 'bench-side', 600, 'left-wall')), 'head-bump')).toEqual([])
  })

  it('says it of a platform that nobody gets onto, and not of one with a step beside it', () => {
    const bed = put('fit-bed', 'bed-fixed', 2000, 'centreline', { lyingMm: 1900, platformMm: 1150, mattressMm: 120 })
    expect(codes(truck(person(1750), bed), 'bed-high')).toEqual([[1270, 1050]])
    const chest = put('fit-step', 'lid-chest', 1500, 'centreline', { lengthMm: 480, depthMm: 500, heightMm: 450 })
    expect(codes(truck(person(1750), bed, chest), 'bed-high')).toEqual([])
    // bunks come with their ladder
    expect(codes(truck(person(1750), put('fit-b', 'bunks', 400, 'left-wall')), 'bed-high')).toEqual([])
  })

  it('counts sleepers against berths where each bed is a demand of its own', () => {
    const four = [person(1750), person(1650, 'person-b'), person(1600, 'person-c'), person(1500, 'person-d')]
    const one = want('berth', { quantity: 2, forWhom: ['person-a', 'person-b'] })
    const bed = put('fit-bed', 'bed-fixed', 500, 'centreline', { lyingMm: 1900 })
    expect(codes(truck(...four, one, bed), 'berths-few')).toEqual([[2, 4]])
    // an infant lies in a cot
    const infant = person(700, 'person-c', { age: 'infant' })
    expect(codes(truck(person(1750), person(1650, 'person-b'), infant, one, bed), 'berths-few')).toEqual([])
  })

  it('says it of a body that is too high as it was delivered', () => {
    const park = (parkingHeightMm: number): Command => ({ type: 'brief.use', use: { parkingHeightMm } }) as Command
    expect(codes(truck(park(2100)), 'parking-high')).toEqual([[3125, 2100]])
    expect(codes(truck(park(3125)), 'parking-high')).toEqual([])
  })

  it('says it of bedding beside a flame, and not beside a plate that heats the pan alone', () => {
    const bed = put(
      'fit-bed',
      'bed-fixed',
      0,
      'left-wall',
      { lyingMm: 1900, widthMm: 900, platformMm: 450 },
      { turn: 270 },
    )
    const hob = (fuel: string, x: number) => put('fit-hob', 'galley-hob', x, 'left-wall', { fuel })
    const beside = found(truck(person(1750), bed, hob('gas', 1960)), 'hob-beside')
    expect(beside).toHaveLength(1)
    expect(beside[0]!.facts).toMatchObject({ other: 'fit-bed', bedding: true })
    expect(found(truck(person(1750), bed, hob('gas', 2400)), 'hob-beside')).toEqual([])
    expect(found(truck(person(1750), bed, hob('induction', 1960)), 'hob-beside')).toEqual([])
  })

  it('wants a lift bed on four corners', () => {
    const held = (points: number) =>
      codes(
        truck(putAtHome('fit-bed', 'bed-lift', 0), {
          type: 'fitting.fixing',
          variant,
          id: 'fit-bed',
          fixing: { how: 'inserts', points },
        }),
        'hung-weakly',
      )
    expect(held(1)).toEqual([[1, 4]])
    expect(held(4)).toEqual([])
  })

  it('has a drawer held by the way that it runs out', () => {
    const drawers = (turn: 0 | 90 | 270, loadKg: number) =>
      codes(truck(put('fit-a', 'drawer-unit', 1400, 'centreline', { loadKg, latch: 'lip' }, { turn })), 'drawer-flies')
    // to the side in a bend of 0.4 g, forward at 0.8 g when one brakes, backward at 0.3 g when one pulls away
    expect(drawers(0, 10)).toEqual([])
    expect(drawers(0, 11)).toEqual([[11, 10]])
    const [one, other] = [drawers(90, 8), drawers(270, 8)]
    expect([...one, ...other]).toEqual([[8, 5]])
    expect([...drawers(90, 12), ...drawers(270, 12)]).toEqual([[12, 5]])
  })

  it('asks of an emergency window what a way out needs, and no more', () => {
    // its sill lies 820 over the floor and its head 1480: a counter may cover it up to 430 below its head; of two one is enough
    const counter = (heightMm: number, both = true) =>
      codes(
        jobWith(
          'minibus-16',
          put('fit-g', 'galley-basin', 1310, 'left-wall', { lengthMm: 1000, worktopMm: heightMm }),
          ...(both ? [put('fit-h', 'galley-basin', 1310, 'right-wall', { lengthMm: 1000, worktopMm: heightMm })] : []),
        ),
        'door-blocked',
      )
    expect(counter(1060, false)).toEqual([])
    expect(counter(827)).toEqual([])
    expect(counter(1040)).toEqual([])
    // each of the two, in each mode
    expect(counter(1060)).toEqual(Array.from({ length: 6 }, () => [0, 430]))
  })

  it('takes one of several that is well placed', () => {
    const base = [
      person(1700),
      put('fit-bed', 'bed-fixed', 0, 'centreline', { lyingMm: 1900, widthMm: 1400, platformMm: 480 }),
      put('fit-hob', 'galley-hob', 2200, 'left-wall', { fuel: 'gas' }),
      put('fit-gas', 'gas-locker', 3600, 'left-wall'),
    ] as const
    const byDoor = put('fit-e1', 'extinguisher', 4100, 'right-wall')
    const byBed = put('fit-e2', 'extinguisher', 1450, 'left-wall')
    // in a body more than twice as long: by the entrance at the front, and far from the bed
    const bus = (...more: Command[]) => found(jobWith('bus-12m', ...base, ...more), 'extinguisher-far')
    const atFront = put('fit-e1', 'extinguisher', 9300, 'left-wall')
    expect(bus(atFront).map(({ facts }) => facts)).toEqual([{ from: 'bed' }])
    expect(bus(atFront, byBed)).toEqual([])
    expect(found(truck(...base, byDoor), 'extinguisher-far')).toEqual([])
  })

  it('says nothing of standing, entries or doors where one crawls in, and of a bed that one gets into from a door', () => {
    const bed = putAtHome(
      'fit-bed',
      'bed-panels',
      20,
      { lengthMm: 1800, widthMm: 1100, platformMm: 330, sleepers: 1 },
      {
        turn: 270,
      },
    )
    for (const shell of ['van-compact', 'minivan-glass-roof', 'van-short-low']) {
      const job = jobWith(shell, person(1700), bed)
      const night = reviewVariant(job, variant).modes.find(({ modeId }) => modeId === 'mode-night')!
      const said = night.findings.map(({ code }) => code)
      for (const code of ['door-blocked', 'clearance-blocked', 'exit-few', 'way-shut', 'way-narrow'])
        expect(said, shell).not.toContain(code)
      expect(found(job, 'standing-nowhere'), shell).toEqual([])
    }
  })
})

describe('remedies', () => {
  const van = (...commands: Command[]) => jobWith('van-long-high', ...commands)
  const offers = (job: Job, code: FindingCode) => remediesFor(job, variant, first(job, code)!)

  it.each([
    [
      'set-length',
      truck(person(1840), put('fit-a', 'bed-fixed', 400, 'centreline', { lyingMm: 1700 })),
      'berth-short',
      1890,
    ],
    [
      'turn-along',
      van(person(1850), put('fit-a', 'bed-fixed', 200, 'centreline', { lyingMm: 1700 })),
      'berth-short',
      90,
    ],
    [
      'lower-platform',
      van(put('fit-a', 'bed-fixed', 1800, 'centreline', { lyingMm: 1790, platformMm: 1100 })),
      'outside-shell',
      undefined,
    ],
    [
      'hinge-other',
      // the block stands in the outer rear corner of the door's square: only a leaf hinged at the rear sweeps it
      truck(
        put('fit-a', 'cold-box', 1000, 'left-wall', { hinge: 'left' }),
        put(
          'fit-c',
          'water-tank',
          950,
          'centreline',
          { lengthMm: 200, depthMm: 150, heightMm: 900 },
          { across: { from: 'centreline', mm: -35 } },
        ),
      ),
      'clearance-blocked',
      undefined,
    ],
    [
      'shift-forward',
      truck(
        put('fit-a', 'water-tank', 0, 'left-wall', { lengthMm: 800 }),
        put('fit-b', 'water-tank', 760, 'left-wall'),
      ),
      'overlap',
      40,
    ],
    [
      'set-depth',
      truck(
        person(1840),
        put('fit-a', 'galley', 1000, 'left-wall', { depthMm: 600 }),
        put('fit-b', 'lounge-bed', 1000, 'right-wall', { depthMm: 1150 }),
      ),
      'clearance-blocked',
      500,
    ],
    ['place', truck(want('toilet')), 'service-missing', undefined],
    [
      'flare',
      // 15 over at either wall; a flare is at least 20 deep
      truck(put('fit-a', 'bed-fixed', 400, 'centreline', { lyingMm: 2130 })),
      'outside-shell',
      20,
    ],
    ['set-parameter', CASES['gas-vent-small'].speaks, 'gas-vent-small', 100],
    ['set-parameter', CASES['gas-unsealed'].speaks, 'gas-unsealed', undefined],
    ['set-parameter', CASES['basin-off'].speaks, 'basin-off', 870],
    ['set-height', CASES['worktop-off'].speaks, 'worktop-off', 950],
    // the flue of a heater on the right wall goes back to 2940 by 45 to its right
    ['set-parameter', CASES['heater-near'].speaks, 'heater-near', 45],
    [
      'shift-forward',
      // 690 from the side door’s plane and 250 short of its rear edge: 734 aslant
      truck(
        { type: 'brief.use', use: { coldOutside: true } },
        put('fit-a', 'cold-box', 2720, 'left-wall', {}, { across: { from: 'left-wall', mm: 850 } }),
      ),
      'cold-inside',
      250,
    ],
    ['set-parameter', CASES['intake-near'].speaks, 'intake-near', undefined],
    ['set-parameter', CASES['air-unscreened'].speaks, 'air-unscreened', undefined],
    ['set-parameter', CASES['seat-deep'].speaks, 'seat-deep', 11],
    ['set-parameter', truck(put('fit-a', 'seat-drop', 1000, 'left-wall', { depthMm: 320 })), 'seat-deep', 30],
    // 2150 + 20 under 2160, in steps of 10, and no roof is raised by less than 50
    ['raise-roof', truck(person(2151)), 'standing-nowhere', 50],
    ['shallower-well', jobWith('van-long-high', DEEP_WELL), 'ground-low', 485],
  ] as const)('%s cures what it is offered for', (code, job, finding, amount) => {
    const remedy = offers(job, finding).find((one) => one.code === code)!
    expect(remedy).toBeDefined()
    if (amount !== undefined) expect(remedy.amount).toBe(amount)
    const cured = apply(job, { type: 'batch', what: 'remedy', commands: [...remedy.commands] }).job
    const gone = first(job, finding)!
    expect(found(cured, finding).filter(({ key, modeId }) => key === gone.key && modeId === gone.modeId)).toEqual([])
    expect(parseJob(JSON.parse(JSON.stringify(cured))).ok).toBe(true)
  })

  it('widens a narrow way between two things', () => {
    const job = truck(person(1840), ...corridor(430), put('fit-z', 'toilet-box', 100, 'left-wall'))
    const [best] = offers(job, 'way-narrow')
    expect(best!.code).toBe('set-depth')
    expect(Math.abs(best!.amount - (835 - (477 - 430)))).toBeLessThanOrEqual(2)
  })

  it('puts those that make no new stop first and says what the others cause', () => {
    const job = van(
      person(1850),
      put('fit-a', 'bed-fixed', 200, 'centreline', { lyingMm: 1700 }),
      put('fit-b', 'galley', 1600, 'left-wall'),
    )
    const stops = offers(job, 'berth-short').map(
      ({ causes }) => new Set(causes.filter(({ gravity }) => gravity === 'stop').map(({ key }) => key)).size,
    )
    expect(stops).toEqual([...stops].sort((a, b) => a - b))
    expect(Math.max(...stops)).toBeGreaterThan(0)
  })
})

describe('the engine', () => {
  it('reports a rule that throws, and goes on', () => {
    const broken = defineRule({
      id: 'broken',
      group: 'fit',
      modes: 'every',
      reads: ['scene'],
      gravity: {},
      basis: practice('none at all'),
      parameters: {},
      check: () => {
        throw new Error('out of chalk')
      },
    })
    const review = reviewVariant(CASES.overlap.speaks, variant, [broken, ...RULES])
    expect(review.failed).toEqual(
      ['mode-drive', 'mode-day', 'mode-night'].map((modeId) => ({ rule: 'broken', modeId, message: 'out of chalk' })),
    )
    expect(review.modes[0]!.findings.some(({ code }) => code === 'overlap')).toBe(true)
    expect(() => reviewVariant(CASES.overlap.speaks, 'variant-none')).toThrow(/no variant/)
  })

  it('counts a fault of several modes once', () => {
    const review = reviewVariant(CASES.overlap.speaks, variant)
    expect(review.modes.map(({ findings }) => findings.filter(({ code }) => code === 'overlap').length)).toEqual([
      1, 1, 1,
    ])
    expect(tally(review)).toMatchObject({ stop: 1, note: 0 })
  })

  it('holds demands against the plan', () => {
    const job = truck(
      person(1840),
      want('berth'),
      want('toilet'),
      want('water', { quantity: 50 }),
      want('belt'),
      put('fit-a', 'bed-fixed', 400, 'centreline', { lyingMm: 1800 }),
      put('fit-w', 'water-tank', 2500, 'left-wall'),
    )
    const findings = reviewVariant(job, variant).modes.flatMap((mode) => mode.findings)
    const plan = job.variants[variant]!
    const states = Object.fromEntries(
      demandStates(job.brief, scenesOf(plan, planInterior(job.shell, plan.plan)), findings).map((one) => [
        one.demand.need,
        [one.state, one.offered],
      ]),
    )
    expect(states).toEqual({ berth: ['short', 2], toilet: ['missing', 0], water: ['met', 103], belt: ['met', 2] })
  })

  it('holds a demand in every mode that it names, and counts no bed for two demands', () => {
    const sleeper = { label: 'A', statureMm: 1750, sleeps: true, travels: true }
    const states = (sleepsByDay: boolean, ...fittings: Command[]) => {
      const job = truck(
        { type: 'brief.derives', derives: true },
        { type: 'person.put', id: 'person-a', person: { ...sleeper, sleepsByDay } },
        { type: 'person.put', id: 'person-b', person: { ...sleeper, label: 'B' } },
        ...fittings,
      )
      const plan = job.variants[variant]!
      return demandStates(job.brief, scenesOf(plan, planInterior(job.shell, plan.plan)), [])
        .filter(({ demand }) => demand.need === 'berth')
        .map(({ demand, state }) => [demand.forWhom[0], state])
    }
    // a lounge is a bed for two by night and none by day; a fixed bed is one always
    const lounge = put('fit-a', 'lounge-bed', 400, 'left-wall', { depthMm: 1200 })
    const bed = put('fit-b', 'bed-fixed', 2500, 'centreline', { sleepers: 1 })
    expect(states(false, lounge)).toEqual([
      ['person-a', 'met'],
      ['person-b', 'met'],
    ])
    expect(states(true, lounge)).toEqual([
      ['person-a', 'missing'],
      ['person-b', 'met'],
    ])
    expect(states(true, bed)).toEqual([
      ['person-a', 'met'],
      ['person-b', 'missing'],
    ])
    expect(states(true, lounge, bed)).toEqual([
      ['person-a', 'met'],
      ['person-b', 'met'],
    ])
  })
})
