import { json } from '@sveltejs/kit'
import { RULES } from '$lib/core/review'
import { sayRule } from '$lib/core/text'
import type { RequestHandler } from './$types'

/** Every rule: id, title, group, gravity, basis, parameters, the modes it looks at, and both sentences. */
export const GET: RequestHandler = () =>
  json(
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
