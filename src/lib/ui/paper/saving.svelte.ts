import { untrack } from 'svelte'
import { newId } from '../job/new-id'

const ASK_MS = 350

/** A file that the server is writing: how long it has taken, what went wrong, and a way to stop it. */
export class Saving {
  what: string | undefined = $state(undefined)
  seconds = $state(0)
  /** How many sheets of a PDF are written, once that is known. */
  written: { readonly done: number; readonly of: number } = $state.raw({ done: 0, of: 0 })
  fault = $state('')
  #stop: AbortController | undefined

  /** Fetches a file and hands it to the browser to be saved. */
  async save(what: string, href: string): Promise<void> {
    if (untrack(() => this.what) !== undefined) return
    this.what = what
    this.seconds = 0
    this.written = { done: 0, of: 0 }
    this.fault = ''
    const key = newId('pdf')
    const stop = (this.#stop = new AbortController())
    const clock = setInterval(() => (this.seconds += 1), 1000)
    const asking = setInterval(() => void this.#ask(key, stop.signal), ASK_MS)
    try {
      const response = await fetch(`${href}&key=${key}`, { signal: stop.signal })
      if (!response.ok) {
        const { message } = (await response.json()) as { message?: string }
        this.fault = message ?? 'That did not work.'
        return
      }
      const named = /filename="([^"]+)"/.exec(response.headers.get('content-disposition') ?? '')?.[1]
      const url = URL.createObjectURL(await response.blob())
      const link = document.createElement('a')
      link.href = url
      link.download = named ?? 'sheets'
      link.click()
      setTimeout(() => URL.revokeObjectURL(url), 10_000)
    } catch {
      if (!stop.signal.aborted) this.fault = 'No connection to Zimmerman: the sheets can still be printed from here.'
    } finally {
      clearInterval(clock)
      clearInterval(asking)
      this.what = undefined
    }
  }

  async #ask(key: string, signal: AbortSignal): Promise<void> {
    // whoever waits without a connection learns it from the file itself
    const answer = await fetch(`/api/progress?key=${key}`, { signal }).catch(() => undefined)
    if (answer?.ok === true) this.written = (await answer.json()) as { done: number; of: number }
  }

  stop(): void {
    this.#stop?.abort()
  }
}
