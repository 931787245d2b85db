import { modesOf, type Variant } from '../job'
import type { Interior } from '../shell'
import { buildScene, type Scene } from './scene'

/** Whether two scenes are of one mode in which everything stands as it did. */
const isSame = (a: Scene, b: Scene): boolean =>
  a.interior === b.interior &&
  a.purpose === b.purpose &&
  a.turned === b.turned &&
  a.figures === b.figures &&
  a.placed.length === b.placed.length &&
  a.placed.every((placed, index) => placed === b.placed[index])

/**
 * The scenes of a variant in the order of its modes. `before` are those of an earlier state of it: what has not changed since is taken from
 * them, whole scenes and the list itself where nothing has.
 */
export function scenesOf(variant: Variant, interior: Interior, before: readonly Scene[] = []): readonly Scene[] {
  const scenes: Scene[] = []
  for (const [modeId] of modesOf(variant.plan)) {
    const own = before.find((scene) => scene.modeId === modeId)
    const beside = scenes.at(-1)
    const made = buildScene(interior, variant.plan, modeId, ...[own, beside].flatMap((scene) => scene ?? []))
    scenes.push(own !== undefined && isSame(made, own) ? own : made)
  }
  const asBefore = scenes.length === before.length && scenes.every((scene, index) => scene === before[index])
  return asBefore ? before : scenes
}
