import type { z } from 'zod'
import type { Need, Purpose } from '../brief'
import {
  block,
  type Box,
  type Polygon,
  type Prism,
  prismBounds,
  prismBulk,
  type Span,
  type Vec2,
  type Vec3,
} from '../geometry'
import { massOfBlock, type MaterialId } from '../materials'
import type { Adjust } from './adjust'
import type { Facts } from './facts'
import type { Parameters } from './parameters'
import type { Seat } from './seat'

/** What a fitting is for; each has its own hatching and word in a drawing. */
export const GROUPS = ['sleeping', 'sitting', 'galley', 'wet', 'stowage', 'machines'] as const
export type Group = (typeof GROUPS)[number]

/**
 * How a solid meets the body. Rigid parts fit as they are. Scribed ones are cut to the wall behind them; only their front
 * must stand whole. Notched ones stand as they are, but are cut round wheel arches, steps and ribs: a box under a seat that stays whole. What goes through leaves the body by an opening, or over an open cab. What is outside hangs under the
 * floor, stands on the roof or on the outer wall, and meets only its like. Cloth hangs there and gives way to everything.
 */
export type Fit = 'rigid' | 'notched' | 'scribed' | 'through' | 'outside' | 'cloth'

/** Whether a part stands in the way of others inside the body. */
export const isInTheWay = (fit: Fit): boolean => fit !== 'outside' && fit !== 'cloth'

/**
 * A part of a fitting in its own frame: origin at the middle of its footprint on its base, x along its run, y from its
 * front (−) to its back (+), z up; mm.
 */
export interface LocalSolid {
  readonly id: string
  readonly prism: Prism
  readonly fit: Fit
  /** A scribed board that is cut to all that it meets: floor, walls and roof; left out: to the wall behind it. */
  readonly cut?: 'all-round'
}

export const SERVICES = [
  'berth',
  'seat',
  'belt',
  'table-place',
  'worktop',
  'basin',
  'hob',
  'oven',
  'cold-box',
  'toilet',
  'shower',
  'desk',
  'stowage',
  'tank',
  'cot',
  'pet-place',
  'wheelchair-place',
  'bedside',
  'heater',
  'outside-store',
  'waste',
  'power',
  'socket',
  'air',
] as const
export type ServiceType = (typeof SERVICES)[number]

/** Where one sits: the middle of the seat in plan, and the way one looks, degrees from +x. */
export interface SeatPlace {
  readonly at: Vec2
  readonly facesDeg: number
}

/** The mattress of a berth in plan and its top, in the fitting's frame. */
export interface LocalLying {
  readonly x: Span
  readonly y: Span
  readonly zMm: number
  /** The sleeper's own axis. */
  readonly along: 'x' | 'y'
  /** At which end of that axis the head lies. */
  readonly head: 'low' | 'high'
  /** How many of its sleepers get out over another one. */
  readonly over?: number
  /** What a mattress lies on by day and night; left out: cloth that air goes through, or cushions that are taken up by day. */
  readonly base?: 'slats' | 'drilled' | 'board'
  /** Height of its rail over the mattress, where it has one. */
  readonly railMm?: number
  /** Part of it lies on what stands beside it: cushions of benches. */
  readonly leans?: boolean
}

/**
 * What a fitting offers in a stance; `quantity` counts places, pieces, litres (tank, waste, cold box), millimetres (worktop)
 * or watt-hours (power).
 */
export interface LocalService {
  readonly type: ServiceType
  readonly quantity: number
  /** The clearance that one uses it from, by id. */
  readonly approach?: string
  /** Berths: where one lies. */
  readonly lying?: LocalLying
  /** Stowage: its inside as a block. */
  readonly inside?: Prism
  /** Which one of several alike it is: the lower bunk, the left tank. */
  readonly id?: string
  /** Seats and belts: where one sits. */
  readonly places?: readonly SeatPlace[]
  /** Seats: top of the cushion over its base, and how deep it is from its back to its front where it is built, not bought. */
  readonly cushion?: { readonly topMm: number; readonly depthMm?: number }
  /** Tables and desks: their top over the base. */
  readonly topMm?: number
  /** What must be as large as the demand: a desk’s top, a shower’s floor, a cot’s mattress, a wheelchair’s place; long side first or not. */
  readonly sizeMm?: readonly [number, number]
  /** Table places: the top in plan. Those of a table without seats of its own count only where a seat is at it. */
  readonly top?: Polygon
  /** Worktops: the free surface as a block of no height worth naming. */
  readonly surface?: Prism
}

