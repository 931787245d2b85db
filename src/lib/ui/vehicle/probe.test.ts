import { describe, expect, it } from 'vitest'
import { interiorOf } from '$lib/core/shell'
import { genericShell } from '$lib/core/shells'
import { boardReadings, readingsAt, sayLiningCost } from './probe'

const space = interiorOf(genericShell('truck-box'), { floorMm: 40, wallMm: 30, roofMm: 20 })
const figures = (xMm: number, yMm: number, zMm: number) =>
  Object.fromEntries(
    readingsAt(space, { xMm, yMm, zMm }, 'mm').map(({ words, figure }) => [words, figure.replace(/\u202f/g, ' ')]),
  )

describe('readingsAt', () => {
  it('reads an upright box as the hand does', () => {
    // 2100 − 2 · 30 across; 2160 − 40 − 20 up; a carcass 500 deep stays 500 deep on an upright wall
    expect(figures(2000, 300, 700)).toEqual({
      wide: '2 040',
      high: '2 100',
      'bed across': '2 040',
      'carcass, left': '500',
    })
    expect(figures(2000, -300, 700)).toHaveProperty('carcass, right', '500')
  })

  it('says none where there is none, and why', () => {
    expect(figures(2000, 1500, 2500)).toEqual({
      wide: 'none',
      high: 'none',
      'bed across': 'none',
      'carcass, left': 'none',
    })
    const [wide, high] = readingsAt(space, { xMm: 2000, yMm: 1500, zMm: 2500 }, 'mm')
    expect(wide!.why[0]).toMatch(/no walls 2\s500\smm above the load floor/)
    expect(high!.why[0]).toMatch(/1\s500\smm from the centreline is outside the walls/)
  })

  it('reads the bed where the wall leans, over the whole mattress', () => {
    const van = interiorOf(genericShell('van-long-high'), { floorMm: 37, wallMm: 30, roofMm: 25 })
    const reading = (z: number) =>
      Number(
        readingsAt(van, { xMm: 2500, yMm: 0, zMm: z }, 'mm')
          .find(({ words }) => words === 'bed across')!
          .figure.replace(/\D/g, ''),
      )
    expect(reading(1200)).toBeLessThan(reading(700))
    expect(reading(700)).toBeLessThan(1780)
  })
})

describe('sayLiningCost', () => {
  it('has a sentence for each person, in the unit of the job', () => {
    const cost = {
      widthPerWallMm: 2.013,
      standing: [
        { label: 'tall', statureMm: 1880, mostRoofMm: 43 },
        { label: 'short', statureMm: 1500, mostRoofMm: 150 },
        { label: 'giant', statureMm: 2200, mostRoofMm: undefined },
      ],
    }
    const say = (roofMm: number) =>
      sayLiningCost(cost, roofMm, 'mm').map((sentence) => sentence.replace(/[\u00a0\u202f]/g, ' '))
    expect(say(25)).toEqual([
      'Wall lining costs 2.01 times its thickness in width, 1 200 mm up.',
      'The tall, 1 880 mm tall, can stand up here under at most 43 mm of roof lining.',
      'The short, 1 500 mm tall, can stand up here under any roof lining.',
      'The giant, 2 200 mm tall, cannot stand up here even without roof lining.',
    ])
    expect(say(60)[1]).toBe(
      'The tall, 1 880 mm tall, can stand up here under at most 43 mm of roof lining, less than there is.',
    )
  })
})

describe('ahead of the load space', () => {
  const words = (shell: string, xMm: number) =>
    readingsAt(interiorOf(genericShell(shell), space.lining), { xMm, yMm: 0, zMm: 700 }, 'mm')

  it('reads an open cab by its own width and height, and nothing of beds and carcasses', () => {
    const [wide, high, bed, carcass] = words('van-long-high', 4600).map(({ figure }) => figure.replace(/\u202f/g, ' '))
    expect([wide, high, bed, carcass]).toEqual(['1 688', '1 645', 'none', 'none'])
  })

  it('says that a closed bulkhead ends it', () => {
    const [wide, high] = words('truck-box', 4600)
    expect([wide!.figure, high!.figure]).toEqual(['none', 'none'])
    expect(high!.why[0]).toMatch(/^The load space ends at 4\s270\smm from the rear sill; no cab is open to it/)
  })
})

describe('boardReadings', () => {
  it('names the longest that lies and the longest by each door, none by a window', () => {
    const readings = boardReadings(space, 300, 20, 'mm')
    expect(readings.map(({ words }) => words)).toEqual([
      'longest that lies inside',
      'by the roll-up rear door',
      'by the side door',
    ])
    const [inside, rear, side] = readings.map(({ figure }) => Number(figure.replace(/\D/g, '')))
    // straight in to the lined bulkhead: 4300 − 30; slanted up inside it is longer, but never than the diagonal
    expect(rear).toBe(4270)
    expect(inside).toBeGreaterThan(4270)
    expect(inside).toBeLessThan(Math.hypot(4270, 2100, 2040))
    expect(side).toBeGreaterThan(2000)
    expect(readings[2]!.why[0]).toMatch(/^Pushed in at \d+° to the wall/)
  })

  it('says none for a section that passes no door', () => {
    const figures = boardReadings(space, 2600, 2500, 'mm').map(({ figure }) => figure)
    expect(figures).toEqual(['none', 'none', 'none'])
  })
})
