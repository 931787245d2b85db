import { describe, expect, it } from 'vitest'
import {
  apply,
  CommandError,
  commandSchema,
  told,
  toldSchema,
  type Command,
  type CommandRefusal,
  type Job,
} from '../job'
import { randomCommand } from '../../../../tests/support/random-commands'
import { randomFrom, randomPlan } from '../../../../tests/support/random-plans'
import { sayRefusal, sayTold } from './index'

const SEEDS = [11, 12, 13]
const COMMANDS = 150

/** Words for a person: something, and nothing that a program would say. */
const READS = /^[^{}<>]*[a-z][^{}<>]*$/i
const MACHINE = /undefined|null|NaN|\[object|[a-z]+\.[a-z]+$/

interface Given {
  readonly named: string
  readonly command: Command
  readonly job: Job
  readonly refusal: CommandRefusal | undefined
}

/** Random commands of every kind, each on the job that the ones before left. */
function given(seed: number): readonly Given[] {
  const random = randomFrom(seed)
  const all: Given[] = []
  let { job } = randomPlan(seed)
  for (let number = 0; number < COMMANDS; number += 1) {
    const command = randomCommand(job, random)
    if (!commandSchema.safeParse(command).success) continue
    const before = job
    let refusal: CommandRefusal | undefined
    try {
      job = apply(job, command).job
    } catch (cause) {
      if (!(cause instanceof CommandError)) throw cause
      refusal = cause.refusal
    }
    all.push({ named: `seed ${seed}, command ${number} ${command.type}`, command, job: before, refusal })
  }
  return all
}
const GIVEN = SEEDS.flatMap(given)

describe('the history', () => {
  it('keeps of every command a code and names that read back as they were, and says them in words', () => {
    for (const { named, command, job } of GIVEN) {
      const entry = told(command, job)
      expect(toldSchema.parse(JSON.parse(JSON.stringify(entry))), named).toEqual(entry)
      expect(sayTold(entry), named).toMatch(READS)
      expect(sayTold(entry), named).not.toMatch(MACHINE)
    }
    expect(new Set(GIVEN.map(({ command }) => command.type)).size).toBeGreaterThan(40)
  })

  it.each([
    [{ code: 'fitting.seat', kind: 'galley', name: 'Kitchen' }, 'Moved “Kitchen”'],
    [{ code: 'fitting.seat', kind: 'galley' }, 'Moved the galley'],
    [
      { code: 'fitting.parameters', kind: 'galley', shifts: [{ what: 'lengthMm', from: 1200, to: 1320 }] },
      'Changed the galley: length 1\u202f200 → 1\u202f320',
    ],
    [
      {
        code: 'fitting.seat',
        kind: 'galley',
        variant: 'B',
        shifts: [
          { what: 'rear', from: 1640, to: 1760 },
          { what: 'right-wall', to: 0 },
          { what: 'turn', from: 0, to: 90 },
        ],
      },
      'Moved the galley: 1\u202f640 → 1\u202f760 from the rear sill, 0 from the right wall, 0° → 90° in variant “B”',
    ],
    [{ code: 'undo', of: { code: 'fitting.seat', kind: 'galley' } }, 'Undid: Moved the galley'],
    [{ code: 'redo', of: 'Words of an earlier day' }, 'Redid: Words of an earlier day'],
    [
      { code: 'batch', to: 'move', parts: [{ code: 'fitting.seat', kind: 'galley' }], more: 3 },
      'Moved: Moved the galley; 3 more',
    ],
    [{ code: 'job.restore', to: 7 }, 'Went back to version 7'],
    // what a newer program kept, or a kind that is gone, is still readable
    [{ code: 'fitting.levitate', name: 'Kitchen' }, 'fitting.levitate'],
    [{ code: 'fitting.remove', kind: 'no-such-kind' }, 'Removed a fitting'],
  ])('%j', (entry, words) => expect(sayTold(toldSchema.parse(entry))).toBe(words))
})

describe('what a command changed', () => {
  const first = Object.values(GIVEN[0]!.job.variants)[0]!
  const variant = Object.keys(GIVEN[0]!.job.variants)[0]!
  const [id, fitting] = Object.entries(first.plan.fittings)[0]!

  it('is kept with what it was and is: what stays is not told', () => {
    const [key, was] = Object.entries(fitting.parameters).find(([, value]) => typeof value === 'number')!
    const entry = told(
      { type: 'fitting.parameters', variant, id, parameters: { ...fitting.parameters, [key]: (was as number) + 10 } },
      GIVEN[0]!.job,
    )
    expect(entry).toMatchObject({ shifts: [{ what: key, from: was, to: (was as number) + 10 }] })
    const stays = told({ type: 'fitting.seat', variant, id, seat: fitting.seat }, GIVEN[0]!.job)
    expect(stays).not.toHaveProperty('shifts')
  })

  it('says lengths in the unit asked for', () => {
    const entry = { code: 'fitting.seat', kind: 'galley', shifts: [{ what: 'floor', from: 0, to: 254 }] }
    expect(sayTold(toldSchema.parse(entry), 'in')).toBe('Moved the galley: 0″ → 10″ above the floor')
  })
})

describe('a refusal', () => {
  it('is a code with data, and a clause in words', () => {
    const refused = GIVEN.filter(({ refusal }) => refusal !== undefined)
    for (const { named, refusal } of refused) {
      expect(sayRefusal(refusal!), named).toMatch(READS)
      expect(sayRefusal(refusal!), named).not.toMatch(/undefined|\[object|\.$/)
    }
    expect(new Set(refused.map(({ refusal }) => refusal!.code)).size).toBeGreaterThan(6)
  })

  it.each<[CommandRefusal, string]>([
    [{ code: 'gone', thing: 'fitting', id: 'fit-a' }, 'that fitting (“fit-a”) is no longer there'],
    [{ code: 'gone', thing: 'survey' }, 'the survey is no longer there'],
    [
      { code: 'too-many', thing: 'gear', most: 40 },
      'count alike ones together: a brief holds at most 40 pieces of gear',
    ],
    [{ code: 'unreadable', path: 'lengthMm', message: 'at most 5' }, 'lengthMm: at most 5'],
    [{ code: 'unreadable', path: '', message: 'at most 5' }, 'at most 5'],
    [{ code: 'locked' }, 'it is locked: unlock it first'],
  ])('%j', (refusal, words) => expect(sayRefusal(refusal)).toBe(words))
})
