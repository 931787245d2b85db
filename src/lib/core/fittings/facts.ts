import type { Prism, Span } from '../geometry'

/** What burns or runs to give heat. The engine’s own heat is none of the living space’s fuel. */
export type HeatFuel = 'gas' | 'diesel' | 'electric' | 'engine'

/** One source of heat. An open flame and a hot plate scorch what stands beside them, an induction plate does not. */
export interface HeatFact {
  /** Whether it is on in this stance; a covered hob still burns gas, and is not lit. */
  readonly isLit: boolean
  readonly how: 'flame' | 'plate' | 'induction' | 'enclosed'
  readonly fuel: HeatFuel
  /** At full power. Typical of the kind, common practice, no source. */
  readonly watts: number
  /** What it is for: cooking, warming the air, warming water. */
  readonly warms: 'pans' | 'food' | 'air' | 'water'
  /** Where, as a block of no height worth naming, in the fitting’s own frame; left out: its whole top. */
  readonly at?: Prism
}

/** Where what is burnt goes out and the air for it comes in, along the fitting’s own run from its middle, mm. */
interface FlueFact {
  readonly exhaustMm: number
  /** Left out: it draws its air from the room or where its maker puts it. */
  readonly intakeMm?: number
}

/** An opening for air that it makes in the body. */
interface AirFact {
  readonly what: 'fan' | 'hatch'
  readonly way: 'in' | 'out' | 'both'
  /** Free area of its opening. */
  readonly freeCm2: number
  /** What a fan moves against a pressure, from free air to none, m³/h and Pa; empty where nothing drives the air. */
  readonly curve: readonly (readonly [m3h: number, pa: number])[]
  readonly isScreened: boolean
  /** Clear opening that a person could leave by, along its run and to its back, mm; left out where a blade or a frame bars it. */
  readonly passesMm?: readonly [number, number]
}

interface LightFact {
  readonly lights: 'reading' | 'room' | 'door'
  /** Whether it can be put out by a switch of its own. */
  readonly isSwitched: boolean
  readonly colour: 'warm' | 'white' | 'red'
}

/** What it stores. Litres, but of charge: what can be drawn without harm, in Wh. */
export type HoldFact =
  /**
   * `joined`: in so many tanks that level out; `levels`: joined at the bottom with the others of the plan that are; `isLagged`: kept from frost for a
   * while; `isWarmed`: of a heater, no store of its own; `isDrinking`: for drinking and cooking alone; `isCarried`: filled at a tap and carried in;
   * `opening`: what one cleans it through.
   */
  | {
      readonly what: 'water'
      readonly litres: number
      readonly joined?: number
      readonly levels?: boolean
      readonly isLagged?: boolean
      readonly isWarmed?: true
      readonly isDrinking?: boolean
      readonly isCarried?: true
      readonly opening?: 'hand-hole' | 'cap'
    }
  | { readonly what: 'fuel'; readonly litres: number }
  /** `comesOut`: where it is emptied. */
  | { readonly what: 'waste'; readonly litres: number; readonly comesOut: 'outside' | 'inside' }
  | {
      readonly what: 'gas'
      readonly litres: number
      /** The locker round it, if it stands inside the body: its vent, the floor that it drains, and whether its door is tight. */
      readonly locker?: { readonly ventCm2: number; readonly floorCm2: number; readonly isSealed: boolean }
    }
  /** `gives`: it gives off gas when it is charged. `capacityWh` is what its maker calls its capacity, of which `wattHours` can be drawn. */
  | {
      readonly what: 'charge'
      readonly wattHours: number
      readonly capacityWh: number
      readonly volts: number
      readonly chemistry: Chemistry
      readonly gives: 'gas' | 'nothing'
    }

export const CHEMISTRIES = ['lithium', 'lead', 'sealed'] as const
export type Chemistry = (typeof CHEMISTRIES)[number]

/** By which habit of its people, or by what weather, a thing runs; the hours follow from the brief and the climate. */
export type Habit =
  | 'always'
  | 'guarding'
  | 'cold'
  | 'heating'
  | 'cooling'
  | 'airing'
  | 'cooking'
  | 'warming-food'
  | 'baking'
  | 'hot-water'
  | 'lit'
  | 'reading'
  | 'coming-in'
  | 'watching'
  | 'listening'
  | 'lifting'
  | 'driving'

