import { z } from 'zod'
import { fittingsWithNewNames, massOfAll, renamedIn, takenOut, type Seat } from '../fittings'
import { idSchema, wordsSchema } from '../shell'
import { NAMING } from '../units'
import { type Fault, faultsOf, type Fitting, fittingSchema, guard, hangsOnItself, MAX_FITTINGS } from '../job'
import { recordOf } from '../brief'

const MODULE_FORMAT = 'zimmerman.module'
const MODULE_VERSION = 1

const shape = z.looseObject({
  format: z.literal(MODULE_FORMAT),
  version: z.literal(MODULE_VERSION),
  id: idSchema,
  name: wordsSchema(60).min(1),
  revision: z.number().int().min(1).max(1_000_000),
  note: wordsSchema(400).default(''),
  fittings: recordOf(fittingSchema, MAX_FITTINGS).refine((fittings) => Object.keys(fittings).length > 0, {
    message: 'a module needs a fitting',
  }),
})

/** A fitting or a group of the shop’s own library, as an open document. Its rearmost part is at 0 from the rear. */
export interface Module {
  readonly format: typeof MODULE_FORMAT
  readonly version: typeof MODULE_VERSION
  readonly id: string
  readonly name: string
  readonly revision: number
  readonly note: string
  readonly fittings: Readonly<Record<string, Fitting>>
}

/** What is anchored to a fitting that the module does not hold. */
function anchorFaults(fittings: Module['fittings']): readonly { path: string[]; message: string }[] {
  return Object.entries(fittings).flatMap(([id, { seat }]) => {
    const circle = hangsOnItself(fittings, id)
      ? [
          {
            path: ['fittings', id, 'seat'],
            message: 'it stands on itself, comes after itself or is in itself, by way of others',
          },
        ]
      : []
    const other = (part: 'up' | 'along', from: string) =>
      seat[part].from === from && fittings[seat[part].fitting ?? ''] === undefined
        ? [
            {
              path: ['fittings', id, 'seat', part, 'fitting'],
              message: `hangs on “${seat[part].fitting ?? 'nothing'}”, which is not in this module`,
            },
          ]
        : []
    const host =
      seat.inside === undefined || fittings[seat.inside.fitting] !== undefined
        ? []
        : [
            {
              path: ['fittings', id, 'seat', 'inside', 'fitting'],
              message: `is in “${seat.inside.fitting}”, which is not in this module`,
            },
          ]
    return [...other('up', 'top-of'), ...other('along', 'after'), ...host, ...circle]
  })
}

const moduleSchema = shape.superRefine((module, context) => {
  for (const { path, message } of anchorFaults(module.fittings as unknown as Module['fittings']))
    context.addIssue({ code: 'custom', path, message })
})

export type ParsedModule =
  { readonly ok: true; readonly module: Module } | { readonly ok: false; readonly faults: readonly Fault[] }

/** Reads a module from anyone’s file. It is data only: kinds are looked up by name, nothing of it is run. */
export function parseModule(input: unknown): ParsedModule {
  const guarded = guard(input)
  if (guarded.length > 0) return { ok: false, faults: guarded }
  const { format, version } = (typeof input === 'object' && input !== null ? input : {}) as Record<string, unknown>
  if (format === MODULE_FORMAT && typeof version === 'number' && version > MODULE_VERSION)
    return {
      ok: false,
      faults: [
        {
          path: 'version',
          message: `was made by a newer Zimmerman (version ${version}); this one reads up to ${MODULE_VERSION}`,
        },
      ],
    }
  const { fittings, ...rest } = (typeof input === 'object' && input !== null ? input : {}) as Record<string, unknown>
  const named = fittings === undefined ? input : { ...rest, fittings: fittingsWithNewNames(fittings) }
  const result = moduleSchema.safeParse(named, NAMING)
  return result.success
    ? { ok: true, module: result.data as unknown as Module }
    : { ok: false, faults: faultsOf(result.error.issues) }
}

/** Reads text as a module: says where JSON itself ends, then as `parseModule`. */
export function parseModuleText(text: string): ParsedModule {
  try {
    return parseModule(JSON.parse(text))
  } catch (cause) {
    return {
      ok: false,
      faults: [{ path: '', message: `is not JSON: ${cause instanceof Error ? cause.message : String(cause)}` }],
    }
  }
}

/** Where a fitting stands in the vehicle when a module is made of it: its rearmost x, and its base over the lined floor. */
export interface Standing {
  readonly id: string
  readonly fitting: Fitting
  readonly fromRearMm: number
  readonly overFloorMm: number
}

/**
 * A module of fittings as they stand: places along the vehicle are counted from the rearmost of them, anchors to what is
 * not among them become places of their own.
 * @throws RangeError if there are none.
 */
export function moduleOf(id: string, name: string, note: string, standing: readonly Standing[]): Module {
  if (standing.length === 0) throw new RangeError('a module needs a fitting')
  const origin = Math.min(...standing.map(({ fromRearMm }) => fromRearMm))
  const ids = new Set(standing.map((one) => one.id))
  const seatOf = ({ fitting: { seat }, fromRearMm, overFloorMm }: Standing): Seat => ({
    // what it was in stays behind
    ...(seat.inside !== undefined && !ids.has(seat.inside.fitting) ? takenOut(seat) : seat),
    along:
      seat.along.from === 'after' && ids.has(seat.along.fitting ?? '')
        ? seat.along
        : { from: 'rear', mm: Math.round(fromRearMm - origin) },
    up:
      seat.up.from === 'top-of' && !ids.has(seat.up.fitting ?? '')
        ? { from: 'floor', mm: Math.round(overFloorMm) }
        : seat.up,
  })
  return {
    format: MODULE_FORMAT,
    version: MODULE_VERSION,
    id,
    name,
    revision: 1,
    note,
    fittings: Object.fromEntries(
      standing.map((one) => {
        const { locked: _, ...fitting } = one.fitting
        return [one.id, { ...fitting, seat: seatOf(one) }]
      }),
    ),
  }
}

/** The fittings of a module with ids of their own, its rearmost part `atMm` from the rear sill. */
export function placedModule(
  module: Module,
  atMm: number,
  newId: (old: string) => string,
): Readonly<Record<string, Fitting>> {
  const ids = new Map(Object.keys(module.fittings).map((id) => [id, newId(id)]))
  return Object.fromEntries(
    Object.entries(module.fittings).map(([id, fitting]) => {
      const named = renamedIn(fitting.seat, ids)
      const { along } = named
      const seat = along.from === 'rear' ? { ...named, along: { ...along, mm: along.mm + atMm } } : named
      return [ids.get(id)!, { ...fitting, seat }]
    }),
  )
}

/** Mass of a module, empty, kg. */
export const moduleKg = ({ fittings }: Pick<Module, 'fittings'>): number => massOfAll(Object.values(fittings))

export const moduleJsonSchema = (): unknown => ({
  $id: '/schema/module.v1.json',
  title: 'Zimmerman module, version 1',
  ...z.toJSONSchema(shape, { io: 'input', unrepresentable: 'any' }),
})
