import { sleepersOf, travellersOf } from './answers'
import { DERIVE_RULES, type Derived, type DeriveRule, type DemandFacts, type Page } from './derive'
import { BERTH_SPARE_MM, NEED_FACTS, SINGLE_BERTH_MM, SLEEPER_WIDTH_MM, sleeperWidthMm, type Basis } from './needs'
import type { Adjust, Brief, Demand, Need, Purpose } from './schema'
import { waterNights, waterUse } from './water'

/** A demand with its figures worked out. */
export interface ResolvedDemand {
  readonly id: string
  readonly need: Need
  readonly label: string | undefined
  readonly must: boolean
  /** How much it counts, 1 to 5; a must counts 5. */
  readonly weight: number
  readonly quantity: number
  readonly unit: 'count' | 'litres'
  /** Largest fixed dimension; demands are sorted by it. */
  readonly leadingMm: number
  readonly sizeMm: readonly number[]
  /** Someone said how large, in the brief or by their answers; else its size is what is usual, and any size will do. */
  readonly isSized: boolean
  readonly purpose: Purpose
  /** All modes in which it must hold. */
  readonly purposes: readonly Purpose[]
  readonly basis: Basis
  /** How the quantity and size came about. */
  readonly because:
    | { readonly code: 'typed' }
    | { readonly code: 'sleepers'; readonly people: number; readonly tallestMm: number }
    | { readonly code: 'travellers'; readonly people: number }
    | { readonly code: 'people'; readonly people: number }
    | {
        readonly code: 'water'
        readonly people: number
        readonly nights: number
        readonly perNightL: number
        /** For no one by themselves: rinsed outside. */
        readonly restL?: number
      }
    | { readonly code: 'typical' }
    | { readonly code: 'rule'; readonly rule: string; readonly facts: DemandFacts }
  /** Ids of the people, pets or pieces of gear that it is for; empty: for all. */
  readonly forWhom: readonly string[]
  /** The page of the conversation that it follows from; undefined when it was typed. */
  readonly page: Page | undefined
  /** Why it is not held against the plan. */
  readonly waived: string | undefined
}

type Typed = Omit<ResolvedDemand, 'leadingMm'>

/** What people and nights imply of a typed demand, where its need follows from them; the others are as they were typed. */
const FROM_PEOPLE: { readonly [N in Need]?: (base: Typed, demand: Demand, brief: Brief) => Typed } = {
  berth: (base, demand, brief) => {
    const sleepers = sleepersOf(brief)
    const tallestMm = sleepers[0]?.statureMm ?? 0
    // a bed for two: the two broadest
    const widths = sleepers.map((person) => sleeperWidthMm(person)).sort((a, b) => b - a)
    const wide = widths.length > 1 ? widths[0]! + widths[1]! : SINGLE_BERTH_MM
    return {
      ...base,
      sizeMm: tallestMm === 0 ? NEED_FACTS.berth.sizeMm : [tallestMm + BERTH_SPARE_MM, wide],
      quantity: demand.quantity ?? sleepers.length,
      because: { code: 'sleepers', people: sleepers.length, tallestMm },
    }
  },
  belt: (base, demand, brief) => ({
    ...base,
    quantity: demand.quantity ?? travellersOf(brief),
    because: { code: 'travellers', people: travellersOf(brief) },
  }),
  'table-seat': (base, demand, brief) => forAll(base, demand, brief),
  seat: (base, demand, brief) => forAll(base, demand, brief),
  water: (base, demand, brief) => {
    const { people, perNightL, nightL } = waterUse(brief)
    const restL = nightL - people * perNightL
    const nights = waterNights(brief)
    return demand.quantity === undefined
      ? {
          ...base,
          quantity: nights * nightL,
          because: { code: 'water', people, nights, perNightL, ...(restL < 1e-9 ? {} : { restL }) },
        }
      : { ...base, because: { code: 'typed' } }
  },
}

function forAll(base: Typed, demand: Demand, brief: Brief): Typed {
  const people = Object.keys(brief.people).length
  return { ...base, quantity: demand.quantity ?? people, because: { code: 'people', people } }
}

