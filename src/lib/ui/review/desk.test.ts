import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { DEMO_JOBS } from '$lib/demo'
import { sessionOf } from '../../../../tests/support/screen'
import { Desk } from './desk.svelte'

vi.mock('$lib/workers/review-client', () => import('../../../../tests/support/screen'))

const kept = new Map<string, string>()
beforeEach(() => {
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
  kept.clear()
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
  })
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

async function deskOf(): Promise<Desk> {
  const desk = new Desk(sessionOf(DEMO_JOBS[0]!))
  await desk.look()
  return desk
}
const titles = (desk: Desk) => desk.sections.map(({ title }) => title)
const numbers = (desk: Desk) => desk.sections.flatMap(({ faults }) => faults.map(({ number }) => number))

describe('the desk', () => {
  it('lists faults by gravity or by place, each once, numbered down the list', async () => {
    const desk = await deskOf()
    expect(titles(desk)).toEqual(['stop', 'caution', 'note'].filter((title) => titles(desk).includes(title)))
    expect(numbers(desk)).toEqual(desk.faults.map((_, index) => index + 1))
    desk.sorting = 'place'
    expect(titles(desk)).toContain('Bed across')
    expect(numbers(desk)).toEqual(desk.faults.map((_, index) => index + 1))
    expect(new Set(desk.faults.map(({ finding }) => finding.key)).size).toBe(desk.faults.length)
  })

  it('steps through them in the order of the list, and stays at its ends', async () => {
    const desk = await deskOf()
    const all = desk.sections.flatMap(({ faults }) => faults.map(({ fault }) => fault.finding.key))
    desk.step(-1)
    expect(desk.chosen!.finding.key).toBe(all[0])
    desk.step(1)
    expect(desk.chosen!.finding.key).toBe(all[1])
    for (const _ of all) desk.step(1)
    expect(desk.chosen!.finding.key).toBe(all.at(-1))
  })

  it('lets a fault be with a reason: out of the tally, last in the list; what has no fault any more is listed and forgotten', async () => {
    const desk = await deskOf()
    const before = desk.tally!
    const short = desk.faults.find(({ finding }) => finding.code === 'berth-short')!.finding
    expect(desk.letBe(short, 'she curls up')).toBe(true)
    await desk.look()
    expect([desk.tally!.stop, titles(desk).at(-1), desk.review!.ended]).toEqual([before.stop - 1, 'Let be', []])

    // two sizes longer it is no longer too short
    desk.session.do({
      type: 'fitting.parameters',
      variant: 'variant-a',
      id: 'fit-bed',
      parameters: { lyingMm: short.needed },
    })
    await desk.look()
    expect(desk.review!.ended.map(({ why, reason }) => [why, reason])).toEqual([['found-no-more', 'she curls up']])
    desk.forget(desk.review!.ended[0]!)
    await desk.look()
    expect([desk.review!.ended, desk.session.job.variants['variant-a']!.plan.waivers]).toEqual([[], {}])
  })

  it('offers proven ways out, shows one before it is taken, and cures by it', async () => {
    const desk = await deskOf()
    const fault = desk.faults.find(({ finding }) => finding.code === 'berth-short')!
    desk.choose(fault)
    await desk.offer(fault)
    const longer = desk.offers!.remedies!.find(({ code }) => code === 'set-length')!
    desk.preview = longer
    const lengthIn = (scene: typeof desk.after) =>
      scene!.placed.find(({ id }) => id === 'fit-bed')!.fitting.parameters.lyingMm
    expect([lengthIn(desk.scene), lengthIn(desk.after)]).toEqual([1690, 1890])
    desk.take(longer)
    await desk.look()
    expect(desk.preview).toBeUndefined()
    expect(desk.faults.map(({ finding }) => finding.code)).not.toContain('berth-short')
  })

  it('remembers what was seen, for the next visit', async () => {
    const desk = await deskOf()
    expect(desk.before).toBeUndefined()
    desk.keep()
    const next = new Desk(desk.session)
    expect(next.before!.figures).toEqual(JSON.parse(JSON.stringify(desk.figures)))
  })
})
