import { z } from 'zod'
import { allDemands, briefSchema } from '$lib/core/brief'
import { STANDARD_LINING } from '$lib/core/job'
import { idSchema, interiorOf, liningSchema, shellSchema } from '$lib/core/shell'
import { GENERIC_SHELLS, shellNamed } from '$lib/core/shells'
import { compareVehicles, contradictionsOf } from '$lib/core/suit'
import { sayBasis, sayBecause, sayContradiction, sayDemand } from '$lib/core/text'
import { readJson } from './reading'
import { reply, type Reply } from './reply'
import { noSuchShell } from './shells'

const demandsSchema = z.object({
  brief: briefSchema,
  shell: z
    .union([shellSchema, idSchema])
    .optional()
    .describe('A body, or the id of one of the program’s own: what it cannot give comes as contradictions'),
})

/** The demands that a brief implies, biggest first, with their reasons, and what a body cannot give. */
export function demandsReply(bytes: Uint8Array): Reply {
  const read = readJson(bytes, demandsSchema)
  if (!read.ok) return read.reply
  const { shell: asked } = read.value
  const brief = { ...read.value.brief, derives: read.value.brief.derives ?? true }
  const shell = asked === undefined ? undefined : shellNamed(asked)
  if (asked !== undefined && shell === undefined) return noSuchShell()
  return reply({
    demands: allDemands(brief).map((demand) => ({
      ...demand,
      words: sayDemand(demand),
      why: [...sayBecause(demand, 'mm'), sayBasis(demand.basis, 'mm')],
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

const MOST_SHELLS = 20

const compareSchema = z.object({
  brief: briefSchema,
  lining: liningSchema.default(STANDARD_LINING),
  shells: z.array(shellSchema).max(MOST_SHELLS).default([]).describe('Bodies to be compared beside the program’s own'),
})

/** Every body held against a brief, best first. */
export function compareReply(bytes: Uint8Array): Reply {
  const read = readJson(bytes, compareSchema)
  if (!read.ok) return read.reply
  const { lining, shells } = read.value
  const brief = { ...read.value.brief, derives: read.value.brief.derives ?? true }
  const rows = compareVehicles(brief, [...shells, ...GENERIC_SHELLS], lining)
  return reply({
    vehicles: rows.map((row) => ({
      ...row,
      against: row.against.map((one) => ({ ...one, words: sayContradiction(one, 'mm') })),
    })),
  })
}
