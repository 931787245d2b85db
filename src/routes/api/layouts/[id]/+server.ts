import { json } from '@sveltejs/kit'
import { LAYOUTS } from '$lib/server/layouts'
import { refuse } from '$lib/server/http'
import type { RequestHandler } from './$types'

/** One of them, as the plan of a variant. */
export const GET: RequestHandler = ({ params }) => {
  const layout = LAYOUTS.find(({ id }) => id === params.id)
  return layout === undefined ? refuse(404, 'There is no such layout.') : json(layout.plan)
}
