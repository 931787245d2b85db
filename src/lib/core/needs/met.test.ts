import { describe, expect, it } from 'vitest'
import { planInterior, type Command, type Job } from '../job'
import { scenesOf } from '../scene'
import { demandStates, reviewVariant } from '../review'
import { person, put, truck, variant, want } from '../../../../tests/support/plan'

/** What the column says of the demands of a need, and what the review says is missing of it. */
function told(job: Job, need: string): { column: readonly string[]; review: readonly string[] } {
  const plan = job.variants[variant]!
  const review = reviewVariant(job, variant)
  expect(review.failed).toEqual([])
  const findings = review.modes.flatMap((mode) => mode.findings)
  const states = demandStates(job.brief, scenesOf(plan, planInterior(job.shell, plan.plan)), findings)
  return {
    column: states.filter(({ demand }) => demand.need === need).map(({ state, offered }) => `${state} ${offered}`),
    review: findings.flatMap((one) =>
      one.code === 'service-missing' && one.facts.need === need
        ? [`${one.modeId} ${one.measured} of ${one.needed} ${one.unit}`]
        : [],
    ),
  }
}

const works = (id: string, label: string): Command => person(1750, id, { label, work: { hours: 6, screens: 1 } })
const derives: Command = { type: 'brief.derives', derives: true }
const pet = (id: string, lengthMm: number, heightMm: number): Command => ({
  type: 'pet.put',
  id,
  pet: { label: id, lengthMm, heightMm },
})
const cooksDaily: Command = { type: 'brief.use', use: { cooking: 'daily' } }

