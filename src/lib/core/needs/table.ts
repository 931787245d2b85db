import type { Need, ResolvedDemand } from '../brief'
import type { Facts, HandleName, ServiceType } from '../fittings'
import { UNNOTICED } from '../units'

/** How what is asked for is held against what a plan offers. */
type Met =
  /** Places are places: so many together as are asked for in all. */
  | 'in-all'
  /** One for each: what serves one demand serves no other, and it is as large as that asks. */
  | 'each-its-own'
  /** Litres of all of them together. */
  | 'litres'
  /** Each piece finds room among the others. */
  | 'packed'
  /** Free floor, which no fitting offers. */
  | 'floor'

/** What must be as large as the demand says: in length and width, turned or not; also in height; or nothing. */
type Measure = 'area' | 'room' | 'area-if-asked' | 'nothing'

/** How a fitting is made as large as a demand asks: a handle set to a figure, or let out until a fact is met. */
export type Sizing =
  | { readonly handle: HandleName; readonly value: number }
  | { readonly handle: HandleName; readonly until: (facts: Facts) => boolean }

export interface NeedRow {
  readonly service: ServiceType | undefined
  /** Other services that serve as well, if they do what it takes. */
  readonly also?: 'table'
  /** The kind that a demand becomes when it is dropped; all kinds that meet it say so themselves. */
  readonly first: string | undefined
  readonly met: Met
  readonly measure: Measure
  /** Whether what a demand asks for is a published size, which nothing is taken off; else a little less does as well. */
  readonly exact?: (demand: ResolvedDemand) => boolean
  /** With which share of what is asked for the need is met; all of it where nothing is said. */
  readonly enough?: (demand: ResolvedDemand) => number
  readonly sized: (demand: ResolvedDemand) => readonly Sizing[]
  /** The rule that says that it is not met. */
  readonly toldBy: string
}

/** Boards and walls round what is inside, on both sides together. */
const WALLS_MM = 40
const SCREWS_MM = 60

const nothing = (): readonly Sizing[] => []
const value = (handle: HandleName, figure: number | undefined): readonly Sizing[] =>
  figure === undefined ? [] : [{ handle, value: figure }]
const side = ({ sizeMm }: ResolvedDemand, axis: number): number | undefined => sizeMm[axis]
const more = (figure: number | undefined, by: number): number | undefined =>
  figure === undefined ? undefined : figure + by

/** Two thirds of what pleases most do as well: 85 L where 130 would be ample, 60 for 90. Common practice, no source. */
const COLD_ENOUGH = 0.65

const PRESENT = { met: 'each-its-own', measure: 'nothing', sized: nothing, toldBy: 'service-present' } as const

/** Litres of cold that a demand asks for; undefined where any cold box will do. */
export const coldAsked = ({ because }: ResolvedDemand): number | undefined =>
  because.code === 'rule' && typeof because.facts.litres === 'number' ? because.facts.litres : undefined

