import { describe, expect, it } from 'vitest'
import { bareInterior, BODY_CLASSES, givesLight, heightsAt, isDoor, wallsAt } from '../shell'
import { genericShell, GENERIC_SHELLS } from '../shells'
import { baseOf, checksOf, doubtful, frameOf, measuresOf, readingsFrom, surveyed, surveyRows, valueOf } from './index'
import { newSurvey, surveySchema, type Survey } from '../readings'

const blank = newSurvey({ kind: 'generic', shell: 'van-long-high' })
const read = (survey: Survey, readings: Record<string, number | [number, number]>): Survey => ({
  ...survey,
  readings: {
    ...survey.readings,
    ...Object.fromEntries(
      Object.entries(readings).map(([id, value]) => [
        id,
        typeof value === 'number' ? { first: value } : { first: value[0], second: value[1] },
      ]),
    ),
  },
})
/** Everything measured, each to what the body that it starts from has. */
const whole = (survey: Survey): Survey =>
  read(survey, Object.fromEntries(measuresOf(survey).map(({ id, nominal }) => [id, nominal])))

describe('surveyed', () => {
  it.each(GENERIC_SHELLS.map(({ id }) => [id]))('%s measured as it is comes back as it is', (id) => {
    for (const apart of [false, true]) {
      const survey = whole({ ...newSurvey({ kind: 'generic', shell: id }), apart })
      const { shell, faults, missing } = surveyed(survey)
      expect([faults, missing]).toEqual([[], []])
      const [ours, theirs] = [bareInterior(shell), bareInterior(genericShell(id))]
      const { stationMm, levelMm } = frameOf(survey)
      for (const x of Object.values(stationMm))
        for (const z of Object.values(levelMm)) {
          const [a, b] = [wallsAt(ours, x, z)!, wallsAt(theirs, x, z)!]
          expect(Math.abs(a.max - b.max)).toBeLessThanOrEqual(1)
          expect(Math.abs(heightsAt(ours, x, 0)!.max - heightsAt(theirs, x, 0)!.max)).toBeLessThanOrEqual(1)
        }
      expect(shell.axles).toMatchObject({ rearXMm: genericShell(id).axles.rearXMm })
      expect(checksOf(survey).filter((check) => !check.ok)).toEqual([])
    }
  })

  it('puts measures where they belong, and says which are still missing', () => {
    const half = surveyed(read(blank, { 'length-floor': 4300, 'axle-low': 1860, 'arch-between': 1360 }))
    expect(half.faults).toEqual([])
    expect(half.measured).toBe(3)
    expect(half.missing).toEqual(['axle-floor', 'axle-mid', 'axle-high', 'axle-roof', 'arch-from'])
    expect(half.shell.bulkhead.xMm).toBe(4300)
    expect(
      half.shell.keepOuts.filter(({ what }) => what === 'wheel-arch').map(({ from, to }) => [from[1], to[1]]),
    ).toEqual([
      [680, 960],
      [-960, -680],
    ])
    const bare = bareInterior(half.shell)
    const { stationMm, levelMm } = frameOf(read(blank, { 'length-floor': 4300 }))
    expect(wallsAt(bare, stationMm.axle, levelMm.low)!.max).toBeCloseTo(930, 6)
    expect(half.shell.cabSeats[0]!.xMm).toBe(genericShell('van-long-high').cabSeats[0]!.xMm + 50)
  })

  it('takes what a tape does not tell of the openings, and leaves it as it was where nothing is said', () => {
    const survey: Survey = {
      ...read(blank, { 'side-door-step': 240, 'rear-door-step': 30 }),
      openings: {
        'door-slide': { outsideOnly: true },
        'door-rear': { behind: 'door-slide' },
        'door-none': { standsUp: true },
      },
    }
    const before = genericShell('van-long-high').openings
    const { shell, faults } = surveyed(survey)
    expect(faults).toEqual([])
    const of = (id: string) => shell.openings.find((opening) => opening.id === id)!
    expect(shell.openings.map(({ id }) => id)).toEqual(before.map(({ id }) => id))
    expect(of('door-slide')).toMatchObject({ stepMm: 240, outsideOnly: true })
    // less than 50 mm is the lip of the floor
    expect(of('door-rear').stepMm).toBeUndefined()
    expect(of('door-rear').behind).toBe('door-slide')
    // taken back again, and what names no opening of this body or itself is passed over
    const back = surveyed({
      ...survey,
      openings: { 'door-rear': { behind: null }, 'door-slide': { behind: 'door-gone' } },
    })
    expect(back.faults).toEqual([])
    for (const opening of back.shell.openings) expect(opening).not.toHaveProperty('behind')
    expect(surveyed({ ...survey, openings: { 'door-rear': { behind: 'door-rear' } } }).faults).toEqual([])
    expect(surveySchema.safeParse({ ...survey, openings: { 'door-slide': { behind: 'a b' } } }).success).toBe(false)
    const many = Object.fromEntries(Array.from({ length: 61 }, (_, index) => [`door-${index}`, {}]))
    expect(surveySchema.safeParse({ ...survey, openings: many }).success).toBe(false)
  })

  it('says what is behind a leaf is no light, no air and no way out, once it is used', () => {
    const mini = newSurvey({ kind: 'generic', shell: 'minivan-glass-roof' })
    const pane = surveyed(mini).shell.openings.find((opening) => opening.side !== 'roof' && givesLight(opening))!
    const door = surveyed(mini).shell.openings.find((opening) => opening.side === pane.side && isDoor(opening))!
    const behind = surveyed({ ...mini, openings: { [pane.id]: { behind: door.id } } }).shell
    expect(givesLight(behind.openings.find(({ id }) => id === pane.id)!)).toBe(false)
  })

  it('takes the cab and every other opening as they are measured', () => {
    const bus = newSurvey({ kind: 'generic', shell: 'minivan-glass-roof' })
    const ids = measuresOf(bus).map(({ id }) => id)
    expect(ids).toEqual(
      expect.arrayContaining(['cab-roof', 'door-left-from', 'roof-glass-width', 'window-left-1-sill']),
    )
    expect(ids).not.toContain('roof-glass-sill')
    expect(ids).not.toContain('door-side-from')
    const { shell, faults } = surveyed(
      read(bus, {
        'length-floor': 2400,
        'cab-roof': 1100,
        'cab-floor': -90,
        'cab-width': 1400,
        'door-left-from': 1300,
        'door-left-width': 800,
        'roof-glass-height': 900,
        'window-left-1-sill': 580,
      }),
    )
    expect(faults).toEqual([])
    expect(shell.cab).toEqual({ lengthMm: 1150, widthMm: 1400, floorMm: -90, roofMm: 1100 })
    const opening = (id: string) => shell.openings.find((one) => one.id === id)!
    expect(opening('door-left')).toMatchObject({ fromMm: 1300, toMm: 2100, sillMm: 0, headMm: 1010 })
    expect(opening('roof-glass')).toMatchObject({ fromMm: 700, toMm: 1950, sillMm: -450, headMm: 450 })
    expect(opening('window-left-1')).toMatchObject({ sillMm: 580, headMm: 950 })
    // what stands in the cab goes with the front end of the load space
    expect(shell.keepOuts.find(({ id }) => id === 'pillar-door-left')!.from[0]).toBe(2400)
    // a cab too low is no cab, and says so with its figures
    const low = surveyed(read(bus, { 'cab-roof': 700 }))
    expect(low.faults).toContainEqual({
      path: ['cab', 'roofMm'],
      message: 'the cab is 700 − -86 = 786 mm high; at least 850',
    })
  })

  it('keeps the run of the body between the stations, and moves it with them', () => {
    const van = bareInterior(genericShell('van-long-high'))
    const { levelMm } = frameOf(blank)
    const wide = (survey: Survey, x: number) => wallsAt(bareInterior(surveyed(survey).shell), x, levelMm.mid)!.max
    for (const x of [0, 250, 500, 900])
      expect(Math.abs(wide(blank, x) - wallsAt(van, x, levelMm.mid)!.max)).toBeLessThan(1)
    // 40 mm wider over the axle is 20 a side there; at 500 of the 1255 mm from the sill, 20 · 500 / 1255 = 8 of it
    const wider = read(blank, { 'axle-mid': measuresOf(blank).find(({ id }) => id === 'axle-mid')!.nominal + 40 })
    expect(wide(wider, 1255) - wide(blank, 1255)).toBeCloseTo(20, 6)
    expect(wide(wider, 500) - wide(blank, 500)).toBeCloseTo((20 * 500) / 1255, 6)
    expect(wide(wider, 0)).toBeCloseTo(wide(blank, 0), 6)
  })

  it('takes left and right apart', () => {
    const { shell } = surveyed(read({ ...blank, apart: true }, { 'axle-mid-left': 905, 'axle-mid-right': 890 }))
    const { stationMm, levelMm } = frameOf(blank)
    const walls = wallsAt(bareInterior(shell), stationMm.axle, levelMm.mid)!
    expect([walls.min, walls.max].map(Math.round)).toEqual([-890, 905])
  })

  it.each(BODY_CLASSES)('starts a %s from four numbers', (bodyClass) => {
    const start = newSurvey({ kind: 'numbers', bodyClass })
    expect(surveyed(start).faults).toEqual([])
    const four = read(start, { 'length-floor': 3300, 'axle-low': 1840, 'axle-roof': 1720, 'arch-from': 700 })
    expect(baseOf(four).bulkhead.xMm).toBe(3300)
    expect(surveyed(four).faults).toEqual([])
    expect(heightsAt(bareInterior(surveyed(four).shell), 1500, 0)!.max).toBeCloseTo(1720, 6)
  })

  it.each([
    [
      'a section without width',
      { 'axle-low': 10, 'axle-mid': 10, 'axle-floor': 10, 'axle-high': 10, 'axle-cant': 10 },
      /under 900 mm wide/,
    ],
    ['a section that crosses itself', { 'axle-mid': 900 }, /bends inward/],
    ['stations out of order', { 'arch-from': 9000 }, /stations run forward/],
    [
      'wheel arches wider than the floor',
      { 'arch-between': 2400 },
      /wheel arch.*2 × 1200 mm of a body that is 2 × 9\d\d/,
    ],
    ['a door outside the body', { 'side-door-from': 8000 }, /reaches to 8000, outside the body/],
    [
      'masses over the gross',
      { 'kerb-front': 2500, 'kerb-rear': 2200 },
      /gross mass 3500 must exceed the kerb mass 4700/,
    ],
  ])('refuses %s by name, with its arithmetic', (_what, readings, words) => {
    const faults = surveyed(read(blank, readings as unknown as Record<string, number>)).faults
    expect(faults.map(({ message }) => message).join('\n')).toMatch(words)
  })
})

