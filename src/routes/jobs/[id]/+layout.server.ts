import { error } from '@sveltejs/kit'
import { NO_SUCH_JOB } from '$lib/server/answer'
import { storageSentence } from '$lib/server/faults'
import { jobs } from '$lib/server/store'
import type { LayoutServerLoad } from './$types'

export const load: LayoutServerLoad = async ({ params }) => {
  let found
  try {
    found = await (await jobs()).get(params.id)
  } catch (cause) {
    const storage = storageSentence(cause)
    if (storage === undefined) throw cause
    error(storage.status, storage.message)
  }
  if (found === undefined) error(404, NO_SUCH_JOB)
  return found
}
