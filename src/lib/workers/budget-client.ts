import type { Remote } from 'comlink'
import engineUrl from './budget-engine?engine'
import type { BudgetEngine } from './budget-engine'
import { openEngine } from './open-engine'

/** Sums budgets in a worker. */
export class BudgetClient {
  readonly #opened = openEngine<BudgetEngine>(engineUrl)

  get remote(): Remote<BudgetEngine> {
    return this.#opened.remote
  }

  close(): void {
    this.#opened.worker.terminate()
  }
}
