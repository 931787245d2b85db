import { known } from '../units'
import type { Placed, Scene } from './scene'

/** A fitting of a scene by its id. @throws RangeError if it is not in it. */
export const placedIn = (scene: Scene, id: string): Placed =>
  known(
    scene.placed.find((one) => one.id === id),
    `fitting “${id}”`,
  )
