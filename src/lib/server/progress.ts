import { BroadcastChannel } from 'node:worker_threads'
import { PROGRESS, type Progress } from './engine/progress'

/** Of so much work the last word is kept. */
const MOST_KEPT = 200

let heard: Map<string, Progress> | undefined

/** What the threads have told of their work so far; from the first question on it is listened to. */
function listening(): Map<string, Progress> {
  if (heard !== undefined) return heard
  const kept = (heard = new Map<string, Progress>())
  const channel = new BroadcastChannel(PROGRESS)
  // nobody stays awake for it
  channel.unref()
  channel.onmessage = (event: unknown) => {
    const { data } = event as { data: Progress }
    kept.delete(data.key)
    kept.set(data.key, data)
    const [oldest] = kept.keys()
    if (kept.size > MOST_KEPT && oldest !== undefined) kept.delete(oldest)
  }
  return kept
}

/** How far a piece of work is, by its key; undefined where nothing was told of it yet. */
export const progressOf = (key: string): Progress | undefined => listening().get(key)
