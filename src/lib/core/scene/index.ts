export { buildScene, isOutside, type Placed, type PlacedService, type Scene } from './scene'
export { keptNear, keptOf } from './kept'
export { scenesOf } from './scenes-of'
export { placedIn } from './placed-in'
export { isSlight } from './slight'
export { overHead, sitUpRoom } from './sit-up'
export { floorOverGround, outerHeight, outerRoofOver } from './outer-height'
export { collisions, collisionsOf, notchesOf, outsideOf, wellsBelow } from './fit'
export { freedomOf, type Blocker } from './free'
export { insideDoor } from './doorway'
export { flueAt, heatOf, treadsOf, warmFaceOf } from './facts'
export { airOpenings, type AirOpening } from './air'
export { sleeping, type Sleeping } from './heads'
export { headroomAt, type Headroom } from './headroom'
export { assignBerths, berthsOf, cabBelts, offered, servicesOf } from './berths'
export { outlineFromAbove, sectionOf } from './cut'
export { heardDb } from './heard'
export { airRound, hollowFault, shutIn } from './in-hollow'
export { matterOf } from './matter'
export {
  contentsOf,
  hollowAt,
  isCarriedOut,
  roomLeft,
  seatInside,
  seatOutside,
  type Brought,
  type HollowRef,
} from './put-inside'
export { canStand } from './stands'
export { placesToSit } from './sitting'
export { doorOf, doorsBefore, doorWay, isLoadedFromDoor, isReachedFromDoor, isReachedOverBed, widthAsked } from './door'
export { neededClearances } from './use'
export { largestCircle } from './largest-circle'
export { wayGround, type Walker, type WayGround, type WaySide } from './way-ground'
export { waysOf, type Way } from './ways'
export { facing, figureClash, figuresOf, type FigureBody } from './figures'
export { rectangleFits, type Piece, type Size } from './packing'
export { stow, type Stowed } from './stowage'
export { carried, keptInside, nudged, reseated } from './move'
export { snapsFor, type Snap, type SnapTo } from './snap'
export { gripsOf, outlineBox, sized, type Grip, type Sized } from './size'
export { tapeLimits, tapeOf, typedOnTape, usableDepth, type InsideTapeId, type TapeId, type TapeRow } from './tape'
export { wallDistance } from './wall-distance'
export { BACK_MM, cabSeatsIn, seatParts, seatSolids, swivelAxis } from './cab-seats'
export { leaningBack, reclineFreedom, swivelFreedom } from './swivel'
export { accessFaults, type Access } from './access'
export { looseLeft } from './loose'
export { changeBetween, changeOf, type ModeChange, type Move } from './moves'
export { isAtTable, passBeside, seatPlaces, tablePlacesOffered, tablePositions } from './tables'
export { worktopRuns } from './worktop'
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
export { differencesBetween, type Difference } from './differences'
