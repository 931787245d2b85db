import { describe, expect, it } from 'vitest'
import { RULE_SENTENCES, sayBecause, sayFacts } from '../text'
import {
  allDemands,
  briefSchema,
  demandsOf,
  DERIVE_RULES,
  gearSchema,
  isOddStature,
  measureOf,
  piecesOf,
  plannedStatureMm,
  type Brief,
  type Gear,
  type Need,
  type Person,
  type Use,
} from './index'
import { BRIEF_TEMPLATES, GEAR_LIBRARY } from '../starts'

const adult: Person = { label: 'A', statureMm: 1800, sleeps: true, travels: true }
const second: Person = { label: 'B', statureMm: 1650, sleeps: true, travels: true }
const infant: Person = { label: 'I', statureMm: 760, sleeps: true, travels: true, age: 'infant', years: 1 }
const child: Person = {
  label: 'C',
  statureMm: 1280,
  sleeps: true,
  travels: true,
  age: 'child',
  years: 8,
  growsAs: 'boy',
}
const dog = { label: 'dog', lengthMm: 900, heightMm: 600 }
const mast: Gear = { label: 'mast', sizeMm: [2100, 180, 180], count: 1 }

const people = (...list: Person[]): Partial<Brief> => ({
  people: Object.fromEntries(list.map((person, index) => [`person-${index}`, person])),
})
const use = (given: Use): Partial<Brief> => ({ use: given })
const gear = (...list: Gear[]): Partial<Brief> => ({
  gear: Object.fromEntries(list.map((one, index) => [`gear-${index}`, one])),
})
const brief = (...parts: Partial<Brief>[]): Brief =>
  Object.assign({ people: {}, pets: {}, nightsOffHookUp: 0, derives: true, demands: {}, notes: '' }, ...parts) as Brief

/** What a demand is, as far as a case says: need, quantity, size, must. */
type Row = readonly [need: Need, quantity: number, size: readonly number[], must: boolean]
const rowsOf = (given: Brief, need: Need): Row[] =>
  demandsOf(given)
    .filter((demand) => demand.need === need)
    .map((demand) => [demand.need, demand.quantity, demand.sizeMm, demand.must])

