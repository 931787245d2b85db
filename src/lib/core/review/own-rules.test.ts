import { describe, expect, it } from 'vitest'
import { person, put, truck, variant, want } from '../../../../tests/support/plan'
import { apply, parseJob, REGISTRATION_QUESTIONS, type Command, type HouseMeasure, type Job } from '../job'
import { namesOf, sayFinding } from '../text'
import { reviewVariant, tally, type Finding } from './index'

const findings = (job: Job): readonly Finding[] => reviewVariant(job, variant).modes.flatMap((mode) => mode.findings)
const of = (job: Job, rule: string) => findings(job).filter((finding) => finding.rule === rule)
const set = (job: Job, id: string, setting?: object): Job =>
  apply(job, { type: 'rule.set', id, setting } as Command).job

/** To so much a way is measured off its grid. */
const WAY_READ_TO_MM = 1.5

describe('a rule set for a job', () => {
  const short = truck(person(1840), put('fit-a', 'bed-fixed', 400, 'centreline', { lyingMm: 1880 }))

  it('compares with the job’s own figure', () => {
    expect(of(short, 'berth-length')).toMatchObject([{ measured: 1880, needed: 1890 }])
    expect(of(set(short, 'berth-length', { parameters: { spareMm: 100 } }), 'berth-length')).toMatchObject([
      { measured: 1880, needed: 1940, facts: { spareMm: 100 } },
    ])
    expect(of(set(short, 'berth-length', { parameters: { spareMm: 40 } }), 'berth-length')).toEqual([])
  })

  it('is as grave as the job says, or not asked at all, and is as the book says again', () => {
    const note = set(short, 'berth-length', { gravity: 'note' })
    expect(of(note, 'berth-length')).toMatchObject([{ gravity: 'note' }])
    expect(tally(reviewVariant(note, variant)).stop).toBe(tally(reviewVariant(short, variant)).stop - 1)
    const off = set(note, 'berth-length', { off: true })
    expect(of(off, 'berth-length')).toEqual([])
    expect(of(set(off, 'berth-length'), 'berth-length')).toMatchObject([{ gravity: 'stop' }])
  })

  it('fails by name where its figure makes no sense, and is no clean pass', () => {
    const review = reviewVariant(set(short, 'berth-length', { parameters: { spareMm: 9000 } }), variant)
    expect(review.failed).toEqual([
      { rule: 'berth-length', modeId: 'mode-night', message: 'spareMm is set to 9000 in this job; it may be 0 to 200' },
    ])
  })
})

