export { baseOf } from './base'
export {
  frameOf,
  GROUPS as MEASURE_GROUPS,
  measuresOf,
  valueOf,
  type Frame,
  type Measure,
  type MeasureGroup,
  type ReadingState,
  type StationName,
  type TapeLine,
} from './measures'
export { checksOf, doubtful, type Check, type CheckCode } from './checks'
export { surveyed } from './build'
export { readingsFrom, surveyRows } from './csv'
