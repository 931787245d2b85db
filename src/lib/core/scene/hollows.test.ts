import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Inside, Seat } from '../fittings'
import { prismBounds, prismsOverlap, type Turn } from '../geometry'
import { apply, goingBack, parseJob, planInterior, type Command, type Job } from '../job'
import { reviewVariant } from '../review'
import {
  accessFaults,
  buildScene,
  carried,
  collisionsOf,
  contentsOf,
  freedomOf,
  hollowAt,
  hollowFault,
  isCarriedOut,
  notchesOf,
  roomLeft,
  seatInside,
  seatOutside,
  snapsFor,
  stow,
  tapeOf,
  typedOnTape,
} from './index'
import { jobWith, put, putInside, truck, variant } from '../../../../tests/support/plan'

const planOf = (job: Job) => job.variants[variant]!.plan
const sceneOf = (job: Job, mode = 'mode-day') => buildScene(planInterior(job.shell, planOf(job)), planOf(job), mode)
const at = (job: Job, id: string, mode = 'mode-day') => sceneOf(job, mode).placed.find((one) => one.id === id)!
const seat = (id: string, to: Seat): Command => ({ type: 'fitting.seat', variant, id, seat: to })
const codes = (job: Job) =>
  reviewVariant(job, variant).modes.flatMap(({ findings }) => findings.map(({ code }) => code))

/** A bench 1200 long and 480 deep on the left wall of the truck: its chest is 12 to 358 up, 1012 to 2188 along, 582 to 1038 across. */
const bench = (
  more: Parameters<typeof put>[4] = {},
  from: Seat['across']['from'] = 'left-wall',
  to: Partial<Seat> = {},
) => put('fit-b', 'bench-side', 1000, from, more, to)
const battery = (more: Partial<Inside> = {}) => putInside('fit-a', 'battery', 'fit-b', {}, more)

