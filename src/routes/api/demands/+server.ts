import { json } from '@sveltejs/kit'
import { z } from 'zod'
import { allDemands, briefSchema } from '$lib/core/brief'
import { contradictionsOf } from '$lib/core/suit'
import { STANDARD_LINING } from '$lib/core/job'
import { idSchema, interiorOf, shellSchema } from '$lib/core/shell'
import { shellNamed } from '$lib/core/shells'
import { sayBasis, sayBecause, sayContradiction, sayDemand } from '$lib/core/text'
import { readJson } from '$lib/server/http'
import { noSuchShell } from '$lib/server/shells'
import type { RequestHandler } from './$types'

const bodySchema = z.object({
  brief: briefSchema,
  shell: z
    .union([shellSchema, idSchema])
    .optional()
    .describe('A body, or the id of one of the program’s own: what it cannot give comes as contradictions'),
})

/** A brief in; the demands that it implies, biggest first, with their reasons, and what a body cannot give. Nothing is stored. */
export const POST: RequestHandler = async ({ request }) => {
  const read = await readJson(request, bodySchema)
  if (!read.ok) return read.response
  const { shell: asked } = read.value
  const brief = { ...read.value.brief, derives: read.value.brief.derives ?? true }
  const shell = asked === undefined ? undefined : shellNamed(asked)
  if (asked !== undefined && shell === undefined) return noSuchShell()
  return json({
    demands: allDemands(brief).map((demand) => ({
      ...demand,
      words: sayDemand(demand),
      why: [...sayBecause(demand, 'mm'), sayBasis(demand.basis)],
    })),
    contradictions:
      shell === undefined
        ? []
        : contradictionsOf(brief, interiorOf(shell, STANDARD_LINING)).map((one) => ({
            ...one,
            words: sayContradiction(one, 'mm'),
          })),
  })
}
