import { pageFault } from '$lib/server/page-fault'
import { jobs } from '$lib/server/store'
import type { PageServerLoad } from './$types'

export const load: PageServerLoad = async ({ depends, locals }) => {
  depends('zimmerman:jobs')
  try {
    const repository = await jobs()
    return { jobs: await repository.list(), deleted: await repository.listDeleted(), who: locals.who }
  } catch (cause) {
    return pageFault(cause)
  }
}
