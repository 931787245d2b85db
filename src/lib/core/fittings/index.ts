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
  type Parameters,
  type ParameterValue,
  type Part,
  type SeatPlace,
  type ServiceType,
  type StanceChange,
  type Task,
} from './contract'
export { defaultsOf, isKind, kindFor, kindOf, KINDS } from './registry'
export { limitsOf, type Limit } from './limits'
export { mayBeCut } from './may-be-cut'
export { MOST_OFFSET_MM, seatSchema, type Seat } from './seat'
export { fittingFor } from './for-demand'
