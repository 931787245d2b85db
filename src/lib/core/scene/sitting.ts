import { answer, type Brief } from '../brief'
import { berthsOf, offered } from './berths'
import type { Scene } from './scene'

/** On the edge of a bed that is made: two sit beside each other. Common practice, no source. */
const ON_AN_EDGE = 2

/**
 * Places to sit, the one notion of them: on seats of fittings in the position that they are in, on cab seats that are turned round, and on
 * the edge of a bed where the brief allows it. A bed that is a seat by day already counts as that only.
 */
export function placesToSit(scene: Scene, brief: Brief): number {
  const seats = offered(scene, 'seat') + scene.turned.length
  if (!answer(brief, 'bedEdgeSeats')) return seats
  const beds = new Set(berthsOf(scene).map(({ fittingId }) => fittingId))
  const alsoSeats = scene.placed.filter(({ services }) => services.some(({ type }) => type === 'seat'))
  for (const { id } of alsoSeats) beds.delete(id)
  return seats + ON_AN_EDGE * beds.size
}
