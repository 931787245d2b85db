import { json } from '@sveltejs/kit'
import { moduleJsonSchema } from '$lib/core/module'
import type { RequestHandler } from './$types'

/** The published JSON Schema of a module. */
export const GET: RequestHandler = () =>
  json(moduleJsonSchema(), { headers: { 'content-type': 'application/schema+json' } })
