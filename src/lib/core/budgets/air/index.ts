export { airReport, type AirPlace, type AirReport, type AirState, type HeadNoise, type Passed } from './report'
