import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { apply, modesOf, parseJob } from '../../src/lib/core/job'
import { remediesFor, reviewVariant, type Finding, type VariantReview } from '../../src/lib/core/review'
import { variant } from '../corpus/bases'
import { CORPUS } from '../corpus/plans'
import { corpusReport } from '../corpus/report'
import { ratesOf, scores } from '../corpus/score'

/** All findings of a review by mode and key. */
const byKey = ({ modes }: VariantReview): ReadonlyMap<string, Finding> =>
  new Map(modes.flatMap(({ modeId, findings }) => findings.map((one) => [`${modeId} ${one.key}`, one] as const)))
const off = ({ measured, needed }: Finding): number => Math.abs(measured - needed)

describe('the corpus', () => {
  it('holds thirty plans and more, each complete: a valid document with people, fittings and its modes', () => {
    expect(CORPUS.length).toBeGreaterThanOrEqual(30)
    expect(new Set(CORPUS.map(({ name }) => name)).size).toBe(CORPUS.length)
    for (const { job } of CORPUS) {
      expect(parseJob(JSON.parse(JSON.stringify(job))).ok).toBe(true)
      expect(modesOf(job.variants[variant]!.plan)).toHaveLength(3)
      expect(Object.keys(job.brief.people).length).toBeGreaterThan(0)
    }
  })

  it('is reviewed without a rule that fails', () => {
    for (const { name, job } of CORPUS) expect([name, reviewVariant(job, variant).failed]).toEqual([name, []])
  })

  it('is judged as the builder judges it, but for a few per cent', () => {
    const { precision, recall, expected } = ratesOf(scores())
    expect(expected).toBeGreaterThan(100)
    expect(precision).toBeGreaterThanOrEqual(0.97)
    expect(recall).toBeGreaterThanOrEqual(0.97)
  })

  it(
    'is offered ways out that cure, for most of what is grave, and what suffers from them is told',
    { timeout: 300_000 },
    () => {
      // every third plan here; all of them by `npm run proof`
      const plans = CORPUS.filter((_, index) => process.env.PROOF === '1' || index % 3 === 0)
      let [grave, withWay, tried] = [0, 0, 0]
      for (const { name, job } of plans) {
        const before = byKey(reviewVariant(job, variant))
        const told = new Set<string>()
        for (const [at, finding] of before) {
          if (finding.gravity === 'note' || told.has(finding.key)) continue
          told.add(finding.key)
          grave += 1
          const offered = remediesFor(job, variant, finding)
          if (offered.length > 0) withWay += 1
          // the first, which is what a click takes
          for (const remedy of offered.slice(0, 1)) {
            tried += 1
            const next = apply(job, { type: 'batch', what: 'remedy', commands: [...remedy.commands] }).job
            const after = byKey(reviewVariant(next, variant))
            expect(after.has(at), `${name}: ${finding.key}, ${remedy.code}`).toBe(false)
            const fresh = [...after.keys()].filter((key) => !before.has(key)).sort()
            expect(fresh).toEqual(remedy.causes.map(({ modeId, key }) => `${modeId} ${key}`).sort())
            const worse = [...after].filter(([key, now]) => {
              const was = before.get(key)
              return was !== undefined && off(now) > off(was) + (now.unit === 'count' ? 0 : 1)
            })
            expect(worse.map(([key]) => key).sort()).toEqual(
              remedy.worse.map(({ modeId, key }) => `${modeId} ${key}`).sort(),
            )
          }
        }
      }
      expect(tried).toBeGreaterThan(15)
      expect([withWay, grave, withWay / grave >= 0.85]).toEqual([withWay, grave, true])
    },
  )

  it('has its figures in the docs as they are now', () => {
    expect(readFileSync(new URL('../../docs/review-corpus.md', import.meta.url), 'utf8')).toBe(corpusReport())
  })
})
