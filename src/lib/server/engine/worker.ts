import { work, type TaskInput, type TaskName } from './tasks'

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
