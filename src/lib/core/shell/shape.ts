import { z } from 'zod'
import type { Vec2 } from '../geometry'

const finite = (min: number, max: number) => z.number().min(min).max(max)

/** Names that may stand as keys of a record: no word that JavaScript gives a meaning of its own gets through. */
export const idSchema = z
  .string()
  .regex(
    /^[a-z][a-z0-9]{0,23}(-[a-z0-9]{1,24}){1,4}$/,
    'an id looks like “bed-3k9”: lower-case words and figures joined by hyphens',
  )

/** A name or note that a person typed; shown as text, never as markup. */
export const wordsSchema = (max: number) => z.string().max(max)

const half = z
  .array(z.tuple([finite(0, 1600), finite(-50, 4000)]))
  .min(4)
  .max(32)
  .describe(
    'From the floor’s centre out, up the wall and in to the roof’s centre: [mm from the centreline, mm above the load floor]',
  )

const stationSchema = z.looseObject({
  xMm: finite(-500, 14_000),
  left: half,
  right: half.optional().describe('Left out when it mirrors the left'),
})

const triple = z.tuple([finite(-2000, 16_000), finite(-2000, 2000), finite(-1500, 4000)])

export const BODY_CLASSES = ['panel-van', 'compact-van', 'minivan', 'minibus', 'bus', 'box-truck'] as const
export type BodyClass = (typeof BODY_CLASSES)[number]

/** What stands proud of the body or must be kept clear of. */
const KEEP_OUTS = [
  'wheel-arch',
  'lever',
  'filler',
  'step-well',
  'spare-wheel',
  'jack',
  'engine-cover',
  'lift',
  'pillar',
  'other',
] as const

const keepOutSchema = z.looseObject({
  id: idSchema,
  label: wordsSchema(60),
  from: triple,
  to: triple,
  notchable: z.boolean().describe('A scribed carcass may be notched round it; a rigid part never'),
  what: z.enum(KEEP_OUTS).default('other'),
})

const OPENING_SIDES = ['left', 'right', 'rear', 'roof'] as const
/** How an opening opens; an angle is how far its leaf goes round. */
const OPENING_WAYS = [
  'sliding',
  'hinged',
  'hinged-180',
  'hinged-270',
  'twin-hinged',
  'tailgate',
  'folding',
  'roll-up',
  'roof-hatch',
  'hopper',
  'sliding-pane',
  'fixed-window',
] as const
const OPENING_NEEDS = ['stay-free', 'may-cover', 'emergency'] as const

const openingSchema = z.looseObject({
  id: idSchema,
  label: wordsSchema(60),
  side: z.enum(OPENING_SIDES),
  fromMm: finite(-2000, 16_000).describe('Along x on a side and in the roof; along y at the rear'),
  toMm: finite(-2000, 16_000),
  sillMm: finite(-2000, 4000).describe('Height above the load floor; in the roof the right edge’s y'),
  headMm: finite(-2000, 4000).describe('Height above the load floor; in the roof the left edge’s y'),
  opens: z.enum(OPENING_WAYS),
  need: z.enum(OPENING_NEEDS),
  entrance: z.boolean().describe('People come in here'),
  screened: z.boolean().optional().describe('Has an insect screen, where it opens for air; left out: yes'),
  outsideOnly: z.boolean().optional().describe('Opens only from outside: no way out for those inside'),
  behind: idSchema
    .optional()
    .describe('Which other one’s leaf it lies behind: no light, air or way out by it while that is shut'),
  stepMm: finite(50, 900)
    .optional()
    .describe('Of an entrance: how far its step well or running step lies below the load floor'),
  standsUp: z.boolean().optional().describe('In the roof: one can stand up through it while it is open'),
})

const cabSeatSchema = z.looseObject({
  id: idSchema,
  label: wordsSchema(60),
  xMm: finite(-500, 16_000),
  yMm: finite(-1500, 1500),
  widthMm: finite(300, 900),
  depthMm: finite(300, 900),
  cushionMm: finite(-200, 900).describe('Top of the cushion above the load floor'),
  belt: z.boolean(),
  swivel: z
    .looseObject({
      aheadMm: finite(-300, 300).describe('The axis ahead of the seat’s middle'),
      inboardMm: finite(-300, 300).describe('The axis nearer the centreline than the seat’s middle'),
    })
    .optional()
    .describe('Where it turns; left out where it does not'),
  reclineDeg: finite(0, 90).default(20),
  removable: z.boolean().default(false),
})

const railSchema = z.looseObject({
  id: idSchema,
  label: wordsSchema(60),
  on: z.enum(['floor', 'roof']).default('floor'),
  fromMm: finite(-500, 16_000),
  toMm: finite(-500, 16_000),
  yMm: finite(-2000, 2000),
})

