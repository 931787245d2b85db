import { describe, expect, it } from 'vitest'
import { kindOf, type Seat } from '../fittings'
import { prismBounds } from '../geometry'
import { apply, parseJob, type Command, type Fitting, type Job } from '../job'
import { genericShell, GENERIC_SHELLS } from '../shells'
import { sayChange, namesOf } from '../text'
import {
  accessFaults,
  aligned,
  buildScene,
  changeBetween,
  distributed,
  freedomOf,
  groupWith,
  looseLeft,
  movedTogether,
  passBeside,
  runOf,
  seatPlaces,
  tablePlacesOffered,
  tablePositions,
  tweened,
  usableDepth,
  worktopRuns,
  type Reseated,
} from './index'
import { endPanel } from '../draw'
import { planInterior } from '../job'
import { jobWith, put, truck, variant } from '../../../../tests/support/plan'

const planOf = (one: Job) => one.variants[variant]!.plan
const sceneOf = (one: Job, mode = 'mode-day') => buildScene(planInterior(one.shell, planOf(one)), planOf(one), mode)
const at = (one: Job, id: string, mode = 'mode-day') => sceneOf(one, mode).placed.find((placed) => placed.id === id)!
const change = (one: Job, from = 'mode-day', to = 'mode-night') =>
  changeBetween(planInterior(one.shell, planOf(one)), planOf(one), from, to, one.brief)
const seats = (one: Job, list: readonly Reseated[]): Job =>
  list.reduce((now, { id, seat }) => apply(now, { type: 'fitting.seat', variant, id, seat }).job, one)

