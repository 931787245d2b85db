import { describe, expect, it } from 'vitest'
import { defaultsOf, kindOf } from '../fittings'
import { apply, newJob, type Job } from '../job'
import type { ModeChange, Move } from '../scene'
import { genericShell } from '../shells'
import { namesOf, sayChange, sayMinutes, sayMove } from './index'

const job: Job = [
  ['fit-table', 'table-drop'],
  ['fit-bed', 'bed-lift'],
  ['fit-stool', 'stool'],
].reduce(
  (before, [id, kind]) =>
    apply(before, {
      type: 'fitting.add',
      variant: 'variant-a',
      id: id!,
      fitting: { kind: kind!, parameters: defaultsOf(kindOf(kind!)), seat: kindOf(kind!).home } as never,
    }).job,
  newJob('job-a', 'Test', genericShell('van-long-high'), {
    people: { 'person-a': { label: 'miller', statureMm: 1700, sleeps: true, travels: true } },
    pets: { 'pet-a': { label: 'hen', lengthMm: 300, heightMm: 350 } },
    nightsOffHookUp: 1,
    notes: '',
    demands: {},
  }),
)
const names = namesOf(job, job.variants['variant-a']!.plan)
const move = (more: Partial<Move>): Move =>
  ({
    id: 'fit-bed',
    what: 'stance',
    from: 'raised',
    to: 'lowered',
    minutes: 0.4,
    hands: 1,
    after: [],
    loose: [],
    ...more,
  }) as Move
const change = (more: Partial<ModeChange>): ModeChange => ({
  from: 'mode-day',
  to: 'mode-night',
  moves: [],
  minutes: 0,
  stuck: [],
  resting: [],
  ...more,
})

describe('minutes', () => {
  it.each([
    [0, '5 s'],
    [0.4, '25 s'],
    [0.9, '55 s'],
    [0.96, '1 min'],
    [2.4, '2 min'],
    [12.5, '13 min'],
    [99.4, '99 min'],
    [100, '1 h 40 min'],
    [460.2, '7 h 40 min'],
    [480, '8 h'],
  ])('%d are said as %s', (minutes, said) => expect(sayMinutes(minutes)).toBe(said))
})

describe('moves', () => {
  it.each([
    ['a stance', move({}), 'The lift bed: raised → lowered, 25 s'],
    [
      'a seat of the cab',
      move({ id: 'cab-passenger', what: 'turn-seat', from: 'forward', to: 'turned round' }),
      'The passenger’s seat: forward → turned round, 25 s',
    ],
    ['one that is carried', move({ id: 'fit-stool', what: 'carry' }), 'The stool: carried to another place, 25 s'],
    ['one that is taken out', move({ id: 'fit-stool', what: 'take-out' }), 'The stool: taken out of the vehicle, 25 s'],
    [
      'one that is brought in',
      move({ id: 'fit-stool', what: 'bring-in' }),
      'The stool: brought into the vehicle, 25 s',
    ],
    [
      'one for two people that waits',
      move({ hands: 2, after: ['fit-table', 'cab-driver'] }),
      'The lift bed: raised → lowered, 25 s, two people, after the drop-leg table and the driver’s seat',
    ],
    [
      'loose parts',
      move({
        loose: [
          { part: 'back cushion', count: 2, used: true },
          { part: 'leg', count: 1, used: false },
        ] as never,
      }),
      'The lift bed: raised → lowered, 25 s; back cushion (2 pieces) brought out; leg put away',
    ],
  ])('of %s', (_what, one, said) => expect(sayMove(one, job, names)).toBe(said))
})

describe('a change', () => {
  it('says that there is nothing to do, or how long it takes and how many it needs', () => {
    expect(sayChange(change({}), job, names).total).toBe('nothing to move')
    expect(sayChange(change({ moves: [move({})], minutes: 0.4 }), job, names).total).toBe('about 25 s, one person')
    expect(sayChange(change({ moves: [move({}), move({ hands: 2 })], minutes: 3 }), job, names).total).toBe(
      'about 3 min, two people for some of it',
    )
  })

  it('says who can stay and who must get up, by name where there is one', () => {
    const { resting } = sayChange(
      change({
        resting: [
          { who: 'person-a', on: 'fit-bed', disturbedBy: [] },
          { who: 'pet-a', on: undefined, disturbedBy: ['fit-table'] },
          { who: undefined, on: 'fit-stool', disturbedBy: ['fit-table', 'fit-bed'] },
        ],
      }),
      job,
      names,
    )
    expect(resting).toEqual([
      'The miller on the lift bed can stay there.',
      'The hen has to get up for the drop-leg table.',
      'Someone on the stool has to get up for the drop-leg table and the lift bed.',
    ])
  })

  it('names what stands in the way of a move that cannot be made', () => {
    expect(
      sayChange(
        change({
          stuck: [
            { id: 'fit-bed', by: ['fit-table'] },
            { id: 'fit-table', by: ['fit-bed', 'fit-stool'] },
          ],
        }),
        job,
        names,
      ).stuck,
    ).toEqual([
      'The lift bed cannot be moved: the drop-leg table is in the way.',
      'The drop-leg table cannot be moved: the lift bed and the stool are in the way.',
    ])
  })
})
