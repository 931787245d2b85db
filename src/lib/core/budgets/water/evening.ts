import type { Vec3 } from '../../geometry'
import type { Loading } from '../../job'
import { frontShareOf, leftShareOf } from '../weight/statics'
import { storeEntry } from '../ledger'
import type { Axles } from '../weight/vehicle'
import type { WaterDay } from './days'
import { levelled, type Tank } from './tanks'

/** The tanks of a plan by what they are for, each kind in the order in which it is emptied. */
export interface Tanks {
  readonly main: readonly Tank[]
  /** Kept for drinking while another has the rest. */
  readonly apart: readonly Tank[]
  readonly waste: readonly Tank[]
}

/** What stands in one vessel. */
interface Held {
  readonly id: string
  readonly store: 'water' | 'waste'
  readonly litres: number
  /** When all is full. */
  readonly fullL: number
}

/** What fresh and waste water weigh on the wheels of an evening. */
export interface Leans {
  /** More on the left wheels than on the right, kg; undefined where the track was not measured. */
  readonly leftKg: number | undefined
  readonly frontKg: number
  readonly rearKg: number
}

/** What is in a tank of fresh water of an evening, L. */
export const freshOn = ({ main, apart }: Tanks, day: WaterDay, tank: Tank): number =>
  day.fresh[main.indexOf(tank)] ?? day.drinking[apart.indexOf(tank)] ?? 0

/** What is in every vessel of an evening: joined ones at one level, waste in each as much of what it holds. */
export function heldOn(tanks: Tanks, day: WaterDay): readonly Held[] {
  const wasteL = tanks.waste.reduce((sum, { litres }) => sum + litres, 0)
  const fresh = [...tanks.main, ...tanks.apart].flatMap((tank) => {
    const full = levelled(tank.vessels, tank.litres)
    return levelled(tank.vessels, freshOn(tanks, day, tank)).map((litres, at) => ({
      id: tank.vessels[at]?.id ?? tank.id,
      store: 'water' as const,
      litres,
      fullL: full[at] ?? 0,
    }))
  })
  const waste = tanks.waste.map(({ id, litres }) => ({
    id,
    store: 'waste' as const,
    litres: wasteL === 0 ? 0 : (day.wasteL * litres) / wasteL,
    fullL: litres,
  }))
  return [...fresh, ...waste]
}

/** How full the tanks are, for the sum of what the vehicle weighs; two stores of one kind in one fitting are one entry there. */
export function fullnessOf(held: readonly Held[]): NonNullable<Loading['tanks']> {
  const entries = new Map<string, { litres: number; fullL: number }>()
  for (const { id, store, litres, fullL } of held) {
    const entry = storeEntry(store, id)
    const before = entries.get(entry) ?? { litres: 0, fullL: 0 }
    entries.set(entry, { litres: before.litres + litres, fullL: before.fullL + fullL })
  }
  return Object.fromEntries(
    [...entries].map(([entry, { litres, fullL }]) => [
      entry,
      fullL === 0 ? 0 : Math.min(100, Math.max(0, (litres / fullL) * 100)),
    ]),
  )
}

/** What water weighs on the wheels, tank by tank where it stands. */
export function leansOf(at: ReadonlyMap<string, Vec3>, axles: Axles, held: readonly Held[]): Leans {
  let [left, front, whole] = [0, 0, 0]
  for (const { id, litres } of held) {
    const place = at.get(id)
    if (place === undefined) continue
    whole += litres
    front += litres * frontShareOf(axles, place)
    if (axles.trackMm !== undefined) left += litres * (2 * leftShareOf(axles.trackMm, place) - 1)
  }
  return { leftKg: axles.trackMm === undefined ? undefined : left, frontKg: front, rearKg: whole - front }
}

/** The evening on which water leans most to one side; the first where none is worse by more than a litre or so. */
export const mostLeaning = (days: readonly Pick<Leans, 'leftKg'>[]): number =>
  days.reduce(
    (worst, { leftKg }, at) => (Math.abs(leftKg ?? 0) > Math.abs(days[worst]?.leftKg ?? 0) + 0.5 ? at : worst),
    0,
  )
