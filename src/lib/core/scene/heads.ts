import { placedIn } from './placed-in'
import { type Brief, type Person, sleepersOf } from '../brief'
import type { Vec2, Vec3 } from '../geometry'
import { assignBerths, type Night } from './berths'
import type { Scene } from './scene'

/** From a mattress’s end to the middle of a head, and to the middle of feet. Common practice, no source. */
const END_MM = 150

/** Where one who sleeps has the head and the feet, in the vehicle frame. */
export interface Sleeping {
  readonly person: Person
  readonly fittingId: string
  readonly head: Vec3
  readonly feet: Vec3
  /** In plan: the end of the mattress at the head, and the way from there to the feet. */
  readonly top: Vec2
  readonly footward: Vec2
}

const along = ({ berth: { lying } }: Night, aside: number, ahead: number): Vec2 => {
  const [hx, hy] = lying.headward
  return [lying.middle[0] + hx * ahead - hy * aside, lying.middle[1] + hy * ahead + hx * aside]
}

/** Everyone who has a berth in a scene, as the drawing lays them. */
export function sleeping(scene: Scene, brief: Brief): readonly Sleeping[] {
  return assignBerths(scene, sleepersOf(brief)).nights.flatMap((night) => {
    const { berth, sleepers } = night
    const base = placedIn(scene, berth.fittingId).placement.at[2]
    const z = base + berth.lying.zMm
    const reach = berth.lying.lengthMm / 2 - END_MM
    return sleepers.map((person, index): Sleeping => {
      const aside = (index - (sleepers.length - 1) / 2) * (berth.lying.widthMm / sleepers.length)
      return {
        person,
        fittingId: berth.fittingId,
        head: [...along(night, aside, reach), z],
        feet: [...along(night, aside, -reach), z],
        top: along(night, aside, berth.lying.lengthMm / 2),
        footward: [-berth.lying.headward[0], -berth.lying.headward[1]],
      }
    })
  })
}