describe('the order of moves', () => {
  it('puts the table away before a bed comes down through it, and counts minutes', () => {
    const night = change(
      truck(
        // listed first, so that the order cannot come from the list
        put('fit-bed', 'bed-lift', 400, 'centreline', { dayMm: 1350, nightMm: 650, mmPerSecond: 20 }),
        put('fit-table', 'table-drop', 700, 'left-wall', { heightMm: 720 }),
      ),
    )
    expect(night.moves.map(({ id }) => id)).toEqual(['fit-table', 'fit-bed'])
    expect(night.moves[1]!.after).toEqual(['fit-table'])
    // 700 mm at 20 mm a second is 35 s; the table half a minute
    expect(night.minutes).toBeCloseTo(0.5 + 35 / 60)
    expect(night.stuck).toEqual([])
  })

  it('turns the order round on the way back', () => {
    const morning = change(
      truck(
        put('fit-table', 'table-drop', 700, 'left-wall', { heightMm: 720 }),
        put('fit-bed', 'bed-lift', 400, 'centreline', { dayMm: 1350, nightMm: 650 }),
      ),
      'mode-night',
      'mode-day',
    )
    expect(morning.moves.map(({ id }) => id)).toEqual(['fit-bed', 'fit-table'])
  })

  it('says that two things which wait for one another are stuck', () => {
    // each comes to stand where the other stands now
    const one = truck(
      put('fit-a', 'stool', 1000, 'centreline'),
      put('fit-b', 'stool', 2000, 'centreline'),
      {
        type: 'mode.seat',
        variant,
        mode: 'mode-drive',
        fitting: 'fit-a',
        seat: { ...kindOf('stool').home, along: { from: 'rear', mm: 2000 } },
      },
      {
        type: 'mode.seat',
        variant,
        mode: 'mode-drive',
        fitting: 'fit-b',
        seat: { ...kindOf('stool').home, along: { from: 'rear', mm: 1000 } },
      },
      { type: 'mode.stance', variant, mode: 'mode-drive', fitting: 'fit-a', stance: 'out' },
      { type: 'mode.stance', variant, mode: 'mode-drive', fitting: 'fit-b', stance: 'out' },
    )
    const swapped = change(one, 'mode-day', 'mode-drive')
    expect(swapped.moves.map(({ what }) => what)).toEqual(['carry', 'carry'])
    expect(swapped.stuck).toEqual([{ id: 'fit-a', by: ['fit-b'] }])
  })

  it('knows who can stay where they are', () => {
    const one = truck(
      put('fit-lounge', 'lounge-bed', 2000, 'left-wall'),
      put('fit-bed', 'bed-fixed', 100, 'centreline'),
      { type: 'person.put', id: 'person-a', person: { label: 'baker', statureMm: 1700, sleeps: true, travels: true } },
      {
        type: 'figure.put',
        variant,
        mode: 'mode-day',
        id: 'figure-a',
        figure: { who: 'person-a', pose: 'lying', at: [750, 0], turn: 90 },
      },
    )
    expect(change(one).resting).toEqual([{ who: 'person-a', on: 'fit-bed', disturbedBy: [] }])
    const sitting = apply(one, {
      type: 'figure.put',
      variant,
      mode: 'mode-day',
      id: 'figure-a',
      figure: { who: 'person-a', pose: 'sitting', at: [2250, 600], turn: 0 },
    }).job
    expect(change(sitting).resting).toEqual([{ who: 'person-a', on: 'fit-lounge', disturbedBy: ['fit-lounge'] }])
    const words = sayChange(change(sitting), sitting, namesOf(sitting, planOf(sitting)))
    expect(words.resting).toEqual(['The baker on the lounge has to get up for the lounge.'])
    expect(words.total).toBe('about 3 min, one person')
  })

  it('carries what weighs more than one person lifts by two', () => {
    const one = truck(put('fit-a', 'bench-belted', 1000, 'centreline', { places: 3 }), {
      type: 'mode.away',
      variant,
      mode: 'mode-night',
      fitting: 'fit-a',
      away: true,
    })
    expect(change(one).moves).toMatchObject([{ id: 'fit-a', what: 'take-out', hands: 2, minutes: 2 }])
    expect(sceneOf(one, 'mode-night').placed).toEqual([])
    expect(change(one, 'mode-night', 'mode-day').moves).toMatchObject([{ what: 'bring-in' }])
  })

  it('moves loose parts with the stance, and turns a cab seat', () => {
    const one = jobWith('van-long-high', put('fit-a', 'infill-board', 400, 'centreline', { pieces: 2 }), {
      type: 'mode.turned',
      variant,
      mode: 'mode-day',
      seat: 'cab-driver',
      turned: true,
    })
    const night = change(one)
    expect(night.moves.find(({ id }) => id === 'fit-a')!.loose).toEqual([
      { part: 'infill-board', count: 2, used: true },
      { part: 'infill-cushion', count: 2, used: true },
    ])
    expect(night.moves.find(({ id }) => id === 'cab-driver')).toMatchObject({
      what: 'turn-seat',
      from: 'turned',
      to: 'forward',
      minutes: 0.5,
    })
    expect(looseLeft(sceneOf(one)).map(({ part }) => part)).toEqual([
      'infill-board',
      'infill-board',
      'infill-cushion',
      'infill-cushion',
    ])
    expect(looseLeft(sceneOf(one, 'mode-night'))).toEqual([])
  })

  it('slides a part over half its way at half the time', () => {
    const one = truck(put('fit-a', 'bed-lift', 400, 'centreline', { dayMm: 1400, nightMm: 600 }))
    const half = tweened(at(one, 'fit-a'), at(one, 'fit-a', 'mode-night'), 0.5)
    const mattress = half.solids.find(({ id }) => id === 'mattress')!
    expect(prismBounds(mattress.prism).z.min).toBeCloseTo(1000)
  })
})

describe('modes', () => {
  it('let a fitting stand elsewhere, and only there', () => {
    const one = truck(put('fit-a', 'stool', 1000, 'centreline'), {
      type: 'mode.seat',
      variant,
      mode: 'mode-day',
      fitting: 'fit-a',
      seat: { ...kindOf('stool').home, along: { from: 'rear', mm: 1800 } },
    })
    expect(at(one, 'fit-a').bounds.x.min).toBe(1800)
    expect(at(one, 'fit-a', 'mode-night').bounds.x.min).toBe(1000)
    const back = apply(one, { type: 'mode.seat', variant, mode: 'mode-day', fitting: 'fit-a' }).job
    expect(at(back, 'fit-a').bounds.x.min).toBe(1000)
  })

  it('are added as copies, ordered and taken out; the last one stays', () => {
    const one = truck(
      put('fit-a', 'lounge-bed', 1000),
      { type: 'mode.stance', variant, mode: 'mode-day', fitting: 'fit-a', stance: 'bed-made' },
      { type: 'mode.add', variant, id: 'mode-nap', name: 'Nap', purpose: 'sleeping', from: 'mode-day' },
      { type: 'mode.order', variant, modes: ['mode-nap', 'mode-drive', 'mode-day', 'mode-night'] },
    )
    expect(planOf(one).modes['mode-nap']).toMatchObject({ order: 0, stances: { 'fit-a': 'bed-made' } })
    expect(() =>
      apply(one, { type: 'mode.order', variant, modes: ['mode-nap', 'mode-nap', 'mode-day', 'mode-night'] }),
    ).toThrow(/"order-incomplete"/)
    const few = ['mode-nap', 'mode-drive', 'mode-day'].reduce(
      (now, mode) => apply(now, { type: 'mode.remove', variant, mode }).job,
      one,
    )
    expect(() => apply(few, { type: 'mode.remove', variant, mode: 'mode-night' })).toThrow(/"last-one","thing":"mode"/)
  })
})

