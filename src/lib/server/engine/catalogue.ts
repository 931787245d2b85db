import { z } from 'zod'
import { defaultsOf, KINDS } from '$lib/core/fittings'
import { jobJsonSchema } from '$lib/core/job'
import { moduleJsonSchema } from '$lib/core/module'
import { RULES } from '$lib/core/review'
import { KIND_WORDS, sayRule } from '$lib/core/text'
import { reply, type Reply } from './reply'

/** Every kind of fitting, with the JSON Schema of its parameters. */
const kinds = (): Reply =>
  reply(
    KINDS.map((kind) => ({
      id: kind.id,
      name: KIND_WORDS[kind.id],
      group: kind.group,
      stances: kind.stances,
      anyHeight: kind.risesTo !== undefined,
      meets: kind.meets,
      defaults: defaultsOf(kind),
      parameters: z.toJSONSchema(kind.parameters, { io: 'input' }),
    })),
  )

/** Every rule: id, title, group, gravity, basis, parameters, the modes it looks at, and both sentences. */
const rules = (): Reply =>
  reply(
    RULES.map((rule) => {
      const { title, designer, client } = sayRule(rule, 'mm')
      return {
        id: rule.id,
        title,
        group: rule.group,
        gravity: rule.gravity,
        modes: rule.modes,
        basis: rule.basis,
        parameters: rule.parameters,
        designer,
        client,
      }
    }),
  )

const schema = (what: unknown): Reply => reply(what, 200, { 'content-type': 'application/schema+json' })

/** What is the same for everyone, and never changes while the program runs. */
const CATALOGUE = {
  kinds,
  rules,
  'job-schema': () => schema(jobJsonSchema()),
  'module-schema': () => schema(moduleJsonSchema()),
} as const
export type CatalogueName = keyof typeof CATALOGUE

export const catalogueReply = (name: CatalogueName): Reply => CATALOGUE[name]()
