import { apply, CommandError, diffsMeet, type Command, type Job, type Patch } from '$lib/core/job'
import { sayCommand } from '$lib/core/text'
import { newId } from './new-id'
import { PendingStore, type Sent } from './pending-store'
import { rebase, type Pending, type Rebased } from './rebase'

export type SaveState =
  { readonly kind: 'saved' } | { readonly kind: 'saving' } | { readonly kind: 'waiting'; readonly message: string }

interface Done {
  readonly what: string
  readonly redo: readonly Patch[]
  readonly undo: readonly Patch[]
}

interface Conflict {
  readonly mine: readonly Pending[]
  readonly mineWords: readonly string[]
  readonly theirWords: readonly string[]
}

type Entry = Sent & { readonly revision: number; readonly words: string }

const FLUSH_MS = 150
const RETRY_MS = [1000, 2000, 4000, 8000]
const MAX_SENT = 100
const MAX_WHAT = 40

/**
 * One job on one screen: the commands given here, undo and redo, and the saving of it all in the background.
 * `job` is what the person sees: the last state the server has confirmed and the commands that wait on top of it.
 */
export class JobSession {
  job: Job = $state.raw(null as unknown as Job)
  save: SaveState = $state.raw({ kind: 'saved' })
  conflict: Conflict | undefined = $state.raw(undefined)
  /** The last thing to tell the person, with a number so that the same words twice are told twice. */
  notice: { readonly text: string; readonly n: number } = $state.raw({ text: '', n: 0 })
  #undo: Done[] = $state.raw([])
  #redo: Done[] = $state.raw([])

  revision: number
  readonly id: string
  readonly #client = newId('tab')
  readonly #store: PendingStore
  readonly #channel: BroadcastChannel | undefined
  #confirmed: Job
  #pending: Pending[] = []
  /** Every uid that this tab ever sent: what comes back with one of these is our own. */
  // eslint-disable-next-line svelte/prefer-svelte-reactivity -- the screen never reads it
  readonly #own = new Set<string>()
  #flushing = false
  #timer: ReturnType<typeof setTimeout> | undefined
  #failures = 0

