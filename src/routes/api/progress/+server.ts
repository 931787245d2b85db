import { json } from '@sveltejs/kit'
import { progressOf } from '$lib/server/progress'
import type { RequestHandler } from './$types'

/** How far the sheets of a PDF are that somebody waits for, by the `key` that they asked for them with: done, of how many; 0 of 0 before the first. */
export const GET: RequestHandler = ({ url }) => {
  const { done = 0, of = 0 } = progressOf(url.searchParams.get('key') ?? '') ?? {}
  return json({ done, of })
}
