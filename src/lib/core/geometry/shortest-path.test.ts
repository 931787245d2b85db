import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shortestPath, type Link } from './shortest-path'

/** The shortest of all ways that pass no knot twice, each tried. */
function byAllWays(links: readonly Link[], from: string, to: string): number | undefined {
  let best: number | undefined
  const go = (at: string, length: number, seen: readonly string[]): void => {
    if (at === to) {
      best = best === undefined ? length : Math.min(best, length)
      return
    }
    for (const { a, b, length: more } of links) {
      const other = a === at ? b : b === at ? a : undefined
      if (other !== undefined && !seen.includes(other)) go(other, length + more, [...seen, other])
    }
  }
  go(from, 0, [from])
  return best
}

describe('the shortest way', () => {
  it('is that of all ways tried, on small nets', () => {
    const knot = fc.constantFrom('a', 'b', 'c', 'd', 'e', 'f')
    const link = fc.record({ a: knot, b: knot, length: fc.integer({ min: 1, max: 20 }) })
    fc.assert(
      fc.property(fc.array(link, { maxLength: 11 }), knot, knot, (links, from, to) => {
        const found = shortestPath(links, from, to)
        expect(found?.length).toBe(byAllWays(links, from, to))
        if (found === undefined) return
        expect([found.knots[0], found.knots.at(-1)]).toEqual([from, to])
        // it goes over links that are there, and their lengths are its length
        const steps = found.knots.slice(1).map((b, at) => {
          const a = found.knots[at]!
          return Math.min(
            ...links
              .filter((one) => (one.a === a && one.b === b) || (one.a === b && one.b === a))
              .map(({ length }) => length),
          )
        })
        expect(steps.reduce((sum, one) => sum + one, 0)).toBe(found.length)
      }),
      { seed: 8, numRuns: 300 },
    )
  })

  it('is none where nothing leads there', () => {
    expect(shortestPath([{ a: 'a', b: 'b', length: 1 }], 'a', 'z')).toBeUndefined()
  })
})
