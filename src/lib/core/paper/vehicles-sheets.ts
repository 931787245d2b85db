import { planBounds, shellPlan, wrapped } from '../draw'
import { planInterior, variantsOf } from '../job'
import { GENERIC_SHELLS } from '../shells'
import { compareVehicles, type VehicleRow } from '../suit'
import { sayContradiction } from '../text'
import { formatLength, sayLength, sayMass } from '../units'
import { heading, paragraph, type Block, type Row } from './flow'
import { LETTERS, rule, type Mark, type Page } from './page'
import { sheetsFor, type Subject } from './subject'
import { textSheets } from './text-sheets'

/** The longest body is drawn so long, mm of paper; the others to the same scale. */
const LONGEST_MM = 48
const LINE = 1.32

/** Every vehicle held against the brief, lined and empty, the best fit first, with its plan; all plans to one scale. */
export function vehiclesSheets(subject: Subject): readonly Page[] {
  const { job, unit } = subject
  const own = GENERIC_SHELLS.some(({ id }) => id === job.shell.id) ? [] : [job.shell]
  const shells = [...own, ...GENERIC_SHELLS]
  const lining = variantsOf(job)[0]?.[1].plan.lining ?? subject.plan.lining
  const rows = compareVehicles(job.brief, shells, lining)
  const plans = new Map(
    shells.map((shell) => {
      const interior = planInterior(shell, { lining, changes: {} })
      const bounds = planBounds(interior)
      return [shell.id, { id: 'plan' as const, title: '', bounds, groups: [shellPlan(interior)] }]
    }),
  )
  const longest = Math.max(...[...plans.values()].map(({ bounds }) => bounds.max[0] - bounds.min[0]))
  const scale = longest / LONGEST_MM
  const block = (row: VehicleRow): Block => ({
    rows: (wide): readonly Row[] => {
      const view = plans.get(row.shellId)
      const indent = LONGEST_MM + 6
      const against = row.against.map((one) => sayContradiction(one, unit))
      const outside = [row.lengthMm, row.heightMm].flatMap((mm) => (mm === undefined ? [] : [formatLength(mm, unit)]))
      const texts: readonly string[] = [
        `${row.musts} of ${row.of} musts; ${sayLength(row.spareWallMm, unit)} of wall to spare; ${sayMass(row.payloadLeftKg)} of payload left${outside.length === 0 ? '' : `; outside ${outside.join(' × ')}`}`,
        ...(against.length === 0 ? ['All fits.'] : against),
      ]
      const lines = texts.flatMap((text) => wrapped(text, LETTERS.small, wide - indent))
      const drawingHigh = view === undefined ? 0 : (view.bounds.max[1] - view.bounds.min[1]) / scale
      const high = Math.max(drawingHigh + 2, LETTERS.body * LINE + lines.length * LETTERS.small * LINE) + 2.5
      return [
        {
          high,
          marks: (left, top): readonly Mark[] => [
            ...(view === undefined
              ? []
              : ([{ kind: 'view', placed: { view, left, top: top + 1 }, scale }] satisfies readonly Mark[])),
            {
              kind: 'words',
              at: [left + indent, top + LETTERS.body],
              text: row.shellId === job.shell.id ? `${row.name}, in this job` : row.name,
              sizeMm: LETTERS.body,
              weight: 'semibold',
            },
            ...lines.map((text, index): Mark => ({
              kind: 'words',
              at: [left + indent, top + LETTERS.body * LINE + LETTERS.small + index * LETTERS.small * LINE],
              text,
              sizeMm: LETTERS.small,
            })),
            rule([left, top + high - 1], [left + wide, top + high - 1], 0.12, 'line'),
          ],
        },
      ]
    },
  })
  return textSheets(sheetsFor(subject, false), 'Which vehicle?', '', [
    heading('Each vehicle held against the brief, lined and empty: the best fit first'),
    paragraph('The plans are to one scale. The weight of the furniture is not counted yet.', {
      sizeMm: LETTERS.small,
      tone: 'soft',
    }),
    ...rows.map(block),
  ])
}
