import type { Brief } from '../brief'
import { sharedLength, spanLength } from '../geometry'
import type { Placed, Scene } from '../scene'
import type { ItemGroup, View, ViewId } from './display'
import { cabSeatItems } from './cab-seats'
import { fittingGroup, hiddenOutline, isOverhead, sectionGroup } from './fitting-views'
import { paintOrder } from './paint-order'
import { sectionPeople } from './people'
import { placedFigures } from './placed-figures'
import { seenFigures, withFigures } from './seen-figures'
import { planBounds, sectionBounds, shellPlan, shellSection, shellSide, sideBounds } from './shell-views'

export const VIEW_TITLES: Record<ViewId, string> = {
  left: 'Left wall, from inside',
  plan: 'Plan',
  right: 'Right wall, seen through',
  section: 'Section, seen from behind',
}

const HIDDEN_SHARE = 0.6

/** Whether a higher fitting covers most of this one from above. */
export function isCovered(scene: Scene, placed: Placed): boolean {
  const own = spanLength(placed.bounds.x) * spanLength(placed.bounds.y)
  return scene.placed.some((other) => {
    if (other.id === placed.id || isOverhead(other) || other.bounds.z.max <= placed.bounds.z.max) return false
    const shared =
      Math.max(0, sharedLength(other.bounds.x, placed.bounds.x)) *
      Math.max(0, sharedLength(other.bounds.y, placed.bounds.y))
    return shared > own * HIDDEN_SHARE
  })
}

/** Outlines of what a higher fitting covers in plan. */
export const coveredGroups = (scene: Scene): readonly ItemGroup[] =>
  scene.placed.filter((placed) => placed.within === undefined && isCovered(scene, placed)).map(hiddenOutline)

/** One view of a scene, as a neutral list of marks; from it come the screen, the SVG file and, later, other formats. */
export function drawView(scene: Scene, view: Exclude<ViewId, 'section'>, brief?: Brief): View {
  const { interior } = scene
  const body = view === 'plan' ? shellPlan(interior) : shellSide(interior, view)
  const shell = { ...body, items: [...body.items, ...cabSeatItems(interior.shell, view, scene.turned)] }
  const fittings = paintOrder(scene, view).flatMap((placed): ItemGroup[] => {
    const group = fittingGroup(placed, view, scene.interior)
    return group === undefined ? [] : [group]
  })
  const hidden = view === 'plan' ? coveredGroups(scene) : []
  const painted = withFigures(fittings, brief === undefined ? [] : seenFigures(scene, brief, view))
  const bounds = view === 'plan' ? planBounds(interior) : sideBounds(interior)
  return { id: view, title: VIEW_TITLES[view], bounds, groups: [shell, ...painted, ...hidden] }
}

/** The section at `xMm`, seen from behind. */
export function drawSection(scene: Scene, xMm: number, brief?: Brief): View {
  const cuts = scene.placed.flatMap((placed): ItemGroup[] => {
    const group = sectionGroup(placed, scene.interior, xMm)
    return group === undefined ? [] : [group]
  })
  const people =
    brief === undefined ? [] : [sectionPeople(scene, brief, xMm), placedFigures(scene, brief, 'section', xMm)]
  return {
    id: 'section',
    title: VIEW_TITLES.section,
    bounds: sectionBounds(scene.interior),
    groups: [shellSection(scene.interior, xMm), ...cuts, ...people],
  }
}
