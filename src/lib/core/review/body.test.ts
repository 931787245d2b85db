import { describe, expect, it } from 'vitest'
import { apply, type Command, CommandError, type Job, planInterior } from '../job'
import { area, rectangle } from '../geometry'
import { volumeM3 } from '../space'
import {
  areaInside,
  bareInterior,
  changedShell,
  heightsAt,
  isWayOut,
  mostHeadroomMm,
  outlineAt,
  partsInside,
  protrusionOf,
  shellSchema,
  wallReach,
  wallsAt,
} from '../shell'
import { genericShell } from '../shells'
import { buildScene, doorWay, headroomAt, stow, wayGround, waysOf } from '../scene'
import { entrySteps } from './entry'
import { remediesFor, reviewVariant } from './index'
import { jobWith, person, put, variant } from '../../../../tests/support/plan'

const planOf = (job: Job) => job.variants[variant]!.plan
const interiorIn = (job: Job) => planInterior(job.shell, planOf(job))
const sceneOf = (job: Job) => buildScene(interiorIn(job), planOf(job), 'mode-day')
const change = (
  id: string,
  value: Extract<Command, { type: 'change.put' }>['change'],
): Extract<Command, { type: 'change.put' }> => ({
  type: 'change.put',
  variant,
  id,
  change: value,
})
const codes = (job: Job) =>
  reviewVariant(job, variant).modes.flatMap(({ findings }) => findings.map(({ code }) => code))

const van = 'van-long-high'

describe('a well in the floor', () => {
  const well = change('change-w', {
    kind: 'floor-well',
    fromMm: 800,
    toMm: 1500,
    rightMm: -400,
    leftMm: 400,
    depthMm: 150,
  })
  const job = jobWith(van, well)
  const [deep, own] = [interiorIn(job), interiorIn(jobWith(van))]
  const floor = own.lining.floorMm
  const block = (x: number, y: number, z: number) => ({
    axis: 'z' as const,
    profile: rectangle(x - 100, y - 100, x + 100, y + 100),
    span: { min: z, max: z + 200 },
  })

  it('is so much lower within its sides, and nowhere else', () => {
    for (const [x, y, less] of [
      [1100, 0, 150],
      [1100, 399, 150],
      [1100, 401, 0],
      [1501, 0, 0],
      [799, 0, 0],
    ] as const)
      expect(heightsAt(own, x, y)!.min - heightsAt(deep, x, y)!.min).toBeCloseTo(less, 6)
    expect(wallsAt(deep, 1100, floor - 75)).toEqual({ min: -400, max: 400 })
    expect(wallsAt(deep, 1100, floor - 151)).toBeUndefined()
    expect(wallsAt(deep, 1600, floor - 75)).toBeUndefined()
    expect(area(outlineAt(deep, 1100)) - area(outlineAt(own, 1100))).toBeCloseTo(150 * 800, -2)
    expect(areaInside(deep, 1100, rectangle(-600, floor - 300, 600, floor + 10))).toBeCloseTo(150 * 800 + 10 * 1200, 3)
    expect(volumeM3(deep) - volumeM3(own)).toBeCloseTo(0.15 * 0.8 * 0.7, 6)
  })

  it('holds what stands within it, and tells what stands over its edge by how much', () => {
    expect(protrusionOf(deep, block(1100, 0, floor - 150))).toBeUndefined()
    expect(protrusionOf(deep, block(1100, 0, floor - 151))).toMatchObject({ face: 'floor', byMm: expect.closeTo(1, 3) })
    expect(protrusionOf(deep, block(1100, 350, floor - 150))).toMatchObject({
      face: 'floor',
      byMm: expect.closeTo(150, 1),
    })
    expect(protrusionOf(deep, block(1480, 0, floor - 10))).toMatchObject({ face: 'floor', byMm: expect.closeTo(10, 3) })
  })

  it('lets a chest that goes into it stand on its bottom, with all of its room, and a person stand higher', () => {
    const chest = put('fit-a', 'lid-chest', 850, 'centreline', { lengthMm: 600, depthMm: 450, heightMm: 450 })
    const [low, high] = [sceneOf(jobWith(van, well, chest)), sceneOf(jobWith(van, chest))]
    expect(high.placed[0]!.bounds.z.min - low.placed[0]!.bounds.z.min).toBeCloseTo(150, 6)
    const can = [{ id: 'gear-can', size: [380, 380, 400] as const, mayLie: false }]
    expect(stow(low, can).left).toEqual([])
    const wider = put('fit-a', 'lid-chest', 850, 'centreline', { lengthMm: 900, depthMm: 450, heightMm: 450 })
    expect(sceneOf(jobWith(van, well, wider)).placed[0]!.bounds.z.min).toBeCloseTo(high.placed[0]!.bounds.z.min, 6)
    expect(mostHeadroomMm(deep) - mostHeadroomMm(own)).toBeGreaterThan(140)
  })

  it('is in the way of a tank that hangs under it', () => {
    const tank = put('fit-a', 'tank-under', 2200, 'centreline', {}, { up: { from: 'under-floor', mm: 0 } })
    const under = change('change-w', { ...well.change, fromMm: 2400, toMm: 2900 } as never)
    expect(codes(jobWith(van, tank))).not.toContain('overlap')
    expect(codes(jobWith(van, under, tank))).toContain('overlap')
    const { findings } = reviewVariant(jobWith(van, under, tank), variant).modes[0]!
    const met = findings.find(({ code }) => code === 'overlap')!
    const ways = remediesFor(jobWith(van, under, tank), variant, met)
    const [first] = ways
    const cured = apply(jobWith(van, under, tank), {
      type: 'batch',
      what: 'remedy',
      commands: [...first!.commands],
    }).job
    expect(codes(cured)).not.toContain('overlap')
    const beside = put('fit-a', 'tank-under', 2200, 'centreline', {}, { up: { from: 'under-floor', mm: 151 } })
    expect(codes(jobWith(van, under, beside))).not.toContain('overlap')
  })

  it('may not lie over another, and goes to the other side with the vehicle', () => {
    expect(() => jobWith(van, well, change('change-x', { ...well.change, fromMm: 1400, toMm: 1900 } as never))).toThrow(
      /on the floor from 800 to 1500/,
    )
    const lopsided = jobWith(van, change('change-w', { ...well.change, leftMm: 100 } as never))
    const { job: other } = apply(lopsided, { type: 'vehicle.mirror' } as Command)
    expect(planOf(other).changes['change-w']).toMatchObject({ rightMm: -100, leftMm: 400 })
  })
})

