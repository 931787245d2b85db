import { madeWhole, wiringViews } from '../draw'
import { circuitName, sayConductor, sayLacking, sayWire, sourceName, wantWords, WIRE_PART_WORDS } from '../text'
import { formatFigure } from '../units'
import { oneLine, shoppingOf, wiringOf, type Wire, type Wiring } from '../wiring'
import { flow, heading, item, paragraph, space, table, type Block, type Row } from './flow'
import { fitted, LETTERS, rule, type Mark, type Page } from './page'
import { NOTHING_AROUND, putViews, sizeAt, type Drawable } from './place-views'
import { textFrame } from './sheet'
import { sheetsFor, type Subject } from './subject'

const ROW_MM = 9
const SOURCE_MM = 25
/** From the bar of a source to what a wire serves, its fuse on the way. */
const WIRE_MM = 42
const FUSE_MM = 11
const NUMBER_MM = 6

/** One line of the diagram: from the bar of its source through its fuse to what it serves. */
const diagramRow = (
  wire: Wire,
  { number, names, source, isLast }: { number: number; names: Subject['names']; source: string; isLast: boolean },
  wideMm: number,
): Row => ({
  high: ROW_MM,
  keep: !isLast,
  marks: (left, top) => {
    const words = sayWire(wire, names)
    const y = top + ROW_MM / 2
    const bar = left + SOURCE_MM
    const [fuse, end] = [bar + 4, bar + WIRE_MM]
    const text = (
      at: readonly [number, number],
      said: string,
      wide: number,
      { strong = false, middle = false } = {},
    ): Mark => ({
      kind: 'words',
      at,
      ...fitted(said, LETTERS.small, wide, strong ? 'semibold' : 'regular'),
      sizeMm: LETTERS.small,
      weight: strong ? 'semibold' : 'regular',
      anchor: middle ? 'middle' : 'start',
    })
    const beside = end + NUMBER_MM + 2
    return [
      ...(source === '' ? [] : [text([left, y + 0.9], source, SOURCE_MM - 2, { strong: true })]),
      rule([bar, source === '' ? top : y], [bar, isLast ? y : top + ROW_MM], 0.7),
      rule([bar, y], [fuse, y], 0.35),
      { kind: 'box', at: [fuse, y - 1.6], wideMm: FUSE_MM, highMm: 3.2, widthMm: 0.3 },
      text([fuse + FUSE_MM / 2, y + 0.9], words.fuse, FUSE_MM, { middle: true }),
      rule([fuse + FUSE_MM, y], [end, y], 0.35),
      text([fuse + FUSE_MM + 1.5, y - 0.9], words.section, end - fuse - FUSE_MM - 2),
      text([fuse + FUSE_MM + 1.5, y + 3.2], words.length, end - fuse - FUSE_MM - 2),
      { kind: 'box', at: [end, y - 2.4], wideMm: NUMBER_MM, highMm: 4.8, widthMm: 0.3 },
      text([end + NUMBER_MM / 2, y + 0.9], String(number), NUMBER_MM, { strong: true, middle: true }),
      text([beside, y - 0.4], words.circuit, left + wideMm - beside, { strong: true }),
      text([beside, y + 2.8], words.serves, left + wideMm - beside),
    ]
  },
})

function diagram({ wires, missing }: Wiring, names: Subject['names']): Block {
  return {
    rows: (wide) =>
      oneLine(wires).flatMap(({ source, wires: those }) => [
        ...those.map(({ wire, number }, at) =>
          diagramRow(
            wire,
            { number, names, source: at === 0 ? sourceName(source, missing) : '', isLast: at === those.length - 1 },
            wide,
          ),
        ),
        { high: 4, marks: () => [] },
      ]),
  }
}

const LABEL = { wide: 42, high: 11, gap: 2 } as const

