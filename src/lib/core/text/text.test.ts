import { describe, expect, it } from 'vitest'
import type { Finding } from '../review'
import { apply, newJob, standardBrief, told } from '../job'
import { defaultsOf, kindOf, KINDS } from '../fittings'
import { genericShell } from '../shells'
import { extreme } from '../../../../tests/support/contract-check'
import {
  CHOICE_WORDS,
  KIND_WORDS,
  list,
  namesOf,
  OWN_PARAMETER_WORDS,
  PARAMETER_WORDS,
  parameterWord,
  PART_WORDS,
  sayTold,
  sayFinding,
} from './index'
import { STANCE_WORDS, stanceWord } from './fitting-words'

const job = apply(newJob('job-test', 'Test', genericShell('van-long-high'), standardBrief()), {
  type: 'fitting.add',
  variant: 'variant-a',
  id: 'fit-a',
  fitting: {
    kind: 'bed-fixed',
    label: 'Bed across',
    parameters: defaultsOf(kindOf('bed-fixed')),
    seat: kindOf('bed-fixed').home,
  } as never,
}).job
const names = namesOf(job, job.variants['variant-a']!.plan)
const finding = (given: Partial<Finding>): Finding =>
  ({
    rule: 'x',
    gravity: 'stop',
    modeId: 'mode-night',
    purpose: 'sleeping',
    key: 'x',
    fittings: ['fit-a'],
    place: [0, 0, 0],
    unit: 'mm',
    ...given,
  }) as Finding

describe('sayFinding', () => {
  const short = finding({
    code: 'berth-short',
    measured: 1790,
    needed: 1890,
    facts: { sleeper: 'surveyor', statureMm: 1840, spareMm: 50, along: 'y' },
  })

  it('puts the numbers in a sentence that a client understands', () => {
    const words = sayFinding(short, names, 'mm')
    expect(words.designer.replace(/[\u202f\u00a0]/g, ' ')).toBe(
      '“Bed across” is 1 790 mm long at mattress height; the surveyor, 1 840 mm tall, needs 1 890 mm.',
    )
    expect(words.why[0]!.replace(/[\u202f\u00a0]/g, ' ')).toBe(
      '1 840 mm tall + 50 mm to spare = 1 890 mm needed; 1 790 mm is there, across the vehicle; 100 mm too short.',
    )
  })

  it('speaks the screen’s units', () => {
    expect(sayFinding(short, names, 'in').designer).toContain('70 1/2″')
    expect(sayFinding(short, names, 'cm').designer.replace(/\u00a0/g, ' ')).toContain('179.0 cm')
  })

  it('names what stands in the way', () => {
    const blocked = finding({
      code: 'clearance-blocked',
      measured: 36,
      needed: 90,
      unit: 'deg',
      facts: {
        clearanceId: 'door',
        use: 'swing',
        blockers: [
          { kind: 'keep-out', id: 'arch-left' },
          { kind: 'shell', id: 'shell' },
        ],
      },
    })
    expect(sayFinding(blocked, names, 'mm').designer).toBe(
      '“Bed across”: the door opens only 36° of 90°; the left wheel arch and the vehicle’s body are in the way.',
    )
  })
})

describe('what is missing', () => {
  it.each([
    ['water', 'litres', 60, 88, [], 'Too little water', 'The water tanks hold 60 L; 88 L is needed.'],
    ['cold-box', 'litres', 0, 70, [], 'No fridge', 'There is no fridge in the plan; one of about 70 L is needed.'],
    ['toilet', 'count', 0, 1, [], 'No toilet', 'The brief asks for 1 toilet; there is none in the plan.'],
    [
      'desk',
      'count',
      0,
      1,
      ['fit-a'],
      'Desk too small',
      '“Bed across” is too small. The brief asks for 1 desk of a certain size; the plan has none that large.',
    ],
  ] as const)('of %s, in %s', (need, unit, measured, needed, small, title, designer) => {
    const facts = { demandId: 'demand-a', need, must: true, small }
    const words = sayFinding(
      finding({ code: 'service-missing', fittings: [], measured, needed, unit, facts }),
      names,
      'mm',
    )
    expect([words.title, words.designer.replace(/[\u202f\u00a0]/g, ' ')]).toEqual([title, designer])
  })
})

describe('words', () => {
  it('says a stance by its name, or by the height that it is', () => {
    expect([stanceWord('upper-stop', 'mm'), stanceWord('at-936', 'cm'), stanceWord('unheard-of', 'mm')]).toEqual([
      'at its upper stop',
      'at 93.6\u00a0cm',
      'unheard-of',
    ])
  })

  it('has one for every kind, stance, parameter and choice', () => {
    for (const kind of KINDS) {
      expect(KIND_WORDS[kind.id]).toBeTruthy()
      for (const stance of kind.stances) expect(STANCE_WORDS[stance]).toBeTruthy()
      for (const [key, value] of Object.entries(defaultsOf(kind))) {
        expect([kind.id, key, key in PARAMETER_WORDS || key in (OWN_PARAMETER_WORDS[kind.id] ?? {})]).toEqual([
          kind.id,
          key,
          true,
        ])
        if (typeof value === 'string') expect(CHOICE_WORDS[value]).toBeTruthy()
      }
    }
  })

  it('has one for every part: as it stands, as it is made, and loose', () => {
    for (const kind of KINDS)
      for (const parameters of [defaultsOf(kind), extreme(kind, 'minimum'), extreme(kind, 'maximum')]) {
        const stand = kind.stances.flatMap((stance) => kind.solids(parameters, stance).map(({ id }) => id))
        const loose = kind.stances.flatMap((stance) => kind.loose(parameters, stance).map(({ id }) => id))
        for (const part of [...stand, ...loose, ...kind.parts(parameters).map(({ name }) => name)])
          expect([kind.id, part, part in PART_WORDS]).toEqual([kind.id, part, true])
      }
  })

  it('calls a parameter what its kind calls it', () => {
    expect([
      parameterWord('garage', 'side'),
      parameterWord('cot', 'side'),
      parameterWord('galley', 'worktopMm'),
    ]).toEqual(['hatch in the side', 'open side', 'worktop'])
    for (const [id, words] of Object.entries(OWN_PARAMETER_WORDS))
      for (const key of Object.keys(words)) expect([id, key, key in defaultsOf(kindOf(id))]).toEqual([id, key, true])
    const used = new Set(KINDS.flatMap((kind) => Object.keys(defaultsOf(kind))))
    expect(Object.keys(PARAMETER_WORDS).filter((key) => !used.has(key))).toEqual([])
  })

  it('tells what a command did', () => {
    expect(sayTold(told({ type: 'fitting.remove', variant: 'variant-a', id: 'fit-a' }, job))).toBe(
      'Removed “Bed across”',
    )
    expect(sayTold(told({ type: 'diff', direction: 'undo', what: 'Moved Bed across', patches: [] }, job))).toBe(
      'Undid: Moved Bed across',
    )
    expect(list(['a', 'b', 'c'])).toBe('a, b and c')
  })
})
