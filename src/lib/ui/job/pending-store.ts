import { commandSchema, type Command } from '$lib/core/job'

export interface Sent {
  readonly uid: string
  readonly command: Command
}

const PREFIX = 'zimmerman pending'

/** Keeps what is not yet saved in the browser, so that a closed tab or a dead server loses nothing. */
export class PendingStore {
  readonly #jobId: string
  readonly #key: string

  constructor(jobId: string, client: string) {
    this.#jobId = jobId
    this.#key = `${PREFIX} ${jobId} ${client}`
  }

  /** Says false when the browser has no room or no leave to keep it. */
  keep(pending: readonly Sent[]): boolean {
    try {
      if (pending.length === 0) localStorage.removeItem(this.#key)
      else localStorage.setItem(this.#key, JSON.stringify(pending))
      return true
    } catch {
      return false
    }
  }

  /** What earlier tabs left unsaved for this job, taken over by this one; what cannot be read is left where it is. */
  adopt(): readonly Sent[] {
    const found: Sent[] = []
    for (const key of this.#keys()) {
      try {
        for (const entry of JSON.parse(localStorage.getItem(key) ?? '[]') as Sent[]) {
          const command = commandSchema.safeParse(entry.command)
          if (command.success && typeof entry.uid === 'string') found.push({ uid: entry.uid, command: command.data })
        }
        if (key !== this.#key) localStorage.removeItem(key)
      } catch {
        continue
      }
    }
    return found
  }

  #keys(): readonly string[] {
    try {
      return Object.keys(localStorage).filter((key) => key.startsWith(`${PREFIX} ${this.#jobId} `))
    } catch {
      return []
    }
  }
}
