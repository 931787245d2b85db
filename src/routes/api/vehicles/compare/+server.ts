import { json } from '@sveltejs/kit'
import { z } from 'zod'
import { briefSchema } from '$lib/core/brief'
import { compareVehicles } from '$lib/core/suit'
import { STANDARD_LINING } from '$lib/core/job'
import { liningSchema, shellSchema } from '$lib/core/shell'
import { GENERIC_SHELLS } from '$lib/core/shells'
import { sayContradiction } from '$lib/core/text'
import { readJson } from '$lib/server/http'
import type { RequestHandler } from './$types'

const MOST_SHELLS = 20

const bodySchema = z.object({
  brief: briefSchema,
  lining: liningSchema.default(STANDARD_LINING),
  shells: z.array(shellSchema).max(MOST_SHELLS).default([]).describe('Bodies to be compared beside the program’s own'),
})

/** A brief in; every body held against it, best first. Nothing is stored. */
export const POST: RequestHandler = async ({ request }) => {
  const read = await readJson(request, bodySchema)
  if (!read.ok) return read.response
  const { lining, shells } = read.value
  const brief = { ...read.value.brief, derives: read.value.brief.derives ?? true }
  const rows = compareVehicles(brief, [...shells, ...GENERIC_SHELLS], lining)
  return json({
    vehicles: rows.map((row) => ({
      ...row,
      against: row.against.map((one) => ({ ...one, words: sayContradiction(one, 'mm') })),
    })),
  })
}
