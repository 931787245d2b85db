import { describe, expect, it } from 'vitest'
import { aOrAn, count, list, numberWord, ofIt, partName, person, quoted, small } from './grammar'

describe('a person in a sentence', () => {
  it.each([
    ['Anna', 'Anna'],
    ['Person 2', 'Person 2'],
    ['surveyor', 'the surveyor'],
    ['the translator', 'the translator'],
    ['The translator', 'the translator'],
    ['my aunt', 'my aunt'],
    ['', 'someone'],
    ['   ', 'someone'],
    ['42', '“42”'],
    ['élodie', 'the élodie'],
  ])('%j is %j', (label, said) => expect(person(label)).toBe(said))
})

describe('a typed name', () => {
  it('stays as it was typed, on one line and not endless', () => {
    expect(quoted('LED strip')).toBe('“LED strip”')
    expect(quoted('a\nb')).toBe('“a b”')
    expect(quoted('“Nest” of "ours"')).toBe('“’Nest’ of ’ours’”')
    expect([...quoted('x'.repeat(500))].length).toBeLessThan(60)
  })

  it('from right to left is set apart, so that the figures round it keep their place', () => {
    expect(quoted('ארון')).toBe('“\u2068ארון\u2069”')
    expect(person('ארון')).toBe('\u2068ארון\u2069')
  })

  it('owns by “of”, a word of our own by its s', () => {
    expect(ofIt('“Nest”', 'mattress')).toBe('the mattress of “Nest”')
    expect(ofIt('the bed', 'mattress')).toBe('the bed’s mattress')
  })
})

describe('a part of the vehicle', () => {
  it.each([
    ['side door', 'the side door'],
    ['pillar 2, left', 'the left pillar 2'],
    ['roof hatch, emergency exit', 'the emergency roof hatch'],
    ['spare wheel, under the floor', 'the spare wheel'],
    ['the big door', 'the big door'],
    ['Anna’s door', '“Anna’s door”'],
  ])('%j is %j', (label, said) => expect(partName(label)).toBe(said))
})

describe('lists, counts and articles', () => {
  it('of none, one and several', () => {
    expect([list([]), list(['a']), list(['a', 'b']), list(['a', 'b', 'c'])]).toEqual(['', 'a', 'a and b', 'a, b and c'])
    expect([0, 1, 2].map((n) => count(n, { one: 'night', many: 'nights' }))).toEqual([
      '0 nights',
      '1 night',
      '2 nights',
    ])
    expect([numberWord(2), numberWord(10), numberWord(11)]).toEqual(['two', 'ten', '11'])
  })

  it.each([
    ['inverter', 'an inverter'],
    ['overhead locker', 'an overhead locker'],
    ['underfloor water tank', 'an underfloor water tank'],
    ['U-shaped lounge', 'a U-shaped lounge'],
    ['hob unit', 'a hob unit'],
  ])('%j is %j', (word, said) => expect(aOrAn(word)).toBe(said))

  it('small letters, but for what is written in capitals', () => {
    expect([small('Galley'), small('LED strip'), small('U-shaped lounge')]).toEqual([
      'galley',
      'LED strip',
      'U-shaped lounge',
    ])
  })
})
