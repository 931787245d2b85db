import { z } from 'zod'
import { TURNS } from '../geometry'
import { idSchema } from '../shell'

/** So far off its anchor a fitting may stand, mm. */
export const MOST_OFFSET_MM = 15_000
const offset = z.number().min(-MOST_OFFSET_MM).max(MOST_OFFSET_MM)

const ALONG_ANCHORS = ['rear', 'bulkhead', 'after'] as const
const ACROSS_ANCHORS = ['left-wall', 'right-wall', 'centreline'] as const
const UP_ANCHORS = ['floor', 'roof', 'top-of', 'under-floor', 'on-roof'] as const

/**
 * How a fitting is anchored in the vehicle. Anchors carry the intent: when lining or shell change, a galley stays on
 * its wall and a locker under its roof; when a neighbour in a run grows or goes, what comes after it follows. `turn` is
 * counted from the anchor's own direction: on the left wall the back is to the left, on the right wall to the right, on the
 * centreline as on the left wall.
 */
export const seatSchema = z.looseObject({
  along: z.looseObject({
    from: z.enum(ALONG_ANCHORS),
    fitting: idSchema.optional().describe('Which one it comes after, forward of it, for after'),
    mm: offset.describe(
      'From the rear sill to its rearmost face, from the bulkhead to its foremost, or from the front of the one it comes after',
    ),
  }),
  across: z.looseObject({
    from: z.enum(ACROSS_ANCHORS),
    mm: offset.describe('From the wall to its near face, or from the centreline to its middle, to the left'),
  }),
  up: z.looseObject({
    from: z.enum(UP_ANCHORS),
    fitting: idSchema.optional().describe('Whose top, for top-of'),
    mm: offset.describe(
      'From the lined floor, the other’s top or the outer roof to its base; from the roof or the bare floor down to its top',
    ),
  }),
  turn: z.literal(TURNS),
  mirrored: z.boolean(),
})
export type Seat = Readonly<z.infer<typeof seatSchema>>
