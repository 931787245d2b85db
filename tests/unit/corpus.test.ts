import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { modesOf, parseJob } from '../../src/lib/core/job'
import { reviewVariant } from '../../src/lib/core/review'
import { variant } from '../corpus/bases'
import { CORPUS } from '../corpus/plans'
import { corpusReport } from '../corpus/report'
import { ratesOf, scores } from '../corpus/score'

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

  it('has its figures in the docs as they are now', () => {
    expect(readFileSync(new URL('../../docs/review-corpus.md', import.meta.url), 'utf8')).toBe(corpusReport())
  })
})