function resolve(id: string, demand: Demand, brief: Brief): ResolvedDemand {
  const facts = NEED_FACTS[demand.need]
  const isTypical = demand.quantity === undefined && demand.sizeMm === undefined
  const base: Typed = {
    id,
    need: demand.need,
    label: demand.label,
    must: demand.must,
    weight: demand.must ? 5 : (demand.weight ?? 3),
    unit: facts.unit,
    purpose: facts.purpose,
    purposes: [facts.purpose],
    basis: facts.basis,
    sizeMm: demand.sizeMm ?? facts.sizeMm,
    isSized: demand.sizeMm !== undefined,
    quantity: demand.quantity ?? 1,
    because: { code: isTypical ? 'typical' : 'typed' },
    forWhom: [],
    page: undefined,
    waived: undefined,
  }
  return withLead(FROM_PEOPLE[demand.need]?.(base, demand, brief) ?? base)
}

const withLead = (given: Omit<ResolvedDemand, 'leadingMm'>): ResolvedDemand => ({
  ...given,
  leadingMm: Math.max(...given.sizeMm),
})

/** What an answer implies, with the designer’s changes to it. */
function adjusted({ need, page, id: rule }: DeriveRule, derived: Derived, adjust: Adjust = {}): ResolvedDemand {
  const facts = NEED_FACTS[need]
  const must = adjust.must ?? derived.must
  return withLead({
    id: derivedId(rule, derived.key),
    need,
    label: derived.label,
    must,
    weight: must ? 5 : (adjust.weight ?? derived.weight ?? 3),
    quantity: adjust.quantity ?? derived.quantity ?? 1,
    unit: facts.unit,
    sizeMm: derived.sizeMm ?? facts.sizeMm,
    isSized: derived.sizeMm !== undefined,
    purpose: derived.purposes?.[0] ?? facts.purpose,
    purposes: derived.purposes ?? [facts.purpose],
    basis: facts.basis,
    because: { code: 'rule', rule, facts: derived.facts },
    forWhom: derived.forWhom,
    page,
    waived: adjust.waived,
  })
}

/** Of a demand that follows from answers: the same answers give it the same id. */
const derivedId = (rule: string, key: string): string => `need-${rule}-${key}`

/** What a demand is for may change after it was split: each part takes its share while there is some, the last the rest. */
function shares(whole: number, wanted: readonly number[]): readonly number[] {
  let left = whole
  return wanted
    .map((one, index) => {
      const share = index === wanted.length - 1 ? left : Math.min(one, left)
      left -= share
      return share
    })
    .filter((share) => share > 0)
}

/** A demand as the parts that the designer split it into; the first keeps its id. */
function parts(demand: ResolvedDemand, wanted: readonly number[] | undefined): readonly ResolvedDemand[] {
  const quantities = wanted === undefined ? [] : shares(demand.quantity, wanted)
  if (quantities.length < 2) return [demand]
  return quantities.map((quantity, index) =>
    withLead({
      ...demand,
      id: index === 0 ? demand.id : `${demand.id}-part-${index + 1}`,
      label: `${demand.label === undefined ? '' : `${demand.label}, `}part ${index + 1}`,
      quantity,
      sizeMm:
        demand.need === 'berth'
          ? [demand.sizeMm[0]!, quantity === 1 ? SINGLE_BERTH_MM : quantity * SLEEPER_WIDTH_MM]
          : demand.sizeMm,
    }),
  )
}

/** Pieces of gear stay what they are: two put together would be a third that nobody has. */
export const mayMerge = (need: Need): boolean => need !== 'stowage' && need !== 'outside-store'

