import { meet, type LabelBox } from '$lib/core/draw'
import type { Vec2 } from '$lib/core/geometry'
import { isLetBe, type Finding } from '$lib/core/review'
import type { Placed } from '$lib/core/scene'
import { toScreen, type ViewFrame } from '../drawing/layout'
import type { NumberedFinding } from './checked.svelte'
import type { Felt } from './felt'
import { boxRound } from './written'

/** A finding as it is marked on the plan, in pixels. */
export interface Mark {
  readonly numbered: NumberedFinding
  readonly change: Felt['change'] | undefined
  readonly at: Vec2
}

/** A mark of a finding that is to have a place. */
export type Unplaced = Omit<Mark, 'at'>

const CORNER_MM = 110
const MARK_PX = 16
const SPREAD_PX = 17
/** So many places beside its own are tried; then it lies where it would. */
const MOST_TRIES = 60

export const boxOfMark = (at: Vec2): LabelBox => boxRound(at, MARK_PX, MARK_PX)

/** Where a finding is marked: its place, or the corner of its fitting where that place is under the fitting’s name. */
function placeInPlan(placed: readonly Placed[], { fittings, place }: Finding): Vec2 {
  const bounds = placed.find(({ id }) => id === fittings[0])?.bounds
  if (bounds === undefined) return [place[0], place[1]]
  const near =
    Math.abs(place[0] - (bounds.x.min + bounds.x.max) / 2) < 150 &&
    Math.abs(place[1] - (bounds.y.min + bounds.y.max) / 2) < 100
  return near ? [bounds.x.min + CORNER_MM, bounds.y.max - CORNER_MM] : [place[0], place[1]]
}

/** The marks of the findings on the plan: one that would lie on another, or on a figure, stands beside. */
export function placeMarks(
  those: readonly Unplaced[],
  placed: readonly Placed[],
  plan: ViewFrame,
  kept: readonly LabelBox[],
): readonly Mark[] {
  const taken: LabelBox[] = [...kept]
  return those.flatMap(({ numbered, change }): Mark[] => {
    const { finding } = numbered
    if (finding.fittings.length === 0 || isLetBe(finding)) return []
    const [from, y] = toScreen(plan, placeInPlan(placed, finding))
    let x = from
    for (let tries = 0; tries < MOST_TRIES && taken.some((box) => meet(box, boxOfMark([x, y]))); tries += 1)
      x += SPREAD_PX / 2
    taken.push(boxOfMark([x, y]))
    return [{ numbered, change, at: [x, y] }]
  })
}