/** Everything that is known of how a need is met. The column of demands, the rules and the drop of a demand read this and nothing else. */
export const NEED_TABLE: Readonly<Record<Need, NeedRow>> = {
  berth: {
    service: 'berth',
    first: 'bed-fixed',
    met: 'in-all',
    // how long and wide a bed is for whom is the matter of two rules of their own
    measure: 'nothing',
    sized: (demand) => [
      ...value('lying-length', side(demand, 0)),
      ...value('lying-width', side(demand, 1)),
      ...value('sleepers', demand.quantity),
    ],
    toldBy: 'berths-enough',
  },
  belt: {
    service: 'belt',
    first: 'bench-belted',
    met: 'in-all',
    measure: 'nothing',
    sized: ({ quantity }) => value('one-more', quantity),
    toldBy: 'belts-enough',
  },
  'table-seat': {
    service: 'table-place',
    first: 'lounge-bed',
    met: 'in-all',
    measure: 'nothing',
    sized: nothing,
    toldBy: 'table-places',
  },
  seat: {
    service: 'seat',
    first: 'lounge-bed',
    met: 'in-all',
    measure: 'nothing',
    sized: nothing,
    toldBy: 'service-present',
  },
  toilet: { ...PRESENT, service: 'toilet', first: 'toilet-box' },
  shower: {
    ...PRESENT,
    service: 'shower',
    first: 'wet-cubicle',
    measure: 'area-if-asked',
    // what one rolls into is a published size, what one has wished for is not
    exact: ({ because }) => because.code === 'rule',
    sized: (demand) => [...value('end', side(demand, 0)), ...value('front', side(demand, 1))],
  },
  hob: {
    ...PRESENT,
    service: 'hob',
    first: 'galley',
    // the counter that it is let into, where the brief says how much one cooks
    sized: (demand) => (demand.because.code === 'rule' ? value('end', side(demand, 0)) : []),
  },
  basin: { ...PRESENT, service: 'basin', first: 'galley' },
  'cold-box': {
    service: 'cold-box',
    first: 'cold-box',
    met: 'litres',
    enough: (demand) => (coldAsked(demand) === undefined ? 1 : COLD_ENOUGH),
    measure: 'nothing',
    sized: (demand) => {
      const litres = coldAsked(demand)
      return litres === undefined ? [] : [{ handle: 'top', until: ({ cold }) => (cold?.litres ?? 0) >= litres }]
    },
    toldBy: 'service-present',
  },
  water: {
    service: 'tank',
    first: 'water-tank',
    met: 'litres',
    enough: () => 1 - UNNOTICED.share,
    measure: 'nothing',
    sized: ({ quantity }) => [
      {
        handle: 'end',
        until: ({ holds }) => holds.reduce((sum, one) => sum + (one.what === 'water' ? one.litres : 0), 0) >= quantity,
      },
    ],
    toldBy: 'service-present',
  },
  desk: {
    ...PRESENT,
    service: 'desk',
    also: 'table',
    first: 'desk',
    measure: 'area',
    sized: (demand) => [...value('end', side(demand, 0)), ...value('front', side(demand, 1))],
  },
  stowage: {
    service: 'stowage',
    first: 'wardrobe',
    met: 'packed',
    measure: 'room',
    sized: (demand) => [
      ...value('end', more(side(demand, 1), WALLS_MM)),
      ...value('front', more(side(demand, 2) ?? side(demand, 1), SCREWS_MM)),
    ],
    toldBy: 'gear-stowed',
  },
  'outside-store': {
    ...PRESENT,
    service: 'outside-store',
    first: 'outside-box',
    measure: 'room',
    sized: (demand) => [
      ...value('end', more(side(demand, 0), WALLS_MM)),
      ...value('front', more(side(demand, 1), WALLS_MM)),
      ...value('top', more(side(demand, 2), WALLS_MM)),
    ],
  },
  cot: {
    ...PRESENT,
    service: 'cot',
    first: 'cot',
    measure: 'area',
    sized: (demand) => [
      ...value('lying-length', more(side(demand, 0), WALLS_MM)),
      ...value('lying-width', more(side(demand, 1), WALLS_MM)),
    ],
  },
  'pet-place': {
    ...PRESENT,
    service: 'pet-place',
    first: 'dog-crate',
    measure: 'room',
    sized: (demand) => [
      ...value('end', more(side(demand, 0), WALLS_MM)),
      ...value('front', more(side(demand, 1), WALLS_MM)),
      ...value('top', more(side(demand, 2), WALLS_MM)),
    ],
  },
  'wheelchair-place': {
    ...PRESENT,
    service: 'wheelchair-place',
    first: 'wheelchair-place',
    measure: 'area',
    exact: () => true,
    sized: (demand) => [...value('front', side(demand, 0)), ...value('end', side(demand, 1))],
  },
  'turning-circle': {
    service: undefined,
    first: undefined,
    met: 'floor',
    measure: 'nothing',
    sized: nothing,
    toldBy: 'turning-circle',
  },
  bedside: { ...PRESENT, service: 'bedside', first: 'bedside-shelf' },
  heater: { ...PRESENT, service: 'heater', first: 'heater-air' },
}
