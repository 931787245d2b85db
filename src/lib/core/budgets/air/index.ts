export { airReport, type AirReport, type AirState } from './report'