describe('runs and groups', () => {
  const row = () =>
    truck(
      put('fit-a', 'galley-basin', 300, 'left-wall', { lengthMm: 500 }),
      put('fit-b', 'galley-doors', 1100, 'left-wall', { lengthMm: 450 }),
      put('fit-c', 'galley-drawers', 2000, 'left-wall', { lengthMm: 400 }),
    )
  const xs = (one: Job) => ['fit-a', 'fit-b', 'fit-c'].flatMap((id) => at(one, id)?.bounds.x.min ?? [])

  it('close up when made, when one grows, and when one is taken out', () => {
    const one = seats(row(), runOf(sceneOf(row()), ['fit-c', 'fit-a', 'fit-b']))
    expect(xs(one)).toEqual([300, 800, 1250])
    const wider = apply(one, { type: 'fitting.parameters', variant, id: 'fit-a', parameters: { lengthMm: 620 } }).job
    expect(xs(wider)).toEqual([300, 920, 1370])
    const gone = apply(one, { type: 'fitting.remove', variant, id: 'fit-b' }).job
    expect(xs(gone)).toEqual([300, 800])
    const first = apply(one, { type: 'fitting.remove', variant, id: 'fit-a' }).job
    expect(xs(first)).toEqual([300, 750])
  })

  it('follow in height, too: a unit that stands on the others’ neighbour stays over it', () => {
    const one = seats(row(), runOf(sceneOf(row()), ['fit-a', 'fit-b']))
    expect(at(one, 'fit-b').bounds.y.max).toBeCloseTo(at(one, 'fit-a').bounds.y.max)
  })

  it('refuse to come after themselves, by command and by document', () => {
    const one = seats(row(), runOf(sceneOf(row()), ['fit-a', 'fit-b', 'fit-c']))
    const round = { ...kindOf('galley-basin').home, along: { from: 'after' as const, fitting: 'fit-c', mm: 0 } }
    expect(() => apply(one, { type: 'fitting.seat', variant, id: 'fit-a', seat: round })).toThrow(/"hangs-on-itself"/)
    const document = JSON.parse(JSON.stringify(one)) as Job
    ;(planOf(document).fittings['fit-a'] as { seat: Seat }).seat = round
    const parsed = parseJob(document)
    expect(parsed.ok).toBe(false)
    if (!parsed.ok) expect(parsed.faults[0]!.path).toContain('seat.along.fitting')
  })

  it('align to the first, spread out evenly, and move together once', () => {
    const one = row()
    expect(xs(seats(one, aligned(sceneOf(one), ['fit-c', 'fit-b'], 'rear')))).toEqual([300, 2000, 2000])
    // free length 2400 − 300 − 500 − 450 − 400 = … from 300 to 2400: gaps of (2000 − 800 − 450) / 2 = 375
    expect(xs(seats(one, distributed(sceneOf(one), ['fit-a', 'fit-b', 'fit-c'])))).toEqual([300, 1175, 2000])
    const run = seats(one, runOf(sceneOf(one), ['fit-a', 'fit-b', 'fit-c']))
    expect(xs(seats(run, movedTogether(sceneOf(run), ['fit-a', 'fit-b', 'fit-c'], [100, 0, 0])))).toEqual([
      400, 900, 1350,
    ])
  })

  it('keep a fitting in one group at most, and forget a group of one', () => {
    const grouped = [
      { type: 'group.put', variant, id: 'group-a', group: { name: 'A', fittings: ['fit-a', 'fit-b'] } },
      { type: 'group.put', variant, id: 'group-b', group: { name: 'B', fittings: ['fit-b', 'fit-c'] } },
    ].reduce((now, command) => apply(now, command as Command).job, row())
    expect(Object.keys(planOf(grouped).groups ?? {})).toEqual(['group-b'])
    expect(groupWith(planOf(grouped), 'fit-c')).toEqual(['fit-b', 'fit-c'])
    const gone = apply(grouped, { type: 'fitting.remove', variant, id: 'fit-b' }).job
    expect(planOf(gone).groups).toEqual({})
  })

  it('lock what is locked', () => {
    const one = apply(row(), { type: 'fitting.lock', variant, id: 'fit-a', locked: true }).job
    for (const command of [
      { type: 'fitting.seat', variant, id: 'fit-a', seat: kindOf('galley-basin').home },
      { type: 'fitting.parameters', variant, id: 'fit-a', parameters: { lengthMm: 600 } },
      { type: 'fitting.remove', variant, id: 'fit-a' },
      { type: 'plan.mirror', variant },
    ] as const)
      expect(() => apply(one, command)).toThrow(/locked/)
    const free = apply(one, { type: 'fitting.lock', variant, id: 'fit-a', locked: false }).job
    expect(planOf(apply(free, { type: 'fitting.remove', variant, id: 'fit-a' }).job).fittings['fit-a']).toBeUndefined()
  })
})

