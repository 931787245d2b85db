import { error } from '@sveltejs/kit'
import { NO_SUCH_JOB } from '$lib/server/answer'
import { pageFault } from '$lib/server/page-fault'
import { jobs } from '$lib/server/store'
import type { LayoutServerLoad } from './$types'

export const load: LayoutServerLoad = async ({ params }) => {
  const found = await jobs()
    .then((repository) => repository.get(params.id))
    .catch(pageFault)
  if (found === undefined) error(404, NO_SUCH_JOB)
  return found
}
