import {
  apply,
  CommandError,
  commandSchema,
  diffsMeet,
  inParts,
  MOST_PATCHES,
  replay,
  told,
  wholeParts,
  type Applied,
  type Command,
  type Job,
} from '$lib/core/job'
import { capital, sayRefusal, sayTold } from '$lib/core/text'
import { NAMING, sayIssue } from '$lib/core/units'
import { linesSince } from './lines-since'
import { newId } from './new-id'
import { OLD_BASE, PendingStore, type Waiting } from './pending-store'
import { recalled, RECALLED_LINES, tabsBefore, type Done } from './recall'
import { rebase, type Entry, type Pending, type Rebased } from './rebase'

export type SaveState =
  { readonly kind: 'saved' } | { readonly kind: 'saving' } | { readonly kind: 'waiting'; readonly message: string }

/** Steps of a run that come no later than this after one another are undone as one. */
const RUN_MS = 2000
/** And so many patches at most. */
const RUN_PATCHES = 200

interface Conflict {
  readonly mine: readonly Pending[]
  readonly mineWords: readonly string[]
  readonly theirWords: readonly string[]
}

/** A change that was refused, and why; for the field that it came from. */
export interface Refusal {
  readonly command: Command
  readonly message: string
}

interface Answer {
  readonly revision: number
  readonly since: Entry[]
  readonly uid?: string
  readonly message: string
}

const FLUSH_MS = 150
const RETRY_MS = [1000, 2000, 4000, 8000]
const MAX_SENT = 100
/** A request holds no more than so many bytes; what goes out as a page closes is held to less by the browser. */
const MAX_BYTES = 2_000_000
const MAX_LEAVING_BYTES = 60_000
/** How long after another tab said that it goes its work is looked for. */
const AFTER_BYE_MS = 300

const KEPT = 'your work is kept in this browser and will be saved.'
const KEPT_UNTIL = 'Until then your work is kept in this browser.'
const NOT_KEPT = 'this browser cannot keep your work meanwhile: leave this page open.'

/**
 * One job on one screen: the commands given here, undo and redo, and the saving of it all in the background.
 * `job` is what the person sees: the last state the server has confirmed and the commands that wait on top of it.
 */
export class JobSession {
  job: Job = $state.raw(null as unknown as Job)
  save: SaveState = $state.raw({ kind: 'saved' })
  conflict: Conflict | undefined = $state.raw(undefined)
  /** The last change that was refused, until another is given. */
  refusal: Refusal | undefined = $state.raw(undefined)
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
  /** The last writes to the browser’s store, one after the other; false once one has failed. */
  #written: Promise<boolean> = Promise.resolve(true)
  #writing = 0
  #isKept = true
  #flushing = false
  #again = false
  /** Taken over and not yet looked at: the server could not be asked. */
  #left: readonly Waiting[] = []
  #most = MAX_SENT
  #timer: ReturnType<typeof setTimeout> | undefined
  #failures = 0
  /** The page is about to be read anew: nothing goes out any more. */
  #isLeaving = false

