import { work, type Engine, type TaskInput, type TaskName, type TaskOutput } from '../../src/lib/server/engine/tasks'

/** Works everything out in the test’s own thread, as the threads of the server do in theirs: what goes in and out is copied on the way. */
export const directEngine: Engine = async <K extends TaskName>(
  task: K,
  ...input: TaskInput<K>
): Promise<TaskOutput<K>> => structuredClone(await work(task, structuredClone(input)))
