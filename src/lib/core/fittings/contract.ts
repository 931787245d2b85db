import type { z } from 'zod'
import type { Need, Purpose } from '../brief'
import type { Polygon, Prism, Vec2 } from '../geometry'
import type { Seat } from './seat'

/** What a fitting is for; each has its own hatching and word in a drawing. */
export const GROUPS = ['sleeping', 'sitting', 'galley', 'wet', 'stowage', 'machines'] as const
export type Group = (typeof GROUPS)[number]

export type ParameterValue = number | string | boolean
export type Parameters = Readonly<Record<string, ParameterValue>>

/**
 * A part of a fitting in its own frame: origin at the middle of its footprint on its base, x along its run, y from its
 * front (−) to its back (+), z up; mm.
 */
export interface LocalSolid {
  readonly id: string
  readonly prism: Prism
  /** Rigid parts fit as they are. Scribed ones are cut to the wall behind them; only their front must stand whole. */
  readonly fit: 'rigid' | 'scribed'
}

export const SERVICES = [
  'berth',
  'seat',
  'belt',
  'table-place',
  'worktop',
  'basin',
  'hob',
  'cold-box',
  'toilet',
  'shower',
  'desk',
  'stowage',
  'tank',
] as const
export type ServiceType = (typeof SERVICES)[number]

/** What a fitting offers in a stance; `quantity` counts places, pieces, litres (tank, cold box) or millimetres (worktop). */
export interface LocalService {
  readonly type: ServiceType
  readonly quantity: number
  /** The clearance that one uses it from, by id. */
  readonly approach?: string
  /** Berths: the lying surface in plan, with its height. The longer side of the pair is the sleeper's. */
  readonly lying?: {
    readonly lengthMm: number
    readonly widthMm: number
    readonly zMm: number
    readonly along: 'x' | 'y'
  }
  /** Stowage: its inside as a block. */
  readonly inside?: Prism
}

export type ClearanceUse = 'stand' | 'stand-inside' | 'sit' | 'entry' | 'swing' | 'flap'

/**
 * A volume that must be free for a fitting to be used. `upTo(amount)` is its shape when only that much of the need is
 * there: a depth in mm, or an opening angle in degrees; it grows with the amount.
 */
export interface LocalClearance {
  readonly id: string
  readonly use: ClearanceUse
  /** The services that need it, and so the modes in which it must be free. */
  readonly serves: readonly ServiceType[]
  readonly need: number
  readonly unit: 'mm' | 'deg'
  readonly upTo: (amount: number) => Prism
  /** Its foot is on the vehicle's floor, wherever the fitting's own base is. */
  readonly fromFloor: boolean
}

/** A line of the drawing that makes a fitting recognisable: seen from above (x, y) or from its front (x, z). */
export interface Feature {
  readonly view: 'top' | 'front'
  /** Hides the hatching below it, as a pillow or a basin does. */
  readonly filled?: boolean
  readonly shape:
    | { readonly kind: 'polygon'; readonly points: Polygon }
    | { readonly kind: 'circle'; readonly centre: Vec2; readonly radius: number }
    | { readonly kind: 'line'; readonly from: Vec2; readonly to: Vec2 }
}

/** Outer size of a fitting in its own frame, the largest of all its stances. */
export interface Footprint {
  readonly lengthMm: number
  readonly depthMm: number
  readonly heightMm: number
}

export interface KindDefinition<P extends Parameters> {
  readonly id: string
  readonly group: Group
  readonly parameters: z.ZodType<P>
  /** First is the one it is drawn in when nothing else is asked. */
  readonly stances: readonly [string, ...string[]]
  readonly stanceFor: Readonly<Record<Purpose, string>>
  readonly meets: readonly Need[]
  readonly home: Seat
  /** Where a scribed part's depth is measured from the wall: at its top (a worktop) or at its bottom (a locker). */
  readonly scribedAt: 'top' | 'bottom'
  readonly footprint: (parameters: P) => Footprint
  readonly solids: (parameters: P, stance: string) => readonly LocalSolid[]
  readonly clearances: (parameters: P, stance: string) => readonly LocalClearance[]
  readonly services: (parameters: P, stance: string) => readonly LocalService[]
  readonly features: (parameters: P, stance: string) => readonly Feature[]
  /** Mass with nothing in it, kg. */
  readonly massKg: (parameters: P) => number
}

/** A kind whose parameters have been checked against its schema by whoever calls it. */
export type FittingKind = Omit<KindDefinition<Parameters>, 'parameters'> & { readonly parameters: z.ZodObject }

/**
 * Declares a kind. The kind's functions are typed by its schema; the registry hands them parameters only after that
 * schema has passed them.
 * @throws RangeError if a stance is named that the kind does not have.
 */
export function defineKind<S extends z.ZodObject>(
  definition: Omit<KindDefinition<z.infer<S> & Parameters>, 'parameters'> & { readonly parameters: S },
): FittingKind {
  for (const stance of Object.values(definition.stanceFor)) {
    if (!definition.stances.includes(stance)) throw new RangeError(`kind “${definition.id}” has no stance “${stance}”`)
  }
  return definition as unknown as FittingKind
}
