import { answer, type Brief } from '../brief'
import { isCrawledIn } from '../shell'
import { berthsOf, offered } from './berths'
import type { Scene } from './scene'
import { turnedSeats } from './swivel'

/** Onto what is higher nobody sits down. Common practice, no source. */
const SIT_UP_TO_MM = 1100
/** On the edge of a bed that is made: two sit beside each other. Common practice, no source. */
const ON_AN_EDGE = 2

/**
 * Places to sit, the one notion of them: on seats of fittings in the position that they are in, on cab seats that are turned round, and on
 * the edge of a bed where the brief allows it; in a body that one crawls in, in the cab and on the bed at all times. A bed that is a seat by day already counts as that only.
 */
export function placesToSit(scene: Scene, brief: Brief): number {
  // where no one stands one sits where one may: in the cab, and on the bed
  const crawls = isCrawledIn(scene.interior)
  const seats = offered(scene, 'seat') + (crawls ? scene.interior.shell.cabSeats.length : turnedSeats(scene).length)
  if (!crawls && !answer(brief, 'bedEdgeSeats')) return seats
  // by day a bed may be half made: one sits on what lies there of it
  const half = scene.placed.filter(
    ({ kind, bounds, solids }) => kind.meets.includes('berth') && solids.length > 0 && bounds.z.max < SIT_UP_TO_MM,
  )
  const beds = new Set([...berthsOf(scene).map(({ fittingId }) => fittingId), ...half.map(({ id }) => id)])
  const alsoSeats = scene.placed.filter(({ services }) => services.some(({ type }) => type === 'seat'))
  for (const { id } of alsoSeats) beds.delete(id)
  return seats + ON_AN_EDGE * beds.size
}
