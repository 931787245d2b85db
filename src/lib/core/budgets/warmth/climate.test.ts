import { describe, expect, it } from 'vitest'
import { person, put, putAtHome, truck, variant } from '../../../../../tests/support/plan'
import type { Use } from '../../brief'
import { planInterior, type Command, type Job } from '../../job'
import { CLIMATES, HOURS, onPlaneThroughYear, uprightHours, weatherYear } from '../../sky'
import { airReport } from '../air/report'
import { placedInAnyMode } from '../seen'
import { powerCase } from '../power'
import { journeyOf } from '../power/journey'
import { lossesOf, warmthAssumedOf } from './loss'
import { bodyNeeds, coldShare, facesFor, heatShare } from './needs'
import { warmthReport } from './report'
import { sunFacesOf, sunInto } from './sun'

const use = (more: Use): Command => ({ type: 'brief.use', use: more })
const assume = (key: string, value: number): Command => ({ type: 'warmth.assume', key, value }) as Command
const window = (id: string, side: 'left' | 'right', more: object = {}): Command =>
  ({
    type: 'change.put',
    variant,
    id,
    change: { kind: 'window', side, fromMm: 1500, toMm: 2500, sillMm: 900, headMm: 1400, opens: 'hopper', ...more },
  }) as Command
const lined: Command = { type: 'lining.set', variant, lining: { floorMm: 30, wallMm: 40, roofMm: 40 } } as Command
const leg = (climate: string, latitudeDeg: number): Command =>
  ({
    type: 'power.leg',
    id: 'leg-a',
    leg: { from: 1, to: 12, latitudeDeg, climate, nights: 31, drivingHours: 0, hookUpEvery: 0 },
  }) as Command

describe('the sun on a body', () => {
  const year = weatherYear(Array.from({ length: 12 }, () => ({ latitudeDeg: 50, climate: CLIMATES.desert })))
  const day = 171 * HOURS
  const of = (job: Job, deg: number, at: number): number =>
    sunInto(facesFor(job, variant), year, [day + at, day + at + 1], deg)[0]!
  const east = truck(lined, window('change-a', 'left'))

  it('comes in by a window on the left in the morning where the front points south, in the evening where it points north', () => {
    expect(of(east, 180, 8)).toBeGreaterThan(1.2 * of(east, 180, 15))
    expect(of(east, 0, 15)).toBeGreaterThan(1.2 * of(east, 0, 8))
  })

  it('is as much by a window on the left in the morning as by one on the right in the evening: the day is alike about noon', () => {
    expect(of(east, 180, 8)).toBeCloseTo(of(truck(lined, window('change-a', 'right')), 180, 15), 6)
  })

  it('falls on a plane that stands upright as it does on any plane of 90° (Duffie & Beckman 2.15): every third hour of a year, four ways round', () => {
    for (const turnedDeg of [0, 90, 180, -90]) {
      const whole = onPlaneThroughYear(year, { tiltDeg: 90, turnedDeg })
      const [cosine, sine] = [Math.cos((turnedDeg * Math.PI) / 180), Math.sin((turnedDeg * Math.PI) / 180)]
      uprightHours(year, [0, 365 * HOURS], ({ beam, sky }, at) => {
        if (at % 3 === 0) expect(beam(cosine, sine) + sky).toBeCloseTo(whole[at]!, 9)
      })
    }
  })

  it('by an awning on its side is what half of the sky gives, and by covers a part', () => {
    const awning = truck(lined, window('change-a', 'left'), putAtHome('fit-awning', 'awning', 400))
    expect(facesFor(awning, variant).shaded).toEqual(['left'])
    expect(of(awning, 180, 8)).toBeLessThan(of(east, 180, 8))
    const covered = truck(lined, window('change-a', 'left'), assume('coveredPercent', 100))
    expect(facesFor(covered, variant).lets.left).toBeLessThan(0.5 * facesFor(east, variant).lets.left)
  })

  it('by hand: half of a wall’s 8.88 m² at 0.503 W/m²K takes in 0.5 × 0.04 of it, and a square metre of pane six tenths', () => {
    const wall = { what: 'walls', m2: 17.76, uValue: 0.503, wk: 0, low: 0, high: 0, isAssumed: false } as const
    const losses = { losses: [wall], totalWK: 0, lowWK: 0, highWK: 0, volumeM3: 17 }
    const shell = planInterior(
      east.shell,
      truck(window('change-a', 'left', { fromMm: 1000, toMm: 3000 })).variants[variant]!.plan,
    )
    const { lets } = sunFacesOf(shell, losses, { covered: 0, cabPercent: 100 }, [])
    expect(lets.right).toBeCloseTo(8.88 * 0.503 * 0.04 * 0.5, 6)
    expect(lets.left - lets.right).toBeCloseTo(0.6 * 1, 6)
  })
})

