import type { Vec3 } from '../geometry'
import type { HandleName, MovingEdge } from './adjust'
import type { FittingKind } from './contract'
import type { Facts } from './facts'
import { limitsOf, type Limit } from './limits'
import { footprintOf, type Made } from './of'
import type { Parameters, ParameterValue } from './parameters'
import { defaultsOf, kindOf } from './registry'

/** A parameter of a fitting as it can be taken hold of: where it is, how far it goes, and what moves. */
export interface Handle {
  readonly key: string
  readonly names: readonly HandleName[]
  readonly value: ParameterValue
  /** What its kind has where nothing else is asked. */
  readonly usual: ParameterValue
  readonly limit: Limit
  readonly step: number
  readonly edge: MovingEdge | undefined
}

interface KindHandles {
  readonly limits: readonly Limit[]
  readonly usual: Parameters
}
const known = new WeakMap<FittingKind, KindHandles>()

function kindHandles(kind: FittingKind): KindHandles {
  let found = known.get(kind)
  if (found === undefined) known.set(kind, (found = { limits: limitsOf(kind), usual: defaultsOf(kind) }))
  return found
}

/** Everything of a fitting that can be changed, in the order of its kind. */
export function handlesOf({ kind: id, parameters }: Made): readonly Handle[] {
  const kind = kindOf(id)
  const { limits, usual } = kindHandles(kind)
  return limits.flatMap((limit): Handle[] => {
    const adjust = kind.adjust[limit.key]
    const value = parameters[limit.key] ?? usual[limit.key]
    const standard = usual[limit.key]
    if (adjust === undefined || value === undefined || standard === undefined) return []
    const { handles, step, edge } = adjust
    return [{ key: limit.key, names: handles, value, usual: standard, limit, step, edge }]
  })
}

/** One of them by what it is; undefined where this kind has none. */
export const handleOf = (made: Made, name: HandleName): Handle | undefined =>
  handlesOf(made).find(({ names }) => names.includes(name))

/** What a length or count of it is; undefined where it has none of that name. */
export function figureOf(made: Made, name: HandleName): number | undefined {
  const value = handleOf(made, name)?.value
  return typeof value === 'number' ? value : undefined
}

/** A handle by what it is, or by the parameter that it sets. */
export type HandleRef = HandleName | { readonly key: string }

/**
 * The parameters to set so that a handle has a value, with all that must follow; undefined where there is no such handle, or where
 * that is beyond its limits or leaves everything as it is.
 */
export function adjusted(made: Made, at: HandleRef, value: ParameterValue): Parameters | undefined {
  const handle = typeof at === 'string' ? handleOf(made, at) : handlesOf(made).find((one) => one.key === at.key)
  if (handle === undefined || handle.value === value) return undefined
  const kind = kindOf(made.kind)
  const set: Parameters = {
    ...kind.adjust[handle.key]?.follow?.(made.parameters, value),
    [handle.key]: value,
  } as Parameters
  return kind.parameters.safeParse({ ...made.parameters, ...set }).success ? set : undefined
}

/** A fitting with some of its figures set. */
export const withParameters = ({ kind, parameters }: Made, set: Parameters): Made => ({
  kind,
  parameters: { ...parameters, ...set },
})

/** By how much a fitting grows along its length, depth and height for one more of a handle, mm; zero where it does not. */
export function growthOf(made: Made, { key, value, step }: Handle): Vec3 {
  if (typeof value !== 'number') return [0, 0, 0]
  const now = footprintOf(made)
  for (const by of [step, -step]) {
    const set = adjusted(made, { key }, value + by)
    if (set === undefined) continue
    const then = footprintOf(withParameters(made, set))
    return [(then.lengthMm - now.lengthMm) / by, (then.depthMm - now.depthMm) / by, (then.heightMm - now.heightMm) / by]
  }
  return [0, 0, 0]
}

/** The fitting with a handle set as near to a value as its limits allow; as it was, where it has none of that name. */
export function withHandle(made: Made, name: HandleName, value: number): Made {
  const handle = handleOf(made, name)
  if (handle === undefined || !('min' in handle.limit)) return made
  const within = Math.min(handle.limit.max, Math.max(handle.limit.min, value))
  return { kind: made.kind, parameters: { ...made.parameters, ...adjusted(made, name, within) } }
}

/** The fitting let out along a handle by whole figures until it does something; as far as it goes, where it never does. */
export function letOut(made: Made, name: HandleName, does: (facts: Facts) => boolean): Made {
  const limit = handleOf(made, name)?.limit
  if (limit === undefined || !('min' in limit)) return made
  const [stance] = kindOf(made.kind).stances
  const holds = (value: number): boolean => {
    const { kind, parameters } = withHandle(made, name, value)
    return does(kindOf(kind).facts(parameters, stance))
  }
  if (!holds(limit.max)) return withHandle(made, name, limit.max)
  let [low, high] = [Math.floor(limit.min) - 1, Math.ceil(limit.max)]
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2)
    if (holds(middle)) high = middle
    else low = middle
  }
  return withHandle(made, name, high)
}
