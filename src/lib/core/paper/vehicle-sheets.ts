import { bodyViews, type View, wholeOf } from '../draw'
import { spanMiddle } from '../geometry'
import { bareInterior } from '../shell'
import { ceilingAreaM2, floorAreaM2, spaceTable, volumeM3 } from '../space'
import { frameOf, MEASURE_GROUPS, measuresOf, type Measure } from '../survey'
import { surveyOfShell } from '../readings'
import { MEASURE_GROUP_WORDS, sayMeasure, SPACE_ROW_WORDS, withLengths } from '../text'
import { formatLength, sayAir, sayArea, sayMass } from '../units'
import { flow, heading, paragraph, space, table, type Block } from './flow'
import { LETTERS, type Page } from './page'
import { NOTHING_AROUND, putViews, sizeAt, type Drawable } from './place-views'
import { textFrame, type Sheets } from './sheet'
import { sheetsFor, type Subject } from './subject'

const scaleFor = (sheets: Sheets, drawables: readonly Drawable[], scales: readonly number[]): number =>
  scales.find((scale) =>
    drawables.every((one) => {
      const { wide, high } = sizeAt(one, scale)
      return wide <= sheets.room.wide && high <= sheets.room.high
    }),
  ) ??
  scales.at(-1) ??
  50

/** The vehicle as it is lined and changed: its body in three views, the load space, openings and weights. */
export function vehicleSheets(subject: Subject): readonly Page[] {
  const { job, plan, interior, unit, scales } = subject
  const { shell } = interior
  const sheets = sheetsFor(subject)
  const middle = spanMiddle(interior.xSpan)
  const views = bodyViews(interior, middle)
  const say = (mm: number): string => formatLength(mm, unit)
  const drawables = [
    views.plan,
    views.side,
    { ...views.section, title: `Section ${say(middle - interior.xSpan.min)} from the sill, seen from behind` },
  ].map((view): Drawable => ({ view: wholeOf(view), around: NOTHING_AROUND }))
  const given = putViews(sheets, 'Vehicle', job.shell.name, drawables, scaleFor(sheets, drawables, scales))
  const { masses } = shell
  const blocks: readonly Block[] = [
    heading('The load space'),
    table(
      [
        { head: '', share: 46 },
        { head: 'bare', share: 16, right: true },
        { head: 'lining', share: 16, right: true },
        { head: 'lined', share: 16, right: true, strong: true },
      ],
      spaceTable(job.shell, plan.lining, middle, plan.changes).map(({ id, bareMm, linedMm }) => [
        withLengths(SPACE_ROW_WORDS[id], unit),
        bareMm === 0 ? 'none' : say(bareMm),
        bareMm === 0 ? '' : say(bareMm - linedMm),
        linedMm === 0 ? 'none' : say(linedMm),
      ]),
    ),
    paragraph(
      `Floor ${sayArea(floorAreaM2(interior), unit)}, air ${sayAir(volumeM3(interior), unit)}, ceiling ${sayArea(ceilingAreaM2(interior), unit)}.`,
    ),
    heading('Doors, windows and hatches'),
    table(
      [
        { head: '', share: 40, strong: true },
        { head: 'from the sill', share: 30 },
        { head: 'height', share: 30 },
      ],
      shell.openings.map(({ label, fromMm, toMm, sillMm, headMm, side }) => [
        label,
        side === 'rear' ? '' : `${say(fromMm)} to ${say(toMm)}`,
        side === 'roof' ? '' : `${say(sillMm)} to ${say(headMm)}`,
      ]),
    ),
    heading('What stands in'),
    table(
      [
        { head: '', share: 34, strong: true },
        { head: 'from the sill', share: 24 },
        { head: 'across', share: 24 },
        { head: 'height', share: 24 },
      ],
      shell.keepOuts.map(({ label, from, to }) => [
        label,
        `${say(from[0])} to ${say(to[0])}`,
        `${say(from[1])} to ${say(to[1])}`,
        `${say(from[2])} to ${say(to[2])}`,
      ]),
    ),
    heading('Weights'),
    paragraph(`Kerb ${sayMass(masses.kerbKg)}, gross ${sayMass(masses.grossKg)}.`),
    paragraph(
      'Across is from the centreline, to the left; heights are above the bare load floor. The plate and the papers of the vehicle rule.',
      {
        sizeMm: LETTERS.small,
        tone: 'soft',
      },
    ),
  ]
  flow(blocks, sheets.frames('Vehicle', 'sizes', given[0]?.wide ?? textFrame(sheets.room.wide), given))
  return sheets.pages()
}

const NUMBER_MM = 70

/** A survey to be filled in by hand: every tape drawn with its number, and a line for each reading. */
export function surveySheets(subject: Subject): readonly Page[] {
  const { job, unit, scales } = subject
  const sheets = sheetsFor(subject, false)
  const survey = job.survey ?? surveyOfShell(job.shell.id)
  const frame = frameOf(survey)
  const measures = measuresOf(survey, frame)
  const numberOf = new Map(measures.map(({ id }, index) => [id, index + 1]))
  const body = bareInterior(frame.base)
  const within = (x: number): number => Math.min(Math.max(x, body.xSpan.min), body.xSpan.max)
  const withTapes = (view: View, those: readonly Measure[]): View => ({
    ...view,
    groups: [
      ...view.groups,
      {
        key: 'tapes',
        items: those.flatMap(({ id, tape }) =>
          tape === undefined
            ? []
            : [{ kind: 'dimension' as const, from: tape.from, to: tape.to, offset: 0, text: String(numberOf.get(id)) }],
        ),
      },
    ],
  })
  const of = (view: 'plan' | 'side'): readonly Measure[] => measures.filter(({ tape }) => tape?.view === view)
  const stations = [...new Set(measures.flatMap(({ tape }) => (tape?.view === 'section' ? [tape.xMm] : [])))].sort(
    (a, b) => a - b,
  )
  const middle = bodyViews(body, within(frame.stationMm.axle))
  const beside = { left: 4 * NUMBER_MM, right: 0, above: 0, below: 0 }
  const drawables: readonly Drawable[] = [
    { view: withTapes(middle.plan, of('plan')), around: beside },
    { view: withTapes(middle.side, of('side')), around: beside },
    ...stations.map((xMm): Drawable => {
      const view = bodyViews(body, within(xMm)).section
      const those = measures.filter(({ tape }) => tape?.view === 'section' && tape.xMm === xMm)
      return {
        view: {
          ...withTapes(view, those),
          title: `Section ${formatLength(xMm, unit)} from the sill, seen from behind`,
        },
        around: { left: NUMBER_MM, right: NUMBER_MM, above: 0, below: 0 },
      }
    }),
  ]
  putViews(sheets, 'Survey', 'every tape, by its number', drawables, scaleFor(sheets, drawables, scales))
  const blocks = MEASURE_GROUPS.flatMap((group): readonly Block[] => {
    const those = measures.filter((measure) => measure.group === group)
    return those.length === 0
      ? []
      : [
          heading(MEASURE_GROUP_WORDS[group]),
          table(
            [
              { head: 'no.', share: 8 },
              { head: those[0]?.unit === 'kg' ? 'kg' : unit, share: 50 },
              { head: 'reading', share: 21 },
              { head: 'second', share: 21 },
            ],
            those.map((measure) => [
              String(numberOf.get(measure.id)),
              sayMeasure(measure, frame, unit),
              { write: true },
              { write: true },
            ]),
          ),
          space(2),
        ]
  })
  flow(blocks, sheets.frames('Survey', 'readings', textFrame(sheets.room.wide)))
  return sheets.pages()
}
