import type { Job } from '../job'
import type { Scene } from '../scene'
import { gasLedger, waterLedger, type StoreEntry } from './stores'
import type { Ledger } from './ledger'
import { weightLedger, type WeightLedger } from './weight/weight'

/** Every ledger of one mode. */
export interface Budgets {
  readonly water: Ledger<'L', StoreEntry>
  readonly gas: Ledger<'L', StoreEntry>
  readonly weight: WeightLedger
}

interface Known {
  readonly of: readonly unknown[]
  readonly budgets: Budgets
}
const known = new WeakMap<Scene, Known>()

/** The ledgers of a mode in their one order: each is handed those before it. Worked out once for a scene and what of the job they read. */
export function compose(job: Job, scene: Scene): Budgets {
  const of = [job.brief, job.shell, job.weight, job.rules]
  const before = known.get(scene)
  if (before !== undefined && before.of.every((one, index) => one === of[index])) return before.budgets
  const water = waterLedger(scene)
  const gas = gasLedger(scene)
  const budgets = { water, gas, weight: weightLedger(job, scene, water, gas) }
  known.set(scene, { of, budgets })
  return budgets
}
