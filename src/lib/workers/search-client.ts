import type { Job } from '$lib/core/job'
import type { Finding, ProvenRemedy } from '$lib/core/review'
import { openEngine } from './open-engine'
import engineUrl from './search-engine?engine'
import type { SearchEngine } from './search-engine'

/** Searches for ways out in a worker of its own, opened with the first search: a review need not wait for it. */
export class SearchClient {
  #opened: ReturnType<typeof openEngine<SearchEngine>> | undefined

  async search(job: Job, variantId: string, finding: Finding): Promise<readonly ProvenRemedy[]> {
    this.#opened ??= openEngine<SearchEngine>(engineUrl)
    return this.#opened.remote.search(job, variantId, finding)
  }

  close(): void {
    this.#opened?.worker.terminate()
  }
}
