import { nth } from '../units'
import type { Facts } from '../fittings'
import { isDoor } from '../shell'
import { floorOverGround, type Scene, treadsOf } from '../scene'

/** What one steps on outside. */
export const isStep = ({ treads }: Facts): boolean => treads.some(({ isOutside }) => isOutside)

/**
 * The steps that one takes from the ground to the lined floor, lowest first, mm; undefined where the body’s height over the
 * ground is not known. A step that is out shares the climb, and so does the step well or running step of an entrance; of several
 * entrances the easiest counts.
 */
export function entrySteps(scene: Scene): readonly number[] | undefined {
  const { shell, lining } = scene.interior
  const floorMm = floorOverGround(scene.interior)
  const entrances = shell.openings.filter((opening) => opening.entrance && isDoor(opening))
  if (floorMm === undefined || entrances.length === 0) return undefined
  const ground = -floorMm
  const steps = scene.placed.flatMap((placed) => treadsOf(placed, true))
  const climbs = entrances.map(({ stepMm }) => {
    const treads = [...steps, ...(stepMm === undefined ? [] : [-stepMm])].filter((tread) => tread > ground)
    const levels = [ground, ...treads.sort((a, b) => a - b), lining.floorMm]
    return levels.slice(1).map((level, index) => Math.round(level - nth(levels, index)))
  })
  return climbs.reduce((easiest, climb) => (Math.max(...climb) < Math.max(...easiest) ? climb : easiest))
}
