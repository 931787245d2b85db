import { KINDS, limitsOf, type ParameterValue, type Seat } from '../../src/lib/core/fittings'
import type { Job, SimpleCommand } from '../../src/lib/core/job'
import { GENERIC_SHELLS } from '../../src/lib/core/shells'
import { jobWith, person, put } from './plan'

/** Figures from 0 to 1 that look random and are the same for the same seed: a linear congruential generator of Numerical Recipes. */
export function randomFrom(seed: number): () => number {
  let state = (seed * 2_654_435_761) >>> 0
  return () => {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0
    return state / 4_294_967_296
  }
}

/** A plan of fittings of any kind, anywhere, many of them where they cannot be; the same for the same seed. */
export function randomPlan(seed: number, most = 6): { readonly job: Job; readonly ids: readonly string[] } {
  const random = randomFrom(seed)
  const pick = <T>(all: readonly T[]): T => all[Math.floor(random() * all.length)]!
  const shell = pick(GENERIC_SHELLS)
  const ids = Array.from({ length: 1 + Math.floor(random() * most) }, (_, index) => `fit-r${index}`)
  const fittings = ids.map((id): SimpleCommand => {
    const kind = pick(KINDS)
    const parameters = Object.fromEntries(
      limitsOf(kind).flatMap((limit): [string, ParameterValue][] => {
        if (random() > 0.3) return []
        if (limit.kind === 'choice') return [[limit.key, pick(limit.choices)]]
        if (limit.kind === 'yes-no') return [[limit.key, random() < 0.5]]
        const value = limit.min + random() * (limit.max - limit.min)
        return [[limit.key, limit.kind === 'length' ? Math.round(value) : Math.max(limit.min, Math.floor(value))]]
      }),
    )
    const from: Seat['across']['from'] = pick(['left-wall', 'right-wall', 'centreline'])
    const own = kind.home.up.from
    return put(id, kind.id, Math.round(random() * shell.bulkhead.xMm), from, parameters, {
      turn: pick([0, 0, 0, 90, 180, 270]),
      mirrored: random() < 0.3,
      up: own === 'floor' && random() < 0.2 ? { from: 'floor', mm: Math.round(random() * 1200) } : kind.home.up,
    })
  })
  const people = Array.from({ length: Math.floor(random() * 4) }, (_, index) =>
    person(Math.round(1100 + random() * 850), `person-r${index}`, {
      label: `one ${index}`,
      ...(random() < 0.2 ? { mobility: pick(['stiff', 'walker', 'wheelchair']) } : {}),
    }),
  )
  return { job: jobWith(shell.id, ...people, ...fittings), ids }
}
