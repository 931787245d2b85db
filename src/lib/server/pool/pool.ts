import { existsSync } from 'node:fs'
import { availableParallelism } from 'node:os'
import path from 'node:path'
import { fileURLToPath } from 'node:url'
import { Piscina } from 'piscina'
import type { CopyWork } from '../copies/worker'
import type { Engine, TaskInput, TaskName, TaskOutput } from '../engine/tasks'
import { clientNow } from './client'
import { Turns, type TurnLimits } from './turns'

export interface PoolLimits extends TurnLimits {
  /** The longest that one answer may take in its thread, and the memory that it may use. */
  readonly longestMs: number
  readonly mostMb: number
  /** How far its threads give way to others, 0 to 19: see `engine/worker.ts`. */
  readonly nice?: number
}

/** An answer that takes longer is stopped; as it comes, three times what the largest accepted document takes here. */
export const LONGEST_MS = 1000 * (Number(process.env.ZIMMERMAN_LONGEST_S) || 15)
const EACH = { longestMs: LONGEST_MS, mostMb: 768 }
/** Answers that wait, of everyone and of each client. */
const HEAVY_WAITING = { waiting: 64, waitingEach: 12 }
/** Threads for what a save and an opening need: short work, which nothing heavy may stand before. */
const QUICK_THREADS = 2
const QUICK_WAITING = { waiting: 400, waitingEach: 100 }
/** What is larger is no short work. */
const LARGE_BYTES = 400_000

/** An answer took longer than it may, and was stopped. */
export class TookTooLong extends Error {}
/** An answer needed more memory than it may have, and was stopped. */
export class TooLarge extends Error {}
/** Who asked has gone. */
export class ClientLeft extends Error {}

/** The file that threads run: beside the build, or where ZIMMERMAN_ENGINE says. */
function threadFile(name: string): string {
  const built = process.env.ZIMMERMAN_ENGINE
  if (built !== undefined) return path.join(built, name)
  for (let folder = path.dirname(fileURLToPath(import.meta.url)); ; folder = path.dirname(folder)) {
    // beside the build; the development server runs from the sources, and takes what was built for it
    const file = ['engine', 'build/engine'].map((at) => path.join(folder, at, name)).find(existsSync)
    if (file !== undefined) return file
    if (path.dirname(folder) === folder) throw new Error(`engine/${name} is missing: build Zimmerman again`)
  }
}

/** Threads of one sort, and the turns in which they are used. */
export class Pool {
  private readonly threads: Piscina
  private readonly turns: Turns

  constructor(
    file: string,
    private readonly limits: PoolLimits,
  ) {
    this.threads = new Piscina({
      filename: file,
      minThreads: limits.running,
      maxThreads: limits.running,
      resourceLimits: { maxOldGenerationSizeMb: limits.mostMb },
      env: { ...process.env, ...(limits.nice === undefined ? {} : { ZIMMERMAN_NICE: String(limits.nice) }) },
    })
    // a thread whose answer was given up may still run out of memory while it is ended: nobody waits for it any more
    this.threads.on('error', (cause: unknown) => console.error(cause))
    this.turns = new Turns(limits)
  }

  get load(): Turns['load'] {
    return this.turns.load
  }

  ask<K extends TaskName>(task: K, input: TaskInput<K>, turn: string, left?: AbortSignal): Promise<TaskOutput<K>> {
    return this.turns
      .run(turn, () => this.#work(task, input, left), left)
      .catch((cause: unknown) => {
        throw left?.aborted === true ? new ClientLeft() : cause
      })
  }

  askBehind<K extends TaskName>(task: K, input: TaskInput<K>): Promise<TaskOutput<K>> {
    return this.turns.runBehind(() => this.#work(task, input))
  }

  async #work<K extends TaskName>(task: K, input: TaskInput<K>, left?: AbortSignal): Promise<TaskOutput<K>> {
    const limit = AbortSignal.timeout(this.limits.longestMs)
    try {
      return (await this.threads.run(
        { task, input },
        { signal: left === undefined ? limit : AbortSignal.any([limit, left]) },
      )) as TaskOutput<K>
    } catch (cause) {
      if (limit.aborted) throw new TookTooLong()
      if (cause instanceof Error && 'code' in cause && cause.code === 'ERR_WORKER_OUT_OF_MEMORY') throw new TooLarge()
      throw cause
    }
  }

  close(): Promise<void> {
    return this.threads.destroy()
  }
}

let pools: { readonly heavy: Pool; readonly quick: Pool } | undefined

/** The pools of this process, started on first use. */
function opened(): { readonly heavy: Pool; readonly quick: Pool } {
  const file = threadFile('worker.mjs')
  return (pools ??= {
    heavy: new Pool(file, { running: Math.max(1, availableParallelism() - 1), ...HEAVY_WAITING, ...EACH, nice: 15 }),
    quick: new Pool(file, { running: QUICK_THREADS, ...QUICK_WAITING, ...EACH }),
  })
}

/** Works out an answer that may take long, in its client’s turn. @throws Busy, TookTooLong, TooLarge, ClientLeft. */
export const heavy: Engine = (task, ...input) =>
  opened().heavy.ask(task, input, clientNow()?.turn ?? '', clientNow()?.left)

/** The same when no one else waits, and for no one in particular. */
export const behind: Engine = (task, ...input) => opened().heavy.askBehind(task, input)

/** Works out what a save or an opening needs, on threads of its own; it goes on though the client leaves. What is large waits with the heavy. */
export const quick: Engine = (task, ...input) =>
  input.some(isLarge)
    ? opened().heavy.ask(task, input, clientNow()?.turn ?? '')
    : opened().quick.ask(task, input, clientNow()?.turn ?? '')

const isLarge = (one: unknown): boolean =>
  (typeof one === 'string' && one.length > LARGE_BYTES) || (one instanceof Uint8Array && one.byteLength > LARGE_BYTES)

let copiers: Piscina | undefined

/** Reads or writes whole database files, one after the other, in a thread that is there only as long as it is needed. */
export async function copying<W extends keyof CopyWork>(
  work: W,
  ...input: Parameters<CopyWork[W]>
): Promise<ReturnType<CopyWork[W]>> {
  copiers ??= new Piscina({ filename: threadFile('copies.mjs'), minThreads: 0, maxThreads: 1, idleTimeout: 5000 })
  return (await copiers.run({ work, input })) as ReturnType<CopyWork[W]>
}
