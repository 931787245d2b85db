import { servicesEver, type Group, type ServiceType } from '../fittings'
import type { Placed } from '../scene'

/** A repeating tile: its size and strokes, in the drawing's own small units (a screen pixel, or 0.26 mm on paper). */
export interface Hatch {
  readonly width: number
  readonly height: number
  /** SVG path data of the strokes. */
  readonly strokes: string
}

/** What a pattern stands for: what a thing is for; tops that one sits or works at are none of those that one sits or lies on. */
export type HatchId = Group | 'tables'

/** Seven quiet patterns, one for each use: waves for lying, chevrons for sitting, short grain for tables and desks, slants for the galley, rain for wet, boards for stores, a grid of dots for machines. */
export const HATCHES: Record<HatchId, Hatch> = {
  sleeping: { width: 24, height: 12, strokes: 'M0 6 Q6 2 12 6 T24 6' },
  sitting: { width: 16, height: 11, strokes: 'M3 8 L8 3 L13 8' },
  tables: { width: 20, height: 10, strokes: 'M1 3 H8 M11 8 H18' },
  galley: { width: 9, height: 9, strokes: 'M-1 10 L10 -1' },
  wet: { width: 10, height: 12, strokes: 'M3 2 V5 M8 8 V11' },
  stowage: { width: 12, height: 7, strokes: 'M0 3.5 H12' },
  machines: { width: 8, height: 8, strokes: 'M4 3.6 V4.4' },
}

/** The pattern of a thing, the same in all its positions: a table that is made into a bed is no table alone. */
export function hatchOf({ kind, fitting }: Pick<Placed, 'kind' | 'fitting'>): HatchId {
  const ever = servicesEver(fitting)
  const does = (...types: readonly ServiceType[]): boolean => types.some((type) => ever.includes(type))
  return kind.group === 'sitting' && does('desk', 'table-place') && !does('seat', 'belt', 'berth')
    ? 'tables'
    : kind.group
}
