import { describe, expect, it } from 'vitest'
import { prismBounds } from '../geometry'
import {
  DUE_BEFORE,
  FOUND_KINDS,
  foundAs,
  foundPrism,
  foundSchema,
  mirroredFound,
  newFound,
  stepStates,
  sumOf,
  WORK_STEPS,
  type FoundList,
} from './index'

const states = (list: FoundList) => Object.fromEntries(stepStates(list).map(({ step, waitsFor }) => [step, waitsFor]))

describe('what was found on a vehicle as bought', () => {
  it('bars the step that waits for it and every later one, until it is put right', () => {
    const list: FoundList = {
      'found-sill': { ...newFound('rust'), minutes: 360, costMinor: 4000 },
      'found-floor': { ...newFound('floor'), minutes: 240 },
      'found-heater': newFound('stays'),
    }
    expect(states(list)).toEqual({
      strip: [],
      mend: [],
      cut: ['found-sill'],
      wire: ['found-sill'],
      line: ['found-sill', 'found-floor'],
      furnish: ['found-sill', 'found-floor'],
      drive: ['found-sill', 'found-floor'],
    })
    expect(states({ ...list, 'found-sill': { ...list['found-sill']!, done: true } })).toMatchObject({
      cut: [],
      wire: [],
      line: ['found-floor'],
    })
    expect(sumOf(Object.values(list))).toEqual({
      count: 3,
      costMinor: 4000,
      minutes: 600,
      withoutCost: 2,
      withoutMinutes: 1,
    })
  })

  it('has every step open where nothing was found', () => {
    expect(stepStates({}).map(({ step, isOpen }) => [step, isOpen])).toEqual(WORK_STEPS.map((step) => [step, true]))
  })

  it('puts metal and water before what hides them, and a bad floor before it is covered (common practice, no source)', () => {
    const at = (step: (typeof WORK_STEPS)[number]) => WORK_STEPS.indexOf(step)
    for (const kind of ['rust', 'hole', 'leak', 'damp', 'seal', 'floor', 'wiring'] as const)
      expect(at(DUE_BEFORE[kind]!)).toBeLessThanOrEqual(at('line'))
    expect(at(DUE_BEFORE['comes-out']!)).toBeLessThan(at('cut'))
  })

  it('follows the kind to its usual step, and keeps one that was set by hand', () => {
    expect(foundAs(newFound('rust'), 'floor').before).toBe('line')
    expect(foundAs({ ...newFound('rust'), before: 'drive' }, 'floor').before).toBe('drive')
  })

  it('has its room round its place, is mirrored with the vehicle, and has none without a place', () => {
    const found = {
      ...newFound('leak'),
      at: [900, 700, 1500] as [number, number, number],
      sizeMm: [200, 20, 100] as [number, number, number],
    }
    expect(prismBounds(foundPrism(found)!)).toEqual({
      x: { min: 800, max: 1000 },
      y: { min: 690, max: 710 },
      z: { min: 1450, max: 1550 },
    })
    expect(mirroredFound(found).at).toEqual([900, -700, 1500])
    expect(mirroredFound(mirroredFound(found))).toEqual(found)
    expect(foundPrism(newFound('leak'))).toBeUndefined()
    expect(mirroredFound(newFound('leak'))).toEqual(newFound('leak'))
  })

  it.each([
    ['a kind that there is none of', { kind: 'ghost' }],
    ['a cost that is no whole number of cents', { costMinor: 12.5 }],
    ['hours below nothing', { minutes: -1 }],
    ['a place beyond any vehicle', { at: [99_999, 0, 0] }],
    ['no size', { sizeMm: [0, 300, 300] }],
    ['a photo that is named otherwise', { photos: ['../../etc/passwd'] }],
    ['nine photos', { photos: Array.from({ length: 9 }, () => '0'.repeat(32)) }],
    ['a step that there is none of', { before: 'paint' }],
    ['a name too long', { label: 'x'.repeat(81) }],
  ])('refuses %s', (_what, wrong) => {
    expect(foundSchema.safeParse({ ...newFound('rust'), ...wrong }).success).toBe(false)
  })

  it.each(FOUND_KINDS)('begins %s with what is usual', (kind) => {
    expect(foundSchema.parse(newFound(kind))).toEqual(newFound(kind))
  })
})