describe('a wall that was moved out', () => {
  const by = 180
  const job = jobWith(van, change('change-a', { kind: 'widened', side: 'left', fromMm: 500, toMm: 2500, depthMm: by }))
  const [wide, own] = [interiorIn(job), interiorIn(jobWith(van))]
  const lined = own.lining.wallMm

  it('stands so much further out at every height, and nowhere else', () => {
    for (const z of [200, 700, 1200, 1600])
      for (const [x, more] of [
        [1500, by],
        [500 + lined + 5, by],
        [500 + lined - 5, 0],
        [3000, 0],
      ] as const) {
        const reach = (interior: typeof wide) =>
          wallReach(interior, 'left', { min: x, max: x }, { min: z, max: z })!.tightMm
        expect(reach(wide) - reach(own)).toBeCloseTo(more, 6)
      }
    const right = (interior: typeof wide) =>
      wallReach(interior, 'right', { min: 1500, max: 1500 }, { min: 200, max: 1600 })!.tightMm
    expect(right(wide)).toBe(right(own))
  })

  it('holds a block that its own wall would not, down to the floor, and a point just where it says', () => {
    const reach = wallReach(own, 'left', { min: 1000, max: 2000 }, { min: 100, max: 500 })!.tightMm
    const block = (y: number, z: number) => ({
      axis: 'z' as const,
      profile: rectangle(1000, y - 400, 2000, y),
      span: { min: z, max: z + 300 },
    })
    const floor = own.lining.floorMm
    expect(protrusionOf(own, block(reach + by - 1, floor))!.byMm).toBeGreaterThan(100)
    expect(protrusionOf(wide, block(reach + by - 1, floor + 100))).toBeUndefined()
    expect(protrusionOf(wide, block(reach + by + 5, floor + 100))!.byMm).toBeGreaterThan(3)
    expect(partsInside(wide, 1500, rectangle(reach + 60, 400, reach + by - 10, 500)).length).toBe(1)
    expect(partsInside(own, 1500, rectangle(reach + 60, 400, reach + by - 10, 500)).length).toBe(0)
  })

  it('does not lie on a flare of the same wall', () => {
    const flare = {
      kind: 'flare',
      side: 'left',
      fromMm: 1000,
      toMm: 2000,
      bottomMm: 600,
      topMm: 900,
      depthMm: 80,
    } as const
    expect(() => apply(job, change('change-b', flare))).toThrow(CommandError)
    expect(() => apply(job, change('change-b', { ...flare, side: 'right' }))).not.toThrow()
  })
})

