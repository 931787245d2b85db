export {
  CAUTIONS,
  GROUPS,
  isInTheWay,
  massOfPart,
  SERVICES,
  TASKS,
  type BodyOpening,
  type Caution,
  type ClearanceUse,
  type Feature,
  type Fit,
  type FittingKind,
  type Footprint,
  type Group,
  type LocalClearance,
  type LocalLying,
  type LocalService,
  type LocalSolid,
  type LoosePart,
  type Part,
  type SeatPlace,
  type ServiceType,
  type StanceChange,
  type Task,
} from './contract'
export { defaultsOf, isKind, kindOf, KINDS } from './registry'
export { limitsOf, type Limit } from './limits'
export { catchesFire } from './catches-fire'
export { mayBeCut } from './may-be-cut'
export { MOST_OFFSET_MM, seatSchema, type Seat } from './seat'
export type { Parameters, ParameterValue } from './parameters'
export { HANDLES, type HandleName, type MovingEdge } from './adjust'
export { adjusted, figureOf, handleOf, handlesOf, letOut, withHandle, type Handle, type HandleRef } from './handles'
export {
  ALARM_SENSES,
  burnsFuel,
  heatsWith,
  held,
  type AirFact,
  type AlarmSense,
  type Facts,
  type FrontFact,
  type HeatFact,
  type HoldFact,
} from './facts'
export {
  cautionsOf,
  stanceChangeOf,
  clearancesOf,
  factsOf,
  featuresOf,
  footprintOf,
  groupOf,
  kindOfMade,
  looseOf,
  massOf,
  openingsOf,
  partsOf,
  servicesOf,
  solidsOf,
  stancesOf,
  type Made,
} from './of'
