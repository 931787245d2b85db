import { describe, expect, it } from 'vitest'
import { DEMO_JOBS } from '../../demo'
import { demandsOf, NEEDS } from '../brief'
import { apply, newJob, planInterior, type Job } from '../job'
import { fittingFor, NEED_TABLE, needStates } from '../needs'
import { collisions, outsideOf, scenesOf } from '../scene'
import { genericShell } from '../shells'
import { evaluate, readIn } from './evaluate'
import { placeFor } from './place-remedy'

const variant = 'variant-a'
/** An empty van whose client must have one of a need. */
const wanting = (need: string): Job => {
  const job = newJob('job-place', 'Place', genericShell('van-long-high'), {
    ...DEMO_JOBS[0]!.brief,
    demands: { 'demand-a': { need, must: true } } as never,
  })
  return job
}
const scenesIn = (job: Job) => scenesOf(job.variants[variant]!, planInterior(job.shell, job.variants[variant]!.plan))
const offersIn = (job: Job, need: (typeof NEEDS)[number]) => {
  const [scene] = scenesIn(job)
  return placeFor(readIn(evaluate(job, variant), scene!.modeId), need, demandsOf(job.brief)[0])
}

describe('placeFor', () => {
  const placed = NEEDS.filter((need) => NEED_TABLE[need].first !== undefined && need !== 'stowage')

  it.each(placed)('puts what meets “%s” into an empty van, whole and by its own size', (need) => {
    const job = wanting(need)
    const [offer] = offersIn(job, need)
    expect([need, offer?.code]).toEqual([need, 'place'])
    const after = apply(job, { type: 'batch', what: 'remedy', commands: [...offer!.commands] }).job
    const made = fittingFor(demandsOf(job.brief)[0]!)!
    expect(after.variants[variant]!.plan.fittings[offer!.fittingId!]).toMatchObject({
      kind: made.kind,
      parameters: made.parameters,
    })
    for (const scene of scenesIn(after)) {
      expect([need, scene.modeId, collisions(scene).length]).toEqual([need, scene.modeId, 0])
      expect(scene.placed.flatMap((one) => outsideOf(scene, one)?.face ?? [])).toEqual([])
    }
    const state = (of: Job) => needStates(of.brief, scenesIn(of))[0]!.offered
    expect([need, state(after) > state(job)]).toEqual([need, true])
  })

  it('offers nothing where it fits nowhere', () => {
    const job = DEMO_JOBS[0]!
    const [scene] = scenesIn(job)
    const berth = demandsOf(job.brief).find(({ need }) => need === 'berth')!
    // a bed of 2000 × 1700 is not let in; a smaller one that lies two is offered instead, and by night it is known as what it is
    const [other] = placeFor(readIn(evaluate(job, variant), scene!.modeId), 'berth', { ...berth, sizeMm: [2000, 1700] })
    expect(other?.commands.map(({ type }) => type)).toEqual(['fitting.add'])
    expect(JSON.stringify(other)).not.toContain('bed-fixed')
    const crate = { ...berth, need: 'pet-place' as const, sizeMm: [2500, 2000, 1900] }
    expect(placeFor(readIn(evaluate(job, variant), scene!.modeId), 'pet-place', crate)).toEqual([])
  })

  it('gives a second one an id of its own', () => {
    const job = wanting('toilet')
    const [first] = offersIn(job, 'toilet')
    const once = apply(job, { type: 'batch', what: 'remedy', commands: [...first!.commands] }).job
    const [second] = offersIn(once, 'toilet')
    expect([first!.fittingId, second!.fittingId]).toEqual(['fit-toilet-box-1', 'fit-toilet-box-2'])
  })
})
