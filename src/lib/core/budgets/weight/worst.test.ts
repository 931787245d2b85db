import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { heaviest, leastShare, type Addend, type Portion } from './worst'

/** Every subset of what may be there, tried one by one. */
function everySubset<T extends { readonly may: boolean }>(
  all: readonly T[],
  of: (there: readonly T[]) => number,
): number[] {
  const must = all.filter(({ may }) => !may)
  const may = all.filter((one) => one.may)
  return Array.from({ length: 2 ** may.length }, (_, bits) =>
    of([...must, ...may.filter((_one, index) => (bits & (1 << index)) !== 0)]),
  )
}
const sum = (values: readonly number[]): number => values.reduce((all, one) => all + one, 0)

const addends = fc
  .array(fc.record({ value: fc.integer({ min: -300, max: 300 }), may: fc.boolean() }), { maxLength: 11 })
  .map((all) => all.map((one, index): Addend => ({ ...one, id: `n${index}` })))

const portions = fc
  .array(
    fc.record({
      whole: fc.integer({ min: 1, max: 400 }),
      share: fc.integer({ min: -40, max: 140 }),
      may: fc.boolean(),
    }),
    { minLength: 1, maxLength: 11 },
  )
  .map((all) =>
    all.map(({ whole, share, may }, index): Portion => ({
      id: `n${index}`,
      whole,
      part: (whole * share) / 100,
      // something is always there: a vehicle
      may: index > 0 && may,
    })),
  )

describe('the worst loading', () => {
  it('is the largest of all sums that can be, and its list makes it', () => {
    fc.assert(
      fc.property(addends, (all) => {
        const found = heaviest(all)
        expect(found.value).toBe(Math.max(...everySubset(all, (there) => sum(there.map(({ value }) => value)))))
        const listed = all.filter(({ id, may }) => !may || found.aboard.includes(id))
        expect(sum(listed.map(({ value }) => value))).toBe(found.value)
        expect(all.filter(({ id }) => found.ashore.includes(id)).every(({ value, may }) => may && value < 0)).toBe(true)
      }),
      { seed: 18, numRuns: 300 },
    )
  })

  it('has the least share of all that can be, and its list makes it', () => {
    fc.assert(
      fc.property(portions, (all) => {
        const share = (there: readonly Portion[]) =>
          sum(there.map(({ part }) => part)) / sum(there.map(({ whole }) => whole))
        const found = leastShare(all)
        expect(found.value).toBeCloseTo(Math.min(...everySubset(all, share)), 9)
        expect(share(all.filter(({ id, may }) => !may || found.aboard.includes(id)))).toBeCloseTo(found.value, 9)
      }),
      { seed: 18, numRuns: 300 },
    )
  })
})
