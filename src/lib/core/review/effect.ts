import type { Finding } from './finding'

/** What a change does to the findings of a whole job, its own findings before and after it. */
export interface Effect {
  /** Findings that were not there before. */
  readonly causes: readonly Finding[]
  /** Findings that were there before, in the same mode, and are further off now. */
  readonly worse: readonly Finding[]
  /** How many findings go, in all modes. */
  readonly cures: number
}

/** New stops that a remedy makes, the same fault in several modes once. */
export const newStops = ({ causes }: Pick<Effect, 'causes'>): number =>
  new Set(causes.flatMap(({ gravity, key }) => (gravity === 'stop' ? [key] : []))).size
