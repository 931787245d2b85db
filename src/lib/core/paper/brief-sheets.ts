import { allDemands, answer, personMass, type Use } from '../brief'
import { capital, CHOICES, QUESTIONS, RULE_SENTENCES, sayBecause, sayDemand, sayDemandFigure, sayFacts } from '../text'
import { formatLength, formatNumber, sayMass } from '../units'
import { heading, item, paragraph, question, space, table, writing, type Block } from './flow'
import type { Page } from './page'
import { sheetsFor, type Subject } from './subject'
import { textSheets } from './text-sheets'

/** What a designer asks, with room to write. */
export function questionSheets(subject: Subject): readonly Page[] {
  const blocks = QUESTIONS.flatMap(({ title, questions, each }): readonly Block[] => [
    heading(title),
    ...questions.map((text) => question(text, each > 0 ? 1 : 2)),
    ...(each > 1 ? [writing(each)] : []),
    space(3),
  ])
  return textSheets(sheetsFor(subject, false), 'Questions to the client', '', blocks)
}

const USE_ROWS: readonly (readonly [keyof Use, string, string])[] = [
  ['nightsPerYear', 'Nights a year', ''],
  ['offHookUpPercent', 'Away from a hook-up', '%'],
  ['nightsBetweenWater', 'Nights from one filling of water to the next', ''],
  ['nightsBetweenPower', 'Nights from one place with power to the next', ''],
  ['drivingHours', 'Hours driven a day', 'h'],
  ['coldestC', 'Coldest night', '°C'],
  ['hottestC', 'Hottest day', '°C'],
]
const CHOICE_ROWS = [
  ['cooking', 'Cooking'],
  ['washing', 'Washing'],
  ['toilet', 'Toilet'],
  ['heating', 'Heating'],
  ['energy', 'Power'],
  ['permanence', 'Furniture'],
] as const

/** The brief as it was answered. */
export function briefSheets(subject: Subject): readonly Page[] {
  const { job, unit } = subject
  const { people, pets, gear = {}, use } = job.brief
  const say = (mm: number): string => formatLength(mm, unit)
  const answers = [
    ...USE_ROWS.flatMap(([key, words, of]) => {
      const value = use?.[key]
      return typeof value === 'number' ? [[words, `${formatNumber(value)}${of === '' ? '' : ` ${of}`}`]] : []
    }),
    ...CHOICE_ROWS.map(([key, words]) => {
      const chosen: Readonly<Record<string, string>> = CHOICES[key]
      return [words, `${chosen[answer(job.brief, key)] ?? ''}${use?.[key] === undefined ? ' (assumed)' : ''}`]
    }),
  ]
  const blocks: readonly Block[] = [
    heading('People'),
    table(
      [
        { head: 'who', share: 30, strong: true },
        { head: 'height', share: 14, right: true },
        { head: 'age', share: 16 },
        { head: 'weight', share: 14, right: true },
        { head: '', share: 30 },
      ],
      Object.values(people).map((one) => [
        one.label,
        say(one.statureMm),
        one.years === undefined ? CHOICES.age[one.age ?? 'adult'] : `${one.years} years`,
        sayMass(Math.round(personMass(job.brief, one).kg)),
        [one.sleeps ? 'sleeps here' : '', one.travels ? 'travels here' : '', one.notes ?? '']
          .filter((words) => words !== '')
          .join('; '),
      ]),
    ),
    ...(Object.keys(pets).length === 0
      ? []
      : [
          heading('Animals'),
          table(
            [
              { head: 'which', share: 30, strong: true },
              { head: 'long', share: 14, right: true },
              { head: 'high', share: 14, right: true },
              { head: '', share: 40 },
            ],
            Object.values(pets).map((one) => [
              one.label,
              say(one.lengthMm),
              say(one.heightMm),
              [
                one.rides === undefined ? '' : `rides ${CHOICES.rides[one.rides]}`,
                one.sleeps === undefined ? '' : `sleeps ${CHOICES.sleeps[one.sleeps]}`,
              ]
                .filter((words) => words !== '')
                .join('; '),
            ]),
          ),
        ]),
    ...(Object.keys(gear).length === 0
      ? []
      : [
          heading('Gear'),
          table(
            [
              { head: 'what', share: 34, strong: true },
              { head: 'pieces', share: 10, right: true },
              { head: 'size', share: 30, right: true },
              { head: '', share: 24 },
            ],
            Object.values(gear).map((one) => [
              one.label,
              String(one.count),
              one.sizeMm.map(say).join(' × '),
              [
                one.place === undefined ? '' : CHOICES.place[one.place],
                one.use === undefined ? '' : `used ${CHOICES.use[one.use]}`,
              ]
                .filter((words) => words !== '')
                .join('; '),
            ]),
          ),
        ]),
    heading('Use and comfort'),
    table(
      [
        { head: '', share: 60 },
        { head: '', share: 40, right: true },
      ],
      answers,
    ),
  ]
  return textSheets(sheetsFor(subject, false), 'Brief', '', blocks)
}

const STATES = {
  met: 'met',
  short: 'not enough',
  missing: 'missing',
  'there-but': 'there, but not as it stands',
  'cannot-tell': 'to be looked at',
} as const

/** What the job demands, biggest first, with why, and how far the plan meets it. */
export function demandSheets(subject: Subject): readonly Page[] {
  const { job, unit, demands, names } = subject
  const waived = allDemands(job.brief).filter((demand) => demand.waived !== undefined)
  const why = (demand: (typeof waived)[number]): string =>
    demand.because.code === 'rule'
      ? [RULE_SENTENCES[demand.because.rule] ?? '', capital(sayFacts(demand.because.rule, demand.because.facts, unit))]
          .filter((words) => words !== '')
          .join(' ')
      : sayBecause(demand, unit).join(' ')
  const blocks: readonly Block[] = [
    heading('Demands, biggest first'),
    demands.length === 0
      ? paragraph('Nothing is asked of this plan yet: the brief says for whom it is.', { tone: 'soft' })
      : table(
          [
            { head: 'what', share: 26, strong: true },
            { head: 'asks for', share: 20 },
            { head: 'why', share: 46 },
            { head: '', share: 10 },
            { head: 'in this plan', share: 22 },
          ],
          demands.map(({ demand, state, by }) => [
            capital(sayDemand(demand)),
            sayDemandFigure(demand, unit),
            why(demand),
            demand.must ? 'must' : `wish ${demand.weight}`,
            state === 'met' && by.length > 0 ? by.map((id) => names.fitting(id)).join(', ') : STATES[state],
          ]),
        ),
    ...(waived.length === 0
      ? []
      : [
          heading('Done without'),
          ...waived.map((demand) => item(`${capital(sayDemand(demand))}: “${demand.waived}”`, undefined)),
        ]),
  ]
  return textSheets(sheetsFor(subject), 'Demands', '', blocks)
}
