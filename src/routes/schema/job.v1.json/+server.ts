import { json } from '@sveltejs/kit'
import { jobJsonSchema } from '$lib/core/job'
import type { RequestHandler } from './$types'

/** The published JSON Schema of the open document. */
export const GET: RequestHandler = () =>
  json(jobJsonSchema(), { headers: { 'content-type': 'application/schema+json' } })