/**
 * What a clearance is for. `stand` … `entry` are room for a body, `swing` … `sweep` what moving parts sweep, `access` room to
 * get at something for service.
 */
export type ClearanceUse =
  | 'stand'
  | 'stand-inside'
  | 'kneel'
  | 'dress'
  | 'sit'
  | 'sit-up'
  | 'entry'
  | 'swing'
  | 'flap'
  | 'lid'
  | 'over'
  | 'pull'
  | 'sweep'
  | 'access'

/** Work that is done once in a while. */
export type Task =
  | 'toilet-tank'
  | 'toilet-bag'
  | 'water-pump'
  | 'water-fill'
  | 'water-filter'
  | 'waste-drain'
  | 'fuses'
  | 'batteries'
  | 'inverter'
  | 'heater'
  | 'gas-bottle'
  | 'under-lid'
  | 'spare-wheel'
  | 'jack'

/**
 * A volume that must be free for a fitting to be used. `upTo(amount)` is its shape when only that much of the need is
 * there: a depth in mm, or an opening angle in degrees; it grows with the amount.
 */
export interface LocalClearance {
  readonly id: string
  readonly use: ClearanceUse
  /** The services that need it, and so the modes in which it must be free; none for what is needed once in a while. */
  readonly serves: readonly ServiceType[]
  /** What is done through it once in a while: then it may be cleared first. */
  readonly task?: Task
  readonly need: number
  readonly unit: 'mm' | 'deg'
  readonly upTo: (amount: number) => Prism
  /** Its foot is on the vehicle's floor, wherever the fitting's own base is. */
  readonly fromFloor: boolean
  /** It lies outside the body, where walls do not count. */
  readonly outdoors?: boolean
}

/**
 * A part that is not fixed: a cushion, a board, a leg. In each stance it is in use, or must be put somewhere. What it is made of is
 * said here and nowhere else: the parts of a fitting count it too.
 */
export interface LoosePart {
  readonly id: string
  readonly sizeMm: readonly [number, number, number]
  readonly count: number
  readonly used: boolean
  /** One of them. */
  readonly of: readonly Part[]
}

/** Part of a fitting’s own mass, and where its middle is in the fitting’s own frame. */
export interface Lump {
  readonly kg: number
  readonly at: Vec3
}

/** What it takes to bring a fitting from one stance to another. */
export interface StanceChange {
  /** For one who knows how. Common practice, no source, unless the kind says otherwise. */
  readonly minutes: number
  readonly hands: 1 | 2
  /** Room that its parts pass through on the way, in the fitting's own frame; left out: the block round each part's both places. */
  readonly sweeps?: readonly Prism[]
}

/** An opening in the body that a fitting needs beside it. */
export interface BodyOpening {
  readonly id: string
  readonly through: 'wall' | 'roof'
  readonly task: Task | 'air'
  /** In the fitting's own frame: along its run, and up (wall) or to its back (roof). */
  readonly x: readonly [number, number]
  readonly other: readonly [number, number]
}

/** A line of the drawing that makes a fitting recognisable: from above (x, y), its front (x, z) or its end (y, z). */
export interface Feature {
  readonly view: 'top' | 'front' | 'side'
  /** Hides the hatching below it, as a pillow or a basin does. */
  readonly filled?: boolean
  readonly shape:
    | { readonly kind: 'polygon'; readonly points: Polygon }
    | { readonly kind: 'circle'; readonly centre: Vec2; readonly radius: number }
    | { readonly kind: 'line'; readonly from: Vec2; readonly to: Vec2 }
}

/** What closes a hollow: nothing, a door or flap or drawer at its front, a lid over it, a panel that is screwed on. */
export type HollowWay = 'open' | 'door' | 'flap' | 'drawer' | 'lid' | 'panel'

/** A room inside a fitting, clear of its boards, in which other fittings may be seated. */
export interface LocalHollow {
  readonly id: string
  /** In the fitting’s own frame. */
  readonly room: Box
  /** What it takes of that room itself: drawer boxes, a bowl, a bin. */
  readonly taken: readonly { readonly id: string; readonly prism: Prism }[]
  readonly by: HollowWay
  /** The clearances, by id, that must be free to get at what is in it: a swing, a pull, the floor to kneel on. */
  readonly through: readonly string[]
}

