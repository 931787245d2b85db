import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { BUILDS } from '../../scripts/examples/builds'
import { HOLLOW_BUILDS } from '../../scripts/examples/hollow-builds'
import { KINDS } from '../../src/lib/core/fittings'
import { modesOf, parseJobText, planInterior, type Job } from '../../src/lib/core/job'
import { compose, NO_LETTERHEAD, pageSvg } from '../../src/lib/core/paper'
import { reviewVariant, tally } from '../../src/lib/core/review'
import { changeBetween } from '../../src/lib/core/scene'
import { BODY_CLASSES } from '../../src/lib/core/shell'
import { namesOf, sayFinding } from '../../src/lib/core/text'

const folder = new URL('../../examples/', import.meta.url)
const files = readdirSync(folder).filter((file) => file.endsWith('.zimmerman.json'))
const read = (file: string): Job => {
  const parsed = parseJobText(readFileSync(new URL(file, folder), 'utf8'))
  if (!parsed.ok) throw new Error(`${file}: ${parsed.faults[0]!.path} ${parsed.faults[0]!.message}`)
  return parsed.job
}
const jobs = files.map((file) => [file, read(file)] as const)
const planOf = (job: Job) => job.variants['variant-a']!.plan

describe.each(jobs)('%s', (_file, job) => {
  it('is reviewed in every mode without a rule that fails, and said in words', () => {
    const review = reviewVariant(job, 'variant-a')
    expect(review.failed).toEqual([])
    expect(review.modes).toHaveLength(modesOf(planOf(job)).length)
    const names = namesOf(job, planOf(job))
    for (const { findings } of review.modes) {
      const keys = findings.map(({ key }) => key)
      expect(keys.filter((key, index) => keys.indexOf(key) !== index)).toEqual([])
    }
    for (const { findings } of review.modes)
      for (const finding of findings) expect(sayFinding(finding, names, 'mm').designer).not.toContain('undefined')
    if (process.env.SHOW !== undefined)
      console.log(
        job.id,
        tally(review),
        [
          ...new Map(
            review.modes
              .flatMap(({ findings }) => findings)
              .filter((f) => f.gravity !== 'note')
              .map((f) => [f.key, `${f.gravity} ${f.modeId} ${sayFinding(f, names, 'mm').designer}`]),
          ).values(),
        ].join('\n  '),
      )
  })

  it('has a feasible order of moves between its modes, and draws', () => {
    const ids = modesOf(planOf(job)).map(([id]) => id)
    const interior = planInterior(job.shell, planOf(job))
    for (const [index, id] of ids.slice(1).entries()) {
      const change = changeBetween(interior, planOf(job), ids[index]!, id, job.brief)
      expect(change.stuck).toEqual([])
      expect(change.moves.every(({ minutes }) => minutes > 0)).toBe(true)
    }
    const { pages } = compose('set', {
      job,
      variantId: 'variant-a',
      format: { paper: 'A3', across: true },
      letterhead: NO_LETTERHEAD,
      date: '2026-11-30',
    })
    expect(pages.length).toBeGreaterThan(ids.length)
    for (const page of pages) expect(pageSvg(page, 's')).not.toMatch(/NaN|undefined|Infinity/)
  })
})

describe('the examples', () => {
  it('are what their script writes', () => {
    expect(jobs.map(([, { id }]) => id).sort()).toEqual(BUILDS.map(({ id }) => id).sort())
    for (const [, job] of jobs) expect(job).toEqual(BUILDS.find(({ id }) => id === job.id))
  })

  it('have no stop, eight of them where furniture is hollow, the cab a place and the body changed', () => {
    expect(HOLLOW_BUILDS).toHaveLength(8)
    for (const [, job] of jobs) {
      const stops = reviewVariant(job, 'variant-a').modes.flatMap(({ findings }) =>
        findings.filter(({ gravity }) => gravity === 'stop').map(({ code }) => code),
      )
      expect([job.id, stops]).toEqual([job.id, []])
    }
    // each needs something of it: a thing in another, a thing in the cab, a door of its own, a wall that is cut to
    for (const { id, variants } of HOLLOW_BUILDS) {
      const { fittings, changes } = variants['variant-a']!.plan
      const needs = [
        ...Object.values(fittings).filter(
          ({ seat, cut }) => seat.inside !== undefined || seat.door !== undefined || cut,
        ),
        ...Object.values(changes).filter((change) => 'outsideOnly' in change),
      ]
      expect([id, needs.length > 0]).toEqual([id, true])
    }
  })

  it('cover every class of body, and most kinds', () => {
    expect(jobs.length).toBeGreaterThanOrEqual(8)
    const classes = new Set(jobs.map(([, { shell }]) => shell.bodyClass))
    expect(BODY_CLASSES.filter((one) => !classes.has(one))).toEqual([])
    const used = new Set(jobs.flatMap(([, job]) => Object.values(planOf(job).fittings).map(({ kind }) => kind)))
    expect(used.size / KINDS.length).toBeGreaterThan(0.6)
  })
})
