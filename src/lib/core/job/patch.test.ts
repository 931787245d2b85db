import fc from 'fast-check'
import { apply as byLibrary } from 'mutative'
import { describe, expect, it } from 'vitest'
import { DEMO_JOBS } from '$lib/demo'
import { kindOf } from '../fittings'
import { CommandError } from './command-error'
import { apply, replay, wholeParts, type Command, type Job, type Patch } from './index'
import { MAX_LIST, patched, replayed } from './patch'

const job = DEMO_JOBS[0]!
const plan = ['variants', 'variant-a', 'plan'] as const
const patch = (op: Patch['op'], path: readonly (string | number)[], value?: unknown): Patch => ({
  op,
  path: [...path],
  ...(value === undefined ? {} : { value }),
})
const diff = (...patches: Patch[]): Command => ({ type: 'diff', direction: 'undo', what: 'x', patches })

describe('patched', () => {
  it('does what a well-known library does, on trees and lists drawn at random', () => {
    const leaf = fc.oneof(fc.integer(), fc.string({ maxLength: 4 }), fc.boolean())
    const key = fc.constantFrom('a', 'b', 'c')
    const tree = fc.letrec((tie) => ({
      node: fc.oneof(
        { depthSize: 'small' },
        leaf,
        fc.dictionary(key, tie('node'), { maxKeys: 3, noNullPrototype: true }),
        fc.array(tie('node'), { maxLength: 3 }),
      ),
    })).node
    const step = fc.oneof(key, fc.integer({ min: 0, max: 3 }))
    let [same, refused] = [0, 0]
    fc.assert(
      fc.property(
        fc.dictionary(key, tree, { minKeys: 1, maxKeys: 3, noNullPrototype: true }),
        fc.constantFrom('add' as const, 'replace' as const, 'remove' as const),
        fc.array(step, { minLength: 1, maxLength: 3 }),
        leaf,
        (document, op, path, value) => {
          let ours: unknown
          try {
            ours = replayed(document, [patch(op, path, op === 'remove' ? undefined : value)])
          } catch (cause) {
            expect(cause).toBeInstanceOf(CommandError)
            refused += 1
            return
          }
          same += 1
          expect(ours).toEqual(byLibrary(document as object, [patch(op, path, value)] as never))
        },
      ),
      { seed: 4, numRuns: 2000 },
    )
    expect(same).toBeGreaterThan(300)
    expect(refused).toBeGreaterThan(300)
  })

  it('shares with the document all that it does not touch', () => {
    const next = patched(job, [patch('replace', [...plan, 'lining', 'wallMm'], 44)])
    expect(next.variants['variant-a']!.plan.lining.wallMm).toBe(44)
    expect(next.brief).toBe(job.brief)
    expect(next.variants['variant-b']).toBe(job.variants['variant-b'])
    expect(next.variants['variant-a']!.plan.fittings).toBe(job.variants['variant-a']!.plan.fittings)
    expect(job.variants['variant-a']!.plan.lining.wallMm).not.toBe(44)
  })

  it.each([
    ['the id', patch('replace', ['id'], 'job-x')],
    ['the format', patch('replace', ['format'], 'x')],
    ['the version', patch('replace', ['version'], 2)],
    ['a field of its own', patch('add', ['secret'], 1)],
    ['all variants at once', patch('replace', ['variants'], {})],
    ['a field beside a plan', patch('add', ['variants', 'variant-a', 'secret'], 1)],
    ['a field of a plan that is none', patch('add', [...plan, 'secret'], 1)],
    ['the length of a list', patch('replace', ['shell', 'openings', 'length'], 1)],
    ['a prototype', patch('add', ['brief', '__proto__', 'x'], 1)],
    ['a constructor', patch('add', ['brief', 'constructor'], 1)],
  ])('reaches not for %s', (_what, one) => {
    expect(() => patched(job, [one])).toThrow(/"out-of-reach"/)
    expect(() => apply(job, diff(one))).toThrow(CommandError)
  })

  it.each([
    ['what is not there', patch('replace', [...plan, 'fittings', 'fit-none', 'label'], 'x')],
    ['beyond a list', patch('replace', ['shell', 'openings', 4000], {})],
    ['the place after a list’s end, but one', patch('add', ['shell', 'openings', 999], {})],
    ['a list by a word', patch('add', ['shell', 'openings', 'first'], {})],
    ['into a word', patch('add', ['name', 'x'], 1)],
    ['the removal of what is gone', patch('remove', [...plan, 'fittings', 'fit-none'])],
  ])('touches not %s', (_what, one) => expect(() => patched(job, [one])).toThrow(/"gone","thing":"patched"/))

  it('holds lists to their most', () => {
    const full = { shell: { openings: Array.from({ length: MAX_LIST }, () => 1) } }
    expect(() => replayed(full, [patch('add', ['shell', 'openings', 0], 1)])).toThrow(/"list-entry","most":5000/)
    const shorter = replayed(full, [patch('remove', ['shell', 'openings', 0])])
    expect(shorter.shell.openings).toHaveLength(MAX_LIST - 1)
  })

  it('a journal of earlier days may shorten a list by its length, and never lengthen it', () => {
    const [first] = job.shell.openings
    const short = (length: unknown) =>
      replay(job, diff(patch('replace', ['shell', 'openings', 'length'], length))).job.shell.openings
    expect(short(1)).toEqual([first])
    for (const length of [-1, 1.5, 99, 2 ** 31, 'x', null]) expect(() => short(length)).toThrow(CommandError)
  })
})