/** Size of a fitting in its own frame by which it is seated: that of its stances without what runs out of it. */
export interface Footprint {
  readonly lengthMm: number
  readonly depthMm: number
  readonly heightMm: number
}

/** How far parts go beyond the footprint in any stance, mm. */
interface Reach {
  readonly front?: number
  readonly back?: number
  readonly ends?: number
  readonly up?: number
  readonly down?: number
}

/** What a fitting is made of: boards and blocks of a material by their size, and bought pieces by their typical mass. */
export type Part =
  | {
      readonly name: string
      readonly material: MaterialId
      readonly sizeMm: readonly [number, number, number]
      readonly count: number
    }
  | {
      readonly name: string
      readonly kg: number
      readonly count: number
      /** Cloth, foam or wood for the most part: it burns. */
      readonly burns?: true
    }

/** What someone can be hurt by; the words say who must do the work. */
export type Caution =
  | 'belts'
  | 'gas'
  | 'mains'
  | 'batteries'
  | 'fuel'
  | 'roof-load'
  | 'cutting'
  | 'crash-path'
  | 'overhead'
  | 'lift'
  | 'under-floor'
  | 'stands-level'

export interface KindDefinition<P extends Parameters> {
  readonly id: string
  readonly group: Group
  readonly parameters: z.ZodType<P>
  /** What parameters were called in documents of earlier days, by their name of today. */
  readonly formerly?: Readonly<Record<string, string>>
  /** First is the one it is drawn in when nothing else is asked. */
  readonly stances: readonly [string, ...string[]]
  readonly stanceFor: Readonly<Record<Purpose, string>>
  readonly meets: readonly Need[]
  readonly home: Seat
  /** Where a scribed part's depth is measured from the wall: at its top (a worktop) or at its bottom (a locker). */
  readonly scribedAt: 'top' | 'bottom'
  /** Built on the spot and cut to the wall and the roof, unless a plan says that it stands whole. */
  readonly isBuiltIn?: boolean
  readonly footprint: (parameters: P) => Footprint
  readonly reach?: (parameters: P) => Reach
  readonly solids: (parameters: P, stance: string) => readonly LocalSolid[]
  readonly clearances: (parameters: P, stance: string) => readonly LocalClearance[]
  readonly services: (parameters: P, stance: string) => readonly LocalService[]
  /** What closes the insides of its stowages, where its fronts do not say it: a lid under a cushion. */
  readonly closedBy?: HollowWay
  /** Left out: the insides of its stowages, got at as these are. */
  readonly hollows?: (parameters: P, stance: string) => readonly LocalHollow[]
  /** What it does: every field, in every stance. */
  readonly facts: (parameters: P, stance: string) => Facts
  /** How each of its parameters is changed from outside. */
  readonly adjust: { readonly [K in keyof P]: Adjust<P> }
  readonly features: (parameters: P, stance: string) => readonly Feature[]
  /** What it is made of, but for what is loose. */
  readonly parts: (parameters: P) => readonly Part[]
  readonly loose?: (parameters: P, stance: string) => readonly LoosePart[]
  /** Where its own mass is in a stance; left out: in its solids, by their volume, or in its outline where it is put away. */
  readonly masses?: (parameters: P, stance: string) => readonly Lump[]
  readonly change?: (parameters: P, from: string, to: string) => StanceChange
  /**
   * Of a thing that stops at any height: where it is in a stance, mm over the load floor. A stance then may also be
   * a height (“at-900”), held to what its rails allow.
   */
  readonly risesTo?: (parameters: P, stance: string) => number
  readonly openings?: (parameters: P) => readonly BodyOpening[]
  readonly cautions?: (parameters: P) => readonly Caution[]
}

/** A kind whose parameters have been checked against its schema by whoever calls it. */
export type FittingKind = Omit<
  Required<KindDefinition<Parameters>>,
  'parameters' | 'change' | 'stances' | 'adjust' | 'closedBy' | 'risesTo'
> & {
  readonly risesTo?: (parameters: Parameters, stance: string) => number
  readonly adjust: Readonly<Record<string, Adjust>>
  readonly stances: readonly [string, ...string[]]
  readonly parameters: z.ZodObject
  readonly change: (parameters: Parameters, from: string, to: string) => StanceChange
  /** Mass with nothing in it, kg: its boards by volume and density, its bought pieces. */
  readonly massKg: (parameters: Parameters) => number
}