const fixingSchema = z.looseObject({ id: idSchema, label: wordsSchema(60), at: triple })

const outlinePoint = z.tuple([finite(-1000, 16_000), finite(-1500, 4500)])

const cabSchema = z.looseObject({
  lengthMm: finite(400, 2600).describe('From the bulkhead to the dashboard'),
  widthMm: finite(900, 2600).describe('Between the inner faces of the doors'),
  floorMm: finite(-700, 500).describe('Of its floor above the load floor'),
  roofMm: finite(300, 3500).describe('Of its headlining above the load floor'),
})

/** The bare body as measured; what its parts must be to one another is told by `shellFaults`. */
export const shellShape = z.looseObject({
  id: idSchema,
  name: wordsSchema(80),
  bodyClass: z.enum(BODY_CLASSES),
  stations: z.array(stationSchema).min(2).max(40),
  bulkhead: z.looseObject({
    xMm: finite(500, 14_000).describe('Where the load space ends and the cab begins'),
    wayThrough: z.boolean(),
  }),
  cab: cabSchema
    .optional()
    .describe('What one steps into where there is a way through; left out where it is not known'),
  keepOuts: z.array(keepOutSchema).max(60),
  openings: z.array(openingSchema).min(1).max(60),
  cabSeats: z.array(cabSeatSchema).max(6),
  loadSeats: z
    .array(cabSeatSchema)
    .max(60)
    .default([])
    .describe('Behind the cab as delivered; taken out for a conversion'),
  ribs: z
    .looseObject({
      wallMm: finite(0, 120).describe('How far they stand proud of the wall’s skin'),
      roofMm: finite(0, 120),
      pitchMm: finite(100, 3000).describe('From one to the next'),
    })
    .default({ wallMm: 0, roofMm: 0, pitchMm: 600 }),
  rails: z.array(railSchema).max(20).default([]).describe('Seat rails in the floor, rails on the roof'),
  fixings: z.array(fixingSchema).max(60).default([]).describe('Factory points to fix to'),
  outline: z
    .looseObject({ plan: z.array(outlinePoint).min(3).max(60), side: z.array(outlinePoint).min(3).max(60) })
    .describe('Drawn only: half the body seen from above as [x, |y|], and the body from the side as [x, z]'),
  axles: z.looseObject({
    rearXMm: finite(-2000, 14_000),
    wheelbaseMm: finite(1500, 9000),
    trackMm: finite(1000, 2600).optional(),
    kerbFrontKg: finite(200, 15_000).optional(),
    kerbRearKg: finite(200, 15_000).optional(),
    ratingFrontKg: finite(300, 20_000).optional(),
    ratingRearKg: finite(300, 20_000).optional(),
  }),
  masses: z.looseObject({
    kerbKg: finite(500, 20_000),
    grossKg: finite(500, 30_000),
    kerbWith: z
      .looseObject({
        driverKg: finite(0, 150).describe('Of a driver; 0 where none is in it'),
        fuelPercent: finite(0, 100).describe('How full the tank is'),
      })
      .optional()
      .describe('What the kerb mass holds; left out where nobody asked'),
    fuelL: finite(10, 1000).optional().describe('Fuel tank of the vehicle, full'),
    fuelXMm: finite(-2000, 16_000).optional().describe('Where the middle of that tank is'),
    centreMm: finite(200, 2500).optional().describe('Centre of mass of the empty vehicle over the ground, measured'),
    roofDrivingKg: finite(0, 3000).optional().describe('What the roof may carry on the road'),
    roofRestKg: finite(0, 6000).optional().describe('What the roof may carry at rest'),
  }),
  outer: z
    .looseObject({
      lengthMm: finite(2000, 18_000),
      widthMm: finite(1200, 2700),
      heightMm: finite(1000, 4500),
      groundMm: finite(50, 600).describe('Ground clearance'),
    })
    .optional(),
})

export type Shell = Readonly<z.infer<typeof shellShape>>
export type Opening = Shell['openings'][number]
export type Cab = NonNullable<Shell['cab']>
export type CabSeat = Shell['cabSeats'][number]

/**
 * One closed section in (y, z), counter-clockwise seen from the front end: floor's centre, left wall up, roof, right wall down.
 * The point at the roof's centre stands once, and so does that at the floor's centre.
 */
export function fullSection(left: readonly Vec2[], right: readonly Vec2[]): readonly Vec2[] {
  const down = right.slice(1, -1).map(([y, z]): Vec2 => [-y, z])
  return [...left, ...down.reverse()]
}
