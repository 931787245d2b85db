export { path, VIEW_IDS, type Bounds, type Item, type ItemGroup, type View, type ViewId } from './display'
export { HATCHES, hatchOf, type HatchId } from './hatches'
export { layLabels, lettersWidth, meet, type LabelBox } from './labels'
export { bodyViews, itemsOf } from './body-views'
export { cabSeatItems } from './cab-seats'
export { clearanceItems, fittingGroup, openGroup } from './fitting-views'
export { planBounds, sectionBounds, shellPlan, shellSection, shellSide, sideBounds } from './shell-views'
export { countedByName, gearIn, gearItems, type PackedPiece } from './gear'
export { nextBelow, thingsAt, thingsBetween } from './picking'
export { cornersIn, handDimensions, viewExtent, type HandDimension } from './hand'
export { SIGNS } from './signs'
export { snapPoint } from './snap-point'
export { figureItems, seenFigures } from './seen-figures'
export { paintOrder } from './paint-order'
export { ghostOf } from './ghost'
export { figureHandle, placedFigures } from './placed-figures'
export { coveredGroups, drawSection, drawView, VIEW_TITLES } from './views'
export { escapeXml, figure, figuresLeftOut, INK, SVG_DEFS, svgOpen, toSvg, viewSvg, type PlacedView } from './svg'
export {
  printable,
  RAISED,
  RIGHT_TO_LEFT,
  shortened,
  textWidth,
  unprintable,
  withRaised,
  wrapped,
  type LetterWeight,
} from './letters'
export { numbered } from './numbered'
export { planDimensions } from './dimensions'
export { thumbnailSheet } from './sheets'
export { madeWhole, wholeOf } from './whole'
export { WIRES, wiringViews } from './wiring-views'
export { endPanel } from './end-panel'
export { liningPanel, liningSheet, liningView, PANEL_FACES, type PanelFace } from './lining-panel'
export { templateSheet, templateView } from './template'
