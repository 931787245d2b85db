import type { Brief, Demand, Need, Person, Purpose } from './schema'

/** Where a figure comes from. `practice` is common practice without a source. */
export type Basis =
  | { readonly kind: 'practice'; readonly note: string }
  | { readonly kind: 'source'; readonly note: string }
  | { readonly kind: 'geometry'; readonly note: string }
  | { readonly kind: 'brief'; readonly note: string }

/** What a sleeper wants beyond their stature, lying straight. */
export const BERTH_SPARE_MM = 50
/** Width for one sleeper of two side by side: half a small double of 1200 (common mattress size, from memory). */
export const SLEEPER_WIDTH_MM = 600
/** Width for one who sleeps alone. */
export const SINGLE_BERTH_MM = 650
/** Place at a table, along its edge. */
export const TABLE_PLACE_MM = 550
/** Fresh water for one person and one night away from a hook-up: a thrifty end of common practice (10 to 21). */
export const WATER_PER_NIGHT_L = 11

interface NeedFacts {
  /** Length, width and, where it counts, height in mm that one of it usually takes. */
  readonly sizeMm: readonly number[]
  readonly purpose: Purpose
  readonly unit: 'count' | 'litres'
  readonly basis: Basis
}

const practice = (note: string): Basis => ({ kind: 'practice', note })

export const NEED_FACTS: Record<Need, NeedFacts> = {
  berth: {
    sizeMm: [1900, 1200],
    purpose: 'sleeping',
    unit: 'count',
    basis: practice('stature plus 50 mm; 600 mm of width for each of two'),
  },
  belt: {
    sizeMm: [450, 500],
    purpose: 'driving',
    unit: 'count',
    basis: practice('who travels is counted by approved, belted seats'),
  },
  'table-seat': {
    sizeMm: [TABLE_PLACE_MM, 400],
    purpose: 'living',
    unit: 'count',
    basis: practice('550 mm of table edge for each'),
  },
  toilet: { sizeMm: [450, 400], purpose: 'sleeping', unit: 'count', basis: practice('a boxed toilet of 400 × 450 mm') },
  shower: { sizeMm: [760, 760], purpose: 'living', unit: 'count', basis: practice('a tray to stand and turn in') },
  hob: {
    sizeMm: [1200, 500],
    purpose: 'living',
    unit: 'count',
    basis: practice('a counter from 1200 mm with basin and hob'),
  },
  'cold-box': {
    sizeMm: [560, 540],
    purpose: 'living',
    unit: 'count',
    basis: practice('an upright cold box of about 90 L'),
  },
  desk: { sizeMm: [1000, 500], purpose: 'living', unit: 'count', basis: practice('two screens side by side') },
  stowage: {
    sizeMm: [400, 300, 300],
    purpose: 'driving',
    unit: 'count',
    basis: { kind: 'brief', note: 'the size typed in' },
  },
  water: { sizeMm: [500, 400], purpose: 'living', unit: 'litres', basis: practice('11 L for each sleeper and night') },
}

/** A demand with its figures worked out. */
export interface ResolvedDemand {
  readonly id: string
  readonly need: Need
  readonly label: string | undefined
  readonly must: boolean
  readonly quantity: number
  readonly unit: 'count' | 'litres'
  /** Largest fixed dimension; demands are sorted by it. */
  readonly leadingMm: number
  readonly sizeMm: readonly number[]
  readonly purpose: Purpose
  readonly basis: Basis
  /** How the quantity and size came about. */
  readonly because:
    | { readonly code: 'typed' }
    | { readonly code: 'sleepers'; readonly people: number; readonly tallestMm: number }
    | { readonly code: 'travellers'; readonly people: number }
    | { readonly code: 'people'; readonly people: number }
    | { readonly code: 'water'; readonly people: number; readonly nights: number; readonly perNightL: number }
    | { readonly code: 'typical' }
}

export const sleepersOf = (brief: Brief): readonly Person[] =>
  Object.values(brief.people)
    .filter((person) => person.sleeps)
    .sort((a, b) => b.statureMm - a.statureMm)

export const travellersOf = (brief: Brief): number =>
  Object.values(brief.people).filter((person) => person.travels).length

/** The tallest of all people, or undefined when the brief has none. */
export const tallestOf = (brief: Brief): Person | undefined =>
  Object.values(brief.people).reduce<Person | undefined>(
    (tallest, person) => (person.statureMm > (tallest?.statureMm ?? 0) ? person : tallest),
    undefined,
  )

function resolve(id: string, demand: Demand, brief: Brief): ResolvedDemand {
  const facts = NEED_FACTS[demand.need]
  const sleepers = sleepersOf(brief)
  const base = {
    id,
    need: demand.need,
    label: demand.label,
    must: demand.must,
    unit: facts.unit,
    purpose: facts.purpose,
    basis: facts.basis,
    sizeMm: demand.sizeMm ?? facts.sizeMm,
    quantity: demand.quantity ?? 1,
    because:
      demand.quantity === undefined && demand.sizeMm === undefined
        ? ({ code: 'typical' } as const)
        : ({ code: 'typed' } as const),
  }
  const withLead = (given: Omit<ResolvedDemand, 'leadingMm'>): ResolvedDemand => ({
    ...given,
    leadingMm: Math.max(...given.sizeMm),
  })
  switch (demand.need) {
    case 'berth': {
      const tallestMm = sleepers[0]?.statureMm ?? 0
      const sizeMm =
        tallestMm === 0
          ? facts.sizeMm
          : [tallestMm + BERTH_SPARE_MM, sleepers.length > 1 ? 2 * SLEEPER_WIDTH_MM : SINGLE_BERTH_MM]
      return withLead({
        ...base,
        sizeMm,
        quantity: demand.quantity ?? sleepers.length,
        because: { code: 'sleepers', people: sleepers.length, tallestMm },
      })
    }
    case 'belt':
      return withLead({
        ...base,
        quantity: demand.quantity ?? travellersOf(brief),
        because: { code: 'travellers', people: travellersOf(brief) },
      })
    case 'table-seat': {
      const people = Object.keys(brief.people).length
      return withLead({ ...base, quantity: demand.quantity ?? people, because: { code: 'people', people } })
    }
    case 'water': {
      const litres = sleepers.length * brief.nightsOffHookUp * WATER_PER_NIGHT_L
      return withLead({
        ...base,
        quantity: demand.quantity ?? litres,
        because:
          demand.quantity === undefined
            ? { code: 'water', people: sleepers.length, nights: brief.nightsOffHookUp, perNightL: WATER_PER_NIGHT_L }
            : { code: 'typed' },
      })
    }
    case 'toilet':
    case 'shower':
    case 'hob':
    case 'cold-box':
    case 'desk':
    case 'stowage':
      return withLead(base)
  }
}

/** All demands of a brief with their figures, biggest leading dimension first; ties keep musts first, then the id's order. */
export function demandsOf(brief: Brief): readonly ResolvedDemand[] {
  return Object.entries(brief.demands)
    .map(([id, demand]) => resolve(id, demand, brief))
    .sort((a, b) => b.leadingMm - a.leadingMm || Number(b.must) - Number(a.must) || (a.id < b.id ? -1 : 1))
}