  constructor(id: string, job: Job, revision: number) {
    this.id = id
    this.job = job
    this.#confirmed = job
    this.revision = revision
    this.#store = new PendingStore(id, this.#client)
    this.#channel = typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel(`zimmerman ${id}`)
    this.#channel?.addEventListener('message', ({ data }: MessageEvent<{ revision: number }>) => {
      if (data.revision > this.revision) void this.pull()
    })
    for (const sent of this.#store.adopt()) this.#adopt(sent)
    if (this.#pending.length > 0) this.#schedule(0)
  }

  get canUndo(): boolean {
    return this.#undo.length > 0
  }
  get canRedo(): boolean {
    return this.#redo.length > 0
  }
  get undoWhat(): string {
    return this.#undo.at(-1)?.what ?? ''
  }
  get redoWhat(): string {
    return this.#redo.at(-1)?.what ?? ''
  }

  /** Gives a command. False, with a notice, when it does not fit. */
  do(command: Command): boolean {
    const what = sayCommand(command, this.job).slice(0, MAX_WHAT)
    const diff = this.#run(command)
    if (diff === undefined) return false
    if (diff.redo.length === 0) return true
    this.#undo = [...this.#undo, { what, redo: diff.redo, undo: diff.undo }]
    this.#redo = []
    return true
  }

  undo(): void {
    const last = this.#undo.at(-1)
    if (last === undefined) return
    this.#undo = this.#undo.slice(0, -1)
    const diff = this.#run({ type: 'diff', direction: 'undo', what: last.what, patches: [...last.undo] })
    if (diff !== undefined) this.#redo = [...this.#redo, last]
  }

  redo(): void {
    const last = this.#redo.at(-1)
    if (last === undefined) return
    this.#redo = this.#redo.slice(0, -1)
    const diff = this.#run({ type: 'diff', direction: 'redo', what: last.what, patches: [...last.redo] })
    if (diff !== undefined) this.#undo = [...this.#undo, last]
  }

  #run(command: Command): Pending['diff'] | undefined {
    try {
      const { job, diff } = apply(this.job, command)
      if (diff.redo.length === 0) return diff
      this.job = job
      const uid = newId('cmd') + Date.now().toString(36)
      this.#own.add(uid)
      this.#pending = [...this.#pending, { uid, command, diff }]
      this.#keep()
      this.#schedule(FLUSH_MS)
      return diff
    } catch (cause) {
      if (!(cause instanceof CommandError)) throw cause
      this.tell(`That could not be done: ${cause.message}.`)
      return undefined
    }
  }

  /** Takes over what an earlier tab left unsaved. */
  #adopt(sent: Sent): void {
    this.#own.add(sent.uid)
    try {
      const { job, diff } = apply(this.job, sent.command)
      this.job = job
      this.#pending = [...this.#pending, { ...sent, diff }]
    } catch {
      this.tell('Something that was not saved before no longer fits this job, and was left out.')
    }
  }

  tell(text: string): void {
    this.notice = { text, n: this.notice.n + 1 }
  }

  #keep(): void {
    if (!this.#store.keep(this.#pending))
      this.save = { kind: 'waiting', message: 'Not saved yet, and this browser has no room to keep it.' }
  }

  #schedule(ms: number): void {
    if (this.save.kind === 'saved') this.save = { kind: 'saving' }
    clearTimeout(this.#timer)
    this.#timer = setTimeout(() => void this.flush(), ms)
  }

  /** Sends what waits. Called by itself; also before leaving a page. */
  async flush(keepalive = false): Promise<void> {
    if (this.#flushing || this.conflict !== undefined) return
    if (this.#pending.length === 0) {
      this.save = { kind: 'saved' }
      return
    }
    this.#flushing = true
    const sending = this.#pending.slice(0, MAX_SENT)
    try {
      const response = await fetch(`/api/jobs/${this.id}/commands`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({
          base: this.revision,
          client: this.#client,
          commands: sending.map(({ uid, command }) => ({ uid, command })),
        }),
        keepalive,
      })
      const answer = (await response.json()) as { revision: number; since: Entry[]; uid: string; message: string }
      if (response.ok) this.#saved(sending, answer.revision)
      else if (response.status === 409) this.#meet(answer.since, answer.revision)
      else if (response.status === 422) this.#refused(answer.uid, answer.message)
      else this.#later(answer.message)
    } catch {
      this.#later('No connection: your work is kept in this browser and will be saved.')
    } finally {
      this.#flushing = false
    }
    if (this.#pending.length > 0 && this.#failures === 0 && this.conflict === undefined) this.#schedule(0)
  }

  #saved(sent: readonly Pending[], revision: number): void {
    for (const { command } of sent) this.#confirmed = apply(this.#confirmed, command).job
    // eslint-disable-next-line svelte/prefer-svelte-reactivity -- gone at the end of this call
    const done = new Set(sent.map(({ uid }) => uid))
    this.#pending = this.#pending.filter(({ uid }) => !done.has(uid))
    this.revision = revision
    this.#failures = 0
    this.#keep()
    if (this.#pending.length === 0) this.save = { kind: 'saved' }
    this.#channel?.postMessage({ revision })
  }

  #later(message: string): void {
    this.save = { kind: 'waiting', message }
    const wait = RETRY_MS[Math.min(this.#failures, RETRY_MS.length - 1)]!
    this.#failures += 1
    clearTimeout(this.#timer)
    this.#timer = setTimeout(() => void this.flush(), wait)
  }

  /** The server would not take one command: it goes, the rest stays, and the person is told. */
  #refused(uid: string, message: string): void {
    this.#pending = this.#pending.filter((one) => one.uid !== uid)
    this.#replay()
    this.tell(`One change could not be saved and was taken back: ${message}.`)
  }

  #replay(): void {
    const result = rebase(this.#confirmed, [], this.#pending, this.#own)
    this.#settle(result)
  }

  #meet(since: readonly Entry[], revision: number): void {
    const news = since.filter((entry) => entry.revision > this.revision)
    const result = rebase(this.#confirmed, news, this.#pending, this.#own)
    this.revision = revision
    this.#settle(result)
  }

  #settle({ confirmed, kept, contested, lost, foreign, foreignWords }: Rebased): void {
    this.#confirmed = confirmed
    this.#pending = [...kept]
    this.job = kept.reduce((job, { command }) => apply(job, command).job, confirmed)
    const clear = (done: Done) => !diffsMeet(done.redo, foreign)
    this.#undo = this.#undo.filter(clear)
    this.#redo = this.#redo.filter(clear)
    this.#failures = 0
    this.#keep()
    if (contested.length > 0) {
      this.conflict = {
        mine: contested,
        mineWords: contested.map(({ command }) => sayCommand(command, this.job)),
        theirWords: foreignWords,
      }
      this.save = { kind: 'waiting', message: 'Another window changed the same thing: choose which to keep.' }
    } else if (foreignWords.length > 0) {
      this.tell(`Another window: ${foreignWords.slice(-2).join('; ')}.`)
    }
    if (lost.length > 0) this.tell(`A change of yours no longer fits: ${lost[0]!.message}.`)
    if (this.conflict === undefined && this.#pending.length === 0) this.save = { kind: 'saved' }
  }

  /** Ends a conflict: own changes on top of theirs, or theirs alone. */
  decide(mine: boolean): void {
    const contested = this.conflict?.mine ?? []
    this.conflict = undefined
    if (mine) for (const { command } of contested) this.do(command)
    else this.tell('Kept what the other window did.')
    this.#schedule(0)
  }

  /** Fetches what others did. */
  async pull(): Promise<void> {
    if (this.#flushing || this.conflict !== undefined) return
    try {
      const response = await fetch(`/api/jobs/${this.id}/commands?since=${this.revision}`)
      if (!response.ok) return
      const { since } = (await response.json()) as { since: Entry[] }
      const newest = since.at(-1)?.revision ?? this.revision
      if (newest > this.revision && !this.#flushing) this.#meet(since, newest)
    } catch {
      return
    }
  }

  /** What a page does while it shows the job; gives back how to stop. */
  attach(): () => void {
    const seen = () => {
      if (document.visibilityState === 'visible') {
        void this.pull()
        void this.flush()
      } else void this.flush(true)
    }
    const leave = () => void this.flush(true)
    document.addEventListener('visibilitychange', seen)
    addEventListener('pagehide', leave)
    addEventListener('online', seen)
    return () => {
      document.removeEventListener('visibilitychange', seen)
      removeEventListener('pagehide', leave)
      removeEventListener('online', seen)
      void this.flush(true)
      this.#channel?.close()
    }
  }
}
