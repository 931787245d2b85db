import { footprintOf, kindOfMade, type Made, type Seat } from '../fittings'
import type { Plan } from '../job'
import { buildScene, canStand, freedomOf, neededClearances, placedIn, type Placed, type Scene } from '../scene'

const STEP_MM = 50
/** Of a clearance, so much makes it usable. */
const USABLE = 0.98
/** The id under which a fitting is tried. */
const TRIED = 'fit-tried'

/** Where along the vehicle it is tried: at the rear, right behind and before what stands there, and every so far in between. */
function startsOf(scene: Scene, lengthMm: number): readonly number[] {
  const { min, max } = scene.interior.xSpan
  const room = max - min - lengthMm
  if (room < 0) return []
  const beside = scene.placed.flatMap(({ bounds }) => [bounds.x.max - min, bounds.x.min - min - lengthMm])
  const steps = Array.from({ length: Math.floor(room / STEP_MM) + 1 }, (_, index) => index * STEP_MM)
  return [...new Set([...steps, ...beside.map(Math.ceil), Math.floor(room)])]
    .filter((mm) => mm >= 0 && mm <= room)
    .sort((a, b) => a - b)
}

/** How much a seat leaves to be wished: rooms of its own that are not free, and those of others that it takes. */
function wantsOf(scene: Scene, placed: Placed): number {
  const blocked = (one: Placed): number =>
    neededClearances(scene, one).filter((clearance) => freedomOf(scene, one, clearance).free < clearance.need * USABLE)
      .length
  return blocked(placed)
}

/**
 * Seats at which a new fitting stands by its own size and in nothing else, in every mode of a plan where there is such a seat: the
 * first along each wall at which one can also use it, else the first at which it stands. `scenes` are those of the plan, the one shown
 * first. Empty where it fits nowhere: then it is put in hand.
 */
export function seatsFor(plan: Plan, scenes: readonly Scene[], made: Made): readonly Seat[] {
  const [shown] = scenes
  if (shown === undefined) return []
  const { home } = kindOfMade(made)
  const { lengthMm, depthMm } = footprintOf(made)
  const long = home.turn % 180 === 90 ? depthMm : lengthMm
  const sides: readonly Seat['across']['from'][] =
    home.across.from === 'centreline' ? ['centreline'] : ['left-wall', 'right-wall']
  const at = (scene: Scene, seat: Seat): Scene =>
    buildScene(
      scene.interior,
      { ...plan, fittings: { ...plan.fittings, [TRIED]: { ...made, seat } } },
      scene.modeId,
      scene,
    )
  const stands = (scene: Scene, seat: Seat): boolean => {
    const tried = at(scene, seat)
    return canStand(tried, placedIn(tried, TRIED))
  }
  return sides.flatMap((from): Seat[] => {
    let first: Seat | undefined
    for (const mm of startsOf(shown, long)) {
      const seat: Seat = { ...home, along: { from: 'rear', mm }, across: { from, mm: home.across.mm } }
      if (!scenes.every((scene) => stands(scene, seat))) continue
      first ??= seat
      const tried = at(shown, seat)
      if (wantsOf(tried, placedIn(tried, TRIED)) === 0) return [seat]
    }
    return first === undefined ? [] : [first]
  })
}
