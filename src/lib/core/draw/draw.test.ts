import { describe, expect, it } from 'vitest'
import { defaultsOf, kindOf } from '../fittings'
import { clamp, sliceAtX } from '../geometry'
import { apply, planInterior } from '../job'

import { buildScene, scenesOf } from '../scene'
import { partsInside } from '../shell'
import { DEMO_JOBS } from '$lib/demo'
import { drawSection, drawView, fittingGroup, thumbnailSheet, toSvg, VIEW_IDS } from './index'

const [bat] = DEMO_JOBS
const job = bat!
const plan = job.variants['variant-a']!
const scenes = scenesOf(plan, planInterior(job.shell, plan.plan))
const [, day, night] = scenes

describe('views', () => {
  it.each(['left', 'plan', 'right'] as const)('%s shows every fitting that belongs there, inside its bounds', (id) => {
    const view = drawView(day!, id, job.brief)
    const shown = view.groups.flatMap(({ fittingId }) => fittingId ?? [])
    expect(new Set(shown).size).toBeGreaterThan(id === 'plan' ? 8 : 2)
    for (const group of view.groups.filter(({ fittingId }) => fittingId !== undefined)) {
      for (const item of group.items) {
        if (item.kind !== 'path') continue
        for (const [u, v] of item.points) {
          expect(u).toBeGreaterThan(view.bounds.min[0] - 1)
          expect(u).toBeLessThan(view.bounds.max[0] + 1)
          expect(v).toBeGreaterThan(view.bounds.min[1] - 1)
          expect(v).toBeLessThan(view.bounds.max[1] + 1)
        }
      }
    }
    expect(VIEW_IDS).toContain(view.id)
  })

  it('draws the same fitting at the same x in plan and wall', () => {
    const xs = (id: 'plan' | 'left') => {
      const item = drawView(day!, id).groups.find(({ fittingId }) => fittingId === 'fit-galley')!.items[0]!
      return item.kind === 'path'
        ? [Math.min(...item.points.map(([u]) => u)), Math.max(...item.points.map(([u]) => u))]
        : []
    }
    expect(xs('plan')).toEqual([1570, 3070])
    expect(xs('left')).toEqual(xs('plan'))
  })

  it('cuts a scribed carcass in plan to the wall behind it, as deep as the section cuts it', () => {
    // the van narrows to its rear: a locker from sill to bulkhead follows the wall, and no section of it is deeper
    const { job: with_ } = apply(job, {
      type: 'fitting.add',
      variant: 'variant-a',
      id: 'fit-long',
      fitting: {
        kind: 'drawer-unit',
        parameters: { ...defaultsOf(kindOf('drawer-unit')), lengthMm: 1500, depthMm: 450, heightMm: 500 },
        seat: { ...kindOf('drawer-unit').home, along: { from: 'rear', mm: 0 } },
      },
    })
    const scene = buildScene(planInterior(job.shell, plan.plan), with_.variants['variant-a']!.plan, 'mode-day')
    const placed = scene.placed.find(({ id }) => id === 'fit-long')!
    const [outline] = fittingGroup(placed, 'plan', scene.interior)!.items
    const points = outline!.kind === 'path' ? outline!.points : []
    const back = points.filter(([, y]) => y > placed.bounds.y.min + 10)
    expect(back.length).toBeGreaterThan(2)
    expect(new Set(back.map(([, y]) => Math.round(y))).size).toBeGreaterThan(1)
    for (const [x, y] of back) {
      const cut = partsInside(scene.interior, x, sliceAtX(placed.solids[0]!.prism, clamp(x, 0.1, 1499.9)))
      expect(y).toBeCloseTo(Math.max(...cut.flat().map(([across]) => across)), 0)
    }
  })

  it('cuts a scribed carcass to the lined wall in section, seen from behind with the left wall on the left', () => {
    const section = drawSection(day!, 2000, job.brief)
    const galley = section.groups.find(({ fittingId }) => fittingId === 'fit-galley')!.items[0]!
    const us = galley.kind === 'path' ? galley.points.map(([u]) => u) : []
    expect(Math.min(...us)).toBeLessThan(-800)
    expect(Math.max(...us)).toBeLessThan(0)
    expect(section.groups.some(({ fittingId }) => fittingId === 'fit-bed')).toBe(false)
  })

  it('lays the sleepers on their bed at night, at their stature', () => {
    const people = (scene: typeof day) =>
      drawView(scene!, 'plan', job.brief).groups.flatMap(({ key, items }) => (key.startsWith('sleeper') ? items : []))
    expect(people(day)).toEqual([])
    const ys = people(night)
      .slice(0, 2)
      .flatMap((item) => (item.kind === 'path' ? item.points.map(([, y]) => y) : []))
    expect(Math.max(...ys) - Math.min(...ys)).toBeCloseTo(1840, 0)
  })
})

describe('SVG', () => {
  it('makes a small picture without words or paper', () => {
    const svg = toSvg(thumbnailSheet(job, 'variant-a', 'mode-day'))
    expect(svg).not.toMatch(/<rect|font-size="2.4"/)
    expect(svg.length).toBeLessThan(40_000)
  })
})
