import { describe, expect, it } from 'vitest'
import { jobWith, putAtHome, variant } from '../../../../tests/support/plan'
import { planInterior } from '../job'
import { buildScene } from '../scene'
import { hatchOf } from './hatches'

/** The pattern of a kind by day and by night. */
const patterns = (kind: string) => {
  const job = jobWith('van-long-high', putAtHome('fit-a', kind, 1200))
  const { plan } = job.variants[variant]!
  return ['mode-day', 'mode-night'].map((mode) =>
    hatchOf(buildScene(planInterior(job.shell, plan), plan, mode).placed[0]!),
  )
}

describe('what a pattern says', () => {
  it.each([
    ['desk', ['tables', 'tables']],
    ['table-drop', ['tables', 'tables']],
    ['table-rail', ['tables', 'tables']],
    ['bench-side', ['sitting', 'sitting']],
    ['bench-belted', ['sitting', 'sitting']],
    ['lounge-bed', ['sitting', 'sitting']],
    ['bed-fixed', ['sleeping', 'sleeping']],
    ['galley', ['galley', 'galley']],
  ])('a %s is drawn as what one does at it', (kind, expected) => expect(patterns(kind)).toEqual(expected))
})
