import { describe, expect, it } from 'vitest'
import { apply, planInterior, type Command, type Job } from '../../src/lib/core/job'
import { scenesOf } from '../../src/lib/core/scene'
import { demandStates, reviewVariant } from '../../src/lib/core/review'
import { variant } from '../support/plan'
import { randomFrom, randomPlan } from '../support/random-plans'

const PLANS = 500
const LONG_MS = 600_000

/** Needs whose findings may come of how someone lies or what is adjusted, and not of what is there. */
const TYPED = [
  'berth',
  'belt',
  'table-seat',
  'toilet',
  'shower',
  'hob',
  'cold-box',
  'desk',
  'water',
  'seat',
  'basin',
  'cot',
  'bedside',
  'heater',
] as const

/** A plan of anything anywhere with a brief of anything: people, pets, gear and typed demands. */
function randomBrief(seed: number): Job {
  const random = randomFrom(seed + 77)
  const some = (share: number): boolean => random() < share
  const mm = (least: number, most: number): number => Math.round(least + random() * (most - least))
  const commands: Command[] = [
    ...(some(0.6) ? [{ type: 'brief.derives', derives: true } as const] : []),
    ...(some(0.5)
      ? [
          {
            type: 'brief.use',
            use: {
              cooking: some(0.5) ? 'daily' : 'sometimes',
              washing: some(0.3) ? 'inside' : 'none',
              bedEdgeSeats: some(0.5),
            },
          } as const,
        ]
      : []),
    ...(some(0.4)
      ? [
          {
            type: 'pet.put',
            id: 'pet-a',
            pet: { label: 'dog', lengthMm: mm(300, 1100), heightMm: mm(200, 700) },
          } as const,
        ]
      : []),
    ...(some(0.4)
      ? [
          {
            type: 'gear.put',
            id: 'gear-a',
            gear: {
              label: 'boat',
              sizeMm: [mm(500, 3500), mm(200, 900), mm(100, 500)] as [number, number, number],
              count: mm(1, 3),
              place: some(0.5) ? ('roof' as const) : ('inside' as const),
            },
          } as const,
        ]
      : []),
    ...TYPED.filter(() => some(0.25)).map((need): Command => ({
      type: 'demand.put',
      id: `demand-${need}`,
      demand: { need, must: some(0.7), ...(some(0.5) ? { quantity: mm(1, need === 'water' ? 120 : 3) } : {}) },
    })),
  ]
  return commands.reduce((job, command) => apply(job, command).job, randomPlan(seed, 10).job)
}

describe(`${PLANS} briefs and plans of anything`, () => {
  it(
    'are told alike by the column of demands and by the review',
    () => {
      const counted = { met: 0, not: 0 }
      for (let seed = 1; seed <= PLANS; seed += 1) {
        const job = randomBrief(seed)
        const chosen = job.variants[variant]!
        const review = reviewVariant(job, variant)
        expect([seed, review.failed]).toEqual([seed, []])
        const findings = review.modes.flatMap((mode) => mode.findings)
        const scenes = scenesOf(chosen, planInterior(job.shell, chosen.plan))
        for (const { demand, state, findings: about } of demandStates(job.brief, scenes, findings)) {
          if (!demand.must || state === 'cannot-tell') continue
          const said = `seed ${seed}: ${demand.id} ${state} ${about.map(({ code }) => code).join(' ')}`
          if (state === 'met') {
            counted.met += 1
            if (about.length > 0) expect.fail(said)
          } else {
            counted.not += 1
            // a must that is not met is said in the review too: as missing, or of what stands where it cannot
            if (about.length === 0) expect.fail(said)
          }
        }
      }
      expect(counted.met).toBeGreaterThan(150)
      expect(counted.not).toBeGreaterThan(500)
    },
    LONG_MS,
  )
})