  constructor(id: string, job: Job, revision: number) {
    this.id = id
    this.job = job
    this.#confirmed = job
    this.revision = revision
    this.#store = new PendingStore(id, this.#client)
    this.#channel = typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel(`zimmerman ${id}`)
    this.#channel?.addEventListener('message', ({ data }: MessageEvent<{ revision?: number; bye?: true }>) => {
      if (data.bye === true) setTimeout(() => void this.takeOver(), AFTER_BYE_MS)
      else if ((data.revision ?? 0) > this.revision) void this.pull()
    })
  }

  get canUndo(): boolean {
    return this.#undo.length > 0
  }
  get canRedo(): boolean {
    return this.#redo.length > 0
  }
  get undoWhat(): string {
    return sayTold(this.#undo.at(-1)?.what ?? '', this.job.units)
  }
  get redoWhat(): string {
    return sayTold(this.#redo.at(-1)?.what ?? '', this.job.units)
  }

  /**
   * Gives a command; one too long for a request goes in parts, and is undone as one. Those of one `run` that follow each other quickly are
   * undone as one as well. False, with a notice, when it does not fit.
   */
  do(command: Command, run?: string): boolean {
    const what = told(command, this.job)
    const diff = this.#runAll(inParts(command))
    if (diff === undefined) return false
    if (diff.redo.length === 0) return true
    const at = Date.now()
    const last = this.#undo.at(-1)
    const goesOn =
      run !== undefined &&
      last?.run === run &&
      at - last.at <= RUN_MS &&
      last.redo.length < RUN_PATCHES &&
      this.#redo.length === 0
    const done: Done = {
      what,
      redo: goesOn ? [...last.redo, ...diff.redo] : diff.redo,
      undo: goesOn ? [...diff.undo, ...last.undo] : diff.undo,
      at,
      ...(run === undefined ? {} : { run }),
    }
    this.#undo = [...(goesOn ? this.#undo.slice(0, -1) : this.#undo), done]
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

  /** All parts or none, and the diff of them together. */
  #runAll(parts: readonly Command[]): Applied['diff'] | undefined {
    const [job, pending] = [this.job, this.#pending]
    const diffs: Applied['diff'][] = []
    for (const part of parts) {
      const diff = this.#run(part, false)
      if (diff === undefined) {
        this.job = job
        this.#pending = pending
        return undefined
      }
      diffs.push(diff)
    }
    this.#keepNew(this.#pending.slice(pending.length))
    const redo = diffs.flatMap(({ redo }) => redo)
    const undo = [...diffs].reverse().flatMap(({ undo }) => undo)
    // what is to be undone and done again as one must go as one
    return Math.max(redo.length, undo.length) > MOST_PATCHES ? wholeParts(job, this.job) : { redo, undo }
  }

  #run(command: Command, keep = true): Applied['diff'] | undefined {
    this.refusal = undefined
    const known = commandSchema.safeParse(command, NAMING)
    if (!known.success) {
      const issue = known.error.issues[0]!
      this.#refuse(command, `${issue.path.join('.')}: ${sayIssue(issue)}`)
      return undefined
    }
    try {
      const { job, diff } = apply(this.job, command)
      if (diff.redo.length === 0) return diff
      this.job = job
      const one: Pending = { uid: newId('cmd') + Date.now().toString(36), command, base: this.revision, diff }
      this.#own.add(one.uid)
      this.#pending = [...this.#pending, one]
      if (keep) this.#keepNew([one])
      return diff
    } catch (cause) {
      if (!(cause instanceof CommandError)) throw cause
      this.#refuse(command, sayRefusal(cause.refusal))
      return undefined
    }
  }

  #refuse(command: Command, message: string): void {
    this.refusal = { command, message }
    this.tell(`That could not be done: ${message}.`)
  }

  tell(text: string): void {
    this.notice = { text, n: this.notice.n + 1 }
  }

  #keepNew(pending: readonly Pending[]): void {
    if (pending.length === 0) return
    this.#write((store) => store.add(pending))
    this.#schedule(FLUSH_MS)
  }

  #write(work: (store: PendingStore) => Promise<void>): void {
    this.#writing += 1
    this.#written = this.#written.then(async () => {
      try {
        await work(this.#store)
        // what an earlier write could not keep goes in with the next that can
        if (!this.#isKept) await this.#store.add(this.#pending)
        this.#isKept = true
      } catch {
        this.#isKept = false
      }
      this.#writing -= 1
      return this.#isKept
    })
  }

  /** Whether closing the page now could lose work: it is neither saved nor kept. */
  get couldLose(): boolean {
    return this.#pending.length > 0 && (this.#writing > 0 || !this.#isKept)
  }

  /**
   * Takes over what tabs that are gone left unsaved: on top of what is there, each change held against what others did since it was
   * made. Called by itself.
   */
  async takeOver(): Promise<void> {
    if (this.#flushing || this.conflict !== undefined) return
    // nothing is sent meanwhile: what is taken over is put on top of what is confirmed
    this.#flushing = true
    try {
      const found = await this.#store.takeOver(() => this.#takeOverSoon())
      const known = [...this.#pending, ...this.#left].map(({ uid }) => uid)
      this.#left = [...this.#left, ...found.filter(({ uid }) => !known.includes(uid))]
      if (this.#left.length > 0) await this.#putOnTop()
    } catch {
      // the browser’s store or the server cannot be asked now: what waits there stays there
      if (this.#left.length > 0) await this.#later('What an earlier window left cannot be saved yet:')
    } finally {
      this.#rest()
    }
  }

  /** A tab that held some is gone. */
  #takeOverSoon(): void {
    if (this.#isLeaving || this.#store.isClosed) return
    // what is asked is answered first
    if (this.#flushing || this.conflict !== undefined) setTimeout(() => this.#takeOverSoon(), RETRY_MS[0])
    else void this.takeOver().then(() => this.flush())
  }

  async #putOnTop(): Promise<void> {
    const left = this.#left.map((one) => (one.base === OLD_BASE ? { ...one, base: this.revision } : one))
    const oldest = Math.min(this.revision, ...left.map(({ base }) => base))
    let [from, since]: [Job, readonly Entry[]] = [this.#confirmed, []]
    if (oldest < this.revision) {
      from = await this.#ask<Job>(`history/${oldest}`)
      since = (await linesSince(this.id, oldest)).since
      const newest = since.at(-1)?.revision ?? this.revision
      if (newest > this.revision) this.#meet(since, newest)
      // one question at a time: the other is asked when this one is answered
      if (this.conflict !== undefined) return
    }
    const confirmed = since.reduce((job, { command }) => replay(job, command).job, from)
    // what this tab did itself and has not saved yet came later than all of that
    const here = this.#pending.map(({ uid, command }): Entry => ({
      revision: Infinity,
      uid,
      command,
      words: sayTold(told(command, this.job), this.job.units),
    }))
    // eslint-disable-next-line svelte/prefer-svelte-reactivity -- gone at the end of this call
    const own = new Set(left.map(({ uid }) => uid))
    const result = rebase(from, [...since, ...here], left, own)
    for (const { uid } of left) this.#own.add(uid)
    this.#left = []
    const asked = result.contested.length > 0
    this.#settle(
      {
        ...result,
        confirmed,
        kept: [...this.#pending, ...result.kept],
        foreign: [],
        foreignWords: asked ? result.foreignWords : [],
      },
      left,
    )
    this.#schedule(0)
  }

  async #ask<T>(path: string): Promise<T> {
    const response = await fetch(`/api/jobs/${this.id}/${path}`)
    if (!response.ok) throw new Error(`the server answered ${response.status}`)
    return (await response.json()) as T
  }

  #schedule(ms: number): void {
    if (this.save.kind === 'saved') this.save = { kind: 'saving' }
    clearTimeout(this.#timer)
    this.#timer = setTimeout(() => void this.flush(), ms)
  }

  /** The first of what waits that go into one request. */
  #nextParts(leaving: boolean): readonly Pending[] {
    const sending: Pending[] = []
    let bytes = 0
    for (const one of this.#pending.slice(0, this.#most)) {
      bytes += JSON.stringify(one.command).length + 100
      if (bytes > (leaving ? MAX_LEAVING_BYTES : MAX_BYTES) && sending.length > 0) break
      sending.push(one)
    }
    return sending
  }

  /** After a reload: what this tab did before can be taken back still, and what it took back done again. Called by itself. */
  async recall(): Promise<void> {
    const tabs = tabsBefore(this.id, this.#client)
    if (tabs.length === 0) return
    const first = Math.max(0, this.revision - RECALLED_LINES)
    try {
      const [from, { since }] = await Promise.all([this.#ask<Job>(`history/${first}`), linesSince(this.id, first)])
      const { undo, redo } = recalled(from, since, tabs, this.#client)
      // what was done here meanwhile came later
      this.#undo = [...undo, ...this.#undo]
      if (this.#undo.length === undo.length) this.#redo = [...redo]
    } catch {
      // the undo begins anew: nothing else is lost
    }
  }

  /** Sends what waits. Called by itself; also before leaving a page. */
  async flush(leaving = false): Promise<void> {
    if (this.conflict !== undefined || this.#isLeaving) return
    if (this.#flushing) {
      this.#again = true
      return
    }
    if (this.#pending.length === 0) {
      if (this.#left.length === 0) this.save = { kind: 'saved' }
      return
    }
    this.#flushing = true
    const sending = this.#nextParts(leaving)
    try {
      const body = JSON.stringify({
        base: this.revision,
        client: this.#client,
        commands: sending.map(({ uid, command }) => ({ uid, command })),
      })
      const response = await fetch(`/api/jobs/${this.id}/commands`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body,
        keepalive: leaving && body.length <= MAX_LEAVING_BYTES,
      })
      const answer = (await response
        .json()
        .catch(() => ({ message: `The server answered ${response.status}.` }))) as Answer
      if (response.ok) this.#saved(sending, answer.revision)
      else if (response.status === 409 && answer.revision < this.revision) this.#wasPutBack()
      else if (response.status === 409 && Array.isArray(answer.since))
        await this.#meetAll(answer.since, answer.revision)
      else if (this.#isRefusal(response.status)) this.#refused(sending, answer)
      else if (response.status === 404)
        await this.#later('This job is no longer here; if it was deleted, put it back from the list of jobs:')
      else await this.#later(answer.message)
    } catch {
      await this.#later('No connection:')
    } finally {
      this.#rest()
    }
    if (this.#pending.length > 0 && this.#failures === 0 && this.conflict === undefined) this.#schedule(0)
  }

  /** Done with the server for now: who asked to send meanwhile is not forgotten. */
  #rest(): void {
    this.#flushing = false
    if (this.#again) this.#schedule(0)
    this.#again = false
  }

  /** Answers that mean the change itself, and not the moment: sending it again would change nothing. */
  #isRefusal(status: number): boolean {
    return status >= 400 && status < 500 && ![401, 403, 404, 408, 409, 425, 429].includes(status)
  }

  /** A copy was put back, and the job is older than this page knows it: it begins anew, and takes up what waits in the browser. */
  #wasPutBack(): void {
    this.#isLeaving = true
    this.save = {
      kind: 'waiting',
      message: `A copy of everything was put back: this page is loaded again, and ${KEPT}`,
    }
    void this.#written.then(() => globalThis.location?.reload())
  }

  #saved(sent: readonly Pending[], revision: number): void {
    for (const { command } of sent) this.#confirmed = apply(this.#confirmed, command).job
    this.#forget(sent)
    this.revision = revision
    this.#failures = 0
    this.#most = MAX_SENT
    if (this.#pending.length === 0) this.save = { kind: 'saved' }
    this.#channel?.postMessage({ revision })
  }

  #forget(those: readonly { readonly uid: string }[]): void {
    // eslint-disable-next-line svelte/prefer-svelte-reactivity -- gone at the end of this call
    const gone = new Set(those.map(({ uid }) => uid))
    this.#pending = this.#pending.filter(({ uid }) => !gone.has(uid))
    if (gone.size > 0) this.#write((store) => store.drop([...gone]))
  }

  /** Tries again later. What is said of the browser’s keeping is said once its disk has it. */
  async #later(why: string): Promise<void> {
    const wait = RETRY_MS[Math.min(this.#failures, RETRY_MS.length - 1)]!
    this.#failures += 1
    clearTimeout(this.#timer)
    this.#timer = setTimeout(() => void this.takeOver().then(() => this.flush()), wait)
    const kept = await this.#written
    if (this.#failures === 0) return
    const [here, nowhere] = why.endsWith(':') ? [KEPT, NOT_KEPT] : [KEPT_UNTIL, capital(NOT_KEPT)]
    this.save = { kind: 'waiting', message: `${why} ${kept ? here : nowhere}` }
  }

  /** The server would not take one command: it goes, with what rests on it; the rest stays, and the person is told. */
  #refused(sending: readonly Pending[], { uid, message }: Answer): void {
    const culprit = this.#pending.find((one) => one.uid === uid) ?? (sending.length === 1 ? sending[0] : undefined)
    if (culprit === undefined) {
      // which one it is was not said: they go one by one
      this.#most = 1
      this.#failures = 0
      return
    }
    const what = sayTold(told(culprit.command, this.#confirmed), this.job.units)
    this.#forget([culprit])
    const result = rebase(this.#confirmed, [], this.#pending, this.#own)
    this.#settle({ ...result, foreign: culprit.diff.redo, lost: [] })
    this.#most = MAX_SENT
    this.refusal = { command: culprit.command, message }
    const rested = result.lost.map(({ waiting }) => sayTold(told(waiting.command, this.#confirmed), this.job.units))
    this.tell(
      `Taken back, because it could not be saved: ${what} (${message}).${rested.length === 0 ? '' : ` With it went what rests on it: ${rested.join('; ')}.`}`,
    )
  }

  /** As `#meet`, where only the first part of what happened has come yet. */
  async #meetAll(first: readonly Entry[], revision: number): Promise<void> {
    const hasAll = (first.at(-1)?.revision ?? this.revision) >= revision
    const { since, revision: newest } = hasAll
      ? { since: first, revision }
      : await linesSince(this.id, this.revision, first)
    this.#meet(since, newest)
  }

  #meet(since: readonly Entry[], revision: number): void {
    const news = since.filter((entry) => entry.revision > this.revision)
    const result = rebase(this.#confirmed, news, this.#pending, this.#own)
    this.revision = Math.max(this.revision, revision)
    this.#settle(result)
  }

  /** `besides`: changes that were put to it and were not this tab’s own before. */
  #settle(
    { confirmed, kept, contested, lost, foreign, foreignWords }: Rebased,
    besides: readonly Waiting[] = [],
  ): void {
    const before = [...this.#pending, ...besides]
    this.#confirmed = confirmed
    // held against everything up to here: from now on they are made on this revision
    this.#pending = kept.map((one) => ({ ...one, base: this.revision }))
    this.job = kept.reduce((job, { command }) => apply(job, command).job, confirmed)
    const clear = (done: Done) => !diffsMeet(done.redo, foreign)
    this.#undo = this.#undo.filter(clear)
    this.#redo = this.#redo.filter(clear)
    this.#failures = 0
    // what waits for a choice stays in the browser as it was made, and is asked about again wherever it is next opened
    const stays = [...kept, ...contested].map(({ uid }) => uid)
    this.#write((store) => store.add(this.#pending))
    this.#forget(before.filter(({ uid }) => !stays.includes(uid)))
    if (contested.length > 0) {
      this.conflict = {
        mine: contested,
        mineWords: contested.map(({ command }) => sayTold(told(command, this.job), this.job.units)),
        theirWords: foreignWords,
      }
      this.save = { kind: 'waiting', message: 'Another window changed the same thing: choose which to keep.' }
    } else if (foreignWords.length > 0) {
      this.tell(`Another window: ${foreignWords.slice(-2).join('; ')}.`)
    }
    if (lost.length > 0) this.tell(`A change of yours no longer fits: ${sayRefusal(lost[0]!.refusal)}.`)
    if (this.conflict === undefined && this.#pending.length === 0) this.save = { kind: 'saved' }
  }

  /** Ends a conflict: own changes on top of theirs, or theirs alone. Until then the browser keeps both. */
  decide(mine: boolean): void {
    const contested = this.conflict?.mine ?? []
    this.conflict = undefined
    if (!mine) {
      this.#forget(contested)
      this.tell('Kept the other window’s change.')
    } else {
      for (const { uid, command } of contested)
        try {
          const { job, diff } = apply(this.job, command)
          this.job = job
          this.#pending = [...this.#pending, { uid, command, base: this.revision, diff }]
        } catch (cause) {
          if (!(cause instanceof CommandError)) throw cause
          this.#forget([{ uid }])
          this.#refuse(command, sayRefusal(cause.refusal))
        }
      this.#write((store) => store.add(this.#pending))
    }
    this.#schedule(0)
  }

  /** Fetches what others did. */
  async pull(): Promise<void> {
    if (this.#flushing || this.conflict !== undefined) return
    try {
      const { since, revision: newest } = await linesSince(this.id, this.revision)
      if (newest < this.revision) this.#wasPutBack()
      else if (newest > this.revision && !this.#flushing) this.#meet(since, newest)
    } catch {
      return
    }
  }

  /** What a page does while it shows the job; gives back how to stop. */
  attach(): () => void {
    void this.takeOver()
    void this.recall()
    const seen = () => {
      if (document.visibilityState === 'visible') {
        void this.pull()
        void this.takeOver().then(() => this.flush())
      } else void this.flush(true)
    }
    const leave = () => {
      void this.flush(true)
      if (this.#pending.length > 0) this.#channel?.postMessage({ bye: true })
    }
    const ask = (event: BeforeUnloadEvent) => {
      if (this.couldLose) event.preventDefault()
    }
    document.addEventListener('visibilitychange', seen)
    addEventListener('pagehide', leave)
    addEventListener('online', seen)
    addEventListener('beforeunload', ask)
    return () => {
      document.removeEventListener('visibilitychange', seen)
      removeEventListener('pagehide', leave)
      removeEventListener('online', seen)
      removeEventListener('beforeunload', ask)
      void this.flush(true).finally(() => {
        this.#store.close()
        if (this.#pending.length > 0) this.#channel?.postMessage({ bye: true })
        this.#channel?.close()
      })
    }
  }
}
