import { describe, expect, it } from 'vitest'
import { apply, type Command, type Job } from '$lib/core/job'
import { DEMO_JOBS } from '$lib/demo'
import { doesNotFit, HeldJob, Teller } from './protocol'

const first = DEMO_JOBS[0]!
const variant = 'variant-a'
const after = (job: Job, command: Command): Job => apply(job, command).job
const moved = (job: Job, mm: number): Job => {
  const [id, { seat }] = Object.entries(job.variants[variant]!.plan.fittings)[0]!
  return after(job, { type: 'fitting.seat', variant, id, seat: { ...seat, along: { ...seat.along, mm } } })
}

describe('a job that a worker is told of', () => {
  it('goes whole once, then by what has changed', () => {
    const [teller, held] = [new Teller(), new HeldJob()]
    const tell = (job: Job): Job => held.take(structuredClone(teller.tell(job)))
    expect(tell(first)).toEqual(first)
    const next = moved(first, 333)
    const news = teller.tell(next)
    expect(news).toMatchObject({ revision: 2, since: 1 })
    // the place of one fitting, and no more
    expect(JSON.stringify(news).length).toBeLessThan(300)
    const before = held.take(structuredClone({ revision: 1, job: first }))
    const there = held.take(structuredClone(news))
    expect(JSON.stringify(there)).toBe(JSON.stringify(next))
    // what is not touched is the same object: what was made of it is kept
    const [was, is] = [before.variants[variant]!.plan, there.variants[variant]!.plan]
    const [moving, ...others] = Object.keys(was.fittings)
    expect(is.fittings[moving!]).not.toBe(was.fittings[moving!])
    for (const id of others) expect(is.fittings[id]).toBe(was.fittings[id])
    expect([there.shell, there.brief, is.lining]).toEqual([before.shell, before.brief, was.lining])
    expect(there.shell).toBe(before.shell)
    expect(teller.tell(next)).toEqual({ revision: 2, since: 2, patches: [] })
  })

  it('keeps the order of things, where one comes back at another place', () => {
    const [teller, held] = [new Teller(), new HeldJob()]
    held.take(structuredClone(teller.tell(first)))
    const { plan } = first.variants[variant]!
    const [[id, fitting], ...rest] = Object.entries(plan.fittings) as [[string, object], ...[string, object][]]
    const turned = {
      ...first,
      variants: {
        ...first.variants,
        [variant]: {
          ...first.variants[variant]!,
          plan: { ...plan, fittings: Object.fromEntries([...rest, [id, fitting]]) },
        },
      },
    } as Job
    const there = held.take(structuredClone(teller.tell(turned)))
    expect(Object.keys(there.variants[variant]!.plan.fittings)).toEqual([...rest.map(([other]) => other), id])
  })

  it('is refused where the patches are for another revision, or for a job that is not held', () => {
    const [teller, held] = [new Teller(), new HeldJob()]
    const whole = structuredClone(teller.tell(first))
    teller.tell(moved(first, 100))
    const late = teller.tell(moved(first, 200))
    const refused = (news: typeof late): unknown => {
      try {
        held.take(news)
        return undefined
      } catch (cause) {
        return cause
      }
    }
    expect(doesNotFit(refused(late))).toBe(true)
    held.take(whole)
    expect(doesNotFit(refused(late))).toBe(true)
    const broken = {
      revision: 2,
      since: 1,
      patches: [{ op: 'remove' as const, path: ['variants', 'variant-zz', 'name'] }],
    }
    expect(doesNotFit(refused(broken))).toBe(true)
    // after that it holds nothing, rather than half of it
    expect(doesNotFit(refused({ revision: 1, since: 1, patches: [] }))).toBe(true)
    expect(doesNotFit(new Error('another'))).toBe(false)
    teller.forget()
    expect(held.take(structuredClone(teller.tell(first)))).toEqual(first)
  })

  it('goes whole where it is another job', () => {
    const teller = new Teller()
    teller.tell(first)
    expect(teller.tell({ ...first, id: 'job-other' })).toHaveProperty('job')
  })
})