describe('a rule of the house', () => {
  const house = (measure: HouseMeasure, bound: 'least' | 'most', value: number, modes: string[], ...more: Command[]) =>
    truck(
      {
        type: 'house.put',
        id: 'own-rule',
        rule: { title: 'Ours', reason: 'we say so', gravity: 'caution', modes, measure, bound, value },
      } as Command,
      ...more,
    )
  const galley = put('fit-g', 'galley', 1000, 'left-wall', { lengthMm: 1200, depthMm: 550, heightMm: 900 })
  const cold = (x: number) => put('fit-c', 'cold-box', x, 'left-wall', { lengthMm: 500 })
  const tank = put('fit-w', 'water-tank', 3300, 'left-wall')

  it.each<[string, HouseMeasure, 'least' | 'most', Command[], number, string]>([
    ['litres', { what: 'quantity', service: 'tank' }, 'least', [tank], 103, 'litres'],
    ['pieces', { what: 'quantity', service: 'berth' }, 'least', [], 0, 'count'],
    // from 2200, where the galley ends, to 2600
    ['distance', { what: 'distance', service: 'cold-box', to: 'hob' }, 'most', [galley, cold(2600)], 400, 'mm'],
    ['height', { what: 'height', service: 'worktop' }, 'most', [galley], 900, 'mm'],
  ])('takes %s at its bound', (_name, measure, bound, commands, measured, unit) => {
    const at = (value: number) => of(house(measure, bound, value, ['living'], ...commands), 'house-own-rule')
    expect(at(measured)).toEqual([])
    const over = bound === 'least' ? measured + 1 : measured - 1
    expect(at(over)).toMatchObject([{ code: 'house', measured, needed: over, unit, gravity: 'caution' }])
  })

  it('takes ways and minutes', () => {
    const corridor = [1, -1].map((side) =>
      put(`fit-${side}`, 'water-tank', 1200, side === 1 ? 'left-wall' : 'right-wall', {
        lengthMm: 600,
        depthMm: 700,
        heightMm: 900,
      }),
    )
    const toilet = put('fit-t', 'toilet-box', 100, 'left-wall')
    const way = of(
      house({ what: 'way', service: 'toilet' }, 'least', 800, ['living'], toilet, ...corridor),
      'house-own-rule',
    )
    // 2100 − 700 − 700
    expect(way.map(({ needed }) => needed)).toEqual([800])
    // ways are measured off the grid to about a millimetre
    expect(Math.abs(way[0]!.measured - 700)).toBeLessThanOrEqual(WAY_READ_TO_MM)
    // three cloths of two minutes each
    const cloths = [0, 1, 2].map((index) => put(`fit-${index}`, 'bunk-hammock', index * 100, 'left-wall'))
    const minutes = of(house({ what: 'minutes' }, 'most', 5, ['sleeping'], ...cloths), 'house-own-rule')
    expect(minutes).toMatchObject([{ measured: 6, needed: 5, unit: 'min' }])
  })

  it('counts belted seats with those of the cab, the longest bed, and what the papers let the vehicle weigh', () => {
    const at = (measure: HouseMeasure, bound: 'least' | 'most', value: number, mode: string, ...commands: Command[]) =>
      of(house(measure, bound, value, [mode], ...commands), 'house-own-rule').map(({ measured, unit }) => [
        measured,
        unit,
      ])
    const bench = put('fit-s', 'bench-belted', 2000, 'left-wall', { places: 2 })
    // two in the cab of the truck, two on the bench
    expect(at({ what: 'belted-seats' }, 'most', 1, 'driving')).toEqual([[2, 'count']])
    expect(at({ what: 'belted-seats' }, 'most', 3, 'driving', bench)).toEqual([[4, 'count']])
    expect(at({ what: 'belted-seats' }, 'most', 4, 'driving', bench)).toEqual([])
    const bed = (id: string, x: number, lyingMm: number) =>
      put(id, 'bed-fixed', x, 'centreline', { lyingMm, widthMm: 700 })
    expect(at({ what: 'bed-length' }, 'least', 1800, 'sleeping')).toEqual([[0, 'mm']])
    expect(
      at({ what: 'bed-length' }, 'least', 1800, 'sleeping', bed('fit-a', 100, 1600), bed('fit-b', 1200, 1790)),
    ).toEqual([[1790, 'mm']])
    expect(at({ what: 'gross-mass' }, 'most', 3000, 'driving')).toEqual([[truck().shell.masses.grossKg, 'kg']])
  })

  it('asks the questions of registration as questions, with the shop’s own figures', () => {
    const asked = (rules: object, ...commands: Command[]) => {
      const job = truck({ type: 'rules.put', rules: { settings: {}, house: rules } } as never, ...commands)
      const names = namesOf(job, job.variants[variant]!.plan)
      return reviewVariant(job, variant).modes.flatMap(({ findings }) =>
        findings.flatMap((finding) => (finding.code === 'house' ? [sayFinding(finding, names, 'mm')] : [])),
      )
    }
    const bare = asked(REGISTRATION_QUESTIONS)
    expect(bare.map(({ title }) => title).sort()).toEqual([
      'To ask: A bed that counts as one',
      'To ask: A table with seats at it',
      'To ask: Somewhere to cook',
    ])
    for (const { why, designer } of bare) {
      expect(why.join(' ')).toContain('not a law')
      expect(designer).toMatch(/the list of questions says .* at least/)
    }
    const bed = put('fit-a', 'bed-fixed', 100, 'centreline', { lyingMm: 1790 })
    const title = (lengthMm: number) =>
      asked(
        { ...REGISTRATION_QUESTIONS, 'ask-bed': { ...REGISTRATION_QUESTIONS['ask-bed'], value: lengthMm } },
        bed,
        galley,
      ).map((one) => one.title)
    expect(title(1790)).toEqual(['To ask: A table with seats at it'])
    expect(title(1791)).toContain('To ask: A bed that counts as one')
    // a light truck by its papers asks nothing of its class; one over the bound does
    const heavy = { ...REGISTRATION_QUESTIONS['ask-mass']!, value: truck().shell.masses.grossKg - 1 }
    expect(asked({ 'ask-mass': heavy }).map((one) => one.title)).toEqual(['To ask: Weight class and licence'])
  })

  it('speaks only in its modes, and in every one where none is named', () => {
    const measure = { what: 'quantity', service: 'tank' } as const
    const modes = (named: string[]) =>
      of(house(measure, 'least', 1, named), 'house-own-rule').map(({ modeId }) => modeId)
    expect(modes(['driving'])).toEqual(['mode-drive'])
    expect(modes([])).toEqual(['mode-drive', 'mode-day', 'mode-night'])
  })

  it('cannot tell before both ends of a distance are there', () => {
    const untold = (...commands: Command[]) =>
      reviewVariant(
        house({ what: 'distance', service: 'cold-box', to: 'hob' }, 'most', 500, ['living'], ...commands),
        variant,
      ).untold.filter(({ rule }) => rule === 'house-own-rule')
    expect(untold(cold(2600))).toEqual([{ rule: 'house-own-rule', needs: [{ what: 'service', service: 'hob' }] }])
    expect(untold(galley, cold(2600))).toEqual([])
  })

  it('is refused with the place of its fault, and comes back whole from a document', () => {
    expect(() => house({ what: 'height', service: 'worktop' }, 'most', -1, [])).toThrow(/value/)
    const job = house({ what: 'height', service: 'worktop' }, 'most', 900, [])
    const parsed = parseJob(JSON.parse(JSON.stringify(job)))

    expect(parsed).toMatchObject({ ok: true, job: { rules: job.rules } })
  })
})

