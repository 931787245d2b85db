import { withPhotos } from '$lib/server/answer'
import { refuse } from '$lib/server/http'
import type { RequestHandler } from './$types'

/** A photo as it is kept. Its name is made of its bytes: it never changes. */
export const GET: RequestHandler = ({ params }) =>
  withPhotos(async (photos) => {
    const data = await photos.get(params.id, params.photo)
    if (data === undefined) return refuse(404, 'That photo is not stored here.')
    return new Response(Buffer.from(data), {
      headers: { 'content-type': 'image/jpeg', 'cache-control': 'private, max-age=31536000, immutable' },
    })
  })
