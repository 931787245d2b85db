import { describe, expect, it } from 'vitest'
import { SWEEPS } from '../proof'

/** A seeded tenth of what `npm run proof` sweeps; of the longest a part of that. */
const SHARE = 0.1
const SHARES: Readonly<Record<string, number>> = { 'typed-tape': 0.03 }

describe('a tenth of the proof', () => {
  it.each(Object.keys(SWEEPS))(
    '%s',
    (name) => {
      const { figures, faults } = SWEEPS[name]!(SHARES[name] ?? SHARE)
      expect(faults).toEqual([])
      expect(Number(figures[0]![1])).toBeGreaterThan(10)
    },
    600_000,
  )
})
