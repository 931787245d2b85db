export {
  buildScene,
  isAway,
  seatIn,
  stanceOf,
  type Placed,
  type PlacedClearance,
  type PlacedService,
  type PlacedSolid,
  type Scene,
} from './scene'
export { placedIn } from './placed-in'
export { floorOverGround, outerHeight } from './outer-height'
export { collisions, collisionsOf, outsideOf, type Collision } from './fit'
export { freedomOf, type Blocker, type Freedom } from './free'
export { beforeDoor, insideDoor } from './doorway'
export { flueAt, heatOf, treadsOf, warmFaceOf, type PlacedHeat } from './facts'
export { airOpenings, type AirOpening } from './air'
export { sleeping, type Sleeping } from './heads'
export { headroomAt, type Headroom } from './headroom'
export { assignBerths, berthsOf, cabBelts, offered, servicesOf, type Berth, type Night } from './berths'
export { canStand } from './stands'
export { placesToSit } from './sitting'
export { doorWay, type DoorWay } from './door'
export { neededClearances, usedServices } from './use'
export {
  largestCircle,
  STEP_OVER_MM,
  wayGround,
  waysOf,
  type Walker,
  type Way,
  type WayGround,
  type WaySide,
} from './ways'
export { facing, figureClash, figuresOf, type FigureBody, type FigureClash } from './figures'
export { rectangleFits, stow, type Piece, type Size, type Stowed } from './stowage'
export { carried, keptInside, nudged, reseated } from './move'
export { snapsFor, type Snap, type SnapTo } from './snap'
export { tapeLimits, tapeOf, typedOnTape, usableDepth, type TapeId, type TapeRow } from './tape'
export { wallDistance } from './wall-distance'
export {
  leaningBack,
  reclineFreedom,
  seatParts,
  seatSolids,
  swivelAxis,
  swivelFreedom,
  type ReclineFreedom,
  type SwivelFreedom,
} from './swivel'
export { accessFaults, ONE_PERSON_KG, type Access } from './access'
export { looseLeft, type LooseLeft } from './loose'
export { changeBetween, changeOf, type ModeChange, type Move, type Resting, type Stuck } from './moves'
export {
  isAtTable,
  passBeside,
  seatPlaces,
  TABLE_REACH_MM,
  tablePlacesOffered,
  tablePositions,
  type PassBeside,
  type TablePosition,
} from './tables'
export { worktopRuns, type WorktopRun } from './worktop'
export {
  ALIGNMENTS,
  aligned,
  distributed,
  groupWith,
  movedTogether,
  runOf,
  type Alignment,
  type Reseated,
} from './arrange'
export { tweened } from './tween'