describe('checksOf', () => {
  const failing = (readings: Record<string, number | [number, number]>, survey = blank) =>
    checksOf(read(survey, readings))
      .filter((check) => !check.ok)
      .map(({ code, measured, expected }) => [code, Math.round(measured), Math.round(expected)])

  it('says nothing before there is anything to compare', () => expect(checksOf(blank)).toEqual([]))

  it.each([
    [{ 'axle-low': [1848, 1860] }, ['readings-agree', 1848, 1860]],
    [{ 'floor-diagonal-a': 4600, 'floor-diagonal-b': 4640 }, ['diagonals-equal', 4600, 4640]],
    // 1540 by 1780 has a diagonal of √(1540² + 1780²) = 2353.7
    [
      { 'rear-door-width': 1540, 'rear-door-height': 1780, 'rear-door-diagonal-a': 2400 },
      ['diagonal-fits', 2400, 2354],
    ],
    // 820 + 870 + 2500 = 4190
    [
      { 'arch-from': 820, 'arch-length': 870, 'length-behind-arch': 2500, 'length-floor': 4250 },
      ['parts-sum', 4190, 4250],
    ],
    [{ 'axle-mid': 1830, 'axle-high': 1900 }, ['leans-in', 1900, 1830]],
    // 1800 outside less 1848 inside leaves less than nothing for the skin
    [{ 'outer-width': 1800, 'axle-low': 1848 }, ['skin-plausible', -48, 220]],
    [{ 'arch-from': 820, 'arch-length': 870, 'axle-from-sill': 1700 }, ['arch-over-axle', 1255, 1700]],
    [{ 'arch-between': 1900, 'axle-floor': 1780 }, ['arch-within-floor', 1900, 1780]],
    [{ 'kerb-front': 2000, 'kerb-rear': 1700, gross: 3500 }, ['masses-sum', 3700, 3500]],
  ] as [Record<string, number | [number, number]>, [string, number, number]][])('%j: %j', (readings, expected) => {
    expect(failing(readings)).toContainEqual(expected)
  })

  it('compares left and right when they are measured apart, and casts doubt on all that take part', () => {
    const survey = read({ ...blank, apart: true }, { 'door-low-left': 930, 'door-low-right': 900 })
    const checks = checksOf(survey)
    expect(checks[0]).toMatchObject({ code: 'sides-alike', ok: false, measured: 930, expected: 900 })
    expect([...doubtful(checks)].sort()).toEqual(['door-low-left', 'door-low-right'])
  })

  it('is content with what agrees', () =>
    expect(
      failing({
        'rear-door-width': 1540,
        'rear-door-height': 1780,
        'rear-door-diagonal-a': 2355,
        'rear-door-diagonal-b': 2352,
      }),
    ).toEqual([]))
})

