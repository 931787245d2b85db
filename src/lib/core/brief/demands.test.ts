import { describe, expect, it } from 'vitest'
import { demandsOf, type Brief } from './index'

const brief: Brief = {
  people: {
    'person-a': { label: 'A', statureMm: 1840, sleeps: true, travels: true },
    'person-b': { label: 'B', statureMm: 1660, sleeps: true, travels: true },
    'person-c': { label: 'C', statureMm: 1900, sleeps: false, travels: true },
  },
  pets: {},
  nightsOffHookUp: 4,
  notes: '',
  demands: {
    'demand-a': { need: 'toilet', must: false },
    'demand-b': { need: 'berth', must: true },
    'demand-c': { need: 'stowage', must: true, label: 'mast', sizeMm: [2100, 180, 180] },
    'demand-d': { need: 'belt', must: true },
    'demand-e': { need: 'water', must: true },
    'demand-f': { need: 'table-seat', must: true, quantity: 2 },
  },
}

describe('demandsOf', () => {
  it('sorts by leading dimension and takes the figures from the people', () => {
    expect(demandsOf(brief).map(({ need, leadingMm, quantity }) => [need, leadingMm, quantity])).toEqual([
      ['stowage', 2100, 1],
      ['berth', 1890, 2],
      ['table-seat', 550, 2],
      ['belt', 500, 3],
      ['water', 500, 88],
      ['toilet', 450, 1],
    ])
  })

  it('says how a figure came about', () => {
    const because = Object.fromEntries(demandsOf(brief).map((demand) => [demand.need, demand.because]))
    expect(because.berth).toEqual({ code: 'sleepers', people: 2, tallestMm: 1840 })
    expect(because.water).toEqual({ code: 'water', people: 2, nights: 4, perNightL: 11 })
    expect(because.stowage).toEqual({ code: 'typed' })
    expect(because.toilet).toEqual({ code: 'typical' })
  })

  it('gives one who sleeps alone a single berth', () => {
    const alone = { ...brief, people: { 'person-a': brief.people['person-a']! } }
    expect(demandsOf(alone).find(({ need }) => need === 'berth')!.sizeMm).toEqual([1890, 650])
  })
})
