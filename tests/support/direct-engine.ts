import { work, type Engine } from '../../src/lib/server/engine/tasks'

/** Works everything out in the test’s own thread, as the threads of the server do in theirs: what goes in and out is copied on the way. */
export const directEngine: Engine = async (task, ...input) => structuredClone(work(task, structuredClone(input)))
