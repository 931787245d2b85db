export { baseOf } from './base'
export {
  frameOf,
  GROUPS as MEASURE_GROUPS,
  measuresOf,
  STATIONS,
  valueOf,
  type Frame,
  type Measure,
  type MeasureGroup,
  type ReadingState,
  type StationName,
  type TapeLine,
} from './measures'
export { checksOf, doubtful, type Check, type CheckCode } from './checks'
export { surveyed, type Surveyed } from './build'
export { CSV_HEADER, readingsFrom, surveyRows, type RowFault } from './csv'
