import { json } from '@sveltejs/kit'
import { NO_SUCH_JOB, withPhotos } from '$lib/server/answer'
import { readBody, refuse, send } from '$lib/server/http'
import { encodePhoto, MOST_PHOTO_BYTES } from '$lib/server/photos/encode'
import { MOST_PHOTOS } from '$lib/server/photos/photo-repository'
import type { RequestHandler } from './$types'

/** Takes a photo in, as the bytes of its file: it is kept small and without what the camera wrote beside it. Answers its name. */
export const POST: RequestHandler = ({ params, request }) =>
  withPhotos(async (photos) => {
    const body = await readBody(request, MOST_PHOTO_BYTES)
    if (!body.ok) return send(body.reply)
    const encoded = await encodePhoto(body.value)
    if (!encoded.ok) return refuse(415, encoded.message)
    const { photo } = encoded
    const kept = await photos.keep(params.id, photo, new Date().toISOString())
    if (kept.ok) return json({ id: photo.id, widthPx: photo.widthPx, heightPx: photo.heightPx }, { status: 201 })
    return kept.why === 'no-job'
      ? refuse(404, NO_SUCH_JOB)
      : refuse(409, `This job has ${MOST_PHOTOS} photos, the most that a job can have: remove some first.`)
  })
