import { describe, expect, it } from 'vitest'
import {
  AGES,
  BUILDS,
  COOKING,
  COOKING_ON,
  ENERGY,
  FUTURES,
  GEAR_PLACES,
  GEAR_USES,
  HEATING,
  MOBILITIES,
  PERMANENCE,
  PET_RIDES,
  PET_SLEEPS,
  SHARED,
  TOILETS,
  WASHING,
  type Brief,
} from '$lib/core/brief'
import { answered, CHOICES, withField } from './answers'

const brief: Brief = {
  people: {},
  pets: {},
  nightsOffHookUp: 3,
  use: { cooking: 'daily', guests: 2 },
  demands: {},
  notes: '',
}

describe('answered', () => {
  it('adds an answer, changes one, and takes one back to what is usual', () => {
    expect(answered(brief, 'washing', 'inside')).toEqual({ cooking: 'daily', guests: 2, washing: 'inside' })
    expect(answered(brief, 'cooking', 'never')).toEqual({ cooking: 'never', guests: 2 })
    expect(answered(brief, 'guests', undefined)).toEqual({ cooking: 'daily' })
    expect(answered({ ...brief, use: undefined }, 'guests', 1)).toEqual({ guests: 1 })
  })
})

describe('withField', () => {
  it('leaves a field out where it is taken back, and the rest as it was', () => {
    const given: { label: string; soft?: boolean } = { label: 'tent', soft: true }
    expect(withField(given, 'soft', undefined)).toEqual({ label: 'tent' })
    expect(withField(given, 'label', 'awning')).toEqual({ label: 'awning', soft: true })
    expect(given).toEqual({ label: 'tent', soft: true })
  })
})

describe('CHOICES', () => {
  it.each([
    ['age', AGES],
    ['build', BUILDS],
    ['mobility', MOBILITIES],
    ['rides', PET_RIDES],
    ['sleeps', PET_SLEEPS],
    ['place', GEAR_PLACES],
    ['use', GEAR_USES],
    ['cooking', COOKING],
    ['cookingOn', COOKING_ON],
    ['washing', WASHING],
    ['toilet', TOILETS],
    ['heating', HEATING],
    ['energy', ENERGY],
    ['shared', SHARED],
    ['permanence', PERMANENCE],
    ['future', FUTURES],
  ] as const)('has a word for every %s, each its own', (name, keys) => {
    const words: Readonly<Record<string, string>> = CHOICES[name]
    expect(Object.keys(words).sort()).toEqual([...keys].sort())
    expect(new Set(Object.values(words)).size).toBe(keys.length)
  })
})
