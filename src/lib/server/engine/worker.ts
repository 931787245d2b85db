import { readlinkSync } from 'node:fs'
import { setPriority } from 'node:os'
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

/** The entry of a thread: one task, from its name and input. */
export default function run({
  task,
  input,
}: {
  readonly task: TaskName
  readonly input: TaskInput<TaskName>
}): unknown {
  return work(task, input)
}
