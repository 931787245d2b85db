import { z } from 'zod'
import type { FittingKind } from './contract'

/** How a parameter is asked for on the screen, read off its kind’s schema. */
export type Limit =
  | { readonly key: string; readonly kind: 'length' | 'count'; readonly min: number; readonly max: number }
  | { readonly key: string; readonly kind: 'choice'; readonly choices: readonly string[] }
  | { readonly key: string; readonly kind: 'yes-no' }

interface Property {
  readonly type?: string
  readonly minimum?: number
  readonly maximum?: number
  readonly enum?: readonly string[]
  readonly unit?: string
}

/** The parameters of a kind in the order of its schema. */
export function limitsOf(kind: FittingKind): readonly Limit[] {
  const { properties = {} } = z.toJSONSchema(kind.parameters, { io: 'input' }) as {
    properties?: Record<string, Property>
  }
  return Object.entries(properties).map(([key, property]): Limit => {
    if (property.enum !== undefined) return { key, kind: 'choice', choices: property.enum }
    if (property.type === 'boolean') return { key, kind: 'yes-no' }
    return {
      key,
      kind: property.unit === 'mm' ? 'length' : 'count',
      min: property.minimum ?? 0,
      max: property.maximum ?? 10_000,
    }
  })
}
