import { nth } from '../units'
import type { Facts } from '../fittings'
import { isDoor } from '../shell'
import { floorOverGround, type Scene, treadsOf } from '../scene'

/** What one steps on outside. */
export const isStep = ({ treads }: Facts): boolean => treads.some(({ isOutside }) => isOutside)

/**
 * The steps that one takes from the ground to the lined floor, lowest first, mm; undefined where the body’s height over the
 * ground is not known. A step that is out shares the climb, and so does the step well or running step of an entrance.
 */
export function entrySteps(scene: Scene): readonly number[] | undefined {
  const { shell, lining } = scene.interior
  const floorMm = floorOverGround(scene.interior)
  if (floorMm === undefined || !shell.openings.some((opening) => opening.entrance && isDoor(opening))) return undefined
  const ground = -floorMm
  const wells = shell.openings.flatMap(({ entrance, stepMm }) => (entrance && stepMm !== undefined ? [-stepMm] : []))
  const treads = [...scene.placed.flatMap((placed) => treadsOf(placed, true)), ...wells]
    .filter((tread) => tread > ground)
    .sort((a, b) => a - b)
  const levels = [ground, ...treads, lining.floorMm]
  return levels.slice(1).map((level, index) => Math.round(level - nth(levels, index)))
}