describe('the whole plan mirrored', () => {
  const busy = () =>
    truck(
      put('fit-a', 'galley', 300, 'left-wall'),
      put('fit-b', 'wardrobe', 2200, 'right-wall', { hinge: 'left' }),
      put('fit-c', 'bed-fixed', 2700, 'centreline', { lyingMm: 1800 }, { across: { from: 'centreline', mm: 120 } }),
      put('fit-d', 'lounge-u', 100, 'centreline', { depthMm: 1000 }),
      {
        type: 'change.put',
        variant,
        id: 'change-a',
        change: { kind: 'side-hatch', side: 'left', fromMm: 300, toMm: 700, sillMm: 100, headMm: 500 },
      },
    )

  it('lays every solid and clearance where its reflection is', () => {
    const [before, after] = [busy(), apply(busy(), { type: 'plan.mirror', variant }).job]
    for (const id of ['fit-a', 'fit-b', 'fit-c', 'fit-d']) {
      const [a, b] = [at(before, id), at(after, id)]
      a.solids.forEach((solid, index) => {
        const [p, q] = [prismBounds(solid.prism), prismBounds(b.solids[index]!.prism)]
        expect(q.x.min).toBeCloseTo(p.x.min, 6)
        expect(q.y.min).toBeCloseTo(-p.y.max, 6)
        expect(q.z.max).toBeCloseTo(p.z.max, 6)
      })
      a.clearances.forEach((clearance, index) => {
        const [p, q] = [prismBounds(clearance.prism), prismBounds(b.clearances[index]!.prism)]
        expect(q.y.max).toBeCloseTo(-p.y.min, 6)
        expect(q.x.max).toBeCloseTo(p.x.max, 6)
      })
    }
    expect(planOf(after).changes['change-a']).toMatchObject({ side: 'right' })
  })

  it('twice is the plan itself', () => {
    const twice = apply(apply(busy(), { type: 'plan.mirror', variant }).job, { type: 'plan.mirror', variant }).job
    expect(planOf(twice)).toEqual(planOf(busy()))
  })
})

