import type { Job } from '$lib/core/job'
import type { Finding, ProvenRemedy } from '$lib/core/review'
import { openEngine } from './open-engine'
import type { SearchEngine } from './search-engine'

/** Searches for ways out in a worker of its own, opened with the first search: a review need not wait for it. */
export class SearchClient {
  #opened: Promise<ReturnType<typeof openEngine<SearchEngine>>> | undefined

  async search(job: Job, variantId: string, finding: Finding): Promise<readonly ProvenRemedy[]> {
    this.#opened ??= import('./search-engine').then(({ engineUrl }) => openEngine<SearchEngine>('search', engineUrl))
    const { remote } = await this.#opened
    return remote.search(job, variantId, finding)
  }

  close(): void {
    void this.#opened?.then(({ worker }) => worker.terminate())
  }
}
