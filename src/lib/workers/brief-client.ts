import type { Remote } from 'comlink'
import type { BriefEngine } from './brief-engine'
import { openEngine } from './open-engine'

/** Holds briefs against bodies and plans in a worker. */
export class BriefClient {
  readonly #opened = import('./brief-engine').then(({ engineUrl }) => openEngine<BriefEngine>('brief', engineUrl))

  get remote(): Promise<Remote<BriefEngine>> {
    return this.#opened.then(({ remote }) => remote)
  }

  close(): void {
    void this.#opened.then(({ worker }) => worker.terminate())
  }
}