describe('places at a table', () => {
  const reach = (x: number) =>
    truck(
      put('fit-bench', 'bench-side', 1000, 'left-wall', { lengthMm: 1100, depthMm: 480 }),
      put('fit-table', 'table-rail', x, 'right-wall', { railMm: 700, alongMm: 700, depthMm: 900 }),
    )
  it('count only where a seat has the top before it within reach', () => {
    // the truck is 2100 wide: sitters 270 from the left wall, the top ends 900 from the right: 930 away
    expect(tablePlacesOffered(sceneOf(reach(1200)))).toBe(0)
    const near = apply(reach(1200), {
      type: 'fitting.seat',
      variant,
      id: 'fit-table',
      seat: { ...kindOf('table-rail').home, along: { from: 'rear', mm: 1200 }, across: { from: 'left-wall', mm: 500 } },
    }).job
    expect(tablePlacesOffered(sceneOf(near))).toBe(2)
    expect(seatPlaces(sceneOf(near))).toHaveLength(2)
  })

  it('take in a cab seat that is turned round', () => {
    const one = jobWith(
      'van-long-high',
      put(
        'fit-table',
        'table-drop',
        0,
        'left-wall',
        { lengthMm: 700, depthMm: 800 },
        { along: { from: 'bulkhead', mm: -200 } },
      ),
    )
    expect(tablePlacesOffered(sceneOf(one))).toBe(0)
    const turned = apply(one, { type: 'mode.turned', variant, mode: 'mode-day', seat: 'cab-driver', turned: true }).job
    expect(seatPlaces(sceneOf(turned))).toMatchObject([{ facesDeg: 180 }])
    expect(tablePlacesOffered(sceneOf(turned))).toBe(1)
  })

  it('leave so much to pass beside the table', () => {
    const scene = sceneOf(
      truck(
        put('fit-table', 'table-drop', 1000, 'left-wall', { depthMm: 700 }),
        put('fit-x', 'cold-box', 1000, 'right-wall', { depthMm: 600, heightMm: 1000 }),
      ),
    )
    const table = scene.placed.find(({ id }) => id === 'fit-table')!
    // 2100 − 700 − 600
    expect(passBeside(scene, table, { left: 1050, right: 1050 }).rightMm).toBeCloseTo(800)
  })
})

describe('a table in its positions', () => {
  it('says how far it reaches and what it leaves beside it, in each of its stances', () => {
    const scene = sceneOf(
      truck(
        put('fit-table', 'table-drop', 1000, 'left-wall', { lengthMm: 800, depthMm: 600 }),
        put('fit-x', 'cold-box', 1100, 'right-wall', { depthMm: 500, heightMm: 1000 }),
      ),
    )
    const table = scene.placed.find(({ id }) => id === 'fit-table')!
    // 2100 − 500 − 600 up; hanging it is 60 thick
    expect(tablePositions(scene, table)).toMatchObject([
      { stance: 'up', reachMm: 600, pass: { rightMm: expect.closeTo(1000, 0) } },
      { stance: 'dropped', reachMm: 60, pass: { rightMm: expect.closeTo(1540, 0) } },
    ])
  })

  it('lets knees go beside its leg', () => {
    const one = truck(
      put('fit-bench', 'bench-side', 1000, 'left-wall', { lengthMm: 600, depthMm: 450 }),
      // its leg stands 50 before the bench
      put(
        'fit-table',
        'table-drop',
        1000,
        'right-wall',
        { lengthMm: 600, depthMm: 900 },
        { across: { from: 'right-wall', mm: 620 } },
      ),
    )
    const bench = at(one, 'fit-bench')
    const knees = bench.clearances.find(({ id }) => id === 'knees')!
    expect(freedomOf(sceneOf(one), bench, knees).free).toBe(knees.need)
  })
})

describe('worktop', () => {
  const kitchen = (...more: Command[]) =>
    truck(
      put('fit-a', 'galley-doors', 500, 'left-wall', { lengthMm: 450 }),
      put('fit-b', 'galley-basin', 950, 'left-wall', { lengthMm: 500 }),
      put('fit-c', 'galley-drawers', 1450, 'left-wall', { lengthMm: 600 }),
      ...more,
    )
  const longest = (one: Job, mode = 'mode-day') => worktopRuns(sceneOf(one, mode))[0]!.lengthMm

  it('is parted by the basin by day and whole under its cover by night', () => {
    expect(longest(kitchen())).toBeCloseTo(600)
    expect(longest(kitchen(), 'mode-night')).toBeCloseTo(450 + 500 + 600)
  })

  it('is taken by what stands on it in that mode', () => {
    const one = kitchen(
      put('fit-hob', 'hob-loose', 1600, 'left-wall', { lengthMm: 300 }, { up: { from: 'floor', mm: 900 } }),
    )
    // 1450 to 1600 and 1900 to 2050 are left of the drawers’ top
    expect(longest(one)).toBeCloseTo(450)
    expect(worktopRuns(sceneOf(one)).map(({ lengthMm }) => Math.round(lengthMm))).toEqual([450, 150, 150])
    expect(longest(one, 'mode-night')).toBeCloseTo(1550)
  })
})

