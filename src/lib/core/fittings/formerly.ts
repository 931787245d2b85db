import { KINDS } from './registry'

type Tree = Readonly<Record<string, unknown>>
const isTree = (value: unknown): value is Tree => typeof value === 'object' && value !== null && !Array.isArray(value)

const FORMERLY: ReadonlyMap<unknown, Readonly<Record<string, string>>> = new Map(
  KINDS.flatMap(({ id, formerly }) => (formerly === undefined ? [] : [[id, formerly] as const])),
)

/**
 * Parameters of a kind by the names of today. What stands under a name of earlier days is what was said last: a patch of an
 * old journal writes it beside the new one.
 */
export function withNewNames<T extends Tree>(kindId: unknown, parameters: T): T {
  const formerly = FORMERLY.get(kindId)
  if (formerly === undefined) return parameters
  return Object.entries(formerly).reduce((named, [today, before]) => {
    if (!Object.hasOwn(named, before)) return named
    const { [before]: value, ...rest } = named
    return { ...rest, [today]: value } as unknown as T
  }, parameters)
}

/** A record of fittings as a document holds it, not yet checked, with the names of today; itself where it has them. */
export function fittingsWithNewNames<T>(fittings: T): T {
  if (!isTree(fittings)) return fittings
  let isSame = true
  const named = Object.entries(fittings).map(([id, fitting]): [string, unknown] => {
    if (!isTree(fitting) || !isTree(fitting.parameters)) return [id, fitting]
    const parameters = withNewNames(fitting.kind, fitting.parameters)
    if (parameters === fitting.parameters) return [id, fitting]
    isSame = false
    return [id, { ...fitting, parameters }]
  })
  return isSame ? fittings : (Object.fromEntries(named) as T)
}
