import type { Remote } from 'comlink'
import type { BudgetEngine } from './budget-engine'
import { openEngine } from './open-engine'

/** Sums budgets in a worker. */
export class BudgetClient {
  readonly #opened = import('./budget-engine').then(({ engineUrl }) => openEngine<BudgetEngine>('budget', engineUrl))

  get remote(): Promise<Remote<BudgetEngine>> {
    return this.#opened.then(({ remote }) => remote)
  }

  close(): void {
    void this.#opened.then(({ worker }) => worker.terminate())
  }
}
