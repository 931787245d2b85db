import { json } from '@sveltejs/kit'
import { withShop } from '$lib/server/answer'
import { readBody, send } from '$lib/server/http'
import { quick } from '$lib/server/pool/pool'
import type { RequestHandler } from './$types'

/** What the shop asks of plans otherwise than the book of rules, for its new jobs. */
export const GET: RequestHandler = () => withShop(async (shop) => json(await shop.rules()))

export const PUT: RequestHandler = ({ request }) =>
  withShop(async (shop) => {
    const body = await readBody(request)
    if (!body.ok) return send(body.reply)
    const read = await quick('readShopRules', body.value)
    if (!read.ok) return send(read.reply)
    await shop.keepRules(read.value, new Date().toISOString())
    return json(await shop.rules())
  })
