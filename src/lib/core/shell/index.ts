export {
  BODY_CLASSES,
  fullSection,
  idSchema,
  wordsSchema,
  type BodyClass,
  type Cab,
  type CabSeat,
  type Opening,
  type Shell,
  type Station,
} from './shape'
export {
  arealMassKg,
  LINED_FACES,
  liningSchema,
  MOST_LINING_MM,
  thicknessOf,
  TOTAL_OF,
  withLayers,
  withTotal,
  type Layer,
  type Layers,
  type LinedFace,
  type Lining,
} from './lining'
export { shellFaults, type ShellFault } from './faults'
export { shellSchema } from './schema'
export {
  BODY_CHANGE_KINDS,
  bodyChangeSchema,
  changedShell,
  changeFaults,
  changeLimits,
  CHANGE_STEP,
  newChange,
  NO_CHANGES,
  ROOF_SHAPES,
  type BodyChange,
  type BodyChangeKind,
  type BodyChanges,
  type Pocket,
} from './changes'
export {
  bareInterior,
  bareOf,
  interiorOf,
  NO_LINING,
  offsetSection,
  sectionAt,
  type Face,
  type Interior,
  type KeepOut,
  type Section,
} from './interior'
export {
  clearWidth,
  heightsAt,
  jambs,
  knots,
  liningTop,
  lowestRoof,
  outlineAt,
  partsInside,
  wallReach,
  wallTop,
  wallsAt,
  worstProtrusion,
  type Protrusion,
} from './questions'
export { mostHeadroomMm } from './most-headroom'
export { cabSpace, heightThere, isAhead, noCabBecause, widthThere } from './cab'
export { depthAt, widestAcross } from './across'
export { longestBoard, throughDoor, type Board, type ThroughDoor } from './board'
export { boxInside, protrusionOf } from './inside'
