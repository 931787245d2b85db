import { sendCatalogue } from '$lib/server/catalogue'
import type { RequestHandler } from './$types'

/** Every kind of fitting, with the JSON Schema of its parameters. */
export const GET: RequestHandler = () => sendCatalogue('kinds')
