import { modesOf, type Variant } from '../job'
import type { Interior } from '../shell'
import { buildScene, type Scene } from './scene'

/** The scenes of a variant in the order of its modes. */
export function scenesOf(variant: Variant, interior: Interior): readonly Scene[] {
  let before: Scene | undefined
  return modesOf(variant.plan).map(([modeId]) => (before = buildScene(interior, variant.plan, modeId, before)))
}