describe('the hottest day', () => {
  const hot = (...more: Command[]): Job =>
    truck(person(1750), lined, leg('desert', 35), use({ hottestC: 38 }), window('change-a', 'left'), ...more)
  const summer = (job: Job) => airReport(job, variant).summer

  it('is never cooler inside shut than the night outside, and what stands there holds back its heat', () => {
    const bare = summer(hot())
    expect(Math.min(...bare.shutC)).toBeGreaterThan(Math.min(...bare.outsideC))
    const heavy = summer(
      hot(put('fit-a', 'wardrobe', 500), put('fit-b', 'galley', 1500), put('fit-c', 'water-tank', 2800)),
    )
    const swing = ({ shutC }: typeof bare): number => Math.max(...shutC) - Math.min(...shutC)
    expect(swing(heavy)).toBeLessThan(swing(bare))
  })

  it('ends its third day as it began it, to a kelvin: heat that comes in goes out', () => {
    const { shutC } = summer(hot())
    expect(Math.abs(shutC.at(-1)! - shutC[0]!)).toBeLessThan(1.5)
  })

  it('asks of an air conditioner at the socket what it cools by 2.5, no more than it can', () => {
    const small = summer(hot(putAtHome('fit-ac', 'aircon', 2000, { watts: 400 })))
    const large = summer(hot(putAtHome('fit-ac', 'aircon', 2000, { watts: 3000 })))
    expect(small.coolerW).toBe(1000)
    expect(large.atSocketKwh).toBeCloseTo(large.coolingKwh / 2.5, 6)
    expect(small.atSocketKwh).toBeLessThanOrEqual(24 * 0.4)
    expect(summer(hot()).atSocketKwh).toBe(0)
  })

  it('Power runs the cooler by the same sum: more on a hot day than on a mild one, and less with an awning', () => {
    const wants = (job: Job): number => {
      const { loads, wants: all } = powerCase(job, variant)
      const at = loads.findIndex(({ key }) => key === 'cooling')
      return all[at]!.reduce((sum, wh) => sum + wh, 0)
    }
    const ac: Command[] = [
      putAtHome('fit-ac', 'aircon', 2000),
      { type: 'power.load', id: 'fit-ac-0', onlyHookUp: false } as Command,
    ]
    const desert = wants(hot(...ac))
    expect(desert).toBeGreaterThan(0)
    expect(wants(truck(person(1750), lined, leg('grey-coast', 55), ...ac))).toBeLessThan(desert / 4)
    expect(wants(hot(...ac, putAtHome('fit-awning', 'awning', 400)))).toBeLessThan(desert)
  })
})

describe('what a body asks of its heater', () => {
  const plan = truck(person(1750), lined, putAtHome('fit-heater', 'heater-air', 3000, { fuel: 'diesel', kilowatts: 2 }))
  const needs = bodyNeeds(plan, variant, placedInAnyMode(plan, variant), journeyOf(plan).weather)

  it('is its loss for each kelvin over what the heater gives: by hand at −10 °C, 18 kept by day and 14 in bed', () => {
    const wk = lossesOf(plan, variant).totalWK
    expect(heatShare(needs, -10, 12)).toBeCloseTo((wk * 28) / 2000, 9)
    expect(heatShare(needs, -10, 2)).toBeCloseTo((wk * 24) / 2000, 9)
    expect(coldShare(needs, 40, 12)).toBe(0)
  })
})

describe('what nobody said of warmth', () => {
  it('is named, and widens what is needed; said, it is no more than the figure', () => {
    const layers = (mm: number) =>
      Object.fromEntries(['floor', 'wall', 'roof', 'door'].map((face) => [face, [{ material: 'pir', mm }]]))
    const open = warmthReport(truck(person(1750), lined), variant)
    expect(open.unsaid).toEqual(['coldestC', 'altitudeM', 'lining'])
    const [mean, low, high] = open.neededW
    expect(low).toBeLessThan(mean)
    expect(high).toBeGreaterThan(mean)
    const said = warmthReport(
      truck(person(1750), use({ coldestC: -5, altitudeM: 300 }), {
        type: 'lining.set',
        variant,
        lining: { floorMm: 40, wallMm: 40, roofMm: 40, doorMm: 40, layers: layers(40) },
      } as Command),
      variant,
    )
    expect(said.unsaid).toEqual([])
    expect(said.neededW[2] - said.neededW[1]).toBeCloseTo(0, 9)
  })

  it('a night draws what the heater’s fan and pump take while it runs: watts × nine hours × its share', () => {
    const plan = truck(
      person(1750),
      lined,
      use({ coldestC: -5, altitudeM: 0 }),
      putAtHome('fit-heater', 'heater-air', 3000, { fuel: 'diesel', kilowatts: 4 }),
    )
    const { nightWh, losses } = warmthReport(plan, variant)
    const draw = placedInAnyMode(plan, variant)
      .flatMap(({ facts }) => facts.draws)
      .find(({ by }) => by === 'heating')!
    const share = (losses.totalWK * 19 - 83) / 4000
    expect(share).toBeGreaterThan(0.1)
    expect(nightWh).toBeCloseTo(draw.watts * 9 * share, 6)
  })
})

