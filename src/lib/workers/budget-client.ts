import { proxy } from 'comlink'
import type {
  AirReport,
  Cure,
  Found,
  FuelReport,
  Held,
  LimitId,
  PowerReport,
  PowerWeek,
  WarmthReport,
  WaterReport,
  WeightReport,
} from '$lib/core/budgets'
import type { Job, Loading, Weighing } from '$lib/core/job'
import type { Wiring } from '$lib/core/wiring'
import type { WeightHelp } from '$lib/core/what-if'
import engineUrl from './budget-engine?engine'
import type { BudgetEngine, BudgetFigures } from './budget-engine'
import { EngineLink } from './engine-link'

export type { BudgetFigures } from './budget-engine'

/** Sums budgets in a worker. Every question throws EngineStopped where the engine gives no answer. */
export class BudgetClient {
  readonly #link = new EngineLink<BudgetEngine>(engineUrl)

  weight(job: Job, variantId: string, loading?: Loading): Promise<WeightReport> {
    return this.#link.ask(job, (remote, news) => remote.weight(news, variantId, loading))
  }

  held(job: Job, weighing: Weighing): Promise<Held> {
    return this.#link.ask(job, (remote, news) => remote.held(news, weighing))
  }

  planned(job: Job, variantId: string, loading: Loading): Promise<Weighing['plannedKg']> {
    return this.#link.ask(job, (remote, news) => remote.planned(news, variantId, loading))
  }

  helps(job: Job, variantId: string, limit: LimitId): Promise<readonly WeightHelp[]> {
    return this.#link.ask(job, (remote, news) => remote.helps(news, variantId, limit))
  }

  power(job: Job, variantId: string): Promise<PowerReport> {
    return this.#link.ask(job, (remote, news) => remote.power(news, variantId))
  }

  cures(job: Job, variantId: string): Promise<readonly Cure[]> {
    return this.#link.ask(job, (remote, news) => remote.cures(news, variantId))
  }

  week(job: Job, variantId: string, fromDay: number): Promise<PowerWeek> {
    return this.#link.ask(job, (remote, news) => remote.week(news, variantId, fromDay))
  }

  wiring(job: Job, variantId: string): Promise<Wiring> {
    return this.#link.ask(job, (remote, news) => remote.wiring(news, variantId))
  }

  water(job: Job, variantId: string): Promise<WaterReport> {
    return this.#link.ask(job, (remote, news) => remote.water(news, variantId))
  }

  warmth(job: Job, variantId: string): Promise<WarmthReport> {
    return this.#link.ask(job, (remote, news) => remote.warmth(news, variantId))
  }

  air(job: Job, variantId: string): Promise<AirReport> {
    return this.#link.ask(job, (remote, news) => remote.air(news, variantId))
  }

  fuel(job: Job, variantId: string): Promise<FuelReport> {
    return this.#link.ask(job, (remote, news) => remote.fuel(news, variantId))
  }

  figures(job: Job, variantId: string): Promise<BudgetFigures> {
    return this.#link.ask(job, (remote, news) => remote.figures(news, variantId))
  }

  /** `told` hears how far it is, 0 to 1. */
  sets(job: Job, variantId: string, told: (share: number) => void): Promise<readonly Found[]> {
    return this.#link.ask(job, (remote, news) => remote.sets(news, variantId, proxy(told)))
  }

  close(): void {
    this.#link.close()
  }
}
