import { describe, expect, it } from 'vitest'
import { atTheEnd, demandsOf, nightsOfWater, unsaidHabits, waterUse, type Brief } from './index'

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

const whole = (litres: number) => ({ litres, drinkingL: 0 })

describe('what nobody said', () => {
  it('is between what others use; what was said stays, and what does not count is not named', () => {
    const said = brief({ use: { washing: 'inside', water: { showerMin: 2.5 } } })
    expect(unsaidHabits(said)).toEqual(['drinkL', 'dishesL', 'handsL', 'showerLpm'])
    const [low, high] = (['low', 'high'] as const).map((end) => waterUse(atTheEnd(said, end)).nightL)
    // 3 + 2 + 2 + 2.5 × 4 and 5 + 6 + 4 + 2.5 × 7
    expect([low, high]).toEqual([17, 32.5])
    expect(unsaidHabits(brief({ use: { washing: 'outside' } }))).toEqual(['drinkL', 'dishesL', 'handsL'])
  })
})

describe('drinking water of its own', () => {
  const use = waterUse(brief({ use: { washing: 'outside' } }))
  it('is gone first, or the rest is: 11 L a night are 4 for drinking and 7 for the rest', () => {
    expect(nightsOfWater(use, { litres: 80, drinkingL: 10 })).toBe(2.5)
    expect(nightsOfWater(use, { litres: 80, drinkingL: 60 })).toBeCloseTo(20 / 7, 9)
  })
  it('where there is nothing else is drunk and washed with', () => {
    expect(nightsOfWater(use, { litres: 22, drinkingL: 22 })).toBe(2)
  })
})

describe('water of a night', () => {
  // common practice, no source: who showers inside and lives aboard makes 150 L last a week
  it('makes 150 L last one person with a shower a week', () => {
    const lasts = nightsOfWater(waterUse(brief({ use: { washing: 'inside' } })), whole(150))
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
      expect([derives, nightsOfWater(waterUse(asked), whole(water.quantity))]).toEqual([derives, 7])
    }
    expect(nightsOfWater(waterUse(brief({ people: {} })), whole(100))).toBe(0)
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