describe('access once in a while', () => {
  it('names the jack in its place, and how near what stands before it is', () => {
    const shell = genericShell('truck-box')
    // at the left wall, 200 deep: its front is 850 from the centreline
    const jack = { id: 'place-jack', label: 'jack', what: 'jack' as const, notchable: false }
    const keepOuts = [...shell.keepOuts, { ...jack, from: [500, 850, 0] as const, to: [900, 1050, 300] as const }]
    const before = (mm: number) =>
      truck(
        { type: 'shell.put', shell: { ...shell, keepOuts } } as unknown as Command,
        put('fit-a', 'cold-box', 450, 'left-wall', {}, { across: { from: 'left-wall', mm } }),
      )
    const fault = accessFaults(sceneOf(before(300))).find(({ task }) => task === 'jack')!
    expect(fault).toMatchObject({ of: { kind: 'part', id: 'place-jack' }, needed: 350, free: 100 })
    expect(fault.fixed).toHaveLength(1)
    expect(accessFaults(sceneOf(before(551))).filter(({ task }) => task === 'jack')).toEqual([])
  })

  it('names the spare wheel’s nut, and what stands on it', () => {
    const { id } = GENERIC_SHELLS.find(({ keepOuts }) => keepOuts.some(({ what }) => what === 'spare-wheel'))!
    const shell = genericShell(id)
    const wheel = shell.keepOuts.find(({ what }) => what === 'spare-wheel')!
    const middle = (wheel.from[0] + wheel.to[0]) / 2
    const over = { across: { from: 'centreline' as const, mm: (wheel.from[1] + wheel.to[1]) / 2 } }
    const one = jobWith(id, put('fit-a', 'stool', middle - 160, 'centreline', {}, over))
    const fault = accessFaults(sceneOf(one)).find(({ task }) => task === 'spare-wheel')!
    expect(fault).toMatchObject({
      of: { kind: 'part', id: wheel.id },
      toMove: [{ id: 'fit-a', stance: 'put-away' }],
      fixed: [],
    })
    const fixed = jobWith(id, put('fit-a', 'cold-chest', middle - 310, 'centreline', { slides: 'none' }, over))
    expect(accessFaults(sceneOf(fixed)).find(({ task }) => task === 'spare-wheel')!.fixed).toHaveLength(1)
  })
})

describe('the end panel of a scribed fitting', () => {
  const one = () =>
    jobWith('van-long-high', put('fit-a', 'wardrobe', 1500, 'left-wall', { depthMm: 500, heightMm: 1500 }))

  it('is as deep at its foot as asked for, and everywhere as deep as the wall leaves', () => {
    const scene = sceneOf(one())
    const placed = scene.placed[0]!
    for (const end of ['rear', 'front'] as const) {
      const panel = endPanel(scene, placed, end)!
      expect(panel.heightMm).toBeCloseTo(1500, 0)
      for (const { upMm, depthMm } of panel.ticks) {
        if (upMm < 1 || upMm > 1499) continue
        const there = usableDepth(scene, placed, placed.bounds.z.min + upMm)!
        // the tape takes the tightest along the whole length, the panel its own end
        expect(depthMm).toBeGreaterThanOrEqual(there - 0.5)
        expect(depthMm).toBeLessThan(there + 40)
      }
    }
  })

  it('is none for what stands off the wall or fits as it is', () => {
    const off = jobWith('van-long-high', put('fit-a', 'wardrobe', 1500, 'centreline'))
    expect(endPanel(sceneOf(off), at(off, 'fit-a'), 'rear')).toBeUndefined()
    const rigid = jobWith('van-long-high', put('fit-a', 'cold-box', 1500, 'left-wall'))
    expect(endPanel(sceneOf(rigid), at(rigid, 'fit-a'), 'rear')).toBeUndefined()
  })
})

describe('anchors outside the body', () => {
  it('hang a tank under the floor, stand a box on the roof, and let neither meet what is inside', () => {
    const one = truck(
      put('fit-under', 'tank-under', 500, 'centreline'),
      put('fit-roof', 'outside-box', 500, 'centreline'),
      put('fit-in', 'bed-fixed', 400, 'centreline', { platformMm: 150, lyingMm: 2000 }),
    )
    expect(at(one, 'fit-under').bounds.z.max).toBe(-40)
    expect(at(one, 'fit-roof').bounds.z.min).toBeGreaterThan(1900)
    const fitting = planOf(one).fittings['fit-under'] as Fitting
    expect(fitting.seat.up.from).toBe('under-floor')
  })
})
