import { fuelReport, waterReport } from '../budgets'
import {
  LINE_WORDS,
  monthName,
  sayBurner,
  sayDrains,
  sayFuel,
  sayFuelUnsaid,
  sayGasNights,
  sayGasRun,
  sayGasVent,
  sayLeakTest,
  sayLever,
  sayPurpose,
  sayFrost,
  sayTankName,
  sayTanksLack,
  sayWarm,
  sayWater,
  sayWaterLean,
  sayWaterRange,
  sayWaterRun,
  sayWaterSum,
  sayWaterYear,
  tankFor,
  WATER_BASIS,
} from '../text'
import { formatNumber, sayLength } from '../units'
import { heading, item, paragraph, space, table, type Block } from './flow'
import { LETTERS, type Page } from './page'
import { sheetsFor, type Subject } from './subject'
import { textSheets } from './text-sheets'

const planning = (words: string): Block => paragraph(words, { sizeMm: LETTERS.small, tone: 'soft' })

/** How long the water lasts: the answer, what is used, tanks, warm water, lines and what is bought for them. */
export function waterSheets(subject: Subject): readonly Page[] {
  const { job, variantId, names, unit } = subject
  const report = waterReport(job, variantId)
  const { use, lines } = report
  const tanks = [
    ...report.fresh.map((tank) => ({ tank, what: tankFor(tank) })),
    ...report.waste.map((tank) => ({ tank, what: 'waste' })),
  ]
  const blocks: readonly Block[] = [
    paragraph(sayWater(report), { sizeMm: LETTERS.head, weight: 'semibold' }),
    paragraph(
      `${sayWaterSum(use, { litres: report.freshL, drinkingL: report.drinkingL }, report.nights)} ${WATER_BASIS}`,
      { tone: 'soft' },
    ),
    ...[sayWaterRange(report), sayWaterYear(report), sayWaterLean(report)].flatMap((words) =>
      words === undefined ? [] : [paragraph(words, { tone: 'soft' })],
    ),
    space(2),
    heading('What is used, a day'),
    table(
      [
        { head: '', share: 60, strong: true },
        { head: 'L', share: 16, right: true },
        { head: 'to the waste, L', share: 24, right: true },
      ],
      use.lines.map(({ purpose, litres, wasteL }) => [
        sayPurpose(purpose),
        formatNumber(litres, 1),
        formatNumber(wasteL, 1),
      ]),
    ),
    ...(report.levers.length === 0
      ? []
      : [
          heading('What would change it most'),
          ...report.levers.slice(0, 4).map((lever) => item(sayLever(lever), undefined)),
        ]),
    heading('Tanks'),
    tanks.length === 0
      ? paragraph('No tank stands in this plan yet.', { tone: 'soft' })
      : table(
          [
            { head: '', share: 36, strong: true },
            { head: 'for', share: 14 },
            { head: 'litres', share: 18 },
            { head: 'where', share: 22 },
            { head: 'over the ground', share: 22, right: true },
            { head: 'nights of frost', share: 22, right: true },
          ],
          tanks.map(({ tank, what }) => [
            sayTankName(tank, names),
            what,
            `${formatNumber(tank.litres)}${tank.joined > 1 ? `, ${tank.joined} joined` : ''}`,
            tank.isOutside ? (tank.isLagged ? 'outside, lagged' : 'outside') : 'inside',
            tank.isOutside && tank.overGroundMm !== undefined ? sayLength(Math.round(tank.overGroundMm), unit) : '',
            tank.isOutside ? sayFrost(tank) : '',
          ]),
        ),
    ...sayTanksLack(report).map((words) => paragraph(words, { tone: 'soft' })),
    ...(report.warm.length === 0
      ? []
      : [
          heading('Warm water'),
          ...report.warm.map((warm) => paragraph(`${sayTankName(warm, names)}: ${sayWarm(warm)}`)),
        ]),
    ...(lines.runs.length === 0
      ? []
      : [
          heading('Lines'),
          ...lines.runs.map((run) => item(sayWaterRun(run, names), 'box')),
          paragraph(
            `To buy, a tenth over: ${lines.toBuy.map(({ what, metres }) => `${LINE_WORDS[what]} ${formatNumber(metres)} m`).join(', ')}${lines.tees > 0 ? `; ${lines.tees} × tee` : ''}.`,
          ),
          paragraph(sayDrains(lines.drains, names)),
        ]),
    space(2),
    planning(
      'Drinking water stays in tanks that can be cleaned, and is filled away from waste. Figures are for planning.',
    ),
  ]
  return textSheets(sheetsFor(subject), 'Water', '', blocks)
}

/** How long the gas lasts: the answer, what burns, and by the month. */
export function gasSheets(subject: Subject): readonly Page[] {
  const { job, variantId, names } = subject
  const report = fuelReport(job, variantId)
  const blocks: readonly Block[] = [
    paragraph(sayFuel(report), { sizeMm: LETTERS.head, weight: 'semibold' }),
    ...[sayFuelUnsaid(report)].flatMap((words) => (words === undefined ? [] : [paragraph(words, { tone: 'soft' })])),
    ...(report.burners.length === 0
      ? []
      : [
          heading('What burns, a mean day aboard'),
          table(
            [
              { head: '', share: 60, strong: true },
              { head: 'W', share: 18, right: true },
              { head: 'h', share: 14, right: true },
              { head: 'kWh', share: 14, right: true },
            ],
            report.burners.map((burner) => [
              sayBurner(burner, names),
              formatNumber(burner.watts),
              Number.isNaN(burner.hoursADay) ? '' : formatNumber(burner.hoursADay, 1),
              formatNumber(burner.kWhADay, 2),
            ]),
          ),
          heading('By the month'),
          table(
            [
              { head: '', share: 30, strong: true },
              { head: 'nights aboard', share: 24, right: true },
              { head: 'nights on a filling of gas', share: 34, right: true },
              { head: 'diesel a night, L', share: 28, right: true },
            ],
            report.livedByMonth.map((nights, month) => [
              monthName(month),
              String(nights),
              report.gasKg === 0 ? '' : sayGasNights(report.gasNights[month] ?? NaN),
              nights === 0 ? '' : formatNumber(report.dieselANight[month] ?? 0, 1),
            ]),
          ),
        ]),
    ...(report.lines.runs.length === 0
      ? []
      : [
          heading('Pipes and vents'),
          ...report.lines.runs.map((run) => item(sayGasRun(run, names), 'box')),
          ...report.lines.vents.map((vent) => item(sayGasVent(vent, names), 'box')),
          item(sayLeakTest(report.lines), 'box'),
        ]),
    space(2),
    planning(
      'Gas by a licensed fitter, pressure-tested, to the local code; a carbon monoxide alarm at pillow height. Figures are for planning.',
    ),
  ]
  return textSheets(sheetsFor(subject), 'Gas', '', blocks)
}
