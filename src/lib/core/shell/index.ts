export {
  fullSection,
  idSchema,
  liningSchema,
  shellSchema,
  wordsSchema,
  type CabSeat,
  type Lining,
  type Opening,
  type Shell,
  type Station,
} from './schema'
export {
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
  wallReach,
  wallsAt,
  worstProtrusion,
  type Protrusion,
} from './questions'
export { spaceTable, type SpaceRow, type SpaceRowId } from './space-table'
export { genericShell, GENERIC_SHELLS } from './generic-shells'
