import { describe, expect, it } from 'vitest'
import { apply, newJob, planInterior, standardBrief, type Command, type Job } from '../job'
import { buildScene, scenesOf } from '../scene'

import { heightsAt, interiorOf, newChange, type BodyChanges } from '../shell'
import { genericShell, GENERIC_SHELLS } from '../shells'
import type { Item } from './display'
import { sittingFigure } from './figures'
import {
  cabSeatItems,
  drawSection,
  drawView,
  planBounds,
  sectionBounds,
  shellPlan,
  shellSection,
  shellSide,
  sideBounds,
} from './index'

const lining = { floorMm: 37, wallMm: 30, roofMm: 25 }
const van = genericShell('van-long-high')
const points = (items: readonly Item[]) => items.flatMap((item) => (item.kind === 'path' ? item.points : []))
const changes: BodyChanges = {
  'flare-a': { kind: 'flare', side: 'left', fromMm: 100, toMm: 1700, bottomMm: 600, topMm: 1100, depthMm: 120 },
  'roof-a': { kind: 'raised-roof', fromMm: 500, toMm: 3500, widthMm: 1260, riseMm: 350, shape: 'curved' },
  'hatch-a': { kind: 'roof-hatch', fromMm: 2000, toMm: 2400, rightMm: -200, leftMm: 200 },
}

describe('the body drawn', () => {
  it.each(GENERIC_SHELLS.map((shell) => [shell.id, shell] as const))(
    '%s lies within its bounds in every view',
    (_id, shell) => {
      const space = interiorOf(shell, lining, {
        'flare-a': newChange('flare', shell),
        'roof-a': newChange('raised-roof', shell),
        'hatch-a': newChange('roof-hatch', shell),
      })
      const views = [
        [planBounds(space), [...shellPlan(space).items, ...cabSeatItems(shell, 'plan')], 160],
        [sideBounds(space), shellSide(space, 'left').items, 1],
        [sideBounds(space), shellSide(space, 'right').items, 1],
        [sectionBounds(space), shellSection(space, space.xSpan.max / 2).items, 1],
      ] as const
      for (const [{ min, max }, items, slack] of views) {
        const drawn = points(items)
        expect(drawn.length).toBeGreaterThan(8)
        for (const [u, v] of drawn) {
          expect(u).toBeGreaterThanOrEqual(min[0] - slack)
          expect(u).toBeLessThanOrEqual(max[0] + slack)
          expect(v).toBeGreaterThanOrEqual(min[1] - slack)
          expect(v).toBeLessThanOrEqual(max[1] + slack)
        }
      }
    },
  )

  it('shows a raised roof and a well from the side where they are, not sloping up to them', () => {
    const well = { kind: 'floor-well', fromMm: 1000, toMm: 1500, rightMm: -300, leftMm: 300, depthMm: 120 } as const
    const space = interiorOf(van, lining, {
      'roof-a': { ...changes['roof-a']!, shape: 'straight' } as never,
      'well-a': well,
    })
    const lined = shellSide(space, 'left').items.flatMap((item) =>
      item.kind === 'path' && item.weight === 'cut' ? [item.points] : [],
    )
    for (const x of [300, 500 + 20, 500 + 40, 900, 1200, 2000, 3500 - 40, 3500 - 20, 4000]) {
      const heights = heightsAt(space, x, 0)!
      const chords = lined.flatMap((outline) => {
        const crossings = outline.flatMap(([x0, z0], index) => {
          const [x1, z1] = outline[(index + 1) % outline.length]!
          return (x0 - x) * (x1 - x) < 0 ? [z0 + ((z1 - z0) * (x - x0)) / (x1 - x0)] : []
        })
        return crossings
      })
      expect(Math.max(...chords)).toBeCloseTo(heights.max, 3)
      expect(Math.min(...chords)).toBeCloseTo(heights.min, 3)
    }
  })

  it('has its drivers’ feet on the floor of the cab', () => {
    for (const shell of GENERIC_SHELLS) {
      const [seat] = shell.cabSeats
      const below = seat!.cushionMm - shell.cab!.floorMm
      const feet = points(sittingFigure(1760, [0, seat!.cushionMm], 1, below)).map(([, z]) => z)
      expect(Math.min(...feet)).toBeGreaterThanOrEqual(shell.cab!.floorMm - 0.001)
    }
    // on a high seat they hang: a lower leg of 0.285 of stature (Drillis & Contini 1966, from memory)
    const hanging = points(sittingFigure(1760, [0, 900], 1, 900)).map(([, z]) => z)
    expect(900 - Math.min(...hanging)).toBeCloseTo(0.285 * 1760, 0)
  })

  it.each(GENERIC_SHELLS.map((shell) => [shell.id, shell] as const))(
    '%s shows its walls in plan where they are',
    (_id, shell) => {
      const space = interiorOf(shell, lining)
      const walls = points([shellPlan(space).items[1]!]).map(([, v]) => v)
      const half = Math.max(...shell.stations.flatMap(({ left }) => left.map(([y]) => y)))
      // the lining and the ribs are all that a wall comes in by
      expect(Math.max(...walls)).toBeGreaterThan(half - 60)
      expect(Math.max(...walls)).toBeLessThan(half)
      expect(Math.min(...walls)).toBeCloseTo(-Math.max(...walls), 6)
    },
  )

  it('draws an open cab no further than the windscreen, and a closed one not at all', () => {
    const inside = (shell: typeof van) =>
      shellSide(interiorOf(shell, lining), 'left').items.flatMap((item) =>
        item.kind === 'path' && item.weight === 'hair' && item.fill === 'sheet' ? [item.points] : [],
      )
    const [cab] = inside(van)
    const roof = Math.max(...cab!.map(([, z]) => z))
    expect(roof).toBe(van.cab!.roofMm)
    // the skin passes (4560, 1900) and (4900, 1560): at the cab’s roof of 1645 it is at x = 4560 + 255
    const ends = cab!.filter(([, z]) => z === roof).map(([x]) => x)
    expect(Math.max(...ends)).toBeCloseTo(4815, 6)
    expect(Math.max(...cab!.map(([x]) => x))).toBe(4250 + van.cab!.lengthMm)
    expect(inside({ ...van, bulkhead: { ...van.bulkhead, wayThrough: false } })).toEqual([])
  })

  it('grows by its flare and its roof, and shows the hatch above the cut', () => {
    const [plain, changed] = [interiorOf(van, lining), interiorOf(van, lining, changes)]
    expect(planBounds(changed).max[1] - planBounds(plain).max[1]).toBe(120)
    expect(sideBounds(changed).max[1] - sideBounds(plain).max[1]).toBe(350)
    const hatch = shellPlan(changed).items.find(
      (item) => item.kind === 'path' && item.weight === 'hidden' && item.points.some(([u]) => u === 2000),
    )!
    expect(points([hatch])).toEqual([
      [2000, -200],
      [2400, -200],
      [2400, 200],
      [2000, 200],
    ])
    // the section is seen from behind: the left flare is on the left
    const outline = points(shellSection(changed, 800).items)
    expect(Math.min(...outline.map(([u]) => u))).toBeLessThan(-1000)
    expect(Math.max(...outline.map(([u]) => u))).toBeLessThan(930)
  })

  it('faces its turned seats back, in plan and from the side', () => {
    const [driver] = van.cabSeats
    const span = (items: readonly Item[]) => {
      const us = points(items).map(([u]) => u)
      return [Math.round(Math.min(...us)), Math.round(Math.max(...us))]
    }
    const back = (turned: readonly string[]) =>
      span([cabSeatItems({ ...van, cabSeats: [driver!] }, 'plan', turned)[1]!])
    expect(back([])).toEqual([4490, 4620])
    expect(back(['cab-driver'])).toEqual([4860, 4990])
    expect(cabSeatItems(van, 'left')).toHaveLength(2)
    expect(cabSeatItems(van, 'right')).toHaveLength(2)
  })
})

