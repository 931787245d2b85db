import { describe, expect, it } from 'vitest'
import { LENGTH_UNITS, parseLength } from '$lib/core/units'
import { keyed, padRows } from './keypad'

describe('the pad of figures', () => {
  it.each(LENGTH_UNITS)('writes in %s what the field reads: each unit of it, a sum, a fraction', (unit) => {
    const keys = padRows(unit).flat()
    for (const digit of '0123456789') expect(keys.some(({ writes }) => writes === digit)).toBe(true)
    for (const { writes } of keys.filter(({ words = '' }) => /feet|inches|metres/.test(words)))
      expect(parseLength(`2${writes}`, unit), writes).toMatchObject({ ok: true })
    for (const sign of ['+', '−', '×']) {
      expect(keys.some(({ writes }) => writes === sign)).toBe(true)
      expect(parseLength(`40${sign}2`, unit)).toMatchObject({ ok: true })
    }
    expect(parseLength('3/4″', unit)).toMatchObject({ ok: true, value: expect.closeTo(19.05, 9) })
  })

  it('writes over what is marked, and takes back one letter or all that is marked', () => {
    expect(keyed('1200', 0, 4, '9')).toEqual({ text: '9', at: 1 })
    expect(keyed('1200', 2, 2, '+')).toEqual({ text: '12+00', at: 3 })
    expect(keyed('1200', 2, 2, undefined)).toEqual({ text: '100', at: 1 })
    expect(keyed('1200', 1, 3, undefined)).toEqual({ text: '10', at: 1 })
    expect(keyed('', 0, 0, undefined)).toEqual({ text: '', at: 0 })
  })
})