describe('whether a need is met', () => {
  it('is told of two who work and one desk: one works, one does not', () => {
    const one = truck(derives, works('person-a', 'A'), works('person-b', 'B'), put('fit-d', 'desk', 2500))
    expect(told(one, 'desk')).toEqual({ column: ['met 1', 'there-but 0'], review: ['mode-day 0 of 1 count'] })
    // side by side they want 800 each
    const long = { lengthMm: 1600 }
    const both = truck(
      derives,
      works('person-a', 'A'),
      works('person-b', 'B'),
      put('fit-d', 'desk', 2500, 'left-wall', long),
    )
    expect(told(both, 'desk')).toEqual({ column: ['met 1', 'met 1'], review: [] })
  })

  it('takes a desk of whatever size where nobody said how large, one place of it for each', () => {
    const small = (quantity: number, sizeMm?: number[]) =>
      truck(
        want('desk', { quantity, ...(sizeMm === undefined ? {} : { sizeMm }) }),
        put('fit-d', 'desk', 2500, 'left-wall', { lengthMm: 600, depthMm: 450 }),
      )
    expect(told(small(1), 'desk')).toEqual({ column: ['met 1'], review: [] })
    expect(told(small(2), 'desk')).toEqual({ column: ['short 1'], review: ['mode-day 1 of 2 count'] })
    expect(told(small(1, [1000, 500]), 'desk').column).toEqual(['there-but 0'])
  })

  it('counts a table as a desk where someone sits at it with knees, light and room', () => {
    const lounge = (depthMm: number, ...more: Command[]) =>
      truck(want('desk', { quantity: 1 }), put('fit-l', 'lounge-bed', 1500, 'left-wall', { depthMm }), ...more)
    const lamp = put('fit-i', 'light', 2300, 'left-wall', { place: 'room' })
    // its top is 1030 along and 60 less than its benches deep; the need’s own size is 1000 × 500
    expect(told(lounge(1200, lamp), 'desk')).toEqual({ column: ['met 1'], review: [] })
    // in the dark box truck no one works at it
    expect(told(lounge(1200), 'desk').column).toEqual(['missing 0'])
    // a top of 1030 × 540 is large enough for one, and 1400 of cushion under 720 leaves no knees
    expect(told(lounge(600, lamp), 'desk').column).toEqual(['met 1'])
    const high = truck(
      want('desk', { quantity: 1 }),
      lamp,
      put('fit-l', 'lounge-bed', 1500, 'left-wall', { depthMm: 1200, seatMm: 520 }),
    )
    expect(told(high, 'desk').column).toEqual(['missing 0'])
  })

  it('is told of two dogs and one crate', () => {
    const crate = put('fit-c', 'dog-crate', 1500)
    const dogs = [pet('pet-a', 600, 450), pet('pet-b', 550, 400)]
    expect(told(truck(derives, ...dogs, crate), 'pet-place')).toEqual({
      column: ['met 1', 'there-but 0'],
      review: ['mode-drive 0 of 1 count'],
    })
  })

  it('is told of a dog of 1000 × 620 and a crate of 700 × 450 × 500', () => {
    const small = put('fit-c', 'dog-crate', 1500, 'left-wall', { lengthMm: 700, depthMm: 450, heightMm: 500 })
    expect(told(truck(derives, pet('pet-a', 1000, 620), small), 'pet-place')).toEqual({
      column: ['there-but 0'],
      review: ['mode-drive 0 of 1 count'],
    })
    // 7/6 of its length, three fifths of that, and its height at the shoulder, inside walls of 20 and boards of 9
    const fits = { lengthMm: 1207, depthMm: 740, heightMm: 638 }
    expect(
      told(truck(derives, pet('pet-a', 1000, 620), put('fit-c', 'dog-crate', 1500, 'left-wall', fits)), 'pet-place'),
    ).toEqual({
      column: ['met 1'],
      review: [],
    })
    // a finger’s width less nobody tells from it
    expect(
      told(
        truck(
          derives,
          pet('pet-a', 1000, 620),
          put('fit-c', 'dog-crate', 1500, 'left-wall', { ...fits, heightMm: 628 }),
        ),
        'pet-place',
      ).column,
    ).toEqual(['met 1'])
    const low = { ...fits, heightMm: 627 }
    expect(
      told(truck(derives, pet('pet-a', 1000, 620), put('fit-c', 'dog-crate', 1500, 'left-wall', low)), 'pet-place')
        .column,
    ).toEqual(['there-but 0'])
  })

  it('is told of a boat and no box, and of a box that is too short', () => {
    const boat: Command = {
      type: 'gear.put',
      id: 'gear-a',
      gear: { label: 'boat', sizeMm: [3000, 700, 300], count: 1, place: 'roof', use: 'weekly' },
    }
    expect(told(truck(derives, boat), 'outside-store')).toEqual({
      column: ['missing 0'],
      review: ['mode-drive 0 of 1 count'],
    })
    const box = (lengthMm: number) =>
      truck(
        derives,
        boat,
        put(
          'fit-b',
          'outside-box',
          500,
          'centreline',
          { lengthMm, depthMm: 800, heightMm: 400 },
          { up: { from: 'on-roof', mm: 40 } },
        ),
      )
    expect(told(box(3039), 'outside-store')).toEqual({ column: ['there-but 0'], review: ['mode-drive 0 of 1 count'] })
    expect(told(box(3040), 'outside-store')).toEqual({ column: ['met 1'], review: [] })
  })

  it('is told of a chest too small for two who cook daily', () => {
    const two = [derives, cooksDaily, person(1700), person(1650, 'person-b', { label: 'B' })]
    const chest = put('fit-c', 'cold-chest', 1500, 'left-wall', { lengthMm: 400, depthMm: 320, heightMm: 300 })
    // 400 × 320 × 300 is 38.4 L of carcass, of which its unit and walls leave 30 to 45 %
    const small = told(truck(...two, chest), 'cold-box')
    expect(small.column).toHaveLength(1)
    expect(small.column[0]).toMatch(/^short 1[2-7]$/)
    expect(small.review).toHaveLength(1)
    expect(small.review[0]).toMatch(/^mode-day 1[2-7] of 130 litres$/)
    const upright = put('fit-c', 'cold-box', 1500, 'left-wall', { lengthMm: 560, depthMm: 560, heightMm: 900 })
    expect(told(truck(...two, upright), 'cold-box').review).toEqual([])
  })

  it('takes no microwave for a hob', () => {
    const micro = put('fit-m', 'microwave', 1500)
    expect(told(truck(want('hob'), micro), 'hob')).toEqual({ column: ['missing 0'], review: ['mode-day 0 of 1 count'] })
    expect(told(truck(want('hob'), put('fit-h', 'galley-hob', 1500)), 'hob')).toEqual({ column: ['met 1'], review: [] })
  })

  it('counts the edge of a bed as a seat only where the brief allows it', () => {
    const bed = put('fit-b', 'bed-fixed', 400, 'centreline')
    const edge = (bedEdgeSeats: boolean): Command => ({ type: 'brief.use', use: { bedEdgeSeats } })
    expect(told(truck(want('seat', { quantity: 2 }), bed), 'seat')).toEqual({
      column: ['missing 0'],
      review: ['mode-day 0 of 2 count'],
    })
    expect(told(truck(want('seat', { quantity: 2 }), edge(true), bed), 'seat')).toEqual({
      column: ['met 2'],
      review: [],
    })
  })

  it('is not met by what cannot stand where it is: the column says so, the review at the place', () => {
    // the second toilet stands in the wardrobe
    const inIt = truck(want('toilet'), put('fit-w', 'wardrobe', 1500), put('fit-t', 'toilet-box', 1520))
    expect(told(inIt, 'toilet')).toEqual({ column: ['there-but 0'], review: [] })
    const codes = reviewVariant(inIt, variant).modes.flatMap(({ findings }) => findings.map(({ code }) => code))
    expect(codes).toContain('overlap')
  })

  it('is told alike of beds asked for one by one', () => {
    const sleepers = [
      derives,
      person(1700),
      person(1690, 'person-b', { label: 'B' }),
      person(1680, 'person-c', { label: 'C' }),
    ]
    const job = truck(...sleepers, put('fit-b', 'bed-fixed', 400, 'centreline', { sleepers: 2 }))
    expect(told(job, 'berth').column).toEqual(['met 2', 'met 1', 'missing 0'])
    const few = reviewVariant(job, variant).modes.flatMap(({ findings }) =>
      findings.filter(({ code }) => code === 'berths-few'),
    )
    expect(few.map(({ modeId, rule, measured, needed }) => [modeId, rule, measured, needed])).toEqual([
      ['mode-night', 'berths-enough', 2, 3],
    ])
  })
})
