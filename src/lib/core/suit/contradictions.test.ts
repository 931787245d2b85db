import { describe, expect, it } from 'vitest'
import { interiorOf, mostHeadroomMm } from '../shell'
import { genericShell, GENERIC_SHELLS } from '../shells'
import { sayContradiction, sayContradictionBasis } from '../text'
import { CONTRADICTION_CODES } from './contradictions'
import {
  beltsOf,
  compareVehicles,
  contradictionsOf,
  loadKg,
  longestBedMm,
  wallAskedMm,
  wallLengthMm,
  type ContradictionCode,
} from './index'
import { type Brief, type Person } from '../brief'
import { BRIEF_TEMPLATES } from '../starts'

const lining = { floorMm: 37, wallMm: 30, roofMm: 25 }
const van = interiorOf(genericShell('van-long-high'), lining)
const truck = interiorOf(genericShell('truck-box'), lining)
const minivan = interiorOf(genericShell('minivan-glass-roof'), lining)
const person = (more: Partial<Person> = {}): Person => ({
  label: 'A',
  statureMm: 1750,
  sleeps: true,
  travels: true,
  ...more,
})
const brief = (given: Partial<Brief> = {}): Brief => ({
  people: { 'person-a': person() },
  pets: {},
  nightsOffHookUp: 2,
  derives: true,
  demands: {},
  notes: '',
  ...given,
})
const codes = (given: Brief, interior = van): ContradictionCode[] =>
  contradictionsOf(given, interior).map(({ code }) => code)
const find = (given: Brief, code: ContradictionCode, interior = van) =>
  contradictionsOf(given, interior).find((one) => one.code === code)