describe('readings', () => {
  const [first] = measuresOf(blank)
  it('are averaged, and doubtful when they are further apart than their tolerance', () => {
    expect(valueOf(blank, first!)).toEqual({ value: undefined, state: 'to-measure' })
    expect(valueOf(read(blank, { 'length-floor': [4250, 4254] }), first!)).toEqual({ value: 4252, state: 'measured' })
    expect(valueOf(read(blank, { 'length-floor': [4250, 4270] }), first!)).toEqual({ value: 4260, state: 'doubtful' })
  })

  it('go out as rows and come in again, in any unit of length', () => {
    const survey = whole(blank)
    const rows = surveyRows(survey)
    expect(rows[0]).toEqual(['measure', 'first', 'second', 'unit'])
    expect(readingsFrom(blank, rows)).toEqual({ readings: survey.readings, faults: [] })
    expect(
      readingsFrom(blank, [['length-floor', '13\' 11 1/2"', '4.255 m'], [''], ['gross', '3500', '', 'kg']]).readings,
    ).toEqual({
      'length-floor': { first: 4254.5, second: 4255 },
      gross: { first: 3500 },
    })
  })

  it('with faults are refused whole, each with its line', () => {
    const result = readingsFrom(blank, [
      ['measure', 'first'],
      ['length-floor', 'long'],
      ['width-of-soul', '3'],
      ['gross', '-4'],
    ])
    expect(result.readings).toBe(blank.readings)
    expect(result.faults).toEqual([
      { line: 2, message: '“long” is not a length in mm' },
      { line: 3, message: 'there is no measurement “width-of-soul”' },
      { line: 4, message: '“-4” is not a weight in kg' },
    ])
  })

  it('are stored only as what they are', () => {
    expect(surveySchema.safeParse(whole(blank)).success).toBe(true)
    expect(surveySchema.safeParse({ ...blank, readings: { __proto__x: { first: 1 } } }).success).toBe(false)
    expect(surveySchema.safeParse({ ...blank, readings: { 'length-floor': { first: 1e308 } } }).success).toBe(false)
  })
})