/** What draws current. Watts are typical of the kind, common practice, no source, where it has no figure of its own. */
export interface DrawFact {
  readonly by: Habit
  /** Mains voltage comes from the inverter, or from a hook-up. */
  readonly from: 'battery' | 'mains'
  /** While it runs. */
  readonly watts: number
  /** It runs whether somebody is aboard or not. */
  readonly isUnattended?: boolean
  /** While it only waits, day and night. */
  readonly waitingWatts?: number
  /** As it starts, as a multiple of its watts: for a moment, or for minutes where `startsSlowly`. */
  readonly surge?: number
  readonly startsSlowly?: boolean
}

/** What gives current, or makes one of another. */
type GiveFact =
  | { readonly what: 'sun'; readonly watts: number; readonly roofM2: number }
  /** A charger: from where, and how much of it. */
  | { readonly what: 'charger'; readonly from: 'sun' | 'engine' | 'mains'; readonly amps: number }
  /** Where something is plugged in. */
  | { readonly what: 'outlets'; readonly from: 'battery' | 'mains'; readonly count: number }
  /** Where a wire begins with its fuse: so many of them. */
  | { readonly what: 'ways'; readonly count: number }
  /** Mains voltage made of the battery’s. */
  | { readonly what: 'mains'; readonly watts: number; readonly waitingWatts: number }

interface ColdFact {
  readonly litres: number
  /** What it holds at 32 °C outside. Typical of the kind, common practice, no source. */
  readonly coldestC: number
}

/** A door, flap, lid or drawer, and what keeps it shut on the road. */
export interface FrontFact {
  readonly what: 'door' | 'flap' | 'lid' | 'drawer'
  /** Where it hangs, as seen from in front of it; a drawer runs. */
  readonly hung: 'left' | 'right' | 'top' | 'bottom' | 'back' | 'lifts-off' | 'runs'
  readonly latch: 'locking' | 'soft-close' | 'lip' | 'catch' | 'own-weight'
  /** Whether it is opened from outside the vehicle. */
  readonly isOutside: boolean
  /** Of a drawer: how deep it is, how far it runs out, and what it is to carry. */
  readonly run?: {
    readonly deepMm: number
    readonly outMm: number
    readonly loadKg: number
    /** Dead room of all drawers of the unit: behind what runs out, and over boxes that are lower than their fronts. */
    readonly behindLitres?: number
    readonly overLitres?: number
  }
}

/** Something that its user must reach, and how high over its base it is. */
interface ReachFact {
  readonly what: 'worktop' | 'wash-rim' | 'shelf' | 'controls' | 'gauge'
  readonly zMm: number
}

/** Something to step on, over the fitting’s base. */
interface TreadFact {
  readonly zMm: number
  readonly isOutside: boolean
}

export const ALARM_SENSES = ['smoke', 'monoxide', 'leaking-gas'] as const
export type AlarmSense = (typeof ALARM_SENSES)[number]

/**
 * What a thing does with current: stores it, guards it, makes one of another, does all of that in one box (`station`), gives it to what is plugged
 * in, switches or measures it; `capped` is shut against water.
 */
type Electrics = 'battery' | 'fuses' | 'converter' | 'station' | 'outlet' | 'control' | 'capped'

/** What an inlet in the outer wall takes. */
type InletFact = 'mains' | 'water' | 'fuel'

/**
 * What a fitting does in a stance. Rules read this, its services and its geometry, and never what it is called: what a rule
 * wants to know of a kind is a field here. Every field must be said; `PLAIN` is what only stands there.
 */
