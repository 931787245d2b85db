import type { Vec3 } from '../geometry'
import type { Store } from '../job'
import type { Placed, Scene } from '../scene'
import { storeEntry, type Entry, type Ledger } from './ledger'
import { freshTanks, levelled } from './water/tanks'
import { lumpOf } from './weight/lump'

/** What a tank, bottle or cassette holds when it is full. */
export interface StoreEntry extends Entry {
  readonly store: Store
}

const HOLDS: Readonly<Record<'water' | 'waste' | 'gas' | 'fuel', Store>> = {
  water: 'water',
  waste: 'waste',
  gas: 'gas',
  fuel: 'diesel',
}

/** What one fitting stores of some things, in litres, one entry for each. */
function storesOf(placed: Placed, wanted: readonly Store[]): readonly StoreEntry[] {
  const litres = new Map<Store, number>()
  for (const one of placed.facts.holds)
    if (one.what !== 'charge') litres.set(HOLDS[one.what], (litres.get(HOLDS[one.what]) ?? 0) + one.litres)
  if (litres.size === 0) return []
  const at: Vec3 = lumpOf(placed).at
  return [...litres]
    .filter(([store, amount]) => wanted.includes(store) && amount > 0)
    .map(([store, amount]) => ({
      id: storeEntry(store, placed.id),
      source: { kind: 'store', id: placed.id },
      store,
      amount,
      low: amount,
      high: amount,
      at,
      reason: 'by-litres',
    }))
}

const ledger = (of: 'water' | 'gas', scene: Scene, wanted: readonly Store[]): Ledger<'L', StoreEntry> => ({
  of,
  unit: 'L',
  modeId: scene.modeId,
  entries: scene.placed.flatMap((placed) => storesOf(placed, wanted)),
})

/** Fresh and waste water that a plan can hold, by place: joined tanks as full as they get at one level. */
export function waterLedger(scene: Scene): Ledger<'L', StoreEntry> {
  const whole = ledger('water', scene, ['water', 'waste'])
  const joined = freshTanks(scene.placed).filter(({ lostL }) => lostL > 0)
  if (joined.length === 0) return whole
  const held = new Map(
    joined.flatMap(({ vessels, litres }) =>
      levelled(vessels, litres).map((of, at) => [vessels[at]?.id ?? '', of] as const),
    ),
  )
  const entries = whole.entries.map((entry): StoreEntry => {
    const amount = entry.store === 'water' ? held.get(entry.source.id) : undefined
    return amount === undefined ? entry : { ...entry, amount, low: amount, high: amount }
  })
  return { ...whole, entries }
}

/** Gas, and fuel for heaters, that a plan can hold, by place. */
export const gasLedger = (scene: Scene): Ledger<'L', StoreEntry> => ledger('gas', scene, ['gas', 'diesel'])
