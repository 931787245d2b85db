import { json } from '@sveltejs/kit'
import { z } from 'zod'
import { defaultsOf, KINDS } from '$lib/core/fittings'
import { KIND_WORDS } from '$lib/core/text'
import type { RequestHandler } from './$types'

/** Every kind of fitting, with the JSON Schema of its parameters. */
export const GET: RequestHandler = () =>
  json(
    KINDS.map((kind) => ({
      id: kind.id,
      name: KIND_WORDS[kind.id],
      group: kind.group,
      stances: kind.stances,
      meets: kind.meets,
      defaults: defaultsOf(kind),
      parameters: z.toJSONSchema(kind.parameters, { io: 'input' }),
    })),
  )
