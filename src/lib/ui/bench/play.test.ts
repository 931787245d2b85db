import { describe, expect, it } from 'vitest'
import { prismBounds } from '$lib/core/geometry'
import { apply, newJob, planInterior, type Command, type Job } from '$lib/core/job'
import { buildScene, changeOf, type Scene } from '$lib/core/scene'
import { genericShell } from '$lib/core/shells'
import { emptyBrief, putAtHome, variant } from '../../../../tests/support/plan'
import { copiesOf } from './copies'
import { framesOf, sceneAt, type Playing } from './play'

const jobOf = (...commands: Command[]): Job =>
  commands.reduce(
    (job, command) => apply(job, command).job,
    newJob('job-a', 'Test', genericShell('van-long-high'), emptyBrief),
  )
const scenesOf = (job: Job): readonly Scene[] => {
  const { plan } = job.variants[variant]!
  const interior = planInterior(job.shell, plan)
  return ['mode-drive', 'mode-day', 'mode-night'].map((id) => buildScene(interior, plan, id))
}
const only = (scene: Scene, id: string) => scene.placed.find((placed) => placed.id === id)
const spanZ = (scene: Scene, id: string, solid: string) =>
  prismBounds(only(scene, id)!.solids.find((one) => one.id === solid)!.prism).z

describe('a change of mode that is played', () => {
  const job = jobOf(
    putAtHome('fit-bed', 'bed-lift', 100, { dayMm: 1400, nightMm: 700 }),
    putAtHome('fit-stool', 'stool', 2500),
    { type: 'mode.away', variant, mode: 'mode-night', fitting: 'fit-stool', away: true },
    { type: 'mode.turned', variant, mode: 'mode-day', seat: 'cab-passenger', turned: true },
  )
  const [, day, night] = scenesOf(job) as [Scene, Scene, Scene]
  const { moves } = changeOf(day, night, job.brief)
  const move = (id: string) => moves.find((one) => one.id === id)!
  const platform = night.placed.find(({ id }) => id === 'fit-bed')!.solids[0]!.id

  it('carries a bed down evenly, and nothing else meanwhile', () => {
    const high = spanZ(day, 'fit-bed', platform).min
    const low = spanZ(night, 'fit-bed', platform).min
    expect(high - low).toBeCloseTo(700, 6)
    for (const t of [0, 0.25, 0.5, 1]) {
      const at = sceneAt(day, night, [], move('fit-bed'), t)
      expect(spanZ(at, 'fit-bed', platform).min).toBeCloseTo(high - t * 700, 6)
      expect(only(at, 'fit-stool')).toBe(only(day, 'fit-stool'))
      expect(at.turned).toEqual(['cab-passenger'])
    }
  })

  it('keeps what was moved before, and takes out and turns at the half of the way', () => {
    const stool = move('fit-stool')
    expect(only(sceneAt(day, night, [], stool, 0.49), 'fit-stool')).toBeDefined()
    expect(only(sceneAt(day, night, [], stool, 0.5), 'fit-stool')).toBeUndefined()
    const seat = move('cab-passenger')
    const after = sceneAt(day, night, [stool, move('fit-bed')], seat, 0.5)
    expect(after.turned).toEqual([])
    expect(only(after, 'fit-stool')).toBeUndefined()
    expect(only(after, 'fit-bed')).toBe(only(night, 'fit-bed'))
  })

  it('ends where the mode is, whatever the order', () => {
    for (const last of moves) {
      const made = moves.filter((one) => one !== last)
      const end = sceneAt(day, night, made, last, 1)
      expect(end.placed.map(({ id }) => id).sort()).toEqual(night.placed.map(({ id }) => id).sort())
      expect(end.turned).toEqual(night.turned)
      for (const placed of end.placed) expect(placed.bounds).toEqual(only(night, placed.id)!.bounds)
    }
  })

  it('without motion shows one frame for each move, in order, with its number', async () => {
    const frames: Playing[] = []
    for await (const frame of framesOf(day, night, moves, true)) frames.push(frame)
    expect(frames.map(({ move: { id }, number, of }) => [id, number, of])).toEqual(
      moves.map(({ id }, index) => [id, index + 1, moves.length]),
    )
  })

  it('with motion moves forward only', async () => {
    const heights: number[] = []
    for await (const { scene } of framesOf(day, night, [move('fit-bed')], false))
      heights.push(spanZ(scene, 'fit-bed', platform).min)
    expect(heights.length).toBeGreaterThan(5)
    expect([...heights].sort((a, b) => b - a)).toEqual(heights)
    expect(heights.at(-1)).toBeCloseTo(spanZ(night, 'fit-bed', platform).min, 6)
  })
})

describe('copies', () => {
  const job = jobOf(
    putAtHome('fit-base', 'galley-doors', 500, { lengthMm: 600 }),
    putAtHome(
      'fit-next',
      'galley-drawers',
      0,
      { lengthMm: 400 },
      { along: { from: 'after', fitting: 'fit-base', mm: 0 } },
    ),
    putAtHome('fit-plate', 'hob-loose', 550, {}, { up: { from: 'top-of', fitting: 'fit-base', mm: 0 } }),
    { type: 'fitting.lock', variant, id: 'fit-base', locked: true },
  )
  const [, day] = scenesOf(job) as [Scene, Scene]
  const held = (...ids: string[]) => ids.map((id) => only(day, id)!)
  let count = 0
  const newId = () => `fit-new-${(count += 1)}`
  const copied = (front: number, ...ids: string[]) => {
    const { ids: names, commands } = copiesOf(held(...ids), variant, front, newId)
    const next = apply(job, { type: 'batch', what: 'duplicate', commands: [...commands] }).job
    return { names, fittings: next.variants[variant]!.plan.fittings }
  }

  it('hang on copies where their originals hang on what is copied too, and are not locked', () => {
    const { names, fittings } = copied(4000, 'fit-plate', 'fit-next', 'fit-base')
    const [base, next, plate] = ['fit-base', 'fit-next', 'fit-plate'].map((id) => fittings[names.get(id)!]!)
    expect(next!.seat.along).toEqual({ from: 'after', fitting: names.get('fit-base'), mm: 0 })
    expect(plate!.seat.up).toMatchObject({ from: 'top-of', fitting: names.get('fit-base') })
    expect(base!.locked).toBeUndefined()
    // the three reach from 500 to 1500: their copies stand right ahead of them
    expect(base!.seat.along).toEqual({ from: 'rear', mm: 1500 })
    expect(plate!.seat.along.mm).toBe(1550)
  })

  it('stay on the original where that is not copied', () => {
    const { names, fittings } = copied(4000, 'fit-plate')
    expect(fittings[names.get('fit-plate')!]!.seat.up).toMatchObject({ from: 'top-of', fitting: 'fit-base' })
  })

  it('go behind where there is no room ahead', () => {
    const { names, fittings } = copied(1400, 'fit-base', 'fit-next')
    expect(fittings[names.get('fit-base')!]!.seat.along.mm).toBe(-500)
  })
})
