export type { Box, Polygon, Span, Vec2, Vec3 } from './types'
export {
  clamp,
  lerp,
  longestSpan,
  sharedLength,
  spanOf,
  span,
  spanLength,
  spanMiddle,
  spansOverlap,
  stretchesLeft,
} from './span'
export { boxesOverlap, boxGap, boxOf, pointBox, rectangle, unionOf } from './box'
export {
  area,
  clipHalfPlane,
  chordAt,
  convexContains,
  intersectConvex,
  isConvex,
  polygonSpan,
  sector,
  signedArea,
} from './polygon'
export {
  block,
  boxPrism,
  footprintInBand,
  moveToClear,
  overlapBounds,
  prism,
  prismBounds,
  prismBulk,
  prismCorners,
  prismsOverlap,
  prismWithout,
  sliceAtX,
  type Prism,
} from './prism'
export {
  addTurns,
  composed,
  localMove,
  placedMove,
  placePoint,
  placePolygon,
  placePrism,
  TURNS,
  type Placement,
  type Turn,
} from './placement'
export { cellCentre, distanceField, gridOver, Obstacles, type DistanceField, type Grid } from './distance-field'
export { floodFrom, shortestWithin, WidestPaths } from './widest-path'
export { shortestPath, type Link } from './shortest-path'
export { summit } from './summit'
export { longestRectangle } from './longest-rectangle'