describe('a plan in a changed body', () => {
  const variant = 'variant-a'
  const commands: readonly Command[] = [
    ...Object.entries(changes).map(([id, change]): Command => ({ type: 'change.put', variant, id, change })),
    { type: 'mode.turned', variant, mode: 'mode-day', seat: 'cab-driver', turned: true },
  ]
  const job = commands.reduce(
    (at: Job, command) => apply(at, command).job,
    newJob('job-test', 'Test', van, standardBrief()),
  )
  const scenes = scenesOf(job.variants[variant]!, planInterior(job.shell, job.variants[variant]!.plan))

  it('carries its turned seats in the scene of the mode that turns them, and nowhere else', () => {
    expect(scenes.map(({ turned }) => turned)).toEqual([[], ['cab-driver'], []])
    const seats = (index: number) => JSON.stringify(drawView(scenes[index]!, 'plan').groups[0])
    expect(seats(1)).not.toBe(seats(0))
    expect(seats(2)).toBe(seats(0))
  })

  it('is drawn in views and a section that hold the changes', () => {
    const sizes = (of: Job) => {
      const { plan } = of.variants[variant]!
      const scene = buildScene(planInterior(of.shell, plan), plan, 'mode-day')
      return (['left', 'plan', 'right'] as const).map((id) => {
        const { min, max } = drawView(scene, id).bounds
        return [max[0] - min[0], max[1] - min[1]] as const
      })
    }
    const [left, above, right] = sizes(job)
    const [plainLeft, plainAbove, plainRight] = sizes(newJob('job-test', 'Test', van, standardBrief()))
    // as long as without changes; taller by the roof in both elevations, and wider by both flanks
    expect(above![0]).toBe(plainAbove![0])
    expect([left![1] - plainLeft![1], right![1] - plainRight![1]]).toEqual([350, 350])
    expect(above![1] - plainAbove![1]).toBe(240)
    expect(drawSection(scenes[1]!, 1000).groups[0]!.items).toHaveLength(4)
  })
})
