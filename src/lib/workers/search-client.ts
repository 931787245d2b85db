import type { Job } from '$lib/core/job'
import type { Finding } from '$lib/core/review'
import type { Searched } from '$lib/core/what-if'
import { EngineLink } from './engine-link'
import engineUrl from './search-engine?engine'
import type { SearchEngine } from './search-engine'

/** Searches for ways out in a worker of its own, opened with the first search: a review need not wait for it. */
export class SearchClient {
  readonly #link = new EngineLink<SearchEngine>(engineUrl)

  /** @throws EngineStopped where the engine gives no answer. */
  search(job: Job, variantId: string, finding: Finding): Promise<Searched> {
    return this.#link.ask(job, (remote, news) => remote.search(news, variantId, finding))
  }

  close(): void {
    this.#link.close()
  }
}
