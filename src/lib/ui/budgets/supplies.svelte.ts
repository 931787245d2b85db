import type { FuelReport, WaterReport } from '$lib/core/budgets'
import { variantsOf } from '$lib/core/job'
import { namesOf } from '$lib/core/text'
import { BudgetClient, type BudgetFigures } from '$lib/workers/budget-client'
import type { JobSession } from '../job/job-session.svelte'
import { reasonOf } from '../parts/reason'

/** How long a variant’s water and gas last. */
interface Supply {
  readonly water: WaterReport
  readonly fuel: FuelReport
}

/** How long the water and the gas of a job last, for every variant. */
export class Supplies {
  readonly session: JobSession
  readonly #client = new BudgetClient()
  #variantId = $state('')
  reports: Readonly<Record<string, Supply>> = $state.raw({})
  figures: BudgetFigures | undefined = $state.raw(undefined)
  stopped: string | undefined = $state.raw(undefined)
  #asked = 0

  constructor(session: JobSession) {
    this.session = session
  }

  close(): void {
    this.#client.close()
  }

  readonly variants = $derived.by(() => variantsOf(this.session.job))
  readonly variantId: string = $derived.by(() =>
    this.session.job.variants[this.#variantId] === undefined ? this.variants[0]![0] : this.#variantId,
  )
  readonly plan = $derived.by(() => this.session.job.variants[this.variantId]!.plan)
  readonly names = $derived.by(() => namesOf(this.session.job, this.plan))
  readonly water = $derived.by(() => this.reports[this.variantId]?.water)
  readonly fuel = $derived.by(() => this.reports[this.variantId]?.fuel)

  showVariant(id: string): void {
    this.#variantId = id
  }

  /** Adds up every variant as it is now, the one shown first; call it whenever the job changes. */
  async look(): Promise<void> {
    const asked = (this.#asked += 1)
    const { job } = this.session
    const shown = this.variantId
    try {
      for (const id of [shown, ...variantsOf(job).flatMap(([other]) => (other === shown ? [] : [other]))]) {
        const [water, fuel] = [await this.#client.water(job, id), await this.#client.fuel(job, id)]
        if (this.#asked !== asked) return
        this.reports = { ...this.reports, [id]: { water, fuel } }
      }
      this.stopped = undefined
      const figures = await this.#client.figures(job, shown)
      if (this.#asked === asked) this.figures = figures
    } catch (cause) {
      if (this.#asked !== asked) return
      this.reports = {}
      this.stopped = reasonOf(cause)
    }
  }
}
