import { type Box, spanMiddle, type Vec3 } from '../geometry'
import type { Placed, Scene } from '../scene'

/** Where a finding about the whole vehicle is marked. */
export const middleOf = (scene: Scene): Vec3 => [spanMiddle(scene.interior.xSpan), 0, 1000]

const CORNER_MM = 90

/** Where a finding about a berth is marked: its rear right corner, clear of who lies on it. */
export const footOf = (placed: Placed, heightMm: number): Vec3 => [
  placed.bounds.x.min + CORNER_MM,
  placed.bounds.y.min + CORNER_MM,
  placed.placement.at[2] + heightMm,
]

/** Where a finding about what is in another is marked. */
export const middleOfBox = ({ x, y, z }: Box): Vec3 => [spanMiddle(x), spanMiddle(y), spanMiddle(z)]

/** Where a finding about a fitting as a whole is marked: the middle of its top. */
export const topOf = ({ bounds }: Placed): Vec3 => [spanMiddle(bounds.x), spanMiddle(bounds.y), bounds.z.max]