export interface Facts {
  readonly heat: readonly HeatFact[]
  readonly flue: FlueFact | undefined
  /** At 1 m while it runs, dB(A). Typical of the kind, common practice, no source. */
  readonly noiseDb: number | undefined
  /** Water is thrown about there. */
  readonly isSplashed: boolean
  /** Where, in its own frame; left out: everywhere at it, or of a worktop all along its top. */
  readonly splashAt?: Prism
  /** Steam or burnt air rises from it into the room. */
  readonly isSteaming: boolean
  readonly air: AirFact | undefined
  readonly light: LightFact | undefined
  readonly holds: readonly HoldFact[]
  readonly cold: ColdFact | undefined
  readonly draws: readonly DrawFact[]
  readonly gives: readonly GiveFact[]
  /** What of it hangs or swings when the vehicle moves or someone brushes by. */
  readonly swings: 'cloth' | 'leaf' | 'nothing'
  readonly treads: readonly TreadFact[]
  /** People come in on it: the doorway that it stands in is its own, and folded up or not it is the way in. */
  readonly liftsPeople: boolean
  readonly fronts: readonly FrontFact[]
  readonly reaches: readonly ReachFact[]
  /** It lies where it is by its own weight and shape: on ledges, in a frame, under a table. Not a way to hold what is heavy and high. */
  readonly staysByWeight: boolean
  /** All of it keeps dry, but for what is capped. */
  readonly electrics: Electrics | undefined
  readonly inlet: InletFact | undefined
  /** What it does in a line of fresh water. */
  readonly plumbs?: 'pump' | 'filter'
  /** What a timer puts on and off. */
  readonly times?: 'boiler' | 'fan' | 'heater'
  readonly guards: { readonly against: 'fire' } | { readonly senses: AlarmSense } | undefined
  /** The face that warm air is blown from, to its front: along its run and up, mm. */
  readonly blowsWarm: { readonly x: Span; readonly z: Span; readonly yMm: number } | undefined
  /** Waste water runs out of it so high over its base. */
  readonly drainsAtMm: number | undefined
  /** One holds on to it with one’s whole weight. */
  readonly grip: 'framing' | 'lining' | undefined
  /** Against what: a pan’s heat, the sun on the body, or the cold of a window that it covers. */
  readonly shields: 'heat' | 'sun' | 'cold' | undefined
  /** What its worktop bears: standing water, and a pan of so many degrees. */
  readonly surface: { readonly bearsWater: boolean; readonly bearsC: number } | undefined
  /** It is kept to become a berth one day, and is large enough for a child’s. */
  readonly becomesBerth: boolean
  /** Stuck, clipped or pressed in along its whole length: it hangs on no points. */
  readonly isHeldAlong: boolean
  /** How it gets into the body: whole, as it was bought, or in boards and pieces. */
  readonly carriedIn: 'whole' | 'in-pieces'
  /** What bears it: legs, rails or brackets of its own, or what it stands on or hangs from. */
  readonly bornBy: 'itself' | 'others'
}

/** Higher than this nobody steps up at once. Common practice, no source. */
const STEP_MOST_MM = 500

/** The top of a box of boards that bears a foot, as a step up to something; none where it is too high for one. */
export const bearsFoot = (zMm: number): readonly TreadFact[] => (zMm <= STEP_MOST_MM ? [{ zMm, isOutside: false }] : [])

/** A thing that only stands there: boards that others bear, carried in piece by piece. */
export const PLAIN: Facts = {
  heat: [],
  flue: undefined,
  noiseDb: undefined,
  isSplashed: false,
  isSteaming: false,
  air: undefined,
  light: undefined,
  holds: [],
  cold: undefined,
  draws: [],
  gives: [],
  swings: 'nothing',
  treads: [],
  liftsPeople: false,
  fronts: [],
  reaches: [],
  staysByWeight: false,
  electrics: undefined,
  inlet: undefined,
  guards: undefined,
  blowsWarm: undefined,
  drainsAtMm: undefined,
  grip: undefined,
  shields: undefined,
  surface: undefined,
  becomesBerth: false,
  isHeldAlong: false,
  carriedIn: 'in-pieces',
  bornBy: 'others',
}
/** Furniture that carries itself on legs, rails or brackets: beds and seats. */
export const ON_OWN_LEGS: Facts = { ...PLAIN, bornBy: 'itself' }
/** What is bought and comes whole. */
export const BOUGHT: Facts = { ...PLAIN, carriedIn: 'whole' }

export const heatsWith = ({ heat }: Facts, fuel: HeatFuel): boolean => heat.some((one) => one.fuel === fuel)
/** Whether it burns something where people are, and so may make carbon monoxide. */
export const burnsFuel = (facts: Facts): boolean => heatsWith(facts, 'gas') || heatsWith(facts, 'diesel')
/** What it stores of one thing, litres or Wh. */
export const held = ({ holds }: Facts, what: HoldFact['what']): number =>
  holds.reduce((sum, one) => sum + (one.what === what ? ('litres' in one ? one.litres : one.wattHours) : 0), 0)
