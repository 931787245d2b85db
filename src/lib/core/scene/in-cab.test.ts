import { describe, expect, it } from 'vitest'
import type { Seat } from '../fittings'
import { apply, type Job, planInterior } from '../job'
import { prismBounds } from '../geometry'
import { buildScene, collisionsOf, freedomOf, keptInside, outsideOf, tapeOf } from './index'
import { reviewVariant } from '../review'
import { jobWith, person, put, variant } from '../../../../tests/support/plan'

const planOf = (job: Job) => job.variants[variant]!.plan
const sceneOf = (job: Job, mode = 'mode-day') => buildScene(planInterior(job.shell, planOf(job)), planOf(job), mode)
const at = (job: Job, id: string, mode = 'mode-day') => sceneOf(job, mode).placed.find((one) => one.id === id)!
const outside = (job: Job, id: string) => outsideOf(sceneOf(job), at(job, id))
const meets = (job: Job, id: string, mode = 'mode-day') =>
  collisionsOf(sceneOf(job, mode), at(job, id, mode)).map(({ partB }) => partB)

// a long van with its cab open: the load space ends at 4250, walls 1970 apart
const van = 'van-long-high'
const open = jobWith(van).shell
const cab = open.cab!
const front = open.bulkhead.xMm

const bed = (x: number, lyingMm: number, platformMm: number, more: Partial<Seat> = {}) =>
  put('fit-a', 'bed-fixed', x, 'centreline', { lyingMm, widthMm: 600, platformMm }, { turn: 90, ...more })

