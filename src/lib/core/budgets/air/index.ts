export type { AirState } from './moved'
export { airReport, type AirReport } from './report'
