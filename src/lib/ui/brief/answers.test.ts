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
  type Use,
} from '$lib/core/brief'
import { CHOICES } from '$lib/core/text'
import { setAnswer, withField } from './answers'

describe('setAnswer', () => {
  it('adds an answer, changes one, and takes one back to what is usual', () => {
    const given = (use: Use | undefined): [unknown[], ReturnType<typeof setAnswer>] => {
      const done: unknown[] = []
      const session = { job: { brief: { use } }, do: (command: unknown) => done.push(command) > 0 }
      return [done, setAnswer(session as never)]
    }
    const [done, set] = given({ cooking: 'daily', guests: 2 })
    set('washing', 'inside')
    set('cooking', 'never')
    set('guests', undefined)
    expect(done).toEqual([
      { type: 'brief.use', use: { cooking: 'daily', guests: 2, washing: 'inside' } },
      { type: 'brief.use', use: { cooking: 'never', guests: 2 } },
      { type: 'brief.use', use: { cooking: 'daily' } },
    ])
    const [first, setFirst] = given(undefined)
    expect(setFirst('guests', 1)).toBe(true)
    expect(first).toEqual([{ type: 'brief.use', use: { guests: 1 } }])
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
