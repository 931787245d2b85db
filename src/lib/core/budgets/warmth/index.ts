export { lossesIn, warmthAssumedIn, type Loss, type LossWhat } from './loss'
export { SLEEPER_W, warmthReport, type DampAt, type DampFace, type WarmthReport, type WarmthStep } from './report'
