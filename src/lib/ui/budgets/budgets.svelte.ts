import { byTightness, type Held, type LimitId, type WeightReport } from '$lib/core/budgets'
import { modesOf, planInterior, variantsOf, type Loading, type Weighing } from '$lib/core/job'
import { buildScene, type Scene } from '$lib/core/scene'
import { namesOf } from '$lib/core/text'
import type { WeightHelp } from '$lib/core/what-if'
import { BudgetClient, type BudgetFigures } from '$lib/workers/budget-client'
import type { JobSession } from '../job/job-session.svelte'
import { newId } from '../job/new-id'
import { today } from '../parts/days'
import { reasonOf } from '../parts/reason'
import { loadingNamed, type LoadingName } from './loadings'

/** What would help a limit, as far as it was looked for. */
export interface Helps {
  readonly limit: LimitId
  readonly found: readonly WeightHelp[] | 'searching'
}

/** A weighing, and what it says of the plan. */
export interface Weighed {
  readonly id: string
  readonly weighing: Weighing
  readonly held: Held | undefined
}

/** What is summed of a job: its variants in one loading, the weighings, what would help. */
export class Budgets {
  readonly session: JobSession
  readonly #client = new BudgetClient()
  #variantId = $state('')
  loadingName: LoadingName = $state('out')
  /** Of the loading of an evening: which, from the morning on which all is full; 0 is the first. */
  evening = $state(0)
  #modeId: string | undefined = $state(undefined)
  reports: Readonly<Record<string, WeightReport>> = $state.raw({})
  held: Readonly<Record<string, Held>> = $state.raw({})
  /** What each budget says of the variant, in a word. */
  figures: BudgetFigures | undefined = $state.raw(undefined)
  #chosen: LimitId | undefined = $state(undefined)
  helps: Helps | undefined = $state.raw(undefined)
  #asked = 0
  /** Why the sums have stopped, where they have. */
  stopped: string | undefined = $state.raw(undefined)

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
  readonly modes = $derived.by(() => modesOf(this.plan))
  readonly names = $derived.by(() => namesOf(this.session.job, this.plan))
  readonly report: WeightReport | undefined = $derived.by(() => this.reports[this.variantId])
  readonly modeId: string | undefined = $derived.by(() =>
    this.#modeId !== undefined && this.plan.modes[this.#modeId] !== undefined ? this.#modeId : this.report?.modeId,
  )
  readonly limit = $derived.by(() => {
    const limits = this.report?.limits ?? []
    const ratings = byTightness(limits).filter(({ id }) => id === 'front' || id === 'rear')
    return limits.find(({ id }) => id === this.#chosen) ?? ratings[0] ?? limits[0]
  })
  readonly scene: Scene | undefined = $derived.by(() => {
    const { shell } = this.session.job
    return this.report === undefined || this.plan.modes[this.report.modeId] === undefined
      ? undefined
      : buildScene(planInterior(shell, this.plan), this.plan, this.report.modeId)
  })
  readonly weighings: readonly Weighed[] = $derived.by(() =>
    Object.entries(this.session.job.weight?.weighings ?? {})
      .map(([id, weighing]) => ({ id, weighing, held: this.held[id] }))
      .sort((a, b) => b.weighing.on.localeCompare(a.weighing.on)),
  )

  /** Sums every variant of the job as it is now, the one that is shown first; call it whenever the job or the loading changes. */
  async look(): Promise<void> {
    try {
      await this.#look()
      this.stopped = undefined
    } catch (cause) {
      // what was summed before is of another plan
      this.reports = {}
      this.held = {}
      this.stopped = reasonOf(cause)
    }
  }

  async #look(): Promise<void> {
    const asked = (this.#asked += 1)
    const { job } = this.session
    const mode = this.#modeId
    const [name, evening] = [this.loadingName, this.evening]
    const ids = variantsOf(job).map(([id]) => id)
    for (const id of [this.variantId, ...ids.filter((other) => other !== this.variantId)]) {
      const all = await this.#client.weight(job, id)
      const { modes } = job.variants[id]!.plan
      const at = mode !== undefined && modes[mode] !== undefined ? mode : undefined
      const days = name === 'evening' ? (await this.#client.water(job, id)).days : []
      const loading = loadingNamed(name, at, all.entries, days[evening]?.tanks)
      const report = name === 'out' && at === undefined ? all : await this.#client.weight(job, id, loading)
      if (this.#asked !== asked) return
      this.reports = {
        ...Object.fromEntries(Object.entries(this.reports).filter(([known]) => job.variants[known] !== undefined)),
        [id]: report,
      }
    }
    const held: Record<string, Held> = {}
    for (const [id, weighing] of Object.entries(job.weight?.weighings ?? {})) {
      if (job.variants[weighing.variant] === undefined) continue
      held[id] = await this.#client.held(job, weighing)
      if (this.#asked !== asked) return
    }
    this.held = held
    const figures = await this.#client.figures(job, this.variantId)
    if (this.#asked === asked) this.figures = figures
  }

  /** Searches for moves that leave more on a limit. */
  async help(limit: LimitId): Promise<void> {
    const { job } = this.session
    this.helps = { limit, found: 'searching' }
    const found = await this.#client.helps(job, this.variantId, limit).catch(() => [])
    if (this.session.job === job && this.helps?.limit === limit) this.helps = { limit, found }
    else if (this.helps?.found === 'searching' && this.helps.limit === limit) this.helps = undefined
  }

  take({ remedy }: WeightHelp): boolean {
    this.helps = undefined
    return this.session.do({ type: 'batch', what: 'remedy', commands: [...remedy.commands] })
  }

  choose(limit: LimitId): void {
    this.#chosen = limit
    this.helps = undefined
  }

  showVariant(id: string): void {
    this.#variantId = id
    this.helps = undefined
  }

  showMode(id: string): void {
    this.#modeId = id
  }

  /** The entries of the ledger in a loading, for a weighing that is being entered. */
  async entriesIn(loading: Loading): Promise<WeightReport> {
    return this.#client.weight(this.session.job, this.variantId, loading)
  }

  /** Keeps a reading with what the plan had in the vehicle at that moment. */
  async weigh(
    reading: Pick<Weighing, 'padsKg' | 'axlesKg' | 'totalKg' | 'slackKg' | 'from'>,
    loading: Loading,
    on = today(),
  ) {
    const plannedKg = await this.#client.planned(this.session.job, this.variantId, loading)
    const id = newId('weighing')
    const taken = this.session.do({
      type: 'weighing.put',
      id,
      weighing: { ...reading, on, variant: this.variantId, loading, plannedKg },
    })
    return taken ? id : undefined
  }
}
