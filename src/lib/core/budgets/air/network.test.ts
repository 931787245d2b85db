import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { airThrough, fanMoves, throughOpening, type AirWay } from './network'

const FAN = [
  [1530, 0],
  [0, 60],
] as const
const way = (id: string, from: string, to: string, m2: number, more: Partial<AirWay> = {}): AirWay => ({
  id,
  from,
  to,
  m2,
  zM: 1,
  ...more,
})
const flowOf = (flows: ReturnType<typeof airThrough>, id: string): number => flows.find((one) => one.id === id)!.m3h

describe('air through an opening', () => {
  it('textbook orifice, Q = 0.6 A √(2 Δp ÷ 1.2): 1 530 m³/h through 0.1 m² cost about 30 Pa', () => {
    expect(throughOpening(0.1, 30.1)).toBeCloseTo(1530, -1)
    expect(throughOpening(0.1, -30.1)).toBeCloseTo(-1530, -1)
    expect(throughOpening(0.1, 0)).toBe(0)
  })

  it('a fan gives what its curve has, in between too, and nothing past its last', () => {
    expect([0, 30, 60, 90].map((pa) => fanMoves(FAN, pa))).toEqual([1530, 765, 0, 0])
    expect(fanMoves([], 10)).toBe(0)
  })
})

