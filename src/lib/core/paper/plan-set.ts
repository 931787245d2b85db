import { drawSection, drawView, madeWhole, planDimensions, type View, wholeOf } from '../draw'
import { spanLength, spanMiddle } from '../geometry'
import { changeBetween, type Scene } from '../scene'
import { sayChange } from '../text'
import { formatLength } from '../units'
import { drawnIfRoom, flow, heading, item, space, type Block, type Frame } from './flow'
import { keyOf, notesList, openAndLetBe, schedule, tapeOutOf } from './lists'
import { onDrawing } from './on-drawing'
import { NOTHING_AROUND, viewMarks, putStack, putViews, sizeAt, stackAt, type Drawable } from './place-views'
import { photoPages } from './photos'
import { restOf, textFrame, type Sheets } from './sheet'
import { sheetsFor, type Subject } from './subject'
import type { Page } from './page'

/** How far chains reach beside a plan, mm of its own. */
const CHAINS = { left: 290, right: 30, above: 410, below: 200 }
/** What is drawn over or under a plan begins where that does. */
const BESIDE_CHAINS = { ...NOTHING_AROUND, left: CHAINS.left }
/** From this scale on a sheet with the vehicle unfolded is too small to be the only drawing. */
const SMALL = 33

/** The three views of a scene that lie over each other, the plan with its chains. */
export function unfolded({ job, unit, plan, withNotes }: Subject, scene: Scene): readonly Drawable[] {
  const made = (['left', 'plan', 'right'] as const).map((id): View => {
    const view = drawView(scene, id, job.brief)
    return { ...view, groups: [...view.groups, onDrawing(scene, plan, id, unit, withNotes === true)] }
  })
  return madeWhole(made).map((view): Drawable =>
    view.id === 'plan'
      ? { view: { ...view, groups: [...view.groups, planDimensions(scene, view.bounds.max[1], unit)] }, around: CHAINS }
      : { view, around: BESIDE_CHAINS },
  )
}

/** Where a section says something: through the middle of what stands there, not twice within a step. */
const STEP_MM = 450
const MOST_SECTIONS = 6
function stationsOf(scene: Scene): readonly number[] {
  const middles = scene.placed
    .filter(({ within, solids }) => within === undefined && solids.length > 0)
    .sort((a, b) => spanLength(b.bounds.x) - spanLength(a.bounds.x))
    .map(({ bounds }) => spanMiddle(bounds.x))
    .filter((x) => x > scene.interior.xSpan.min && x < scene.interior.xSpan.max)
  const kept: number[] = []
  for (const x of middles)
    if (kept.length < MOST_SECTIONS && kept.every((other) => Math.abs(other - x) >= STEP_MM)) kept.push(x)
  return kept.length === 0 ? [spanMiddle(scene.interior.xSpan)] : kept.sort((a, b) => a - b)
}

/** Sections through what stands in a scene. */
export function sectionsOf({ job, unit }: Subject, scene: Scene): readonly Drawable[] {
  const sill = scene.interior.xSpan.min
  return stationsOf(scene).map((x) => {
    const made = wholeOf(drawSection(scene, x, job.brief))
    return {
      view: { ...made, title: `Section ${formatLength(x - sill, unit)} from the sill, seen from behind` },
      around: NOTHING_AROUND,
    }
  })
}

/** What it takes to come into a mode from the one before. */
function movesInto(subject: Subject, scene: Scene, before: Scene | undefined): readonly Block[] {
  if (before === undefined) return []
  const { job, plan, names, interior } = subject
  const said = sayChange(changeBetween(interior, plan, before.modeId, scene.modeId, job.brief), job, names)
  return said.moves.length === 0
    ? []
    : [
        heading(`From ${names.mode(before.modeId)}: ${said.total}`),
        ...said.moves.map((text, index) => item(`${index + 1}  ${text}`, undefined)),
        space(2),
      ]
}

