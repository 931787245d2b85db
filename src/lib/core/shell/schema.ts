import { z } from 'zod'
import { isConvex, type Vec2 } from '../geometry'

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

const keepOutSchema = z.looseObject({
  id: idSchema,
  label: wordsSchema(60),
  from: triple,
  to: triple,
  notchable: z.boolean().describe('A scribed carcass may be notched round it; a rigid part never'),
})

export const OPENING_SIDES = ['left', 'right', 'rear'] as const
export const OPENING_NEEDS = ['stay-free', 'may-cover', 'emergency'] as const

const openingSchema = z.looseObject({
  id: idSchema,
  label: wordsSchema(60),
  side: z.enum(OPENING_SIDES),
  fromMm: finite(-2000, 16_000).describe('Along x on a side; along y at the rear'),
  toMm: finite(-2000, 16_000),
  sillMm: finite(-500, 4000),
  headMm: finite(-500, 4000),
  opens: z.enum(['sliding', 'hinged', 'twin-hinged', 'tailgate', 'roll-up', 'fixed-window']),
  need: z.enum(OPENING_NEEDS),
  entrance: z.boolean().describe('People come in here'),
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
})

const outlinePoint = z.tuple([finite(-1000, 16_000), finite(-1500, 4500)])

export const shellSchema = z
  .looseObject({
    id: idSchema,
    name: wordsSchema(80),
    bodyClass: z.enum(['panel-van', 'box-truck']),
    stations: z.array(stationSchema).min(2).max(40),
    bulkhead: z.looseObject({
      xMm: finite(500, 14_000).describe('Where the load space ends and the cab begins'),
      wayThrough: z.boolean(),
    }),
    keepOuts: z.array(keepOutSchema).max(40),
    openings: z.array(openingSchema).min(1).max(40),
    cabSeats: z.array(cabSeatSchema).max(6),
    outline: z
      .looseObject({ plan: z.array(outlinePoint).min(3).max(60), side: z.array(outlinePoint).min(3).max(60) })
      .describe('Drawn only: half the body seen from above as [x, |y|], and the body from the side as [x, z]'),
    axles: z.looseObject({ rearXMm: finite(-2000, 14_000), wheelbaseMm: finite(1500, 9000) }),
    masses: z.looseObject({ kerbKg: finite(500, 20_000), grossKg: finite(500, 30_000) }),
  })
  .superRefine((shell, context) => {
    const fault = (path: (string | number)[], message: string) => context.addIssue({ code: 'custom', path, message })
    const count = shell.stations[0]!.left.length
    shell.stations.forEach((station, index) => {
      const before = shell.stations[index - 1]
      if (before !== undefined && !(station.xMm > before.xMm)) {
        fault(['stations', index, 'xMm'], `stations run forward: ${station.xMm} does not come after ${before.xMm}`)
      }
      for (const side of ['left', 'right'] as const) {
        const points = station[side]
        if (points === undefined) continue
        if (points.length !== count) {
          fault(
            ['stations', index, side],
            `every half-section needs the same number of points: ${points.length}, not ${count}`,
          )
          continue
        }
        const [first, last] = [points[0]!, points[points.length - 1]!]
        if (first[0] !== 0 || last[0] !== 0)
          fault(['stations', index, side], 'a half-section starts and ends on the centreline')
        if (!(last[1] - first[1] >= 900))
          fault(['stations', index, side], `the body is only ${last[1] - first[1]} mm high here; at least 900`)
        if (!(Math.max(...points.map((point) => point[0])) >= 450))
          fault(['stations', index, side], 'the body is under 900 mm wide here')
        if (!isConvex(fullSection(points, points))) {
          fault(
            ['stations', index, side],
            'the half-section bends inward or crosses itself; enter what stands proud as a keep-out',
          )
        }
      }
    })
    const ends = { from: shell.stations[0]!.xMm, to: shell.stations[shell.stations.length - 1]!.xMm }
    if (!(shell.bulkhead.xMm > ends.from + 400 && shell.bulkhead.xMm <= ends.to)) {
      fault(
        ['bulkhead', 'xMm'],
        `the bulkhead at ${shell.bulkhead.xMm} must lie between the stations ${ends.from} and ${ends.to}`,
      )
    }
    shell.openings.forEach((opening, index) => {
      if (!(opening.toMm > opening.fromMm))
        fault(['openings', index, 'toMm'], `the opening ends at ${opening.toMm}, before it starts at ${opening.fromMm}`)
      if (!(opening.headMm > opening.sillMm))
        fault(
          ['openings', index, 'headMm'],
          `its head at ${opening.headMm} must be above its sill at ${opening.sillMm}`,
        )
    })
    if (!shell.openings.some((opening) => opening.entrance)) fault(['openings'], 'one opening must be an entrance')
    shell.keepOuts.forEach((keepOut, index) =>
      keepOut.to.forEach((end, axis) => {
        if (!(end > keepOut.from[axis]!))
          fault(['keepOuts', index, 'to', axis], `ends at ${end}, before it starts at ${keepOut.from[axis]}`)
      }),
    )
    if (!(shell.masses.grossKg > shell.masses.kerbKg))
      fault(
        ['masses', 'grossKg'],
        `the gross mass ${shell.masses.grossKg} must exceed the kerb mass ${shell.masses.kerbKg}`,
      )
    for (const list of ['keepOuts', 'openings', 'cabSeats'] as const) {
      const seen = new Set<string>()
      shell[list].forEach(({ id }, index) => {
        if (seen.has(id)) fault([list, index, 'id'], `the id “${id}” is used twice`)
        seen.add(id)
      })
    }
  })

export type Shell = Readonly<z.infer<typeof shellSchema>>
export type Station = Shell['stations'][number]
export type Opening = Shell['openings'][number]
export type CabSeat = Shell['cabSeats'][number]

/**
 * One closed section in (y, z), counter-clockwise seen from the front end: floor's centre, left wall up, roof, right wall down.
 * The point at the roof's centre stands once, and so does that at the floor's centre.
 */
export function fullSection(left: readonly Vec2[], right: readonly Vec2[]): readonly Vec2[] {
  const down = right.slice(1, -1).map(([y, z]): Vec2 => [-y, z])
  return [...left, ...down.reverse()]
}

export const liningSchema = z.looseObject({
  floorMm: finite(0, 150),
  wallMm: finite(0, 150),
  roofMm: finite(0, 150),
})
export type Lining = Readonly<z.infer<typeof liningSchema>>
