import { SAME_MM } from '../units'
import { collisionsOf, outsideOf } from './fit'
import type { Placed, Scene } from './scene'

const known = new WeakMap<Scene, Map<string, boolean>>()

/** Whether a fitting can stand where it is: inside the body, and in nothing else. Worked out once for a scene. */
export function canStand(scene: Scene, placed: Placed): boolean {
  let answers = known.get(scene)
  if (answers === undefined) known.set(scene, (answers = new Map()))
  const before = answers.get(placed.id)
  if (before !== undefined) return before
  const stands = (outsideOf(scene, placed)?.byMm ?? 0) < SAME_MM && collisionsOf(scene, placed).length === 0
  answers.set(placed.id, stands)
  return stands
}