const M = true
const W = false
/** Fragment of a brief → the demands of one need that it implies. */
const CASES: readonly (readonly [words: string, brief: Brief, need: Need, rows: readonly Row[]])[] = [
  ['nobody sleeps', brief(people({ ...adult, sleeps: false })), 'berth', []],
  ['one sleeps alone', brief(people(adult)), 'berth', [['berth', 1, [1850, 650], M]]],
  [
    'two share a bed',
    brief(people({ ...adult, sleepsWith: 'person-1' }, second)),
    'berth',
    [['berth', 2, [1850, 1200], M]],
  ],
  [
    'either may say so',
    brief(people(adult, { ...second, sleepsWith: 'person-0' })),
    'berth',
    [['berth', 2, [1850, 1200], M]],
  ],
  [
    'two sleep apart',
    brief(people(adult, second)),
    'berth',
    [
      ['berth', 1, [1850, 650], M],
      ['berth', 1, [1700, 650], M],
    ],
  ],
  [
    'one of two is broad',
    brief(people({ ...adult, sleepsWith: 'person-1', build: 'broad' }, second)),
    'berth',
    [['berth', 2, [1850, 1250], M]],
  ],
  ['a broad one alone', brief(people({ ...adult, build: 'broad' })), 'berth', [['berth', 1, [1850, 700], M]]],
  ['a child now', brief(people(child)), 'berth', [['berth', 1, [1330, 650], M]]],
  // 1280 · 1431 / 1273 = 1438.9 in three years, WHO medians of a boy of 8 and 11
  ['a child in three years', brief(people(child), use({ planYears: 3 })), 'berth', [['berth', 1, [1489, 650], M]]],
  ['an infant takes no berth', brief(people(infant)), 'berth', []],
  ['an infant takes a cot', brief(people(infant)), 'cot', [['cot', 1, [1200, 600], M]]],
  ['a visiting infant takes none', brief(people({ ...infant, sleeps: false })), 'cot', []],
  ['all travel', brief(people(adult, second, infant)), 'belt', [['belt', 3, [450, 500], M]]],
  ['one stays', brief(people(adult, { ...second, travels: false })), 'belt', [['belt', 1, [450, 500], M]]],
  ['nobody travels', brief(people({ ...adult, travels: false })), 'belt', []],
  [
    'a wheelchair is no belted seat',
    brief(people({ ...adult, mobility: 'wheelchair' }, second)),
    'belt',
    [['belt', 1, [450, 500], M]],
  ],
  // 2010 ADA Standards § 305.3, from memory
  [
    'a wheelchair rides on its place',
    brief(people({ ...adult, mobility: 'wheelchair' })),
    'wheelchair-place',
    [['wheelchair-place', 1, [1220, 760], M]],
  ],
  [
    'a measured wheelchair',
    brief(people({ ...adult, mobility: 'wheelchair', wheelchair: { lengthMm: 1100, widthMm: 640, turningMm: 1400 } })),
    'wheelchair-place',
    [['wheelchair-place', 1, [1100, 640], M]],
  ],
  // § 304.3.1
  [
    'a wheelchair turns',
    brief(people({ ...adult, mobility: 'wheelchair' })),
    'turning-circle',
    [['turning-circle', 1, [1525, 1525], M]],
  ],
  [
    'a small wheelchair turns in less',
    brief(people({ ...adult, mobility: 'wheelchair', wheelchair: { lengthMm: 1100, widthMm: 640, turningMm: 1400 } })),
    'turning-circle',
    [['turning-circle', 1, [1400, 1400], M]],
  ],
  ['a walker needs no circle', brief(people({ ...adult, mobility: 'walker' })), 'turning-circle', []],
  ['no work', brief(people(adult)), 'desk', []],
  [
    'a whole day, two screens',
    brief(people({ ...adult, work: { hours: 7, screens: 2 } })),
    'desk',
    [['desk', 1, [1000, 500], M]],
  ],
  [
    'an hour, no screen',
    brief(people({ ...adult, work: { hours: 1, screens: 0 } })),
    'desk',
    [['desk', 1, [600, 450], W]],
  ],
  ['four screens', brief(people({ ...adult, work: { hours: 4, screens: 4 } })), 'desk', [['desk', 1, [1800, 500], M]]],
  ['a machine at the bedside', brief(people({ ...adult, bedside: true })), 'bedside', [['bedside', 1, [350, 300], M]]],
  ['a machine of one who sleeps elsewhere', brief(people({ ...adult, bedside: true, sleeps: false })), 'bedside', []],
  ['a dog', brief({ pets: { 'pet-a': dog } }), 'pet-place', [['pet-place', 1, [1050, 630, 600], M]]],
  ['a mast', brief(gear(mast)), 'stowage', [['stowage', 1, [2100, 180, 180], M]]],
  [
    'a mast that comes apart',
    brief(gear({ ...mast, apartMm: [1100, 180, 180] })),
    'stowage',
    [['stowage', 1, [1100, 180, 180], M]],
  ],
  [
    'three crates',
    brief(gear({ label: 'crate', sizeMm: [600, 400, 320], count: 3 })),
    'stowage',
    [['stowage', 3, [600, 400, 320], M]],
  ],
  [
    'skis for one week',
    brief(gear({ label: 'skis', sizeMm: [1800, 130, 100], count: 1, use: 'seldom' })),
    'stowage',
    [['stowage', 1, [1800, 130, 100], W]],
  ],
  [
    'a kayak on the roof',
    brief(gear({ label: 'kayak', sizeMm: [3200, 650, 400], count: 1, place: 'roof' })),
    'stowage',
    [],
  ],
  [
    'a kayak on the roof is outside',
    brief(gear({ label: 'kayak', sizeMm: [3200, 650, 400], count: 1, place: 'roof' })),
    'outside-store',
    [['outside-store', 1, [3200, 650, 400], M]],
  ],
  [
    'two for four nights',
    brief(people(adult, second), { nightsOffHookUp: 4 }),
    'water',
    [['water', 88, [500, 400], M]],
  ],
  [
    'two with a shower',
    brief(people(adult, second), { nightsOffHookUp: 4 }, use({ washing: 'inside' })),
    'water',
    [['water', 168, [500, 400], M]],
  ],
  [
    'two and a dog',
    brief(people(adult, second), { nightsOffHookUp: 4, pets: { 'pet-a': dog } }),
    'water',
    [['water', 96, [500, 400], M]],
  ],
  ['always on a tap', brief(people(adult)), 'water', []],
  ['a cold nobody has told of', brief(people(adult)), 'heater', []],
  ['frost', brief(use({ coldestC: -5 })), 'heater', [['heater', 1, [400, 250], M]]],
  ['mild nights', brief(use({ coldestC: 8 })), 'heater', []],
  [
    'mild nights, but a heater is wanted',
    brief(use({ coldestC: 8, heating: 'diesel' })),
    'heater',
    [['heater', 1, [400, 250], W]],
  ],
  ['seats when it rains', brief(people(adult, second, infant)), 'seat', [['seat', 2, [550, 500], M]]],
  ['guests sit too', brief(people(adult), use({ guests: 2 })), 'seat', [['seat', 3, [550, 500], M]]],
  ['one table for all', brief(people(adult, second)), 'table-seat', [['table-seat', 2, [550, 400], M]]],
  [
    'no cooking, a table is a wish',
    brief(people(adult), use({ cooking: 'never' })),
    'table-seat',
    [['table-seat', 1, [550, 400], W]],
  ],
  ['cooking now and then', brief(), 'hob', [['hob', 1, [1200, 500], M]]],
  ['cooking daily', brief(use({ cooking: 'daily' })), 'hob', [['hob', 1, [1400, 500], M]]],
  ['never cooking', brief(use({ cooking: 'never' })), 'hob', []],
  [
    'cooking outside, a hob inside is a wish',
    brief(use({ cookingOn: 'outside' })),
    'hob',
    [['hob', 1, [1200, 500], W]],
  ],
  [
    'cooking outside, washing up inside',
    brief(people(adult), use({ cookingOn: 'outside' })),
    'basin',
    [['basin', 1, [450, 450], W]],
  ],
  [
    'never cooking, hands are washed',
    brief(people(adult), use({ cooking: 'never' })),
    'basin',
    [['basin', 1, [450, 450], W]],
  ],
  [
    'daily cooking for two',
    brief(people(adult, second), use({ cooking: 'daily' })),
    'cold-box',
    [['cold-box', 1, [600, 560], M]],
  ],
  ['cooking now and then, cold is a wish', brief(people(adult)), 'cold-box', [['cold-box', 1, [560, 540], W]]],
  ['never cooking, no cold box', brief(use({ cooking: 'never' })), 'cold-box', []],
  ['nobody spoke of a toilet', brief(), 'toilet', [['toilet', 1, [420, 380], W]]],
  ['a cassette', brief(use({ toilet: 'cassette' })), 'toilet', [['toilet', 1, [450, 600], M]]],
  ['no toilet', brief(use({ toilet: 'none' })), 'toilet', []],
  ['washing outside', brief(use({ washing: 'outside' })), 'shower', []],
  ['washing inside', brief(use({ washing: 'inside' })), 'shower', [['shower', 1, [760, 760], M]]],
  // § 608.2.2
  [
    'rolling into the shower',
    brief(people({ ...adult, mobility: 'wheelchair' }), use({ washing: 'inside' })),
    'shower',
    [['shower', 1, [1525, 760], M]],
  ],
]

