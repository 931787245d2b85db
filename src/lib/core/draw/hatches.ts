import type { Group } from '../fittings'

/** A repeating tile: its size and strokes, in the drawing's own small units (a screen pixel, or 0.26 mm on paper). */
export interface Hatch {
  readonly width: number
  readonly height: number
  /** SVG path data of the strokes. */
  readonly strokes: string
}

/** Six quiet patterns, one for each use: waves for lying, chevrons for sitting, slants for the galley, rain for wet, boards for stores, a grid of dots for machines. */
export const HATCHES: Record<Group, Hatch> = {
  sleeping: { width: 24, height: 12, strokes: 'M0 6 Q6 2 12 6 T24 6' },
  sitting: { width: 14, height: 10, strokes: 'M0 7 L7 3 L14 7' },
  galley: { width: 9, height: 9, strokes: 'M-1 10 L10 -1' },
  wet: { width: 10, height: 12, strokes: 'M3 2 V5 M8 8 V11' },
  stowage: { width: 12, height: 7, strokes: 'M0 3.5 H12' },
  machines: { width: 8, height: 8, strokes: 'M4 3.6 V4.4' },
}
