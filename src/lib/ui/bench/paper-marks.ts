import { handDimensions, lettersWidth, type LabelBox, type ViewId } from '$lib/core/draw'
import type { Vec2 } from '$lib/core/geometry'
import type { Drawn } from '$lib/core/job'
import { tapeOf } from '$lib/core/scene'
import { formatLength, type LengthUnit } from '$lib/core/units'
import { toScreen, type ViewFrame } from '../drawing/layout'
import type { Bench } from './bench.svelte'
import { groupOf, type Along } from './kept-groups'
import { lengthOf, type Stretch } from './on-paper.svelte'
import { boxRound } from './written'

/** A tape as it lies on the screen, in pixels. */
interface PaperLine {
  readonly id: string
  readonly a: Vec2
  readonly b: Vec2
  readonly text: string
  readonly isNew: boolean
}

interface PaperNote {
  readonly id: string
  readonly note: Extract<Drawn, { kind: 'note' }>
  readonly at: Vec2
}

/** All that is drawn on the paper, and the room that it takes there. */
export interface PaperMarks {
  readonly lines: readonly PaperLine[]
  readonly notes: readonly PaperNote[]
  readonly boxes: readonly LabelBox[]
}

const TEXT_PX = 12
const FIGURE_HIGH_PX = 16
const VIEWS: readonly Along[] = ['plan', 'left', 'right']
/** The flag of a note, from the point where it is pinned. */
const FLAG_PX = { x0: -2, y0: -18, x1: 17, y1: 2 }

export const NO_MARKS: PaperMarks = { lines: [], notes: [], boxes: [] }

export function paperMarks(bench: Bench, frames: readonly ViewFrame[], unit: LengthUnit): PaperMarks {
  const { paper, scene } = bench
  const onScreen = (view: ViewId, at: Vec2): Vec2 | undefined => {
    const frame = frames.find(({ id }) => id === view)
    return frame === undefined ? undefined : toScreen(frame, at)
  }
  const lineOf = (id: string, { view, from, to }: Stretch, mm: number, isNew = false): readonly PaperLine[] => {
    const [a, b] = [onScreen(view, from), onScreen(view, to)]
    return a === undefined || b === undefined ? [] : [{ id, a, b, text: formatLength(mm, unit), isNew }]
  }
  /** Up and down on the wall that its fitting stands at, else on the plan. */
  const pinned = (id: string, { fitting, row }: Extract<Drawn, { kind: 'pinned' }>): readonly PaperLine[] => {
    const placed = scene.placed.find((one) => one.id === fitting)
    if (placed === undefined) return []
    const tape = tapeOf(scene, placed)
    for (const view of VIEWS) {
      if (groupOf(placed, view, bench.interior) === null) continue
      const found = handDimensions(scene, view, placed, tape).find((one) => one.row?.id === row)
      if (found !== undefined) return lineOf(id, { view, from: found.from, to: found.to }, found.mm)
    }
    return []
  }
  const lines = paper.drawn.flatMap(([id, one]) =>
    one.kind === 'tape' ? lineOf(id, one, lengthOf(one)) : one.kind === 'pinned' ? pinned(id, one) : [],
  )
  const notes = paper.drawn.flatMap(([id, note]): PaperNote[] => {
    if (note.kind !== 'note') return []
    const place = paper.placeOf(note)
    const at = place === undefined ? undefined : onScreen(note.view, place)
    return at === undefined ? [] : [{ id, note, at }]
  })
  const boxes = [
    ...lines.map(({ a, b, text }) =>
      boxRound([(a[0] + b[0]) / 2, (a[1] + b[1]) / 2], lettersWidth(text, TEXT_PX) * 1.15, FIGURE_HIGH_PX),
    ),
    ...notes.map(({ at: [x, y] }) => ({
      x0: x + FLAG_PX.x0,
      y0: y + FLAG_PX.y0,
      x1: x + FLAG_PX.x1,
      y1: y + FLAG_PX.y1,
    })),
  ]
  return {
    lines: [...lines, ...(paper.tape === undefined ? [] : lineOf('new', paper.tape, lengthOf(paper.tape), true))],
    notes,
    boxes,
  }
}