describe('a fitting in a hollow of another', () => {
  it('lies where the sides of the hollow put it', () => {
    const job = truck(
      bench(),
      battery({ along: { from: 'right', mm: 100 }, across: { from: 'back', mm: 20 }, upMm: 5 }),
    )
    // 360 × 200 × 240
    const { x, y, z } = at(job, 'fit-a').bounds
    expect([x, y, z]).toEqual([
      { min: 1728, max: 2088 },
      { min: 818, max: 1018 },
      { min: 17, max: 257 },
    ])
    expect(collisionsOf(sceneOf(job), at(job, 'fit-a'))).toEqual([])
    expect(hollowFault(sceneOf(job), at(job, 'fit-a'))).toBeUndefined()
  })

  it('goes where its host goes, turned and mirrored with it', () => {
    const relative = (job: Job) => {
      const [host, guest] = [at(job, 'fit-b').placement, at(job, 'fit-a').placement]
      const by = [guest.at[0] - host.at[0], guest.at[1] - host.at[1]] as const
      const back = { 0: by, 90: [by[1], -by[0]], 180: [-by[0], -by[1]], 270: [-by[1], by[0]] }[host.turn] as [
        number,
        number,
      ]
      return [host.mirrored ? -back[0] : back[0], back[1]].map((mm) => Math.round(mm * 10) / 10)
    }
    const still = relative(truck(bench(), battery()))
    expect(still).toEqual([-408, -128])
    for (const from of ['left-wall', 'right-wall', 'centreline'] as const)
      for (const turn of [0, 90, 180, 270] as const)
        for (const mirrored of [false, true])
          expect([from, turn, mirrored, relative(truck(bench({}, from, { turn, mirrored }), battery()))]).toEqual([
            from,
            turn,
            mirrored,
            still,
          ])
  })

  it('turns a quarter inside a host that is mirrored, as one would see it from in front of that', () => {
    const plain = at(truck(bench(), battery({ turn: 90 })), 'fit-a')
    const mirrored = at(truck(bench({}, 'left-wall', { mirrored: true }), battery({ turn: 90 })), 'fit-a')
    expect([plain.placement.turn, plain.placement.mirrored]).toEqual([90, false])
    expect([mirrored.placement.turn, mirrored.placement.mirrored]).toEqual([270, true])
    // from the left side of a bench that is mirrored: its forward end
    expect(mirrored.bounds.x.max).toBeCloseTo(2188)
  })

  it('is out of the vehicle where its host is', () => {
    const job = apply(truck(bench(), battery()), {
      type: 'mode.away',
      variant,
      mode: 'mode-night',
      fitting: 'fit-b',
      away: true,
    }).job
    expect(sceneOf(job, 'mode-night').placed).toEqual([])
    expect(sceneOf(job).placed.map(({ id }) => id)).toEqual(['fit-b', 'fit-a'])
  })

  it('is mirrored with the plan', () => {
    const job = truck(bench(), battery())
    const { bounds } = at(apply(job, { type: 'plan.mirror', variant }).job, 'fit-a')
    const before = at(job, 'fit-a').bounds
    expect(bounds.x).toEqual(before.x)
    expect(bounds.y).toEqual({ min: -before.y.max, max: -before.y.min })
  })

  it('meets what it stands out of, and nothing while it does not, whatever its size and place', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 150, max: 1200 }),
        fc.integer({ min: 120, max: 500 }),
        fc.integer({ min: 0, max: 900 }),
        fc.integer({ min: 0, max: 300 }),
        fc.constantFrom<Turn>(0, 180),
        (lengthMm, heightMm, alongMm, upMm, turn) => {
          const job = truck(
            bench(),
            putInside(
              'fit-a',
              'battery',
              'fit-b',
              { lengthMm, heightMm },
              { along: { from: 'left', mm: alongMm }, upMm, turn },
            ),
          )
          const out = [alongMm + lengthMm - 1176, upMm + heightMm - 346].filter((mm) => mm > 0)
          const fault = hollowFault(sceneOf(job), at(job, 'fit-a'))
          const told = fault?.kind === 'pokes-out' ? fault.byMm : fault === undefined ? 0 : NaN
          expect([lengthMm, heightMm, alongMm, upMm, told]).toEqual([
            lengthMm,
            heightMm,
            alongMm,
            upMm,
            expect.closeTo(Math.max(0, ...out), 2),
          ])
        },
      ),
      { seed: 16, numRuns: 200 },
    )
  })

  it('takes its room from what can be stowed there', () => {
    const pieces = [{ id: 'box', size: [1000, 300, 300] as const }]
    expect(stow(sceneOf(truck(bench())), pieces).left).toEqual([])
    expect(stow(sceneOf(truck(bench(), battery({ along: { from: 'left', mm: 400 } }))), pieces).left).toHaveLength(1)
  })

  it('is served by what opens the hollow: the lid, and that must be free', () => {
    const free = truck(bench(), battery())
    const [lid] = at(free, 'fit-a').clearances
    expect(at(free, 'fit-a').clearances.map(({ task, need, unit }) => [task, need, unit])).toEqual([
      ['batteries', 90, 'deg'],
    ])
    expect(freedomOf(sceneOf(free), at(free, 'fit-a'), lid!).blockers).toEqual([])
    // a locker 500 over the floor, above the bench
    const shut = truck(
      bench(),
      battery(),
      put('fit-l', 'locker', 1000, 'left-wall', {}, { up: { from: 'floor', mm: 500 } }),
    )
    expect(
      accessFaults(sceneOf(shut)).filter(({ of, task }) => of.id === 'fit-a' && task === 'batteries'),
    ).toHaveLength(1)
  })

  it('behind drawers is got at when these are out: that is counted first', () => {
    const pump = (by: 'drawer-unit' | 'bench-side') =>
      truck(
        put('fit-b', by, 1000, 'left-wall', by === 'drawer-unit' ? { boxMm: 300, depthMm: 700 } : {}),
        putInside(
          'fit-a',
          'water-tank',
          'fit-b',
          { lengthMm: 400, depthMm: 150, heightMm: 150 },
          { across: { from: 'back', mm: 0 } },
        ),
      )
    const first = (job: Job) =>
      accessFaults(sceneOf(job))
        .filter(({ of }) => of.id === 'fit-a')
        .map(({ task, toMove, fixed }) => ({ task, toMove, fixed }))
    expect(first(pump('drawer-unit'))).toEqual([
      { task: 'water-pump', toMove: [{ id: 'fit-b', stance: undefined, part: 'drawers' }], fixed: [] },
    ])
    expect(first(pump('bench-side'))).toEqual([])
    const [told] = reviewVariant(pump('drawer-unit'), variant)
      .modes.flatMap(({ findings }) => findings)
      .filter(({ code }) => code === 'access-first')
    expect(told).toMatchObject({ measured: 1, unit: 'count' })
  })

  it('under a bed is got at from above when its mattress and slats are off, and from the side as it stands', () => {
    const under = (kind: string) =>
      truck(put('fit-b', 'bed-fixed', 1400, 'centreline', { platformMm: 340 }), putInside('fit-a', kind, 'fit-b'))
    const told = (job: Job) =>
      accessFaults(sceneOf(job))
        .filter(({ of }) => of.id === 'fit-a')
        .map(({ toMove, fixed }) => ({ toMove, fixed }))
    // 240 of 340 leave no 120 for its poles
    expect(told(under('battery'))).toEqual([
      { toMove: [{ id: 'fit-b', stance: undefined, part: 'mattress' }], fixed: [] },
    ])
  })

  it('is held on the road by boards all round, and not by those of a chest with room to slide', () => {
    const loose = (lengthMm: number) =>
      truck(
        put('fit-b', 'bench-side', 1000, 'left-wall', { lengthMm, depthMm: 400 }),
        putInside('fit-a', 'battery', 'fit-b', { lengthMm: 560, depthMm: 350 }),
        { type: 'fitting.fixing', variant, id: 'fit-a', fixing: { how: 'standing', points: 0 } },
      )
    // 576 and 676 between its ends
    expect(codes(loose(600))).not.toContain('not-held')
    expect(codes(loose(700))).toContain('not-held')
  })

  it('has less room where something stands under it, put there or not', () => {
    const bed = put('fit-b', 'bed-fixed', 1400, 'centreline', { platformMm: 700 })
    const left = (...more: Command[]) => {
      const scene = sceneOf(truck(bed, ...more))
      const host = scene.placed.find(({ id }) => id === 'fit-b')!
      const [long, deep, high] = roomLeft(scene, { host, hollow: host.hollows[0]! })
      return long * deep * high
    }
    const tank = put('fit-a', 'water-tank', 1500, 'left-wall', { lengthMm: 800, depthMm: 600, heightMm: 500 })
    expect(left(tank)).toBeLessThan(left() * 0.9)
    expect(left(put('fit-a', 'water-tank', 3000, 'left-wall'))).toBe(left())
  })

  it('breathes what others in there leave it: a machine filled in beside it takes its air', () => {
    const inverter = putInside('fit-a', 'inverter', 'fit-b', { lengthMm: 500, depthMm: 350, heightMm: 320 })
    const bench400 = put('fit-b', 'bench-side', 1000, 'left-wall', { lengthMm: 800, depthMm: 400 })
    // 276 beside it; a tank of 260 leaves 16 of them, and 26 are behind and above
    const tank = putInside(
      'fit-c',
      'battery',
      'fit-b',
      { lengthMm: 260, depthMm: 350, heightMm: 320 },
      { along: { from: 'right', mm: 0 } },
    )
    expect(codes(truck(bench400, inverter))).not.toContain('warm-shut-in')
    expect(codes(truck(bench400, inverter, tank))).toContain('warm-shut-in')
  })

  it('hums less behind boards: a cold box by the pillow wakes no one in a cupboard, and does beside it', () => {
    const sleeper: Command = {
      type: 'person.put',
      id: 'person-a',
      person: { label: 'baker', statureMm: 1840, sleeps: true, travels: true },
    }
    const bed = put('fit-s', 'bed-fixed', 400, 'centreline', { lyingMm: 1900, widthMm: 700, platformMm: 400 })
    const cold = { lengthMm: 400, depthMm: 400, heightMm: 500 }
    const cupboard = put('fit-b', 'wardrobe', 1100, 'left-wall')
    expect(codes(truck(sleeper, bed, put('fit-a', 'cold-box', 1100, 'left-wall', cold)))).toContain('head-noise')
    expect(codes(truck(sleeper, bed, cupboard, putInside('fit-a', 'cold-box', 'fit-b', cold)))).not.toContain(
      'head-noise',
    )
  })

  it('is got at from above where cushions are lifted off, past its host', () => {
    const job = truck(
      put('fit-b', 'lounge-bed', 400, 'left-wall'),
      putInside('fit-a', 'battery', 'fit-b', { heightMm: 200, lengthMm: 300 }, {}),
    )
    expect(hollowFault(sceneOf(job), at(job, 'fit-a'))).toBeUndefined()
    const [clearance] = at(job, 'fit-a').clearances
    expect(clearance!.past).toBe('fit-b')
    expect(freedomOf(sceneOf(job), at(job, 'fit-a'), clearance!).blockers).toEqual([])
  })

  it('has its face where the door of its hollow would be: an oven under a hob', () => {
    const oven = (upMm: number) =>
      truck(
        put('fit-b', 'galley-hob', 1000, 'left-wall', { lengthMm: 600 }),
        putInside(
          'fit-a',
          'oven',
          'fit-b',
          { lengthMm: 440 },
          { along: { from: 'left', mm: 60 }, across: { from: 'front', mm: -12 }, upMm },
        ),
      )
    expect(hollowFault(sceneOf(oven(0)), at(oven(0), 'fit-a'))).toBeUndefined()
    // one that goes up into the drawer does not
    expect(hollowFault(sceneOf(oven(300)), at(oven(300), 'fit-a'))).toMatchObject({ kind: 'pokes-out', side: 'in-top' })
    // a battery has no face: it must lie behind the front
    const proud = truck(
      put('fit-b', 'galley-hob', 1000, 'left-wall', { lengthMm: 600 }),
      battery({ across: { from: 'front', mm: -12 } }),
    )
    expect(hollowFault(sceneOf(proud), at(proud, 'fit-a'))).toMatchObject({ side: 'in-front', byMm: 12 })
  })

  it('is told by the side that has boards, not by one that is open or has given way', () => {
    // its face stands 12 before the front, and its top 5 through the drawer’s floor, which is 600 up: it is 424 high in all
    const oven = truck(
      put('fit-b', 'galley-hob', 1000, 'left-wall', { lengthMm: 600 }),
      putInside(
        'fit-a',
        'oven',
        'fit-b',
        { lengthMm: 440, heightMm: 400 },
        { along: { from: 'left', mm: 60 }, across: { from: 'front', mm: -12 }, upMm: 121 },
      ),
    )
    expect(hollowFault(sceneOf(oven), at(oven, 'fit-a'))).toMatchObject({ side: 'in-top', byMm: 5 })
  })

  it('stands beside a bowl, not in it; and behind drawers that were made shorter', () => {
    const sink = (mm: number) =>
      truck(
        put('fit-b', 'galley-basin', 1000, 'left-wall', { lengthMm: 800, basinMm: 300 }),
        putInside(
          'fit-a',
          'water-tank',
          'fit-b',
          { lengthMm: 200, depthMm: 200, heightMm: 700 },
          { along: { from: 'left', mm } },
        ),
      )
    // the bowl is 300 across in the middle of 800: it begins 238 from the side
    expect(hollowFault(sceneOf(sink(38)), at(sink(38), 'fit-a'))).toBeUndefined()
    expect(hollowFault(sceneOf(sink(58)), at(sink(58), 'fit-a'))).toMatchObject({ kind: 'meets', part: 'basin' })
  })

  it('opens a hollow as far as the wall behind what is cut to it', () => {
    // without room behind it, the chest of a scribed carcass ends at its own back; in the truck the wall is there
    const [hollow] = at(truck(put('fit-b', 'galley-doors', 1000, 'left-wall')), 'fit-b').hollows
    expect(hollow!.room.y.max).toBeCloseTo(1050)
  })
})