describe('from answers to demands', () => {
  it.each(CASES)('%s', (_words, given, need, rows) => expect(rowsOf(given, need)).toEqual(rows))

  it('has at least forty cases and one for every rule', () => {
    expect(CASES.length).toBeGreaterThanOrEqual(40)
    const spoken = new Set(
      CASES.flatMap(([, given]) =>
        allDemands(given).flatMap(({ because }) => (because.code === 'rule' ? [because.rule] : [])),
      ),
    )
    expect([...spoken].sort()).toEqual(DERIVE_RULES.map(({ id }) => id).sort())
  })

  it('holds a bed by day too for one who sleeps by day, and a dog’s place on the road and at night', () => {
    const [bed] = demandsOf(brief(people({ ...adult, sleepsByDay: true }))).filter(({ need }) => need === 'berth')
    expect(bed!.purposes).toEqual(['sleeping', 'living'])
    expect(demandsOf(brief({ pets: { 'pet-a': dog } })).find(({ need }) => need === 'pet-place')!.purposes).toEqual([
      'driving',
      'sleeping',
    ])
  })

  it('says in words why each is there, with its figures', () => {
    for (const [, given] of CASES)
      for (const demand of allDemands(given)) {
        const [sentence, sum] = sayBecause(demand, 'mm')
        expect(sentence!.length).toBeGreaterThan(20)
        if (sum !== undefined) expect(sum).not.toMatch(/undefined|NaN/)
      }
    for (const { id } of DERIVE_RULES) expect(RULE_SENTENCES[id]).toMatch(/\.$/)
    const [bed] = demandsOf(brief(people({ ...adult, build: 'broad' })))
    expect(bed!.because).toMatchObject({ code: 'rule', rule: 'beds' })
    expect(sayFacts('water', { nights: 4, people: 2, perNightL: 11, pets: 1, petL: 2, litres: 96 }, 'mm')).toMatch(
      /^4 nights × \(2 people × 11\sL \+ 1 pet × 2\sL\) = 96/,
    )
  })

  it('derives nothing until it is asked to, and then beside what was typed', () => {
    const typed = { 'demand-a': { need: 'desk', must: true } } as const
    expect(demandsOf({ ...brief(people(adult)), derives: false, demands: typed }).map(({ need }) => need)).toEqual([
      'desk',
    ])
    const both = demandsOf({ ...brief(people(adult)), demands: typed }).map(({ id }) => id)
    expect(both).toContain('demand-a')
    expect(both).toContain('need-beds-person-0')
  })
})

