import type { Remote } from 'comlink'
import type { Job } from '$lib/core/job'
import { openEngine } from './open-engine'
import { doesNotFit, Teller, type News } from './protocol'

/** An engine that gave no answer: it threw, its worker failed, or it took too long. It is started anew with the next question. */
export class EngineStopped extends Error {
  override readonly name = 'EngineStopped'
}

/** What takes longer is taken for dead. */
const LONGEST_MS = 30_000

/** The page’s link to an engine in a worker: opened with the first question, told of the job, started anew where it stops. */
export class EngineLink<T> {
  readonly #url: string
  readonly #longestMs: number
  readonly #teller = new Teller()
  #opened: ReturnType<typeof openEngine<T>> | undefined
  #isClosed = false
  /** Rejects when the worker itself fails, or is ended. */
  #failed: Promise<never> | undefined
  #fail: (cause: Error) => void = () => undefined

  constructor(url: string, longestMs = LONGEST_MS) {
    this.#url = url
    this.#longestMs = longestMs
  }

  /**
   * Asks the engine something about a job.
   * @throws EngineStopped where it gives no answer; the worker has been ended then.
   */
  async ask<R>(job: Job, question: (remote: Remote<T>, news: News) => Promise<R>): Promise<R> {
    if (this.#isClosed) throw new EngineStopped('it was ended')
    try {
      return await this.#once(question, job)
    } catch (cause) {
      if (!doesNotFit(cause)) throw this.#stopped(cause)
    }
    // it holds another state than was thought: once more, with the whole
    this.#teller.forget()
    try {
      return await this.#once(question, job)
    } catch (cause) {
      throw this.#stopped(cause)
    }
  }

  async #once<R>(question: (remote: Remote<T>, news: News) => Promise<R>, job: Job): Promise<R> {
    const { remote } = this.#open()
    let timer: ReturnType<typeof setTimeout> | undefined
    const tooLong = new Promise<never>((_, reject) => {
      timer = setTimeout(() => reject(new Error('it gave no answer')), this.#longestMs)
    })
    try {
      const answers = [question(remote, this.#teller.tell(job)), tooLong]
      return await Promise.race(this.#failed === undefined ? answers : [...answers, this.#failed])
    } finally {
      clearTimeout(timer)
    }
  }

  #open(): ReturnType<typeof openEngine<T>> {
    if (this.#opened === undefined) {
      this.#opened = openEngine<T>(this.#url)
      const { worker } = this.#opened
      this.#failed = new Promise<never>((_, reject) => (this.#fail = reject))
      worker.addEventListener('error', (event) => {
        event.preventDefault()
        this.#fail(new Error(event.message || 'it could not be started'))
      })
      // one that nobody waits for just then is no error of its own
      this.#failed.catch(() => undefined)
    }
    return this.#opened
  }

  #stopped(cause: unknown): EngineStopped {
    this.#end()
    const message = cause instanceof Error ? cause.message : String(cause)
    // what a browser says before the message, and what ends it: it is put into a sentence
    return new EngineStopped(message.replace(/^Uncaught (\w*Error: )?/, '').replace(/\.$/, ''))
  }

  /** Ends the worker for good. */
  close(): void {
    this.#isClosed = true
    this.#end()
  }

  /** Ends the worker; the next question opens another, which is told the whole job. */
  #end(): void {
    this.#opened?.worker.terminate()
    this.#opened = undefined
    // whoever still waits for it need wait no longer
    this.#fail(new Error('it was ended'))
    this.#failed = undefined
    this.#teller.forget()
  }
}
