import type { Chemistry } from '../../fittings'

/** Losses, and how fast it takes a charge: at the most of its capacity an hour, and of what is missing. Common practice, no source. */
export const CELLS: Readonly<
  Record<Chemistry, { readonly into: number; readonly outOf: number; readonly rate: number; readonly taper: number }>
> = {
  lithium: { into: 0.98, outOf: 0.98, rate: 0.5, taper: 1 },
  lead: { into: 0.88, outOf: 0.97, rate: 0.2, taper: 0.7 },
  sealed: { into: 0.88, outOf: 0.97, rate: 0.2, taper: 0.7 },
}

/** What a battery takes of a charge in an hour, A, of so many ampere-hours. */
export const takesAmps = (ampHours: number, chemistry: Chemistry): number => ampHours * CELLS[chemistry].rate
