import { describe, expect, it } from 'vitest'
import { goingBack, type Command, type Fixing, type Job } from './index'
import { reviewVariant } from '../review'
import { namesOf, sayGoingBack } from '../text'
import { ceilingAreaM2, wallAreaM2 } from '../space'
import { interiorOf, NO_LINING } from '../shell'
import { genericShell } from '../shells'
import { put, truck, variant } from '../../../../tests/support/plan'

const planOf = (job: Job) => job.variants[variant]!.plan
const backOf = (job: Job) => goingBack(job.shell, planOf(job))
const fixed = (id: string, how: Fixing['how'], points: number): Command => ({
  type: 'fitting.fixing',
  variant,
  id,
  fixing: { how, points },
})
const change = (value: Extract<Command, { type: 'change.put' }>['change']): Command => ({
  type: 'change.put',
  variant,
  id: 'change-a',
  change: value,
})
const permanence: Command = { type: 'brief.use', use: { permanence: 'no-holes' } }
const codes = (job: Job) =>
  reviewVariant(job, variant).modes.flatMap(({ findings }) =>
    findings.flatMap(({ code, fittings }) =>
      code === 'fixing-drills' || code === 'body-cut' ? [`${code} ${fittings.join()}`] : [],
    ),
  )

describe('going back', () => {
  it('lists what must be undone, what stands on others first, with minutes from its fixings', () => {
    const job = truck(
      put('fit-base', 'galley-doors', 1000),
      put('fit-top', 'microwave', 1000, 'left-wall', {}, { up: { from: 'top-of', fitting: 'fit-base', mm: 0 } }),
      put('fit-box', 'stool', 2500, 'centreline'),
      fixed('fit-base', 'points', 4),
      fixed('fit-top', 'straps', 2),
      fixed('fit-box', 'standing', 0),
    )
    const list = backOf(job).filter(({ what }) => what === 'fitting')
    // carried out a minute each; a point a minute, a strap 0.3
    expect(
      list.map((one) => [one.what === 'fitting' && one.id, Math.round(one.minutes! * 10) / 10, one.forGood]),
    ).toEqual([
      ['fit-top', 1.6, false],
      ['fit-base', 5, false],
      ['fit-box', 1, false],
    ])
  })

  it('counts the holes that screws and inserts leave, and says that they stay', () => {
    const job = truck(put('fit-a', 'galley-doors', 1000), fixed('fit-a', 'inserts', 6))
    const [one] = backOf(job)
    // carried out in a minute; each insert a minute to undo and three to plug
    expect(one).toMatchObject({ what: 'fitting', holes: 6, minutes: 1 + 6 * (1 + 3), forGood: true })
    expect(sayGoingBack(one!, namesOf(job, planOf(job)), 'mm')).toEqual({
      what: 'Galley cupboard',
      how: 'fixed with threaded inserts at 6 points; 6 holes stay, plugged',
    })
  })

  it('says of a cut that it stays, of one that a shop does not undo that it has no minutes, and of what goes back that it does', () => {
    const of = (value: Parameters<typeof change>[0]) =>
      backOf(truck(change(value))).find(({ what }) => what === 'change')!
    expect(of({ kind: 'window', side: 'left', fromMm: 1000, toMm: 1800, sillMm: 900, headMm: 1400 })).toMatchObject({
      minutes: 120,
      forGood: true,
    })
    const roof = of({ kind: 'raised-roof', fromMm: 200, toMm: 3000, widthMm: 1200, riseMm: 300, shape: 'straight' })
    expect([roof.minutes, roof.forGood]).toEqual([undefined, true])
    const bulkhead = of({ kind: 'bulkhead-removed' })
    expect([bulkhead.minutes, bulkhead.forGood]).toEqual([120, false])
  })

  it('takes linings off by their area, and none that is not there; spray foam leaves its mark', () => {
    const lining = (layers?: object): Command =>
      ({
        type: 'lining.set',
        variant,
        lining: { floorMm: 30, wallMm: 40, roofMm: 0, ...(layers === undefined ? {} : { layers }) },
      }) as never
    const plain = backOf(truck(lining())).filter(({ what }) => what === 'lining')
    expect(plain.map((one) => one.what === 'lining' && one.face)).toEqual(['floor', 'wall'])
    const [, wall] = plain
    expect(wall!.minutes).toBeCloseTo(15 * (wall as { m2: number }).m2, 6)
    const foamed = backOf(truck(lining({ wall: [{ material: 'spray-foam', mm: 40 }] })))
    expect(foamed.flatMap((one) => (one.what === 'lining' ? [[one.face, one.forGood]] : []))).toEqual([
      ['floor', false],
      ['wall', true],
    ])
  })

  it('measures walls and ceiling: of a box truck its sides by their height, by hand', () => {
    const shell = genericShell('truck-box')
    const bare = interiorOf(shell, NO_LINING)
    const section = shell.stations[0]!.left
    const high = Math.max(...section.map(([, z]) => z))
    const long = bare.xSpan.max - bare.xSpan.min
    // upright sides and a roof that all but lies level: together no less than the box round them
    expect(wallAreaM2(bare)).toBeGreaterThan((2 * long * high * 0.9) / 1e6)
    expect(wallAreaM2(bare)).toBeLessThan((2 * long * (high + 60)) / 1e6)
    expect(ceilingAreaM2(bare)).toBeGreaterThan((long * 2 * Math.max(...section.map(([y]) => y)) * 0.9) / 1e6)
  })

  it('holds “not one hole drilled” against a plan that stays as against one that moves on', () => {
    const job = truck(permanence, put('fit-a', 'galley-doors', 1000), put('fit-b', 'stool', 2500, 'centreline'))
    expect(codes(job)).toEqual([])
    const screwed = truck(permanence, put('fit-a', 'galley-doors', 1000), fixed('fit-a', 'screws', 4))
    expect(codes(screwed)).toEqual(['fixing-drills fit-a'])
    const window = change({ kind: 'window', side: 'left', fromMm: 1000, toMm: 1800, sillMm: 900, headMm: 1400 })
    expect(codes(truck(permanence, window))).toEqual(['body-cut '])
    expect(codes(truck(window, put('fit-a', 'galley-doors', 1000), fixed('fit-a', 'screws', 4)))).toEqual([])
    // one that moves on must say how everything is held
    expect(
      codes(truck({ type: 'plan.transferable', variant, transferable: true }, put('fit-a', 'galley-doors', 1000))),
    ).toEqual(['fixing-drills fit-a'])
  })
})
