import { block, type Box, placePrism, type Prism, prismBounds, prismsOverlap, spanMiddle } from '../geometry'
import { isInTheWay, massOf, solidsOf, stancesOf, type Task } from '../fittings'
import { isDoor, opensFromOutside, type Shell } from '../shell'
import { isWithinArm } from './door'
import { type Blocker, freedomOf } from './free'
import type { Placed, Scene, TakenFirst } from './scene'

/** What stands before something that is got at once in a while, and whether it can be moved for it. */
export interface Access {
  readonly task: Task
  /** Whose it is: a fitting, or a part of the body by its id. */
  readonly of: { readonly kind: 'fitting' | 'part'; readonly id: string }
  readonly clearanceId: string
  readonly at: readonly [number, number, number]
  /** What it needs and what is there, in the clearance’s own unit. */
  readonly needed: number
  readonly free: number
  readonly unit: 'mm' | 'deg'
  /** Fittings that can be moved out of the way: by another stance, or by being carried off. */
  readonly toMove: readonly {
    readonly id: string
    readonly stance: string | undefined
    /** Only that of it. */
    readonly part?: TakenFirst
  }[]
  /** What cannot. */
  readonly fixed: readonly Blocker[]
}

/** What one person carries off by themselves. UK HSE, Manual handling at work, guideline figure (from memory). */
export const ONE_PERSON_KG = 25

/** How a fitting can clear a volume: in another of its stances, or carried off where nothing but straps holds it; undefined if neither. */
function wayOff(placed: Placed, volume: Prism): { stance: string | undefined } | undefined {
  const { fitting, placement } = placed
  for (const stance of stancesOf(fitting)) {
    if (stance === placed.stance) continue
    const solids = solidsOf(fitting, stance)
    const clear = solids.every(
      ({ prism, fit }) => !isInTheWay(fit) || !prismsOverlap(placePrism(placement, prism), volume),
    )
    if (clear) return { stance }
  }
  const stands = fitting.fixing?.how === 'standing' || fitting.fixing?.how === 'straps'
  return stands && massOf(fitting) <= ONE_PERSON_KG ? { stance: undefined } : undefined
}

/** What is lighter and hangs on a hook or a strap is lifted off without a thought: an extinguisher, an alarm. Common practice, no source. */
const HOOK_KG = 5
const isLiftedOff = ({ facts, fitting }: Placed): boolean => facts.guards !== undefined && massOf(fitting) <= HOOK_KG

function split(scene: Scene, blockers: readonly Blocker[], volume: Prism): Pick<Access, 'toMove' | 'fixed'> {
  const toMove: { id: string; stance: string | undefined }[] = []
  const fixed: Blocker[] = []
  for (const blocker of blockers) {
    const placed = blocker.kind === 'fitting' ? scene.placed.find(({ id }) => id === blocker.id) : undefined
    const off = placed === undefined ? undefined : wayOff(placed, volume)
    if (placed === undefined || off === undefined) fixed.push(blocker)
    else toMove.push({ id: placed.id, stance: off.stance })
  }
  return { toMove, fixed }
}

/** A hand needs so much of a hatch. Common practice, no source. */
const HAND = { wideMm: 150, highMm: 150 } as const

/** Whether a door or a hatch that opens from outside lies before a fitting, near enough to reach it. */
function isReachedFromOutside(scene: Scene, placed: Placed): boolean {
  return scene.interior.shell.openings.some(
    (opening) =>
      isDoor(opening) && opensFromOutside(opening) && isWithinArm(scene, placed, opening, placed.bounds, HAND),
  )
}

/** Room over the nut of a spare wheel that is let down from inside: a hand sets the crank’s end on it, lying under a bed if need be. Common practice, no source. */
const NUT_MM = { side: 150, high: 150 } as const