describe('contradictions', () => {
  it('says nothing where all goes together', () => expect(codes(brief())).toEqual([]))

  it('counts who travels against the belts that a body comes with', () => {
    const five = brief({
      people: Object.fromEntries(['a', 'b', 'c', 'd', 'e'].map((id) => [`person-${id}`, person()])),
    })
    expect(beltsOf(van.shell)).toBe(2)
    expect(find(five, 'belts-short')).toMatchObject({ wanted: 5, there: 2, unit: 'count', gravity: 'stop' })
    expect(sayContradiction(find(five, 'belts-short')!, 'mm')).toMatch(
      /^People who travel: 5\. Belted seats in this vehicle: 2\./,
    )
    expect(codes(five, minivan)).not.toContain('belts-short')
  })

  it('holds an unbroken piece against the longest that lies in the body', () => {
    const mast = (mm: number) => brief({ gear: { 'gear-a': { label: 'the mast', sizeMm: [mm, 180, 180], count: 1 } } })
    // straight along, the van takes 4250; raised at one end a little more
    expect(find(mast(4250), 'gear-long')).toBeUndefined()
    expect(find(mast(5200), 'gear-long')).toMatchObject({ who: 'the mast', wanted: 5200 })
    expect(find(mast(5200), 'gear-long')!.there).toBeGreaterThan(4250)
    expect(find(mast(2900), 'gear-long', minivan)!.there).toBeLessThan(2900)
    expect(codes({ ...mast(5200), adjust: { 'need-gear-gear-a': { waived: 'it stays at home' } } })).toEqual([])
  })

  it('holds standing height against the highest place', () => {
    // 1935 − 37 − 25, the roof’s slope takes a hair
    expect(Math.abs(mostHeadroomMm(van) - 1873)).toBeLessThanOrEqual(1)
    expect(find(brief({ people: { 'person-a': person({ statureMm: 1950 }) } }), 'head-low')).toMatchObject({
      wanted: 1970,
      there: mostHeadroomMm(van),
      gravity: 'caution',
    })
    expect(codes(brief({ people: { 'person-a': person({ statureMm: 1852 }) } }))).not.toContain('head-low')
    expect(codes(brief({ people: { 'person-a': person({ statureMm: 1950, mobility: 'wheelchair' }) } }))).not.toContain(
      'head-low',
    )
  })

  it('holds a bed against the longest that lies along or across', () => {
    expect(longestBedMm(van, 1200, 1900)).toBe(4250)
    const tall = brief({ people: { 'person-a': person({ statureMm: 2290 }) } })
    expect(codes(tall)).not.toContain('bed-short')
    expect(find(tall, 'bed-short', interiorOf(genericShell('van-compact'), lining))).toMatchObject({ wanted: 2340 })
  })

  it('asks a door of 815 for a wheelchair, as published', () => {
    const rolls = brief({ people: { 'person-a': person({ mobility: 'wheelchair' }) } })
    expect(codes(rolls)).not.toContain('route-wide')
    // the truck’s side door is 780 wide
    expect(find(rolls, 'route-wide', truck)).toMatchObject({ wanted: 815, there: 780 })
    expect(codes(brief(), truck)).not.toContain('route-wide')
  })

  it('adds up the wall that the musts ask for against what the doors leave, by hand', () => {
    // 2 × 4250 less the sliding door’s 1220; the window is too high to take any
    expect(wallLengthMm(van)).toBe(2 * 4250 - 1220)
    // a bed for one across 2 · 650 < 1800 along, and a galley of 1200
    expect(wallAskedMm(brief())).toBe(1300 + 1200)
    const much = brief({
      people: Object.fromEntries(
        ['a', 'b', 'c', 'd'].map((id) => [`person-${id}`, person({ work: { hours: 8, screens: 3 } })]),
      ),
      use: { cooking: 'daily', toilet: 'cassette', washing: 'inside' },
    })
    // 4 beds of 1300, 4 desks of 1400, galley 1400, cold box 600, toilet 450, shower 760
    expect(wallAskedMm(much)).toBe(5200 + 5600 + 1400 + 600 + 450 + 760)
    expect(sayContradiction(find(much, 'walls-short')!, 'mm')).toBe(
      'The musts need 14.0 m of wall; this vehicle has 7.3 m.',
    )
  })

  it('holds the outside against where it parks, and the load against the payload', () => {
    const parks = (given: Brief['use']) => codes(brief({ use: given }))
    expect(parks({ parkingHeightMm: 2100 })).toEqual(['parking-high'])
    expect(parks({ parkingLengthMm: 5500, parkingHeightMm: 2700 })).toEqual(['parking-long'])
    // one adult of 1.75 m, 24 × 1.75² = 73.5 kg, and 2 × 11 L of water
    expect(loadKg(brief())).toBe(96)
    const heavy = brief({ gear: { 'gear-a': { label: 'kiln', sizeMm: [600, 600, 700], count: 3, massKg: 450 } } })
    expect(find(heavy, 'payload-over')).toMatchObject({ wanted: 96 + 1350, there: 3500 - 2110, unit: 'kg' })
  })

  it('looks for a slanted place for the eight longest sections, and counts the pieces that it did not try', () => {
    const long = (pieces: number, sections: number) =>
      brief({
        gear: Object.fromEntries(
          Array.from({ length: pieces }, (_, index) => [
            `gear-${index}`,
            { label: `pole ${index}`, sizeMm: [9000 - index, 100 + (index % sections), 90] as const, count: 1 },
          ]),
        ) as NonNullable<Brief['gear']>,
      })
    const said = (given: Brief) => codes(given).filter((code) => code.startsWith('gear'))
    expect(said(long(8, 8))).toEqual(Array(8).fill('gear-long'))
    // alike in section: one search
    expect(said(long(30, 1))).toEqual(Array(30).fill('gear-long'))
    expect(said(long(11, 11))).toEqual([...Array(8).fill('gear-long'), 'gear-untried'])
    const untried = find(long(11, 11), 'gear-untried')!
    expect(untried).toMatchObject({ wanted: 3, there: 8, gravity: 'caution' })
    expect(sayContradiction(untried, 'mm')).toMatch(/^3 more long pieces were not tried in this vehicle/)
  })

  it('says which wishes of build do not go together', () => {
    expect(codes(brief({ use: { permanence: 'no-holes', toilet: 'cassette' } }))).toEqual(['holes-wanted'])
    expect(codes(brief({ use: { stealth: true, toilet: 'cassette' } }))).toEqual(['stealth-hatch'])
    expect(codes(brief({ use: { stealth: true, permanence: 'no-holes', toilet: 'dry' } }))).toEqual([])
  })

  it('has words for each, in mm and in inches', () => {
    for (const { brief: given } of BRIEF_TEMPLATES)
      for (const interior of [van, truck, minivan])
        for (const one of contradictionsOf(given, interior))
          for (const unit of ['mm', 'in'] as const) {
            expect(sayContradiction(one, unit)).toMatch(/\.$/)
            expect(sayContradiction(one, unit)).not.toMatch(/undefined|NaN/)
          }
    for (const code of CONTRADICTION_CODES) expect(sayContradictionBasis({ code }, 'mm').length).toBeGreaterThan(20)
  })
})

