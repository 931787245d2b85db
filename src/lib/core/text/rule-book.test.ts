import { describe, expect, it } from 'vitest'
import { RULE_GROUPS, RULES } from '../review'
import { sayFigure } from './house'
import { NO_WAY_OUT } from './rules/no-way-out'
import { RULE_GROUP_WORDS, RULE_PARAMETER_WORDS, RULE_WORDS, ruleBook, sayRule } from './rule-book'

const byId = (id: string) =>
  sayRule(
    RULES.find((rule) => rule.id === id)!,
    'mm',
  )

describe('the book of rules', () => {
  it('has words for every rule, group and figure, and for no other', () => {
    expect(Object.keys(RULE_WORDS).sort()).toEqual(RULES.map(({ id }) => id))
    expect(Object.keys(RULE_GROUP_WORDS).sort()).toEqual([...RULE_GROUPS].sort())
    expect(Object.keys(RULE_PARAMETER_WORDS).sort()).toEqual(
      [...new Set(RULES.flatMap(({ parameters }) => Object.keys(parameters)))].sort(),
    )
  })

  it('says each in whole sentences, and no two alike', () => {
    for (const field of ['title', 'designer', 'client'] as const) {
      const all = Object.values(RULE_WORDS).map((words) => words[field])
      expect(new Set(all).size).toBe(all.length)
      for (const text of all) expect(text.endsWith('.'), text).toBe(field !== 'title')
    }
  })

  it('holds every rule once, under its group', () => {
    const entries = ruleBook('mm').flatMap(([group, rules]) => rules.map((rule) => [group, rule] as const))
    expect(entries.map(([, { id }]) => id).sort()).toEqual(RULES.map(({ id }) => id))
    for (const [group, rule] of entries) expect(rule.group).toBe(group)
  })

  it('says gravity, modes, basis and figures with their limits', () => {
    expect(byId('ways-out')).toMatchObject({
      gravity: ['caution'],
      modes: 'at night',
      basis: expect.stringContaining('NFPA 1192'),
      parameters: [
        {
          name: 'longer side, at least',
          value: expect.stringMatching(/^610\smm$/),
          limits: expect.stringMatching(/^400\smm to 900\smm$/),
        },
        { name: 'shorter side, at least', value: expect.stringMatching(/^430\smm$/) },
      ],
    })
    // the graver of its two findings comes first
    expect(byId('way-width')).toMatchObject({ gravity: ['stop', 'caution'], modes: 'in every mode' })
    expect(byId('belt-facing').parameters[0]!.value).toBe('10°')
    expect(byId('change-time').parameters[0]!.value).toBe('8 min')
    // figures that are not whole are not rounded away, here or where a finding is told
    expect(byId('way-width').parameters[0]!.value).toBe('0.259')
    expect(byId('berth-warm').parameters[0]!.value).toBe('1.5 W/m²K')
    expect(sayFigure(5.33, 'W/m²K', 'mm')).toBe('5.33 W/m²K')
    expect(sayFigure(6.5, 'min', 'mm')).toBe('6.5 min')
    expect(
      sayRule(
        RULES.find(({ id }) => id === 'ways-out')!,
        'in',
      ).parameters[0]!.value,
    ).toBe('24″')
  })

  it('says of each rule how grave it is and why, what is let pass, and its remedies or why there are none', () => {
    const without = RULES.filter(({ hasWaysOut }) => !hasWaysOut).map(({ id }) => id)
    expect(Object.keys(NO_WAY_OUT).sort()).toEqual([...without].sort())
    for (const rule of RULES) {
      const { judged, gravity } = sayRule(rule, 'mm')
      const said = judged.join(' ')
      for (const one of gravity) expect([rule.id, said.includes(`A ${one}:`)]).toEqual([rule.id, true])
      expect([rule.id, said.includes('No tolerance beyond') === (rule.tolerance === undefined)]).toEqual([
        rule.id,
        true,
      ])
      expect([rule.id, said.includes('No remedy is offered') !== rule.hasWaysOut]).toEqual([rule.id, true])
      // a stop is never let pass by a little
      if (gravity.length === 1 && gravity[0] === 'stop') expect([rule.id, rule.tolerance]).toEqual([rule.id, undefined])
    }
  })
})
