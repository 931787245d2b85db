import { json } from '@sveltejs/kit'
import { GENERIC_SHELLS } from '$lib/core/shells'
import type { RequestHandler } from './$types'

export const GET: RequestHandler = () => json(GENERIC_SHELLS)
