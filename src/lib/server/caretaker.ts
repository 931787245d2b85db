import type { JobSummary } from '$lib/core/job'
import type { Copies } from './copies/copies'
import type { JobRepository } from './job-repository'
import { storageSentence } from './faults'
import { behind } from './pool/pool'

/** A job is looked after when it has been left alone for so long. */
const QUIET_MS = 2000
/** A job is packed at the latest after so many changes. */
const TIDY_EVERY = 1000
/** So often is looked whether a new day has begun. */
const TICK_MS = 600_000

/**
 * What is done when no one waits for it: open stops counted after each change, journals packed, what was deleted long ago
 * purged. Nothing here is lost when it is cut off: it is found undone at the next start.
 */
export class Caretaker {
  private readonly quiet = new Map<string, NodeJS.Timeout>()
  private readonly counting = new Map<string, Promise<JobSummary | undefined>>()
  /** At which revision each job was last packed in the midst of its changes. */
  private readonly tidied = new Map<string, number>()
  private closed = false
  private tick: NodeJS.Timeout | undefined
  private last: Promise<unknown> = Promise.resolve()

  constructor(
    private readonly jobs: JobRepository,
    private readonly copies: Copies,
    private readonly now: () => string,
  ) {}

  /** Looks for what an earlier run of the program left, and from then on for what each day asks. */
  async begin(): Promise<void> {
    this.#then(() => this.#day())
    this.tick = setInterval(() => this.#then(() => this.#day()), TICK_MS)
    this.tick.unref()
    for (const id of await this.jobs.untidy()) this.#then(() => this.#tidy(id))
    for (const id of await this.jobs.uncounted()) this.#then(() => this.count(id))
  }

  /** A job was changed, and has a revision now. */
  touched(id: string, revision: number): void {
    // one that is never left alone is packed all the same, before its lines take much room
    const tidied = this.tidied.get(id) ?? 0
    if (revision - tidied >= TIDY_EVERY) {
      this.tidied.set(id, revision)
      this.#then(() => this.#tidy(id))
    }
    clearTimeout(this.quiet.get(id))
    const timer = setTimeout(() => {
      this.quiet.delete(id)
      this.#then(() => this.count(id))
      this.#then(() => this.#tidy(id))
    }, QUIET_MS)
    timer.unref()
    this.quiet.set(id, timer)
  }

  /** The open stops of a job. One count of it at a time, whoever asked for it: it goes on for the others when one of them leaves. */
  count(id: string): Promise<JobSummary | undefined> {
    const known = this.counting.get(id)
    if (known !== undefined) return known
    const counted = this.jobs.count(id, behind).finally(() => this.counting.delete(id))
    this.counting.set(id, counted)
    return counted
  }

  /** What each day asks: a copy of everything, and an end of what was deleted long ago. */
  async #day(): Promise<void> {
    await this.copies.daily(this.now())
    await this.jobs.purge(this.now())
  }

  async #tidy(id: string): Promise<void> {
    while (!this.closed && (await this.jobs.tidy(id)));
  }

  /** One thing after the other. A fault of the disk is told to whoever saves next; here it ends only this one thing. */
  #then(work: () => Promise<unknown>): void {
    this.last = this.last
      .then(() => (this.closed ? undefined : work()))
      .catch((cause: unknown) => {
        if (!this.closed && storageSentence(cause) === undefined) console.error(cause)
      })
  }

  /** Begins nothing more; done when what it is at has ended. */
  async close(): Promise<void> {
    this.closed = true
    clearInterval(this.tick)
    for (const timer of this.quiet.values()) clearTimeout(timer)
    await this.last
  }

  /** Done when nothing waits; for tests. */
  async settled(): Promise<void> {
    await this.last
  }
}
