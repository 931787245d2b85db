import { json } from '@sveltejs/kit'
import { ownRulesSchema } from '$lib/core/job'
import { withShop } from '$lib/server/answer'
import { settingFaults } from '$lib/core/review'
import { readJson, refuse } from '$lib/server/http'
import type { RequestHandler } from './$types'

/** What the shop asks of plans otherwise than the book of rules, for its new jobs. */
export const GET: RequestHandler = () => withShop(async (shop) => json(await shop.rules()))

export const PUT: RequestHandler = async ({ request }) => {
  const read = await readJson(request, ownRulesSchema)
  if (!read.ok) return read.response
  const faults = settingFaults(read.value)
  if (faults.length > 0) return refuse(422, 'These rules cannot be kept as they are.', faults)
  return withShop(async (shop) => {
    await shop.keepRules(read.value, new Date().toISOString())
    return json(await shop.rules())
  })
}
