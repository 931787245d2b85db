import { z } from 'zod'
import { TURNS } from '../geometry'
import { idSchema } from '../shell'

const offset = z.number().min(-15_000).max(15_000)

/**
 * How a fitting is anchored in the vehicle. Anchors carry the intent: when lining or shell change, a galley stays on
 * its wall and a locker under its roof. `turn` is counted from the anchor's own direction: on the left wall the back
 * is to the left, on the right wall to the right, on the centreline as on the left wall.
 */
export const seatSchema = z.looseObject({
  along: z.looseObject({
    from: z.enum(['rear', 'bulkhead']),
    mm: offset.describe('From the rear sill to its rearmost face, or from the bulkhead to its foremost'),
  }),
  across: z.looseObject({
    from: z.enum(['left-wall', 'right-wall', 'centreline']),
    mm: offset.describe('From the wall to its near face, or from the centreline to its middle, to the left'),
  }),
  up: z.looseObject({
    from: z.enum(['floor', 'roof', 'top-of']),
    fitting: idSchema.optional().describe('Whose top, for top-of'),
    mm: offset.describe('From the lined floor or the other’s top to its base; from the roof down to its top'),
  }),
  turn: z.literal(TURNS),
  mirrored: z.boolean(),
})
export type Seat = Readonly<z.infer<typeof seatSchema>>
