import { describe, expect, it } from 'vitest'
import { person, put, truck, variant } from '../../../../tests/support/plan'
import { apply, type Command, type Job } from '../job'
import { defineRule, plainGeometry, type Read, type RuleInput, STAGES } from './define-rule'
import { evaluate } from './evaluate'
import { RULES } from './registry'

const job = truck(
  person(1840),
  put('fit-a', 'water-tank', 500, 'left-wall', { lengthMm: 800 }),
  put('fit-b', 'water-tank', 1285, 'left-wall', { lengthMm: 800 }),
)
const after = (of: Job, command: Command): Job => apply(of, command).job
const moved = after(job, {
  type: 'fitting.seat',
  variant,
  id: 'fit-a',
  seat: { ...job.variants[variant]!.plan.fittings['fit-a']!.seat, along: { from: 'rear', mm: 100 } },
})

/** A rule that says nothing, and counts in which modes it was asked. */
function counting(reads: readonly Read[], check: (input: RuleInput) => unknown = () => undefined) {
  const asked: string[] = []
  const rule = defineRule<never, Record<never, never>>({
    id: `counting ${reads.join()}`,
    group: 'fit',
    modes: 'every',
    reads,
    gravity: {} as Record<never, never>,
    basis: plainGeometry('nothing'),
    parameters: {},
    check: (input) => {
      asked.push(input.scene.modeId)
      check(input as RuleInput)
      return []
    },
  })
  return { rule, asked }
}
const MODES = ['mode-drive', 'mode-day', 'mode-night']

describe('evaluate', () => {
  it('asks a rule again only where something that it reads has changed', () => {
    const [ofScene, ofBrief] = [counting(['scene']), counting(['scene', 'brief'])]
    const rules = [ofScene.rule, ofBrief.rule]
    const first = evaluate(job, variant, undefined, { rules })
    expect([ofScene.asked, ofBrief.asked]).toEqual([MODES, MODES])
    // a name is nothing to either of them, nor is the same job once more
    const named = evaluate(after(job, { type: 'job.rename', name: 'Another' }), variant, first, { rules })
    expect([ofScene.asked.length, ofBrief.asked.length]).toEqual([3, 3])
    const taller = after(job, { type: 'person.put', id: 'person-z', person: { ...personOf(job), statureMm: 1900 } })
    const grown = evaluate(taller, variant, named, { rules })
    expect([ofScene.asked.length, ofBrief.asked.length]).toEqual([3, 6])
    evaluate(moved, variant, grown, { rules })
    expect([ofScene.asked.length, ofBrief.asked.length]).toEqual([6, 9])
  })

  it('asks again only in the mode that has changed', () => {
    const { rule, asked } = counting(['scene'])
    const first = evaluate(job, variant, undefined, { rules: [rule] })
    const away = after(job, { type: 'mode.away', variant, mode: 'mode-night', fitting: 'fit-a', away: true })
    evaluate(away, variant, first, { rules: [rule] })
    expect(asked).toEqual([...MODES, 'mode-night'])
  })

  it('takes over what stands as it did: scenes, and the list of them', () => {
    const first = evaluate(job, variant)
    expect(evaluate(after(job, { type: 'job.rename', name: 'Another' }), variant, first).scenes).toBe(first.scenes)
    const next = evaluate(moved, variant, first)
    for (const [index, { placed }] of next.scenes.entries()) {
      expect(placed.find(({ id }) => id === 'fit-b')).toBe(first.scenes[index]!.placed.find(({ id }) => id === 'fit-b'))
      expect(placed.find(({ id }) => id === 'fit-a')).not.toBe(
        first.scenes[index]!.placed.find(({ id }) => id === 'fit-a'),
      )
    }
  })

  it('reports a rule that reads what it does not name', () => {
    const { rule } = counting(['scene'], ({ brief }) => brief)
    expect(evaluate(job, variant, undefined, { rules: [rule] }).review.failed.map(({ message }) => message)).toEqual(
      MODES.map(() => 'the rule reads “brief” and does not say so'),
    )
  })

  it('goes as far as it is asked to, in the order of its stages', () => {
    const rulesIn = (upto: (typeof STAGES)[number]) =>
      new Set(
        evaluate(job, variant, undefined, { upto }).review.modes.flatMap(({ findings }) =>
          findings.map(({ rule }) => rule),
        ),
      )
    const stageOf = new Map(RULES.map(({ id, stage }) => [id, STAGES.indexOf(stage)]))
    for (const [index, upto] of STAGES.entries())
      for (const id of rulesIn(upto)) expect([upto, id, stageOf.get(id)! <= index]).toEqual([upto, id, true])
    expect(rulesIn('collisions')).toEqual(new Set(['no-overlap']))
    expect(rulesIn('rules').size).toBeGreaterThan(2)
    // and from a shorter one on to the whole
    const quick = evaluate(job, variant, undefined, { upto: 'rules' })
    expect(evaluate(job, variant, quick).review).toEqual(evaluate(job, variant).review)
  })

  it('holds the limits of weight against the figures that the job sets, as they are now', () => {
    const set = after(job, {
      type: 'rules.put',
      rules: { settings: { 'front-share': { parameters: { least: 0.4 } } }, house: {} },
    })
    const now = evaluate(set, variant, evaluate(job, variant)).review
    expect(now).toEqual(evaluate(set, variant).review)
    const leastOf = (of: typeof now) => of.modes[0]!.load!.limits.find(({ id }) => id === 'front-share')!.limit
    expect(leastOf(now)).not.toBe(leastOf(evaluate(job, variant).review))
  })

  it('answers one mode by itself as it does among the others', () => {
    const whole = evaluate(moved, variant).review
    const day = evaluate(moved, variant, evaluate(job, variant), { modes: ['mode-day'] })
    expect(day.review.modes).toEqual(whole.modes.filter(({ modeId }) => modeId === 'mode-day'))
    expect(evaluate(moved, variant, day).review).toEqual(whole)
  })
})

function personOf({ brief }: Job) {
  return Object.values(brief.people)[0]!
}
