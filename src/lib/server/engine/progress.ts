import { BroadcastChannel } from 'node:worker_threads'

/** What threads tell of long work, and the thread that serves hears. */
export const PROGRESS = 'zimmerman progress'

/** So much of some work is done. */
export interface Progress {
  /** What whoever asked calls this work. */
  readonly key: string
  readonly done: number
  readonly of: number
}

/** Tells how far a piece of work is, for those who ask by its key; without one nobody does. */
export function teller(key: string | undefined): {
  readonly tell: (done: number, of: number) => void
  readonly end: () => void
} {
  if (key === undefined) return { tell: () => undefined, end: () => undefined }
  const channel = new BroadcastChannel(PROGRESS)
  return {
    tell: (done, of) => channel.postMessage({ key, done, of } satisfies Progress),
    end: () => channel.close(),
  }
}
