export { statureStrips, type PersonStrip } from './stature-strip'
export {
  beltsOf,
  contradictionsOf,
  loadKg,
  longestBedMm,
  wallAskedMm,
  wallLengthMm,
  type Contradiction,
  type ContradictionCode,
} from './contradictions'
export { compareVehicles, type VehicleRow } from './compare'
export { liningCost, type LiningCost } from './lining-cost'
