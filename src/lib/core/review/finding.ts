import type { Need, Person, Purpose } from '../brief'
import type { Vec2, Vec3 } from '../geometry'
import type { ClearanceUse, ParameterValue, ServiceType, Task } from '../fittings'
import {
  GRAVITIES,
  type FigurePose,
  type FixingWay,
  type Gravity,
  type HouseMeasure,
  type SimpleCommand,
  type Waiver,
} from '../job'
import type { Access, Blocker, Headroom, WaySide } from '../scene'
import type { BodyChangeKind, Protrusion } from '../shell'
import type { PassingPart } from './walker'

export { GRAVITIES, type Gravity }

/** What each kind of finding knows beyond measured and needed; numbers and ids only, the words are made last. */
export interface FactsByCode {
  'outside-shell': { readonly face: Protrusion['face']; readonly part: string; readonly scribed: boolean }
  overlap: { readonly other: Blocker; readonly part: string }
  'pushed-in': { readonly side: 'left' | 'right'; readonly atMm: number; readonly pushedMm: number }
  'clearance-blocked': {
    readonly clearanceId: string
    readonly use: ClearanceUse
    readonly blockers: readonly Blocker[]
  }
  'door-blocked': { readonly openingId: string; readonly wholeMm: number }
  'berth-short': {
    readonly sleeper: string
    readonly statureMm: number
    readonly spareMm: number
    readonly along: 'x' | 'y'
  }
  'berth-narrow': { readonly sleepers: number; readonly eachMm: number }
  'bed-high': { readonly sleeper: string; readonly mobility: NonNullable<Person['mobility']> }
  'berths-few': Record<never, never>
  'belts-few': { readonly cab: number; readonly fitted: number }
  'table-few': { readonly seats: number }
  'standing-low': {
    readonly person: string
    readonly statureMm: number
    readonly spareMm: number
    readonly under: Headroom['under']
    readonly use: ClearanceUse
  }
  'standing-nowhere': { readonly person: string; readonly statureMm: number; readonly spareMm: number }
  'swivel-blocked': { readonly seatId: string; readonly seat: string; readonly blockers: readonly Blocker[] }
  'recline-blocked': { readonly seatId: string; readonly seat: string; readonly blockers: readonly Blocker[] }
  'way-narrow': {
    readonly services: readonly ServiceType[]
    readonly between: readonly WaySide[]
    readonly person: string
    readonly statureMm: number
    /** What passes on either side, and how broad it is. */
    readonly sides: readonly { readonly part: PassingPart; readonly mm: number }[]
    /** What is lower is gone over. */
    readonly fromMm: number
    /** With a wheelchair or walker: the published route is needed. */
    readonly aid: boolean
    readonly path: readonly Vec2[]
  }
  'way-shut': {
    readonly services: readonly ServiceType[]
    readonly between: readonly WaySide[]
    readonly fromMm: number
    readonly leastMm: number
    readonly path: readonly Vec2[]
  }
  'gear-too-long': {
    readonly demandId: string
    readonly piece: string
    readonly size: readonly [number, number, number]
  }
  'gear-no-room': {
    readonly demandId: string
    readonly piece: string
    readonly size: readonly [number, number, number]
  }
  'figure-blocked': {
    readonly figureId: string
    readonly who: string
    readonly pose: FigurePose
    readonly blockers: readonly Blocker[]
  }
  'turning-small': { readonly demandId: string }
  'access-first': { readonly task: Task; readonly of: Access['of']; readonly toMove: Access['toMove'] }
  'access-blocked': {
    readonly task: Task
    readonly of: Access['of']
    readonly toMove: Access['toMove']
    readonly blockers: readonly Blocker[]
  }
  'loose-homeless': {
    readonly part: string
    readonly count: number
    readonly size: readonly [number, number, number]
    readonly alone: boolean
  }
  'opening-missing': { readonly openingId: string; readonly task: Task | 'air'; readonly through: 'wall' | 'roof' }
  'sit-up-low': {
    readonly sleeper: string
    readonly statureMm: number
    readonly blockers: readonly Blocker[]
  }
  'climb-over': { readonly over: number }
  'mattress-damp': Record<never, never>
  'drawer-flies': { readonly loadKg: number; readonly latch: string }
  'rail-in-lining': Record<never, never>
  'change-stuck': { readonly fromMode: string; readonly by: readonly string[] }
  'fixing-drills': { readonly how: FixingWay | undefined }
  'body-cut': { readonly change: BodyChangeKind; readonly changeId: string }
  'gas-far': { readonly bottle: string }
  'gas-vent-high': Record<never, never>
  'gas-vent-small': { readonly floorCm2: number; readonly share: number }
  'gas-unsealed': Record<never, never>
  'intake-near': Record<never, never>
  'outlet-near': { readonly other: string }
  'hob-beside': { readonly other: string; readonly cloth: boolean }
  'electrics-wet': { readonly water: string }
  'fuse-far': { readonly battery: string }
  'air-one-way': { readonly openings: number }
  'berth-airless': { readonly sleeper: string }
  'hob-airless': Record<never, never>
  'head-noise': { readonly sleeper: string; readonly source: string }
  'head-by-feet': { readonly sleeper: string; readonly other: string }
  'head-bump': { readonly person: string; readonly sittingMm: number; readonly over: string }
  'worktop-off': {
    readonly leastBelowMm: number
    readonly mostBelowMm: number
    readonly slackMm: number
    readonly person: string
    readonly statureMm: number
    readonly lowMm: number
    readonly highMm: number
    /** Whom it suits instead, where several cook by turns. */
    readonly suits?: string
  }
  /** Of a window, its id. */
  'air-unscreened': { readonly opening?: string }
  'seat-deep': { readonly person: string; readonly statureMm: number; readonly thighMm: number }
  'basin-off': FactsByCode['worktop-off']
  'worktop-few': Record<never, never>
  'cold-far': { readonly hob: string }
  /** The door that comes nearest, and how far along from it the box stands. */
  'cold-inside': { readonly door: string; readonly asideMm: number }
  /** The door that it would be reached through. */
  'cold-behind': { readonly door: string }
  'belt-sideways': { readonly places: number }
  'not-held': Record<never, never>
  'exit-few': { readonly exits: readonly string[]; readonly longMm: number; readonly shortMm: number }
  'parking-high': { readonly floorMm: number; readonly outerMm: number }
  'ground-low': { readonly floorMm: number }
  'stealth-seen': { readonly changes: number }
  'awning-away': { readonly side: 'left' | 'right'; readonly doors: number }
  'resale-short': Record<never, never>
  'change-long': { readonly fromMode: string; readonly moves: number }
  'bed-wakes': { readonly fromMode: string; readonly by: readonly string[] }
  'no-passing': { readonly people: number }
  'hangs-free': Record<never, never>
  'alarm-missing': { readonly senses: AlarmSense }
  'alarm-misplaced': { readonly senses: AlarmSense }
  'extinguisher-far': { readonly from: 'exit' | 'bed' }
  'light-none': { readonly sleeper: string; readonly nearMm: number }
  'light-on': Record<never, never>
  'inlets-live': Record<never, never>
  'hook-up-at-door': { readonly openingId: string }
  'fill-dirty': { readonly other: string }
  'berth-cold': { readonly gapMm: number }
  'step-high': { readonly person: string; readonly steps: number }
  'pet-step-high': { readonly petId: string; readonly pet: string }
  'rail-low': { readonly child: string | undefined; readonly overFloorMm: number }
  'reserve-missing': { readonly what: 'berth' | 'belt' | 'battery' }
  'carry-stuck': { readonly wideMm: number; readonly thickMm: number }
  'gear-stuck': { readonly demandId: string; readonly piece: string }
  'gear-wet': { readonly demandId: string; readonly piece: string }
  'table-off': { readonly seat: string }
  'drain-flat': { readonly tank: string; readonly fallMm: number }
  'heater-near': { readonly to: { readonly kind: 'opening' | 'fitting'; readonly id: string } }
  'battery-gases': { readonly sleeper: string }
  'view-blocked': Record<never, never>
  'belt-unfounded': Record<never, never>
  'drawer-dead': { readonly extension: number }
  'hung-weakly': { readonly kg: number; readonly pointKg: number }
  'seats-few': Record<never, never>
  'daily-behind': { readonly daily: string; readonly seldom: string }
  'seat-high': { readonly person: string; readonly overKneeMm: number }
  'window-covered': { readonly openingId: string }
  'transfer-small': { readonly person: string; readonly blockers: readonly Blocker[] }
  house: {
    readonly title: string
    readonly reason: string
    readonly measure: HouseMeasure
    readonly bound: 'least' | 'most'
  }
  'service-missing': { readonly demandId: string; readonly need: Need; readonly must: boolean }
}
/** What an alarm senses. */
export type AlarmSense = 'smoke' | 'monoxide' | 'leaking-gas'
export type FindingCode = keyof FactsByCode
export type FindingUnit = 'mm' | 'deg' | 'count' | 'litres' | 'kg' | 'N' | 'min' | 'Wh' | 'W/m²K' | 'cm²' | '%'