describe('two things that were not put into one another', () => {
  it('share no matter where one lies in the hollow of the other', () => {
    // a battery on the floor where the chest of the bench is, 12 mm up: its bottom board
    const lies = (mm: number) =>
      truck(
        bench(),
        put(
          'fit-a',
          'battery',
          1100,
          'left-wall',
          {},
          { across: { from: 'left-wall', mm: 100 }, up: { from: 'floor', mm } },
        ),
      )
    expect(codes(lies(12))).not.toContain('overlap')
    expect(codes(lies(11))).toContain('overlap')
  })
})

describe('moving what is in a hollow', () => {
  const job = truck(
    bench({}, 'right-wall', { mirrored: true }),
    battery({ along: { from: 'left', mm: 300 }, across: { from: 'back', mm: 100 } }),
  )
  const placed = at(job, 'fit-a')

  it('goes by the vehicle’s own directions, and stays in its host', () => {
    const to = carried(sceneOf(job), planOf(job), placed, [50, 30, 20])
    const moved = at(apply(job, seat('fit-a', to)).job, 'fit-a')
    expect(moved.within?.hostId).toBe('fit-b')
    expect(moved.bounds.x.min - placed.bounds.x.min).toBeCloseTo(50)
    expect(moved.bounds.y.min - placed.bounds.y.min).toBeCloseTo(30)
    expect(moved.bounds.z.min - placed.bounds.z.min).toBeCloseTo(20)
  })

  it('has a tape to the six sides, and reads what is typed', () => {
    const rows = tapeOf(sceneOf(job), placed)
    const read = Object.fromEntries(rows.map(({ id, mm }) => [id, Math.round(mm)]))
    // 1176 × 456 × 346 inside, the battery 360 × 200 × 240
    expect(read).toEqual({
      'in-left': 300,
      'in-right': 516,
      'in-front': 156,
      'in-back': 100,
      'in-bottom': 0,
      'in-top': 106,
    })
    for (const row of rows) {
      const typed = typedOnTape(sceneOf(job), planOf(job), placed, row, 40)!
      const there = apply(job, seat('fit-a', typed)).job
      expect([row.id, tapeOf(sceneOf(there), at(there, 'fit-a')).find(({ id }) => id === row.id)!.mm]).toEqual([
        row.id,
        expect.closeTo(40, 1),
      ])
    }
  })

  it('snaps to the sides of its hollow, not to walls and neighbours beyond', () => {
    const snaps = snapsFor(sceneOf(job), placed, { y: -95 }, 20)
    expect(snaps.map(({ to }) => to)).toEqual([{ kind: 'hollow', id: 'fit-b' }])
  })
})

