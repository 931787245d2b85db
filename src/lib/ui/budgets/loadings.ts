import type { WeightEntry } from '$lib/core/budgets'
import { SETTING_OUT, type Loading } from '$lib/core/job'

/** Loadings that are looked at again and again. */
export const LOADINGS = {
  out: 'all aboard, water full',
  dry: 'all aboard, water empty',
  waste: 'all aboard, waste full too',
  evening: 'all aboard, water as left in the evening',
  alone: 'the driver alone, tanks empty',
} as const
export type LoadingName = keyof typeof LOADINGS

type Named = Pick<WeightEntry, 'id' | 'source' | 'may'>

/** Groups of what may be aboard when a vehicle is weighed, and which entries of the ledger each holds. */
export const ABOARD_GROUPS = {
  people: 'people and animals',
  gear: 'gear and things',
  furniture: 'furniture and machines',
  lining: 'lining and insulation',
  changes: 'windows, hatches and other changes',
  seats: 'the seats behind the cab are out',
} as const
export type AboardGroup = keyof typeof ABOARD_GROUPS

const GROUP_OF: Readonly<Partial<Record<WeightEntry['source']['kind'], AboardGroup>>> = {
  person: 'people',
  pet: 'people',
  gear: 'gear',
  things: 'gear',
  fitting: 'furniture',
  lining: 'lining',
  change: 'changes',
  'seat-out': 'seats',
}
const groupOf = ({ source }: Named): AboardGroup | undefined => GROUP_OF[source.kind]

const CARRIED: ReadonlySet<AboardGroup> = new Set(['people', 'gear'])

/** A loading by its name, in a mode; of an evening with what stands in the tanks then. */
export function loadingNamed(
  name: LoadingName,
  mode: string | undefined,
  entries: readonly Named[],
  tanks: Loading['tanks'],
): Loading {
  const at = mode === undefined ? {} : { mode }
  switch (name) {
    case 'out':
      return { ...SETTING_OUT, ...at }
    case 'dry':
      return { ...SETTING_OUT, ...at, levels: { water: 0, waste: 0 } }
    case 'waste':
      return { ...SETTING_OUT, ...at, levels: {} }
    case 'evening':
      return { ...SETTING_OUT, ...at, ...(tanks === undefined ? {} : { tanks }) }
    case 'alone':
      return {
        ...at,
        without: entries
          .filter((entry) => {
            const group = groupOf(entry)
            return entry.may && group !== undefined && CARRIED.has(group)
          })
          .map(({ id }) => id),
        levels: { water: 0, waste: 0, gas: 0, diesel: 0 },
      }
  }
}

/** What of a ledger is ashore when only these groups, and of the furniture only these, are in the vehicle. */
export const ashoreBut = (
  entries: readonly Named[],
  groups: ReadonlySet<AboardGroup>,
  furniture: ReadonlySet<string>,
): readonly string[] =>
  entries
    .filter((entry) => {
      const group = groupOf(entry)
      if (group === undefined) return entry.source.kind === 'store' && !furniture.has(entry.source.id)
      return !groups.has(group) || (group === 'furniture' && !furniture.has(entry.source.id))
    })
    .map(({ id }) => id)
