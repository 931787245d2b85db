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
  overlapFaults,
  NO_CHANGES,
  DOOR_WAYS,
  ROOF_SHAPES,
  type BodyChange,
  type BodyChangeKind,
  riseAt,
  type BodyChanges,
} from './changes'
export {
  bareInterior,
  bareOf,
  faceOf,
  interiorOf,
  NO_LINING,
  offsetSection,
  sectionAt,
  type Face,
  type Interior,
  type KeepOut,
} from './interior'
export { heightsAt, liningTop, lowestRoof, wellAt } from './heights'
export { knots } from './knots'
export { payloadOf } from './payload'
export { mirroredShell, unmirroredId } from './mirrored'
export { givesAir, givesLight, isDoor, isWayOut, isWindow, opensFromOutside } from './openings'
export { areaInside, outlineAt, partsInside } from './outline'
export { worstProtrusion, type Protrusion } from './protrusion'
export { floorPockets, piecesOf, stepsAt } from './steps'
export { clearWidth, freeAcross, jambs, wallReach, wallsAt, wallTop } from './walls'
export { HEAD_MM, isCrawledIn, isForStanding, mostHeadroomMm, standsUpAt } from './most-headroom'
export { cabSpace, floorThere, frontMost, heightThere, protrusionThere, isAhead, noCabBecause, widthThere } from './cab'
export { depthAt, widestAcross } from './across'
export { longestBoard, type Board } from './board'
export { throughDoor } from './through-door'
export { boxInside, protrusionOf } from './inside'
