export {
  GROUPS,
  SERVICES,
  type ClearanceUse,
  type Feature,
  type FittingKind,
  type Footprint,
  type Group,
  type LocalClearance,
  type LocalService,
  type LocalSolid,
  type Parameters,
  type ParameterValue,
  type ServiceType,
} from './contract'
export { defaultsOf, isKind, kindFor, kindOf, KINDS } from './registry'
export { seatSchema, type Seat } from './seat'
export { fittingFor } from './for-demand'