describe('a new door', () => {
  const door = {
    kind: 'door',
    side: 'left',
    fromMm: 1400,
    toMm: 2100,
    sillMm: 0,
    headMm: 1750,
    opens: 'hinged',
  } as const

  it('is a way in that must stay free; from outside only it is no way out', () => {
    const cupboard = put('fit-a', 'wardrobe', 1500, 'left-wall')
    const entrance = jobWith(van, cupboard, change('change-a', { ...door, entrance: true }))
    expect(codes(entrance)).toContain('door-blocked')
    expect(codes(jobWith(van, cupboard, change('change-a', { ...door, entrance: false })))).not.toContain(
      'door-blocked',
    )
    const opening = (job: Job) => interiorIn(job).shell.openings.find(({ id }) => id === 'change-a')!
    expect(isWayOut(opening(entrance))).toBe(true)
    expect(isWayOut(opening(jobWith(van, change('change-a', { ...door, entrance: false, outsideOnly: true }))))).toBe(
      false,
    )
  })

  it('is told at its place when it reaches out of the body', () => {
    expect(() => jobWith(van, change('change-a', { ...door, toMm: 13_000, entrance: true }))).toThrow(CommandError)
    expect(() => jobWith(van, change('change-a', { ...door, headMm: -10, entrance: true } as never))).toThrow()
  })

  it('with a step below it shares the climb', () => {
    // the van’s own sliding door comes with a step of its own: here it has none
    const shell = genericShell(van)
    const bare: Command = {
      type: 'shell.put',
      shell: { ...shell, openings: shell.openings.map(({ stepMm: _, ...opening }) => opening) },
    }
    const climb = (stepMm?: number) =>
      entrySteps(
        sceneOf(
          jobWith(
            van,
            bare,
            change('change-a', { ...door, entrance: true, ...(stepMm === undefined ? {} : { stepMm }) }),
          ),
        ),
      )!
    const [whole] = climb() as [number]
    expect(climb()).toHaveLength(1)
    const steps = climb(250)
    expect(steps).toHaveLength(2)
    expect(steps[0]! + steps[1]!).toBeCloseTo(whole, -0.5)
    expect(steps[1]!).toBe(250 + interiorIn(jobWith(van)).lining.floorMm)
    // the steps of two entrances are not climbed one after the other
    const two = jobWith(
      van,
      bare,
      change('change-a', { ...door, entrance: true, stepMm: 250 }),
      change('change-b', { ...door, fromMm: 500, toMm: 1200, entrance: true, stepMm: 380 }),
    )
    const easiest = Math.min(Math.max(...climb(250)), Math.max(...climb(380)))
    expect(Math.max(...entrySteps(sceneOf(two))!)).toBe(easiest)
    // a step in the ground is none
    expect(climb(900)).toEqual(climb())
  })
})

