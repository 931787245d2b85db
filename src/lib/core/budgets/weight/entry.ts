import type { Vec3 } from '../../geometry'
import type { Store } from '../../job'
import type { Entry, Reason, SourceKind } from '../ledger'

/** A mass of the vehicle as it is loaded. */
export interface WeightEntry extends Entry {
  /** May be aboard or not, in part or whole: people, water, gear. All else always is. */
  readonly may: boolean
  /** Stands on the roof. */
  readonly onRoof: boolean
  /** The fitting that it moves with. */
  readonly carriedBy: string | undefined
  /** What it is of, where it runs low. */
  readonly store: Store | undefined
  /** How far ahead of or behind its place it may be, mm, where that is not known. */
  readonly spreadMm: number
}

/** What one may want to know, and nobody said: named, with the range that it leaves. */
export type Unknown =
  | {
      readonly what:
        | 'kerb-with'
        | 'kerb-axles'
        | 'rating-front'
        | 'rating-rear'
        | 'track'
        | 'fuel-tank'
        | 'roof-limit'
        | 'people'
        | 'outer-length'
    }
  | { readonly what: 'lining-layers'; readonly id: string }
  | { readonly what: 'gear-mass' | 'gear-place' | 'seat'; readonly id: string }

interface Given {
  readonly id: string
  readonly kind: SourceKind
  readonly of: string
  readonly kg: number
  readonly lowKg?: number
  readonly highKg?: number
  readonly at: Vec3
  readonly reason: Reason
  readonly may?: boolean
  readonly onRoof?: boolean
  readonly carriedBy?: string | undefined
  readonly store?: Store
  readonly spreadMm?: number
}

export const weightEntry = ({
  id,
  kind,
  of,
  kg,
  lowKg = kg,
  highKg = kg,
  at,
  reason,
  ...more
}: Given): WeightEntry => ({
  id,
  source: { kind, id: of },
  amount: kg,
  low: lowKg,
  high: highKg,
  at,
  reason,
  may: more.may ?? false,
  onRoof: more.onRoof ?? false,
  carriedBy: more.carriedBy,
  store: more.store,
  spreadMm: more.spreadMm ?? 0,
})
