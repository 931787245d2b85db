export { CLIMATE_IDS, CLIMATES, likelyClimate, type ClimateId, type MonthOfWeather } from './climates'
export { readWeather, type Measured, type ReadWeather, type WeatherFault } from './measured'
export { LEVEL, sunAt, type Plane } from './sun'
export {
  DAY_IN_MONTH,
  DAYS,
  HOURS,
  MONTH_DAYS,
  MONTH_OF,
  onPlaneThroughYear,
  weatherYear,
  YEAR_HOURS,
  type MeasuredDay,
  type Station,
  type WeatherYear,
} from './weather'