/** Demands that the designer counts together, as one: the larger size, the sum of the quantities. */
function merged(demands: readonly ResolvedDemand[], into: ReadonlyMap<string, string>): readonly ResolvedDemand[] {
  const byId = new Map(demands.map((demand) => [demand.id, demand]))
  const kept = new Map<string, ResolvedDemand>()
  const targetOf = (id: string): string => {
    const own = byId.get(id)!
    const target = byId.get(into.get(id) ?? id)
    const goes =
      target !== undefined &&
      target.need === own.need &&
      mayMerge(own.need) &&
      into.get(target.id) === undefined &&
      own.waived === undefined &&
      target.waived === undefined
    return goes ? target.id : id
  }
  for (const demand of demands) if (targetOf(demand.id) === demand.id) kept.set(demand.id, demand)
  for (const demand of demands) {
    const to = targetOf(demand.id)
    if (to === demand.id) continue
    const target = kept.get(to)!
    const wide = demand.need === 'berth' ? [(target.sizeMm[1] ?? 0) + (demand.sizeMm[1] ?? 0)] : []
    kept.set(
      to,
      withLead({
        ...target,
        quantity: target.quantity + demand.quantity,
        must: target.must || demand.must,
        weight: Math.max(target.weight, demand.weight),
        sizeMm: target.sizeMm.map((side, axis) =>
          axis === 1 && wide.length > 0 ? wide[0]! : Math.max(side, demand.sizeMm[axis] ?? 0),
        ),
        isSized: target.isSized || demand.isSized,
        forWhom: [...target.forWhom, ...demand.forWhom],
        purposes: [...new Set([...target.purposes, ...demand.purposes])],
      }),
    )
  }
  return [...kept.values()]
}

/**
 * All demands of a brief with their figures, those that are waived too: what the answers imply, with the designer’s changes,
 * and what was typed. Biggest leading dimension first; ties keep musts first, then the id's order.
 */
export function allDemands(brief: Brief): readonly ResolvedDemand[] {
  const before = known.get(brief)
  if (before !== undefined) return before
  const demands = worked(brief)
  known.set(brief, demands)
  return demands
}

/** Briefs are values, and every rule in every mode asks for their demands. */
const known = new WeakMap<Brief, readonly ResolvedDemand[]>()

function worked(brief: Brief): readonly ResolvedDemand[] {
  const adjust = brief.adjust ?? {}
  const derived =
    brief.derives === true
      ? DERIVE_RULES.flatMap((rule) =>
          rule.derive(brief).flatMap((one) => {
            const changed = adjust[derivedId(rule.id, one.key)]
            return parts(adjusted(rule, one, changed), changed?.split)
          }),
        )
      : []
  const into = new Map(
    Object.entries(adjust).flatMap(([id, { into: to }]) => (to === undefined ? [] : [[id, to] as const])),
  )
  const typed = Object.entries(brief.demands).map(([id, demand]) => resolve(id, demand, brief))
  return [...merged(derived, into), ...typed].sort(
    (a, b) => b.leadingMm - a.leadingMm || Number(b.must) - Number(a.must) || (a.id < b.id ? -1 : 1),
  )
}

/** The demands that are held against a plan. */
export const demandsOf = (brief: Brief): readonly ResolvedDemand[] => {
  let known = held.get(brief)
  if (known === undefined) held.set(brief, (known = allDemands(brief).filter(({ waived }) => waived === undefined)))
  return known
}
const held = new WeakMap<Brief, readonly ResolvedDemand[]>()

/** A piece of gear to be stowed inside; without `mayLie`, standing as it is entered. */
export interface GearPiece {
  readonly id: string
  readonly demandId: string
  readonly size: readonly [number, number, number]
  readonly mayLie: boolean
}

/** The demand that a piece of gear belongs to. */
export const demandOf = (pieceId: string): string => pieceId.slice(0, pieceId.lastIndexOf('#'))

/** Pieces of gear to be stowed inside, one entry for each, with the sides that may be up. */
export function piecesOf(brief: Brief): readonly GearPiece[] {
  let known = pieces.get(brief)
  if (known === undefined) pieces.set(brief, (known = demandsOf(brief).flatMap((demand) => piecesFor(brief, demand))))
  return known
}
const pieces = new WeakMap<Brief, readonly GearPiece[]>()

function piecesFor(brief: Brief, demand: ResolvedDemand): readonly GearPiece[] {
  const { id, need, quantity, sizeMm, forWhom, because } = demand
  if (need !== 'stowage' || sizeMm.length !== 3 || because.code === 'typical') return []
  const mayLie = brief.gear?.[forWhom[0] ?? '']?.mayLie !== false
  return Array.from({ length: Math.min(50, quantity) }, (_, index) => ({
    id: `${id}#${index}`,
    demandId: id,
    size: sizeMm as unknown as readonly [number, number, number],
    mayLie,
  }))
}
