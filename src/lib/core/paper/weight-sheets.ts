import { marginOf, weightReport } from '../budgets'
import { LIMIT_WORDS, listedLimits, sayHeavy, sayLimitFigure, sayPlace, sayUnknown, sayWeight } from '../text'
import { formatNumber, sayMass } from '../units'
import { heading, item, paragraph, space, table, type Block } from './flow'
import { LETTERS, type Page } from './page'
import { sheetsFor, type Subject } from './subject'
import { textSheets } from './text-sheets'

const MOST_HEAVY = 40

/** What the plan weighs: the answer, every limit, and what weighs most. */
export function weightSheets(subject: Subject): readonly Page[] {
  const { job, variantId, names, unit } = subject
  const report = weightReport(job, variantId)
  const unknown = report.unknown.map((one) => sayUnknown(one, job))
  const blocks: readonly Block[] = [
    paragraph(sayWeight(report), { sizeMm: LETTERS.head, weight: 'semibold' }),
    space(3),
    heading(`Every limit, in ${names.mode(report.modeId)}`),
    table(
      [
        { head: '', share: 40, strong: true },
        { head: 'now', share: 16, right: true },
        { head: 'at worst', share: 16, right: true },
        { head: 'limit', share: 16, right: true },
        { head: 'left at worst', share: 18, right: true },
      ],
      listedLimits(report.limits).map((state) => {
        const left = marginOf(state, state.worstDry.value)
        const say = (value: number | undefined): string =>
          value === undefined ? 'not known' : sayLimitFigure(state.unit, value)
        return [
          LIMIT_WORDS[state.id],
          say(state.now),
          say(state.worstDry.value),
          say(state.limit),
          left === undefined ? '' : say(left),
        ]
      }),
    ),
    heading('What weighs most'),
    table(
      [
        { head: '', share: 40, strong: true },
        { head: 'kg', share: 14, right: true },
        { head: 'where', share: 46 },
      ],
      report.heavy
        .slice(0, MOST_HEAVY)
        .map((one) => [sayHeavy(one, job, names), formatNumber(one.kg, one.kg < 10 ? 1 : 0), sayPlace(one.at, unit)]),
    ),
    ...(report.heavy.length > MOST_HEAVY
      ? [
          paragraph(
            `${report.heavy.length - MOST_HEAVY} more: ${sayMass(report.heavy.slice(MOST_HEAVY).reduce((sum, { kg }) => sum + kg, 0))}.`,
          ),
        ]
      : []),
    ...(unknown.length === 0
      ? []
      : [heading('Not known yet'), ...unknown.map((text) => item(text, undefined)), space(2)]),
    paragraph('Weights are for planning: the weighbridge, the plate and the papers of the vehicle rule.', {
      sizeMm: LETTERS.small,
      tone: 'soft',
    }),
  ]
  return textSheets(sheetsFor(subject), 'Weight', '', blocks)
}