describe('what lies behind the leaf of a door', () => {
  const shell = genericShell(van)
  const [first, second] = [shell.openings[0]!, shell.openings[1]!]
  const behind = {
    ...shell,
    openings: shell.openings.map((one) => (one.id === second.id ? { ...one, behind: first.id } : one)),
  }

  it('is no second way out, and must name another opening', () => {
    expect(isWayOut(second)).toBe(true)
    expect(isWayOut(behind.openings[1]!)).toBe(false)
    const faults = (named: string) => {
      const openings = shell.openings.map((one, at) => (at === 1 ? { ...one, behind: named } : one))
      return shellSchema.safeParse({ ...shell, openings }).error?.issues.map(({ path }) => path.join('.'))
    }
    expect(faults(first.id)).toBeUndefined()
    expect(faults('door-none')).toEqual(['openings.1.behind'])
    expect(faults(second.id)).toEqual(['openings.1.behind'])
  })
})

describe('glass in the roof that opens', () => {
  const low = 'van-compact'
  const hatch = { kind: 'roof-hatch', fromMm: 700, toMm: 1500, rightMm: -400, leftMm: 400 } as const
  const tall = person(1900)
  const galley = put('fit-a', 'galley', 800, 'left-wall')

  it('gives those under it their height, and no one beside it', () => {
    const shut = jobWith(low, tall, galley, change('change-a', hatch))
    const open = jobWith(low, tall, galley, change('change-a', { ...hatch, standsUp: true }))
    expect(mostHeadroomMm(interiorIn(shut))).toBeLessThan(1400)
    // in a body where no one stands nobody misses it
    expect(codes(shut)).not.toContain('standing-nowhere')
    expect(codes(open)).not.toContain('standing-nowhere')
    const scene = sceneOf(open)
    const placed = scene.placed[0]!
    const stand = placed.clearances.find(({ use }) => use === 'stand')!
    const at = (x: number) =>
      headroomAt(scene, placed, {
        ...stand,
        prism: { axis: 'z', profile: rectangle(x - 200, -200, x + 200, 200), span: { min: 0, max: 1900 } },
      })!.heightMm
    expect(at(1100)).toBe(Infinity)
    expect(at(750)).toBeLessThan(1400)
    expect(at(1800)).toBeLessThan(1400)
  })
})

describe('a step up to a bed', () => {
  // a mattress 900 up, and a sleeper with a stiff knee
  const bed = (...more: Command[]) =>
    jobWith(
      van,
      person(1700, 'person-a', { mobility: 'stiff' }),
      put('fit-a', 'bed-fixed', 100, 'centreline', { lyingMm: 1700, widthMm: 900, platformMm: 780, mattressMm: 120 }),
      ...more,
    )
  const told = (job: Job) =>
    reviewVariant(job, variant)
      .modes.flatMap(({ findings }) => findings)
      .find(({ code }) => code === 'bed-high')

  it('is a chest, a toilet box or drawers that bear a foot, and stand beside it', () => {
    expect(told(bed())).toMatchObject({ measured: 900, needed: 600, facts: { steps: 0 } })
    for (const [kind, size] of [
      ['lid-chest', { heightMm: 400 }],
      ['toilet-box', { seatMm: 420 }],
      ['drawer-unit', { heightMm: 450 }],
    ] as const) {
      expect(told(bed(put('fit-b', kind, 1050, 'left-wall', size)))).toBeUndefined()
      expect(told(bed(put('fit-b', kind, 2600, 'left-wall', size)))).toMatchObject({ measured: 900 })
    }
    // too low a step leaves too high a rise, and a tall chest is none
    expect(told(bed(put('fit-b', 'lid-chest', 1050, 'left-wall', { heightMm: 250 })))).toMatchObject({
      measured: 650,
      facts: { steps: 1 },
    })
    expect(told(bed(put('fit-b', 'lid-chest', 1050, 'left-wall', { heightMm: 560 })))).toMatchObject({ measured: 900 })
  })
})

describe('a lift', () => {
  it('is the way in of its own doorway and does not block it; a cupboard there does', () => {
    const shell = genericShell(van)
    const entrance = shell.openings.find(({ need, side }) => need !== 'may-cover' && side !== 'rear')!
    const x = (entrance.fromMm + entrance.toMm) / 2 - 425
    const side = entrance.side === 'left' ? 'left-wall' : 'right-wall'
    const free = (job: Job) => {
      const { min, max } = doorWay(sceneOf(job), entrance).free
      return max - min
    }
    expect(free(jobWith(van, put('fit-a', 'lift', x, side)))).toBe(entrance.toMm - entrance.fromMm)
    expect(free(jobWith(van, put('fit-a', 'wardrobe', x, side)))).toBeLessThan(entrance.toMm - entrance.fromMm)
  })
})

