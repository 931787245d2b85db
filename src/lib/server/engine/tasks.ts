import { catalogueReply } from './catalogue'
import { compareReply, demandsReply } from './brief'
import { climateReply } from './climate'
import { pictureReply, templateReply } from './drawings'
import { answered, applySent, countStored, documentReply, readNewJob, readSent, renumbered } from './jobs'
import { documentAt, entriesOf, historyOf, packDocument, packLines, uidsIn } from './journal'
import { readNewModule } from './modules'
import { movesReply } from './moves'
import { drawReply, paperReply } from './paper'
import { powerReply } from './power'
import { reviewReply } from './review'
import { readShopRules } from './shop-rules'
import { spaceReply } from './space'
import { gasReply, waterReply } from './supplies'
import { weightReply } from './weight'

/**
 * All that is worked out off the thread that saves: plain data in, plain data out. The first few answer a body that came
 * with the request; the others work on what is stored.
 */
const TASKS = {
  review: reviewReply,
  space: spaceReply,
  weight: weightReply,
  power: powerReply,
  water: waterReply,
  gas: gasReply,
  climate: climateReply,
  moves: movesReply,
  draw: drawReply,
  demands: demandsReply,
  compare: compareReply,
  picture: (document: string, ...rest: Rest<typeof pictureReply>) =>
    answered(document, (job) => pictureReply(job, ...rest)),
  paper: async (document: string, ...rest: Rest<typeof paperReply>) => {
    const read = answered(document, (job) => job)
    return read.ok ? ({ ok: true, value: await paperReply(read.value, ...rest) } as const) : read
  },
  template: (document: string, ...rest: Rest<typeof templateReply>) =>
    answered(document, (job) => templateReply(job, ...rest)),
  document: documentReply,
  catalogue: catalogueReply,
  count: countStored,
  readNewJob,
  renumbered,
  readNewModule,
  readShopRules,
  readSent,
  applySent,
  entriesOf,
  uidsIn,
  historyOf,
  documentAt,
  packDocument,
  packLines,
} as const

type Rest<F extends (...all: never[]) => unknown> = F extends (first: never, ...rest: infer R) => unknown ? R : never

export type TaskName = keyof typeof TASKS
export type TaskInput<K extends TaskName> = Parameters<(typeof TASKS)[K]>
export type TaskOutput<K extends TaskName> = Awaited<ReturnType<(typeof TASKS)[K]>>

/** Something that works tasks out. */
export type Engine = <K extends TaskName>(task: K, ...input: TaskInput<K>) => Promise<TaskOutput<K>>

/** Works a task out in this thread. */
export async function work<K extends TaskName>(task: K, input: TaskInput<K>): Promise<TaskOutput<K>> {
  return await (TASKS[task] as unknown as (...all: TaskInput<K>) => Promise<TaskOutput<K>>)(...input)
}
