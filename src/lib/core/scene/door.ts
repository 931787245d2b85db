import { longestSpan, prismBounds, stretchesLeft, type Span } from '../geometry'
import { jambs, type Opening } from '../shell'
import { TOUCH_MM } from '../units'
import type { Scene } from './scene'

/** How deep behind a door the way in counts as the door's. */
const BEHIND_MM = 300

export interface DoorWay {
  readonly opening: Opening
  /** The widest stretch of the opening that nothing stands behind. */
  readonly free: Span
  readonly blockers: readonly string[]
}

/** What is left of a side or rear opening with the fittings in place; a lift stands in its own doorway. */
export function doorWay(scene: Scene, opening: Opening): DoorWay {
  const [first, second] = jambs(scene.interior, opening)
  const sideways = opening.side === 'rear'
  const own: Span = { min: opening.fromMm, max: opening.toMm }
  const wall = sideways ? first[0] : (first[1] + second[1]) / 2
  const cuts: { span: Span; id: string }[] = []
  for (const placed of scene.placed) {
    if (placed.facts.liftsPeople) continue
    for (const { prism } of placed.inner) {
      const bounds = prismBounds(prism)
      const along = sideways ? bounds.y : bounds.x
      const gap = sideways ? bounds.x.min - wall : opening.side === 'left' ? wall - bounds.y.max : bounds.y.min - wall
      const inDoor =
        along.max > own.min + TOUCH_MM &&
        along.min < own.max - TOUCH_MM &&
        bounds.z.max > opening.sillMm + TOUCH_MM &&
        bounds.z.min < opening.headMm - TOUCH_MM
      if (inDoor && gap < BEHIND_MM) cuts.push({ span: along, id: placed.id })
    }
  }
  const left = stretchesLeft(
    own,
    cuts.map(({ span }) => span),
  )
  const free = longestSpan(left, { min: own.min, max: own.min })
  return { opening, free, blockers: [...new Set(cuts.map((cut) => cut.id))] }
}
