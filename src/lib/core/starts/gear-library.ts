import type { Gear } from '../brief'

/** Gear that clients often bring, with typical sizes; common practice, no source. Measure the real one. */
export interface TypicalGear {
  readonly id: string
  readonly gear: Gear
}

const piece = (
  id: string,
  label: string,
  sizeMm: [number, number, number],
  massKg: number,
  more: Partial<Gear> = {},
): TypicalGear => ({ id, gear: { label, sizeMm, count: 1, massKg, ...more } })

export const GEAR_LIBRARY: readonly TypicalGear[] = [
  piece('bicycle', 'Bicycle, whole', [1800, 650, 1100], 14, { wet: true, use: 'weekly' }),
  piece('bicycle-wheel-out', 'Bicycle, front wheel out', [1400, 450, 1050], 14, { wet: true, use: 'weekly' }),
  piece('bicycle-folding', 'Folding bicycle', [1500, 550, 1050], 12, { apartMm: [800, 400, 650], wet: true }),
  piece('surfboard-short', 'Short surfboard', [1850, 500, 80], 4, { wet: true }),
  piece('surfboard-long', 'Long surfboard', [2800, 580, 100], 8, { wet: true, place: 'roof' }),
  piece('kayak', 'Kayak', [3200, 650, 400], 22, { wet: true, place: 'roof' }),
  piece('paddle-board', 'Inflatable paddle board, rolled', [900, 400, 300], 10, { soft: true, wet: true }),
  piece('skis', 'Pair of skis', [1800, 130, 100], 6, { wet: true, use: 'seldom' }),
  piece('cello-case', 'Cello in its case', [1400, 500, 350], 9, { hidden: true, mayLie: true, use: 'daily' }),
  piece('guitar-case', 'Guitar in its case', [1050, 420, 150], 5, { hidden: true, use: 'daily' }),
  piece('stroller', 'Stroller', [950, 600, 1050], 10, { apartMm: [850, 550, 350], use: 'daily' }),
  piece('wheelchair-folding', 'Folding wheelchair', [1050, 640, 900], 16, { apartMm: [800, 320, 750], use: 'daily' }),
  piece('walker', 'Walker', [700, 620, 850], 8, { apartMm: [700, 300, 850], use: 'daily' }),
  piece('dog-crate', 'Dog crate', [900, 600, 650], 12, { mayLie: false, use: 'daily' }),
  piece('tool-chest', 'Tool chest', [600, 400, 400], 28, { mayLie: false, hidden: true, use: 'daily' }),
  piece('suitcase', 'Suitcase', [750, 500, 300], 20),
  piece('crate', 'Stacking crate', [600, 400, 320], 12, { mayLie: false }),
  piece('tripod', 'Tripod in its bag', [850, 180, 180], 5, { hidden: true }),
  piece('camera-case', 'Camera case', [550, 350, 230], 10, { hidden: true, charges: true, use: 'daily' }),
  piece('climbing-bag', 'Climbing bag', [700, 350, 350], 14, { soft: true }),
  piece('tent', 'Tent in its bag', [650, 250, 250], 6, { soft: true, wet: true, use: 'seldom' }),
  piece('folding-table', 'Folding table and two chairs', [900, 600, 250], 12, { wet: true }),
  piece('drone-case', 'Drone case', [450, 350, 200], 6, { hidden: true, charges: true }),
  piece('sewing-machine', 'Sewing machine', [450, 250, 350], 9, { mayLie: false }),
]
