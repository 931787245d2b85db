import { describe, expect, it } from 'vitest'
import { jobWith, put, truck, variant } from '../../../../tests/support/plan'
import type { Polygon, Vec2 } from '../geometry'
import { planInterior, type Command, type Job } from '../job'
import { genericShell } from '../shells'
import { buildScene, largestCircle, wayGround, waysOf, type Scene } from './index'

/**
 * Ways against answers that follow from plain geometry. The truck is 2100 wide and 4300 long; its side door is 780 wide, in the
 * right wall from 3240 on.
 */
const SHOULDER = 1400
const WITHIN_MM = 5

const sceneOf = (job: Job): Scene => {
  const { plan } = job.variants[variant]!
  return buildScene(planInterior(job.shell, plan), plan, 'mode-day')
}
const widthOf = (scene: Scene, id = 'fit-z'): number =>
  waysOf(scene, wayGround(scene, { shoulderMm: SHOULDER })).find(({ fittingId }) => fittingId === id)!.widthMm
/** A block from a wall into the body, made of as many tanks as it takes: none is longer than 1500 or deeper than 800. */
const block = (id: string, x: number, from: 'left-wall' | 'right-wall', longMm: number, deepMm: number): Command[] => {
  const pieces = Math.ceil(longMm / 1500)
  const rows = Math.ceil(deepMm / 800)
  return Array.from({ length: pieces * rows }, (_, index) =>
    put(
      `${id}-${index}`,
      'water-tank',
      x + (longMm / pieces) * (index % pieces),
      from,
      { lengthMm: longMm / pieces, depthMm: deepMm / rows, heightMm: 900 },
      { across: { from, mm: (deepMm / rows) * Math.floor(index / pieces) } },
    ),
  )
}
/** Someone whose hips pass 60 nearer to a thing than their shoulders, and whose legs 130. */
const BANDS = {
  shoulderMm: SHOULDER,
  bands: [
    { topMm: 500, spareMm: 130 },
    { topMm: 920, spareMm: 60 },
  ],
}
const goal = put('fit-z', 'toilet-box', 60, 'left-wall', { lengthMm: 400, depthMm: 400 })

/** The scene with one fitting made a round column. */
function rounded(scene: Scene, id: string, [cx, cy]: Vec2, radiusMm: number): Scene {
  const profile: Polygon = Array.from({ length: 180 }, (_, step): Vec2 => {
    const angle = (step * Math.PI) / 90
    return [cx + radiusMm * Math.cos(angle), cy + radiusMm * Math.sin(angle)]
  })
  return {
    ...scene,
    placed: scene.placed.map((placed) => {
      if (placed.id !== id) return placed
      const solids = [{ ...placed.solids[0]!, prism: { axis: 'z' as const, profile, span: { min: 0, max: 900 } } }]
      return { ...placed, solids, inner: solids }
    }),
  }
}

describe('the width of a way by bands of the body', () => {
  const between = (gap: number, heights: readonly [number, number]) => {
    const deep = (2100 - gap) / 2
    const side = (id: string, from: 'left-wall' | 'right-wall', heightMm: number) =>
      put(id, 'wardrobe', 1200, from, { lengthMm: 900, depthMm: deep, heightMm })
    const scene = sceneOf(truck(side('fit-a', 'left-wall', heights[0]), side('fit-b', 'right-wall', heights[1]), goal))
    return waysOf(scene, wayGround(scene, BANDS)).find(({ fittingId }) => fittingId === 'fit-z')!
  }
  it.each([
    ['beside two that are high, the shoulders', [1500, 1500], [0, 0]],
    ['between one that is high and one below the hip', [1500, 900], [0, 60]],
    ['between two below the hip', [900, 900], [60, 60]],
  ] as const)('%s', (_, heights, spare) => {
    const way = between(600, heights)
    expect(Math.abs(way.gapMm - 600)).toBeLessThanOrEqual(WITHIN_MM)
    expect(Math.abs(way.widthMm - 600 - spare[0] - spare[1])).toBeLessThanOrEqual(WITHIN_MM)
    expect([...way.spareMm].sort((a, b) => a - b)).toEqual(spare)
  })
})

describe('a body in which no one stands', () => {
  /** How far the middle of a chest is from what is in the way: nothing where the chest itself is. */
  const offChest = (shell: 'van-compact' | 'truck-box', heightMm: number): number => {
    const chest = { lengthMm: 300, depthMm: 800, heightMm }
    const scene = sceneOf(jobWith(shell, put('fit-a', 'water-tank', 900, 'centreline', chest)))
    return wayGround(scene, BANDS).field.obstacles.bareDistance(1050, 0)
  }
  it('is gone through on hands and knees, over what is no higher than a seat', () => {
    expect(offChest('van-compact', 440)).toBeGreaterThan(100)
    expect(offChest('van-compact', 470)).toBe(0)
    expect(offChest('truck-box', 440)).toBe(0)
  })
})

