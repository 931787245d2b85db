export { DRAIN_FALL_MM, type LineWhat, type WaterRun } from './lines'
export { waterReport, type Lever, type TankReport, type WarmReport, type WaterReport } from './report'
export { COLD_C, STORE_C, TAP_C } from './warm'
export { freshLitres, freshTanks, isFilledByHand, wasteTanks } from './tanks'
