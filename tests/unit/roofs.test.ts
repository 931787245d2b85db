import { describe, expect, it } from 'vitest'
import { apply, planInterior, type Command, type Job } from '$lib/core/job'
import { remediesFor, reviewVariant } from '$lib/core/review'
import { genericShell, GENERIC_SHELLS } from '$lib/core/shells'
import { defaultsOf, kindOf, KINDS, mayBeCut } from '$lib/core/fittings'
import { interiorOf } from '$lib/core/shell'
import { SAME_MM } from '$lib/core/units'
import { jobWith, person, put, truck, variant } from '../support/plan'
import { buildScene, collisions, outerHeight, outsideOf, type Scene } from '$lib/core/scene'

const sceneOf = (job: Job, mode = 'mode-day'): Scene => {
  const { plan } = job.variants[variant]!
  return buildScene(planInterior(job.shell, plan), plan, mode)
}
const raised: Command = {
  type: 'change.put',
  variant,
  id: 'change-roof',
  change: { kind: 'raised-roof', fromMm: 0, toMm: 4300, widthMm: 1300, riseMm: 400, shape: 'straight' },
}
const told = (job: Job, code: string) =>
  reviewVariant(job, variant).modes.flatMap(({ findings }) => findings.filter((one) => one.code === code))

describe('on a raised roof', () => {
  it('a box stands on it, not in the headroom under it', () => {
    const flat = sceneOf(truck(put('fit-a', 'outside-box', 1000, 'centreline')))
    const high = sceneOf(truck(raised, put('fit-a', 'outside-box', 1000, 'centreline')))
    expect(high.placed[0]!.bounds.z.min - flat.placed[0]!.bounds.z.min).toBeCloseTo(400, 6)
    expect(high.placed[0]!.bounds.z.min).toBeGreaterThan(2160 + 400)
  })

  it('the vehicle is as high as its roof, and that is held against where it parks', () => {
    const parks: Command = { type: 'brief.use', use: { parkingHeightMm: 3200 } }
    // the box truck is 3125 high outside
    expect(outerHeight(sceneOf(truck(raised)).interior)).toBe(3525)
    expect(outerHeight(sceneOf(truck()).interior)).toBe(3125)
    expect(told(truck(parks), 'parking-high')).toEqual([])
    expect(told(truck(parks, raised), 'parking-high')[0]).toMatchObject({ measured: 3525, needed: 3200, fittings: [] })
    const loaded = told(truck(parks, raised, put('fit-a', 'outside-box', 1000, 'centreline')), 'parking-high')
    expect(loaded[0]).toMatchObject({ measured: 3525 + 40 + 320, fittings: ['fit-a'] })
  })
})

describe('flush with a curved roof', () => {
  it.each(GENERIC_SHELLS.map(({ id }) => [id]))('%s: nothing that hangs from it is through it by a hair', (id) => {
    const interior = interiorOf(genericShell(id), { floorMm: 20, wallMm: 25, roofMm: 30 })
    const through: string[] = []
    for (const kind of KINDS) {
      if (kind.home.up.from !== 'roof') continue
      for (const from of ['left-wall', 'right-wall', 'centreline'] as const)
        for (const x of [0, 137, 400, 1033]) {
          const seat = {
            ...kind.home,
            along: { from: 'rear' as const, mm: x },
            across: { from, mm: 0 },
            up: { from: 'roof' as const, mm: 0 },
          }
          const plan = {
            lining: interior.lining,
            changes: {},
            modes: { 'mode-day': { name: 'Day', purpose: 'living' as const, order: 0, stances: {} } },
            fittings: { 'fit-a': { kind: kind.id, parameters: defaultsOf(kind), seat } },
          }
          const scene = buildScene(interior, plan, 'mode-day')
          const out = outsideOf(scene, scene.placed[0]!)
          if (out?.face === 'roof' && out.byMm < SAME_MM) through.push(`${kind.id} ${from} at ${x}: ${out.byMm}`)
        }
    }
    expect(through).toEqual([])
  })

  it('a locker under the van’s roof is told nothing of it', () => {
    for (const x of [600, 1200, 2000])
      expect(
        told(
          jobWith('van-long-high', put('fit-a', 'locker', x, 'left-wall', {}, { up: { from: 'roof', mm: 0 } })),
          'outside-shell',
        ),
      ).toEqual([])
  })
})

describe('made to hang outside', () => {
  it('a tank that stands indoors is a thing among others', () => {
    const indoors = (x: number) =>
      sceneOf(
        truck(
          put('fit-a', 'tank-under', 500, 'centreline', {}, { up: { from: 'floor', mm: 0 } }),
          put('fit-b', 'water-tank', x, 'centreline'),
        ),
      )
    expect(collisions(indoors(500)).map(({ a, b }) => [a.id, b.kind === 'fitting' ? b.placed.id : ''])).toEqual([
      ['fit-a', 'fit-b'],
    ])
    expect(collisions(indoors(3000))).toEqual([])
    const under = truck(put('fit-a', 'tank-under', 500, 'centreline'), put('fit-b', 'water-tank', 500, 'centreline'))
    expect(collisions(sceneOf(under)).filter(({ b }) => b.kind === 'fitting')).toEqual([])
  })
})

