import { wrap, type Remote } from 'comlink'
import type { BriefWorker } from './brief-protocol'

/** Holds briefs against bodies and plans in a worker. */
export class BriefClient {
  readonly #worker: Worker
  readonly remote: Remote<BriefWorker>

  constructor() {
    this.#worker = new Worker(new URL('./brief.worker.ts', import.meta.url), { type: 'module' })
    this.remote = wrap<BriefWorker>(this.#worker)
  }

  close(): void {
    this.#worker.terminate()
  }
}
