import { json } from '@sveltejs/kit'
import { NO_SUCH_MODULE, withModules } from '$lib/server/answer'
import { refuse } from '$lib/server/http'
import type { RequestHandler } from './$types'

/** A module as an open document, in its newest state or in the `revision` asked for. */
export const GET: RequestHandler = ({ params, url }) =>
  withModules(async (modules) => {
    const asked = url.searchParams.get('revision')
    const revision = asked === null ? undefined : Number(asked)
    if (revision !== undefined && !Number.isInteger(revision))
      return refuse(400, 'A revision is a whole number.', [
        { path: 'revision', message: `got “${asked!.slice(0, 20)}”` },
      ])
    const module = await modules.get(params.id, revision)
    if (module === undefined) return refuse(404, NO_SUCH_MODULE)
    const headers = { 'content-disposition': `attachment; filename="${module.id}.zimmerman-module.json"` }
    return json(module, url.searchParams.has('file') ? { headers } : {})
  })

export const DELETE: RequestHandler = ({ params }) =>
  withModules(async (modules) =>
    (await modules.remove(params.id)) ? json({ id: params.id }) : refuse(404, NO_SUCH_MODULE),
  )
