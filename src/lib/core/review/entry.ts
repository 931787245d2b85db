import { prismBounds } from '../geometry'
import { floorOverGround, isDoor, type Scene } from '../scene'

/**
 * The steps that one takes from the ground to the lined floor, lowest first, mm; undefined where the body’s height over the
 * ground is not known. A step that is out shares the climb.
 */
export function entrySteps(scene: Scene): readonly number[] | undefined {
  const { shell, lining } = scene.interior
  const floorMm = floorOverGround(scene.interior)
  if (floorMm === undefined || !shell.openings.some((opening) => opening.entrance && isDoor(opening))) return undefined
  const ground = -floorMm
  const treads = scene.placed
    .filter(({ kind, stance }) => kind.id === 'step' && stance === 'out')
    .flatMap(({ solids }) => solids.filter(({ id }) => id === 'tread').map(({ prism }) => prismBounds(prism).z.max))
    .sort((a, b) => a - b)
  const levels = [ground, ...treads, lining.floorMm]
  return levels.slice(1).map((level, index) => Math.round(level - levels[index]!))
}
