/** Too many wait already; how long it is sensible to wait before asking again. */
export class Busy extends Error {
  constructor(readonly retryAfterS: number) {
    super('busy')
  }
}

export interface TurnLimits {
  /** Pieces of work that run at once. */
  readonly running: number
  /** Pieces that wait, of all clients and of each. */
  readonly waiting: number
  readonly waitingEach: number
}

interface Waiting {
  readonly start: () => void
}

/** How long one piece usually takes, for the advice when to ask again. */
const USUAL_S = 1

/**
 * Lets work run in turns: each client has a queue of its own and they are taken round robin, so that a flood from one
 * keeps no other waiting for more than one piece. Work in the background runs only when no one else waits. What is
 * called off while it waits never starts.
 */
export class Turns {
  private readonly queues = new Map<string, Waiting[]>()
  private readonly behind: Waiting[] = []
  private running = 0
  private waiting = 0

  constructor(private readonly limits: TurnLimits) {}

  /** How many run, and how many wait. */
  get load(): { readonly running: number; readonly waiting: number } {
    return { running: this.running, waiting: this.waiting + this.behind.length }
  }

  /** @throws Busy when too many wait; the signal's reason when it is called off while it waits; what `work` throws. */
  async run<T>(turn: string, work: () => Promise<T>, signal?: AbortSignal): Promise<T> {
    signal?.throwIfAborted()
    if (this.running >= this.limits.running) {
      const queue = this.queues.get(turn) ?? []
      if (this.waiting >= this.limits.waiting || queue.length >= this.limits.waitingEach)
        throw new Busy(Math.ceil(((this.waiting + this.running) * USUAL_S) / this.limits.running))
      this.queues.set(turn, queue)
      await this.#wait(queue, signal, (by) => (this.waiting += by))
    } else this.running += 1
    return this.#through(work)
  }

  /** As `run`, after all that is asked for by someone, and never refused. */
  async runBehind<T>(work: () => Promise<T>): Promise<T> {
    if (this.running >= this.limits.running) await this.#wait(this.behind, undefined, () => undefined)
    else this.running += 1
    return this.#through(work)
  }

  async #through<T>(work: () => Promise<T>): Promise<T> {
    try {
      return await work()
    } finally {
      this.running -= 1
      this.#next()
    }
  }

  #wait(queue: Waiting[], signal: AbortSignal | undefined, count: (by: 1 | -1) => void): Promise<void> {
    return new Promise((resolve, reject) => {
      const off = (): void => {
        queue.splice(queue.indexOf(entry), 1)
        count(-1)
        reject(signal!.reason as Error)
      }
      const entry: Waiting = {
        start: () => {
          signal?.removeEventListener('abort', off)
          count(-1)
          this.running += 1
          resolve()
        },
      }
      queue.push(entry)
      count(1)
      signal?.addEventListener('abort', off, { once: true })
    })
  }

  #next(): void {
    for (const [turn, queue] of this.queues) {
      // taken out and put behind the others, or dropped when it has nothing left
      this.queues.delete(turn)
      const first = queue.shift()
      if (first === undefined) continue
      if (queue.length > 0) this.queues.set(turn, queue)
      first.start()
      return
    }
    this.behind.shift()?.start()
  }
}
