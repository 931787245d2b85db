import { describe, expect, it } from 'vitest'
import { newBrief, newJob, parseJob } from '$lib/core/job'
import { GENERIC_SHELLS, genericShell } from '$lib/core/shells'
import { LAYOUTS } from './layouts'

describe('layouts to start from', () => {
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
