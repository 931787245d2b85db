import { z } from 'zod'
import type { FittingKind } from './contract'

/** How a parameter is asked for on the screen, read off its kind’s schema. */
export type Limit =
  | {
      readonly key: string
      /** A length in mm, a whole number, or a figure that need not be whole. */
      readonly kind: 'length' | 'count' | 'figure'
      readonly min: number
      readonly max: number
      /** What a figure measures, where it has a unit that people type: kg or litres. */
      readonly of?: 'mass' | 'volume'
    }
  | { readonly key: string; readonly kind: 'choice'; readonly choices: readonly string[] }
  | { readonly key: string; readonly kind: 'yes-no' }

interface Property {
  readonly type?: string
  readonly minimum?: number
  readonly maximum?: number
  readonly enum?: readonly string[]
  readonly unit?: string
}

const MEASURES: Readonly<Record<string, 'mass' | 'volume'>> = { kg: 'mass', L: 'volume' }

const known = new WeakMap<FittingKind, readonly Limit[]>()

/** The parameters of a kind in the order of its schema. */
export function limitsOf(kind: FittingKind): readonly Limit[] {
  const before = known.get(kind)
  if (before !== undefined) return before
  const limits = readLimits(kind)
  known.set(kind, limits)
  return limits
}

function readLimits(kind: FittingKind): readonly Limit[] {
  const { properties = {} } = z.toJSONSchema(kind.parameters, { io: 'input' }) as {
    properties?: Record<string, Property>
  }
  return Object.entries(properties).map(([key, property]): Limit => {
    if (property.enum !== undefined) return { key, kind: 'choice', choices: property.enum }
    if (property.type === 'boolean') return { key, kind: 'yes-no' }
    const of = MEASURES[property.unit ?? '']
    return {
      key,
      kind: property.unit === 'mm' ? 'length' : property.type === 'integer' ? 'count' : 'figure',
      min: property.minimum ?? 0,
      max: property.maximum ?? 10_000,
      ...(of === undefined ? {} : { of }),
    }
  })
}
