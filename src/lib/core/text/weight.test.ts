import { describe, expect, it } from 'vitest'
import { heldAgainst, plannedFor, weightReport, type LimitState } from '../budgets'
import type { Command, Loading } from '../job'
import { put, truck, variant } from '../../../../tests/support/plan'
import { namesOf } from './names'
import { sayEntry, sayHeavy, sayHeld, sayPlace, sayUnknown, sayWeight, sayWeightState, sayWorst } from './weight'

const plain = (text: string): string => text.replace(/[\u202f\u00a0]/g, ' ')
const figures = (axles: object, masses: object = {}): Command => ({ type: 'masses.set', axles, masses }) as Command
const limit = (id: LimitState['id'], most: number, worst: number): LimitState => {
  const heaviest = { value: worst, aboard: [], ashore: [] }
  return {
    id,
    unit: 'kg',
    limit: most,
    isGuide: false,
    now: worst,
    low: worst,
    high: worst,
    worst: heaviest,
    worstDry: heaviest,
  }
}
const said = (...limits: LimitState[]): string => plain(sayWeight({ limits }))

describe('the words of weight', () => {
  it('answer in one or two sentences: what is left, and what is first to be full', () => {
    const total = (worst: number) => limit('total', 3500, worst)
    expect(said(total(3419), limit('rear', 2000, 1996))).toBe(
      '81 kg to spare, fully loaded. The rear axle is the tightest limit: at worst 4 kg is left on it.',
    )
    expect(said(total(3419), limit('rear', 2000, 2012))).toBe(
      '81 kg to spare, fully loaded. The rear axle is overloaded: at worst it carries 12 kg too much.',
    )
    expect(said(total(3490), limit('rear', 2000, 1500))).toBe(
      '10 kg to spare, fully loaded. The gross weight is the tightest limit.',
    )
    expect(said(total(3509), limit('rear', 2000, 1500))).toBe('9 kg too heavy, fully loaded.')
  })

  it('say the state of the step by what is tightest', () => {
    expect(sayWeightState(undefined)).toBe('weigh it up')
    const margin = { unit: 'kg', isGuide: false, left: 60 } as const
    expect(plain(sayWeightState([{ ...margin, id: 'rear', limit: 2000, value: 1940 }]))).toBe('rear axle 97%')
    expect(plain(sayWeightState([{ ...margin, id: 'total', limit: 3500, value: 3440 }]))).toBe('whole 98%')
  })

  it('name what weighs, where it is, and what nobody said', () => {
    const job = truck(put('fit-tank', 'water-tank', 420, 'left-wall'))
    const names = namesOf(job, job.variants[variant]!.plan)
    const report = weightReport(job, variant)
    const entry = (id: string) => report.entries.find((one) => one.id === id)!
    expect(sayEntry(entry('water:fit-tank'), job, names)).toBe('fresh water in the water tank')
    expect(
      sayHeavy(
        report.heavy.find(({ id }) => id === 'fit-tank')!,
        job,
        names,
      ),
    ).toBe('Water tank, full')
    expect(plain(sayPlace([640, 500, 0], 'mm'))).toBe('left, 640 mm from the sill')
    expect(plain(sayPlace([-300, 0, 0], 'mm'))).toBe('in the middle, 300 mm behind the sill')
    expect(sayUnknown({ what: 'people' }, job)).toBe('The brief names nobody who travels: a driver alone is assumed.')
    // water behind the axle lifts the front one: at its worst that is without it
    const front = report.limits.find(({ id }) => id === 'front')!
    expect(sayWorst(front, report.entries, job, names)).toContain('without fresh water')
  })

  it('say of a weighing how much is unaccounted for, or ask', () => {
    const job = truck(figures({ trackMm: 1750 }))
    const loading: Loading = { without: ['driver', 'things:loose'], levels: {} }
    const weighing = (total: number) =>
      sayHeld(
        heldAgainst(job, {
          on: '2027-03-14',
          variant,
          loading,
          totalKg: total,
          slackKg: 10,
          from: 'typed',
          plannedKg: plannedFor(job, variant, loading),
        }),
        'mm',
      ).map(plain)
    // the body 2348.84 and a full tank of 62.4
    expect(weighing(2461)).toEqual([
      'The scale says 2 461 kg, the plan 2 411 kg.',
      '50 kg more than the plan accounts for, 10 kg either way.',
      'This reading does not tell where that is.',
    ])
    expect(weighing(2415)[1]).toBe('They agree, as far as either can tell: 10 kg either way.')
    expect(weighing(2200)[1]).toMatch(/^That is less than the empty vehicle .*seats, the bulkhead, fuel, the driver\?$/)
  })
})
