export { BODY_FRACTIONS, BODY_SOURCE, bodyMm, STATURE_LIMITS_MM, type BodyMeasure } from './body'
