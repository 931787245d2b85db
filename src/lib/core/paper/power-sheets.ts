import { curesOf, darkByMonth, powerCase, powerReport } from '../budgets'
import { monthName, sayDark, sayLoad, sayPower } from '../text'
import { formatNumber } from '../units'
import { heading, paragraph, space, table, type Block } from './flow'
import { LETTERS, type Page } from './page'
import { sheetsFor, type Subject } from './subject'
import { textSheets } from './text-sheets'

/** How the year of the plan’s power goes: the answer, dark days by the month, and what draws. */
export function powerSheets(subject: Subject): readonly Page[] {
  const { job, variantId, names } = subject
  const report = powerReport(job, variantId)
  const dark = darkByMonth(report.darkDays)
  const kilo = (wh: number): string => formatNumber(wh / 1000, 2)
  const { perDay } = report
  const blocks: readonly Block[] = [
    paragraph(sayPower(report, curesOf(powerCase(job, variantId)), job, names), {
      sizeMm: LETTERS.head,
      weight: 'semibold',
    }),
    paragraph(sayDark(report, job, names), { tone: 'soft' }),
    space(2),
    heading('Dark days by the month'),
    table(
      [
        { head: '', share: 30, strong: true },
        { head: 'dark days', share: 20, right: true },
        { head: '', share: 50 },
      ],
      dark.map((days, month) => [monthName(month), String(days), '']),
    ),
    heading('What draws, on a mean day aboard'),
    table(
      [
        { head: '', share: 46, strong: true },
        { head: 'W', share: 14, right: true },
        { head: 'h', share: 14, right: true },
        { head: 'kWh', share: 14, right: true },
        { head: '', share: 20 },
      ],
      report.rows.map(({ load, whADay, hoursADay, hasNoInverter }) => [
        sayLoad(load, job, names),
        formatNumber(load.watts, load.watts < 10 ? 1 : 0),
        formatNumber(hoursADay, 1),
        kilo(whADay),
        hasNoInverter || load.onlyHookUp ? 'at a hook-up' : '',
      ]),
    ),
    paragraph(
      `${kilo(perDay.wants)} kWh a day. Comes in: sun ${kilo(perDay.sun)}, driving ${kilo(perDay.engine)}, hook-up ${kilo(perDay.mains + perDay.direct)}; wasted ${kilo(perDay.wasted)}.`,
    ),
    paragraph('Weather is typical unless it was measured. Figures are for planning.', {
      sizeMm: LETTERS.small,
      tone: 'soft',
    }),
  ]
  return textSheets(sheetsFor(subject), 'Power', '', blocks)
}
