export {
  BOTTLE_KG,
  DIESEL_KWH_L,
  fuelReport,
  PROPANE_KG_L,
  PROPANE_KWH_KG,
  type Burner,
  type Burns,
  type FuelReport,
} from './report'
