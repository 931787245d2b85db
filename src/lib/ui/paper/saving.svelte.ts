import { untrack } from 'svelte'

/** A file that the server is writing: how long it has taken, what went wrong, and a way to stop it. */
export class Saving {
  what: string | undefined = $state(undefined)
  seconds = $state(0)
  fault = $state('')
  #stop: AbortController | undefined

  /** Fetches a file and hands it to the browser to be saved. */
  async save(what: string, href: string): Promise<void> {
    if (untrack(() => this.what) !== undefined) return
    this.what = what
    this.seconds = 0
    this.fault = ''
    const stop = (this.#stop = new AbortController())
    const clock = setInterval(() => (this.seconds += 1), 1000)
    try {
      const response = await fetch(href, { signal: stop.signal })
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
      this.what = undefined
    }
  }

  stop(): void {
    this.#stop?.abort()
  }
}
