import { hatchOf, textWidth } from '../draw'
import { spanLength } from '../geometry'
import { weightReport } from '../budgets'
import { isLetBe, type Fault } from '../review'
import type { Placed, Scene } from '../scene'
import { fittingName, sayFinding } from '../text'
import { formatLength, formatNumber } from '../units'
import { heading, item, key, paragraph, space, table, type Block } from './flow'
import { notesOf } from './on-drawing'
import { LETTERS } from './page'
import { sayDate, type Subject } from './subject'
import { tapeOut } from './tape-out'

/** “40 from the sill, left wall”. */
function whereOf({ names, unit }: Subject, scene: Scene, placed: Placed): string {
  if (placed.within !== undefined) return `in ${names.the(placed.within.hostId)}`
  const { from } = placed.seat.across
  const wall = from === 'left-wall' ? 'left wall' : from === 'right-wall' ? 'right wall' : 'centre'
  return `${formatLength(placed.bounds.x.min - scene.interior.xSpan.min, unit)} from the sill, ${wall}`
}

/** Every fitting of a scene with its size, place and weight. */
export function schedule(subject: Subject, scene: Scene): readonly Block[] {
  const { job, variantId, unit, numbers } = subject
  const { entries } = weightReport(job, variantId)
  const kgOf = (id: string): number =>
    entries.reduce(
      (sum, entry) => (entry.source.kind === 'fitting' && entry.source.id === id ? sum + entry.kg : sum),
      0,
    )
  const say = (mm: number) => formatLength(mm, unit)
  const rows = [...scene.placed]
    .sort((a, b) => a.bounds.x.min - b.bounds.x.min)
    .map((placed): readonly string[] => {
      const along = placed.placement.turn % 180 === 0
      const { x, y, z } = placed.bounds
      const kg = kgOf(placed.id)
      return [
        String(numbers.get(fittingName(placed.fitting)) ?? ''),
        subject.names.fitting(placed.id),
        say(spanLength(along ? x : y)),
        say(spanLength(along ? y : x)),
        say(spanLength(z)),
        whereOf(subject, scene, placed),
        kg === 0 ? '' : formatNumber(kg, kg < 10 ? 1 : 0),
      ]
    })
  if (rows.length === 0) return [heading('Fittings'), paragraph('Nothing stands in this plan yet.', { tone: 'soft' })]
  // figures are never broken: their columns are as wide as the longest of them
  const wide = (column: number, head: string): number =>
    Math.max(textWidth(head, LETTERS.small), ...rows.map((row) => textWidth(row[column] ?? '', LETTERS.small))) + 0.5
  return [
    heading('Fittings'),
    table(
      [
        { head: 'no.', share: wide(0, 'no.') },
        { head: 'fitting', share: 30, strong: true },
        { head: 'length', share: wide(2, 'length'), right: true },
        { head: 'depth', share: wide(3, 'depth'), right: true },
        { head: 'height', share: wide(4, 'height'), right: true },
        { head: 'where', share: 34 },
        { head: 'kg', share: wide(6, 'kg'), right: true },
      ],
      rows,
    ),
  ]
}

const modesOfFault = ({ names, plan }: Subject, { modes }: Fault): string =>
  modes.length === Object.keys(plan.modes).length && modes.length > 1
    ? ''
    : modes.map((id) => names.mode(id)).join(', ')

/** So many findings are listed on sheets at the most: of more than that nobody reads a list. */
export const MOST_LISTED = 120

/** What says that a list goes on beyond what is printed; nothing where it does not. */
export const moreThanListed = (all: number): readonly Block[] =>
  all <= MOST_LISTED
    ? []
    : [
        paragraph(`And ${all - MOST_LISTED} more, the gravest first: all of them are in the review on screen.`, {
          tone: 'soft',
        }),
      ]

/** What is still open in a mode, or in any, and what was let be. */
export function openAndLetBe(subject: Subject, modeId?: string): readonly Block[] {
  const those = subject.faults.filter(({ modes }) => modeId === undefined || modes.includes(modeId))
  const open = those.filter(({ finding }) => !isLetBe(finding))
  const say = ({ finding }: Fault): string => sayFinding(finding, subject.names, subject.unit).designer
  return [
    heading('Still open'),
    ...(open.length === 0
      ? [paragraph('Nothing: all that is checked is all right.', { tone: 'soft' })]
      : open
          .slice(0, MOST_LISTED)
          .map((fault, index) =>
            item(
              say(fault),
              { gravity: fault.finding.gravity, text: String(index + 1) },
              modeId === undefined ? modesOfFault(subject, fault) : '',
            ),
          )),
    ...moreThanListed(open.length),
    space(2),
    ...letBeList(those, say),
  ]
}

/** What was left as it is, each with its reason and day; nothing where all counts. */
export function letBeList(
  faults: readonly Fault[],
  say: (fault: Fault) => string,
  title = 'Left as it is, on purpose',
): readonly Block[] {
  const letBe = faults.filter(({ finding }) => isLetBe(finding))
  if (letBe.length === 0) return []
  return [
    heading(title),
    ...letBe.map((fault) => {
      const { waiver } = fault.finding
      return item(`${say(fault)} “${waiver?.reason ?? ''}”`, undefined, waiver === undefined ? '' : sayDate(waiver.on))
    }),
    space(2),
  ]
}

const HATCH_WORDS = {
  sleeping: 'sleeping',
  sitting: 'sitting',
  tables: 'tables and desks',
  galley: 'galley',
  wet: 'washing, toilet',
  stowage: 'stores',
  machines: 'water, power, machines',
} as const

/** What the hatches and lines of a scene stand for. */
export function keyOf(scene: Scene): readonly Block[] {
  const used = new Set(scene.placed.filter(({ solids }) => solids.length > 0).map((placed) => hatchOf(placed)))
  const entries = (Object.keys(HATCH_WORDS) as (keyof typeof HATCH_WORDS)[])
    .filter((id) => used.has(id))
    .map((id) => [id, HATCH_WORDS[id]] as const)
  return [
    heading('Key'),
    key(entries, [
      [[1.6, 0.9], 'above or below what is cut'],
      [[4, 1, 0.8, 1], 'centreline'],
    ]),
    space(2),
  ]
}

/** The offsets of every corner, to lay a plan out on the floor. */
export function tapeOutOf(subject: Subject, scene: Scene): readonly Block[] {
  const rows = tapeOut(scene, subject.names, subject.unit)
  return rows.length === 0
    ? []
    : [
        heading('Tape it out: from the rear sill and the centreline'),
        table(
          [
            { head: 'fitting', share: 30, strong: true },
            { head: 'from the sill', share: 22 },
            { head: 'left or right of centre', share: 30 },
            { head: 'height', share: 22 },
          ],
          rows.map(({ name, fromSill, across, heights }) => [name, fromSill, across, heights]),
        ),
        paragraph(
          'Heights are above the bare load floor. Tape it out before anything is cut: the body differs from its measures by what the tape did not see.',
          {
            sizeMm: LETTERS.small,
            tone: 'soft',
          },
        ),
        space(2),
      ]
}

/** The notes that are pinned to the drawing. */
export function notesList(subject: Subject): readonly Block[] {
  const notes = subject.withNotes === true ? notesOf(subject.plan) : []
  return notes.length === 0
    ? []
    : [heading('Notes'), ...notes.map(({ text }, index) => item(`n${index + 1}  ${text}`, undefined)), space(2)]
}
