import { massOfAll } from '../fittings'
import { offered } from './berths'
import type { Scene } from './scene'

/** Water weighs as much as it has litres. */
const KG_PER_L = 1

/** What a scene's furniture weighs, with its fresh-water tanks full, in kg. */
export interface Aboard {
  readonly fittingsKg: number
  readonly waterL: number
  readonly waterKg: number
  readonly totalKg: number
}

/** Mass of what is fitted in a scene: the one sum of it. People, gear and lining are not in it. */
export function aboard(scene: Scene): Aboard {
  const fittingsKg = massOfAll(scene.placed.map(({ fitting }) => fitting))
  const waterL = offered(scene, 'tank')
  return { fittingsKg, waterL, waterKg: waterL * KG_PER_L, totalKg: fittingsKg + waterL * KG_PER_L }
}
