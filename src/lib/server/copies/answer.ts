import { json } from '@sveltejs/kit'
import { refuse } from '../http'
import { COPY_FAULTS, type Copied } from './facts'

export const NO_SUCH_COPY = 'There is no such copy.'

const STATUS = { missing: 404, foreign: 422, damaged: 422, newer: 422, full: 507, unwritable: 503 } as const

/** Sends what came of work on a copy, or why nothing did. */
export function sendCopied(done: Copied<unknown> | undefined, status = 200): Response {
  if (done === undefined) return refuse(404, NO_SUCH_COPY)
  return done.ok ? json(done.value, { status }) : refuse(STATUS[done.fault], COPY_FAULTS[done.fault])
}
