import { error } from '@sveltejs/kit'
import type { Job } from '$lib/core/job'
import type { LayoutLoad } from './$types'

/** A job's screens live in the browser: what is not saved yet is kept there. */
export const ssr = false

export const load: LayoutLoad = async ({ params, fetch }) => {
  const response = await fetch(`/api/jobs/${params.id}`)
  const answer = (await response.json()) as Job & { readonly message?: string }
  if (!response.ok) error(response.status, answer.message ?? `The server answered ${response.status}.`)
  return { job: answer as Job, revision: Number((response.headers.get('etag') ?? '').replace(/\D/g, '')) }
}
