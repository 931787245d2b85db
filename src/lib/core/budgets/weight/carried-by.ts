import type { WeightEntry } from './entry'

/** What moves with one fitting: itself, what it holds, who sits or lies on it. */
export interface CarriedBy<E extends WeightEntry = WeightEntry> {
  readonly id: string
  readonly parts: readonly E[]
}

/** Entries by the fitting that they move with; those that move with none are left out. */
export function carriedOf<E extends WeightEntry>(entries: readonly E[]): readonly CarriedBy<E>[] {
  const by = new Map<string, E[]>()
  for (const entry of entries) {
    if (entry.carriedBy === undefined) continue
    const parts = by.get(entry.carriedBy)
    if (parts === undefined) by.set(entry.carriedBy, [entry])
    else parts.push(entry)
  }
  return [...by].map(([id, parts]) => ({ id, parts }))
}
