export {
  briefSchema,
  demandSchema,
  NEEDS,
  personSchema,
  petSchema,
  PURPOSES,
  recordOf,
  type Brief,
  type Demand,
  type Need,
  type Person,
  type Pet,
  type Purpose,
} from './schema'
export {
  BERTH_SPARE_MM,
  demandsOf,
  NEED_FACTS,
  SINGLE_BERTH_MM,
  SLEEPER_WIDTH_MM,
  sleepersOf,
  TABLE_PLACE_MM,
  tallestOf,
  travellersOf,
  WATER_PER_NIGHT_L,
  type Basis,
  type ResolvedDemand,
} from './demands'
export { SITTING_SPARE_MM, STANDING_SPARE_MM, statureStrips, type PersonStrip, type Platform } from './stature-strip'
export { liningCost, type LiningCost } from './lining-cost'