describe('the width of a way', () => {
  it.each([400, 475, 610])('is that of a straight corridor of %d', (gap) => {
    const deep = (2100 - gap) / 2
    const scene = sceneOf(
      truck(...block('fit-a', 1200, 'left-wall', 900, deep), ...block('fit-b', 1200, 'right-wall', 900, deep), goal),
    )
    expect(Math.abs(widthOf(scene) - gap)).toBeLessThanOrEqual(WITHIN_MM)
  })

  it.each([
    [500, 640],
    [640, 500],
    [450, 450],
  ])('is that of the narrower leg of a right-angled bend, %d and %d', (along, across) => {
    // along the right wall past a block, then across between it and a second one that reaches the right wall, to the left wall
    const scene = sceneOf(
      truck(
        // leaves `along` at the right wall
        ...block('fit-a', 1500 + across, 'left-wall', 1500, 2100 - along),
        // fills the rest behind the cross passage up to a gap at the left wall, which is wide
        ...block('fit-b', 900, 'right-wall', 600, 1300),
        goal,
      ),
    )
    expect(Math.abs(widthOf(scene) - Math.min(along, across))).toBeLessThanOrEqual(WITHIN_MM)
  })

  it.each([
    [300, 400],
    [520, 195],
  ])('is the straight line between two corners of a dog-leg, %d and %d apart', (dx, dy) => {
    // the first block reaches 1000 from the left wall, to y = 50; the second to y = 50 − dy from the right
    const scene = sceneOf(
      truck(
        ...block('fit-a', 1200, 'left-wall', 600, 1000),
        ...block('fit-b', 1800 + dx, 'right-wall', 400, 1100 - dy),
        put('fit-z', 'toilet-box', 60, 'right-wall', { lengthMm: 400, depthMm: 400 }),
      ),
    )
    expect(Math.abs(widthOf(scene) - Math.hypot(dx, dy))).toBeLessThanOrEqual(WITHIN_MM)
  })

  it.each([600, 700, 815])('is that of a door of %d where nothing is narrower', (wide) => {
    const shell = genericShell('truck-box')
    const openings = shell.openings.map((door) => (door.entrance ? { ...door, fromMm: door.toMm - wide } : door))
    // a place to stand that is itself no narrower
    const stand = put('fit-z', 'galley', 1500, 'left-wall')
    const scene = sceneOf(truck({ type: 'shell.put', shell: { ...shell, openings } }, stand))
    expect(Math.abs(widthOf(scene) - wide)).toBeLessThanOrEqual(WITHIN_MM)
  })

  it.each([
    // between a round table of that radius, so far left of the centreline, and the walls at ±1050: the wider side
    [600, 0, 450],
    [500, 100, 650],
    [620, -80, 510],
  ])('is that past a round table of radius %d, %d off the middle', (radius, cy, expected) => {
    const flat = sceneOf(truck(put('fit-t', 'water-tank', 1500, 'centreline', { lengthMm: 400, depthMm: 400 }), goal))
    expect(Math.abs(widthOf(rounded(flat, 'fit-t', [1700, cy], radius)) - expected)).toBeLessThanOrEqual(WITHIN_MM)
  })

  it('is that between a round table and the corner of a block', () => {
    // the block’s corner at (1300, 200); the table round (2000, −250) with a radius of 350 leaves √(700² + 450²) − 350 = 482 to it,
    // and 1050 − 250 − 350 = 450 to the right wall
    const flat = sceneOf(
      truck(
        put('fit-t', 'water-tank', 1800, 'centreline', { lengthMm: 400, depthMm: 400 }),
        ...block('fit-a', 700, 'left-wall', 600, 850),
        ...block('fit-b', 700, 'right-wall', 600, 200),
        goal,
      ),
    )
    const scene = rounded(flat, 'fit-t', [2000, -250], 350)
    // behind the block one goes between it and its opposite, 1050 wide, to the goal
    expect(Math.abs(widthOf(scene) - Math.max(450, Math.hypot(700, 450) - 350))).toBeLessThanOrEqual(WITHIN_MM)
  })
})

describe('the largest circle of floor', () => {
  // 2010 ADA Standards § 304.3.1, from memory: a wheelchair turns in 1525 mm
  it.each([1525, 1500, 1600])('is that between two blocks %d apart', (gap) => {
    const scene = sceneOf(
      truck(
        ...block('fit-a', 0, 'left-wall', 1400, 1100),
        ...block('fit-b', 0, 'right-wall', 1400, 1000),
        ...block('fit-c', 1400 + gap, 'left-wall', 4300 - 1400 - gap, 1100),
        ...block('fit-d', 1400 + gap, 'right-wall', 4300 - 1400 - gap, 1000),
      ),
    )
    expect(Math.abs(largestCircle(scene, wayGround(scene, { shoulderMm: SHOULDER })).mm - gap)).toBeLessThanOrEqual(
      WITHIN_MM,
    )
  })

  it('is as a tape has it, whoever walks: what is low takes of it as much as what is high', () => {
    const scene = sceneOf(
      truck(...block('fit-a', 0, 'left-wall', 4300, 500), put('fit-b', 'stool', 1500, 'right-wall'), goal),
    )
    const circles = [{ shoulderMm: SHOULDER }, BANDS].map((walker) => largestCircle(scene, wayGround(scene, walker)))
    expect(circles[1]!.mm).toBe(circles[0]!.mm)
    expect(circles[0]!.mm).toBeLessThanOrEqual(1600)
  })

  it('is bounded by the walls of a narrow body', () => {
    const scene = sceneOf(jobWith('truck-box'))
    expect(Math.abs(largestCircle(scene, wayGround(scene, { shoulderMm: SHOULDER })).mm - 2100)).toBeLessThanOrEqual(
      WITHIN_MM,
    )
  })
})