describe('the designer’s changes', () => {
  const four = brief(people(adult, second, child, { ...second, label: 'D' }))
  const berths = (given: Brief) =>
    demandsOf(given)
      .filter(({ need }) => need === 'berth')
      .map(({ id, quantity, sizeMm }) => [id, quantity, sizeMm])

  it('waives a demand with its reason: it is listed, and not held against the plan', () => {
    const waived = { ...four, adjust: { 'need-toilet-all': { waived: 'the campsite has one' } } }
    expect(demandsOf(waived).some(({ need }) => need === 'toilet')).toBe(false)
    expect(allDemands(waived).find(({ need }) => need === 'toilet')!.waived).toBe('the campsite has one')
  })

  it('makes a must of a wish, and weighs a wish', () => {
    const toilet = (adjust: Brief['adjust']) => demandsOf({ ...four, adjust }).find(({ need }) => need === 'toilet')!
    expect(toilet(undefined)).toMatchObject({ must: false, weight: 4 })
    expect(toilet({ 'need-toilet-all': { must: true } })).toMatchObject({ must: true, weight: 5 })
    expect(toilet({ 'need-toilet-all': { weight: 1 } })).toMatchObject({ must: false, weight: 1 })
  })

  it('splits one into parts, and merges two of a need into one', () => {
    const two = brief(people({ ...adult, sleepsWith: 'person-1' }, second))
    expect(berths({ ...two, adjust: { 'need-beds-person-0': { split: [1, 1] } } })).toEqual([
      ['need-beds-person-0', 1, [1850, 650]],
      ['need-beds-person-0-part-2', 1, [1850, 650]],
    ])
    const apart = brief(people(adult, second))
    expect(berths({ ...apart, adjust: { 'need-beds-person-1': { into: 'need-beds-person-0' } } })).toEqual([
      ['need-beds-person-0', 2, [1850, 1300]],
    ])
    // whom the split was made for may leave or come: the parts are never more or fewer than the demand
    const split = { 'need-belts-all': { split: [2, 2] } }
    const belts = (...list: Person[]) =>
      demandsOf({ ...brief(people(...list)), adjust: split })
        .filter(({ need }) => need === 'belt')
        .map(({ quantity }) => quantity)
    expect(belts(adult, second, adult, second)).toEqual([2, 2])
    expect(belts(adult, second, adult, second, adult)).toEqual([2, 3])
    expect(belts(adult, second, adult)).toEqual([2, 1])
    expect(belts(adult, second)).toEqual([2])
    // what is waived takes nothing with it, nor does another go into it
    for (const waived of ['need-beds-person-0', 'need-beds-person-1'])
      expect(
        allDemands({
          ...apart,
          adjust: {
            'need-beds-person-1': { into: 'need-beds-person-0' },
            [waived]: { ...(waived.endsWith('1') ? { into: 'need-beds-person-0' } : {}), waived: 'at home' },
          },
        }).filter(({ need }) => need === 'berth'),
      ).toHaveLength(2)
    // a mast and a crate put together would be a third piece that nobody has
    const pieces = {
      ...brief(gear(mast, { ...mast, label: 'crate', sizeMm: [600, 400, 320] })),
      adjust: { 'need-gear-gear-1': { into: 'need-gear-gear-0' } },
    }
    expect(piecesOf(pieces).map(({ size }) => size)).toEqual([
      [2100, 180, 180],
      [600, 400, 320],
    ])
    // into what is not there, or into another need: it stays as it is
    expect(berths({ ...apart, adjust: { 'need-beds-person-1': { into: 'need-none' } } })).toHaveLength(2)
    expect(berths({ ...apart, adjust: { 'need-beds-person-1': { into: 'need-toilet-all' } } })).toHaveLength(2)
  })
})

