import type { LocalClearance, LocalService } from './contract'
import { about, above, inFront, lengthParameter } from './shapes'

const KNEES_MM = 400
/** From the seat to over the head of one who sits: 0.520 of 1730 mm. Drillis & Contini 1966 (from memory). */
const SITTING_MM = 900

export const toiletParameters = (lengthMm: number, depthMm: number) => ({
  lengthMm: lengthParameter(lengthMm, 330, 700),
  depthMm: lengthParameter(depthMm, 340, 700),
  seatMm: lengthParameter(440, 320, 520).describe('Top of the seat above its base'),
})

interface Toilet {
  readonly lengthMm: number
  readonly depthMm: number
  readonly seatMm: number
}

/** Room to sit on it: feet and knees before it, trunk and head above it. `shift` moves the seat to its front when it runs out. */
export const sittingOn = (p: Toilet, shift = 0): readonly LocalClearance[] => [
  inFront('knees', 'sit', ['toilet'], about(p.lengthMm), -p.depthMm / 2 - shift, KNEES_MM, 1100),
  above(
    'sitting',
    'sit',
    ['toilet'],
    about(p.lengthMm),
    { min: -p.depthMm / 2 - shift, max: p.depthMm / 2 - 120 - shift },
    p.seatMm,
    SITTING_MM,
  ),
]
export const TOILET: LocalService = { type: 'toilet', quantity: 1, approach: 'knees' }
