import { json } from '@sveltejs/kit'
import { withModules } from '$lib/server/answer'
import type { RequestHandler } from './$types'

/** The states that a module has been saved in, newest first. */
export const GET: RequestHandler = ({ params }) =>
  withModules(async (modules) => json(await modules.revisions(params.id)))