describe('a command', () => {
  const on = (fitting: string): Command => ({
    type: 'mode.seat',
    variant: 'variant-a',
    mode: 'mode-night',
    fitting: 'fit-water',
    seat: { ...job.variants['variant-a']!.plan.fittings['fit-water']!.seat, up: { from: 'top-of', fitting, mm: 30 } },
  })
  const remove: Command = { type: 'fitting.remove', variant: 'variant-a', id: 'fit-galley' }
  const nightSeat = (of: Job) => of.variants['variant-a']!.plan.modes['mode-night']!.seats!['fit-water']!

  it('that takes out a host brings down what a mode seats on it, by the height of the host', () => {
    const stacked = apply(job, on('fit-galley')).job
    const { job: after, diff: both } = apply(stacked, remove)
    const galley = job.variants['variant-a']!.plan.fittings['fit-galley']!
    const { heightMm } = kindOf(galley.kind).footprint(galley.parameters)
    expect(nightSeat(after).up).toEqual({ from: 'floor', mm: galley.seat.up.mm + heightMm + 30 })
    expect(apply(after, diff(...both.undo)).job).toEqual(stacked)
  })

  it('that would leave something on what is not there is refused, whatever it is', () => {
    const stacked = apply(job, on('fit-galley')).job
    const gone = patch('remove', [...plan, 'fittings', 'fit-galley'])
    expect(() => apply(stacked, diff(gone))).toThrow(/fit-galley/)
    const { fittings } = job.variants['variant-a']!.plan
    const circle = { ...fittings['fit-galley']!.seat, up: { from: 'top-of' as const, fitting: 'fit-water', mm: 0 } }
    const seat: Command = { type: 'fitting.seat', variant: 'variant-a', id: 'fit-galley', seat: circle }
    // by night the one stands on the other, so that the other cannot stand on it
    expect(() => apply(stacked, seat)).toThrow(/stands on itself/)
    expect(apply(job, seat).job.variants['variant-a']!.plan.fittings['fit-galley']!.seat.up).toEqual(circle.up)
  })

  it('that is undone as a whole says no more than what changed, each variant by itself', () => {
    const after = apply(job, remove).job
    const { redo, undo } = wholeParts(job, after)
    expect(redo.map(({ path }) => path.join('.'))).toEqual(['variants.variant-a'])
    expect(apply(job, diff(...redo)).job).toEqual(after)
    expect(apply(after, diff(...undo)).job).toEqual(job)
  })
})