describe('an open cab as a place', () => {
  it('takes what reaches into it as far as it goes, and says by how much more does not', () => {
    // over the seats’ backs: cushions at 420 and backs of 640
    const over = (lengthMm: number) => jobWith(van, bed(3000, lengthMm, 1200))
    const room = front + cab.lengthMm - 3000
    expect(outside(over(Math.min(2300, room)), 'fit-a')).toBeUndefined()
    const long = jobWith(van, bed(3000 + 400, Math.min(2300, room), 1200))
    expect(outside(long, 'fit-a')).toMatchObject({
      face: 'front',
      byMm: 3400 + Math.min(2300, room) - front - cab.lengthMm,
    })
  })

  it('ends at its bulkhead where there is no way through', () => {
    const shut = { ...jobWith(van, bed(3000, 1900, 1200)) }
    const closed: Job = { ...shut, shell: { ...shut.shell, bulkhead: { ...shut.shell.bulkhead, wayThrough: false } } }
    expect(outside(closed, 'fit-a')).toMatchObject({ byMm: 3000 + 1900 - front })
    expect(outside(shut, 'fit-a')).toBeUndefined()
  })

  it('has its own floor, sides and seats, and things stand there', () => {
    // a chest between the seats, on the cab’s own floor
    const chest = jobWith(
      van,
      put('fit-a', 'lid-chest', front + 300, 'centreline', { lengthMm: 300, depthMm: 250, heightMm: 250 }),
    )
    expect(at(chest, 'fit-a').bounds.z.min).toBe(cab.floorMm)
    expect([outside(chest, 'fit-a'), meets(chest, 'fit-a')]).toEqual([undefined, []])
    // by its side it stands at that of the cab
    const side = jobWith(
      van,
      put('fit-a', 'lid-chest', front + 50, 'left-wall', { lengthMm: 250, depthMm: 250, heightMm: 200 }),
    )
    expect(at(side, 'fit-a').bounds.y.max).toBeCloseTo(cab.widthMm / 2)
    // on the driver’s cushion it meets the seat
    const seat = open.cabSeats[0]!
    const on = jobWith(
      van,
      put(
        'fit-a',
        'lid-chest',
        Math.round(seat.xMm - 125),
        'centreline',
        { lengthMm: 250, depthMm: 250, heightMm: 250 },
        {
          across: { from: 'centreline', mm: seat.yMm },
          up: { from: 'floor', mm: seat.cushionMm - 100 },
        },
      ),
    )
    expect(meets(on, 'fit-a')).toEqual([seat.id])
  })

  it('is measured by its tape to its front, and lets the hand go there', () => {
    const job = jobWith(
      van,
      put('fit-a', 'lid-chest', front + 300, 'centreline', { lengthMm: 300, depthMm: 250, heightMm: 250 }),
    )
    const rows = tapeOf(sceneOf(job), at(job, 'fit-a'))
    expect(rows.find(({ id }) => id === 'cab-front')!.mm).toBeCloseTo(cab.lengthMm - 600)
    expect(rows.some(({ id }) => id === 'front')).toBe(false)
    expect(rows.find(({ id }) => id === 'ceiling')!.mm).toBeCloseTo(cab.roofMm - cab.floorMm - 250)
    expect(keptInside(sceneOf(job), at(job, 'fit-a'), 9000)).toBeCloseTo(cab.lengthMm - 600)
    const shut = apply(job, { type: 'fitting.remove', variant, id: 'fit-a' }).job
    expect(sceneOf(shut).placed).toEqual([])
  })

  it('is room to stand, kneel and pull in, but for its seats', () => {
    // a chest’s lid and front before the bulkhead line: its kneeling place lies in the cab
    const chest = (x: number, y: number) =>
      jobWith(van, put('fit-a', 'cold-box', x, 'centreline', {}, { turn: 90, across: { from: 'centreline', mm: y } }))
    const freeOf = (job: Job) => {
      const scene = sceneOf(job)
      const placed = at(job, 'fit-a')
      const clearance = placed.clearances.find(({ use }) => use !== 'access')!
      expect(prismBounds(clearance.prism).x.max).toBeGreaterThan(front + 100)
      return { need: clearance.need, ...freedomOf(scene, placed, clearance) }
    }
    const between = chest(front - 500, 0)
    const seat = open.cabSeats.find(({ yMm }) => yMm > 0)!
    const behind = chest(front - 500, seat.yMm)
    const blocked = freeOf(behind)
    expect(blocked.blockers).toContainEqual({ kind: 'keep-out', id: seat.id })
    expect(blocked.free).toBeLessThan(blocked.need)
    const shut: Job = { ...between, shell: { ...open, bulkhead: { ...open.bulkhead, wayThrough: false } } }
    expect(freeOf(shut).blockers).toContainEqual({ kind: 'shell', id: 'shell' })
    expect(freeOf(between).blockers.filter(({ kind }) => kind === 'shell')).toEqual([])
  })

  it('has heads in it on the road: what hangs over a seat there is told by how low', () => {
    const seat = open.cabSeats[0]!
    const shelf = (x: number, z: number, y = seat.yMm) =>
      put(
        'fit-s',
        'locker',
        x,
        'centreline',
        { lengthMm: 500, depthMm: 300, heightMm: 200 },
        {
          across: { from: 'centreline', mm: y },
          up: { from: 'floor', mm: z },
        },
      )
    const bumps = (...commands: Parameters<typeof jobWith>[1][]) =>
      reviewVariant(jobWith(van, person(1840), ...commands), variant).modes.flatMap(({ modeId, findings }) =>
        findings.flatMap((one) =>
          one.code === 'head-bump' ? [[modeId, one.measured, one.needed, one.facts.cabSeat]] : [],
        ),
      )
    // cushion at 420; 0.52 × 1840 + 40 over it
    const over = seat.xMm - 250
    expect(bumps(shelf(over, 1200))).toEqual([['mode-drive', 1200 - 420, 997, seat.id]])
    expect(bumps(shelf(over, 420 + 998))).toEqual([])
    expect(bumps(shelf(over - 700, 1200))).toEqual([])
    expect(bumps(shelf(over, 1200, 0))).toEqual([])
  })

  it('carries a shelf under its own roof', () => {
    const shelf = jobWith(
      van,
      put(
        'fit-a',
        'locker',
        front + 100,
        'centreline',
        { lengthMm: 600, depthMm: 300, heightMm: 200 },
        { up: { from: 'roof', mm: 20 } },
      ),
    )
    expect(at(shelf, 'fit-a').bounds.z.max).toBeCloseTo(cab.roofMm - 20)
    expect(outside(shelf, 'fit-a')).toBeUndefined()
  })
})
