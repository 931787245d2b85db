import { writeFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { DEMO_JOBS } from '$lib/demo'
import { compose, PAPER_KINDS, type PaperId } from '$lib/core/paper'
import { toPdf } from '$lib/server/engine/pdf'
it('x', async () => {
  for (const [paper, across, units] of [['A3', true, 'mm'], ['A4', false, 'mm'], ['letter', true, 'ft']] as [PaperId, boolean, 'mm' | 'ft'][])
    for (const kind of PAPER_KINDS) {
    const job = { ...DEMO_JOBS[0]!, units }
    const t = performance.now()
    const set = compose(kind, { job, variantId: 'variant-a', format: { paper, across }, letterhead: { name: 'Hedge Lane Workshop', address: '4 Hedge Lane\nStonebridge' }, date: '2026-11-30', revision: 12 })
    const t2 = performance.now()
    const pdf = await toPdf(set.pages, { title: job.name, author: 'x' })
    console.log('ZZ', paper, across, kind, set.pages.map((p) => p.title).join(' | '), set.leftOut, (t2 - t).toFixed(), (performance.now() - t2).toFixed(), pdf.length)
    writeFileSync(`/tmp/${kind}-${paper}.pdf`, pdf)
  }
  expect(1).toBe(1)
}, 100000)
