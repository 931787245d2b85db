export { fuelReport, PROPANE_KWH_KG, type Burner, type Burns, type FuelReport } from './report'
export { GAS_VENT, GAS_ZONE_MM, ventNeededCm2 } from './lines'
