import { json } from '@sveltejs/kit'
import { withModules } from '$lib/server/answer'
import { readBody, send } from '$lib/server/http'
import { heavy } from '$lib/server/pool/pool'
import type { RequestHandler } from './$types'

/** The shop’s library of modules. */
export const GET: RequestHandler = () => withModules(async (modules) => json(await modules.list()))

/** A module in: kept as the first state of a new one, or as the next state of one that is there. */
export const POST: RequestHandler = ({ request }) =>
  withModules(async (modules) => {
    const body = await readBody(request)
    if (!body.ok) return send(body.reply)
    const read = await heavy('readNewModule', body.value)
    if (!read.ok) return send(read.reply)
    const revision = await modules.save(read.value, new Date().toISOString())
    return json({ id: read.value.id, revision }, { status: revision === 1 ? 201 : 200 })
  })