describe('hosts in the document', () => {
  it('refuses what is in itself, by way of others, and a host that is not there', () => {
    const job = truck(bench(), putInside('fit-a', 'lid-chest', 'fit-b', { lengthMm: 300, depthMm: 250, heightMm: 200 }))
    const round = {
      ...at(job, 'fit-b').fitting.seat,
      inside: { ...at(job, 'fit-a').fitting.seat.inside!, fitting: 'fit-a' },
    }
    expect(() => apply(job, seat('fit-b', round))).toThrow(/"hangs-on-itself"/)
    const lost = { ...round, inside: { ...round.inside, fitting: 'fit-zz' } }
    expect(() => apply(job, seat('fit-b', lost))).toThrow(/"gone"/)
    const read = parseJob(
      JSON.parse(
        JSON.stringify({
          ...job,
          variants: {
            [variant]: {
              ...job.variants[variant]!,
              plan: {
                ...planOf(job),
                fittings: { ...planOf(job).fittings, 'fit-b': { ...at(job, 'fit-b').fitting, seat: round } },
              },
            },
          },
        }),
      ),
    )
    expect(read.ok).toBe(false)
    expect(!read.ok && read.faults.map(({ path }) => path)).toContain(
      `variants.${variant}.plan.fittings.fit-b.seat.inside.fitting`,
    )
  })

  it('lays out what was in a host that is removed where it stood before, and back again', () => {
    const job = truck(bench(), battery())
    const { job: gone, diff } = apply(job, { type: 'fitting.remove', variant, id: 'fit-b' })
    expect(at(gone, 'fit-a').within).toBeUndefined()
    const back = apply(gone, {
      type: 'diff',
      direction: 'undo',
      what: 'fitting.remove',
      patches: [...diff.undo],
    })
    expect(back.job).toEqual(job)
  })

  it('takes what is inside out before the host', () => {
    const job = truck(bench(), battery())
    expect(goingBack(job.shell, planOf(job)).flatMap((one) => (one.what === 'fitting' ? [one.id] : []))).toEqual([
      'fit-a',
      'fit-b',
    ])
  })

  it('carries a hollow in a hollow along', () => {
    const job = truck(
      bench(),
      putInside(
        'fit-c',
        'lid-chest',
        'fit-b',
        { lengthMm: 500, depthMm: 300, heightMm: 300 },
        { along: { from: 'left', mm: 500 } },
      ),
      putInside('fit-a', 'battery', 'fit-c', { lengthMm: 300, depthMm: 150, heightMm: 200 }),
    )
    const { x } = at(job, 'fit-a').bounds
    expect(x.min).toBeCloseTo(1000 + 12 + 500 + 12)
    const moved = apply(job, seat('fit-b', { ...at(job, 'fit-b').fitting.seat, along: { from: 'rear', mm: 1500 } })).job
    expect(at(moved, 'fit-a').bounds.x.min - x.min).toBeCloseTo(500)
    expect(prismBounds(at(moved, 'fit-a').solids[0]!.prism).x.min).toBeCloseTo(x.min + 500)
  })
})

