import { airReport, warmthReport } from '../budgets'
import {
  AIR_STATE_WORDS,
  changesOf,
  DAMP_WORDS,
  LOSS_WORDS,
  capital,
  sayAir,
  sayAirRange,
  sayClosedBed,
  sayWarmthUnsaid,
  sayCutOff,
  sayDamp,
  sayFans,
  sayFlow,
  sayMorning,
  sayNoise,
  sayParked,
  saySpeeds,
  saySummer,
  sayWarmth,
  sayWarmthStep,
  spaceName,
} from '../text'
import { formatNumber, sayArea } from '../units'
import { heading, item, paragraph, space, table, type Block } from './flow'
import { LETTERS, type Page } from './page'
import { sheetsFor, type Subject } from './subject'
import { textSheets } from './text-sheets'

const planning = (words: string): Block => paragraph(words, { sizeMm: LETTERS.small, tone: 'soft' })

/** How warm it is: the answer, where the heat goes, what would save, and what gets wet. */
export function warmthSheets(subject: Subject): readonly Page[] {
  const { job, variantId, unit, names } = subject
  const report = warmthReport(job, variantId)
  const kelvin = Math.max(0, report.assumed.heatedC - report.coldestC)
  const blocks: readonly Block[] = [
    paragraph(sayWarmth(report), { sizeMm: LETTERS.head, weight: 'semibold' }),
    paragraph(
      `${sayDamp(report)} A night burns ${formatNumber(report.nightKwh, 1)} kWh, a year ${formatNumber(Math.round(report.yearKwh))} kWh.`,
      { tone: 'soft' },
    ),
    ...[sayWarmthUnsaid(report), sayClosedBed(report, (id) => names.the(id))].flatMap((words) =>
      words === undefined ? [] : [paragraph(words, { tone: 'soft' })],
    ),
    heading('Where the heat goes'),
    table(
      [
        { head: '', share: 44, strong: true },
        { head: 'area', share: 20, right: true },
        { head: 'W/m²K', share: 18, right: true },
        { head: 'W/K', share: 16, right: true },
        { head: 'W, coldest', share: 20, right: true },
      ],
      report.losses.losses.map(({ what, m2, uValue, wk, isAssumed }) => [
        `${LOSS_WORDS[what]}${isAssumed ? ', assumed' : ''}`,
        m2 === 0 ? '' : sayArea(m2, unit),
        m2 === 0 ? '' : formatNumber(uValue, 2),
        formatNumber(wk, 1),
        formatNumber(Math.round(wk * kelvin)),
      ]),
    ),
    heading('What would save most'),
    ...report.steps.slice(0, 5).map((step) => item(sayWarmthStep(step), undefined)),
    heading('Damp, in bed in the coldest hour'),
    table(
      [
        { head: '', share: 44, strong: true },
        { head: 'inner side, °C', share: 24, right: true },
        { head: 'dew point, °C', share: 24, right: true },
        { head: '', share: 14 },
        { head: 'dry from, air changes an hour', share: 34, right: true },
        { head: 'wet, hours a year', share: 24, right: true },
      ],
      report.damp.map(({ at, c, isWet, dryChanges }) => [
        DAMP_WORDS[at],
        formatNumber(c, 1),
        formatNumber(report.dewC, 1),
        isWet ? 'wet' : 'dry',
        Number.isFinite(dryChanges) ? formatNumber(dryChanges, 1) : 'never',
        formatNumber(report.winter.wet[at]),
      ]),
    ),
    space(2),
    planning(
      'Never an unflued burner while asleep. Flues and gas by a licensed fitter, alarms at pillow height. Figures are for planning.',
    ),
  ]
  return textSheets(sheetsFor(subject), 'Warmth', '', blocks)
}

/** How air moves: the answer, how often it changes, the morning, summer and noise. */
export function airSheets(subject: Subject): readonly Page[] {
  const { job, variantId, names } = subject
  const report = airReport(job, variantId)
  const blocks: readonly Block[] = [
    paragraph(sayAir(report), { sizeMm: LETTERS.head, weight: 'semibold' }),
    heading('How often the air changes'),
    table(
      [
        { head: '', share: 56, strong: true },
        { head: 'fresh air', share: 24, right: true },
        { head: 'an hour', share: 20, right: true },
      ],
      (['full', 'lowest', 'open', 'shut'] as const)
        .filter((state) => report.hasFan || state === 'open' || state === 'shut')
        .map((state) => [
          AIR_STATE_WORDS[state],
          sayFlow(report.fresh[state]),
          formatNumber(changesOf(report, report.fresh[state]), 1),
        ]),
    ),
    paragraph(sayAirRange(report)),
    ...(report.spaces.length < 2
      ? []
      : [
          heading('Shut off at night'),
          table(
            [
              { head: '', share: 56, strong: true },
              { head: 'm³', share: 14, right: true },
              { head: 'comes in', share: 24, right: true },
            ],
            report.spaces.map((space) => [
              capital(spaceName(space)),
              formatNumber(space.volumeM3, 1),
              sayFlow(space.into[report.hasFan ? 'full' : 'open']),
            ]),
          ),
          ...report.cutOff.map((cut) =>
            item(
              sayCutOff(cut, (id) => names.the(id)),
              undefined,
            ),
          ),
        ]),
    ...[...sayFans(report), saySpeeds(report)].flatMap((words) =>
      words === undefined ? [] : [item(words, undefined)],
    ),
    heading('By the morning'),
    paragraph(sayMorning(report)),
    heading('In summer'),
    ...[saySummer(report), sayParked(report)].flatMap((words) => (words === undefined ? [] : [paragraph(words)])),
    ...(report.noise.length === 0
      ? []
      : [
          heading('Noise at night'),
          ...report.noise.map((one) =>
            item(
              sayNoise(one, (id) => names.the(id)),
              undefined,
            ),
          ),
        ]),
    space(2),
    planning(
      'Air that burners take comes on top of this. Never an unflued burner while asleep. Figures are for planning.',
    ),
  ]
  return textSheets(sheetsFor(subject), 'Air', '', blocks)
}
