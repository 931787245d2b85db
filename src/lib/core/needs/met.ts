import { type Brief, demandsOf, type GearPiece, type Need, piecesOf, type Purpose, type ResolvedDemand } from '../brief'
import {
  cabBelts,
  canStand,
  offered,
  type Placed,
  placesToSit,
  type Scene,
  stow,
  type Stowed,
  tablePlacesOffered,
} from '../scene'
import { known } from '../units'
import { type Served, servedOneByOne, servedOutside } from './offers'
import { coldAsked, NEED_TABLE } from './table'

/** How far a plan meets a demand. */
export interface NeedState {
  readonly demand: ResolvedDemand
  /** What is asked for, and what is there of it in the worst of the purposes that it must hold in. */
  readonly needed: number
  readonly offered: number
  /** As much as would be there if everything could stand where it is. */
  readonly ifAllStood: number
  /** Whether that would be enough. */
  readonly wouldDo: boolean
  readonly unit: 'count' | 'litres'
  /** `there-but`: what would meet it is there, and cannot stand where it is, is too small or serves another already. */
  readonly state: 'met' | 'short' | 'missing' | 'there-but' | 'cannot-tell'
  /** The mode in which that is to be said: the best of its purpose, or on the road the worst. */
  readonly modeId: string | undefined
  readonly by: readonly string[]
  readonly cannotStand: readonly string[]
  readonly tooSmall: readonly string[]
}

const stowed = new WeakMap<Scene, { readonly brief: Brief; readonly stowed: Stowed }>()

/** Where the client’s gear goes in a scene. Packed once for a scene and a brief. */
export function stowedIn(scene: Scene, brief: Brief): Stowed {
  const before = stowed.get(scene)
  if (before?.brief === brief) return before.stowed
  const made = stow(scene, piecesOf(brief))
  stowed.set(scene, { brief, stowed: made })
  return made
}

const NOTHING = { by: [], cannotStand: [], tooSmall: [] } as const

interface InAll {
  readonly amount: number
  readonly ifAllStood: number
  readonly by: readonly string[]
  readonly fallen: readonly string[]
}

/** How much of a need a scene has, if everything in it counts. */
function countOf(scene: Scene, brief: Brief, need: Need): number {
  if (need === 'seat') return placesToSit(scene, brief)
  if (need === 'table-seat') return tablePlacesOffered(scene)
  const { service } = NEED_TABLE[need]
  return service === undefined ? 0 : offered(scene, service) + (need === 'belt' ? cabBelts(scene) : 0)
}

/** What a scene has of a service in all: what cannot stand counts for nothing. */
function inAll(scene: Scene, brief: Brief, need: Need): InAll {
  const { service: type } = NEED_TABLE[need]
  const offering = scene.placed.filter(({ services }) => services.some((one) => one.type === type))
  const fallen = offering.filter((placed) => !canStand(scene, placed))
  const ifAllStood = countOf(scene, brief, need)
  // what is told of seats and tables is told of the scene as it would be without what cannot stand
  const amount =
    fallen.length === 0
      ? ifAllStood
      : countOf({ ...scene, placed: scene.placed.filter((one) => !fallen.includes(one)) }, brief, need)
  const ids = (those: readonly Placed[]): readonly string[] => those.map(({ id }) => id)
  return { amount, ifAllStood, by: ids(offering.filter((one) => !fallen.includes(one))), fallen: ids(fallen) }
}

/** What is asked for, in the unit that it is told in. */
function askedOf(demand: ResolvedDemand): Pick<NeedState, 'needed' | 'unit'> {
  const litres = demand.need === 'cold-box' ? coldAsked(demand) : undefined
  return litres === undefined
    ? { needed: demand.quantity, unit: demand.need === 'cold-box' ? 'count' : demand.unit }
    : { needed: litres, unit: 'litres' }
}

