export { fuelReport, PROPANE_KWH_KG, type Burner, type Burns, type FuelReport } from './report'
