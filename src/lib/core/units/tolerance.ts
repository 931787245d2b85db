/** Faces closer than this touch: 0.1 mm, a tenth of a saw cut. For lengths only, never areas or cross products. */
export const TOUCH_MM = 0.1

/** Two lengths that a drawing shows alike: half a millimetre, what a tape can be read to. */
export const SAME_MM = 0.5