/** Demands of one need served in one scene, in their order: what went to one is not there for the next. */
function servedIn(scene: Scene, brief: Brief, demands: readonly ResolvedDemand[]): ReadonlyMap<string, Served> {
  const need = demands[0]?.need
  if (need === undefined) return new Map()
  const row = NEED_TABLE[need]
  switch (row.met) {
    case 'each-its-own':
      return need === 'outside-store' ? servedOutside(scene, demands) : servedOneByOne(scene, demands)
    case 'in-all':
    case 'litres': {
      const { amount, ifAllStood, by, fallen } = inAll(scene, brief, need)
      let [left, wouldBeLeft] = [amount, ifAllStood]
      return new Map(
        demands.map((demand): [string, Served] => {
          const { needed, unit } = askedOf(demand)
          // a cold box of whatever size is one
          const pieces = need === 'cold-box' && unit === 'count'
          const there = pieces ? Math.min(by.length, needed) : left
          const wouldBe = pieces ? Math.min(by.length + fallen.length, needed) : wouldBeLeft
          if (!pieces) [left, wouldBeLeft] = [Math.max(0, left - needed), Math.max(0, wouldBeLeft - needed)]
          return [
            demand.id,
            { ...NOTHING, amount: there, ifAllStood: wouldBe, by, cannotStand: there >= needed ? [] : fallen },
          ]
        }),
      )
    }
    case 'packed': {
      const { places, left } = stowedIn(scene, brief)
      const without = new Set(left.map(({ piece }) => piece.id))
      const byDemand = new Map<string, GearPiece[]>()
      for (const piece of piecesOf(brief))
        byDemand.set(piece.demandId, [...(byDemand.get(piece.demandId) ?? []), piece])
      return new Map(
        demands.map((demand): [string, Served] => {
          const pieces = byDemand.get(demand.id) ?? []
          const placed = pieces.filter(({ id }) => !without.has(id))
          const by = placed.flatMap(({ id }) => places.get(id) ?? [])
          // what has no size of its own takes no room
          const amount = pieces.length === 0 ? demand.quantity : placed.length
          return [demand.id, { ...NOTHING, amount, ifAllStood: amount, by }]
        }),
      )
    }
    case 'floor':
      return new Map()
  }
}

interface Held extends Served {
  readonly modeId: string
}

/** What a purpose has of a demand: in the best of its modes; on the road in the worst, as one travels in each of them. */
function heldIn(purpose: Purpose, served: readonly Held[]): Held | undefined {
  return served.reduce<Held | undefined>((chosen, one) => {
    if (chosen === undefined) return one
    return (purpose === 'driving' ? one.amount < chosen.amount : one.amount > chosen.amount) ? one : chosen
  }, undefined)
}

function stateOf(demand: ResolvedDemand, worst: Held): NeedState {
  const { needed, unit } = askedOf(demand)
  const { amount, ifAllStood, by, cannotStand, tooSmall, modeId } = worst
  const least = (NEED_TABLE[demand.need].enough?.(demand) ?? 1) * needed
  const enough = amount >= least
  const there = cannotStand.length > 0 || tooSmall.length > 0
  return {
    demand,
    needed,
    offered: amount,
    ifAllStood,
    wouldDo: ifAllStood >= least,
    unit,
    state: enough ? 'met' : amount > 0 ? 'short' : there ? 'there-but' : 'missing',
    modeId,
    by,
    cannotStand,
    tooSmall,
  }
}

/**
 * Every demand of a brief, biggest first, held against the scenes of one plan: the one answer to whether a need is met. A purpose
 * that the plan has no mode for says nothing.
 */
export function needStates(brief: Brief, scenes: readonly Scene[]): readonly NeedState[] {
  const demands = demandsOf(brief)
  const byNeed = new Map<Need, ResolvedDemand[]>()
  for (const demand of demands) byNeed.set(demand.need, [...(byNeed.get(demand.need) ?? []), demand])
  const states = new Map<string, NeedState>()
  for (const those of byNeed.values()) {
    const held = new Map<string, Held[]>()
    for (const purpose of [...new Set(those.flatMap(({ purposes }) => purposes))]) {
      const asking = those.filter(({ purposes }) => purposes.includes(purpose))
      const inModes = scenes
        .filter((scene) => scene.purpose === purpose)
        .map((scene) => ({ modeId: scene.modeId, served: servedIn(scene, brief, asking) }))
      for (const { id } of asking) {
        const all = inModes.flatMap(({ modeId, served }) => {
          const own = served.get(id)
          return own === undefined ? [] : [{ ...own, modeId }]
        })
        const best = heldIn(purpose, all)
        if (best !== undefined) held.set(id, [...(held.get(id) ?? []), best])
      }
    }
    for (const demand of those) {
      const worst = (held.get(demand.id) ?? []).reduce<Held | undefined>(
        (least, one) => (least === undefined || one.amount < least.amount ? one : least),
        undefined,
      )
      const nothing = {
        ...askedOf(demand),
        ...NOTHING,
        offered: 0,
        ifAllStood: 0,
        wouldDo: false,
        modeId: undefined,
        state: 'cannot-tell',
      } as const
      states.set(demand.id, worst === undefined ? { demand, ...nothing } : stateOf(demand, worst))
    }
  }
  return demands.map(({ id }) => known(states.get(id), `demand “${id}”`))
}
