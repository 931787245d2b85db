import { describe, expect, it } from 'vitest'
import { placedIn, scenesOf } from '.'
import { jobWith, put, putAtHome, putInside, variant } from '../../../../tests/support/plan'
import { kindOf, KINDS } from '../fittings'
import { apply, type Command, type Job, planInterior } from '../job'
import { carried } from './move'
import type { Placed, Scene } from './scene'
import { gripsOf, outlineBox, sized, type Grip } from './size'

const sceneOf = (job: Job): Scene => {
  const one = job.variants[variant]!
  return scenesOf(one, planInterior(job.shell, one.plan))[0]!
}
const held = (job: Job, id: string): Placed => placedIn(sceneOf(job), id)
const grip = (placed: Placed, axis: Grip['axis'], side: Grip['side']): Grip =>
  gripsOf(placed).find((one) => one.axis === axis && one.side === side)!
const pulled = (job: Job, id: string, pulls: readonly (readonly [Grip, number])[], reachMm = 0): Job => {
  const scene = sceneOf(job)
  const placed = placedIn(scene, id)
  const plan = job.variants[variant]!.plan
  const to = sized(
    scene,
    plan,
    placed,
    pulls.map(([one, by]) => ({ grip: one, toMm: one.atMm + by })),
    reachMm,
  )!
  const commands: Command[] = [
    { type: 'fitting.parameters', variant, id, parameters: to.parameters },
    { type: 'fitting.seat', variant, id, seat: to.seat },
  ]
  return commands.reduce((now, command) => apply(now, command).job, job)
}

describe('a fitting pulled at an edge', () => {
  const job = jobWith('van-long-high', put('galley', 'galley', 1000))

  it('grows where it is pulled, and its other edge stands still', () => {
    const before = held(job, 'galley')
    const longer = held(pulled(job, 'galley', [[grip(before, 'x', 'max'), 120]]), 'galley')
    expect(longer.bounds.x.max - before.bounds.x.max).toBeCloseTo(120, 1)
    expect(longer.bounds.x.min).toBeCloseTo(before.bounds.x.min, 1)
    const back = held(pulled(job, 'galley', [[grip(before, 'x', 'min'), -120]]), 'galley')
    expect(back.bounds.x.min - before.bounds.x.min).toBeCloseTo(-120, 1)
    expect(back.bounds.x.max).toBeCloseTo(before.bounds.x.max, 1)
  })

  it('is pulled at its front, not at the back that stands at the wall', () => {
    const before = held(job, 'galley')
    expect(gripsOf(before).filter(({ axis }) => axis === 'y')).toEqual([
      expect.objectContaining({ axis: 'y', side: 'min' }),
    ])
    const right = held(jobWith('van-long-high', put('galley', 'galley', 1000, 'right-wall')), 'galley')
    expect(gripsOf(right).filter(({ axis }) => axis === 'y')).toEqual([
      expect.objectContaining({ axis: 'y', side: 'max' }),
    ])
  })

  it('goes both ways at a corner', () => {
    const before = held(job, 'galley')
    const both = held(
      pulled(job, 'galley', [
        [grip(before, 'x', 'max'), 50],
        [grip(before, 'y', 'min'), -40],
      ]),
      'galley',
    )
    expect(both.bounds.x.max - before.bounds.x.max).toBeCloseTo(50, 1)
    expect(outlineBox(both).y.min - outlineBox(before).y.min).toBeCloseTo(-40, 1)
  })

  it('goes no further than its limits', () => {
    const before = held(job, 'galley')
    const most = pulled(job, 'galley', [[grip(before, 'x', 'max'), 9000]])
    const limit = kindOf('galley').parameters.safeParse({
      ...before.fitting.parameters,
      lengthMm: Number(held(most, 'galley').fitting.parameters.lengthMm) + 1,
    })
    expect(limit.success).toBe(false)
  })

  it('meets what is near, and goes by ten millimetres where nothing is', () => {
    const two = jobWith('van-long-high', put('galley', 'galley', 1000), put('next', 'wardrobe', 2313))
    const before = held(two, 'galley')
    const gap = held(two, 'next').bounds.x.min - before.bounds.x.max
    expect(gap % 10).not.toBe(0)
    const met = held(pulled(two, 'galley', [[grip(before, 'x', 'max'), gap - 12]], 20), 'galley')
    expect(met.bounds.x.max).toBeCloseTo(held(two, 'next').bounds.x.min, 1)
    const free = held(pulled(two, 'galley', [[grip(before, 'x', 'max'), 53]], 20), 'galley')
    expect(Number(free.fitting.parameters.lengthMm) % 10).toBe(0)
  })

  it('that hangs from the roof is pulled down at its lower edge, and stays up there', () => {
    const hung = jobWith('van-long-high', putAtHome('locker', 'locker', 1000))
    const before = held(hung, 'locker')
    const [down] = gripsOf(before).filter(({ axis }) => axis === 'z')
    expect(down).toMatchObject({ side: 'min' })
    const after = held(pulled(hung, 'locker', [[down!, -60]]), 'locker')
    expect(after.bounds.z.max).toBeCloseTo(before.bounds.z.max, 0)
    expect(after.bounds.z.min - before.bounds.z.min).toBeCloseTo(-60, 0)
  })

  it('of which there is one more or one fewer goes by whole ones', () => {
    const bench = jobWith('van-long-high', putAtHome('bench', 'bench-belted', 1000, { places: 2 }))
    const before = held(bench, 'bench')
    const more = gripsOf(before).find(({ key, side }) => key === 'places' && side === 'max')
    const after = held(pulled(bench, 'bench', [[more!, more!.perOne * 0.9]]), 'bench')
    expect(after.fitting.parameters.places).toBe(3)
  })
})

