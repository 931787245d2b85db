import { drawView, wholeOf } from '../draw'
import { isLetBe, type Fault } from '../review'
import { RULE_GROUP_WORDS, sayFinding } from '../text'
import { flow, heading, item, paragraph, space, type Block } from './flow'
import { letBeList, MOST_LISTED, moreThanListed } from './lists'
import { LETTERS, type Mark, type Page } from './page'
import { NOTHING_AROUND, putView, sizeAt } from './place-views'
import { restOf, textFrame } from './sheet'
import { sheetsFor, type Subject } from './subject'

const SIGN_APART_MM = 5

/** Numbers of findings where they are in the plan, moved beside each other where they would lie on one another. */
function signs(
  faults: readonly Fault[],
  numberOf: (fault: Fault) => number,
  at: (point: readonly [number, number]) => readonly [number, number],
): readonly Mark[] {
  const taken: (readonly [number, number])[] = []
  return faults.map((fault): Mark => {
    const [x, y] = fault.finding.place
    const [start, v] = at([x, y])
    let u = start
    while (taken.some(([a, b]) => Math.abs(a - u) < SIGN_APART_MM && Math.abs(b - v) < SIGN_APART_MM))
      u += SIGN_APART_MM
    taken.push([u, v])
    return { kind: 'sign', at: [u, v], gravity: fault.finding.gravity, text: String(numberOf(fault)) }
  })
}

/** What the review says of a variant, each finding once, with the plan in which they lie. */
export function reviewSheets(subject: Subject): readonly Page[] {
  const { job, faults, names, unit, scenes, scales, overview, numbers } = subject
  const sheets = sheetsFor(subject)
  const all = faults.filter(({ finding }) => !isLetBe(finding))
  const open = all.slice(0, MOST_LISTED)
  const numberOf = (fault: Fault): number => open.indexOf(fault) + 1
  const title = 'Review'
  const modesOf = ({ modes }: Fault): string => modes.map((id) => names.mode(id)).join(', ')
  const groups = [...new Set(open.map(({ finding }) => finding.group))]
  const blocks: readonly Block[] = [
    ...(open.length === 0 ? [paragraph('Everything that is checked is all right in this plan.')] : []),
    ...groups.flatMap((group): readonly Block[] => [
      heading(RULE_GROUP_WORDS[group]),
      ...open
        .filter(({ finding }) => finding.group === group)
        .map((fault) =>
          item(
            sayFinding(fault.finding, names, unit).designer,
            { gravity: fault.finding.gravity, text: String(numberOf(fault)) },
            modesOf(fault),
          ),
        ),
      space(2),
    ]),
    ...moreThanListed(all.length),
    ...letBeList(faults, ({ finding }) => sayFinding(finding, names, unit).designer),
    paragraph(
      'Gas, mains, batteries, belts, roof loads and cuts in the body are work for licensed trades under local codes.',
      {
        sizeMm: LETTERS.small,
        tone: 'soft',
      },
    ),
  ]
  const shown = scenes.filter(({ modeId }) => open.some(({ modes }) => modes[0] === modeId))
  let draft = sheets.add(title, '')
  const { room } = draft
  let top = room.top
  let most = 0
  for (const scene of shown) {
    const drawable = {
      view: { ...wholeOf(drawView(scene, 'plan', job.brief)), title: names.mode(scene.modeId) },
      around: NOTHING_AROUND,
    }
    const scale =
      scales.find((one) => sizeAt(drawable, one).wide <= room.wide && sizeAt(drawable, one).high <= room.high * 0.5) ??
      overview
    const { high } = sizeAt(drawable, scale)
    if (top + high > room.top + room.high) [draft, top, most] = [sheets.add(title, ''), room.top, 0]
    const left = room.left
    putView(draft, drawable, scale, [left, top], numbers)
    const { min, max } = drawable.view.bounds
    draft.marks.push(
      ...signs(
        open.filter(({ modes }) => modes[0] === scene.modeId),
        numberOf,
        ([x, y]) => [left + (x - min[0]) / scale, top + high - (max[1] - min[1]) / scale + (max[1] - y) / scale],
      ),
    )
    top += high + 6
    most = Math.max(most, sizeAt(drawable, scale).wide)
  }
  const given = restOf(draft, most, top - room.top)
  flow(blocks, sheets.frames(title, 'findings', given[0]?.wide ?? textFrame(room.wide), given))
  return sheets.pages()
}
