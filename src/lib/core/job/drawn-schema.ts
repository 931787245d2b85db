import { z } from 'zod'
import { photoIdSchema } from '../condition'
import { idSchema, wordsSchema } from '../shell'

/** The views in which something can be drawn; their millimetres are those of `core/draw`. */
export const DRAWN_IN = ['left', 'plan', 'right', 'section'] as const

const mm = z.number().min(-20_000).max(20_000)
const point = z.tuple([mm, mm])
const view = z.enum(DRAWN_IN)

/** What a designer has put on the drawing itself, besides what stands in the vehicle. */
export const drawnSchema = z.discriminatedUnion('kind', [
  z.looseObject({
    kind: z.literal('tape'),
    view,
    from: point,
    to: point.describe('A length measured between two points of a view'),
  }),
  z.looseObject({
    kind: z.literal('pinned'),
    fitting: idSchema,
    row: z.string().max(20).describe('A distance of the fitting’s tape that stays in the drawing'),
  }),
  z.looseObject({
    kind: z.literal('note'),
    view,
    at: point.describe('Where it is pinned; from the middle of the fitting, where it is pinned to one'),
    fitting: idSchema.optional(),
    text: wordsSchema(400).min(1),
    photos: z.array(photoIdSchema).max(4).optional(),
  }),
  z.looseObject({
    kind: z.literal('sheet'),
    view,
    photo: photoIdSchema.describe('A photo or a scanned sketch that lies under the view'),
    at: point.describe('Its lower left corner'),
    wideMm: z.number().min(10).max(40_000),
    highMm: z.number().min(10).max(40_000),
  }),
])
export type Drawn = Readonly<z.infer<typeof drawnSchema>>
export const MAX_DRAWN = 100
