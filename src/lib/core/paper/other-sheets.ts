import { stepStates, sumOf } from '../condition'
import { path, planBounds, shellPlan, sideBounds, shellSide, type Item, type View, wholeOf } from '../draw'
import type { Vec2 } from '../geometry'
import { RULES } from '../review'
import { bareInterior } from '../shell'
import {
  capital,
  FOUND_WORDS,
  foundName,
  GRAVITY_WORDS,
  houseUnit,
  RULE_WORDS,
  ruleParameterWord,
  sayFigure,
  sayFoundSum,
  sayMeasured,
  sayMoney,
  sayStep,
  STEP_WORDS,
} from '../text'
import { formatLength, formatNumber } from '../units'
import { flow, heading, item, paragraph, space, table, type Block } from './flow'
import { LETTERS, type Page } from './page'
import { photoPages } from './photos'
import { NOTHING_AROUND, putViews, sizeAt, type Drawable } from './place-views'
import { textFrame } from './sheet'
import { sheetsFor, type Subject } from './subject'
import { textSheets } from './text-sheets'

/** No mark of what was found is smaller on the drawing, mm of the vehicle. */
const LEAST_MM = 90

/** What was found on the vehicle as it was bought: where it is, by its number, what it costs, and which step of the work waits for it. */
export function boughtSheets(subject: Subject): readonly Page[] {
  const { job, unit, scales } = subject
  const sheets = sheetsFor(subject, false)
  const found = job.found ?? {}
  const entries = Object.entries(found)
  const body = bareInterior(job.shell)
  const marksIn = (axis: 1 | 2): readonly Item[] =>
    entries.flatMap(([, { at, sizeMm }], index): Item[] => {
      if (at === undefined) return []
      const [half, high] = [Math.max(LEAST_MM, sizeMm[0]) / 2, Math.max(LEAST_MM, sizeMm[axis]) / 2]
      const [u, v] = [at[0], at[axis]]
      const corner = (du: number, dv: number): Vec2 => [u + du * half, v + dv * high]
      return [
        path([corner(-1, -1), corner(1, -1), corner(1, 1), corner(-1, 1)], 'visible'),
        { kind: 'text', at: [u, v], text: String(index + 1), size: 'label', anchor: 'middle' },
      ]
    })
  const view = (id: 'plan' | 'right', title: string, items: readonly Item[], marks: readonly Item[]): Drawable => ({
    view: wholeOf({
      id,
      title,
      bounds: id === 'plan' ? planBounds(body) : sideBounds(body),
      groups: [{ key: 'body', items: [...items, ...marks] }],
    } satisfies View),
    around: NOTHING_AROUND,
  })
  const drawables = [
    view('plan', 'From above', shellPlan(body).items, marksIn(1)),
    view('right', 'Right wall, seen through', shellSide(body, 'right').items, marksIn(2)),
  ]
  const scale =
    scales.find((one) => drawables.every((drawable) => sizeAt(drawable, one).wide <= sheets.room.wide)) ??
    scales.at(-1) ??
    50
  const given = putViews(sheets, 'As bought', 'where it was found', drawables, scale)
  const blocks: readonly Block[] = [
    heading('What was found'),
    entries.length === 0
      ? paragraph('Nothing yet: sills, arches, roof seams, seals and floor are looked at with a torch.', {
          tone: 'soft',
        })
      : table(
          [
            { head: 'no.', share: 7 },
            { head: 'what', share: 40, strong: true },
            { head: 'size', share: 26 },
            { head: 'before', share: 24 },
            { head: 'hours', share: 10, right: true },
            { head: 'cost', share: 12, right: true },
            { head: '', share: 10 },
          ],
          entries.map(([, one], index) => [
            String(index + 1),
            one.label === '' ? capital(FOUND_WORDS[one.kind]) : `${one.label}: ${FOUND_WORDS[one.kind]}`,
            one.sizeMm.map((mm) => formatLength(mm, unit)).join(' × '),
            one.before === null ? '' : STEP_WORDS[one.before],
            one.minutes === undefined ? '' : formatNumber(one.minutes / 60, 1),
            one.costMinor === undefined ? '' : sayMoney(one.costMinor),
            one.done === true ? 'done' : '',
          ]),
        ),
    paragraph(`All of it: ${sayFoundSum(sumOf(entries.map(([, one]) => one)))}.`),
    space(2),
    heading('The work, step by step'),
    ...stepStates(found).map((state) =>
      item(
        `${STEP_WORDS[state.step]}: ${sayStep(state, (id) => {
          const one = found[id]
          return one === undefined ? id : foundName(one)
        })}`,
        undefined,
      ),
    ),
  ]
  flow(blocks, sheets.frames('As bought', 'list', given[0]?.wide ?? textFrame(sheets.room.wide), given))
  photoPages('bought', subject, sheets)
  return sheets.pages()
}

/** What this job asks otherwise than the book of rules does, and the rules of the house. */
export function ruleSheets(subject: Subject): readonly Page[] {
  const { job, unit } = subject
  const { settings = {}, house = {} } = job.rules ?? {}
  const set = Object.entries(settings).flatMap(([id, setting]) => {
    const rule = RULES.find((one) => one.id === id)
    if (rule === undefined) return []
    const figures = Object.entries(setting.parameters ?? {}).map(([name, value]) => {
      const unitOf = rule.parameters[name]?.unit ?? 'count'
      const figure = unitOf === 'share' ? `${formatNumber(value * 100)}%` : sayFigure(value, unitOf, unit)
      return `${ruleParameterWord(id, name)}: ${figure}`
    })
    const said = [
      setting.off === true ? 'not checked' : '',
      setting.gravity === undefined ? '' : `counts as a ${GRAVITY_WORDS[setting.gravity].one}`,
      ...figures,
    ].filter((words) => words !== '')
    return [[RULE_WORDS[id]?.title ?? id, said.join('; ')]]
  })
  const blocks: readonly Block[] = [
    heading('Set for this job'),
    set.length === 0
      ? paragraph('All by the book of rules.', { tone: 'soft' })
      : table(
          [
            { head: 'rule', share: 40, strong: true },
            { head: '', share: 60 },
          ],
          set,
        ),
    heading('Rules of the house'),
    ...(Object.keys(house).length === 0
      ? [paragraph('None.', { tone: 'soft' })]
      : Object.values(house).map((rule) =>
          item(
            `${rule.title}: ${sayMeasured(rule.measure)}, ${rule.bound === 'least' ? 'at least' : 'at most'} ${sayFigure(rule.value, houseUnit(rule.measure), unit)}. ${rule.reason}`,
            { gravity: rule.gravity, text: '' },
          ),
        )),
    space(2),
    paragraph('Figures are common ones for planning, never a certificate.', { sizeMm: LETTERS.small, tone: 'soft' }),
  ]
  return textSheets(sheetsFor(subject, false), 'Rules of this job', '', blocks)
}