describe('compareVehicles', () => {
  it('puts the bodies that nothing stops first, the shortest of equals before', () => {
    const rows = compareVehicles(brief(), GENERIC_SHELLS, lining)
    expect(rows).toHaveLength(GENERIC_SHELLS.length)
    const stops = rows.map(({ against }) => against.filter(({ gravity }) => gravity === 'stop').length)
    expect(stops).toEqual([...stops].sort((a, b) => a - b))
    const [best] = rows
    expect(best!.against).toEqual([])
    for (const row of rows.filter(({ against }) => against.length === 0))
      expect(row.lengthMm).toBeGreaterThanOrEqual(best!.lengthMm!)
  })

  it('finds no short low van for the wheelchair user, and says the first that fails with its number', () => {
    const template = BRIEF_TEMPLATES.find(({ id }) => id === 'wheelchair-pair')!
    const rows = compareVehicles(template.brief, GENERIC_SHELLS, lining)
    const short = rows.find(({ shellId }) => shellId === 'van-short-low')!
    expect(short.against[0]).toMatchObject({ gravity: 'stop' })
    expect(short.musts).toBeLessThanOrEqual(short.of)
    expect(rows.indexOf(short)).toBeGreaterThan(rows.findIndex(({ shellId }) => shellId.startsWith('bus')))
  })

  it('fails the bed that is too long, not the other', () => {
    const two = brief({
      people: { 'person-a': person({ statureMm: 2290, label: 'giant' }), 'person-b': person({ label: 'B' }) },
    })
    const row = compareVehicles(two, [genericShell('van-compact')], lining)[0]!
    expect(row.against.map(({ code, who }) => [code, who])).toContainEqual(['bed-short', 'Bed for giant'])
    const belts = row.against.some(({ code }) => code === 'belts-short') ? 1 : 0
    // whatever else stops it is no demand of its own
    const others = new Set(
      row.against.flatMap(({ code, gravity }) =>
        gravity === 'stop' && code !== 'bed-short' && code !== 'belts-short' ? [code] : [],
      ),
    )
    expect(row.musts).toBe(row.of - 1 - belts - others.size)
  })

  it('answers wall and payload left of each, by hand for the van', () => {
    const row = compareVehicles(brief(), [genericShell('van-long-high')], lining)[0]!
    expect(row).toMatchObject({
      wallMm: 7280,
      wallAskedMm: 2500,
      spareWallMm: 7280 - 2500,
      payloadKg: 1390,
      loadKg: 96,
      payloadLeftKg: 3500 - 2110 - 96,
      musts: row.of,
    })
  })

  it('counts no full score beside a stop: what the brief sets and the body cannot keep is a must that fails', () => {
    const rows = (more: Partial<Brief>) => compareVehicles(brief(more), GENERIC_SHELLS, lining)
    for (const row of [...rows({}), ...rows({ use: { parkingHeightMm: 2000, parkingLengthMm: 5000 } })]) {
      const stops = row.against.filter(({ gravity }) => gravity === 'stop')
      expect([row.shellId, row.musts === row.of]).toEqual([row.shellId, stops.length === 0])
    }
    const bus = rows({ use: { parkingHeightMm: 2000 } }).find(({ shellId }) => shellId === 'bus-12m')!
    const free = rows({}).find(({ shellId }) => shellId === 'bus-12m')!
    expect(bus.of - bus.musts).toBe(free.of - free.musts + 1)
  })
})
