import { sendCatalogue } from '$lib/server/catalogue'
import type { RequestHandler } from './$types'

/** The published JSON Schema of a module. */
export const GET: RequestHandler = () => sendCatalogue('module-schema')
