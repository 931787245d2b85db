import { describe, expect, it } from 'vitest'
import { placedFigures } from '../draw'
import { prismBounds, unionOf } from '../geometry'
import { apply, CommandError, newJob, planInterior, type Command, type Figure, type Job } from '../job'
import { genericShell } from '../shells'
import { put as fitting } from '../../../../tests/support/plan'
import { buildScene, figureClash, figuresOf, type FigureBody } from './index'

const brief = {
  people: {
    'person-a': { label: 'A', statureMm: 1800, sleeps: true, travels: true },
    'person-b': { label: 'B', statureMm: 1700, sleeps: true, travels: true, mobility: 'wheelchair' as const },
    'person-c': { label: 'C', statureMm: 1700, sleeps: true, travels: true, mobility: 'walker' as const },
  },
  pets: { 'pet-a': { label: 'dog', lengthMm: 900, heightMm: 600 } },
  gear: { 'gear-a': { label: 'mast', sizeMm: [300, 200, 2100] as [number, number, number], count: 1 } },
  nightsOffHookUp: 1,
  demands: {},
  notes: '',
}
const put = (figure: Figure, id = 'figure-a'): Command => ({
  type: 'figure.put',
  variant: 'variant-a',
  mode: 'mode-day',
  id,
  figure,
})
const start = newJob('job-a', 'A', genericShell('truck-box'), brief)
const run = (...commands: Command[]): Job => commands.reduce((job, command) => apply(job, command).job, start)
const sceneOf = (job: Job) => {
  const { plan } = job.variants['variant-a']!
  return buildScene(planInterior(job.shell, plan), plan, 'mode-day')
}
const one = (figure: Figure, ...commands: Command[]): FigureBody => {
  const job = run(...commands, put(figure))
  return figuresOf(sceneOf(job), job.brief)[0]!
}
const sizeOf = ({ parts }: FigureBody) => {
  const { x, y, z } = unionOf(parts.map(prismBounds))
  return [x, y, z].map(({ min, max }) => Math.round(max - min))
}
const floor = 37

describe('figuresOf', () => {
  const at = [2000, 0] as const
  // shares of stature: Drillis & Contini 1966, as drawn in Winter, from memory
  it('stands a body to scale on the lined floor', () => {
    const figure = one({ who: 'person-a', pose: 'standing', at: [...at], turn: 0 })
    expect(sizeOf(figure)).toEqual([Math.round(0.152 * 1800), Math.round(0.259 * 1800), 1800])
    expect(figure.onMm).toBe(floor)
    expect(sizeOf(one({ who: 'person-a', pose: 'standing', at: [...at], turn: 90 }))).toEqual([466, 274, 1800])
  })

  it('reaches forward at elbow height when it works', () => {
    const { parts } = one({ who: 'person-a', pose: 'working', at: [...at], turn: 0 })
    const { x, z } = prismBounds(parts[1]!)
    expect(x.max).toBeCloseTo(2000 + 0.076 * 1800 + (0.146 + 0.108) * 1800, 6)
    expect((z.min + z.max) / 2).toBeCloseTo(floor + 0.63 * 1800, 6)
  })

  it('sits on what is under it, else at knee height', () => {
    const free = one({ who: 'person-a', pose: 'sitting', at: [...at], turn: 0 })
    expect(free.onMm).toBeCloseTo(floor + 0.285 * 1800, 6)
    const bench = fitting('fit-a', 'bench-belted', 1700, 'left-wall', {})
    const seated = one({ who: 'person-a', pose: 'sitting', at: [2100, 800], turn: 0 }, bench)
    expect(seated.onMm).toBeGreaterThan(floor + 250)
    expect(seated.onMm).toBeLessThan(floor + 700)
    expect(unionOf(seated.parts.map(prismBounds)).z.max).toBeCloseTo(seated.onMm + 0.52 * 1800, 6)
  })

  it('lies on a bed, and on the floor where there is none', () => {
    const bed = fitting('fit-a', 'bed-fixed', 300, 'left-wall', { lyingMm: 1900, widthMm: 1200 })
    const lying = one({ who: 'person-a', pose: 'lying', at: [900, 0], turn: 90 }, bed)
    expect(lying.onMm).toBeGreaterThan(500)
    expect(sizeOf(lying)).toEqual([466, 1800, 250])
    expect(one({ who: 'person-a', pose: 'lying', at: [...at], turn: 0 }).onMm).toBe(floor)
  })

  it('gives a wheelchair its floor and its circle, a walker its frame ahead', () => {
    // 2010 ADA Standards §§ 304.3.1 and 305.3, from memory
    const chair = one({ who: 'person-b', pose: 'sitting', at: [...at], turn: 0 })
    expect(sizeOf(chair).slice(0, 2)).toEqual([1220, 760])
    expect(chair.turningMm).toBe(1525)
    const walker = one({ who: 'person-c', pose: 'standing', at: [...at], turn: 180 })
    expect(unionOf(walker.parts.map(prismBounds)).x.min).toBeLessThan(2000 - 450)
  })

  it('brings pets and gear, and leaves out who has left the brief', () => {
    expect(sizeOf(one({ who: 'pet-a', pose: 'lying', at: [...at], turn: 0 }))).toEqual([900, 360, 360])
    expect(sizeOf(one({ who: 'gear-a', pose: 'lying', at: [...at], turn: 0 }))).toEqual([2100, 200, 300])
    const job = run(put({ who: 'pet-a', pose: 'standing', at: [...at], turn: 0 }), { type: 'pet.remove', id: 'pet-a' })
    expect(figuresOf(sceneOf(job), job.brief)).toEqual([])
    expect(() => run(put({ who: 'person-none', pose: 'standing', at: [...at], turn: 0 }))).toThrow(CommandError)
  })
})

describe('figureClash', () => {
  it('says nothing of a body in the open, and names the roof for one that is too tall', () => {
    const open = one({ who: 'person-a', pose: 'standing', at: [2500, 0], turn: 0 })
    expect(figureClash(sceneOf(start), open)).toBeUndefined()
    const low = { ...start, shell: genericShell('van-medium-low') }
    const job = apply(low, put({ who: 'person-a', pose: 'standing', at: [1500, 0], turn: 0 })).job
    const clash = figureClash(sceneOf(job), figuresOf(sceneOf(job), job.brief)[0]!)!
    expect(clash.blockers).toContainEqual({ kind: 'shell', id: 'shell' })
    // 1660 of height less 37 and 28 (ribs) leave 1595: 1800 is 205 too much, a little more at the shoulders
    expect(clash.byMm).toBeGreaterThanOrEqual(205)
    expect(clash.byMm).toBeLessThan(300)
  })
})

describe('placedFigures', () => {
  it('draws each in plan and on the wall of its side, with a wheelchair’s circle', () => {
    const job = run(
      put({ who: 'person-b', pose: 'sitting', at: [2500, 200], turn: 0 }),
      put({ who: 'person-a', pose: 'standing', at: [1500, -200], turn: 270 }, 'figure-b'),
    )
    const scene = sceneOf(job)
    const view = (id: 'plan' | 'left' | 'right') => placedFigures(scene, job.brief, id).items
    expect(view('plan').filter((item) => item.kind === 'circle' && item.radius === 1525 / 2)).toHaveLength(1)
    const xs = (id: 'left' | 'right') =>
      view(id).flatMap((item) => (item.kind === 'path' ? item.points.map(([x]) => x) : []))
    expect(Math.min(...xs('left'))).toBeGreaterThan(1500)
    expect(Math.max(...xs('right'))).toBeLessThan(2000)
  })
})
