import { describe, expect, it } from 'vitest'
import type { Seat } from '../fittings'
import { apply, type Job, planInterior } from '../job'
import { reviewVariant } from '../review'
import { genericShell } from '../shells'
import {
  accessFaults,
  buildScene,
  collisions,
  doorOf,
  doorsBefore,
  doorWay,
  freedomOf,
  hollowFault,
  outsideOf,
  waysOf,
  wayGround,
} from './index'
import { jobWith, person, put, putInside, truck, variant } from '../../../../tests/support/plan'

const van = 'van-long-high'
const shell = genericShell(van)
const planOf = (job: Job) => job.variants[variant]!.plan
const sceneOf = (job: Job, mode = 'mode-day') => buildScene(planInterior(job.shell, planOf(job)), planOf(job), mode)
const at = (job: Job, id: string) => sceneOf(job).placed.find((one) => one.id === id)!
const told = (job: Job) => reviewVariant(job, variant).modes.flatMap(({ findings }) => findings)
const codes = (job: Job) => told(job).map(({ code }) => code)

describe('a machine that is hung under the floor', () => {
  const under = (kind: string, mm = 0): Job =>
    jobWith(
      van,
      put(
        'fit-a',
        kind,
        1900,
        'left-wall',
        {},
        { up: { from: 'under-floor', mm }, across: { from: 'left-wall', mm: 300 } },
      ),
    )

  it.each(['heater-air', 'heater-water', 'battery', 'water-tank'])(
    '%s hangs there, is got at from there, and meets nothing that stands on the floor',
    (kind) => {
      const job = under(kind)
      const placed = at(job, 'fit-a')
      expect(placed.bounds.z.max).toBeLessThanOrEqual(0)
      expect(placed.inner).toEqual([])
      expect(outsideOf(sceneOf(job), placed)).toBeUndefined()
      for (const clearance of placed.clearances) expect(freedomOf(sceneOf(job), placed, clearance).blockers).toEqual([])
      const above = apply(job, put('fit-b', 'galley', 1800, 'left-wall')).job
      expect(collisions(sceneOf(above))).toEqual([])
      expect(
        codes(job).filter((code) => code === 'outside-shell' || code === 'hangs-free' || code === 'access-blocked'),
      ).toEqual([])
    },
  )

  it('does not heat a tank through the floor, and does one beside it', () => {
    const tank = put('fit-t', 'tank-under', 1000, 'centreline', {}, { up: { from: 'under-floor', mm: 20 } })
    const heater = (up: Seat['up']) => put('fit-h', 'heater-air', 1150, 'centreline', {}, { up })
    const near = (up: Seat['up']) => codes(truck(tank, heater(up))).includes('heater-near')
    expect(near({ from: 'floor', mm: 0 })).toBe(false)
    // 20 mm of air where 30 are asked: the tank ends at 1900
    const beside = put('fit-h', 'heater-air', 1920, 'centreline', {}, { up: { from: 'under-floor', mm: 20 } })
    expect(codes(truck(tank, beside))).toContain('heater-near')
  })

  it('costs ground clearance, and two of them meet', () => {
    expect(codes(under('heater-air', 1200))).toContain('ground-low')
    const two = apply(
      under('heater-air'),
      put(
        'fit-b',
        'heater-water',
        2000,
        'left-wall',
        {},
        { up: { from: 'under-floor', mm: 0 }, across: { from: 'left-wall', mm: 300 } },
      ),
    ).job
    expect(collisions(sceneOf(two))).toHaveLength(1)
  })

  it('stands indoors like others on the floor', () => {
    const job = jobWith(van, put('fit-a', 'heater-air', 1900, 'left-wall'))
    expect(at(job, 'fit-a').inner).toHaveLength(1)
  })
})

describe('a heater in a seat', () => {
  it('lies in the box of a belted bench, behind its panel', () => {
    const job = jobWith(
      van,
      put('fit-b', 'bench-belted', 2200, 'centreline'),
      putInside(
        'fit-a',
        'heater-air',
        'fit-b',
        {},
        { hollow: 'under-seat', along: { from: 'left', mm: 40 }, across: { from: 'front', mm: 20 } },
      ),
    )
    expect(hollowFault(sceneOf(job), at(job, 'fit-a'))).toBeUndefined()
    expect(collisions(sceneOf(job)).map(({ a }) => a.id)).not.toContain('fit-a')
    expect(at(job, 'fit-a').clearances.every(({ past }) => past === 'fit-b')).toBe(true)
  })

  it('lies under a cab seat, on the floor of the cab, and not in its cushion', () => {
    const seat = shell.cabSeats.find(({ yMm }) => yMm < 0)!
    const under = (heightMm: number, upMm = 0) =>
      jobWith(
        van,
        put(
          'fit-a',
          'heater-air',
          Math.round(seat.xMm - 185),
          'centreline',
          { heightMm },
          { across: { from: 'centreline', mm: seat.yMm }, up: { from: 'floor', mm: upMm } },
        ),
      )
    const meets = (job: Job) => collisions(sceneOf(job)).map(({ partB }) => partB)
    expect([outsideOf(sceneOf(under(150)), at(under(150), 'fit-a')), meets(under(150))]).toEqual([undefined, []])
    const cushion = seat.cushionMm - shell.cab!.floorMm
    expect(meets(under(150, cushion - 150))).toEqual([seat.id])
  })
})

