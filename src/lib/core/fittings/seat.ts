import { z } from 'zod'
import { addTurns, type Turn, TURNS } from '../geometry'
import { idSchema } from '../shell'

/** So far off its anchor a fitting may stand, mm. */
export const MOST_OFFSET_MM = 15_000
const offset = z.number().min(-MOST_OFFSET_MM).max(MOST_OFFSET_MM)

const ALONG_ANCHORS = ['rear', 'bulkhead', 'after'] as const
const ACROSS_ANCHORS = ['left-wall', 'right-wall', 'centreline'] as const
const UP_ANCHORS = ['floor', 'roof', 'top-of', 'under-floor', 'on-roof'] as const

/**
 * In a hollow of another fitting, in that one’s own frame: left and right as seen from in front of it. It goes where its host goes,
 * in every stance. `turn` is counted from the host’s own direction.
 */
const insideSchema = z.looseObject({
  fitting: idSchema.describe('The host'),
  hollow: z.string().max(40).describe('Which of its hollows; its whole outline where it has none of that name'),
  along: z.looseObject({
    from: z.enum(['left', 'right']),
    mm: offset.describe('From that side of the hollow to its near face'),
  }),
  across: z.looseObject({
    from: z.enum(['front', 'back']),
    mm: offset.describe('From that side of the hollow to its near face'),
  }),
  upMm: offset.describe('From the bottom of the hollow to its base'),
  turn: z.literal(TURNS),
  mirrored: z.boolean(),
})
export type Inside = Readonly<z.infer<typeof insideSchema>>

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
  door: idSchema
    .optional()
    .describe(
      'It hangs on the inner face of the leaf of that opening and moves with it; the rest says where it is when that is shut',
    ),
  inside: insideSchema
    .optional()
    .describe('In a hollow of another: the rest then says where it stands once it is taken out of that'),
})
export type Seat = Readonly<z.infer<typeof seatSchema>>

/** The fittings on which a seat hangs: what it stands on, what it comes after, what it is in. */
export const hangsOn = ({ up, along, inside }: Seat): readonly string[] => [
  ...(up.from === 'top-of' && up.fitting !== undefined ? [up.fitting] : []),
  ...(along.from === 'after' && along.fitting !== undefined ? [along.fitting] : []),
  ...(inside === undefined ? [] : [inside.fitting]),
]

/** A seat whose anchors have other ids. */
export function renamedIn(seat: Seat, ids: ReadonlyMap<string, string>): Seat {
  const renamed = <A extends { readonly fitting?: string | undefined }>(anchor: A): A =>
    anchor.fitting === undefined ? anchor : { ...anchor, fitting: ids.get(anchor.fitting) ?? anchor.fitting }
  const { along, up, inside } = seat
  return {
    ...seat,
    along: renamed(along),
    up: renamed(up),
    ...(inside === undefined ? {} : { inside: renamed(inside) }),
  }
}

/** A seat that is turned further, in the vehicle or in what it is in. */
export const turnedBy = (seat: Seat, by: Turn): Seat =>
  seat.inside === undefined
    ? { ...seat, turn: addTurns(seat.turn, by) }
    : { ...seat, inside: { ...seat.inside, turn: addTurns(seat.inside.turn, by) } }

/** A seat whose left end is its right end. */
export const flipped = (seat: Seat): Seat =>
  seat.inside === undefined
    ? { ...seat, mirrored: !seat.mirrored }
    : { ...seat, inside: { ...seat.inside, mirrored: !seat.inside.mirrored } }

/** A seat that is no longer in another. */
export const takenOut = ({ inside: _, ...seat }: Seat): Seat => seat

/** A seat that hangs on no door. */
export const offDoor = ({ door: _, ...seat }: Seat): Seat => seat

/** Whether it is pressed through what holds it: a wall, a floor, the side of a hollow. */
export const isPressed = ({ across, up, inside }: Seat): boolean =>
  inside === undefined
    ? (across.from !== 'centreline' && across.mm < 0) || up.mm < 0
    : inside.along.mm < 0 || inside.across.mm < 0 || inside.upMm < 0