describe('a low box beside a wall', () => {
  it('tells the gap that a tape measures, not twice it', () => {
    // 1000 of tank by the left wall, 1000 of low box beside it: 2100 − 2000 = 100 are left, to one side or the other
    const low = (mm: number) =>
      truck(
        person(1750),
        put('fit-z', 'toilet-dry', 100, 'left-wall'),
        put('fit-b', 'water-tank', 1500, 'left-wall', { heightMm: 900, lengthMm: 700, depthMm: 1000 }),
        put(
          'fit-a',
          'water-tank',
          1500,
          'left-wall',
          { heightMm: 300, lengthMm: 700, depthMm: 1000 },
          { across: { from: 'left-wall', mm } },
        ),
      )
    const shut = told(low(1000), 'way-shut')[0]!
    expect(shut.measured).toBe(100)
    expect(shut.facts).toMatchObject({
      between: [
        { kind: 'wall', id: 'right' },
        { kind: 'fitting', id: 'fit-a' },
      ],
    })
    expect(told(low(1040), 'way-shut')[0]).toMatchObject({ measured: 40 })
  })
})

describe('an opening for a fan', () => {
  const fanAt = (x: number, hatch: [number, number]) =>
    truck(put('fit-a', 'fan-extract', x, 'centreline', {}, { up: { from: 'roof', mm: 0 } }), {
      type: 'change.put',
      variant,
      id: 'change-cut',
      change: { kind: 'roof-hatch', fromMm: hatch[0], toMm: hatch[1], rightMm: -200, leftMm: 200 },
    })

  it('of 400 takes a fan of 400, and one that stands beside it by less than its frame covers', () => {
    // the fan is 460 over its frame: its cut-out of 400 begins 30 in
    expect(told(fanAt(970, [1000, 1400]), 'opening-missing')).toEqual([])
    expect(told(fanAt(970.5, [1000, 1400]), 'opening-missing')).toEqual([])
    expect(told(fanAt(980, [1000, 1400]), 'opening-missing')).toEqual([])
    expect(told(fanAt(981, [1000, 1400]), 'opening-missing')).toHaveLength(1)
    expect(told(fanAt(970, [1000, 1390]), 'opening-missing')).toHaveLength(1)
  })
})

describe('a whole thing that its top pushes away from the wall', () => {
  // bare, the van’s wall is 890 out at the floor and 716.9 at 1800
  const cubicle = (parameters: Record<string, number> = {}) =>
    jobWith(
      'van-long-high',
      put('fit-a', 'wet-cubicle', 1500, 'left-wall', { heightMm: 1800, ...parameters }),
      // as it is built on the spot unless a plan says otherwise
      { type: 'fitting.cut', variant, id: 'fit-a', cut: false },
    )

  it('is told by how much, and may be lower, shallower, or cut to the wall: each is tried and cures', () => {
    const job = cubicle()
    const finding = told(job, 'pushed-in')[0]!
    expect(finding).toMatchObject({ measured: 173, facts: { side: 'left', pushedMm: 173, atMm: 1800 } })
    const offered = remediesFor(job, variant, finding)
    expect(offered.map(({ code, amount }) => [code, amount])).toEqual(
      expect.arrayContaining([
        ['cut-to-wall', 0],
        ['set-height', expect.any(Number)],
        ['set-depth', expect.any(Number)],
      ]),
    )
    for (const { commands } of offered) {
      const cured = apply(job, { type: 'batch', what: 'remedy', commands: [...commands] }).job
      expect(told(cured, 'pushed-in')).toEqual([])
    }
  })

  it('cut to the wall stands with its foot at it and follows it up; it is no longer one whole thing to carry in', () => {
    const cut = apply(cubicle(), { type: 'fitting.cut', variant, id: 'fit-a', cut: true }).job
    const placed = sceneOf(cut).placed[0]!
    expect(placed.scribedTo).toBe('left')
    expect(placed.bounds.y.min).toBeCloseTo(sceneOf(cubicle()).placed[0]!.bounds.y.min + 173.1, 0)
    expect(told(cut, 'outside-shell')).toEqual([])
    const whole = apply(cut, { type: 'fitting.cut', variant, id: 'fit-a', cut: false }).job
    expect(sceneOf(whole).placed[0]!.bounds).toEqual(sceneOf(cubicle()).placed[0]!.bounds)
  })

  it('that is bought whole is not cut', () => {
    const tank = truck(put('fit-a', 'water-tank', 500, 'left-wall'))
    const cut = { type: 'fitting.cut', variant, id: 'fit-a', cut: true } as const
    expect(() => apply(tank, cut)).toThrow(/"comes-whole"/)
    expect(mayBeCut({ kind: 'wet-cubicle', parameters: defaultsOf(kindOf('wet-cubicle')) })).toBe(true)
    for (const id of [
      'water-tank',
      'battery',
      'cold-box',
      'toilet-dry',
      'heater-air',
      'bed-fixed',
      'bunks',
      'lounge-bed',
      'bench-belted',
    ])
      expect([id, mayBeCut({ kind: id, parameters: defaultsOf(kindOf(id)) })]).toEqual([id, false])
  })
})
