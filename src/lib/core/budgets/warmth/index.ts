export { lossesIn, warmthAssumedIn, type Loss, type LossWhat } from './loss'
export { warmthReport, type DampAt, type WarmthReport, type WarmthStep } from './report'
export { COLD_PER_W, COOLED_C } from './needs'
