import { materialOf } from '../materials'
import { massOfPart, type Part } from './contract'
import { partsOf, solidsOf, stancesOf, type Made } from './of'

const burns = (part: Part): boolean => ('kg' in part ? part.burns === true : materialOf(part.material).burns)

/** Of its mass, so much must be wood, foam or cloth for a thing to catch fire: a metal box with a wooden board in it does not. */
const HALF = 0.5

/**
 * Whether heat beside it would set a thing on fire: it is cloth, or wood, foam and cloth for the greater part of its mass. Common
 * practice, no source.
 */
export function catchesFire(made: Made): boolean {
  if (stancesOf(made).some((stance) => solidsOf(made, stance).some(({ fit }) => fit === 'cloth'))) return true
  let [burning, all] = [0, 0]
  for (const part of partsOf(made)) {
    const kg = massOfPart(part)
    all += kg
    if (burns(part)) burning += kg
  }
  return burning > all * HALF
}
