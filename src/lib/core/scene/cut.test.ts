import { describe, expect, it } from 'vitest'
import { area, convexContains, prismBounds, type Prism } from '../geometry'
import { endPanel } from '../draw'
import { type Job, planInterior } from '../job'
import { boxInside, wallsAt } from '../shell'
import { buildScene, collisions, headroomAt, outsideOf } from './index'
import { jobWith, put, variant } from '../../../../tests/support/plan'

const planOf = (job: Job) => job.variants[variant]!.plan
const sceneOf = (job: Job) => buildScene(planInterior(job.shell, planOf(job)), planOf(job), 'mode-day')
const at = (job: Job, id: string) => sceneOf(job).placed.find((one) => one.id === id)!

const BODIES = ['van-long-high', 'van-medium-low', 'minivan-glass-roof', 'bus-9m', 'truck-box'] as const

/** Whether a small place lies in the lined body. */
const lies = (job: Job, x: number, y: number, z: number): boolean =>
  boxInside(sceneOf(job).interior, {
    x: { min: x - 0.5, max: x + 0.5 },
    y: { min: y - 0.5, max: y + 0.5 },
    z: { min: z - 0.5, max: z + 0.5 },
  })

describe('a partition', () => {
  it.each(BODIES)(
    'across the whole of %s is cut to floor, walls and roof: there where the body is, and nowhere else',
    (body) => {
      const x = 1300
      const job = jobWith(
        body,
        put('fit-a', 'partition', x, 'centreline', { lengthMm: 2600, heightMm: 2600 }, { turn: 90 }),
      )
      const placed = at(job, 'fit-a')
      expect(outsideOf(sceneOf(job), placed)).toBeUndefined()
      const { prism } = placed.solids[0]!
      expect(prism.axis).toBe('x')
      const { keepOuts } = sceneOf(job).interior
      const proud = (y: number, z: number) =>
        keepOuts.some(({ prism: thing }) => {
          const bounds = prismBounds(thing)
          const near = (span: { min: number; max: number }, value: number) =>
            value > span.min - 2 && value < span.max + 2
          return near(bounds.x, x + 9) && near(bounds.y, y) && near(bounds.z, z)
        })
      let [tried, apart] = [0, 0]
      for (let y = -1300; y <= 1300; y += 47)
        for (let z = -20; z <= 2600; z += 53) {
          if (proud(y, z)) continue
          tried += 1
          const deep = convexContains(prism.profile, [y, z], -3)
          const off = !convexContains(prism.profile, [y, z], 3)
          const inside = lies(job, x + 9, y, z)
          if ((deep && !inside) || (off && inside)) apart += 1
        }
      expect(tried).toBeGreaterThan(1500)
      expect(apart).toBe(0)
    },
  )

  it('by one wall goes out to that at every height, and ends where its run does', () => {
    const job = jobWith('van-long-high', put('fit-a', 'partition', 1300, 'left-wall', { lengthMm: 700 }, { turn: 90 }))
    const placed = at(job, 'fit-a')
    expect(outsideOf(sceneOf(job), placed)).toBeUndefined()
    const { prism } = placed.solids[0]!
    const walls = (z: number) => wallsAt(sceneOf(job).interior, 1309, z)!.max
    const highest = Math.max(...[300, 600, 900].map(walls))
    expect(prismBounds(prism).y.max).toBeCloseTo(highest, -1)
    for (const z of [200, 700, 1300, 1700]) {
      expect(convexContains(prism.profile, [walls(z) - 3, z])).toBe(true)
      expect(convexContains(prism.profile, [walls(z) + 3, z])).toBe(false)
    }
    const [one, other] = [endPanel(sceneOf(job), placed, 'rear')!, endPanel(sceneOf(job), placed, 'front')!]
    expect(area(one.outline)).toBeCloseTo(area(prism.profile), -1)
    expect(one.heightMm).toBeCloseTo(other.heightMm, 0)
  })

  it('meets what stands in its way, and stands whole where there is no load space', () => {
    const job = jobWith(
      'van-long-high',
      put('fit-a', 'partition', 1300, 'centreline', { lengthMm: 2600 }, { turn: 90 }),
      put('fit-b', 'galley', 900, 'left-wall', { lengthMm: 900 }),
    )
    expect(collisions(sceneOf(job)).map(({ a, b }) => [a.id, b.kind === 'fitting' && b.placed.id])).toContainEqual([
      'fit-a',
      'fit-b',
    ])
    const out = jobWith('van-long-high', put('fit-a', 'partition', -60, 'centreline', {}, { turn: 90 }))
    expect(outsideOf(sceneOf(out), at(out, 'fit-a'))).toMatchObject({ face: 'rear' })
  })
})

describe('a wet room that is built in place', () => {
  const room = (cut: boolean) =>
    jobWith('van-medium-low', put('fit-a', 'wet-room', 600, 'left-wall', { heightMm: 1850, lengthMm: 1000 }), {
      type: 'fitting.cut',
      variant,
      id: 'fit-a',
      cut,
    })

  it('is cut to the wall and the roof; what is bought in it is not', () => {
    expect(outsideOf(sceneOf(room(false)), at(room(false), 'fit-a'))).toBeDefined()
    const placed = at(room(true), 'fit-a')
    const fits = Object.fromEntries(placed.solids.map(({ id, fit }) => [id, fit]))
    expect(fits).toMatchObject({ tray: 'scribed', 'back-wall': 'scribed', toilet: 'rigid' })
    const found = outsideOf(sceneOf(room(true)), placed)
    expect(found === undefined || found.solidId === 'toilet').toBe(true)
    const front = placed.solids.find(({ id }) => id === 'front-wall')!.prism as Prism & { axis: 'z' }
    expect(front.span.max).toBeLessThan(1850)
    const { x, y } = prismBounds(front)
    const over = (z: number) =>
      boxInside(sceneOf(room(true)).interior, {
        x,
        y: { min: y.min, max: y.min + 1 },
        z: { min: z - 1, max: z },
      })
    expect(over(front.span.max - 1)).toBe(true)
    expect(over(front.span.max + 5)).toBe(false)
  })

  it('gives the headroom that the roof leaves in it', () => {
    const placed = at(room(true), 'fit-a')
    const inside = placed.clearances.find(({ use }) => use === 'stand-inside')!
    const { heightMm, at: where } = headroomAt(sceneOf(room(true)), placed, inside)!
    const spot = (z: number) =>
      boxInside(sceneOf(room(true)).interior, {
        x: { min: where[0] - 90, max: where[0] + 90 },
        y: { min: where[1] - 90, max: where[1] + 90 },
        z: { min: z - 1, max: z },
      })
    expect(spot(where[2] - 1)).toBe(true)
    expect(spot(where[2] + 5)).toBe(false)
    expect(heightMm).toBeLessThan(1850 - 60 - 20)
  })
})
