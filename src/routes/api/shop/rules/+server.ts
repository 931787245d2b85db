import { json } from '@sveltejs/kit'
import { ownRulesSchema } from '$lib/core/job'
import { withShop } from '$lib/server/answer'
import { readJson } from '$lib/server/http'
import type { RequestHandler } from './$types'

/** What the shop asks of plans otherwise than the book of rules, for its new jobs. */
export const GET: RequestHandler = () => withShop(async (shop) => json(await shop.rules()))

export const PUT: RequestHandler = async ({ request }) => {
  const read = await readJson(request, ownRulesSchema)
  if (!read.ok) return read.response
  return withShop(async (shop) => {
    await shop.keepRules(read.value, new Date().toISOString())
    return json(await shop.rules())
  })
}