/** Labels for the fuse board, to be cut out. */
const labels = (wires: readonly (readonly [number, Wire])[]): Block => ({
  rows: (wide) => {
    const across = Math.max(1, Math.floor((wide + LABEL.gap) / (LABEL.wide + LABEL.gap)))
    return Array.from({ length: Math.ceil(wires.length / across) }, (_, at): Row => ({
      high: LABEL.high + LABEL.gap,
      marks: (left, top) =>
        wires.slice(at * across, (at + 1) * across).flatMap(([number, wire], column): Mark[] => {
          const x = left + column * (LABEL.wide + LABEL.gap)
          const fuse = wire.sized === undefined ? '' : `${formatFigure(wire.sized.fuseA, 1)} A`
          return [
            { kind: 'box', at: [x, top], wideMm: LABEL.wide, highMm: LABEL.high, widthMm: 0.2 },
            {
              kind: 'words',
              at: [x + 2, top + 4.6],
              ...fitted(`${number} ${circuitName(wire)}`, LETTERS.body, LABEL.wide - 4, 'semibold'),
              sizeMm: LETTERS.body,
              weight: 'semibold',
            },
            { kind: 'words', at: [x + 2, top + 8.8], text: fuse, sizeMm: LETTERS.small, tone: 'soft' },
          ]
        }),
    }))
  },
})

/** The circuits of a plan: where each wire runs, the one-line diagram, the schedule, what is bought, and labels for the fuse board. */
export function wiringSheets(subject: Subject): readonly Page[] {
  const { job, variantId, scenes, names, scales } = subject
  const sheets = sheetsFor(subject)
  const wiring = wiringOf(job, variantId)
  const { wires } = wiring
  const lacking = sayLacking(wiring)
  const bought = shoppingOf(wiring)
  const [scene] = scenes
  const drawables = (scene === undefined ? [] : madeWhole(wiringViews(scene, wiring))).map((view): Drawable => ({
    view,
    around: NOTHING_AROUND,
  }))
  const scale =
    scales.find((one) =>
      drawables.every((drawable) => {
        const { wide, high } = sizeAt(drawable, one)
        return wide <= sheets.room.wide && high <= sheets.room.high
      }),
    ) ??
    scales.at(-1) ??
    50
  const given = putViews(sheets, 'Wiring', 'where each wire runs, by its number', drawables, scale)
  const board = wires.flatMap((wire, index) =>
    wire.source === 'board' || wire.source === 'battery' ? [[index + 1, wire] as const] : [],
  )
  const blocks: readonly Block[] = [
    ...(lacking === '' ? [] : [paragraph(lacking, { weight: 'semibold' }), space(2)]),
    ...(wires.length === 0
      ? []
      : [
          heading('One line'),
          diagram(wiring, names),
          heading('Schedule of circuits'),
          table(
            [
              { head: 'no.', share: 6 },
              { head: 'circuit', share: 22, strong: true },
              { head: 'serves', share: 28 },
              { head: 'fuse', share: 10, right: true },
              { head: 'wire', share: 22 },
              { head: 'out and back', share: 14, right: true },
              { head: 'lost', share: 17, right: true },
              { head: 'with', share: 18 },
            ],
            wires.map((wire, index) => {
              const words = sayWire(wire, names)
              return [
                String(index + 1),
                words.circuit,
                words.serves,
                words.fuse,
                words.wire,
                words.length,
                words.drop,
                wantWords(wire),
              ]
            }),
          ),
          heading('To buy'),
          ...bought.wire.map(({ mm2, metres }) => item(`${sayConductor(mm2)}, stranded: ${metres} m`, 'box')),
          ...bought.fuses.map(({ amps, count }) => item(`Fuse ${formatFigure(amps, 1)} A: ${count}`, 'box')),
          ...bought.besides.map(({ what, count }) =>
            item(`${WIRE_PART_WORDS[what].replace(/^an? /, '')}: ${count}`, 'box'),
          ),
          heading('Labels for the fuse board, to cut out'),
          labels(board),
        ]),
    space(2),
    paragraph(
      'Mains and battery work is for licensed trades, to the local code. A fuse at the battery, lithium with its own protection, a residual-current device ahead of all that is at mains voltage. Figures are for planning.',
      { sizeMm: LETTERS.small, tone: 'soft' },
    ),
  ]
  flow(blocks, sheets.frames('Wiring', 'circuits', textFrame(sheets.room.wide), given))
  return sheets.pages()
}
