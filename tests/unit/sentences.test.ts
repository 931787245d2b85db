import { describe, expect, it } from 'vitest'
import { allDemands, type Brief } from '../../src/lib/core/brief'
import type { Job } from '../../src/lib/core/job'
import { planInterior, STANDARD_LINING } from '../../src/lib/core/job'
import { changeBetween } from '../../src/lib/core/scene'
import { remediesFor, reviewVariant, RULES, type Finding } from '../../src/lib/core/review'
import { genericShell, GENERIC_SHELLS } from '../../src/lib/core/shells'
import { BRIEF_TEMPLATES } from '../../src/lib/core/starts'
import { contradictionsOf } from '../../src/lib/core/suit'
import { interiorOf } from '../../src/lib/core/shell'
import {
  CAUTION_WORDS,
  KIND_WORDS,
  KIND_KEYWORDS,
  namesOf,
  RULE_WORDS,
  sayBasis,
  sayBecause,
  sayChange,
  sayContradiction,
  sayContradictionBasis,
  sayFinding,
  sayLooked,
  sayRemedy,
  withLengths,
} from '../../src/lib/core/text'
import type { LengthUnit } from '../../src/lib/core/units'
import { CASES } from '../cases'

/** A busy machine is slow; what is read is the same. */
const LONG_MS = 240_000

/** What people type as names: articles, roles, names, capitals, plurals, quotes, nothing, another script, a number, a whole story. */
const NAMES = [
  'The bed',
  'anna',
  'Anna',
  'Person 2',
  'LED strip',
  'bunks',
  'MY KITCHEN',
  '“Nest” of “ours”',
  "Bob's",
  '',
  'ארון',
  '42',
  'a long story '.repeat(40).trim(),
] as const

/** The same job with everything in it called so: `what` fittings, people and pets, or gear. */
function called(job: Job, name: string): Job {
  const label = <T extends object>(all: Readonly<Record<string, T>>): Record<string, T> =>
    Object.fromEntries(Object.entries(all).map(([id, one]) => [id, { ...one, label: name }]))
  const variants = Object.fromEntries(
    Object.entries(job.variants).map(([id, one]) => [
      id,
      { ...one, plan: { ...one.plan, fittings: label(one.plan.fittings) } },
    ]),
  )
  const brief = {
    ...job.brief,
    people: label(job.brief.people),
    pets: label(job.brief.pets),
    ...(job.brief.gear === undefined ? {} : { gear: label(job.brief.gear) }),
  }
  return { ...job, brief, variants } as unknown as Job
}