/** The scale at which each of some drawings has a sheet of its own; undefined where none does. */
const separateScale = (sheets: Sheets, drawables: readonly Drawable[], scales: readonly number[]): number | undefined =>
  scales.find((scale) =>
    drawables.every((one) => {
      const { wide, high } = sizeAt(one, scale)
      return wide <= sheets.room.wide && high <= sheets.room.high
    }),
  )

const stackScale = (sheets: Sheets, drawables: readonly Drawable[], scales: readonly number[]): number | undefined =>
  scales.find((scale) => {
    const { wide, high } = stackAt(drawables, scale)
    return wide <= sheets.room.wide && high <= sheets.room.high
  })

/** The vehicle in one mode: unfolded on one sheet with its lists beside it where paper and scale allow, else each view by itself. */
function modeSheets(subject: Subject, sheets: Sheets, scene: Scene, lists: readonly Block[]): void {
  const { names, numbers, scales } = subject
  const drawables = unfolded(subject, scene)
  const title = names.mode(scene.modeId)
  const { room } = sheets
  const large = scales.filter((scale) => scale <= SMALL)
  const together =
    stackScale(sheets, drawables, large) ??
    (separateScale(sheets, drawables, large) === undefined ? stackScale(sheets, drawables, scales) : undefined)
  if (together === undefined) {
    const apart = separateScale(sheets, drawables, scales) ?? scales.at(-1) ?? 50
    flowLists(sheets, title, lists, putViews(sheets, title, 'walls and plan', drawables, apart, numbers))
    return
  }
  const draft = sheets.add(title, 'left wall, plan and right wall', together)
  const { wide } = stackAt(drawables, together)
  const high = putStack(draft, drawables, together, [room.left, room.top], numbers)
  const rest = restOf(draft, wide, high)
  flowLists(sheets, title, [...lists, ...sectionBeside(subject, scene, together, rest[0]?.wide ?? 0)], rest)
}

/** One section at the scale of the sheet, where its lists leave room. */
function sectionBeside(subject: Subject, scene: Scene, scale: number, wide: number): readonly Block[] {
  const [first] = sectionsOf(subject, scene)
  if (first === undefined) return []
  const size = sizeAt(first, scale)
  if (size.wide > wide) return []
  return [drawnIfRoom(size.high + 4, (left, top) => viewMarks(first, scale, [left, top + 2], subject.numbers))]
}

function flowLists(sheets: Sheets, title: string, lists: readonly Block[], given: readonly Frame[]): void {
  if (lists.length === 0) return
  const wide = given[0]?.wide ?? textFrame(sheets.room.wide)
  flow(lists, sheets.frames(title, 'lists', wide, given))
}

/** The plan set: the vehicle in each mode with what is open in it, sections, and once the schedule, the key and the tape-out. */
export function planSet(subject: Subject): readonly Page[] {
  const sheets = sheetsFor(subject)
  const { scenes } = subject
  scenes.forEach((scene, index) => {
    const once = index === 0 ? [...schedule(subject, scene), space(2)] : movesInto(subject, scene, scenes[index - 1])
    const last = index === 0 ? [...notesList(subject), ...keyOf(scene), ...tapeOutOf(subject, scene)] : []
    modeSheets(subject, sheets, scene, [...once, ...openAndLetBe(subject, scene.modeId), ...last])
  })
  const first = scenes[0]
  if (first !== undefined) {
    const sections = sectionsOf(subject, first)
    const scale = separateScale(sheets, sections, subject.scales) ?? subject.scales.at(-1) ?? 50
    putViews(sheets, 'Sections', subject.names.mode(first.modeId), sections, scale, subject.numbers)
  }
  photoPages('set', subject, sheets)
  return sheets.pages()
}

/** One mode, with all that belongs to it on it. */
export function planSheet(subject: Subject): readonly Page[] {
  const sheets = sheetsFor(subject)
  for (const scene of subject.scenes)
    modeSheets(subject, sheets, scene, [
      ...schedule(subject, scene),
      space(2),
      ...openAndLetBe(subject, scene.modeId),
      ...notesList(subject),
      ...keyOf(scene),
      ...tapeOutOf(subject, scene),
    ])
  return sheets.pages()
}
