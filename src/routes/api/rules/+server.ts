import { sendCatalogue } from '$lib/server/catalogue'
import type { RequestHandler } from './$types'

/** Every rule: id, title, group, gravity, basis, parameters, the modes it looks at, and both sentences. */
export const GET: RequestHandler = () => sendCatalogue('rules')
