import { fittingGroup, handDimensions, viewExtent, type Item, type ItemGroup, type ViewId } from '../draw'
import { spanMiddle, type Vec2 } from '../geometry'
import type { Drawn, Plan } from '../job'
import { tapeOf, type Scene } from '../scene'
import { formatLength, type LengthUnit } from '../units'

type Along = Exclude<ViewId, 'section'>

/** What a designer put on the drawing, in their order. */
export const drawnOf = (plan: Plan): readonly (readonly [string, Drawn])[] => Object.entries(plan.drawn ?? {})

export type Note = Extract<Drawn, { kind: 'note' }>

/** Notes, in the order of their numbers. */
export const notesOf = (plan: Plan): readonly Note[] =>
  drawnOf(plan).flatMap(([, one]) => (one.kind === 'note' ? [one] : []))

/** Where a note is pinned in its view; undefined where its fitting is not there. */
function placeOf(scene: Scene, { view, at, fitting }: Note): Vec2 | undefined {
  if (fitting === undefined) return at
  const placed = scene.placed.find(({ id }) => id === fitting)
  if (placed === undefined) return undefined
  const [along, up] = viewExtent(view, placed.bounds)
  return [spanMiddle(along) + at[0], spanMiddle(up) + at[1]]
}

const NOTE_MM = 60

/** Tapes that were kept and pinned distances as lengths, and notes as numbers, of one view. */
export function onDrawing(scene: Scene, plan: Plan, view: Along, unit: LengthUnit, withNotes: boolean): ItemGroup {
  const length = (from: Vec2, to: Vec2, mm: number): Item => ({
    kind: 'dimension',
    from,
    to,
    offset: 0,
    text: formatLength(mm, unit),
  })
  const items = drawnOf(plan).flatMap(([, one]): Item[] => {
    if (one.kind === 'tape')
      return one.view === view
        ? [length(one.from, one.to, Math.hypot(one.to[0] - one.from[0], one.to[1] - one.from[1]))]
        : []
    if (one.kind !== 'pinned') return []
    const placed = scene.placed.find(({ id }) => id === one.fitting)
    if (placed === undefined || fittingGroup(placed, view, scene.interior) === undefined) return []
    const found = handDimensions(scene, view, placed, tapeOf(scene, placed)).find(({ row }) => row?.id === one.row)
    return found === undefined ? [] : [length(found.from, found.to, found.mm)]
  })
  const notes = withNotes
    ? notesOf(plan).flatMap((note, index): Item[] => {
        const at = note.view === view ? placeOf(scene, note) : undefined
        return at === undefined
          ? []
          : [
              { kind: 'circle', centre: at, radius: NOTE_MM, weight: 'visible', fill: 'sheet' },
              { kind: 'text', at, text: `n${index + 1}`, size: 'small', anchor: 'middle' },
            ]
      })
    : []
  return { key: 'drawn', items: [...items, ...notes] }
}