describe('a rack on a door', () => {
  const door = shell.openings.find(({ opens }) => opens === 'sliding')!
  const wall = door.side === 'left' ? 'left-wall' : 'right-wall'
  const rack = (seat: Partial<Seat> = {}, depthMm = 70) =>
    put('fit-a', 'door-pocket', door.fromMm + 200, wall, { depthMm, lengthMm: 900, heightMm: 900 }, seat)

  it('goes with the door: it leaves the way in free, and does not where it hangs on the body', () => {
    const [fixed, onDoor] = [jobWith(van, rack()), jobWith(van, rack({ door: door.id }))]
    const free = (job: Job) => doorWay(sceneOf(job), door).free
    expect(free(onDoor)).toEqual({ min: door.fromMm, max: door.toMm })
    expect(free(fixed).max - free(fixed).min).toBeLessThan(door.toMm - door.fromMm)
    expect(codes(fixed)).toContain('door-blocked')
    expect(codes(onDoor)).not.toContain('door-blocked')
    expect(doorOf(sceneOf(onDoor), at(onDoor, 'fit-a'))!.id).toBe(door.id)
    expect(doorsBefore(sceneOf(fixed), at(fixed, 'fit-a')).map(({ id }) => id)).toEqual([door.id])
    const width = (job: Job) => {
      const scene = sceneOf(apply(job, put('fit-z', 'toilet-box', 200, 'left-wall')).job)
      return waysOf(scene, wayGround(scene, { shoulderMm: 1500 })).find(({ fittingId }) => fittingId === 'fit-z')!
        .widthMm
    }
    expect(width(onDoor)).toBeGreaterThan(width(fixed))
  })

  it('is in the way when it shuts: what stands behind the door meets it', () => {
    const behind = put('fit-b', 'wardrobe', door.fromMm + 400, wall)
    expect(
      collisions(sceneOf(jobWith(van, rack({ door: door.id }), behind))).map(({ a, b }) => [
        a.id,
        b.kind === 'fitting' && b.placed.id,
      ]),
    ).toEqual([['fit-a', 'fit-b']])
  })

  it('hits the pillar of a sliding door where it is deep, and is made shallower by the way out', () => {
    const deep = jobWith(van, rack({ door: door.id }, 140))
    expect(told(deep).find(({ code }) => code === 'rack-hits')).toMatchObject({ measured: 140, needed: 80 })
    // 70 that stand 60 off it reach as far in as 130
    const off = jobWith(van, rack({ door: door.id, across: { from: wall, mm: 60 } }))
    expect(told(off).find(({ code }) => code === 'rack-hits')).toMatchObject({ measured: 130 })
    expect(codes(jobWith(van, rack({}, 140)))).not.toContain('rack-hits')
    const rear = shell.openings.find(({ side }) => side === 'rear')!
    const onRear = put(
      'fit-a',
      'door-pocket',
      0,
      'centreline',
      { depthMm: 140 },
      { turn: 270, across: { from: 'centreline', mm: 350 }, door: rear.id },
    )
    expect(codes(jobWith(van, onRear))).not.toContain('rack-hits')
  })

  it('stays in a plan whose body has no such door, as a thing on the wall', () => {
    const gone = jobWith(van, person(1700), rack({ door: 'door-gone' }))
    expect(doorOf(sceneOf(gone), at(gone, 'fit-a'))).toBeUndefined()
    expect(codes(gone)).toContain('door-blocked')
  })
})

describe('a hatch in the side', () => {
  const hatch = (sillMm: number): Parameters<typeof jobWith>[1] => ({
    type: 'change.put',
    variant,
    id: 'change-a',
    change: {
      kind: 'side-hatch',
      side: 'left',
      fromMm: 1900,
      toMm: 2500,
      sillMm,
      headMm: sillMm + 450,
      outsideOnly: true,
    },
  })
  // a tank by the left wall, with a bench close before its front: nobody gets at its pump from inside
  const tank = put('fit-a', 'water-tank', 1850, 'left-wall', { lengthMm: 700, depthMm: 300, heightMm: 350 })
  const before = put(
    'fit-b',
    'wardrobe',
    1850,
    'left-wall',
    { lengthMm: 700 },
    { across: { from: 'left-wall', mm: 320 } },
  )
  const shut = (...more: Parameters<typeof jobWith>[1][]) =>
    accessFaults(sceneOf(jobWith(van, tank, before, ...more))).some(
      ({ of, task }) => of.id === 'fit-a' && task === 'water-pump',
    )

  it('gives reach to what lies behind it, and to nothing above it or behind something else', () => {
    expect(shut()).toBe(true)
    expect(shut(hatch(40))).toBe(false)
    expect(shut(hatch(900))).toBe(true)
    const off = put(
      'fit-a',
      'water-tank',
      1850,
      'left-wall',
      { lengthMm: 700, depthMm: 250, heightMm: 350 },
      { across: { from: 'left-wall', mm: 320 } },
    )
    const wall = put('fit-c', 'drawer-unit', 1850, 'left-wall', { lengthMm: 700, depthMm: 300, heightMm: 500 })
    const behind = (...more: Parameters<typeof jobWith>[1][]) =>
      accessFaults(
        sceneOf(
          jobWith(
            van,
            off,
            put('fit-b', 'wardrobe', 1850, 'left-wall', { lengthMm: 700 }, { across: { from: 'left-wall', mm: 580 } }),
            ...more,
          ),
        ),
      ).some(({ of, task }) => of.id === 'fit-a' && task === 'water-pump')
    expect(behind(hatch(40))).toBe(false)
    expect(behind(hatch(40), wall)).toBe(true)
  })
})
