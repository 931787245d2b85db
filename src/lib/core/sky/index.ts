export { CLIMATE_IDS, CLIMATES, likelyClimate, type ClimateId } from './climates'
export { readWeather, type WeatherFault } from './measured'
export { DAY_IN_MONTH, DAYS, HOURS, MONTH_DAYS, MONTH_OF, YEAR_HOURS, type MeasuredDay } from './calendar'
export { onPlaneThroughYear, weatherYear, type Station, type WeatherYear } from './weather'
