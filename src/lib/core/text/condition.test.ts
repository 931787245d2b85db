import { describe, expect, it } from 'vitest'
import { FOUND_KINDS, newFound, stepStates, sumOf, type FoundList } from '../condition'
import { FOUND_WORDS, foundName, sayFoundSum, sayMoney, sayStep } from './index'

const list: FoundList = {
  'found-a': { ...newFound('rust'), label: 'Left sill', minutes: 510, costMinor: 123_450 },
  'found-b': newFound('rust'),
  'found-c': newFound('leak'),
  'found-d': newFound('damp'),
}

describe('what was found, in words', () => {
  it.each([
    [0, '0'],
    [4050, '40.50'],
    [120_000, '1\u202f200'],
    [5, '0.05'],
  ])('%d are %s', (minor, said) => expect(sayMoney(minor)).toBe(said))

  it('sums up what is known and says what is not', () => {
    expect(sayFoundSum(sumOf(Object.values(list)))).toBe(
      '4 things · 8 h 30 min · costs 1\u202f234.50 · 3 without hours · 3 without a price',
    )
    expect(sayFoundSum(sumOf([]))).toBe('0 things')
  })

  it('names three of what a step waits for, and counts the rest', () => {
    const named = (id: string) => foundName(list[id]!)
    const said = stepStates(list).map((step) => sayStep(step, named))
    expect(said).toEqual([
      'open',
      'open',
      'waits for “Left sill”; rust',
      ...Array.from({ length: 4 }, () => 'waits for “Left sill”; rust; a leak; and 1 more'),
    ])
  })

  it.each(FOUND_KINDS)('has a name for %s that has none of its own', (kind) => {
    expect(foundName({ kind, label: ' ' }).length).toBeGreaterThan(3)
    expect(FOUND_WORDS[kind]).not.toMatch(/^[A-Z]/)
  })
})
