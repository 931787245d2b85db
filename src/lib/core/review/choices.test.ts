import { describe, expect, it } from 'vitest'
import { jobWith, person, put, putAtHome, want } from '../../../../tests/support/plan'
import { demandsOf } from '../brief'
import { type Command, type Job } from '../job'
import { choicesOf } from '../needs'
import { bestFirst, type Choice } from './choice'
import { choiceOf } from './choices'
import { evaluate } from './evaluate'

function choicesIn(job: Job, need: string): readonly Choice[] {
  const now = evaluate(job, 'variant-a')
  const demand = demandsOf(job.brief).find((one) => one.need === need)!
  return bestFirst(choicesOf(demand).map((made) => choiceOf(now, demand, made, 'mode-day')))
}
const van = (...commands: Command[]): Job => jobWith('van-long-high', person(1800), ...commands)

describe('ways to meet a demand', () => {
  it('for a toilet are of every kind that is one, and those that fit come first', () => {
    const choices = choicesIn(van(want('toilet')), 'toilet')
    expect(choices.map(({ made }) => made.kind)).toEqual(
      expect.arrayContaining(['toilet-portable', 'toilet-dry', 'toilet-cassette', 'toilet-separating']),
    )
    const places = choices.map(({ seat }) => seat !== undefined)
    expect(places).toEqual([...places].sort((a, b) => Number(b) - Number(a)))
    expect(choices[0]).toMatchObject({ isMet: true })
  })

  it('for seats, where a bed is there already, begin with seats and not with a second bed', () => {
    const job = van(want('seat', { quantity: 2 }), put('bed', 'bed-fixed', 0), putAtHome('bench', 'bench-belted', 2600))
    const [first] = choicesIn(job, 'seat')
    expect(first!.unasked).toBe(0)
    expect(['bench-side', 'recliner', 'stool', 'seat-drop']).toContain(first!.made.kind)
  })

  it('say nothing of a kind that fits nowhere', () => {
    const full = van(
      want('shower'),
      putAtHome('one', 'bed-fixed', 0, { lengthMm: 1700, widthMm: 1900 }),
      put('two', 'galley', 1950, 'left-wall', { lengthMm: 2000, depthMm: 700 }),
      put('three', 'galley', 1950, 'right-wall', { lengthMm: 2000, depthMm: 700 }),
    )
    const nowhere = choicesIn(full, 'shower').filter(({ seat }) => seat === undefined)
    expect(nowhere.map(({ made }) => made.kind)).toContain('wet-cubicle')
    for (const { isMet, wallMm, effect } of nowhere) expect([isMet, wallMm, effect.causes]).toEqual([false, 0, []])
  })

  it('come in order: what stands, without new stops, and meets the demand, before what does not', () => {
    const blank = {
      effect: { causes: [], worse: [], cures: 0 },
      isMet: true,
      massKg: 1,
      wallMm: 0,
      unasked: 0,
      isUsual: false,
    }
    const of = (kind: string, more: Partial<Choice>): Choice =>
      ({ ...blank, made: { kind, parameters: {} }, seat: {} as never, ...more }) as Choice
    const stop = { gravity: 'stop', key: 'x' } as never
    const order = bestFirst([
      of('nowhere', { seat: undefined }),
      of('stops', { effect: { causes: [stop], worse: [], cures: 5 } }),
      of('second bed', { unasked: 1 }),
      of('short', { isMet: false }),
      of('good', {}),
    ]).map(({ made }) => made.kind)
    expect(order).toEqual(['good', 'second bed', 'short', 'stops', 'nowhere'])
  })
})
