import { describe, expect, it } from 'vitest'
import { apply, planInterior, type Job } from '../../src/lib/core/job'
import { reviewVariant } from '../../src/lib/core/review'
import { buildScene, wayGround, waysOf } from '../../src/lib/core/scene'
import { namesOf, sayFinding } from '../../src/lib/core/text'
import { variant } from '../support/plan'
import { randomFrom, randomPlan } from '../support/random-plans'

const PLANS = process.env.PROOF === '1' ? 1000 : 300
/** Hundreds of reviews take their time on a slow machine; none fails for it. */
const LONG_MS = 600_000
/** Far from those of the plans. */
const OTHER_SEEDS = 1000
const SEEDS = Array.from({ length: PLANS }, (_, index) => index + 1)

/** Someone of 1712, who is narrower at the hips and legs. */
const WALKER = {
  shoulderMm: 1400,
  bands: [
    { topMm: 488, spareMm: 127 },
    { topMm: 907, spareMm: 58 },
  ],
}

/** Width of the way to each thing that the day uses. */
function waysByDay(job: Job): ReadonlyMap<string, number> {
  const { plan } = job.variants[variant]!
  const scene = buildScene(planInterior(job.shell, plan), plan, 'mode-day')
  return new Map(
    waysOf(scene, wayGround(scene, WALKER)).map((way) => [`${way.fittingId} ${way.clearanceId}`, way.widthMm]),
  )
}

describe(`${PLANS} plans of anything anywhere`, () => {
  it(
    'are reviewed without a rule that fails, with figures that are figures and words for each',
    () => {
      let said = 0
      for (const seed of SEEDS) {
        const { job } = randomPlan(seed)
        const review = reviewVariant(job, variant)
        expect([seed, review.failed]).toEqual([seed, []])
        const names = namesOf(job, job.variants[variant]!.plan)
        for (const { findings } of review.modes)
          for (const finding of findings) {
            said += 1
            const { measured, needed, place } = finding
            if (![measured, needed, ...place].every(Number.isFinite))
              expect.fail(`seed ${seed}: ${finding.rule} says ${measured} of ${needed} at ${place.join()}`)
            const { designer, client } = sayFinding(finding, names, 'mm')
            if (/undefined|NaN/.test(designer + client)) expect.fail(`seed ${seed}: ${finding.rule} says “${designer}”`)
          }
      }
      expect(said).toBeGreaterThan(PLANS)
    },
    LONG_MS,
  )

  it(
    'never have a narrower way when something is taken out',
    () => {
      let compared = 0
      for (const seed of SEEDS) {
        const { job, ids } = randomPlan(seed)
        if (ids.length < 2) continue
        const before = waysByDay(job)
        if (before.size === 0) continue
        const gone = ids[Math.floor(randomFrom(seed + OTHER_SEEDS)() * ids.length)]!
        const after = waysByDay(apply(job, { type: 'fitting.remove', variant, id: gone }).job)
        for (const [way, widthMm] of after) {
          const was = before.get(way)
          if (was === undefined) continue
          compared += 1
          if (widthMm < was - 3)
            expect.fail(`seed ${seed}: without ${gone} the way to ${way} is ${widthMm}, before ${was}`)
        }
      }
      expect(compared).toBeGreaterThan(PLANS * 0.3)
    },
    LONG_MS,
  )
})
