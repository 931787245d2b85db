import { describe, expect, it } from 'vitest'
import { newFound, type Found } from '../condition'
import { prismBounds } from '../geometry'
import { mirroredSurvey, newSurvey, surveyOfShell } from '../readings'
import { buildScene } from '../scene'
import { interiorOf, mirroredShell, NO_LINING, shellSchema, wallsAt } from '../shell'
import { genericShell, GENERIC_SHELLS } from '../shells'
import { baseOf, surveyed } from '../survey'
import { apply, type Command, type Job, planInterior } from './index'
import { jobWith, put, putInside, truck, variant } from '../../../../tests/support/plan'

const ids = GENERIC_SHELLS.map(({ id }) => id)
const turned = (job: Job) => apply(job, { type: 'vehicle.mirror' }).job
const sceneOf = (job: Job) => {
  const { plan } = job.variants[variant]!
  return buildScene(planInterior(job.shell, plan), plan, 'mode-day')
}

describe('a vehicle for the other side of the road', () => {
  it.each(ids)(
    '%s is a body like others, with every wall where its reflection is, and itself when it is turned twice',
    (id) => {
      const own = genericShell(id)
      const other = mirroredShell(own)
      expect(shellSchema.safeParse(other).error?.issues).toBeUndefined()
      expect(other.id).not.toBe(own.id)
      expect(mirroredShell(other)).toEqual(own)
      const [a, b] = [interiorOf(own, NO_LINING), interiorOf(other, NO_LINING)]
      for (const share of [0.1, 0.5, 0.9])
        for (const z of [300, 900]) {
          const x = a.xSpan.min + (a.xSpan.max - a.xSpan.min) * share
          const [was, is] = [wallsAt(a, x, z)!, wallsAt(b, x, z)!]
          expect(is.min).toBeCloseTo(-was.max, 6)
          expect(is.max).toBeCloseTo(-was.min, 6)
        }
      const middles = (shell: typeof own) => shell.cabSeats.map(({ yMm }) => yMm)
      expect(middles(other).map((y) => -y || 0)).toEqual(middles(own))
      for (const [index, { side }] of own.openings.entries())
        if (side === 'left' || side === 'right') expect(other.openings[index]!.side).not.toBe(side)
    },
  )

  it('takes every plan with it: what is in another, what is locked, what a mode moves, and the holes in its sides', () => {
    const job = jobWith(
      'van-long-high',
      put('fit-a', 'bench-side', 1200, 'left-wall', { lengthMm: 1300 }),
      putInside('fit-b', 'battery', 'fit-a', {}, { along: { from: 'left', mm: 100 } }),
      put('fit-c', 'wardrobe', 300, 'right-wall', { hinge: 'left' }),
      { type: 'fitting.lock', variant, id: 'fit-c', locked: true },
      {
        type: 'change.put',
        variant,
        id: 'change-a',
        change: { kind: 'window', side: 'rear', fromMm: 100, toMm: 500, sillMm: 900, headMm: 1300 },
      },
    )
    const [before, after] = [sceneOf(job), sceneOf(turned(job))]
    for (const a of before.placed) {
      const b = after.placed.find(({ id }) => id === a.id)!
      for (const [index, solid] of a.solids.entries()) {
        const [p, q] = [prismBounds(solid.prism), prismBounds(b.solids[index]!.prism)]
        expect([q.x.min, q.y.min, q.y.max, q.z.min].map(Math.round)).toEqual(
          [p.x.min, -p.y.max, -p.y.min, p.z.min].map((mm) => Math.round(mm) || 0),
        )
      }
    }
    expect(turned(job).variants[variant]!.plan.changes['change-a']).toMatchObject({ fromMm: -500, toMm: -100 })
    expect(turned(turned(job))).toEqual(job)
  })

  it('takes what was found over to the other side, and leaves what has no place', () => {
    const put = (id: string, found: Found): Command => ({ type: 'found.put', id, found })
    const job = truck(put('found-a', { ...newFound('rust'), at: [900, 700, 100] }), put('found-b', newFound('leak')))
    expect(turned(job).found).toEqual({
      'found-a': { ...newFound('rust'), at: [900, -700, 100] },
      'found-b': newFound('leak'),
    })
  })

  it('keeps a survey: what was read on the left was on the right', () => {
    const survey = {
      ...newSurvey({ kind: 'generic' as const, shell: 'van-long-high' }),
      apart: true,
      readings: { 'axle-low-left': { first: 870 }, 'axle-low-right': { first: 905 }, 'length-floor': { first: 3400 } },
    }
    const other = mirroredSurvey(survey)
    expect(other.readings).toEqual({
      'axle-low-right': { first: 870 },
      'axle-low-left': { first: 905 },
      'length-floor': { first: 3400 },
    })
    expect(mirroredSurvey(other)).toEqual(survey)
    const sides = (one: typeof survey) => baseOf(one).openings.map(({ side }) => side)
    expect(sides(other as typeof survey)).not.toEqual(sides(survey))
    expect(surveyed(other).shell).toBeDefined()
    expect(surveyOfShell('van-long-high-mirrored')).toMatchObject({
      base: { shell: 'van-long-high' },
      mirrored: true,
    })
  })
})
