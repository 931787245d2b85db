export {
  VIEW_IDS,
  type Bounds,
  type Fill,
  type Item,
  type ItemGroup,
  type View,
  type ViewId,
  type Weight,
} from './display'
export { HATCHES, type Hatch } from './hatches'
export { layLabels, type LaidLabel } from './labels'
export { cabSeatItems } from './cab-seats'
export { clearanceItems, fittingGroup, isOverhead, onWall, sectionGroup } from './fitting-views'
export { planBounds, sectionBounds, shellPlan, shellSection, shellSide, sideBounds } from './shell-views'
export { peopleGroup, sectionPeople } from './people'
export { ghostOf } from './ghost'
export { figureHandle, placedFigures } from './placed-figures'
export { coveredGroups, drawSection, drawView, paintOrder, VIEW_TITLES } from './views'
export { escapeXml, toSvg, type Sheet } from './svg'
export { SCALES, thumbnailSheet, unfoldedSheet, type SheetOptions } from './sheets'
export { endPanel, TICK_MM, type EndPanel } from './end-panel'
export { templateSheet, templateView } from './template'
