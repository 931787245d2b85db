import { describe, expect, it } from 'vitest'
import { demandsOf, nightsOfWater, waterUse, type Brief } from './index'

const person = (label: string, more: object = {}) => ({ label, statureMm: 1750, sleeps: true, travels: true, ...more })
const brief = (more: Partial<Brief> = {}): Brief =>
  ({
    people: { 'person-a': person('A') },
    pets: {},
    demands: {},
    nightsOffHookUp: 7,
    notes: '',
    derives: true,
    ...more,
  }) as Brief

describe('water of a night', () => {
  // common practice, no source: who showers inside and lives aboard makes 150 L last a week
  it('makes 150 L last one person with a shower a week', () => {
    const lasts = nightsOfWater(brief({ use: { washing: 'inside' } }), 150)
    expect([lasts >= 7, lasts < 7.3]).toEqual([true, true])
  })

  it.each<[string, Partial<Brief>, number]>([
    ['one, thrifty', {}, 11],
    ['two, thrifty', { people: { a: person('A'), b: person('B') } } as Partial<Brief>, 22],
    [
      'a guest who does not sleep aboard drinks elsewhere',
      { people: { a: person('A'), b: person('B', { sleeps: false }) } } as Partial<Brief>,
      11,
    ],
    ['with a shower', { use: { washing: 'inside' } }, 21],
    ['with a dog', { pets: { 'pet-a': { label: 'dog' } } } as unknown as Partial<Brief>, 13],
    [
      'a typed brief says nothing of showers and animals',
      { derives: false, use: { washing: 'inside' }, pets: { 'pet-a': { label: 'dog' } } } as unknown as Partial<Brief>,
      11,
    ],
    ['nobody', { people: {} }, 0],
  ])('%s', (_what, more, nightL) => expect(waterUse(brief(more)).nightL).toBe(nightL))

  it('is what the demand asks for, and what a tank of that size lasts', () => {
    for (const derives of [true, false]) {
      const asked = brief({ derives, demands: { 'demand-a': { need: 'water', must: true } } } as Partial<Brief>)
      const water = demandsOf(asked).find(({ need }) => need === 'water')!
      expect([derives, nightsOfWater(asked, water.quantity)]).toEqual([derives, 7])
    }
    expect(nightsOfWater(brief({ people: {} }), 100)).toBe(0)
  })

  it('is asked for from one filling to the next, whatever the power does', () => {
    for (const derives of [true, false]) {
      const typed = { derives, demands: { 'demand-a': { need: 'water', must: true } } } as Partial<Brief>
      const litres = (more: Partial<Brief>) =>
        demandsOf(brief({ ...typed, ...more })).find(({ need }) => need === 'water')!.quantity
      expect(litres({ use: { nightsBetweenWater: 2 } })).toBe(22)
      expect(litres({ use: { nightsBetweenWater: 2, nightsBetweenPower: 9 }, nightsOffHookUp: 30 })).toBe(22)
    }
  })
})
