import { describe, expect, it } from 'vitest'
import { readFileSync } from 'node:fs'
import path from 'node:path'
import fits from '../../../examples/fits.json'
import { fitsOf } from '../../../scripts/examples/fits'
import { newBrief, newJob, parseJob, type Job } from '$lib/core/job'
import { GENERIC_SHELLS, genericShell } from '$lib/core/shells'
import { LAYOUTS } from './layouts'

/** The sweep of all bodies is `node scripts/examples.mjs`, which writes what is read here; some of it is made again. */
const MADE_AGAIN = ['van-short-low', 'bus-7m', 'van-medium-high']

describe('layouts to start from', () => {
  it('are two or three for each body, those made for it among them', () => {
    for (const { id } of GENERIC_SHELLS) {
      const offered = LAYOUTS.filter(({ shells }) => shells.includes(id))
      expect([id, offered.length >= 2 && offered.length <= 3]).toEqual([id, true])
      const own = LAYOUTS.filter(({ shellId }) => shellId === id)
      expect(own.every((one) => offered.includes(one))).toBe(true)
    }
  })

  it.each(MADE_AGAIN)('for %s stand in it without a stop', (shellId) => {
    const jobs = LAYOUTS.map(({ id }) => {
      const text = readFileSync(path.join('examples', `${id}.zimmerman.json`), 'utf8')
      return [id, JSON.parse(text) as Job] as const
    })
    expect(fitsOf(jobs, [genericShell(shellId)])).toEqual({ [shellId]: fits[shellId as keyof typeof fits] })
  })

  it('are one for each invented build, each for one of the program’s own bodies', () => {
    expect(LAYOUTS).toHaveLength(19)
    const shells = GENERIC_SHELLS.map(({ id }) => id)
    for (const { id, shellId } of LAYOUTS) expect([id, shells.includes(shellId)]).toEqual([id, true])
  })

  it.each(LAYOUTS.map((layout) => [layout.id, layout] as const))('%s makes a job that can be read', (_id, layout) => {
    const job = newJob('job-new', 'New', genericShell(layout.shellId), newBrief())
    const [variantId, variant] = Object.entries(job.variants)[0]!
    const started = { ...job, variants: { [variantId]: { ...variant, plan: layout.plan } } }
    expect(parseJob(JSON.parse(JSON.stringify(started)))).toMatchObject({ ok: true })
    expect(layout.plan).not.toHaveProperty('waivers')
  })
})