describe('putting in by hand', () => {
  const job = truck(
    bench(),
    put('fit-a', 'battery', 200, 'left-wall'),
    put('fit-l', 'locker', 200, 'left-wall', { lengthMm: 500 }),
  )
  const scene = sceneOf(job)
  const one = (id: string) => scene.placed.find((placed) => placed.id === id)!

  it('finds the hollow that it is brought into whole; not one that it hangs over, or is carried across', () => {
    const span = (min: number, long: number) => ({ min, max: min + long })
    const into = (id: string, x: number, y: number, slackMm = 0) => {
      const { bounds } = one(id)
      const at = { x: span(x, bounds.x.max - bounds.x.min), y: span(y, bounds.y.max - bounds.y.min) }
      return hollowAt(scene, one(id), at, slackMm)?.host.id
    }
    // the chest goes from 1012 to 2188 along and 582 to 1038 across
    expect(into('fit-a', 1300, 700)).toBe('fit-b')
    expect(into('fit-a', 990, 700)).toBeUndefined()
    expect(into('fit-a', 990, 700, 40)).toBe('fit-b')
    expect(into('fit-a', 700, 700, 40)).toBeUndefined()
    expect(into('fit-l', 1300, 650)).toBeUndefined()
    const large = truck(bench(), put('fit-a', 'battery', 200, 'left-wall', { lengthMm: 1190 }))
    expect(hollowAt(sceneOf(large), at(large, 'fit-a'), { x: span(1005, 1190) }, 40)).toBeUndefined()
  })

  it('puts it where the hand holds it, held by the nearer sides, in hosts that stand any way', () => {
    for (const turn of [0, 90, 180, 270] as const)
      for (const mirrored of [false, true]) {
        const turned = truck(
          bench({}, 'centreline', { turn, mirrored }),
          put('fit-a', 'battery', 200, 'left-wall', { lengthMm: 200 }),
        )
        const now = sceneOf(turned)
        const [host, guest] = [at(turned, 'fit-b'), at(turned, 'fit-a')]
        const [hollow] = host.hollows
        const { x, y } = hollow!.room
        const box = {
          x: { min: x.min + 90, max: x.min + 290 },
          y: { min: y.max - 240, max: y.max - 40 },
          z: hollow!.room.z,
        }
        const into = seatInside(guest, { host, hollow: hollow! }, { ...box, z: { min: 12, max: 12 } })
        const there = at(apply(turned, seat('fit-a', into)).job, 'fit-a')
        expect([turn, mirrored, there.bounds.x, there.bounds.y]).toEqual([turn, mirrored, box.x, box.y])
        expect(there.placement.turn).toBe(guest.placement.turn)
        expect(hollowFault(now, there)).toBeUndefined()
      }
  })

  it('takes it out where it is, on the anchors that it had before', () => {
    const inside = truck(bench(), battery({ along: { from: 'left', mm: 100 } }))
    const [placed] = [at(inside, 'fit-a')]
    const out = seatOutside(sceneOf(inside), planOf(inside), placed, [0, -400, 0])
    const there = at(apply(inside, seat('fit-a', out)).job, 'fit-a')
    expect(there.within).toBeUndefined()
    expect(there.bounds.x).toEqual(placed.bounds.x)
    expect(there.bounds.y.min).toBeCloseTo(placed.bounds.y.min - 400)
    expect(there.seat.across.from).toBe('left-wall')
    expect(isCarriedOut(placed, { x: 100, y: 0 })).toBe(false)
    expect(isCarriedOut(placed, { y: -200 })).toBe(true)
  })

  it('counts what is left free, and lists what is in what', () => {
    const inside = truck(
      bench(),
      battery(),
      putInside(
        'fit-c',
        'lid-chest',
        'fit-b',
        { lengthMm: 500, depthMm: 300, heightMm: 300 },
        { along: { from: 'left', mm: 500 } },
      ),
      putInside('fit-d', 'battery', 'fit-c', { lengthMm: 300, depthMm: 150, heightMm: 200 }),
    )
    const host = at(inside, 'fit-b')
    // 1176 × 456 × 346: from 0 to 360 and 500 to 1000 along something stands, 300 deep at most; behind that 156 are free all along
    expect(roomLeft(sceneOf(inside), { host, hollow: host.hollows[0]! })).toEqual([1176, 156, 346])
    expect(contentsOf(sceneOf(inside), 'fit-b').map(({ placed: { id }, depth }) => [id, depth])).toEqual([
      ['fit-a', 1],
      ['fit-c', 1],
      ['fit-d', 2],
    ])
  })
})

