import { readdirSync } from 'node:fs'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { PURPOSES } from '../brief'
import { prismBounds, unionOf } from '../geometry'
import { defineKind } from './contract'
import {
  anyOf,
  envelopeOf,
  extreme,
  holdsToContract,
  pointsOf,
  propertiesOf,
} from '../../../../tests/support/contract-check'
import { defaultsOf, kindOf, KINDS } from './index'

describe('registry', () => {
  it('is equal to the folder, sorted', () => {
    const files = readdirSync(new URL('./kinds', import.meta.url))
      .filter((file) => !file.endsWith('.test.ts'))
      .map((file) => file.replace(/\.ts$/, ''))
    expect(KINDS.map((kind) => kind.id)).toEqual(files.sort())
  })

  it('throws for a kind that is none', () => {
    expect(() => kindOf('constructor')).toThrow(/no fitting kind “constructor”/)
    const { id: _, ...rest } = kindOf('desk')
    expect(() => defineKind({ ...rest, id: 'x', stanceFor: { ...rest.stanceFor, living: 'sideways' } })).toThrow(
      /no stance “sideways”/,
    )
  })

  it('are as long as their length says, those that have one', () => {
    const long = KINDS.flatMap((kind) => {
      const { minimum, maximum } = propertiesOf(kind)['lengthMm'] ?? {}
      return minimum === undefined || maximum === undefined ? [] : [{ kind, lengths: [minimum, maximum] }]
    })
    expect(long.length).toBeGreaterThan(90)
    for (const { kind, lengths } of long)
      for (const lengthMm of lengths)
        expect([kind.id, kind.footprint({ ...defaultsOf(kind), lengthMm }).lengthMm]).toEqual([kind.id, lengthMm])
  })

  it('draws no two kinds alike', () => {
    const signatures = KINDS.map((kind) => JSON.stringify(kind.features(defaultsOf(kind), kind.stances[0])))
    expect(new Set(signatures).size).toBe(KINDS.length)
  })
})

describe.each(KINDS.map((kind) => [kind.id, kind] as const))('the contract of %s', (_id, kind) => {
  it('refuses parameters out of their limits and of the wrong type', () => {
    const numbers = Object.entries(propertiesOf(kind)).filter(([, { maximum }]) => maximum !== undefined)
    expect(numbers.length).toBeGreaterThan(0)
    for (const [key, { minimum, maximum }] of numbers) {
      expect(kind.parameters.safeParse({ [key]: minimum! - 1 }).success, key).toBe(false)
      expect(kind.parameters.safeParse({ [key]: maximum! + 1 }).success, key).toBe(false)
      expect(kind.parameters.safeParse({ [key]: 'wide' }).success).toBe(false)
      expect(kind.parameters.safeParse({ [key]: Number.NaN }).success).toBe(false)
    }
  })

  it('holds at its defaults and at both ends of its limits', () => {
    for (const parameters of [defaultsOf(kind), extreme(kind, 'minimum'), extreme(kind, 'maximum')])
      holdsToContract(kind, parameters)
  })

  it('holds for whatever its schema lets through', () => {
    fc.assert(
      fc.property(anyOf(kind), (parameters) => holdsToContract(kind, parameters)),
      { seed: 5, numRuns: 25 },
    )
  })

  it('has a stance for every purpose, and one in which it is drawn from above, its front and its end', () => {
    expect(PURPOSES.every((purpose) => kind.stances.includes(kind.stanceFor[purpose]))).toBe(true)
    const parameters = defaultsOf(kind)
    const envelope = envelopeOf(kind, parameters)
    const views = new Set<string>()
    for (const stance of kind.stances) {
      for (const feature of kind.features(parameters, stance)) {
        views.add(feature.view)
        const [u, v] =
          feature.view === 'top'
            ? [envelope.x, envelope.y]
            : feature.view === 'front'
              ? [envelope.x, envelope.z]
              : [envelope.y, envelope.z]
        for (const [a, b] of pointsOf(feature)) {
          const said = `${kind.id} ${stance} ${JSON.stringify(feature)}`
          expect(a, said).toBeGreaterThanOrEqual(u.min - 1)
          expect(a, said).toBeLessThanOrEqual(u.max + 1)
          // a tap stands over its worktop
          expect(b, said).toBeGreaterThanOrEqual(v.min - 1)
          expect(b, said).toBeLessThanOrEqual(v.max + (feature.view === 'front' ? 150 : 1))
        }
      }
    }
    expect([...views].sort()).toEqual(['front', 'side', 'top'])
  })

  it('weighs what a person could believe, and its boards fit into what it takes up', () => {
    const parameters = defaultsOf(kind)
    expect(kind.massKg(parameters)).toBeLessThan(150)
    const boards = kind
      .parts(parameters)
      .reduce(
        (sum, part) => sum + ('kg' in part ? 0 : part.count * part.sizeMm[0] * part.sizeMm[1] * part.sizeMm[2]),
        0,
      )
    const taken = unionOf(
      kind.stances.flatMap((stance) => kind.solids(parameters, stance)).map(({ prism }) => prismBounds(prism)),
    )
    const room = (taken.x.max - taken.x.min) * (taken.y.max - taken.y.min) * (taken.z.max - taken.z.min)
    // stated margin: boards are never more than what they stand in, cushions stuffed into a folded bed apart
    expect(boards).toBeLessThanOrEqual(room * 1.05)
  })
})
