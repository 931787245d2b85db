import type { Cure, Found, PowerReport, PowerWeek } from '$lib/core/budgets'
import { variantsOf } from '$lib/core/job'
import { namesOf } from '$lib/core/text'
import type { Wiring } from '$lib/core/wiring'
import { BudgetClient, type BudgetFigures } from '$lib/workers/budget-client'
import type { JobSession } from '../job/job-session.svelte'
import { reasonOf } from '../parts/reason'

/** The sizes that would do, as far as they were looked for: how far it is, or what was found. */
export type Sizes = { readonly share: number } | { readonly found: readonly Found[] } | { readonly stopped: string }

/** How the year of a job’s power goes: every variant, and of the one shown a week, what would cure it, and the sizes that would do. */
export class Power {
  readonly session: JobSession
  readonly #client = new BudgetClient()
  /** The finder has a worker of its own, which is ended when the plan changes under it. */
  #finder: BudgetClient | undefined
  #variantId = $state('')
  reports: Readonly<Record<string, PowerReport>> = $state.raw({})
  cures: readonly Cure[] | undefined = $state.raw(undefined)
  week: PowerWeek | undefined = $state.raw(undefined)
  sizes: Sizes | undefined = $state.raw(undefined)
  wiring: Wiring | undefined = $state.raw(undefined)
  figures: BudgetFigures | undefined = $state.raw(undefined)
  /** First day of the week that somebody chose; the worst where nobody did. */
  #weekFrom: number | undefined = $state(undefined)
  stopped: string | undefined = $state.raw(undefined)
  #asked = 0

  constructor(session: JobSession) {
    this.session = session
  }

  close(): void {
    this.#client.close()
    this.#finder?.close()
  }

  readonly variants = $derived.by(() => variantsOf(this.session.job))
  readonly variantId: string = $derived.by(() =>
    this.session.job.variants[this.#variantId] === undefined ? this.variants[0]![0] : this.#variantId,
  )
  readonly plan = $derived.by(() => this.session.job.variants[this.variantId]!.plan)
  readonly names = $derived.by(() => namesOf(this.session.job, this.plan))
  readonly report: PowerReport | undefined = $derived.by(() => this.reports[this.variantId])
  readonly weekFrom: number = $derived.by(() => this.#weekFrom ?? this.report?.worstWeek ?? 0)
  readonly isWorstWeek = $derived.by(() => this.#weekFrom === undefined)

  showVariant(id: string): void {
    this.#variantId = id
  }
  showWeek(fromDay: number | undefined): void {
    this.#weekFrom = fromDay
  }

  /** Runs the year of every variant as it is now, that of the one shown first; call it whenever the job changes. */
  async look(): Promise<void> {
    const asked = (this.#asked += 1)
    this.#finder?.close()
    this.#finder = undefined
    const { job } = this.session
    const shown = this.variantId
    try {
      const report = await this.#client.power(job, shown)
      if (this.#asked !== asked) return
      this.reports = { ...this.reports, [shown]: report }
      this.stopped = undefined
      this.cures = await this.#client.cures(job, shown)
      if (this.#asked !== asked) return
      this.wiring = await this.#client.wiring(job, shown)
      if (this.#asked !== asked) return
      for (const [id] of variantsOf(job)) {
        if (id === shown) continue
        const other = await this.#client.power(job, id)
        if (this.#asked !== asked) return
        this.reports = { ...this.reports, [id]: other }
      }
      this.reports = Object.fromEntries(Object.entries(this.reports).filter(([id]) => job.variants[id] !== undefined))
      this.figures = await this.#client.figures(job, shown)
    } catch (cause) {
      if (this.#asked !== asked) return
      this.reports = {}
      this.week = undefined
      this.wiring = undefined
      this.stopped = reasonOf(cause)
      return
    }
    if (this.#asked === asked) await this.find()
  }

  /** The week that is shown, by the hour. */
  async lookAtWeek(): Promise<void> {
    const [job, id, from] = [this.session.job, this.variantId, this.weekFrom]
    const week = await this.#client.week(job, id, from).catch(() => undefined)
    if (this.session.job === job && this.variantId === id && this.weekFrom === from) this.week = week
  }

  /** Looks for the smallest sets that hold what was asked. */
  async find(): Promise<void> {
    const asked = this.#asked
    const finder = new BudgetClient()
    this.#finder?.close()
    this.#finder = finder
    this.sizes = { share: 0 }
    // how far it is comes by a way of its own, and may come after the answer
    let isDone = false
    try {
      const found = await finder.sets(this.session.job, this.variantId, (share) => {
        if (this.#asked === asked && this.#finder === finder && !isDone) this.sizes = { share }
      })
      isDone = true
      if (this.#asked === asked && this.#finder === finder) this.sizes = { found }
    } catch (cause) {
      if (this.#asked === asked && this.#finder === finder) this.sizes = { stopped: reasonOf(cause) }
    }
  }
}
