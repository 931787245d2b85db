import { describe, expect, it } from 'vitest'
import { NEEDS } from '../brief'
import { kindOf } from '../fittings'
import { RULES } from '../review'
import { NEED_TABLE } from './table'

describe('the table of needs', () => {
  it('names a kind that says it meets the need, but for free floor', () => {
    for (const need of NEEDS) {
      const { first } = NEED_TABLE[need]
      if (first !== undefined) expect([need, kindOf(first).meets.includes(need)]).toEqual([need, true])
    }
    // a circle to turn in is free floor, no furniture
    expect(NEEDS.filter((need) => NEED_TABLE[need].first === undefined)).toEqual(['turning-circle'])
  })

  it('names a rule that there is', () => {
    const ids = RULES.map(({ id }) => id)
    for (const need of NEEDS) expect([need, ids.includes(NEED_TABLE[need].toldBy)]).toEqual([need, true])
  })
})
