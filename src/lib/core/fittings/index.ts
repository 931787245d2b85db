export {
  GROUPS,
  isInTheWay,
  massOfPart,
  SERVICES,
  type BodyOpening,
  type Caution,
  type ClearanceUse,
  type Feature,
  type Fit,
  type FittingKind,
  type Group,
  type HollowWay,
  type LocalClearance,
  type LocalLying,
  type LocalService,
  type LocalSolid,
  type SeatPlace,
  type ServiceType,
  type Task,
} from './contract'
export { defaultsOf, kindOf, KINDS } from './registry'
export { limitsOf, type Limit } from './limits'
export { catchesFire } from './catches-fire'
export { isCut, mayBeCut } from './may-be-cut'
export {
  flipped,
  hangsOn,
  isPressed,
  MOST_OFFSET_MM,
  renamedIn,
  seatSchema,
  offDoor,
  takenOut,
  turnedBy,
  type Inside,
  type Seat,
} from './seat'
export { fittingsWithNewNames, withNewNames } from './formerly'
export type { Parameters, ParameterValue } from './parameters'
export { hasStance, heightOfStance, stanceAt } from './stance-height'
export { type HandleName } from './adjust'
export {
  adjusted,
  figureOf,
  growthOf,
  handleOf,
  handlesOf,
  letOut,
  withHandle,
  withParameters,
  type Handle,
  type HandleRef,
} from './handles'
export {
  burnsFuel,
  heatsWith,
  held,
  type AlarmSense,
  type Chemistry,
  type DrawFact,
  type Facts,
  type Habit,
  type HeatFact,
} from './facts'
export {
  stanceChangeOf,
  clearancesOf,
  factsOf,
  featuresOf,
  footprintOf,
  hollowsOf,
  kindOfMade,
  looseOf,
  massesOf,
  massOf,
  massOfAll,
  openingsOf,
  ridesAt,
  servicesOf,
  solidsOf,
  stancesOf,
  type Made,
  servicesEver,
} from './of'
export { BATTERY_CASE_KG, BATTERY_KG_PER_WH, CHARGER_KG_PER_A, PANEL_KG_M2, PANEL_W_M2 } from './power-figures'
