import { readlinkSync } from 'node:fs'
import { setPriority } from 'node:os'
import { move, transferableSymbol, valueSymbol } from 'piscina'
import type { Reply } from './reply'
import { work, type TaskInput, type TaskName } from './tasks'

/** A thread for long work gives way to those that save and serve, where the system lets a thread do that. */
function giveWay(): void {
  try {
    // Linux counts threads as processes: “self/task/1234”
    const thread = Number(readlinkSync('/proc/thread-self').split('/').pop())
    setPriority(thread, Number(process.env.ZIMMERMAN_NICE))
  } catch {
    // elsewhere all are alike
  }
}
if (process.env.ZIMMERMAN_NICE !== undefined) giveWay()

/** What is longer is handed over as bytes, which need not be copied. */
const LONG = 16_384

const isReply = (value: unknown): value is Reply => typeof value === 'object' && value !== null && 'body' in value

/** An answer whose long body goes over to the thread that serves as it is: that one neither copies nor encodes it. */
function handedOver(value: unknown): unknown {
  const stored = typeof value === 'object' && value !== null && 'value' in value ? value.value : undefined
  const reply = isReply(value) ? value : isReply(stored) ? stored : undefined
  if (reply === undefined || reply.body.length < LONG) return value
  const body = typeof reply.body === 'string' ? new TextEncoder().encode(reply.body) : reply.body
  const answer = reply === value ? { ...reply, body } : { ok: true, value: { ...reply, body } }
  return move({ [transferableSymbol]: [body.buffer], [valueSymbol]: answer } as unknown as Parameters<typeof move>[0])
}

/** The entry of a thread: one task, from its name and input. */
export default async function run({
  task,
  input,
}: {
  readonly task: TaskName
  readonly input: TaskInput<TaskName>
}): Promise<unknown> {
  return handedOver(await work(task, input))
}
