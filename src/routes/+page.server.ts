import { error } from '@sveltejs/kit'
import { storageSentence } from '$lib/server/faults'
import { jobs } from '$lib/server/store'
import type { PageServerLoad } from './$types'

export const load: PageServerLoad = async ({ depends }) => {
  depends('zimmerman:jobs')
  try {
    const repository = await jobs()
    return { jobs: await repository.list(), deleted: await repository.listDeleted() }
  } catch (cause) {
    const storage = storageSentence(cause)
    if (storage === undefined) throw cause
    error(storage.status, storage.message)
  }
}
