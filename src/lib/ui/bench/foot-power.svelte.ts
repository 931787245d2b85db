import type { BudgetClient } from '$lib/workers/budget-client'
import type { Job } from '$lib/core/job'

/** How a year of power goes, as the foot of the bench says it. */
export interface FootPower {
  readonly darkDays: number
  readonly allowed: number
  /** What is left over what is kept back when the battery is at its lowest, as a share; below 0 something is shed. */
  readonly left: number
}

/** A year is run once a plan has rested for so long: while one draws the review comes first. */
const REST_MS = 1500

/** Runs the year of the variant on the bench once it rests, in a worker that is opened with the first that is charged. */
export class PowerAtRest {
  #client: BudgetClient | undefined
  #timer: ReturnType<typeof setTimeout> | undefined
  #asked = 0
  shown: FootPower | undefined = $state.raw(undefined)

  close(): void {
    this.#asked += 1
    clearTimeout(this.#timer)
    this.#client?.close()
  }

  /** Call it whenever the plan changes; `hasPower` says whether there is anything to run. */
  look(job: Job, variantId: string, hasPower: boolean): void {
    const asked = (this.#asked += 1)
    clearTimeout(this.#timer)
    if (!hasPower) {
      this.shown = undefined
      return
    }
    this.#timer = setTimeout(() => void this.#run(job, variantId, asked), REST_MS)
  }

  async #run(job: Job, variantId: string, asked: number): Promise<void> {
    if (this.#client === undefined) {
      const { BudgetClient } = await import('$lib/workers/budget-client')
      if (this.#asked !== asked) return
      this.#client = new BudgetClient()
    }
    // what the page Power says of an engine that has stopped is enough
    const report = await this.#client.power(job, variantId).catch(() => undefined)
    if (this.#asked !== asked) return
    this.shown =
      report === undefined || report.livedDays === 0
        ? undefined
        : { darkDays: report.darkDays.length, allowed: report.assumed.darkDays, left: report.lowest - report.keptAt }
  }
}