describe('notches', () => {
  // a van whose left arch stands from 640 to 1510 along, from 689 out, 310 high
  const over = (kind: string, parameters: Parameters<typeof put>[4] = {}, id = 'fit-b') =>
    jobWith('van-medium-high', put(id, kind, 500, 'left-wall', parameters))

  it('lets what a carpenter builds go over an arch: the box is cut, the seat stays whole', () => {
    for (const [kind, more] of [
      ['bench-side', { lengthMm: 1200 }],
      ['sofa-extend', {}],
      ['lounge-bed', {}],
      ['wet-cubicle', { heightMm: 1500 }],
      ['through-cupboard', {}],
    ] as const) {
      const job = over(kind, more)
      expect([kind, collisionsOf(sceneOf(job), at(job, 'fit-b')).map(({ b }) => b.kind)]).toEqual([kind, []])
    }
    // a tank is bought: it is not cut
    const tank = over('water-tank', { lengthMm: 600 })
    expect(collisionsOf(sceneOf(tank), at(tank, 'fit-b')).map(({ partB }) => partB)).toEqual(['arch-left'])
    // a cushion lower than the arch is not cut either: box to 220, cushion over it
    const low = over('bench-side', { lengthMm: 1200, seatMm: 350, cushionMm: 130 })
    expect(collisionsOf(sceneOf(low), at(low, 'fit-b')).map(({ solidA }) => solidA.id)).toEqual(['cushion'])
  })

  it('says what is cut away', () => {
    const job = over('bench-side', { lengthMm: 1200 })
    const [notch, ...others] = notchesOf(sceneOf(job), at(job, 'fit-b'))
    expect(others).toEqual([])
    const { y } = at(job, 'fit-b').bounds
    // the box is 370 high and reaches from 500 to 1700: the arch takes 870 × what lies over it × 310
    expect(notch!.block.x).toEqual({ min: 640, max: 1510 })
    expect(notch!.block.z).toEqual({ min: 0, max: 310 })
    expect(notch!.block.y.min).toBeCloseTo(689)
    expect(notch!.litres).toBeCloseTo((870 * (y.max - 689) * 310) / 1e6, 6)
  })

  it('keeps the arch in the way of what lies inside', () => {
    const inside = (mm: number) => {
      const job = jobWith(
        'van-medium-high',
        put('fit-b', 'bench-side', 500, 'left-wall', { lengthMm: 1800 }),
        putInside('fit-a', 'battery', 'fit-b', {}, { along: { from: 'left', mm }, across: { from: 'back', mm: 0 } }),
      )
      return collisionsOf(sceneOf(job), at(job, 'fit-a')).map(({ partB }) => partB)
    }
    expect(inside(300)).toEqual(['arch-left'])
    // the arch ends at 1510, the chest begins at 512
    expect(inside(998)).toEqual([])
  })
})

