import type { Need } from '../brief'
import type { FittingKind, Parameters } from './contract'
import { bedFixed } from './kinds/bed-fixed'
import { benchBelted } from './kinds/bench-belted'
import { coldBox } from './kinds/cold-box'
import { desk } from './kinds/desk'
import { galley } from './kinds/galley'
import { locker } from './kinds/locker'
import { loungeBed } from './kinds/lounge-bed'
import { toiletBox } from './kinds/toilet-box'
import { wardrobe } from './kinds/wardrobe'
import { waterTank } from './kinds/water-tank'
import { wetCubicle } from './kinds/wet-cubicle'

/** Every kind there is, sorted by id; a test keeps this list equal to the folder. */
export const KINDS = [
  bedFixed,
  benchBelted,
  coldBox,
  desk,
  galley,
  locker,
  loungeBed,
  toiletBox,
  wardrobe,
  waterTank,
  wetCubicle,
] as const satisfies readonly FittingKind[]

const byId: ReadonlyMap<string, FittingKind> = new Map(KINDS.map((kind) => [kind.id, kind]))

export const isKind = (id: string): boolean => byId.has(id)

/** @throws RangeError if there is no such kind. */
export function kindOf(id: string): FittingKind {
  const kind = byId.get(id)
  if (kind === undefined) throw new RangeError(`there is no fitting kind “${id}”`)
  return kind
}

/** A kind's parameters at their defaults. */
export const defaultsOf = (kind: FittingKind): Parameters => kind.parameters.parse({}) as Parameters

/** The kind that meets a need when its demand is dragged onto the drawing; undefined where no kind does yet. */
export function kindFor(need: Need): FittingKind | undefined {
  const first: Partial<Record<Need, string>> = {
    berth: 'bed-fixed',
    belt: 'bench-belted',
    'table-seat': 'lounge-bed',
    toilet: 'toilet-box',
    shower: 'wet-cubicle',
    hob: 'galley',
    'cold-box': 'cold-box',
    desk: 'desk',
    stowage: 'wardrobe',
    water: 'water-tank',
    seat: 'lounge-bed',
    basin: 'galley',
  }
  const id = first[need]
  return id === undefined ? undefined : kindOf(id)
}
