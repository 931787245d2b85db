import type { Remote } from 'comlink'
import engineUrl from './brief-engine?engine'
import type { BriefEngine } from './brief-engine'
import { openEngine } from './open-engine'

/** Holds briefs against bodies and plans in a worker. */
export class BriefClient {
  readonly #opened = openEngine<BriefEngine>(engineUrl)

  get remote(): Remote<BriefEngine> {
    return this.#opened.remote
  }

  close(): void {
    this.#opened.worker.terminate()
  }
}
