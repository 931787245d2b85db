import type { Vec3 } from '../geometry'
import type { Store } from '../job'

/** What an amount rests on; the words say it in full. */
export type Reason =
  /** Somebody entered it. */
  | 'said'
  /** Boards by size and density, bought pieces at a typical mass. */
  | 'made-of'
  /** By stature and build, or by the size of an animal. */
  | 'by-body'
  /** By the block round it, as nobody said what it weighs. */
  | 'by-size'
  /** Layers of a face by area, thickness and density. */
  | 'by-layers'
  /** A face whose layers are not said, by its thickness. */
  | 'by-thickness'
  /** By what a tank holds. */
  | 'by-litres'
  /** Taken as usual. */
  | 'usual'
  /** The vehicle’s papers. */
  | 'papers'
  /** A weighbridge. */
  | 'weighed'

export type SourceKind =
  'body' | 'fuel' | 'seat-out' | 'change' | 'lining' | 'fitting' | 'store' | 'person' | 'pet' | 'gear' | 'things'

/** One line of a ledger. */
export interface Entry {
  /** The same thing has the same id in every mode and every loading. */
  readonly id: string
  /** What it is of: a fitting, a person, a piece of gear, a face; empty for the body itself. */
  readonly source: { readonly kind: SourceKind; readonly id: string }
  /** As it is taken, and between what it may be. */
  readonly amount: number
  readonly low: number
  readonly high: number
  /** Where its middle is, in the vehicle frame. */
  readonly at: Vec3
  readonly reason: Reason
}

/** What a plan holds of one thing in one mode. */
export interface Ledger<U extends 'kg' | 'L', E extends Entry = Entry> {
  readonly of: 'water' | 'gas' | 'weight'
  readonly unit: U
  readonly modeId: string
  readonly entries: readonly E[]
}

/** What the entry of a store is called: by what it holds, and the fitting that holds it. */
export const storeEntry = (store: Store, fittingId: string): string => `${store}:${fittingId}`