/** What a rule reports; the engine adds rule, mode and gravity. */
export type Draft<C extends FindingCode = FindingCode> = {
  readonly [K in C]: {
    readonly code: K
    readonly fittings: readonly string[]
    /** Where, in the vehicle frame. */
    readonly place: Vec3
    readonly measured: number
    readonly needed: number
    readonly unit: FindingUnit
    readonly facts: FactsByCode[K]
  }
}[C]

/** What was said of a finding that is let be, and whether that still holds. */
export interface FindingWaiver extends Waiver {
  readonly id: string
  readonly holds: boolean
}

export type Finding<C extends FindingCode = FindingCode> = Draft<C> & {
  readonly rule: string
  readonly gravity: Gravity
  readonly modeId: string
  readonly purpose: Purpose
  /** The same fault has the same key from one review to the next, whatever its figures. */
  readonly key: string
  /** Someone let it be; only while its figures are what they were then. */
  readonly waiver?: FindingWaiver
}

/** A way out of a finding: commands that are one click away. */
export interface Remedy {
  readonly code: RemedyCode
  readonly fittingId: string | undefined
  /** What the words need: a distance, an angle, a length. */
  readonly amount: number
  readonly commands: readonly SimpleCommand[]
  /** What a parameter is set to, and the stance that is taken, where the remedy is that. */
  readonly parameter?: { readonly key: string; readonly value: ParameterValue }
  readonly stance?: string
}

export const REMEDY_CODES = [
  'turn-along',
  'lower-platform',
  'set-length',
  'set-width',
  'set-depth',
  'set-height',
  'hinge-other',
  'shift-forward',
  'shift-back',
  'shift-left',
  'shift-right',
  'lower',
  'place',
  'cut-opening',
  'stance-other',
  'entry-foot',
  'slats',
  'latch',
  'into-framing',
  'cut-to-wall',
  'strap',
  'raise',
  'flare',
  'raise-roof',
  'mirror',
  'turn',
  'other-wall',
  'set-parameter',
] as const
export type RemedyCode = (typeof REMEDY_CODES)[number]