describe('a clearance that is blocked', () => {
  const counter = put('fit-b', 'galley-doors', 1000, 'left-wall', { lengthMm: 800, depthMm: 560 })
  const plate = put('fit-p', 'hob-loose', 1200, 'left-wall', {}, { up: { from: 'top-of', fitting: 'fit-b', mm: 0 } })
  const standAt = (...more: Command[]) => {
    const job = truck(counter, plate, ...more)
    const placed = at(job, 'fit-p')
    const stand = placed.clearances.find(({ use }) => use === 'stand')!
    return freedomOf(sceneOf(job), placed, stand)
  }
  const can = (front: number) =>
    putInside(
      'fit-c',
      'water-tank',
      'fit-b',
      { lengthMm: 300, depthMm: 300, heightMm: 300 },
      {
        across: { from: 'front', mm: front },
      },
    )

  it('before a plate on a worktop is not by what stands in that; by what sticks out of it, it is', () => {
    expect(standAt(can(40))).toEqual({ free: 450, blockers: [] })
    expect(standAt(can(-200)).blockers).toEqual([{ kind: 'fitting', id: 'fit-c' }])
  })

  it('is before a machine itself, over the arch or bench below it, and under the floor whatever stands on that', () => {
    const free = (job: Job, id: string) =>
      at(job, id).clearances.map((clearance) => freedomOf(sceneOf(job), at(job, id), clearance))
    const chest = put('fit-b', 'lid-chest', 1000, 'left-wall', { lengthMm: 800, depthMm: 600, heightMm: 500 })
    const fuses = (up: number) => put('fit-f', 'fuse-board', 1200, 'left-wall', {}, { up: { from: 'floor', mm: up } })
    expect(free(truck(chest, fuses(600)), 'fit-f')).toEqual([{ free: 450, blockers: [] }])
    const [low] = free(truck(chest, put('fit-w', 'wardrobe', 1000, 'left-wall'), fuses(600)), 'fit-f')
    expect(low!.blockers.map(({ id }) => id)).toContain('fit-w')
    const heater = put('fit-h', 'heater-air', 1200, 'centreline', {}, { up: { from: 'under-floor', mm: 20 } })
    const over = put('fit-b', 'lid-chest', 1000, 'centreline', { lengthMm: 900, depthMm: 900 })
    for (const one of free(truck(over, heater), 'fit-h')) expect(one.blockers).toEqual([])
  })

  it('at a desk is not by the stool that one sits on there, and is by a chest in its place', () => {
    const desk = put('fit-d', 'desk', 1000, 'left-wall')
    const before = (kind: string) => {
      const job = truck(desk, put('fit-s', kind, 1300, 'centreline', {}, { across: { from: 'centreline', mm: 250 } }))
      const sit = at(job, 'fit-d').clearances.find(({ use }) => use === 'sit')!
      return freedomOf(sceneOf(job), at(job, 'fit-d'), sit).blockers.map(({ id }) => id)
    }
    expect(before('stool')).toEqual([])
    expect(before('lid-chest')).toEqual(['fit-s'])
  })

  it('names what is in the way, not what is shut in that as well', () => {
    const before = put('fit-w', 'wardrobe', 1000, 'right-wall', { depthMm: 700 })
    const wide = put(
      'fit-b',
      'galley-doors',
      1000,
      'left-wall',
      { lengthMm: 800, depthMm: 750 },
      { across: { from: 'left-wall', mm: 200 } },
    )
    const job = truck(before, wide, can(10))
    const stops = at(job, 'fit-w').clearances.flatMap(
      (clearance) => freedomOf(sceneOf(job), at(job, 'fit-w'), clearance).blockers,
    )
    expect(new Set(stops.map(({ id }) => id))).toEqual(new Set(['fit-b']))
    // the swing of its door goes through both
    const swing = at(job, 'fit-w').clearances.find(({ use }) => use === 'swing')!
    expect(at(job, 'fit-c').inner.some(({ prism }) => prismsOverlap(prism, swing.prism))).toBe(true)
  })

  const before = (proudMm: number) => {
    // a chest beside the front of a cupboard, standing so much before it
    const job = truck(
      put('fit-c', 'galley-doors', 1000, 'left-wall', { lengthMm: 600, depthMm: 500 }),
      put(
        'fit-p',
        'lid-chest',
        1500,
        'centreline',
        { lengthMm: 700, depthMm: 250 },
        { across: { from: 'centreline', mm: 550 - proudMm + 125 } },
      ),
    )
    const placed = at(job, 'fit-c')
    return freedomOf(
      sceneOf(job),
      placed,
      placed.clearances.find(({ id }) => id === 'stand')!,
    )
  }

  it('tells the free stretch beyond what stands a little proud, not 0', () => {
    // the front is at 1050 − 500 = 550; 450 of floor are asked before it
    expect(before(0)).toEqual({ free: 450, blockers: [] })
    expect(before(19).free).toBe(450 - 19)
    expect(before(250).free).toBe(200)
    expect(before(450).free).toBe(200)
  })
})
