import { json } from '@sveltejs/kit'
import { LAYOUTS } from '$lib/server/layouts'
import type { RequestHandler } from './$types'

/** Plans to start from: which there are, and for which body. */
export const GET: RequestHandler = () =>
  json(LAYOUTS.map(({ id, name, shellId, shells, fittings }) => ({ id, name, shellId, shells, fittings })))