/** What a native joiner would not have written. */
const WRONG: readonly (readonly [string, RegExp])[] = [
  ['a doubled article', /\b(the|a|an) (the|a|an|my|our)\b/i],
  ['a doubled word', /\b(\p{L}{3,}) \1\b/iu],
  ['a gap', /undefined|null|NaN|\[object|\{[^}]*\}|\(\)|“”| {2}| [,.;:]|[,;:]\.|\.\.(?!\.)| $|^ /],
  [
    'a figure that does something',
    /\d[\u00a0\u202f\d]*(\u00a0(mm|cm|kg|L)|″|%) (are|were|take|let|keep|bear|sit|draw|want|give|go|have|cure|suit|stay)\b/,
  ],
  ['a wrong plural', /(?<![\d\u202f.,×°/])\b1 (?!(is|was|has|mark's|less)\b)\p{L}+(?<!s)s\b(?! of (a|your|the|its))/u],
  ['a lower-cased name', /lED|\bp\d{4}|my kitchen|the “|a “|an “/],
  ['translated order', /\bone (gets|sits|lies) |\bis to (stand|be|have)\b|\bwants? \d/],
  [
    'the old word',
    /\b(cold box|stowage|way out of it|let be|stature|carcass|in hand|ways? out are|speaks against|common practice)\b/i,
  ],
  ['from memory', /from memory/],
]

/** A title or a line of a list; a sentence; a line of arithmetic. */
type Kind = 'title' | 'sentence' | 'sum'

const balanced = (text: string): boolean => text.split('“').length === text.split('”').length

/** Everything that is wrong with a sentence, so that a failure shows them all. */
function faultsIn(text: string, unit: LengthUnit, kind: Kind): readonly string[] {
  return [
    ...WRONG.flatMap(([what, pattern]) => (pattern.test(text) ? [what] : [])),
    ...(unit === 'in' && /\d[\u00a0 ]?(mm|cm)(?![\w²])/.test(text) ? ['millimetres in inches'] : []),
    ...(balanced(text) ? [] : ['quotes that do not close']),
    ...(kind !== 'title' && !/[.?!”]$|[.?!]\u2069?$/.test(text) ? ['no end'] : []),
    // a sum may begin with its first figure, a sentence not
    ...((kind === 'sentence' ? /^(\d|\p{Ll})/u : /^\p{Ll}/u).test(text) && kind !== 'title' ? ['its beginning'] : []),
  ]
}

/** Sentences by what is wrong with them; empty where all is well. */
function collect(): {
  readonly add: (where: string, text: string, unit: LengthUnit, kind?: Kind) => void
  readonly wrong: string[]
  readonly count: () => number
} {
  const wrong: string[] = []
  let count = 0
  return {
    wrong,
    count: () => count,
    add: (where, text, unit, kind: Kind = 'sentence') => {
      count += 1
      for (const fault of faultsIn(text, unit, kind)) wrong.push(`${where} · ${fault} · ${text}`)
    },
  }
}

function addFinding(to: ReturnType<typeof collect>, where: string, finding: Finding, job: Job, unit: LengthUnit): void {
  const { plan } = job.variants['variant-a']!
  const words = sayFinding(finding, namesOf(job, plan), unit)
  to.add(`${where} title`, words.title, unit, 'title')
  to.add(`${where} designer`, words.designer, unit)
  to.add(`${where} client`, words.client, unit)
  for (const line of words.why) to.add(`${where} why`, line, unit, 'sum')
}

/** Each finding is read with every second of the names, the next with the others; in the proof with all. */
const NAMES_EACH = process.env.PROOF === '1' ? 1 : 2

describe('every sentence of a finding', () => {
  it(
    'reads well whatever things and people are called, in millimetres and in inches',
    () => {
      const all = collect()
      for (const [at, [code, row]] of Object.entries(CASES).entries())
        for (const name of NAMES.filter((_, nth) => (at + nth) % NAMES_EACH === 0)) {
          const job = called(row.speaks, name)
          const findings = reviewVariant(job, 'variant-a').modes.flatMap((mode) => mode.findings)
          const own = findings.filter((finding) => finding.code === code)
          // what it is called changes nothing that is found
          expect([code, name, own.length > 0]).toEqual([code, name, true])
          for (const finding of own.slice(0, 2))
            for (const unit of ['mm', 'in'] as const)
              addFinding(all, `${code} “${name.slice(0, 12)}”`, finding, job, unit)
        }
      expect(all.wrong).toEqual([])
      expect(all.count()).toBeGreaterThan(8000 / NAMES_EACH)
    },
    LONG_MS,
  )

  it('has a title of two to six words without an article, true of one and of many', () => {
    const wrong: string[] = []
    for (const row of Object.values(CASES)) {
      const { plan } = row.speaks.variants['variant-a']!
      for (const finding of reviewVariant(row.speaks, 'variant-a').modes.flatMap((mode) => mode.findings)) {
        if (finding.code === 'house') continue
        const { title } = sayFinding(finding, namesOf(row.speaks, plan), 'mm')
        const words = title.split(' ').length
        if (words < 2 || words > 7 || /^(the|a|an|it) /i.test(title) || /[.:]$/.test(title)) wrong.push(title)
      }
    }
    expect([...new Set(wrong)]).toEqual([])
  })
})

describe('every other sentence', () => {
  it(
    'of a remedy',
    () => {
      const all = collect()
      // one name for each code, in turn: what a remedy is called by does not depend on what it cures
      const names = ['', 'anna', 'LED strip', 'bunks']
      for (const [index, [code, row]] of Object.entries(CASES).entries()) {
        const job = called(row.speaks, names[index % names.length]!)
        const { plan } = job.variants['variant-a']!
        const finding = reviewVariant(job, 'variant-a')
          .modes.flatMap((mode) => mode.findings)
          .find((one) => one.code === code)
        if (finding === undefined) throw new Error(`${code} is not found`)
        for (const remedy of remediesFor(job, 'variant-a', finding).slice(0, 4))
          for (const unit of ['mm', 'in'] as const) {
            const { does, costs } = sayRemedy(remedy, namesOf(job, plan), unit)
            all.add(`${code} remedy`, does, unit, 'title')
            all.add(`${code} costs`, costs, unit, 'title')
            if (!/^\p{Lu}/u.test(does) && !does.startsWith('“')) all.wrong.push(`${code} begins small: ${does}`)
          }
      }
      expect(all.wrong).toEqual([])
      expect(all.count()).toBeGreaterThan(300)
    },
    LONG_MS,
  )

  it('of a search for remedies', () => {
    const all = collect()
    for (const ended of ['all', 'enough', 'steps'] as const)
      for (const [tried, known] of [
        [0, 12],
        [57, 1141],
      ] as const)
        all.add(ended, sayLooked({ tried, known, ended }), 'mm')
    expect(all.wrong).toEqual([])
    expect(all.count()).toBe(6)
  })

  it('of a demand, a contradiction and a change of mode', () => {
    const all = collect()
    for (const name of NAMES)
      for (const { brief } of BRIEF_TEMPLATES) {
        const job = called({ variants: {}, brief } as unknown as Job, name)
        const own: Brief = job.brief
        for (const unit of ['mm', 'in'] as const) {
          for (const demand of allDemands(own))
            for (const line of [...sayBecause(demand, unit), sayBasis(demand.basis, unit)])
              all.add(`${demand.id}`, line, unit, 'sum')
          for (const { id } of GENERIC_SHELLS.slice(0, 4))
            for (const one of contradictionsOf(own, interiorOf(genericShell(id), STANDARD_LINING))) {
              all.add(one.code, sayContradiction(one, unit), unit)
              all.add(one.code, sayContradictionBasis(one, unit), unit)
            }
        }
      }
    for (const row of Object.values(CASES).slice(0, 40))
      for (const name of ['', 'anna', 'LED strip']) {
        const job = called(row.speaks, name)
        const { plan } = job.variants['variant-a']!
        const interior = planInterior(job.shell, plan)
        const words = sayChange(
          changeBetween(interior, plan, 'mode-day', 'mode-night', job.brief),
          job,
          namesOf(job, plan),
        )
        for (const line of [...words.moves, ...words.resting, ...words.stuck]) all.add('change', line, 'mm', 'title')
      }
    expect([...new Set(all.wrong)]).toEqual([])
    expect(all.count()).toBeGreaterThan(1000)
  })

  it('of the book of rules and the cautions', () => {
    const all = collect()
    for (const [id, { title, designer, client }] of Object.entries(RULE_WORDS)) {
      all.add(id, title, 'mm', 'title')
      all.add(id, withLengths(designer, 'in'), 'in')
      all.add(id, client, 'in')
    }
    for (const [id, text] of Object.entries(CAUTION_WORDS)) all.add(id, text, 'in')
    // what a figure rests on stands in the unit of the job, as the figure does
    for (const { id, basis, parameters } of RULES)
      for (const one of [basis, ...Object.values(parameters).map((parameter) => parameter.basis)])
        all.add(`${id} rests on`, sayBasis(one, 'in'), 'in')
    expect(all.wrong).toEqual([])
  })
})

describe('the search', () => {
  /** What newcomers type, and what they look for: words of the trade in British and American use; common practice, no source. */
  it.each([
    ['fridge', 'cold-box'],
    ['cold box', 'cold-box'],
    ['refrigerator', 'cold-chest'],
    ['sink', 'galley'],
    ['kitchen', 'galley'],
    ['cooker', 'galley-hob'],
    ['skylight', 'hatch-roof'],
    ['cupboard', 'locker'],
    ['loo', 'toilet-cassette'],
    ['leisure battery', 'battery'],
    ['shore power', 'inlet'],
    ['fuse box', 'fuse-board'],
    ['grey water', 'tank-waste'],
    ['dinette', 'lounge-u'],
    ['combi boiler', 'heater-combi'],
    ['diesel heater', 'heater-air'],
    ['boot', 'garage'],
    ['drop-down bed', 'bed-lift'],
    ['bathroom', 'wet-room'],
    ['swivel table', 'table-arm'],
  ])('%s finds %s', (word, kind) => {
    const found = [KIND_WORDS[kind]!, ...(KIND_KEYWORDS[kind] ?? [])].join(' ').toLowerCase()
    expect(found).toContain(word)
  })

  it('has words for no kind that is not there', () => {
    expect(Object.keys(KIND_KEYWORDS).filter((kind) => KIND_WORDS[kind] === undefined)).toEqual([])
  })
})
