import type { Shell } from './shape'

/** What a body may carry in all, in kg: people, gear, water, lining and furniture. */
export const payloadOf = ({ masses }: Shell): number => masses.grossKg - masses.kerbKg
