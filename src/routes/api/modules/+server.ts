import { json } from '@sveltejs/kit'
import { withModules } from '$lib/server/answer'
import { readModule } from '$lib/server/http'
import type { RequestHandler } from './$types'

/** The shop’s library of modules. */
export const GET: RequestHandler = () => withModules(async (modules) => json(await modules.list()))

/** A module in: kept as the first state of a new one, or as the next state of one that is there. */
export const POST: RequestHandler = async ({ request }) => {
  const read = await readModule(request)
  if (!read.ok) return read.response
  const module = read.value
  return withModules(async (modules) => {
    const revision = await modules.save(module, new Date().toISOString())
    return json({ id: module.id, revision }, { status: revision === 1 ? 201 : 200 })
  })
}
