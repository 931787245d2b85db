import { error } from '@sveltejs/kit'
import { storageSentence } from './faults'
import { letGo } from './store'
import { UnreadableJob } from './storage-faults'

/** Shows what a page’s data could not be read for as a page of its own. @throws always. */
export async function pageFault(cause: unknown): Promise<never> {
  if (cause instanceof UnreadableJob) error(409, cause.message)
  const storage = storageSentence(cause)
  if (storage === undefined) throw cause
  letGo()
  error(storage.status, storage.message)
}
