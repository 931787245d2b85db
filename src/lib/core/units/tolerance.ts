/** Faces closer than this touch: 0.1 mm, a tenth of a saw cut. For lengths only, never areas or cross products. */
export const TOUCH_MM = 0.1

/**
 * What is asked at the very end of a shape is answered so far inside it: a hundredth of a millimetre, far above the last bits of a
 * float and far below what a tape can be read to.
 */
export const HAIR_MM = 0.01

/** What of a figure of comfort nobody would mention: the smaller of so many millimetres and such a share of what is wanted. Common practice, no source. */
export const UNNOTICED = { mm: 10, share: 0.03 } as const

/** Whether so many millimetres are so near what is wanted that nobody tells the difference. */
export const isUnnoticed = (
  offMm: number,
  wantedMm: number,
  { mm, share }: { mm: number; share: number } = UNNOTICED,
): boolean => offMm <= Math.min(mm, share * Math.abs(wantedMm))

/** Two lengths that a drawing shows alike: half a millimetre, what a tape can be read to. */
export const SAME_MM = 0.5
