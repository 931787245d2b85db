import { footprintOf, kindOfMade, type Made, type Seat } from '../fittings'
import { addTurns, spanLength } from '../geometry'
import type { Plan } from '../job'
import {
  buildScene,
  canStand,
  collisionsOf,
  freedomOf,
  neededClearances,
  outsideOf,
  placedIn,
  type Scene,
} from '../scene'
import { SAME_MM } from '../units'

const STEP_MM = 50
/** Of a clearance, so much makes it usable. */
const USABLE = 0.98
/** The id under which a fitting is tried. */
const TRIED = 'fit-tried'
/** What stands in its way at one place is evaded so often, then the next place is tried. */
const MOST_SHIFTS = 4
/** Further from its wall than this a thing does not stand at it. */
const MOST_OFF_MM = 450

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

/** One plan with a fitting tried in it. */
interface Trial {
  readonly plan: Plan
  readonly made: Made
}

const sceneWith = ({ plan, made }: Trial, scene: Scene, seat: Seat): Scene =>
  buildScene(
    scene.interior,
    { ...plan, fittings: { ...plan.fittings, [TRIED]: { ...made, seat } } },
    scene.modeId,
    scene,
  )

/** A seat that evades what bars this one: further off its wall, or lower under its roof; undefined where that does not help. */
function evading(tried: Scene, seat: Seat): Seat | undefined {
  const placed = placedIn(tried, TRIED)
  const out = outsideOf(tried, placed)
  const off = (mm: number): Seat | undefined => {
    const by = Math.ceil(mm) + 1
    const { across } = seat
    return across.from === 'centreline' || across.mm + by > MOST_OFF_MM
      ? undefined
      : { ...seat, across: { ...across, mm: across.mm + by } }
  }
  if (out !== undefined && out.byMm >= SAME_MM) {
    if (out.face === 'wall-left' || out.face === 'wall-right') return off(out.byMm)
    const mm = seat.up.mm - Math.ceil(out.byMm) - 1
    return out.face === 'roof' && seat.up.from === 'floor' && mm >= 0 ? { ...seat, up: { ...seat.up, mm } } : undefined
  }
  const [hit] = collisionsOf(tried, placed)
  return hit?.b.kind === 'keep-out' ? off(spanLength(hit.shared.y)) : undefined
}

/** A seat at or near one at which a fitting stands; undefined where there is none. */
function standingAt(trial: Trial, scene: Scene, from: Seat): Seat | undefined {
  let seat: Seat | undefined = from
  for (let shifts = 0; seat !== undefined && shifts <= MOST_SHIFTS; shifts += 1) {
    const tried = sceneWith(trial, scene, seat)
    if (canStand(tried, placedIn(tried, TRIED))) return seat
    seat = evading(tried, seat)
  }
  return undefined
}

/** Whether one can use it there: the rooms that it needs are free. */
function isUsable(tried: Scene): boolean {
  const placed = placedIn(tried, TRIED)
  return neededClearances(tried, placed).every(
    (clearance) => freedomOf(tried, placed, clearance).free >= clearance.need * USABLE,
  )
}

type Stands = Pick<Seat, 'across' | 'turn'>

/** How a kind that is at home along a wall stands; one that is at home in the middle is turned and set against a wall if need be. */
function waysToStand({ across, turn }: Seat): readonly (readonly Stands[])[] {
  const wall = (from: 'left-wall' | 'right-wall', by: 0 | 270): Stands => ({
    across: { from, mm: Math.max(0, across.from === 'centreline' ? 0 : across.mm) },
    turn: addTurns(turn, by),
  })
  if (across.from !== 'centreline')
    return [
      [
        { across, turn },
        { across: { from: across.from === 'left-wall' ? 'right-wall' : 'left-wall', mm: across.mm }, turn },
      ],
    ]
  return [
    [{ across, turn }],
    [wall('left-wall', 0), wall('right-wall', 0)],
    [wall('left-wall', 270), wall('right-wall', 270)],
  ]
}

/** The first seat in one way of standing at which it can be used, else the first at which it stands, in every mode. */
function firstSeat(trial: Trial, scenes: readonly [Scene, ...Scene[]], home: Seat, stands: Stands): Seat | undefined {
  const [shown, ...others] = scenes
  const { lengthMm, depthMm } = footprintOf(trial.made)
  const long = stands.turn % 180 === 90 ? depthMm : lengthMm
  const starts: readonly Seat['along'][] = [
    ...(home.along.from === 'bulkhead' ? [home.along] : []),
    ...startsOf(shown, long).map((mm) => ({ from: 'rear', mm }) as const),
  ]
  let first: Seat | undefined
  for (const along of starts) {
    const seat = standingAt(trial, shown, { ...home, ...stands, along })
    const inAll =
      seat !== undefined &&
      others.every((scene) => {
        const tried = sceneWith(trial, scene, seat)
        return canStand(tried, placedIn(tried, TRIED))
      })
    if (!inAll) continue
    first ??= seat
    if (isUsable(sceneWith(trial, shown, seat))) return seat
  }
  return first
}

/**
 * Seats at which a new fitting stands by its own size and in nothing else, in every mode of a plan, along each wall: where one can also
 * use it, if there is such a place. `scenes` are those of the plan, the one shown first. Empty where it fits nowhere: then it is put in
 * hand.
 */
export function seatsFor(plan: Plan, scenes: readonly Scene[], made: Made): readonly Seat[] {
  const [shown, ...others] = scenes
  if (shown === undefined) return []
  const { home } = kindOfMade(made)
  for (const ways of waysToStand(home)) {
    const found = ways.flatMap((stands) => firstSeat({ plan, made }, [shown, ...others], home, stands) ?? [])
    if (found.length > 0) return found
  }
  return []
}