it('a lift that the body brings is the way in of its own doorway; a pillar there is not', () => {
  const shell = genericShell(van)
  const door = shell.openings.find(({ entrance, side }) => entrance && side !== 'rear')!
  const y: readonly [number, number] = door.side === 'left' ? [500, 900] : [-900, -500]
  const widthWith = (what: 'lift' | 'pillar') => {
    const keepOuts = [
      ...shell.keepOuts,
      {
        id: 'own-thing',
        label: 'thing',
        what,
        notchable: false,
        from: [door.fromMm + 10, y[0], 0] as [number, number, number],
        to: [door.toMm - 10, y[1], 1200] as [number, number, number],
      },
    ]
    const job = jobWith(
      van,
      { type: 'shell.put', shell: { ...shell, keepOuts } },
      put('fit-a', 'toilet-box', 200, 'left-wall'),
    )
    const scene = sceneOf(job)
    return waysOf(scene, wayGround(scene, { shoulderMm: 1400 })).find(({ fittingId }) => fittingId === 'fit-a')!.widthMm
  }
  expect(widthWith('lift')).toBeGreaterThan(400)
  expect(widthWith('pillar')).toBeLessThan(60)
})

it('a changed body keeps what its openings say', () => {
  const shell = changedShell(genericShell(van), {
    'change-a': {
      kind: 'side-hatch',
      side: 'left',
      fromMm: 300,
      toMm: 700,
      sillMm: 100,
      headMm: 500,
      outsideOnly: true,
    },
  })
  expect(shell.openings.find(({ id }) => id === 'change-a')).toMatchObject({ outsideOnly: true, need: 'may-cover' })
  expect(bareInterior(shell).shell).toEqual(shell)
})

it.each([
  ['bunks', 180, 'turn'],
  ['bed-wall', 180, 'turn'],
] as const)('%s whose way in faces the wall offers its other side', (kind, turn, offered) => {
  const job = jobWith('truck-box', person(1700), put('fit-a', kind, 400, 'left-wall', {}, { turn }))
  const blocked = (one: Job) =>
    reviewVariant(one, variant).modes.flatMap(({ findings }) =>
      findings.filter(({ code }) => code === 'clearance-blocked'),
    )
  const [finding] = blocked(job)
  expect(finding!.measured).toBeLessThan(100)
  const remedy = remediesFor(job, variant, finding!).find(({ code }) => code === offered)!
  expect(blocked(remedy.commands.reduce((one, command) => apply(one, command).job, job))).toEqual([])
})

it('into a bed along a wall one gets from its open side, whichever way round it was put', () => {
  for (const turn of [90, 270] as const)
    for (const wall of ['left-wall', 'right-wall'] as const) {
      const job = jobWith('truck-box', person(1700), put('fit-a', 'bed-fixed', 1200, wall, {}, { turn }))
      const said = reviewVariant(job, variant).modes.flatMap(({ findings }) => findings.map(({ code }) => code))
      expect(said, `${wall} ${turn}`).not.toContain('clearance-blocked')
      expect(said, `${wall} ${turn}`).not.toContain('way-shut')
    }
})

it('a cupboard that is kept for a berth is the reserve of a child to come, where one could lie in it', () => {
  const reserve = (more: Record<string, number | string>) =>
    codes(
      jobWith(
        'truck-box',
        person(1700),
        { type: 'brief.use', use: { future: ['child'] } },
        put('fit-a', 'bed-fixed', 1000, 'centreline', { sleepers: 1 }),
        put('fit-b', 'locker', 1000, 'left-wall', { lengthMm: 1400, depthMm: 580, ...more }),
      ),
    ).includes('reserve-missing')
  expect(reserve({})).toBe(true)
  // 1300 × 550 at least
  expect(reserve({ keptFor: 'berth', depthMm: 500 })).toBe(true)
  expect(reserve({ keptFor: 'berth' })).toBe(false)
})