const BOUGHT = ['hitch-rack']
const aloneIn = (kind: string): Job => jobWith('van-long-high', putAtHome('one', kind, 900))

describe('every kind', () => {
  it('but these, which are bought or built as they are, has an edge to pull', () => {
    const none = KINDS.filter(({ id }) => gripsOf(held(aloneIn(id), 'one')).length === 0)
    expect(none.map(({ id }) => id)).toEqual(BOUGHT)
  })

  it.each(KINDS.flatMap(({ id }) => (BOUGHT.includes(id) ? [] : [id])))(
    '%s keeps its other edges when one is pulled by 20 mm',
    (kind) => {
      const job = aloneIn(kind)
      const before = held(job, 'one')
      const box = outlineBox(before)
      for (const one of gripsOf(before)) {
        const by = (one.side === 'max' ? 1 : -1) * Math.max(20, one.perOne)
        const to = sized(sceneOf(job), job.variants[variant]!.plan, before, [{ grip: one, toMm: one.atMm + by }], 0)
        if (to === undefined) continue
        const after = outlineBox(held(pulled(job, 'one', [[one, by]]), 'one'))
        const other = one.side === 'max' ? 'min' : 'max'
        expect(after[one.axis][other], `${one.key} ${one.axis} ${one.side}`).toBeCloseTo(box[one.axis][other], 0)
        expect(Math.abs(after[one.axis][one.side] - box[one.axis][one.side]), one.key).toBeGreaterThan(5)
      }
    },
  )

  it('that is in another is pulled in its frame', () => {
    const job = jobWith(
      'van-long-high',
      put('bench', 'bench-side', 1000, 'left-wall', { lengthMm: 1500 }),
      putInside('tank', 'water-tank', 'bench'),
    )
    const before = held(job, 'tank')
    const one = gripsOf(before).find(({ axis }) => axis === 'x')!
    const after = held(pulled(job, 'tank', [[one, one.side === 'max' ? 40 : -40]]), 'tank')
    expect(after.bounds.x.max - after.bounds.x.min - (before.bounds.x.max - before.bounds.x.min)).toBeCloseTo(40, 0)
  })

  it('that is carried after it was pulled goes as it always did', () => {
    const job = jobWith('van-long-high', put('galley', 'galley', 1000))
    const before = held(job, 'galley')
    const longer = pulled(job, 'galley', [[grip(before, 'x', 'max'), 100]])
    const seat = carried(sceneOf(longer), longer.variants[variant]!.plan, held(longer, 'galley'), [50, 0, 0])
    const moved = held(apply(longer, { type: 'fitting.seat', variant, id: 'galley', seat }).job, 'galley')
    expect(moved.bounds.x.min - before.bounds.x.min).toBeCloseTo(50, 1)
  })
})
