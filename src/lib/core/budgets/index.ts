export { compose } from './compose'
export type { Reason } from './ledger'
export { liveMargins, type LoadSketch, type Margin } from './live'
export { carriedOf } from './weight/carried-by'
export type { Unknown, WeightEntry } from './weight/entry'
export { FRONT_LEAST, WHEEL_SHARE, type LimitId, type Limits, type LimitState } from './weight/limits'
export { byTightness, firstFull, marginOf } from './weight/margin'
export { reportOf, weightReport, type Aboard, type Heavy, type WeightReport } from './weight/report'
export { sketchOf } from './weight/sketch'
export { frontShareOf, WHEELS, type Wheel } from './weight/statics'
export { axlesOf } from './weight/vehicle'
export { heldAgainst, plannedFor, type Held } from './weight/weighing'
export {
  curesOf,
  darkByMonth,
  drawnSet,
  findSets,
  mostSunWatts,
  FOUND_STEPS,
  MOST_FOUND,
  chargerWatts,
  INVERTER_SURGE,
  PERSONAL,
  powerAssumedIn,
  plantOf,
  powerCase,
  powerReport,
  powerWeek,
  takesAmps,
  takesHookUp,
  takingOf,
  usualLeg,
  type Cure,
  type Found,
  type Load,
  type LoadRow,
  type PowerReport,
  type PowerWeek,
  type School,
  type Taking,
} from './power'
export { placedInAnyMode, placedOnce } from './seen'
export { assumedIn, limitsIn, type WeightLedger } from './weight/weight'
export {
  freshLitres,
  freshTanks,
  isFilledByHand,
  mostLeaning,
  wasteTanks,
  waterReport,
  WATER_DAYS,
  COLD_C,
  DRAIN_FALL_MM,
  STORE_C,
  TAP_C,
  type Lever,
  type TankReport,
  type WarmReport,
  type LineWhat,
  type WaterReport,
  type WaterRun,
} from './water'
export { DIESEL_KWH_L, FAR_TOO_LARGE, KIT_ABOVE_M } from './heat-figures'
export {
  fuelReport,
  GAS_VENT,
  GAS_ZONE_MM,
  ventNeededCm2,
  PROPANE_KWH_KG,
  type Burner,
  type Burns,
  type FuelReport,
} from './gas'
export {
  COLD_PER_W,
  COOLED_C,
  lossesIn,
  warmthAssumedIn,
  warmthReport,
  type DampAt,
  type Loss,
  type LossWhat,
  type WarmthReport,
  type WarmthStep,
} from './warmth'
export { airReport, type AirReport, type AirState } from './air'
