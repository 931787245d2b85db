import { json } from '@sveltejs/kit'
import { NO_SUCH_MODULE, withModules } from '$lib/server/answer'
import { refuse, sendDocument, wholeNumber } from '$lib/server/http'
import type { RequestHandler } from './$types'

/** A module as an open document, in its newest state or in the `revision` asked for. */
export const GET: RequestHandler = ({ params, url }) =>
  withModules(async (modules) => {
    const revision = wholeNumber(url, 'revision')
    if (!revision.ok) return revision.response
    const document = await modules.get(params.id, revision.value)
    if (document === undefined) return refuse(404, NO_SUCH_MODULE)
    const name = `${params.id.replace(/[^\w-]/g, '')}.zimmerman-module.json`
    return sendDocument(document, url.searchParams.has('file') ? `attachment; filename="${name}"` : undefined)
  })

export const DELETE: RequestHandler = ({ params }) =>
  withModules(async (modules) =>
    (await modules.remove(params.id)) ? json({ id: params.id }) : refuse(404, NO_SUCH_MODULE),
  )
