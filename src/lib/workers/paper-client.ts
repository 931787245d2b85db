import { proxy } from 'comlink'
import type { Job } from '$lib/core/job'
import type { Asked, PaperKind, Pictures } from '$lib/core/paper'
import { EngineLink } from './engine-link'
import engineUrl from './paper-engine?engine'
import type { PaperEngine, Shown } from './paper-engine'

export type { Shown } from './paper-engine'

/** A set of many sheets takes its time on a slow machine. */
const LONGEST_MS = 120_000

/** Sets sheets in a worker. */
export class PaperClient {
  readonly #link = new EngineLink<PaperEngine>(engineUrl, LONGEST_MS)

  /**
   * What of the job could not be set, in sentences; the sheets come one by one before that.
   * @throws EngineStopped where the engine gives no answer.
   */
  sheets(
    job: Job,
    kind: PaperKind,
    asked: Omit<Asked, 'job'>,
    pictures: Pictures,
    onsheet: (sheet: Shown, index: number, of: number) => void,
  ): Promise<readonly string[]> {
    return this.#link.ask(job, (remote, news) =>
      remote.sheets(
        news,
        kind,
        asked,
        pictures,
        proxy((sheet: Shown, index: number, of: number) => Promise.resolve(onsheet(sheet, index, of))),
      ),
    )
  }

  close(): void {
    this.#link.close()
  }
}
