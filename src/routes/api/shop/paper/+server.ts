import { json } from '@sveltejs/kit'
import { withShop } from '$lib/server/answer'
import { readShopPaper } from '$lib/server/engine/shop-paper'
import { readBody, send } from '$lib/server/http'
import type { ShopRepository } from '$lib/server/shop-repository'
import type { RequestHandler } from './$types'

const answered = async (shop: ShopRepository): Promise<Response> => {
  const { name, address, mark } = await shop.paper()
  return json({
    name,
    address,
    ...(mark === undefined ? {} : { mark: { widthPx: mark.widthPx, heightPx: mark.heightPx } }),
  })
}

/** The head of the shop’s paper: its name and address, and how large its mark is. */
export const GET: RequestHandler = () => withShop(answered)

/** Sets name and address; the mark stays. */
export const PUT: RequestHandler = ({ request }) =>
  withShop(async (shop) => {
    const body = await readBody(request)
    if (!body.ok) return send(body.reply)
    const read = readShopPaper(body.value)
    if (!read.ok) return send(read.reply)
    const { mark } = await shop.paper()
    await shop.keepPaper({ ...read.value, mark }, new Date().toISOString())
    return answered(shop)
  })