/** Everything in a scene that is got at once in a while and does not stand free. */
export function accessFaults(scene: Scene): readonly Access[] {
  const ofFittings = scene.placed.flatMap((placed) =>
    placed.clearances.flatMap((clearance): Access[] => {
      if (clearance.task === undefined) return []
      const freedom = freedomOf(scene, placed, clearance)
      const { free } = freedom
      const blockers = freedom.blockers.filter(
        ({ kind, id }) =>
          kind !== 'fitting' || scene.placed.find((one) => one.id === id && isLiftedOff(one)) === undefined,
      )
      const { past, first } = clearance
      const parts = first === undefined || past === undefined ? [] : [{ id: past, stance: undefined, part: first }]
      if (blockers.length + parts.length === 0) return []
      if (isReachedFromOutside(scene, placed)) return []
      const { toMove, fixed } = split(scene, blockers, clearance.prism)
      const { x, y, z } = prismBounds(clearance.prism)
      return [
        {
          task: clearance.task,
          of: { kind: 'fitting', id: placed.id },
          clearanceId: clearance.id,
          at: [spanMiddle(x), spanMiddle(y), spanMiddle(z)],
          needed: clearance.need,
          free,
          unit: clearance.unit,
          toMove: [...parts, ...toMove],
          fixed,
        },
      ]
    }),
  )
  const ofParts = scene.interior.shell.keepOuts.flatMap((keepOut): Access[] => {
    const room = roomFor(scene, keepOut)
    if (room === undefined) return []
    const { volume } = room
    const met = scene.placed.flatMap(({ id, inner }) =>
      inner
        .filter(({ prism }) => prismsOverlap(prism, volume))
        .map(({ prism }) => ({ id, bounds: prismBounds(prism) })),
    )
    if (met.length === 0) return []
    const blockers = [...new Set(met.map(({ id }) => id))].map((id): Blocker => ({ kind: 'fitting', id }))
    const free = Math.max(0, Math.round(Math.min(...met.map(({ bounds }) => room.freeTo(bounds)))))
    const { task, clearanceId, at, needed } = room
    const of = { kind: 'part', id: keepOut.id } as const
    return [{ task, of, clearanceId, at, needed, free, unit: 'mm', ...split(scene, blockers, volume) }]
  })
  return [...ofFittings, ...ofParts]
}

/** How far before it a hand and a tool need to take out what the body stows. Common practice, no source. */
const TAKE_OUT_MM = 350

/** The room to get at what the body brings: over the nut of a wheel under the floor, and before the place of the jack. */
function roomFor(
  { interior }: Scene,
  { what, from, to }: Shell['keepOuts'][number],
):
  | (Pick<Access, 'task' | 'clearanceId' | 'at' | 'needed'> & {
      readonly volume: Prism
      readonly freeTo: (blocker: Box) => number
    })
  | undefined {
  const [x, y] = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2]
  if (what === 'spare-wheel' && to[2] <= 0) {
    const { side, high } = NUT_MM
    const low = interior.lining.floorMm
    const volume = block([x - side / 2, y - side / 2, low], [x + side / 2, y + side / 2, low + high])
    return {
      task: 'spare-wheel',
      clearanceId: 'nut',
      at: [x, y, low],
      needed: high,
      volume,
      freeTo: (one) => one.z.min - low,
    }
  }
  if (what !== 'jack') return undefined
  // it is taken out towards the middle of the vehicle
  const left = y > 0
  const front = left ? from[1] : to[1]
  const volume = left
    ? block([from[0], front - TAKE_OUT_MM, from[2]], [to[0], front, to[2]])
    : block([from[0], front, from[2]], [to[0], front + TAKE_OUT_MM, to[2]])
  return {
    task: 'jack',
    clearanceId: 'jack',
    at: [x, front, (from[2] + to[2]) / 2],
    needed: TAKE_OUT_MM,
    volume,
    freeTo: (one) => (left ? front - one.y.max : one.y.min - front),
  }
}