export const massOfPart = (part: Part): number =>
  part.count * ('kg' in part ? part.kg : massOfBlock(part.material, ...part.sizeMm))

/** What is swept, or must be free above, when a stowage is opened. */
const OPENING: ReadonlySet<ClearanceUse> = new Set(['swing', 'flap', 'lid', 'over', 'pull'])

/** What closes a stowage of which no more is said: the first of its fronts. */
const wayOf = ({ fronts }: Facts): HollowWay => fronts[0]?.what ?? 'open'

/** Its mass in its solids, each by its volume. */
function lumpsIn(
  solids: readonly LocalSolid[],
  { lengthMm, depthMm, heightMm }: Footprint,
  kg: number,
): readonly Lump[] {
  const outline = block([-lengthMm / 2, -depthMm / 2, 0], [lengthMm / 2, depthMm / 2, Math.max(1, heightMm)])
  const bulks = (solids.length === 0 ? [outline] : solids.map(({ prism }) => prism)).map(prismBulk)
  const all = bulks.reduce((sum, { mm3 }) => sum + mm3, 0)
  return bulks.map(({ mm3, middle }) => ({ kg: (kg * mm3) / all, at: middle }))
}

/** The ways into the stowages of a fitting: what opens for them, and where one stands or kneels. */
const waysIn = (clearances: readonly LocalClearance[], approach?: string): readonly string[] =>
  clearances
    .filter(
      ({ id, use, serves, task, outdoors }) =>
        outdoors !== true &&
        (id === approach || task === 'under-lid' || (OPENING.has(use) && serves.includes('stowage'))),
    )
    .map(({ id }) => id)

/** The insides of the stowages of a fitting as hollows, numbered from the second. */
const insidesOf = (
  services: readonly LocalService[],
  clearances: readonly LocalClearance[],
  by: HollowWay,
): readonly LocalHollow[] =>
  services
    .flatMap(({ type, id, inside, approach }) =>
      type === 'stowage' && inside !== undefined ? [{ id, room: prismBounds(inside), approach }] : [],
    )
    .map(({ id, room, approach }, index) => ({
      id: id ?? (index === 0 ? 'inside' : `inside-${index + 1}`),
      room,
      taken: [],
      by,
      through: waysIn(clearances, approach),
    }))

const NONE = () => []
/** Changing a stance that has no facts of its own; common practice, no source. */
const USUAL_CHANGE: StanceChange = { minutes: 0.5, hands: 1 }

/**
 * Declares a kind. The kind's functions are typed by its schema; the registry hands them parameters only after that
 * schema has passed them.
 * @throws RangeError if a stance is named that the kind does not have.
 */
export function defineKind<S extends z.ZodObject>(
  definition: Omit<KindDefinition<z.infer<S> & Parameters>, 'parameters' | 'adjust'> & {
    readonly parameters: S
    readonly adjust: { readonly [K in keyof z.infer<S>]: Adjust<z.infer<S> & Parameters> }
  },
): FittingKind {
  const [stance] = definition.stances
  for (const stance of Object.values(definition.stanceFor)) {
    if (!definition.stances.includes(stance)) throw new RangeError(`kind “${definition.id}” has no stance “${stance}”`)
  }
  const parts = (parameters: Parameters): readonly Part[] => [
    ...definition.parts(parameters as never),
    ...(definition.loose?.(parameters as never, stance) ?? []).flatMap(({ of, count }) =>
      of.map((part) => ({ ...part, count: part.count * count })),
    ),
  ]
  const massKg = (parameters: Parameters) => parts(parameters).reduce((sum, part) => sum + massOfPart(part), 0)
  return {
    masses: (parameters: Parameters, inStance: string) =>
      lumpsIn(
        definition.solids(parameters as never, inStance),
        definition.footprint(parameters as never),
        massKg(parameters),
      ),
    loose: NONE,
    openings: NONE,
    cautions: NONE,
    reach: () => ({}),
    change: () => USUAL_CHANGE,
    hollows: (parameters: Parameters, stance: string) =>
      insidesOf(
        definition.services(parameters as never, stance),
        definition.clearances(parameters as never, stance),
        definition.closedBy ?? wayOf(definition.facts(parameters as never, stance)),
      ),
    ...definition,
    parts,
    massKg,
  } as unknown as FittingKind
}