describe('air through a body', () => {
  it('with a fan out and a window is what both agree on: the fan’s curve at the pressure that the window costs', () => {
    const flows = airThrough(['in'], [way('fan', 'in', 'out', 0.1, { curve: FAN }), way('window', 'out', 'in', 0.1)])
    const fan = flowOf(flows, 'fan')
    expect(flowOf(flows, 'window')).toBeCloseTo(fan, 2)
    // by hand: 0.2160 √Δp × 1000 … solved for q = 1530 (1 − Δp ÷ 60) and q = 3600 × 0.06 √(2 Δp ÷ 1.2)
    let [low, high] = [0, 60]
    for (let step = 0; step < 80; step += 1) {
      const pa = (low + high) / 2
      if (1530 * (1 - pa / 60) > 3600 * 0.06 * Math.sqrt((2 * pa) / 1.2)) low = pa
      else high = pa
    }
    expect(fan).toBeCloseTo(1530 * (1 - low / 60), 1)
  })

  it('without an inlet moves almost nothing; close the only inlet and it stops', () => {
    const open = airThrough(['in'], [way('fan', 'in', 'out', 0.1, { curve: FAN }), way('window', 'out', 'in', 0.06)])
    const shut = airThrough(['in'], [way('fan', 'in', 'out', 0.1, { curve: FAN }), way('leaks', 'out', 'in', 0.002)])
    expect(flowOf(shut, 'fan')).toBeLessThan(0.06 * flowOf(open, 'fan'))
  })

  it('warm air rises: through two openings of a room 20 K warmer, 1 m apart, as the textbook has it: Q = 0.6 A √(g H ΔT ÷ T) for each of two alike', () => {
    const flows = airThrough(
      ['in'],
      [way('low', 'out', 'in', 0.05, { zM: 0.5 }), way('high', 'in', 'out', 0.05, { zM: 1.5 })],
      { in: 20 },
      0,
    )
    // half of the pressure of a metre of air falls to each: Δp = ρ g H ΔT ÷ T ÷ 2, so Q = Cd A √(g H ΔT ÷ T)
    const q = 3600 * 0.6 * 0.05 * Math.sqrt((9.81 * 1 * 20) / 273.15)
    expect(flowOf(flows, 'low')).toBeCloseTo(q, 0)
    expect(flowOf(flows, 'high')).toBeCloseTo(q, 0)
  })

  it('keeps its air in every space, for random networks; more opening never lowers the air of the whole body', () => {
    const area = fc.double({ min: 0.002, max: 0.2, noNaN: true })
    fc.assert(
      fc.property(
        area,
        area,
        area,
        area,
        fc.double({ min: 0, max: 25, noNaN: true }),
        (window, door, hatch, vent, warm) => {
          const ways = (hatchM2: number): readonly AirWay[] => [
            way('fan', 'bed', 'out', 0.1, { curve: FAN, zM: 2 }),
            way('window', 'out', 'galley', window),
            way('door', 'galley', 'bed', door),
            way('hatch', 'galley', 'out', hatchM2, { zM: 1.9 }),
            way('vent', 'out', 'bed', vent, { zM: 0.3, windPa: 2 }),
          ]
          const into = (flows: ReturnType<typeof airThrough>, space: string): number =>
            ways(hatch).reduce((sum, one) => {
              const m3h = flowOf(flows, one.id)
              return sum + (one.to === space ? m3h : one.from === space ? -m3h : 0)
            }, 0)
          const flows = airThrough(['galley', 'bed'], ways(hatch), { galley: warm, bed: warm })
          for (const space of ['galley', 'bed']) expect(Math.abs(into(flows, space))).toBeLessThan(1e-5)
          const fresh = (some: ReturnType<typeof airThrough>): number =>
            ways(hatch).reduce((sum, { id, from, to }) => {
              const m3h = flowOf(some, id)
              return sum + (from === 'out' ? Math.max(0, m3h) : to === 'out' ? Math.max(0, -m3h) : 0)
            }, 0)
          const more = airThrough(['galley', 'bed'], ways(hatch * 1.5), { galley: warm, bed: warm })
          expect(fresh(more)).toBeGreaterThan(fresh(flows) - 1)
        },
      ),
      { seed: 26, numRuns: 40 },
    )
  })

  it('keeps its air in each of six rooms, however they are joined and wherever they open, to a millionth', () => {
    const rooms = ['a', 'b', 'c', 'd', 'e', 'f']
    const room = fc.constantFrom(...rooms)
    const opening = fc.record({
      from: fc.constantFrom('out', ...rooms),
      to: room,
      m2: fc.double({ min: 0.0005, max: 1.5, noNaN: true }),
      zM: fc.double({ min: 0, max: 2, noNaN: true }),
      windPa: fc.double({ min: -3, max: 3, noNaN: true }),
    })
    fc.assert(
      fc.property(fc.array(opening, { minLength: 4, maxLength: 16 }), room, (openings, blows) => {
        const ways: readonly AirWay[] = [
          // a leak in every room, as every room has one
          ...rooms.map((to) => way(`leak-${to}`, 'out', to, 0.001)),
          ...openings.filter(({ from, to }) => from !== to).map((one, at) => ({ id: `way-${at}`, ...one })),
          way('fan', blows, 'out', 0.1, { curve: FAN, zM: 2 }),
        ]
        const flows = airThrough(rooms, ways, { a: 5, b: 8, c: 0, d: 12, e: 3, f: 5 })
        const left = rooms.map((one) =>
          flows.reduce((sum, { m3h }, at) => {
            const { from, to } = ways[at]!
            return sum + (to === one ? m3h : from === one ? -m3h : 0)
          }, 0),
        )
        expect(Math.max(...left.map(Math.abs))).toBeLessThan(1e-5)
        expect(flows.find(({ id }) => id === 'fan')!.m3h).toBeGreaterThanOrEqual(0)
      }),
      { seed: 28, numRuns: 200 },
    )
  })

  it('finds the pressure that halving finds, of one space with any openings, fan, wind and warmth', () => {
    const sized = fc.record({
      m2: fc.double({ min: 0.0005, max: 0.3, noNaN: true }),
      zM: fc.double({ min: 0, max: 2.2, noNaN: true }),
      windPa: fc.double({ min: -4, max: 4, noNaN: true }),
    })
    fc.assert(
      fc.property(
        fc.array(sized, { minLength: 1, maxLength: 6 }),
        fc.boolean(),
        fc.double({ min: -5, max: 25, noNaN: true }),
        (openings, hasFan, warm) => {
          const ways: readonly AirWay[] = [
            ...openings.map((one, at) => ({ id: `opening-${at}`, from: 'out', to: 'in', ...one })),
            ...(hasFan ? [way('fan', 'in', 'out', 0.1, { curve: FAN, zM: 2 })] : []),
          ]
          const flows = airThrough(['in'], ways, { in: warm })
          /** Pa inside over outside at a height, where it is so much at the floor. */
          const inside = (pa: number, zM: number): number => pa + (1.2 * 9.81 * zM * warm) / 288.15
          const comesIn = (pa: number): readonly number[] =>
            ways.map(({ m2, zM, windPa = 0, curve }) =>
              curve === undefined ? throughOpening(m2, windPa - inside(pa, zM)) : -fanMoves(curve, -inside(pa, zM)),
            )
          let [low, high] = [-500, 500]
          for (let step = 0; step < 60; step += 1) {
            const pa = (low + high) / 2
            if (comesIn(pa).reduce((sum, m3h) => sum + m3h, 0) > 0) low = pa
            else high = pa
          }
          const slow = comesIn(low)
          flows.forEach(({ id, m3h }, at) => {
            const into = id === 'fan' ? -m3h : m3h
            expect(Math.abs(into - slow[at]!)).toBeLessThan(0.02)
          })
        },
      ),
      { seed: 27, numRuns: 200 },
    )
  })

  it('on a small case is as a slow obvious method has it: two pressures tried one by one', () => {
    const ways: readonly AirWay[] = [
      way('fan', 'bed', 'out', 0.1, { curve: FAN }),
      way('door', 'galley', 'bed', 0.08),
      way('window', 'out', 'galley', 0.06),
    ]
    const flow = flowOf(airThrough(['galley', 'bed'], ways), 'fan')
    let best = { off: Infinity, m3h: 0 }
    for (let bed = -60; bed <= 0; bed += 0.05)
      for (const galley of [bed * 0.64, ...Array.from({ length: 40 }, (_, at) => (bed * (at + 0.5)) / 40)]) {
        const [fan, door, window] = [
          fanMoves(FAN, -bed),
          throughOpening(0.08, galley - bed),
          throughOpening(0.06, -galley),
        ]
        const off = Math.abs(fan - door) + Math.abs(door - window)
        if (off < best.off) best = { off, m3h: fan }
      }
    expect(Math.abs(flow - best.m3h)).toBeLessThan(40)
  })
})
