import { json } from '@sveltejs/kit'
import { withShop } from '$lib/server/answer'
import { readBody, refuse, send } from '$lib/server/http'
import { encodeMark, MOST_PHOTO_BYTES } from '$lib/server/photos/encode'
import type { RequestHandler } from './$types'

/** The mark of the shop, as a PNG file. */
export const GET: RequestHandler = () =>
  withShop(async (shop) => {
    const { mark } = await shop.paper()
    if (mark === undefined) return refuse(404, 'The paper of this shop has no mark.')
    return new Response(Uint8Array.from(mark.data), {
      headers: { 'content-type': 'image/png', 'cache-control': 'no-cache' },
    })
  })

/** Takes the mark in, as the bytes of a picture’s file. */
export const PUT: RequestHandler = ({ request }) =>
  withShop(async (shop) => {
    const body = await readBody(request, MOST_PHOTO_BYTES)
    if (!body.ok) return send(body.reply)
    const encoded = await encodeMark(body.value)
    if (!encoded.ok) return refuse(415, encoded.message)
    const { data, widthPx, heightPx } = encoded.photo
    await shop.keepPaper({ ...(await shop.paper()), mark: { data, widthPx, heightPx } }, new Date().toISOString())
    return json({ widthPx, heightPx })
  })

export const DELETE: RequestHandler = () =>
  withShop(async (shop) => {
    const { name, address } = await shop.paper()
    await shop.keepPaper({ name, address }, new Date().toISOString())
    return new Response(null, { status: 204 })
  })
