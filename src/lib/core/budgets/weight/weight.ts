import { ASSUMED, SETTING_OUT, type AssumedKey, type Job, type Loading } from '../../job'
import type { Scene } from '../../scene'
import type { Ledger } from '../ledger'
import type { StoreEntry } from '../stores'
import { changeEntries, seatsOut } from './body-changes'
import { carriedEntries } from './carried'
import { weightEntry, type Unknown, type WeightEntry } from './entry'
import { guidesOf, limitsOf, type Guides, type Limits } from './limits'
import { liningEntries } from './lining'
import { lumpOf } from './lump'
import { onRoof } from './on-roof'
import { liveEntries } from './people'
import { centreHeight, delivered, type Delivered } from './vehicle'

/** What a plan weighs in one mode, line by line. */
export interface WeightLedger extends Ledger<'kg', WeightEntry> {
  readonly unknown: readonly Unknown[]
  readonly delivered: Delivered
  readonly guides: Guides
}

/** Water, waste, fuel and gas, kg/L. Handbook values, from memory: diesel 0.832, liquid propane 0.51. */
const KG_PER_L = { water: 1, waste: 1, gas: 0.51, diesel: 0.832, fuel: 0.832 } as const

/** What is taken where nobody said it, for this job. */
export const assumedIn = ({ weight }: Pick<Job, 'weight'>): Readonly<Record<AssumedKey, number>> =>
  Object.fromEntries(
    Object.entries(ASSUMED).map(([key, usual]) => [key, weight?.assume?.[key as AssumedKey] ?? usual]),
  ) as Record<AssumedKey, number>

const unknownOf = ({ interior }: Scene, entries: readonly WeightEntry[]): readonly Unknown[] => {
  const { axles, masses } = interior.shell
  return [
    ...(axles.ratingFrontKg === undefined ? [{ what: 'rating-front' as const }] : []),
    ...(axles.ratingRearKg === undefined ? [{ what: 'rating-rear' as const }] : []),
    ...(axles.trackMm === undefined ? [{ what: 'track' as const }] : []),
    ...(masses.roofDrivingKg === undefined && entries.some((entry) => entry.onRoof)
      ? [{ what: 'roof-limit' as const }]
      : []),
  ]
}

/**
 * Everything that a vehicle is made of and carries in one mode, with its place. The ledgers of water and gas come before it: what they hold is weighed
 * where it is, full.
 */
export function weightLedger(
  job: Job,
  scene: Scene,
  water: Ledger<'L', StoreEntry>,
  gas: Ledger<'L', StoreEntry>,
): WeightLedger {
  const { interior } = scene
  const assume = assumedIn(job)
  const body = delivered(job, interior)
  const lining = liningEntries(interior)
  const people = liveEntries(scene, job.brief, assume.driverKg)
  const carried = carriedEntries(scene, job.brief, assume)
  const roofed = new Map(scene.placed.map((placed) => [placed.id, onRoof(scene, placed)]))
  const fittings = scene.placed.map((placed) => {
    const { kg, at } = lumpOf(placed)
    return weightEntry({
      id: `fitting:${placed.id}`,
      kind: 'fitting',
      of: placed.id,
      kg,
      at,
      reason: 'made-of',
      onRoof: roofed.get(placed.id) ?? false,
      carriedBy: placed.id,
    })
  })
  const stores = [...water.entries, ...gas.entries].map(({ id, source, store, amount, at }) =>
    weightEntry({
      id,
      kind: 'store',
      of: source.id,
      kg: amount * KG_PER_L[store],
      at,
      reason: 'by-litres',
      may: true,
      onRoof: roofed.get(source.id) ?? false,
      carriedBy: source.id,
      store,
    }),
  )
  const entries = [
    ...body.entries,
    ...seatsOut(job.shell),
    ...changeEntries(job.shell, interior),
    ...lining.entries,
    ...fittings,
    ...stores,
    ...people.entries,
    ...carried.entries,
  ]
  return {
    of: 'weight',
    unit: 'kg',
    modeId: scene.modeId,
    entries,
    delivered: body,
    guides: guidesOf(job),
    unknown: [...body.unknown, ...unknownOf(scene, entries), ...lining.unknown, ...people.unknown, ...carried.unknown],
  }
}

/** The limits of a ledger in a loading. */
export const limitsIn = (
  { interior, purpose }: Scene,
  { entries, guides, delivered: { frontShare } }: WeightLedger,
  loading: Loading = SETTING_OUT,
): Limits =>
  limitsOf({ entries, interior, loading, deliveredFront: frontShare, guides, isDriving: purpose === 'driving' })

/** How far everything that is put in and taken out brings the centre of mass up, mm; and that centre over the ground, where it was measured. */
export function centreRise(
  scene: Scene,
  entries: readonly { readonly entry: WeightEntry; readonly kg: number }[],
): {
  readonly riseMm: number
  readonly overGroundMm: number | undefined
  readonly of: (entry: WeightEntry, kg: number) => number
} {
  const { mm, isMeasured } = centreHeight(scene.interior)
  const whole = entries.reduce((sum, { kg }) => sum + kg, 0)
  const of = ({ at }: WeightEntry, kg: number): number => (whole === 0 ? 0 : (kg * (at[2] - mm)) / whole)
  const riseMm = entries.reduce((sum, { entry, kg }) => sum + of(entry, kg), 0)
  const { centreMm } = scene.interior.shell.masses
  return { riseMm, overGroundMm: isMeasured && centreMm !== undefined ? centreMm + riseMm : undefined, of }
}