describe('bodies', () => {
  it('are measured by tape where that was done, else by their share of the stature planned for', () => {
    const given = brief(people({ ...child, measured: { sittingHeight: 700 } }), use({ planYears: 3 }))
    const person = given.people['person-0']!
    expect(plannedStatureMm(given, person)).toBe(1439)
    expect(measureOf(given, person, 'sittingHeight')).toBe(700)
    expect(measureOf(given, person, 'elbow')).toBeCloseTo(1439 * 0.63, 6)
  })
})

describe('isOddStature', () => {
  it.each([
    [{ ...adult, statureMm: 1800 }, false],
    [{ ...adult, statureMm: 2150 }, true],
    [{ ...adult, statureMm: 1200 }, true],
    // a child of 8 has a median of 1273 (WHO, from memory): 1500 is within a fifth, 1560 is not
    [{ ...child, statureMm: 1500 }, false],
    [{ ...child, statureMm: 1560 }, true],
    [{ ...infant, statureMm: 1300 }, true],
  ] as const)('%j: %s', (person, odd) => expect(isOddStature(person)).toBe(odd))
})

describe('gear', () => {
  it('comes as pieces to stow, with what may not lie', () => {
    const given = brief(gear({ label: 'crate', sizeMm: [600, 400, 320], count: 2, mayLie: false }, mast))
    expect(piecesOf(given)).toEqual([
      { id: 'need-gear-gear-1#0', demandId: 'need-gear-gear-1', size: [2100, 180, 180], mayLie: true },
      { id: 'need-gear-gear-0#0', demandId: 'need-gear-gear-0', size: [600, 400, 320], mayLie: false },
      { id: 'need-gear-gear-0#1', demandId: 'need-gear-gear-0', size: [600, 400, 320], mayLie: false },
    ])
  })

  it('has a library that its own schema passes, each once', () => {
    expect(new Set(GEAR_LIBRARY.map(({ id }) => id)).size).toBe(GEAR_LIBRARY.length)
    for (const { gear: typical } of GEAR_LIBRARY) expect(gearSchema.safeParse(typical).success).toBe(true)
  })
})

describe('templates', () => {
  it.each(BRIEF_TEMPLATES.map((template) => [template.id, template] as const))(
    '%s is a whole brief with musts',
    (_id, template) => {
      expect(briefSchema.safeParse(template.brief).success).toBe(true)
      const musts = demandsOf(template.brief).filter(({ must }) => must)
      expect(musts.length).toBeGreaterThan(5)
      const known = new Set([
        ...Object.keys(template.brief.people),
        ...Object.keys(template.brief.pets),
        ...Object.keys(template.brief.gear ?? {}),
      ])
      for (const { forWhom } of musts) for (const id of forWhom) expect(known.has(id)).toBe(true)
    },
  )
})

describe('what a brief refuses', () => {
  const refused = (given: unknown): string[] => {
    const result = briefSchema.safeParse(given)
    return result.success ? [] : result.error.issues.map(({ path, message }) => `${path.join('.')}: ${message}`)
  }
  it.each([
    ['a stature of 20 cm', brief(people({ ...adult, statureMm: 200 })), /^people\.person-0\.statureMm: .*>=400/],
    ['a stature of 3 m', brief(people({ ...adult, statureMm: 3000 })), /^people\.person-0\.statureMm: .*<=2300/],
    [
      'gear longer than any vehicle',
      brief(gear({ ...mast, sizeMm: [9000, 180, 180] })),
      /^gear\.gear-0\.sizeMm\.0: .*<=6000/,
    ],
    ['half a piece', brief(gear({ ...mast, count: 0.5 })), /^gear\.gear-0\.count/],
    ['a date that is none', brief(use({ wantedBy: 'soon' })), /^use\.wantedBy: a date looks like/],
    ['colder than the pole', brief(use({ coldestC: -90 })), /^use\.coldestC/],
    ['a change to no demand', { ...brief(), adjust: { Toilet: { must: true } } }, /adjust/],
  ])('%s, at its path', (_what, given, message) => expect(refused(given).join('\n')).toMatch(message))

  it('two thousand lines of gear, with the limit', () => {
    const lines = Object.fromEntries(Array.from({ length: 2000 }, (_, index) => [`gear-${index}`, mast]))
    expect(refused({ ...brief(), gear: lines })).toEqual(['gear: holds more than 400 entries'])
  })

  it('and an empty brief is none of these', () => expect(refused(brief())).toEqual([]))
})
