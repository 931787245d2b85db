import { sendCatalogue } from '$lib/server/catalogue'
import type { RequestHandler } from './$types'

/** The published JSON Schema of the open document. */
export const GET: RequestHandler = () => sendCatalogue('job-schema')
