import { json } from '@sveltejs/kit'
import { sendCopied } from '$lib/server/copies/answer'
import { COPY_FAULTS } from '$lib/server/copies/facts'
import { copies } from '$lib/server/store'
import type { RequestHandler } from './$types'

/** The copies of all that is stored, newest first, and why the last daily one could not be made. */
export const GET: RequestHandler = () =>
  json({ copies: copies.list(), fault: copies.fault === undefined ? null : COPY_FAULTS[copies.fault] })

/** Makes a copy of all that is stored now, while it is in use. */
export const POST: RequestHandler = async () => sendCopied(await copies.make('asked', new Date().toISOString()), 201)
