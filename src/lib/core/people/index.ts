export {
  BODY_FRACTIONS,
  BODY_SOURCE,
  POPLITEAL_SOURCE,
  poplitealMm,
  bodyMm,
  STATURE_LIMITS_MM,
  type BodyMeasure,
} from './body'
export { GROWN_UP_YEARS, GROWTH_SOURCE, grownMm, medianStatureMm } from './growth'
export { bodyMassKg } from './mass'
export { ACCESS, ACCESS_SOURCE, routeOf } from './aids'
