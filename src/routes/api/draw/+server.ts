import { answerBody, queryOf } from '$lib/server/http'
import { besideSheets } from '$lib/server/paper'
import { heavy } from '$lib/server/pool/pool'
import type { RequestHandler } from './$types'

/** A job document in; a sheet of it out as SVG, all its sheets as PDF, or all views at full size as DXF. Nothing is stored. */
export const POST: RequestHandler = ({ request, url }) =>
  answerBody(request, async (bytes) => heavy('draw', bytes, queryOf(url), await besideSheets()))