describe('covers that are drawn before windows', () => {
  const cover: Command = put(
    'fit-cover',
    'window-cover',
    1500,
    'left-wall',
    { lengthMm: 1000, heightMm: 500 },
    { up: { from: 'floor', mm: 900 } },
  )
  it('count at night as they are drawn, unless somebody said how much is covered', () => {
    const covered = (...more: Command[]): number =>
      warmthAssumedOf(truck(window('change-a', 'left'), window('change-b', 'right'), ...more), variant).coveredPercent
    expect(covered()).toBe(0)
    expect(covered(cover)).toBe(50)
    expect(covered(cover, assume('coveredPercent', 20))).toBe(20)
    const [bare, drawn] = [truck(window('change-a', 'left')), truck(window('change-a', 'left'), cover)].map(
      (job) => lossesOf(job, variant).totalWK,
    )
    // half a square metre of acrylic at 3.0 in place of 1.4 W/m²K
    expect(bare! - drawn!).toBeCloseTo(0.5 * (3 - 1.4), 6)
  })
})

describe('a winter of damp, hour by hour', () => {
  const cold = (...more: Command[]): Job =>
    truck(
      person(1750),
      lined,
      leg('dark-north', 62),
      put('fit-bed', 'bed-fixed', 0, 'left-wall'),
      window('change-a', 'left'),
      ...more,
    )
  const winter = (job: Job) => warmthReport(job, variant).winter

  it('wets what is coldest longest, and nothing where nobody sleeps', () => {
    const { wet, hours } = winter(cold(person(1700, 'person-b')))
    expect(wet.bridges).toBeGreaterThanOrEqual(wet.wall)
    expect(wet.windows).toBeGreaterThan(0)
    expect(wet.windows).toBeLessThan(hours)
    expect(Object.values(winter(truck(lined, leg('dark-north', 62))).wet).every((count) => count === 0)).toBe(true)
  })

  it('more air never wets more, and more people never less', () => {
    const total = (job: Job): number => Object.values(winter(job).wet).reduce((sum, one) => sum + one, 0)
    const aired = [0.2, 0.5, 1, 3, 10].map((changes) => total(cold(assume('airChanges', changes))))
    expect([...aired].sort((a, b) => b - a)).toEqual(aired)
    expect(aired[0]).toBeGreaterThan(aired[4]!)
    expect(total(cold(person(1700, 'person-b'), person(1600, 'person-c')))).toBeGreaterThanOrEqual(total(cold()))
  })

  it('a flame without a flue adds its own water to the meal', () => {
    const hob = (fuel: string): number =>
      winter(
        cold(
          use({ cooking: 'daily' }),
          put('fit-hob', 'galley-hob', 2600, 'right-wall', { fuel }),
          assume('airChanges', 0.5),
        ),
      ).wet.windows
    expect(hob('gas')).toBeGreaterThan(hob('induction'))
  })
})

describe('a bed that is shut off', () => {
  const shut = (...more: Command[]): Job =>
    truck(
      person(1750),
      lined,
      use({ coldestC: -10 }),
      put('fit-bed', 'bed-fixed', 0, 'left-wall'),
      put('fit-door', 'partition-door', 2200, 'centreline', { lengthMm: 2600, heightMm: 2600 }, { turn: 90 }),
      putAtHome('fit-heater', 'heater-air', 3400, { fuel: 'diesel', kilowatts: 2 }),
      ...more,
    )
  const bed = (job: Job) => warmthReport(job, variant).bed

  it('is colder than the room, and as warm with an outlet in there', () => {
    expect(bed(shut())).toMatchObject({ behind: 'fit-door', hasOutlet: false })
    expect(bed(shut())!.c).toBeLessThan(14)
    expect(bed(shut())!.c).toBeGreaterThan(-10)
    expect(bed(shut(putAtHome('fit-out', 'warm-outlet', 1500)))).toMatchObject({ hasOutlet: true, c: 14 })
  })

  it('is none where nothing shuts it off, or nothing heats', () => {
    expect(
      bed(truck(person(1750), put('fit-bed', 'bed-fixed', 0), putAtHome('fit-heater', 'heater-air', 3400))),
    ).toBeUndefined()
  })
})
