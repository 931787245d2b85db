import { describe, expect, it } from 'vitest'
import { person, put, truck, variant } from '../../../../tests/support/plan'
import { apply, planInterior, type Command, type Figure } from '../job'
import { buildScene } from '../scene'
import { drawView } from './views'
import { seenFigures } from './seen-figures'

const figure = (id: string, who: string, pose: Figure['pose'], x: number): Command => ({
  type: 'figure.put',
  variant,
  mode: 'mode-day',
  id,
  figure: { who, pose, at: [x, 0], turn: 0 },
})

describe('figures in plan', () => {
  // one lies on the floor under a hammock bunk 700 up, one stands beside it, and a locker hangs over both
  const bunk = put('fit-bunk', 'bunk-hammock', 1000, 'centreline', {}, { up: { from: 'floor', mm: 700 } })
  const locker = put('fit-locker', 'locker', 800, 'centreline', { lengthMm: 3000 }, { up: { from: 'floor', mm: 1500 } })
  const job = [
    person(1800),
    figure('figure-a', 'person-a', 'lying', 1400),
    figure('figure-b', 'person-a', 'standing', 3000),
  ].reduce((done, command) => apply(done, command).job, truck(bunk, locker))
  const { plan } = job.variants[variant]!
  const scene = buildScene(planInterior(job.shell, plan), plan, 'mode-day')

  it('lie under what is over them; what is dashed over the cut covers nothing', () => {
    expect(seenFigures(scene, job.brief, 'plan').map(({ key, under }) => [key, under])).toEqual([
      ['figure figure-a', 'fit-bunk'],
      ['figure figure-b', undefined],
    ])
  })

  it('are painted before what covers them, and the others last', () => {
    const keys = drawView(scene, 'plan', job.brief).groups.map(({ key, fittingId }) => fittingId ?? key)
    const at = (key: string) => keys.indexOf(key)
    expect(at('figure figure-a')).toBe(at('fit-bunk') - 1)
    expect(at('figure figure-b')).toBeGreaterThan(at('fit-bunk'))
  })

  it('lie over a mattress that they lie on', () => {
    const bed = truck(put('fit-bed', 'bed-fixed', 1000, 'left-wall'))
    const night = [person(1800), figure('figure-a', 'person-a', 'lying', 1400)].reduce(
      (done, command) => apply(done, command).job,
      bed,
    )
    const { plan: own } = night.variants[variant]!
    const asleep = buildScene(planInterior(night.shell, own), own, 'mode-night')
    const sleepers = seenFigures(asleep, night.brief, 'plan').filter(({ key }) => key.startsWith('sleeper'))
    expect(sleepers).toHaveLength(1)
    expect(sleepers[0]!.under).toBeUndefined()
  })
})
