import type {
  BodyOpening,
  Feature,
  FittingKind,
  Footprint,
  LocalClearance,
  LocalHollow,
  LocalService,
  LocalSolid,
  LoosePart,
  Lump,
  Part,
  StanceChange,
  ServiceType,
} from './contract'
import type { Facts } from './facts'
import type { Parameters } from './parameters'
import { kindOf } from './registry'
import { stanceAt } from './stance-height'

/** A fitting as its kind sees it: what it is, and its figures. */
export interface Made {
  readonly kind: string
  readonly parameters: Parameters
}

// What a kind says of one fitting. Scenes and rules ask these, so that neither need know a kind’s id or a raw parameter.

const ask =
  <T>(what: (kind: FittingKind, parameters: Parameters) => T) =>
  ({ kind, parameters }: Made): T =>
    what(kindOf(kind), parameters)
const askIn =
  <T>(what: (kind: FittingKind, parameters: Parameters, stance: string) => T) =>
  ({ kind, parameters }: Made, stance: string): T =>
    what(kindOf(kind), parameters, stance)

/** The kind of a fitting, as a whole. */
export const kindOfMade = ({ kind }: Made): FittingKind => kindOf(kind)
export const footprintOf: (made: Made) => Footprint = ask((kind, p) => kind.footprint(p))
export const openingsOf: (made: Made) => readonly BodyOpening[] = ask((kind, p) => kind.openings(p))
export const partsOf: (made: Made) => readonly Part[] = ask((kind, p) => kind.parts(p))
/** Mass with nothing in it, kg. */
export const massOf: (made: Made) => number = ask((kind, p) => kind.massKg(p))
/** All that it does in one position or another. */
export const servicesEver: (made: Made) => readonly ServiceType[] = ask((kind, p) => [
  ...new Set(kind.stances.flatMap((stance) => kind.services(p, stance).map(({ type }) => type))),
])
/** Mass of several together, kg. */
export const massOfAll = (makes: readonly Made[]): number => makes.reduce((sum, made) => sum + massOf(made), 0)
export const stancesOf: (made: Made) => readonly [string, ...string[]] = ask((kind) => kind.stances)

export const solidsOf: (made: Made, stance: string) => readonly LocalSolid[] = askIn((kind, p, s) => kind.solids(p, s))
export const clearancesOf: (made: Made, stance: string) => readonly LocalClearance[] = askIn((kind, p, s) =>
  kind.clearances(p, s),
)
export const servicesOf: (made: Made, stance: string) => readonly LocalService[] = askIn((kind, p, s) =>
  kind.services(p, s),
)
export const hollowsOf: (made: Made, stance: string) => readonly LocalHollow[] = askIn((kind, p, s) =>
  kind.hollows(p, s),
)
export const factsOf: (made: Made, stance: string) => Facts = askIn((kind, p, s) => kind.facts(p, s))
export const featuresOf: (made: Made, stance: string) => readonly Feature[] = askIn((kind, p, s) => kind.features(p, s))
export const looseOf: (made: Made, stance: string) => readonly LoosePart[] = askIn((kind, p, s) => kind.loose(p, s))
export const massesOf: (made: Made, stance: string) => readonly Lump[] = askIn((kind, p, s) => kind.masses(p, s))
export const stanceChangeOf = ({ kind, parameters }: Made, from: string, to: string): StanceChange =>
  kindOf(kind).change(parameters, from, to)

/** Where what rides up and down is in a stance, and between what it may, mm over the load floor; undefined if nothing does. */
export function ridesAt(
  { kind, parameters }: Made,
  stance: string,
): { readonly mm: number; readonly minMm: number; readonly maxMm: number } | undefined {
  const { risesTo } = kindOf(kind)
  return risesTo === undefined
    ? undefined
    : {
        mm: risesTo(parameters, stance),
        minMm: risesTo(parameters, stanceAt(0)),
        maxMm: risesTo(parameters, stanceAt(9999)),
      }
}
