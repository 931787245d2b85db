import type { AirReport, FuelReport, WarmthReport, WaterReport } from '$lib/core/budgets'
import { variantsOf } from '$lib/core/job'
import { namesOf } from '$lib/core/text'
import { BudgetClient, type BudgetFigures } from '$lib/workers/budget-client'
import type { JobSession } from '../job/job-session.svelte'
import { reasonOf } from '../parts/reason'

/** What can be asked of a variant, by the page that shows it. */
export interface Reports {
  readonly water: WaterReport
  readonly fuel: FuelReport
  readonly warmth: WarmthReport
  readonly air: AirReport
}

export type BudgetWhat = keyof Reports

/** One budget of a job, for every variant. */
export class Budget<W extends BudgetWhat> {
  readonly session: JobSession
  readonly #client = new BudgetClient()
  readonly #what: W
  #variantId = $state('')
  reports: Readonly<Record<string, Reports[W]>> = $state.raw({})
  figures: BudgetFigures | undefined = $state.raw(undefined)
  stopped: string | undefined = $state.raw(undefined)
  #asked = 0

  constructor(session: JobSession, what: W) {
    this.session = session
    this.#what = what
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
  readonly report: Reports[W] | undefined = $derived.by(() => this.reports[this.variantId])

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
        const report = (await this.#client[this.#what](job, id)) as Reports[W]
        if (this.#asked !== asked) return
        this.reports = { ...this.reports, [id]: report }
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