describe('what cannot be told yet', () => {
  const untold = (job: Job) => reviewVariant(job, variant).untold.map(({ rule }) => rule)

  it('is what a brief without people does not say, and no clean pass', () => {
    const bed = put('fit-a', 'bed-fixed', 400, 'centreline')
    expect(untold(truck(bed))).toEqual(expect.arrayContaining(['berth-length', 'berth-width', 'standing-height']))
    expect(untold(truck(bed, person(1700)))).not.toContain('berth-length')
    // a typed demand says how many without saying who
    expect(untold(truck(bed))).toContain('berths-enough')
    expect(untold(truck(bed, want('berth')))).not.toContain('berths-enough')
  })

  it('is what a plan has half of: a battery without its fuses, a burner without its bottle', () => {
    const needs = (job: Job, rule: string) => reviewVariant(job, variant).untold.find((one) => one.rule === rule)?.needs
    const battery = put('fit-b', 'battery', 400, 'left-wall')
    expect(needs(truck(battery), 'fuse-near')).toEqual([{ what: 'thing', thing: 'fuses' }])
    expect(needs(truck(battery, put('fit-f', 'fuse-board', 1000, 'left-wall')), 'fuse-near')).toBeUndefined()
    const hob = put('fit-h', 'galley-hob', 1000, 'left-wall')
    expect(needs(truck(hob), 'gas-zone')).toEqual([{ what: 'thing', thing: 'gas-store' }])
    expect(needs(truck(hob, put('fit-l', 'gas-locker', 2000, 'left-wall')), 'gas-zone')).toBeUndefined()
  })
})
